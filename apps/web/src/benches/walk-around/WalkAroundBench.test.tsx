import 'fake-indexeddb/auto'
import { emptyJob, withValueAt, type JobDocument } from '@lochmoor/core'
import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useCatalogue } from '../../store/catalogueStore.ts'
import { initialJobState, useJobStore } from '../../store/jobStore.ts'
import { outbox } from '../../store/outbox.ts'
import { stopSending } from '../../store/sending.ts'
import { catalogue } from '../../test/jobs.ts'
import { openBench } from '../../test/openBench.tsx'
import { sitAsGuest, sitHere } from '../../test/session.ts'
import { WalkAroundBench } from './WalkAroundBench.tsx'

const JOB = '3f0c6a52-8a0e-4b60-8a53-2f6f2b1c9d11'
beforeAll(() => {
  globalThis.fetch = () => Promise.reject(new TypeError('no server in this test'))
  Element.prototype.scrollIntoView = () => undefined
})
beforeEach(async () => {
  sitHere()
  await outbox.load()
  for (const e of outbox.ofJob(JOB)) outbox.remove(e.key)
})
afterEach(stopSending)

const open = (entries: Record<string, unknown> = {}) => {
  const job = Object.entries(entries).reduce<JobDocument>((j, [p, v]) => withValueAt(j, p, v), emptyJob('Car'))
  useCatalogue.setState({ catalogue })
  useJobStore.setState({ ...initialJobState, jobId: JOB, document: job }, true)
  openBench(<WalkAroundBench />, 'walk-around')
}
const headline = () => screen.getByRole('status', { name: 'Assessment in brief' }).textContent
const records = () => outbox.ofJob(JOB).flatMap((e) => (e.kind === 'record' ? [e.record.body] : []))
const walk = () => useJobStore.getState().document!.walkAround

describe('walk-around', () => {
  it('of an untouched car says that nobody knows, and what to measure first', () => {
    open()
    expect(headline()).toMatch(/Not checked.*Not known yet.*Next: (measure|enter)/)
    expect(within(screen.getByRole('region', { name: 'Still to measure' })).getByText('Most needed')).toBeTruthy()
  })

  it('a figure entered in any unit feeds the computation and stands in the job log', async () => {
    open({ 'vehicle.cylinders': 6 })
    await userEvent.type(screen.getByLabelText('Bore'), '3 11/16 in')
    await userEvent.tab()
    expect(walk().engine.boreM).toBeCloseTo(0.0936625, 7)
    await userEvent.type(screen.getByLabelText('Stroke'), '72,2')
    await userEvent.tab()
    expect(records()).toEqual([
      expect.objectContaining({ quantity: 'Bore', text: '3 11/16 in', field: 'walkAround.engine.boreM' }),
      expect.objectContaining({ quantity: 'Stroke', text: '72,2 mm', si: expect.closeTo(0.0722, 9) }),
    ])
    expect(within(screen.getByRole('region', { name: 'Derived figures' })).getByText(/2\.98.L/)).toBeTruthy()
  })

  it('asks what an ambiguous entry means instead of guessing', async () => {
    open()
    const tank = screen.getByLabelText('Tank capacity')
    await userEvent.type(tank, '12 gal')
    expect(walk().tank.volumeM3).toBeNull()
    await userEvent.click(screen.getByRole('button', { name: '12 imp gal?' }))
    expect(walk().tank.volumeM3).toBeCloseTo(12 * 4.54609e-3, 9)
  })

  it('a word chosen is a record too; a test that fails says repair first, and why', async () => {
    open()
    await userEvent.click(screen.getByRole('link', { name: /Tests/ }))
    await userEvent.selectOptions(screen.getByLabelText('Tank inside'), 'rust')
    expect(headline()).toMatch(/Repair first/)
    expect(screen.getByText(/Rust blocks the strainer/)).toBeTruthy()
    expect(screen.getByText(/circulates its whole flow/)).toBeTruthy()
    expect(records()).toEqual([expect.objectContaining({ quantity: 'Tank inside', text: 'Rust', si: null })])
  })

  it('keeps a firing order that does not fit, with the reason, and names companions of one that does', async () => {
    open({ 'vehicle.cylinders': 4 })
    const field = screen.getByLabelText('Firing order')
    await userEvent.type(field, '1-3-4')
    expect(screen.getByText(/3 cylinders are named; the engine has 4/)).toBeTruthy()
    await userEvent.type(field, '-2')
    expect(screen.getByText('1+4, 3+2')).toBeTruthy()
  })

  it('a compression test has a field for each cylinder', async () => {
    open({ 'vehicle.cylinders': 3 })
    await userEvent.click(screen.getByRole('link', { name: /Tests/ }))
    const fields = screen.getAllByLabelText('Cylinder 2')
    await userEvent.type(fields[0]!, '150 psi')
    await userEvent.tab()
    expect(walk().tests.compressionPa).toEqual([null, expect.closeTo(150 * 6894.757293168361, 3), null])
    expect(records()[0]).toMatchObject({ field: 'walkAround.tests.compressionPa.1', text: '150 psi' })
  })

  it('the plan leads to the entries of a part', async () => {
    open()
    await userEvent.click(screen.getByRole('button', { name: /^Tank: 0 of 11 known/ }))
    expect(document.getElementById('group-tank')).toHaveProperty('open', true)
  })

  it('a guest reads and enters nothing', () => {
    sitAsGuest(JOB)
    open({ 'vehicle.cylinders': 4 })
    expect(screen.getByLabelText<HTMLInputElement>('Bore').matches(':disabled')).toBe(true)
  })
})
