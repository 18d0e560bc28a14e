import { render, screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { MemoryRouter, Route, Routes } from 'react-router'
import { useCatalogue } from '../store/catalogueStore.ts'
import { catalogue } from '../test/jobs.ts'
import { reply, sitAsGuest, sitHere } from '../test/session.ts'
import { CataloguePage } from './CataloguePage.tsx'

const own = { ...catalogue.hoses[0]!, id: 'own-reel', name: 'Reel' }
const asked: { method: string; path: string; body: unknown }[] = []
let answers: Record<string, [status: number, body: unknown]> = {}

beforeEach(() => {
  sitHere()
  asked.length = 0
  answers = {}
  globalThis.fetch = (path, init) => {
    const method = init?.method ?? 'GET'
    asked.push({ method, path: path as string, body: init?.body ? JSON.parse(init.body as string) : null })
    const [status, body] = answers[`${method} ${path as string}`] ?? [200, { done: true }]
    return reply(status, body)
  }
  useCatalogue.setState({ catalogue: { ...catalogue, hoses: [...catalogue.hoses, own] } })
})

const open = (kind: string) =>
  render(
    <MemoryRouter initialEntries={[`/catalogue/${kind}`]}>
      <Routes>
        <Route path="catalogue/:kind?" element={<CataloguePage />} />
      </Routes>
    </MemoryRouter>,
  )
const dialog = () => within(screen.getByRole('dialog'))
const rows = () => screen.getAllByRole('row').length - 1

describe('catalogue', () => {
  it('is searched by words in any order, and by whose part it is', async () => {
    open('hoses')
    expect(rows()).toBe(3)
    await userEvent.type(screen.getByLabelText('Search the parts'), 'lined 9')
    expect(screen.getByRole('button', { name: 'Hose 9' })).toBeTruthy()
    await userEvent.clear(screen.getByLabelText('Search the parts'))
    await userEvent.click(screen.getByLabelText('Only our own'))
    expect(rows()).toBe(1)
    await userEvent.type(screen.getByLabelText('Search the parts'), 'nothing')
    expect(screen.getByText('No hose or tube matches this search.')).toBeTruthy()
  })

  it('a part of the stock is kept under changes as our own', async () => {
    answers['GET /api/catalogue/hoses/7/uses'] = [200, { jobs: [] }]
    answers['GET /api/catalogue'] = [200, useCatalogue.getState().catalogue]
    open('hoses')
    await userEvent.click(screen.getByRole('button', { name: 'Hose 7' }))
    expect(dialog().getByText(/Ships with Lochmoor and stays as it is/)).toBeTruthy()
    await userEvent.clear(dialog().getByLabelText('name'))
    await userEvent.type(dialog().getByLabelText('name'), 'Hose 7, fleet')
    await userEvent.clear(dialog().getByLabelText('bore mm'))
    await userEvent.type(dialog().getByLabelText('bore mm'), '7.2')
    await userEvent.click(dialog().getByRole('button', { name: 'Save as our own' }))
    expect(asked.find((a) => a.method === 'PUT')).toMatchObject({
      path: '/api/catalogue/hoses/own-hose-7-fleet',
      body: { id: 'own-hose-7-fleet', name: 'Hose 7, fleet', boreM: 0.0072, mostPressurePa: 2e6 },
    })
  })

  it('bad entries are named where they stand and nothing is sent; what was typed stays', async () => {
    open('hoses')
    await userEvent.click(screen.getByRole('button', { name: /Add a hose or tube/ }))
    await userEvent.type(dialog().getByLabelText('bore mm'), 'wide')
    await userEvent.click(dialog().getByRole('button', { name: 'Save as our own' }))
    expect(dialog().getByText('“wide” is not allowed: a number, 0.5 to 100 mm.')).toBeTruthy()
    expect(dialog().getByRole('alert').textContent).toMatch(/entries are not allowed/)
    expect(dialog().getByLabelText<HTMLInputElement>('bore mm').value).toBe('wide')
    expect(asked.filter((a) => a.method === 'PUT')).toEqual([])
  })

  it('says which jobs use a part, which differ, and why one in use stays', async () => {
    answers['GET /api/catalogue/hoses/own-reel/uses'] = [
      200,
      {
        jobs: [
          { id: 'a', title: 'Fellside pickup', differs: true },
          { id: 'b', title: 'Moor van', differs: false },
        ],
      },
    ]
    answers['DELETE /api/catalogue/hoses/own-reel'] = [
      409,
      { code: 'partInUse', message: 'In use by Fellside pickup: a part in use cannot vanish.' },
    ]
    open('hoses')
    await userEvent.click(screen.getByRole('button', { name: 'Reel (our own)' }))
    const uses = within(await dialog().findByRole('region', { name: 'Jobs that use it' }))
    expect((await uses.findByText(/Fellside pickup/)).textContent).toContain('differs from the catalogue')
    expect(uses.getByText('Moor van')).toBeTruthy()
    await userEvent.click(dialog().getByRole('button', { name: 'Remove from the catalogue' }))
    expect((await uses.findByRole('alert')).textContent).toContain('cannot vanish')
  })

  it('a doubtful curve is doubted and a wrong one refused', async () => {
    open('pumps')
    await userEvent.click(screen.getByRole('button', { name: /Add a pump/ }))
    const type = async (label: string, text: string) => {
      await userEvent.clear(dialog().getByLabelText(label))
      await userEvent.type(dialog().getByLabelText(label), text)
    }
    await type('name', 'Litres a minute')
    await type('price class', '2')
    await userEvent.selectOptions(dialog().getByLabelText('mount'), 'in-line')
    await type('first table at V', '13.5')
    await type('first table kPa:L/h:A', '0:9600:4 300:6600:6')
    expect(dialog().getByText(/Doubtful: first table, point 2, flow/)).toBeTruthy()
    expect(dialog().getByRole('button', { name: 'Save as our own' }).hasAttribute('disabled')).toBe(false)
    await type('first table kPa:L/h:A', '0:96:4 300:120:6')
    expect(dialog().getByText(/Wrong: first table, point 2, flow/)).toBeTruthy()
    expect(dialog().getByRole('button', { name: 'Save as our own' }).hasAttribute('disabled')).toBe(true)
  })

  it('a guest looks and changes nothing; an unknown kind is no page', async () => {
    sitAsGuest('a')
    open('hoses')
    expect(screen.queryByRole('button', { name: /Add a/ })).toBeNull()
    await userEvent.click(screen.getByRole('button', { name: 'Hose 7' }))
    expect(dialog().getByLabelText('bore mm').matches(':disabled')).toBe(true)
    expect(asked).toEqual([])
    open('carburettors')
    expect(screen.getByRole('heading', { name: 'There is no such page', hidden: true })).toBeTruthy()
  })
})
