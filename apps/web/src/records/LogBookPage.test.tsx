import 'fake-indexeddb/auto'
import { SECTION_NAMES } from '@lochmoor/contract'
import { emptyJob, emptyLeg, withValueAt, type JobDocument, type LogRecord } from '@lochmoor/core'
import { act, render, screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { forgetAlong } from '../store/along.ts'
import { initialJobState, useJobStore, type JobState } from '../store/jobStore.ts'
import { outbox } from '../store/outbox.ts'
import { stopSending } from '../store/sending.ts'
import { setUnitPreset } from '../store/preferences.ts'
import { nothingWaits } from '../test/nothingWaits.ts'
import { reply, sitAsGuest, sitHere } from '../test/session.ts'
import { LogBookPage } from './LogBookPage.tsx'

const JOB = '3f0c6a52-8a0e-4b60-8a53-2f6f2b1c9d11'
const FIELD = 'walkAround.tests.restingV'
const id = (n: number) => `b2e4d3c5-6f7c-4819-8b2c-00000000000${n}`
const entry = (n: number, body: LogRecord['body'], more: Partial<LogRecord> = {}): LogRecord => ({
  id: id(n),
  at: `2026-02-0${n}T08:00:00.000Z`,
  importedBy: null,
  storedAt: `2026-02-0${n}T08:00:01.000Z`,
  who: 'Tobin Raithe',
  body,
  corrects: null,
  withdraws: false,
  ...more,
})
const volts = (si: number): LogRecord['body'] => ({
  kind: 'measurement',
  quantity: 'Battery at rest, after a night',
  si,
  family: 'voltage',
  text: `${si} V`,
  field: FIELD,
  place: 'posts',
  condition: '',
  instrument: 'meter',
})
const book = [
  entry(3, volts(12.6), { corrects: id(2) }),
  entry(2, volts(12.1)),
  entry(1, { kind: 'note', text: 'Blows at the joint.' }),
]

const acknowledgedOf = (job: JobDocument) =>
  Object.fromEntries(SECTION_NAMES.map((s) => [s, { version: 1, value: job[s] }])) as JobState['acknowledged']

const asked: string[] = []
const open = (records: LogRecord[] = book, restingV: number | null = 12.6) => {
  asked.length = 0
  globalThis.fetch = (url, init) => {
    const path = url as string
    if (init?.method !== 'GET') return Promise.reject(new TypeError('away'))
    asked.push(path)
    const kind = /kind=(\w+)/.exec(path)?.[1]
    const shown = records.filter((r) => !kind || r.body.kind === kind)
    return reply(200, { records: shown, total: shown.length, next: null })
  }
  useJobStore.setState(
    { ...initialJobState, jobId: JOB, document: withValueAt(emptyJob('Car'), FIELD, restingV) },
    true,
  )
  render(<LogBookPage />)
}
const rows = () => within(screen.getByRole('region', { name: 'Job log' })).getAllByRole('listitem')

beforeEach(async () => {
  sitHere()
  setUnitPreset('metric')
  await nothingWaits(JOB)
})
afterEach(stopSending)

describe('job log', () => {
  it('shows what counts, what was corrected, and what corrects it', async () => {
    open()
    await screen.findByText('Blows at the joint.')
    expect(rows().map((r) => [/in use/.test(r.textContent), /corrected later/.test(r.textContent)])).toEqual([
      [true, false],
      [false, true],
      [false, false],
    ])
    expect(rows()[0]!.textContent).toMatch(/Corrects the entry of 2 Feb 2026.*12\.1 V/)
    expect(within(rows()[1]!).queryByRole('button', { name: /^Correct/ })).toBeNull()
  })

  it('an entry stands in the book at once, marked until it is sent', async () => {
    open()
    await screen.findByText('Blows at the joint.')
    await userEvent.type(screen.getByLabelText('What was seen or said'), 'Drips under the tank')
    await userEvent.click(screen.getByRole('button', { name: 'Add entry' }))
    await waitFor(() => expect(rows()[0]!.textContent).toMatch(/saved here, not sent.*Drips under the tank/))
    expect(screen.getByText('4 entries')).toBeTruthy()
  })

  it('a correction of a measurement feeds the computation and points at the old entry', async () => {
    open([entry(2, volts(12.1))], 12.1)
    await userEvent.click(await screen.findByRole('button', { name: /^Correct: Battery at rest/ }))
    const form = within(screen.getByRole('complementary', { name: 'New entry' }))
    expect(form.getByLabelText<HTMLInputElement>('Instrument').value).toBe('meter')
    await userEvent.type(form.getByLabelText(/^Value/), '12,48')
    expect(form.getByText(/= 12\.48.V/)).toBeTruthy()
    await userEvent.click(form.getByRole('button', { name: 'Add entry' }))
    expect(useJobStore.getState().document!.walkAround.tests.restingV).toBe(12.48)
    const [record] = outbox.ofJob(JOB).flatMap((e) => (e.kind === 'record' ? [e.record] : []))
    expect(record).toMatchObject({ corrects: id(2), withdraws: false, body: { si: 12.48, field: FIELD } })
  })

  it('withdrawing the only measurement makes the figure unknown again', async () => {
    open([entry(2, volts(12.1))], 12.1)
    await userEvent.click(await screen.findByRole('button', { name: /^Correct: Battery at rest/ }))
    await userEvent.click(screen.getByRole('button', { name: 'Void entry' }))
    await waitFor(() => expect(useJobStore.getState().document!.walkAround.tests.restingV).toBeNull())
  })

  it('a measurement of something else stands only in the book, with its kind of figure', async () => {
    open([])
    await screen.findByText(/Nothing here yet/)
    await userEvent.click(screen.getByRole('button', { name: 'Measurement' }))
    await userEvent.selectOptions(screen.getByLabelText('Of'), 'free')
    await userEvent.type(screen.getByLabelText('What was measured'), 'Sump temperature')
    await userEvent.selectOptions(screen.getByLabelText('Kind of figure'), 'temperature')
    const value = screen.getByLabelText(/^Value/)
    await userEvent.type(value, '12 gal')
    expect(screen.getByText(/unit "gal" is not one that fits here/)).toBeTruthy()
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Add entry' }).disabled).toBe(true)
    await userEvent.clear(value)
    await userEvent.type(value, '194 F')
    await userEvent.click(screen.getByRole('button', { name: 'Add entry' }))
    const [record] = outbox.ofJob(JOB).flatMap((e) => (e.kind === 'record' ? [e.record.body] : []))
    expect(record).toMatchObject({
      quantity: 'Sump temperature',
      field: null,
      text: '194 F',
      si: expect.closeTo(363.15, 6),
    })
  })

  it('a decision wants its reason', async () => {
    open([])
    await screen.findByText(/Nothing here yet/)
    await userEvent.click(screen.getByRole('button', { name: 'Decision' }))
    const enter = screen.getByRole<HTMLButtonElement>('button', { name: 'Add entry' })
    await userEvent.type(screen.getByLabelText('Decided'), 'Ports')
    expect(enter.disabled).toBe(true)
    await userEvent.type(screen.getByLabelText('Because'), 'Separate runners')
    expect(enter.disabled).toBe(false)
  })

  it('asks the server for kind and words', async () => {
    open()
    await screen.findByText('Blows at the joint.')
    await userEvent.selectOptions(screen.getByLabelText('Kind of entry'), 'note')
    await waitFor(() => expect(rows()).toHaveLength(1))
    await userEvent.type(screen.getByLabelText('Search the job log'), 'joint')
    await waitFor(() => expect(asked.at(-1)).toMatch(/kind=note.*search=joint/))
  })

  it('a guest reads and writes nothing', async () => {
    sitAsGuest(JOB)
    open()
    await screen.findByText('Blows at the joint.')
    expect(screen.queryByRole('button', { name: /Correct|Enter/ })).toBeNull()
  })

  it('a book that cannot be fetched says so and is fetched again when asked', async () => {
    let away = false
    open()
    const answers = globalThis.fetch
    globalThis.fetch = (url, init) => (away ? Promise.reject(new TypeError('away')) : answers(url, init))
    await screen.findByText('Blows at the joint.')
    // Nothing is kept in the browser either: it would be shown.
    await forgetAlong()
    away = true
    act(() => useJobStore.setState({ bookTurn: 9 }))
    expect((await screen.findByRole('alert')).textContent).toContain('could not be loaded')
    away = false
    await userEvent.click(screen.getByRole('button', { name: 'Try again' }))
    await screen.findByText('Blows at the joint.')
    await waitFor(() => expect(screen.queryByRole('alert')).toBeNull())
  })

  describe('of a leg of a line', () => {
    const legs = (...list: [id: string, lengthM: number][]) =>
      withValueAt(
        emptyJob('Car'),
        'fuel.feed.legs',
        list.map(([legId, lengthM]) => ({ ...emptyLeg(legId, legId), lengthM })),
      )
    const measured = (field: string): LogRecord =>
      entry(4, { ...volts(0.6), quantity: 'Length', family: 'distance', text: '0.6 m', field } as LogRecord['body'])
    const openAt = (job: JobDocument, field: string) => {
      open([measured(field)])
      act(() => useJobStore.setState({ document: job, acknowledged: acknowledgedOf(job) }))
    }
    const correctTo = async (text: string) => {
      await userEvent.click(await screen.findByRole('button', { name: /^Correct: / }))
      await userEvent.clear(screen.getByLabelText(/^Value/))
      await userEvent.type(screen.getByLabelText(/^Value/), text)
      const button = screen.getByRole('button', { name: 'Add entry' })
      if (!button.hasAttribute('disabled')) await userEvent.click(button)
    }
    const lengths = () => useJobStore.getState().document!.fuel.feed.legs.map((l) => [l.id, l.lengthM])

    it('a correction finds it wherever it was moved', async () => {
      openAt(legs(['leg-far', 3.4], ['leg-near', 0.6]), 'fuel.feed.legs.leg-near.lengthM')
      await correctTo('0.7 m')
      expect(lengths()).toEqual([
        ['leg-far', 3.4],
        ['leg-near', 0.7],
      ])
    })
    it('a correction out of its range is refused with the range', async () => {
      openAt(legs(['leg-near', 0.6]), 'fuel.feed.legs.leg-near.lengthM')
      await correctTo('60 m')
      expect(screen.getByText(/60\.0.m is not allowed here: 0\.02.m to 20\.0.m/)).toBeTruthy()
      expect(lengths()).toEqual([['leg-near', 0.6]])
    })
    it.each(['fuel.feed.legs.leg-gone.lengthM', 'fuel.feed.legs.0.lengthM'])(
      'an entry whose leg is gone or cannot be told says so and is only read: %s',
      async (field) => {
        openAt(legs(['leg-near', 0.6]), field)
        expect(await screen.findByText('what it measured is no longer in the job')).toBeTruthy()
        expect(screen.queryByRole('button', { name: /^Correct/ })).toBeNull()
        expect(screen.queryByText('in use')).toBeNull()
      },
    )
  })
})
