import type { JobBoard } from '@lochmoor/contract'
import { emptyJob } from '@lochmoor/core'
import { act, fireEvent, render, screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { BrowserRouter, MemoryRouter, Route, Routes } from 'react-router'
import { reply, sitHere } from '../test/session.ts'
import { JobsPage } from './JobsPage.tsx'

const show = (path = '/jobs') => {
  window.history.replaceState(null, '', path)
  return render(
    <BrowserRouter>
      <JobsPage />
    </BrowserRouter>,
  )
}
const byState = { asked: 0, surveyed: 1, designed: 0, 'parts-ordered': 0, 'in-build': 0, started: 0, 'handed-over': 0 }
const job: JobBoard['jobs'][number] = {
  id: '3f0c6a52-8a0e-4b60-8a53-2f6f2b1c9d11',
  title: 'Aldmoor Curlew GT',
  year: 1969,
  savedAt: '2026-01-02T10:00:00.000Z',
  stateSince: '2026-01-02T10:00:00.000Z',
  archivedAt: null,
  workVersion: 4,
  work: { ...emptyJob('').work, state: 'surveyed', personId: null, heldBy: 'paint', built: [] },
  nextAction: 'Repair first: New strap',
  repairs: ['New strap', 'Seal the joint'],
  stations: [{ station: 'walkAround', stage: 'judged', verdict: 'stop' }],
}
const empty = { jobs: [], total: 0, page: 1, size: 25, byState: { ...byState, surveyed: 0 } }

/** Answers by path; remembers what was asked. */
const serve = (board: JobBoard | (() => Promise<Response>)) => {
  const asked: [string, string, unknown][] = []
  globalThis.fetch = (url, init) => {
    const path = url as string
    asked.push([init?.method ?? 'GET', path, init?.body ? JSON.parse(init.body as string) : null])
    if (path.includes('colleagues')) return reply(200, [])
    if (init?.method === 'PUT') return reply(200, { version: 5, savedAt: job.savedAt })
    return typeof board === 'function' ? board() : reply(200, board)
  }
  return asked
}
beforeEach(() => sitHere())

describe('board of jobs', () => {
  it('shows what to do next, what it is on hold for, repairs ahead of all, and leads to the job', async () => {
    serve({ jobs: [job], total: 1, page: 1, size: 25, byState })
    show()
    const link = await screen.findByRole('link', { name: 'Aldmoor Curlew GT' })
    expect(link.getAttribute('href')).toBe(`/jobs/${job.id}`)
    expect(screen.getByText(/Repair first: New strap/).textContent).toContain('and 1 more repair')
    expect(screen.getByText('paint')).toBeTruthy()
    expect(screen.getByRole('button', { name: /1\s*Surveyed/ })).toBeTruthy()
  })

  it('moves a job on by writing its work section at the version shown', async () => {
    const asked = serve({ jobs: [job], total: 1, page: 1, size: 25, byState })
    show()
    await userEvent.selectOptions(await screen.findByLabelText('State of Aldmoor Curlew GT'), 'designed')
    await waitFor(() =>
      expect(asked).toContainEqual([
        'PUT',
        `/api/jobs/${job.id}/sections/work`,
        { baseVersion: 4, value: { ...job.work, state: 'designed' } },
      ]),
    )
  })

  it('past the order only by way of what stands against it: it leads there, and nothing is written', async () => {
    const asked = serve({ jobs: [job], total: 1, page: 1, size: 25, byState })
    render(
      <MemoryRouter initialEntries={['/jobs']}>
        <Routes>
          <Route path="/jobs" element={<JobsPage />} />
          <Route path="/jobs/:id/fuel/order" element={<p>the order</p>} />
        </Routes>
      </MemoryRouter>,
    )
    await userEvent.selectOptions(await screen.findByLabelText('State of Aldmoor Curlew GT'), 'in-build')
    expect(await screen.findByText('the order')).toBeTruthy()
    expect(asked.some(([method]) => method === 'PUT')).toBe(false)
  })

  it('asks the server for what the filters say and keeps them in the address', async () => {
    const asked = serve({ jobs: [job], total: 1, page: 1, size: 25, byState })
    show('/jobs?state=surveyed&sort=days')
    await screen.findByRole('link', { name: /Aldmoor/ })
    expect(asked[0]![1]).toMatch(/state=surveyed.*sort=days/)
    await userEvent.click(screen.getByRole('button', { name: /Surveyed/ }))
    await waitFor(() => expect(asked.filter(([, p]) => p.startsWith('/api/jobs?')).at(-1)![1]).not.toMatch(/state=/))
  })

  it('a press that comes before the one ahead of it is drawn takes nothing of it back', async () => {
    serve({ jobs: [job], total: 1, page: 1, size: 25, byState })
    show('/jobs?state=surveyed&page=2')
    await screen.findByRole('link', { name: /Aldmoor/ })
    act(() => {
      fireEvent.click(screen.getByRole('button', { name: /Surveyed/ }))
      fireEvent.change(screen.getByLabelText('Sort by'), { target: { value: 'title' } })
    })
    expect(window.location.search).toBe('?sort=title&direction=up')
  })

  it('an empty board says what to do, an empty answer to filters says that', async () => {
    serve(empty)
    const { unmount } = show()
    expect(await screen.findByText(/No jobs yet. Give the car a name/)).toBeTruthy()
    unmount()
    show('/jobs?search=zzz')
    expect(await screen.findByText(/No jobs match these filters/)).toBeTruthy()
  })

  it('says when the server is away and fetches again when asked', async () => {
    serve(() => Promise.reject(new TypeError('away')))
    show()
    expect((await screen.findByRole('alert')).textContent).toContain('The server is not answering')
    serve({ jobs: [job], total: 1, page: 1, size: 25, byState })
    await userEvent.click(screen.getByRole('button', { name: 'Try again' }))
    expect(await screen.findByRole('link', { name: /Aldmoor/ })).toBeTruthy()
  })

  it('shows why a new job was refused, and keeps the name', async () => {
    serve(empty)
    show()
    await screen.findByText(/No jobs yet/)
    serve(() => reply(503, { code: 'databaseAway', message: 'The database is not answering; nothing was stored.' }))
    await userEvent.type(screen.getByLabelText('Name of the car'), 'Thornkeld')
    await userEvent.click(screen.getByRole('button', { name: 'New job' }))
    expect((await screen.findByRole('alert')).textContent).toContain('The database is not answering')
    expect(screen.getByLabelText<HTMLInputElement>('Name of the car').value).toBe('Thornkeld')
  })

  it('a file that is no JSON is refused by its name', async () => {
    serve(empty)
    show()
    await userEvent.upload(
      screen.getByLabelText('Job file'),
      new File(['hello'], 'song.json', { type: 'application/json' }),
    )
    expect((await screen.findByRole('alert')).textContent).toMatch(/song\.json is not JSON/)
  })
})
