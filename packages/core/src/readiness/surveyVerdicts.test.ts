import { emptyFastener, emptyFound, emptyInTheWay, emptyObstacle, emptyPurchase } from '../sections/index.ts'
import { withChange, type JobDocument } from '../job/index.ts'
import { stationById } from './test/stationById.ts'
import { remediesOf } from '../stations/index.ts'
import { sentenceText } from '../verdict/index.ts'
import { purchasesOf } from './purchases.ts'
import { twoBanks } from '../stations/exhaust/test/exhausts.ts'
import { at, BASE, CATALOGUE } from './test/surveyed.ts'

type Entries = Readonly<Record<string, unknown>>
const judged = (station: string, id: string, entries: Entries, job: JobDocument = BASE) =>
  stationById(station)
    .assess(at(job, entries), CATALOGUE)
    .verdicts.find((v) => v.id === id)

const BUILD = { 'work.state': 'in-build' }
const IDLE = { idleLambda: 0.9, idleVacuumPa: 60e3, idleRpm: 800, coolantK: 356, airK: null, idleV: 13.6, cruiseLambda: null, cruiseVacuumPa: null, cruiseRpm: null } // prettier-ignore
const baseline = (more: object) => ({ 'walkAround.baseline': { ...IDLE, ...more } })
const found = (more: object) => ({ 'exhaust.found': { ...emptyFound, alongM: 0.18, clockDeg: 50, thread: 'fits', ...more } }) // prettier-ignore
const welded = { 'walkAround.exhaust.comesApart': 'welded' }
const removed = (...airPump: string[]) => ({ 'exhaust.airInjection': 'removed', 'exhaust.airPump': airPump })
const lead = (calibratedLead: boolean | null) => ({ 'exhaust.lead': 'sensor-lead-cut', 'exhaust.sensor': { ...BASE.exhaust.sensor!, calibratedLead } }) // prettier-ignore
const steering = { 'walkAround.body.steering': 'left', 'exhaust.banks.a.portAcrossM': -0.3 }
const steers = (more: object) => ({ 'exhaust.obstacles': [{ ...emptyObstacle('arm-1', 'Drop arm', 'a'), steering: true, alongM: 0.1, clockDeg: 200, gapM: 0.08, ...more }] }) // prettier-ignore
const tightFit = { 'walkAround.tank.depthM': 0.24, 'walkAround.tank.gapAboveM': 0.01 }
const chosen = (more: object) => ({ 'system.chosen': { ...BASE.system.chosen!, ...more } })
const boxes = { 'walkAround.cabin.controllerPlace': 'bay-only' }

/** Station, verdict, entries, state; no state where nothing is said. */
const TABLE: readonly (readonly [string, string, Entries, string | undefined])[] = [
  ['walkAround', 'vacuum-leak', { 'walkAround.tests.vacuumLeak': 'none' }, 'ok'],
  ['walkAround', 'vacuum-leak', { 'walkAround.tests.vacuumLeak': 'small' }, 'caution'],
  ['walkAround', 'vacuum-leak', { 'walkAround.tests.vacuumLeak': 'large' }, 'stop'],
  ['walkAround', 'exhaust-repairs', { 'walkAround.tests.exhaustRepairs': [] }, 'unknown'],
  ['walkAround', 'exhaust-repairs', { 'walkAround.tests.exhaustRepairs': ['none'] }, 'ok'],
  ['walkAround', 'exhaust-repairs', { 'walkAround.tests.exhaustRepairs': ['bands', 'patch'] }, 'caution'],
  ['walkAround', 'exhaust-repairs', { 'walkAround.tests.exhaustRepairs': ['bands', 'filler'] }, 'stop'],
  ['walkAround', 'baseline', {}, 'unknown'],
  ['walkAround', 'baseline', BUILD, 'caution'],
  ['walkAround', 'baseline', baseline({}), 'ok'],
  ['walkAround', 'baseline', baseline({ idleV: null }), 'unknown'],
  ['walkAround', 'baseline', baseline({ coolantK: 340 }), 'caution'],
  ['walkAround', 'baseline', { ...baseline({ coolantK: 344 }), 'walkAround.cooling.thermostatK': 355 }, 'caution'],
  ['walkAround', 'baseline', { ...baseline({ coolantK: 344 }), 'walkAround.cooling.thermostatK': 350 }, 'ok'],
  ['walkAround', 'baseline', baseline({ idleVacuumPa: 52e3 }), 'caution'],
  ['walkAround', 'baseline', baseline({ idleLambda: 1.2 }), 'caution'],
  ['walkAround', 'baseline', baseline({ idleV: 12.6 }), 'caution'],
  ['walkAround', 'reach', {}, undefined],
  ['walkAround', 'reach', { 'walkAround.reach.inTheWay': [emptyInTheWay('out-1', 'Seat', 'tank')] }, 'unknown'],
  ['walkAround', 'gauge-found', { 'walkAround.tank.gauge': 'true' }, undefined],
  ['walkAround', 'gauge-found', { 'walkAround.tank.gauge': 'off' }, 'caution'],
  ['walkAround', 'means', { 'walkAround.means.lift': 'stands' }, undefined],
  ['walkAround', 'means', { 'walkAround.means.lift': 'none' }, 'stop'],
  ['walkAround', 'means', { 'walkAround.means.helper': false }, 'caution'],
  ['system', 'pump-switch', {}, undefined],
  ['system', 'pump-switch', BUILD, 'unknown'],
  ['system', 'pump-switch', { 'system.asDelivered.pumpSwitch': '1' }, 'ok'],
  ['system', 'pump-switch', { 'system.asDelivered.pumpSwitch': '2' }, 'stop'],
  ['system', 'pump-switch', { 'system.asDelivered.pumpSwitch': '2', 'fuel.systemType': 'single-line' }, 'ok'],
  ['system', 'pump-switch', { 'system.asDelivered.pumpSwitch': 'X' }, 'stop'],
  ['system', 'market-switch', BUILD, 'unknown'],
  ['system', 'market-switch', { 'system.asDelivered.marketSwitch': '1' }, 'ok'],
  ['system', 'market-switch', { 'system.asDelivered.marketSwitch': '1', 'fuel.ethanolShare': 0.11 }, 'stop'],
  ['system', 'market-switch', { 'system.asDelivered.marketSwitch': '1', 'fuel.secondEthanolShare': 0.85 }, 'stop'],
  ['system', 'market-switch', { 'system.asDelivered.marketSwitch': '2', 'fuel.secondEthanolShare': 0.85 }, 'ok'],
  ['system', 'as-delivered', { 'system.asDelivered.revision': ' b ' }, 'ok'],
  ['system', 'as-delivered', { 'system.asDelivered.revision': 'C' }, 'caution'],
  ['system', 'as-delivered', { 'system.asDelivered.revision': 'C', 'system.asDelivered.connectors': 'A 36' }, 'stop'],
  ['system', 'tuning', { 'system.tuning': 'self' }, 'ok'],
  ['system', 'tuning', { 'system.tuning': 'shop', 'exhaust.sensor': { ...BASE.exhaust.sensor!, kind: 'narrowband' } }, 'stop'], // prettier-ignore
  ['system', 'tuning', { 'system.tuning': 'self', 'exhaust.sensor': null }, 'unknown'],
  ['system', 'tuning', { 'system.tuning': 'self', 'exhaust.sensorCount': 0 }, 'stop'],
  ['system', 'tuning', { 'system.tuning': 'nobody' }, 'caution'],
  ['system', 'stage-1', { 'system.later': ['timing'] }, 'ok'],
  ['system', 'stage-1', { 'system.later': ['timing'], 'walkAround.ignition.kind': 'crank-triggered' }, 'stop'],
  ['system', 'stage-1', { 'system.later': ['fan'], 'walkAround.cooling.fan': 'electric' }, 'stop'],
  ['system', 'stage-1', { 'system.later': ['fan'], 'walkAround.cooling.fan': 'electric', 'power.design.fan': 'old-switch' }, 'ok'], // prettier-ignore
  [
    'system',
    'stage-1',
    { 'system.later': ['gearbox'], 'system.gearboxControl': true, 'walkAround.gearbox.electronic': true },
    'stop',
  ],
  ['system', 'stage-1', { 'system.later': ['gearbox'], 'system.gearboxControl': true, 'walkAround.gearbox.electronic': true, 'walkAround.gearbox.computerPlace': 'cabin' }, 'ok'], // prettier-ignore
  // What the ECU cannot take is found at the stage that asks for it, not at the first.
  ['system', 'stage-1', { 'system.later': ['signals'], 'system.signals': ['knock'] }, 'ok'],
  ['system', 'stage-2', { 'system.later': ['signals'], 'system.signals': ['knock'] }, 'stop'],
  ['fuel', 'heard', {}, undefined],
  ['fuel', 'heard', { 'fuel.tank.strappedUp': true }, 'stop'],
  ['fuel', 'heard', { 'fuel.tank.strappedUp': false }, undefined],
  ['fuel', 'heard', { 'fuel.tank.pumpHeard': 'silent' }, 'stop'],
  ['fuel', 'heard', { 'fuel.tank.pumpHeard': 'loud' }, 'caution'],
  ['fuel', 'heard', { 'fuel.tank.pumpHeard': 'hums', 'fuel.tank.strappedUp': true }, 'ok'],
  ['fuel', 'heard', { ...chosen({ pumpPlace: 'in-line' }), 'fuel.pump': { ...BASE.fuel.pump!, mount: 'in-line' }, 'fuel.tank.strappedUp': true }, undefined], // prettier-ignore
  ['fuel', 'sender-earth', { 'fuel.tank.senderEarth': 'own-lead' }, 'ok'],
  ['fuel', 'sender-earth', { 'fuel.tank.senderEarth': 'plate' }, 'caution'],
  ['fuel', 'sender-earth', { 'fuel.tank.senderEarth': 'nothing' }, 'stop'],
  ['fuel', 'module-above', tightFit, 'stop'],
  ['fuel', 'module-above', { ...tightFit, 'fuel.tank.hatch': 'planned' }, 'caution'],
  ['fuel', 'module-above', { ...tightFit, 'fuel.tank.hatch': 'made' }, 'ok'],
  ['fuel', 'module-above', { ...tightFit, 'fuel.tank.hatch': 'none' }, 'stop'],
  ['fuel', 'second-fuel', {}, undefined],
  ['fuel', 'second-fuel', { 'fuel.ethanolShare': 0.1, 'fuel.secondEthanolShare': 0.12 }, 'ok'],
  ['fuel', 'second-fuel', { 'fuel.ethanolShare': 0.1, 'fuel.secondEthanolShare': 0.3 }, 'unknown'],
  ['fuel', 'second-fuel', { 'fuel.ethanolShare': 0.1, 'fuel.secondEthanolShare': 0.3, 'fuel.changedByHand': 'map 2' }, 'ok'], // prettier-ignore
  ['fuel', 'second-fuel', { 'fuel.ethanolShare': 0.1, 'fuel.secondEthanolShare': 0.85, 'walkAround.tank.lining': 'terne', 'fuel.changedByHand': 'map 2' }, 'stop'], // prettier-ignore
  ['exhaust', 'found', found({}), 'ok'],
  ['exhaust', 'found', found({ alongM: null }), 'unknown'],
  ['exhaust', 'found', found({ thread: null }), 'unknown'],
  // Lead that the walk-around found is known at the exhaust, and so is its absence.
  ['exhaust', 'fuel', { 'exhaust.leadedFuel': null }, 'unknown'],
  ['exhaust', 'fuel', { 'exhaust.leadedFuel': null, 'walkAround.exhaust.poisons': ['lead'] }, 'caution'],
  ['exhaust', 'fuel', { 'exhaust.leadedFuel': null, 'walkAround.exhaust.poisons': ['none'] }, 'ok'],
  ['exhaust', 'coating', { 'exhaust.benchBefore': 'leaks', 'exhaust.benchAfter': 'tight', 'exhaust.coating': 'after-holes' }, 'stop'], // prettier-ignore
  // What is no part of the choice makes no stage.
  ['system', 'stage-1', { 'system.later': ['second-sensor', 'gearbox', 'signals'] }, undefined],
  ['system', 'market-switch', { 'system.controller': { ...BASE.system.controller!, marketSwitch: '1 much; 2 85' }, 'system.asDelivered.marketSwitch': '1' }, 'stop'], // prettier-ignore
  ['exhaust', 'found', found({ thread: 'other', accepted: true, reason: 'x' }), 'stop'],
  ['exhaust', 'found', found({ clockDeg: 180 }), 'caution'],
  ['exhaust', 'found', found({ clockDeg: 180, thread: 'other' }), 'caution'],
  ['exhaust', 'found', { 'exhaust.spots.a.clockDeg': 180, ...found({ clockDeg: 180 }) }, 'stop'],
  ['exhaust', 'found', { 'exhaust.spots': [], ...found({ clockDeg: 180 }) }, 'stop'],
  ['exhaust', 'found', found({ clockDeg: 180, accepted: true }), 'unknown'],
  ['exhaust', 'found', found({ clockDeg: 180, accepted: true, reason: 'no room elsewhere' }), 'caution'],
  ['exhaust', 'spot-a', { 'exhaust.spots.a.clockDeg': 180 }, 'stop'],
  ['exhaust', 'spot-a', { 'exhaust.spots.a.clockDeg': 180, ...found({ clockDeg: 180, accepted: true, reason: 'no room elsewhere' }) }, 'caution'], // prettier-ignore
  // Accepted is the bung that is there, not every bad place.
  ['exhaust', 'spot-a', { 'exhaust.spots.a.clockDeg': 180, ...found({ clockDeg: 200, accepted: true, reason: 'no room elsewhere' }) }, 'stop'], // prettier-ignore
  ['exhaust', 'comes-apart', { 'walkAround.exhaust.comesApart': 'flanges' }, 'ok'],
  ['exhaust', 'comes-apart', welded, 'caution'],
  ['exhaust', 'comes-apart', { ...welded, 'exhaust.flanged': true }, 'ok'],
  ['exhaust', 'coating', { 'exhaust.coating': 'before-holes' }, 'stop'],
  ['exhaust', 'coating', { 'exhaust.coating': 'after-holes' }, 'unknown'],
  ['exhaust', 'coating', { 'exhaust.coating': 'after-holes', 'exhaust.benchBefore': 'tight' }, 'unknown'],
  ['exhaust', 'coating', { 'exhaust.coating': 'after-holes', 'exhaust.benchBefore': 'tight', 'exhaust.benchAfter': 'tight' }, 'ok'], // prettier-ignore
  ['exhaust', 'coating', { 'exhaust.coating': 'after-holes', 'exhaust.benchBefore': 'tight', 'exhaust.benchAfter': 'leaks' }, 'stop'], // prettier-ignore
  ['exhaust', 'coating', { 'exhaust.coating': 'none', 'exhaust.benchBefore': 'tight' }, 'ok'],
  ['exhaust', 'coating', { 'exhaust.benchBefore': 'leaks' }, 'stop'],
  ['exhaust', 'poisons', { 'walkAround.exhaust.poisons': ['none'] }, 'ok'],
  ['exhaust', 'poisons', { 'walkAround.exhaust.poisons': ['oil'] }, 'caution'],
  ['exhaust', 'poisons', { 'walkAround.exhaust.poisons': ['oil', 'coolant'] }, 'stop'],
  ['exhaust', 'air-pump', removed(), 'stop'],
  ['exhaust', 'air-pump', removed('ports-plugged'), 'caution'],
  ['exhaust', 'air-pump', removed('ports-plugged', 'belt-fits', 'bracket-off'), 'caution'],
  ['exhaust', 'air-pump', removed('ports-plugged', 'belt-fits', 'bracket-off', 'allowed'), 'ok'],
  ['exhaust', 'steering-side', { 'walkAround.body.steering': 'left' }, undefined],
  ['exhaust', 'steering-side', steering, 'unknown'],
  ['exhaust', 'steering-side', { ...steering, 'walkAround.body.steering': 'right' }, undefined],
  ['exhaust', 'steering-side', { ...steering, ...steers({ gapM: null }) }, 'unknown'],
  ['exhaust', 'steering-side', { ...steering, ...steers({}) }, 'ok'],
  ['exhaust', 'steering-side', { ...steering, ...steers({ steering: false }) }, 'unknown'],
  ['exhaust', 'steering-side', { ...steering, ...steers({ run: 'b' }) }, 'unknown'],
  ['exhaust', 'steering-side', { ...steering, ...steers({ run: 'common' }) }, 'ok'],
  ['exhaust', 'steering-side', { ...steering, ...steers({ moves: true }) }, 'unknown'],
  ['exhaust', 'steering-side', { ...steering, ...steers({ moves: true, otherGapM: 0.05 }) }, 'ok'],
  ['exhaust', 'trip', { 'exhaust.weldLater': true }, 'unknown'],
  ['exhaust', 'trip', { 'exhaust.trip': 'plugged' }, 'ok'],
  ['exhaust', 'trip', { 'exhaust.trip': 'sensor-powered' }, 'caution'],
  ['exhaust', 'trip', { 'exhaust.trip': 'sensor-unpowered' }, 'stop'],
  ['exhaust', 'drill', {}, undefined],
  ['exhaust', 'drill', { 'walkAround.means.drillM': BASE.exhaust.bung!.holeM }, 'ok'],
  ['exhaust', 'drill', { 'walkAround.means.drillM': BASE.exhaust.bung!.holeM - 0.001 }, 'caution'],
  ['exhaust', 'sensor-lead', { 'exhaust.lead': 'extension-altered' }, 'ok'],
  ['exhaust', 'sensor-lead', lead(true), 'stop'],
  ['exhaust', 'sensor-lead', lead(false), 'caution'],
  ['exhaust', 'sensor-lead', lead(null), 'unknown'],
  // 1.2 m of lead and 0.7 m of way: half a metre to stow.
  ['exhaust', 'surplus-lead', { 'exhaust.surplusAt': '', 'exhaust.sensor': { ...BASE.exhaust.sensor!, cableM: 1.2 } }, 'caution'], // prettier-ignore
  ['exhaust', 'surplus-lead', { 'exhaust.surplusAt': '', 'exhaust.sensor': { ...BASE.exhaust.sensor!, cableM: 0.95 } }, undefined], // prettier-ignore
  ['exhaust', 'surplus-lead', { 'exhaust.surplusAt': 'above the tunnel', 'exhaust.sensor': { ...BASE.exhaust.sensor!, cableM: 1.2 } }, 'ok'], // prettier-ignore
  ['harness', 'boxes', boxes, undefined],
  ['harness', 'boxes', { ...boxes, 'walkAround.ignition.boxPlace': 'none' }, undefined],
  ['harness', 'boxes', { ...boxes, 'walkAround.ignition.boxPlace': 'bay' }, 'caution'],
  ['harness', 'boxes', { ...boxes, 'walkAround.ignition.boxPlace': 'cabin' }, 'ok'],
  ['harness', 'boxes', { ...boxes, 'walkAround.ignition.boxPlace': 'cabin', 'walkAround.gearbox.computerPlace': 'bay' }, 'caution'], // prettier-ignore
]

describe('what the survey, the stages and the records decide', () => {
  it.each(
    TABLE.map(
      ([station, id, entries, state]) =>
        [`${station}: ${id}, ${JSON.stringify(entries).slice(0, 90)}`, station, id, entries, state] as const,
    ),
  )(
    // prettier-ignore
    '%s',
    (_name, station, id, entries, state) => expect(judged(station, id, entries)?.state).toBe(state),
  )

  it.each<[string, string, Entries, RegExp, string]>([
    ['fuel', 'module-above', tightFit, /access hatch/, 'caution'],
    ['fuel', 'sender-earth', { 'fuel.tank.senderEarth': 'nothing' }, /earth lead of its own/, 'ok'],
    ['exhaust', 'comes-apart', welded, /two flanges/, 'ok'],
    ['exhaust', 'trip', { 'exhaust.trip': 'sensor-unpowered' }, /blanking plug/, 'ok'],
    ['exhaust', 'coating', { 'exhaust.coating': 'before-holes', 'exhaust.benchBefore': 'tight', 'exhaust.benchAfter': 'tight' }, /after the last hole/, 'ok'], // prettier-ignore
    ['exhaust', 'spot-a', { ...found({}), 'exhaust.spots': [] }, /Use the bung that is there/, 'ok'],
  ])('%s: %s has a remedy that does what it says', (stationId, id, entries, label, state) => {
    const job = at(BASE, entries)
    const station = stationById(stationId)
    const remedy = remediesOf(station, job, CATALOGUE)
      .get(id)
      ?.find((r) => label.test(sentenceText(r.label, {})))
    expect(remedy).toBeDefined()
    expect(station.assess(withChange(job, remedy!.change), CATALOGUE).verdicts.find((v) => v.id === id)?.state).toBe(state) // prettier-ignore
  })
})

describe('another header', () => {
  /** A catalyst right after the merge: nowhere to sit before it. */
  const crowded = {
    'exhaust.banks.a.pieces': BASE.exhaust.banks[0]!.pieces.flatMap((p) =>
      p.kind === 'merge'
        ? [p, { ...p, id: 'piece-cat', name: 'Catalyst', kind: 'catalyst' as const, lengthM: 0.3 }]
        : [p],
    ),
    'exhaust.spots': [],
  }
  it('is offered where no place is free, with the place it makes, and measured again is said', () => {
    const job = at(BASE, crowded)
    const station = stationById('exhaust')
    const offered = [...remediesOf(station, job, CATALOGUE).values()].flat()
    const header = offered.find((r) => /Another header/.test(sentenceText(r.label, {})))
    expect(header && sentenceText(header.label, {})).toMatch(
      /straight pipe after the merge; measure what is round it again/,
    )
    const after = station.assess(withChange(job, header!.change), CATALOGUE).verdicts.find((v) => v.id === 'spot-a')
    expect(after?.state).not.toBe('stop')
    expect(after?.state).not.toBe('unknown')
  })
  it('is offered for each bank that has none, and leaves the other bank alone', () => {
    const pieces = crowded['exhaust.banks.a.pieces']
    const two = twoBanks(pieces, [], { ...BASE.exhaust, banks: [], sensorCount: 2, spots: [] })
    const job = { ...BASE, vehicle: two.vehicle, exhaust: { ...two.exhaust, banks: twoBanks(pieces, []).exhaust.banks } }
    const station = stationById('exhaust')
    const headerFor = (j: JobDocument, id: string) =>
      remediesOf(station, j, CATALOGUE)
        .get(id)
        ?.find((r) => /Another header/.test(sentenceText(r.label, {})))
    const a = headerFor(job, 'spot-a')!
    expect(sentenceText(a.label, {})).toMatch(/after the merge of bank A/)
    const withA = withChange(job, a.change)
    expect(withA.exhaust.banks[1]).toEqual(job.exhaust.banks[1])
    const b = headerFor(withA, 'spot-b')!
    expect(sentenceText(b.label, {})).toMatch(/after the merge of bank B/)
    const both = withChange(withA, b.change)
    expect(both.exhaust.banks[0]).toEqual(withA.exhaust.banks[0])
    const states = station.assess(both, CATALOGUE).verdicts.filter((v) => v.id.startsWith('spot-')).map((v) => v.state)
    expect(states).toHaveLength(2)
    expect(states).not.toContain('stop')
    expect(states).not.toContain('unknown')
  }) // prettier-ignore
  it('is not where one is', () => {
    const job = at(BASE, { 'exhaust.spots': [] })
    const offered = [...remediesOf(stationById('exhaust'), job, CATALOGUE).values()].flat()
    expect(offered.filter((r) => /Another header/.test(sentenceText(r.label, {})))).toEqual([])
  })
})

describe('orders', () => {
  const stuck = { 'walkAround.reach.fasteners': [{ ...emptyFastener('stuck-1', 'Strap bolt', 'tank'), count: 2 }] }
  const order = (more: object) => ({ ...stuck, 'orders.purchases': [{ ...emptyPurchase('purchase-1', 'Strap bolt', 'walkAround-fastener-stuck-1'), ...more }] }) // prettier-ignore
  const faults = (entries: Entries) => purchasesOf(at(BASE, entries)).lines.flatMap((l) => l.faults.map((f) => f.state))
  it('a part of the list has its order, and one that is bought and on no list any more is said', () => {
    const { lines } = purchasesOf(at(BASE, order({})))
    expect(lines.find((l) => l.name === 'Strap bolt')).toMatchObject({ purchase: { id: 'purchase-1' }, faults: [] })
    const gone = purchasesOf(at(BASE, { ...order({}), 'walkAround.reach.fasteners': [] })).lines.at(-1)!
    expect([gone.part, gone.faults.map((f) => f.state)]).toEqual([null, ['caution']])
  })
  it.each<[string, object, string[]]>([
    ['right and tested', { delivered: 'right', tested: 'passed' }, []],
    ['the wrong part', { delivered: 'wrong' }, ['stop']],
    ['twice', { delivered: 'double' }, ['caution']],
    ['failed before fitting', { delivered: 'right', tested: 'failed' }, ['stop']],
    ['too large for its place', { sizeM: 0.21, roomM: 0.2 }, ['stop']],
    ['just as large', { sizeM: 0.2, roomM: 0.2 }, []],
    ['a known weakness, untested', { weakness: 'leaks' }, ['caution']],
    ['a known weakness, tested', { weakness: 'leaks', tested: 'passed' }, []],
  ])('%s', (_name, more, states) => expect(faults(order(more))).toEqual(states))
  it('nothing is bought now while repairs stand first; later it is not said, nor of what is there', () => {
    const repair = { 'walkAround.tests.vacuumLeak': 'large' }
    expect(faults({ ...repair, ...order({ buyWhen: 'now' }) })).toEqual(['caution'])
    expect(faults({ ...repair, ...order({ buyWhen: 'last' }) })).toEqual([])
    expect(faults({ ...repair, ...order({ buyWhen: 'now', delivered: 'right' }) })).toEqual([])
  })
  it('of an order in which nobody said when, nothing is claimed', () => {
    const repair = { 'walkAround.tests.vacuumLeak': 'large' }
    expect(faults({ ...repair, ...order({}) })).toEqual([])
    const line = purchasesOf(at(BASE, order({}))).lines.find((l) => l.name === 'Strap bolt')!
    expect(line.words).toMatchObject({ buy: 'not said', delivered: 'not yet', tested: 'not yet', fits: 'not measured' })
  })
  it('the sum is of what is priced', () => {
    const two = at(BASE, { 'orders.purchases': [{ ...emptyPurchase('purchase-1', 'a', 'x'), price: 12.5 }, { ...emptyPurchase('purchase-2', 'b', 'y'), price: null }, { ...emptyPurchase('purchase-3', 'c', 'z'), price: 30 }] }) // prettier-ignore
    expect(purchasesOf(two)).toMatchObject({ priceSum: 42.5, priced: 2 })
  })
})
