import 'fake-indexeddb/auto'
import { emptyJob, withValueAt, type ControllerPart, type JobDocument } from '@lochmoor/core'
import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useCatalogue } from '../../store/catalogueStore.ts'
import { initialJobState, useJobStore } from '../../store/jobStore.ts'
import { outbox } from '../../store/outbox.ts'
import { stopSending } from '../../store/sending.ts'
import { catalogue } from '../../test/jobs.ts'
import { sitHere } from '../../test/session.ts'
import { openBench } from '../../test/openBench.tsx'
import { SystemBench } from './SystemBench.tsx'

const JOB = '3f0c6a52-8a0e-4b60-8a53-2f6f2b1c9d11'
const controller: ControllerPart = {
  id: 'c',
  name: 'Controller c',
  priceClass: 2,
  injectorDrivers: 8,
  ignitionOutputs: 8,
  switchedOutputs: 8,
  idleValve: true,
  tachOutput: true,
  triggerInputs: 2,
  analogueInputs: 8,
  oxygenSensors: 2,
  sequential: true,
  gearbox: false,
  leastV: null,
  rideThroughS: null,
  pinout: null,
  digitalInputs: null,
  knockInput: null,
  connectors: null,
  revision: null,
  pumpSwitch: null,
  marketSwitch: null,
}
beforeAll(() => {
  globalThis.fetch = () => Promise.reject(new TypeError('no server in this test'))
})
beforeEach(() => sitHere())
afterEach(stopSending)

const open = (entries: Record<string, unknown> = {}) => {
  const job = Object.entries(entries).reduce<JobDocument>((j, [p, v]) => withValueAt(j, p, v), emptyJob('Car'))
  useCatalogue.setState({ catalogue: { ...catalogue, controllers: [controller] } })
  useJobStore.setState({ ...initialJobState, jobId: JOB, document: job }, true)
  openBench(<SystemBench />, 'system')
}
const headline = () => screen.getByRole('status', { name: 'Assessment in brief' }).textContent
const system = () => useJobStore.getState().document!.system

describe('choice of system', () => {
  it('compares the two with least against them until others are ticked, at most three', async () => {
    open()
    const comparison = screen.getByRole('region', { name: 'Side by side' })
    expect(within(comparison).getAllByRole('article')).toHaveLength(2)
    const boxes = screen.getAllByRole<HTMLInputElement>('checkbox', { name: /^Compare/ })
    for (const i of [0, 5, 7]) await userEvent.click(boxes[i]!)
    expect(within(comparison).getAllByRole('article')).toHaveLength(3)
    expect(boxes[9]!.disabled).toBe(true)
  })

  it('a choice is a decision in the job log and sets defaults that are shown as such', async () => {
    open()
    const [button] = screen.getAllByRole('button', { name: /^Choose: / })
    await userEvent.click(button!)
    expect(headline()).toMatch(/^OK/)
    expect(system().controller?.id).toBe('c')
    expect(screen.getAllByText('default until decided').length).toBeGreaterThan(3)
    expect(screen.getByText('What the box will not contain')).toBeTruthy()
    const [entry] = outbox.ofJob(JOB).flatMap((e) => (e.kind === 'record' ? [e.record.body] : []))
    expect(entry).toMatchObject({ kind: 'decision', text: expect.stringMatching(/^System chosen: /) })
  })

  it('what the car rules out is struck through with the reason and cannot be chosen', async () => {
    open({ 'walkAround.intake.manifold': 'separate-runners' })
    expect(screen.getAllByText(/One throttle body cannot feed separate runners/).length).toBeGreaterThan(3)
    const ruledOut = screen.getAllByRole('checkbox', { name: /^Compare: Throttle body, (low|high) pressure;/ })[0]!
    await userEvent.click(ruledOut)
    expect(
      screen.getByRole<HTMLButtonElement>('button', { name: /^Choose: Throttle body, (low|high) pressure;/ }).disabled,
    ).toBe(true)
  })

  it('hours and money say what they cover, scope by scope', () => {
    open()
    const list = screen.getByRole('region', { name: 'Hours and cost by what they cover' })
    expect(
      within(list).getAllByText(/^2\.5 to 4\.5 h, about \d+ % of the cost: on the engine.*no fuel lines$/).length,
    ).toBe(2)
    expect(within(list).getAllByText(/: pump, lines and tank$/).length).toBe(2)
  })

  it('a wish changes the order at once', async () => {
    open()
    const first = () =>
      within(screen.getByRole('region', { name: 'All candidates' })).getAllByRole('listitem')[0]!.textContent
    expect(first()).toMatch(/^Throttle body/)
    await userEvent.selectOptions(screen.getByLabelText('Timing control by the ECU'), 'wanted')
    expect(first()).not.toMatch(/old ignition keeps its timing/)
  })
})
