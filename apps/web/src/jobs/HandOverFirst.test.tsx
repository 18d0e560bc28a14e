import 'fake-indexeddb/auto'
import { emptyJob, type AcceptanceId, type JobDocument, type LogRecord } from '@lochmoor/core'
import { render, screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { MemoryRouter } from 'react-router'
import { initialJobState, useJobStore } from '../store/jobStore.ts'
import { outbox } from '../store/outbox.ts'
import { stopSending } from '../store/sending.ts'
import { nothingWaits } from '../test/nothingWaits.ts'
import { reply, sitHere } from '../test/session.ts'
import { HandOverFirst } from './HandOverFirst.tsx'

const JOB = '3f0c6a52-8a0e-4b60-8a53-2f6f2b1c9d11'
const USES = ['towing', 'shows'] as const
const TRIED: readonly AcceptanceId[] = ['towing', 'shows']

const job = (passed: readonly AcceptanceId[], uses: readonly (typeof USES)[number][] = USES): JobDocument => {
  const empty = emptyJob('Car')
  return { ...empty, system: { ...empty.system, uses: [...uses] }, work: { ...empty.work, state: 'started', passed: [...passed] } }
} // prettier-ignore
const forNow = (n: number, text: string, danger = false, more: Partial<LogRecord> = {}): LogRecord => ({
  id: `b2e4d3c5-6f7c-4819-8b2c-00000000000${n}`,
  at: `2026-02-0${n}T08:00:00.000Z`,
  storedAt: `2026-02-0${n}T08:00:01.000Z`,
  importedBy: null,
  who: 'Tobin Raithe',
  body: { kind: 'for-now', text, until: 'welded', danger },
  corrects: null,
  withdraws: false,
  ...more,
})

let freed = 0
/** Opens the gate of a job whose log has these entries, in pages of two. */
const open = (document: JobDocument, records: readonly LogRecord[] = [], status = 200) => {
  freed = 0
  globalThis.fetch = (url, init) => {
    if (init?.method !== 'GET') return Promise.reject(new TypeError('away'))
    if (status !== 200) return reply(status, { code: 'trouble', message: 'The disk is full.' })
    const from = records.findIndex((r) => (url as string).includes(r.id)) + 1
    const shown = records.slice(from, from + 2)
    const more = from + 2 < records.length
    return reply(200, { records: shown, total: records.length, next: more ? shown.at(-1)!.id : null })
  }
  useJobStore.setState({ ...initialJobState, jobId: JOB, document }, true)
  render(
    <MemoryRouter>
      <HandOverFirst onFree={() => freed++} />
    </MemoryRouter>,
  )
}
const entries = () => outbox.ofJob(JOB).flatMap((e) => (e.kind === 'record' ? [e.record.body] : []))
const passedNow = () => useJobStore.getState().document!.work.passed
const reason = () => screen.getByLabelText('Reason for handing over anyway')

beforeEach(async () => {
  sitHere()
  await nothingWaits(JOB)
})
afterEach(stopSending)

describe('what comes before hand-over', () => {
  it('with every test passed and nothing done for now one press is enough, and nothing is written', async () => {
    open(job(TRIED))
    await userEvent.click(await screen.findByRole('button', { name: 'Hand over' }))
    expect([freed, entries()]).toEqual([1, []])
  })
  it('a job with nothing to try is handed over as well', async () => {
    open(job([], []))
    expect(await screen.findByRole('button', { name: 'Hand over' })).toBeTruthy()
    expect(screen.queryByRole('group', { name: 'Tried and passed' })).toBeNull()
  })
  it('a test that has not passed asks for a reason, which the log keeps with the test’s name', async () => {
    open(job(['shows']))
    await userEvent.click(await screen.findByRole('button', { name: 'Hand over anyway' }))
    expect(freed).toBe(0)
    expect(screen.getByRole('alert').textContent).toMatch(/Say why/)
    await userEvent.type(reason(), 'No trailer here')
    await userEvent.click(screen.getByRole('button', { name: 'Hand over anyway' }))
    expect(freed).toBe(1)
    expect(entries()).toEqual([
      {
        kind: 'decision',
        text: 'Handed over in spite of: not passed: a long hill with the trailer',
        reason: 'No trailer here',
      },
    ])
  })
  it('blanks are no reason', async () => {
    open(job([]))
    await userEvent.type(await screen.findByLabelText('Reason for handing over anyway'), '   ')
    await userEvent.click(screen.getByRole('button', { name: 'Hand over anyway' }))
    expect([freed, entries()]).toEqual([0, []])
  })
  it('a tick is kept in the job, taken out again, and the last one frees hand-over', async () => {
    open(job(['shows']))
    const tests = within(await screen.findByRole('group', { name: 'Tried and passed' }))
    const [towing, shows] = tests.getAllByRole<HTMLInputElement>('checkbox')
    expect([towing!.checked, shows!.checked]).toEqual([false, true])
    await userEvent.click(towing!)
    expect(passedNow()).toEqual(['shows', 'towing'])
    expect(screen.getByRole('button', { name: 'Hand over' })).toBeTruthy()
    await userEvent.click(shows!)
    expect(passedNow()).toEqual(['towing'])
    expect(screen.getByRole('button', { name: 'Hand over anyway' })).toBeTruthy()
  })
  it('what was done for now is named, and held against it until it is put right', async () => {
    open(job(TRIED), [forNow(2, 'Clamp at the joint'), forNow(1, 'Tape on the loom')])
    const list = within(await screen.findByRole('list', { name: 'Done for now' }))
    expect(list.getAllByRole('listitem').map((l) => l.textContent)).toEqual([
      'Done for now: Tape on the loom',
      'Done for now: Clamp at the joint',
    ])
    expect(screen.getByText(/^2 points are against handing over now/)).toBeTruthy()
  })
  it('corrected or voided it is held against nothing', async () => {
    const [first, second] = [forNow(1, 'Clamp'), forNow(2, 'Tape')]
    const note: LogRecord['body'] = { kind: 'note', text: 'Welded' }
    open(job(TRIED), [
      forNow(4, '', false, { body: second.body, corrects: second.id, withdraws: true }),
      forNow(3, '', false, { body: note, corrects: first.id }),
      second,
      first,
    ])
    expect(await screen.findByRole('button', { name: 'Hand over' })).toBeTruthy()
  })
  it('a danger is never handed over, whatever reason there would be, be it on the last page of the log', async () => {
    open(job(TRIED), [forNow(4, 'Tape'), forNow(3, 'Clamp'), forNow(2, 'Strap'), forNow(1, 'Petrol drips on the manifold', true)])
    expect((await screen.findByText(/^Not handed over/)).textContent).toBe(
      'Not handed over: Petrol drips on the manifold. A danger is put right first.',
    )
    expect(screen.queryByRole('button')).toBeNull()
    expect(screen.getByRole('link', { name: 'Job log' })).toBeTruthy()
  })
  it('a log that cannot be asked says why, and nothing is handed over', async () => {
    open(job(TRIED), [], 500)
    expect((await screen.findByText(/could not be asked/)).textContent).toMatch(/done for now: .*disk is full/)
    expect(screen.queryByRole('button')).toBeNull()
  })
  it('more than an entry holds is cut with a mark that it was', async () => {
    const many = Array.from({ length: 9 }, (_, i) => forNow(i + 1, `${i + 1}: ${'a long story '.repeat(20)}`))
    open(job(TRIED), [...many].reverse())
    await userEvent.type(await screen.findByLabelText('Reason for handing over anyway'), 'He needs it')
    await userEvent.click(screen.getByRole('button', { name: 'Hand over anyway' }))
    const [entry] = entries() as { text: string }[]
    expect([entry!.text.length, entry!.text.at(-1)]).toEqual([1000, '…'])
  })
}) // prettier-ignore
