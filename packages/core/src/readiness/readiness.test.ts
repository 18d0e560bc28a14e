import { NO_PARTS } from '../parts/test/noParts.ts'
import { emptyPurchase } from '../sections/index.ts'
import { copiedJob, emptyJob, jobFromTemplate, type JobDocument } from '../job/index.ts'
import { withValueAt } from '../shape/index.ts'
import { readinessOf } from './readiness.ts'

const controllers = [
  {
    id: 'c',
    name: 'c',
    priceClass: 1,
    injectorDrivers: 8,
    ignitionOutputs: 8,
    switchedOutputs: 8,
    idleValve: true,
    tachOutput: true,
    triggerInputs: 3,
    analogueInputs: 8,
    oxygenSensors: 2,
    sequential: true,
    gearbox: true,
    leastV: null,
    rideThroughS: null,
    pinout: null,
    digitalInputs: null,
    knockInput: null,
    connectors: null,
    revision: null,
    pumpSwitch: null,
    marketSwitch: null,
  },
]
const ready = (j: JobDocument) => readinessOf(j, { ...NO_PARTS, controllers })
/** Stations that somebody has begun, with how far they are. */
const begun = (j: JobDocument) =>
  Object.fromEntries(
    ready(j).stations.flatMap((s) => (s.stage === 'not-begun' ? [] : [[s.station as string, s.stage]])),
  )

describe('readiness of a job', () => {
  it('nothing begun, and the first thing to do', () => {
    expect(begun(emptyJob('x'))).toEqual({})
    expect(ready(emptyJob('x')).nextAction).toMatch(/^(Measure|Enter) /)
  })
  it('engine figures alone begin the walk-around', () =>
    expect(begun(withValueAt(emptyJob('x'), 'vehicle.cylinders', 4))).toEqual({ walkAround: 'measuring' }))
  it('a template has chosen its system', () => {
    const j = jobFromTemplate('x', 'port-return')
    expect(begun(j)).toEqual({ system: 'judged' })
  })
  it('a repair stands ahead of everything', () => {
    const r = ready(withValueAt(emptyJob('x'), 'walkAround.tests.tankInside', 'rust'))
    expect(r.nextAction).toMatch(/^Repair first: Clean/)
    expect(r.repairs.map((x) => x.testId)).toEqual(['tank-inside'])
    expect(r.stations[0]).toMatchObject({ stage: 'judged', verdict: 'stop' })
  })
  it('built is what a person said', () =>
    expect(begun(withValueAt(emptyJob('x'), 'work.built', ['fuel']))).toEqual({ fuel: 'built' }))
  it('a copy keeps car and design and begins the work afresh', () => {
    const j = withValueAt(
      withValueAt(jobFromTemplate('old', 'port-return'), 'work.state', 'started'),
      'work.heldBy',
      'paint',
    )
    const copy = copiedJob(j, 'new')
    expect(copy.vehicle.title).toBe('new')
    expect(copy.system).toEqual(j.system)
    expect(copy.work).toEqual(emptyJob('').work)
  })
  it('and neither whose car it is nor what was bought for it', () => {
    const owned = withValueAt(emptyJob('old'), 'facts.chassis', 'GT-1')
    const j = withValueAt(owned, 'orders.purchases', [emptyPurchase('purchase-1', 'Pump', 'fuel-pump')])
    const { facts, orders } = copiedJob(j, 'new')
    expect([facts, orders]).toEqual([emptyJob('').facts, emptyJob('').orders])
  })
})
