import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { MemoryRouter } from 'react-router'
import { JobsPage } from './JobsPage.tsx'

const show = () =>
  render(
    <MemoryRouter>
      <JobsPage />
    </MemoryRouter>,
  )
const reply = (status: number, body: unknown) =>
  Promise.resolve({ ok: status < 400, status, text: () => Promise.resolve(JSON.stringify(body)) } as Response)
const job = {
  id: '3f0c6a52-8a0e-4b60-8a53-2f6f2b1c9d11',
  title: 'Aldmoor Curlew GT',
  year: 1969,
  savedAt: '2026-01-02T10:00:00.000Z',
  fuelState: 'stop',
}

describe('list of jobs', () => {
  it('shows each job with its state and leads to it', async () => {
    globalThis.fetch = () => reply(200, { workshop: 'Garage', jobs: [job] })
    show()
    const link = await screen.findByRole('link', { name: /Aldmoor Curlew GT/ })
    expect(link.getAttribute('href')).toBe(`/jobs/${job.id}`)
    expect(link.textContent).toMatch(/1969.*Fails.*2 Jan 2026/)
  })

  it('an empty list says what to do', async () => {
    globalThis.fetch = () => reply(200, { workshop: 'Garage', jobs: [] })
    show()
    expect(await screen.findByText(/No job yet. Give the car a name/)).toBeTruthy()
  })

  it('says when the server is away and fetches again when asked', async () => {
    globalThis.fetch = () => Promise.reject(new TypeError('away'))
    show()
    expect((await screen.findByRole('alert')).textContent).toContain('The server does not answer')
    globalThis.fetch = () => reply(200, { workshop: 'Garage', jobs: [job] })
    await userEvent.click(screen.getByRole('button', { name: 'Try again' }))
    expect(await screen.findByRole('link', { name: /Aldmoor/ })).toBeTruthy()
  })

  it('says when the server speaks another version', async () => {
    globalThis.fetch = () => reply(200, { list: [] })
    show()
    expect((await screen.findByRole('alert')).textContent).toContain('load the page again')
  })

  it('shows why a new job was refused, and keeps the name', async () => {
    globalThis.fetch = (_url, init) =>
      init?.method === 'POST'
        ? reply(503, { code: 'databaseAway', message: 'The database does not answer; nothing was stored.' })
        : reply(200, { workshop: 'Garage', jobs: [] })
    show()
    await userEvent.type(screen.getByLabelText('Name of the car'), 'Thornkeld')
    await userEvent.click(screen.getByRole('button', { name: 'New job' }))
    expect((await screen.findByRole('alert')).textContent).toContain('The database does not answer')
    expect(screen.getByLabelText<HTMLInputElement>('Name of the car').value).toBe('Thornkeld')
  })
})
