import { emptyJob, JOB, type JobDocument } from '../job/index.ts'
import { emptyFastener, emptyFound, emptyInTheWay, emptyObstacle, emptyPurchase } from '../sections/index.ts'
import { leavesOf, nodeAt, valueAt, withValueAt } from '../shape/index.ts'
import { usualConsumers } from '../stations/engine-top/vacuumOfJob.ts'
import { STATION_LIST } from '../stations/index.ts'
import { consequencesOf, leftOutFor, risksOf, stagesOf, terminalsFor } from '../stations/system/index.ts'
import { acceptanceOf, factsOnPapers, surveyOf } from '../stations/walk-around/index.ts'
import { partsOfJob } from './partsOfJob.ts'
import { purchasesOf } from './purchases.ts'
import { at, BASE, CATALOGUE } from './test/surveyed.ts'

/** Everything that a job says beside its own entries. */
const said = (job: JobDocument): Readonly<Record<string, unknown>> => {
  const a = job.system.chosen!
  return {
    ...Object.fromEntries(STATION_LIST.map((s) => [s.id, s.assess(job, CATALOGUE).verdicts])),
    parts: partsOfJob(job),
    'left out': leftOutFor(job, a),
    way: [consequencesOf(job, a), risksOf(job, a)],
    terminals: terminalsFor(job, a),
    stages: stagesOf(job),
    acceptance: acceptanceOf(job),
    consumers: usualConsumers(job),
    survey: surveyOf(job, {}),
    papers: factsOnPapers(job, {}),
    orders: purchasesOf(job),
  }
}

const changes = (withIt: JobDocument, without: JobDocument): string[] => {
  const [one, other] = [said(withIt), said(without)]
  return Object.keys(one).filter((k) => JSON.stringify(one[k]) !== JSON.stringify(other[k]))
}

type Row = readonly [
  path: string,
  value: unknown,
  changed: readonly string[],
  given?: Readonly<Record<string, unknown>>,
]

const FOUND = { ...emptyFound, alongM: 0.18, clockDeg: 180, thread: 'fits', accepted: true, reason: 'left by the last owner' } // prettier-ignore
const there = { 'exhaust.found': FOUND }
/** Bought once, and on no list any more. */
const bought = (more: object) => ({ 'orders.purchases': [{ ...emptyPurchase('purchase-1', 'Old pump', 'fuel-gone'), ...more }] }) // prettier-ignore
const IN_WAY = { 'walkAround.reach.inTheWay': [{ ...emptyInTheWay('out-1', 'Seat', 'tank'), takesS: 3600 }] }
const STUCK = { 'walkAround.reach.fasteners': [{ ...emptyFastener('stuck-1', 'Strap bolt', 'tank'), count: 2 }] }
const all = (...names: (keyof JobDocument['facts'] | 'odometer')[]) => ({ 'facts.onPapers': names })
const taken = { 'walkAround.baseline': { idleLambda: 0.9, idleVacuumPa: 60e3, idleRpm: 800, coolantK: 356, airK: 300, idleV: 13.6, cruiseLambda: 1, cruiseVacuumPa: 50e3, cruiseRpm: 2500 } } // prettier-ignore

/** Each entry of the survey, of inputs and stages, second fuel, bung as found, facts and orders: what waits for it. */
const ROWS: readonly Row[] = [
  ['walkAround.body.steering', 'left', ['exhaust', 'survey'], { 'exhaust.banks.a.portAcrossM': -0.3 }],
  ['walkAround.engine.sensors', ['crank', 'coolant'], ['survey', 'way']],
  ['walkAround.intake.consumers', ['heater', 'gauge'], ['consumers', 'survey']],
  [
    'walkAround.ignition.boxPlace',
    'cabin',
    ['harness', 'survey'],
    { 'walkAround.cabin.controllerPlace': 'under-dash' },
  ],
  [
    'walkAround.gearbox.lockUp',
    true,
    ['survey', 'terminals'],
    { 'walkAround.gearbox.kind': 'automatic', 'system.gearboxControl': true },
  ],
  [
    'walkAround.gearbox.computerPlace',
    'cabin',
    ['harness', 'survey'],
    { 'walkAround.gearbox.kind': 'automatic', 'walkAround.cabin.controllerPlace': 'under-seat' },
  ],
  ['walkAround.exhaust.comesApart', 'welded', ['exhaust', 'survey']],
  ['walkAround.exhaust.poisons', ['silicone'], ['exhaust', 'survey']],
  ['walkAround.tank.oldPump', 'electric-in-line', ['left out', 'survey']],
  ['walkAround.tank.gauge', 'dead', ['survey', 'walkAround']],
  ['walkAround.wiring.loomYear', 1974, ['left out', 'survey'], { 'vehicle.year': 1966 }],
  ['walkAround.tests.vacuumLeak', 'large', ['orders', 'survey', 'walkAround']],
  ['walkAround.tests.exhaustRepairs', ['wire'], ['orders', 'survey', 'walkAround']],
  ['walkAround.baseline.idleLambda', 0.9, ['survey', 'walkAround'], taken],
  ['walkAround.baseline.idleVacuumPa', 60e3, ['acceptance', 'survey', 'walkAround'], taken],
  ['walkAround.baseline.idleRpm', 800, ['acceptance', 'survey', 'walkAround'], taken],
  ['walkAround.baseline.coolantK', 356, ['survey', 'walkAround'], taken],
  ['walkAround.baseline.airK', 300, ['acceptance', 'survey'], taken],
  ['walkAround.baseline.idleV', 13.6, ['survey', 'walkAround'], taken],
  ['walkAround.baseline.cruiseLambda', 1, ['acceptance', 'survey'], taken],
  ['walkAround.baseline.cruiseVacuumPa', 50e3, ['exhaust', 'acceptance', 'survey'], taken],
  ['walkAround.baseline.cruiseRpm', 2500, ['acceptance', 'survey'], taken],
  ['walkAround.reach.inTheWay.out-1.name', 'Rear seat', ['survey'], IN_WAY],
  ['walkAround.reach.inTheWay.out-1.place', 'exhaust', ['way'], IN_WAY],
  ['walkAround.reach.inTheWay.out-1.takesS', 7200, ['walkAround', 'way'], IN_WAY],
  ['walkAround.reach.fasteners.stuck-1.name', 'Tank bolt', ['orders', 'parts', 'survey'], STUCK],
  ['walkAround.reach.fasteners.stuck-1.place', 'manifold', ['way'], STUCK],
  ['walkAround.reach.fasteners.stuck-1.state', 'missing', ['orders', 'parts', 'walkAround', 'way'], STUCK],
  ['walkAround.reach.fasteners.stuck-1.count', 4, ['orders', 'parts'], STUCK],
  ['walkAround.means.lift', 'none', ['survey', 'walkAround', 'way']],
  ['walkAround.means.drillM', 0.01, ['exhaust', 'orders', 'parts', 'survey']],
  ['walkAround.means.crimpTools', false, ['orders', 'parts', 'survey', 'walkAround']],
  ['walkAround.means.laptop', false, ['left out', 'survey'], { 'system.tuning': 'self' }],
  ['walkAround.means.helper', false, ['survey', 'walkAround']],
  ['walkAround.means.shelter', false, ['survey', 'walkAround']],
  ['system.uses', ['towing'], ['acceptance', 'survey', 'way']],
  ['system.signals', ['knock', 'brake', 'oil-pressure'], ['harness', 'left out', 'terminals']],
  ['system.distributorSize', 'other-size', ['left out', 'way']],
  ['system.tuning', 'nobody', ['system']],
  ['system.later', ['timing'], ['stages', 'system']],
  ['system.asDelivered.revision', 'A', ['system']],
  ['system.asDelivered.pumpSwitch', '2', ['system']],
  ['system.asDelivered.marketSwitch', '1', ['system'], { 'fuel.ethanolShare': 0.5 }],
  ['system.asDelivered.connectors', 'A 36', ['system']],
  ['fuel.secondEthanolShare', 0.85, ['fuel']],
  ['fuel.changedByHand', 'map 2', ['fuel'], { 'fuel.secondEthanolShare': 0.85, 'fuel.ethanolShare': 0.85 }],
  ['fuel.tank.senderEarth', 'nothing', ['fuel']],
  ['fuel.tank.hatch', 'planned', ['fuel'], { 'walkAround.tank.depthM': 0.2, 'walkAround.tank.gapAboveM': 0.01 }],
  ['fuel.tank.pumpHeard', 'silent', ['fuel']],
  ['fuel.tank.strappedUp', true, ['fuel']],
  ['exhaust.airPump', ['ports-plugged', 'allowed'], ['exhaust'], { 'exhaust.airInjection': 'removed' }],
  ['exhaust.found.run', 'b', ['exhaust'], there],
  ['exhaust.found.alongM', 0.2, ['exhaust'], there],
  ['exhaust.found.clockDeg', 180, ['exhaust'], there],
  ['exhaust.found.thread', 'other', ['exhaust'], there],
  ['exhaust.found.accepted', true, ['exhaust'], there],
  ['exhaust.found.reason', 'no room elsewhere', ['exhaust'], there],
  ['exhaust.weldLater', true, ['exhaust']],
  ['exhaust.trip', 'sensor-unpowered', ['exhaust']],
  ['exhaust.flanged', true, ['exhaust', 'orders', 'parts'], { 'walkAround.exhaust.comesApart': 'welded' }],
  ['exhaust.coating', 'before-holes', ['exhaust']],
  ['exhaust.benchBefore', 'leaks', ['exhaust']],
  ['exhaust.benchAfter', 'leaks', ['exhaust']],
  ['exhaust.lead', 'sensor-lead-cut', ['exhaust']],
  ['exhaust.surplusAt', 'above the tunnel', ['exhaust']],
  ['facts.owner', 'M. Birkett', ['papers'], all('owner')],
  ['facts.phone', '01632 960 111', ['papers'], all('phone')],
  ['facts.address', '2 Fell Row', ['papers'], all('address')],
  ['facts.registration', 'ABC 12', ['papers'], all('registration')],
  ['facts.chassis', 'C-1', ['papers'], all('chassis')],
  ['facts.engine', 'E-1', ['papers'], all('engine')],
  ['facts.odometerM', 8e7, ['papers'], all('odometer')],
  ['facts.keyNumber', 'K 7', ['papers'], all('keyNumber')],
  ['facts.onPapers', ['owner'], ['papers'], { 'facts.owner': 'M. Birkett' }],
  ['work.passed', ['idle'], ['acceptance'], taken],
  ['exhaust.obstacles.arm-1.steering', true, ['exhaust'], { 'walkAround.body.steering': 'left', 'exhaust.banks.a.portAcrossM': -0.3, 'exhaust.obstacles': [{ ...emptyObstacle('arm-1', 'Drop arm', 'a'), alongM: 2.5, clockDeg: 200, gapM: 0.3 }] }], // prettier-ignore
  ['orders.currency', 'EUR', ['orders'], bought({ price: 99 })],
  ['orders.purchases.purchase-1.name', 'Pump of last year', ['orders'], bought({})],
  ['orders.purchases.purchase-1.lineId', 'fuel-pump', ['orders'], bought({})],
  ['orders.purchases.purchase-1.supplier', 'Fellside', ['orders'], bought({})],
  ['orders.purchases.purchase-1.price', 99, ['orders'], bought({})],
  ['orders.purchases.purchase-1.buyWhen', 'last', ['orders'], bought({})],
  ['orders.purchases.purchase-1.delivered', 'damaged', ['orders'], bought({})],
  ['orders.purchases.purchase-1.tested', 'failed', ['orders'], bought({})],
  ['orders.purchases.purchase-1.sizeM', 0.3, ['orders'], bought({ roomM: 0.2 })],
  ['orders.purchases.purchase-1.roomM', 0.2, ['orders'], bought({ sizeM: 0.3 })],
  ['orders.purchases.purchase-1.weakness', 'leaks', ['orders'], bought({})],
]

const EMPTY = emptyJob('x')
/** What stands at a place before anybody has entered anything; of an item of a list, as it is made. */
const emptyAt = (path: string): unknown => {
  const value = valueAt(EMPTY, path)
  if (value !== undefined) return value
  const node = nodeAt(JOB, path)
  return node && 'empty' in node ? node.empty : null
}

/** Places that came with these questions. */
const ASKED = /^(walkAround\.(baseline|reach|means)\.|walkAround\.(body\.steering|engine\.sensors|intake\.consumers|ignition\.boxPlace|gearbox\.(lockUp|computerPlace)|exhaust\.(comesApart|poisons)|tank\.(oldPump|gauge)|wiring\.loomYear|tests\.(vacuumLeak|exhaustRepairs))$|system\.(uses|signals|distributorSize|tuning|later|asDelivered\..*)$|fuel\.(secondEthanolShare|changedByHand|tank\.(senderEarth|hatch|pumpHeard|strappedUp))$|exhaust\.(airPump|found\..*|weldLater|trip|flanged|coating|benchBefore|benchAfter|lead|surplusAt)$|exhaust\.obstacles\.[^.]+\.steering$|work\.passed$|facts\.|orders\.)/ // prettier-ignore

describe('what an entry changes: taken away, this and nothing else is said otherwise', () => {
  it.each(ROWS.map((row) => [row[0], row] as const))('%s', (path, [, value, changed, given = {}]) => {
    const withIt = at(at(BASE, given), { [path]: value })
    const without = withValueAt(withIt, path, emptyAt(path))
    expect(changes(withIt, without).sort()).toEqual([...changed].sort())
  })
  it('every one of them changes something beside what is printed of itself', () =>
    expect(ROWS.filter(([, , changed]) => changed.length === 0)).toEqual([]))
  it('there is a row for each', () => {
    const rows = new Set(ROWS.map(([path]) => path.replace(/\.[a-z]+-\d\./, '.*.')))
    const wanted = leavesOf(JOB).map(([path]) => path.replace(/\.(?:item-0|\*)\./, '.*.')).filter((path) => ASKED.test(path)) // prettier-ignore
    expect(wanted.filter((path) => !rows.has(path))).toEqual([])
  })
})
