import { emptyJob, emptyLine, emptyObstacle } from '@lochmoor/core'
import type { SectionName } from '@lochmoor/core/job-shape'

const {
  vehicle,
  fuel: fuelOf14,
  exhaust: exhaustOf14,
  walkAround: walkOf14,
  system: systemOf14,
  power: powerNow,
  harness: harnessNow,
  engineTop: engineTopNow,
  facts,
  orders,
  ...works
} = emptyJob('Fellside pickup')
const without = (tree: object, ...names: string[]) =>
  Object.fromEntries(Object.entries(tree).filter(([n]) => !names.includes(n)))
/** Before version 14. */
const { baseline: _baseline, reach: _reach, means: _means, ...walkOf13 } = walkOf14
const walkOfNow = {
  ...walkOf13,
  body: without(walkOf14.body, 'steering'),
  engine: without(walkOf14.engine, 'sensors'),
  intake: without(walkOf14.intake, 'consumers'),
  ignition: without(walkOf14.ignition, 'boxPlace'),
  gearbox: without(walkOf14.gearbox, 'lockUp', 'computerPlace'),
  exhaust: without(walkOf14.exhaust, 'comesApart', 'poisons'),
  tank: without(walkOf14.tank, 'oldPump', 'gauge'),
  wiring: without(walkOf14.wiring, 'loomYear'),
  tests: without(walkOf14.tests, 'vacuumLeak', 'exhaustRepairs'),
}
const SYSTEM_14 = ['uses', 'signals', 'distributorSize', 'tuning', 'later', 'asDelivered']
const { secondEthanolShare: _second, changedByHand: _byHand, ...fuelOf13 } = fuelOf14
const fuelNow = { ...fuelOf13, tank: without(fuelOf14.tank, 'senderEarth', 'hatch', 'pumpHeard', 'strappedUp') }
const {
  found: _found,
  weldLater: _weldLater,
  trip: _trip,
  flanged: _flanged,
  coating: _coating,
  benchBefore: _benchBefore,
  benchAfter: _benchAfter,
  lead: _lead,
  surplusAt: _surplus,
  airPump: _airPump,
  ...exhaustNow
} = exhaustOf14
const arm = without(emptyObstacle('obstacle-0', 'Steering drop arm', 'a'), 'steering')
const floor = without(emptyObstacle('obstacle-1', 'Floor', 'a'), 'steering')
const steeringArm = { ...arm, steering: true }
const floorOf14 = { ...floor, steering: false }
const others = { ...works, work: without(works.work, 'passed'), system: without(systemOf14, ...SYSTEM_14) }
/** Before version 13. */
const { vacuum: _vacuum, sensors: _places, ignition: _ignition, ...engineTop } = engineTopNow
/** Before version 11. */
const {
  crossings: _crossings,
  pins: _pins,
  oldWires: _oldWires,
  noise: _noise,
  cut: _cutting,
  board: _board,
  proof: _proof,
  ...harness
} = harnessNow
/** Before version 9. */
const { sensors: _sensors, ...powerOf } = powerNow
const { chargeLamp: _lamp, keyedWires: _keyed, box: _box, ...oldThen } = powerOf.old
const {
  pumpCut: _cut,
  coilFeed: _coils,
  fanTrigger: _trigger,
  damping: _damping,
  lampDiode: _diode,
  ...designThen
} = powerOf.design
const power = {
  ...powerOf,
  old: oldThen,
  design: designThen,
  wires: Object.fromEntries(
    Object.entries(powerOf.wires).map(([role, { insulation: _i, loadedWires: _l, ...w }]) => [role, w]),
  ),
}
const { coldestStartK: _coldest, ...batteryThen } = walkOfNow.battery
/** Before version 8. */
const walkNow = { ...walkOfNow, battery: batteryThen }
/** Up to version 6 a line had bends and connectors before anybody had counted. */
const lineThen = { ...emptyLine, bends90: 2, bends45: 0, connectors: 2 }
/** Before version 6. */
const { gaugeMostPa: _gauge, ...fuelThen } = fuelNow
const fuel = { ...fuelThen, feed: lineThen, return: lineThen, suction: lineThen, vent: lineThen }
const { readsToLambda: _reads, ...exhaust } = exhaustNow
const { crankingA: _amps, crankingRpm: _rpm, ...tests } = walkNow.tests
const later = { ...others, walkAround: { ...walkNow, tests } }
const { legs: _legs, ...oldLine } = lineThen
const hose = { id: 'h', name: 'Hose', priceClass: 2, kind: 'rubber', boreM: 0.008, roughnessM: 1e-6, mostPressurePa: 1e6, mostEthanolShare: 0.1 } // prettier-ignore
const filter = { id: 'f', name: 'Filter', priceClass: 1, use: 'fine', finenessM: 1e-5, flowM3S: 4e-5, dropPa: 1e4, linearShare: 0.5 } // prettier-ignore
/** The fuel section as versions 1 and 2 stored it. */
const fuelBefore3 = {
  ...Object.fromEntries(
    [
      'ethanolShare',
      'fuelTemperatureK',
      'setPressurePa',
      'pump',
      'strainer',
      'regulator',
      'injector',
      'injectorCount',
      'openingsPerCycle',
      'runningV',
      'highV',
    ].map((n) => [n, null]),
  ),
  systemType: 'single-line',
  injectionPlace: 'port',
  lowV: 11.8,
  referenced: false,
  filter,
  filterPosition: 'before-regulator',
  feed: { ...oldLine, hose, lengthM: 4.5 },
  return: oldLine,
}
/** As version 1 stored it: layout and kind of system were never open. */
export const version1 = { vehicle: { ...vehicle, layout: 'vee' }, fuel: fuelBefore3 }
const version2 = { ...version1, ...later }
const version3 = {
  ...version2,
  fuel: {
    ...fuel,
    systemType: 'single-line',
    injectionPlace: 'port',
    lowV: 11.8,
    filter: { ...filter, dueFactor: null, capacityKg: null, directional: null, mostPressurePa: null },
    feed: {
      ...lineThen,
      lengthM: 4.5,
      hose: {
        ...hose,
        dash: null,
        outsideM: null,
        leastBendRadiusM: null,
        stockM: null,
        immersible: null,
        conductive: null,
      },
    },
  },
}

/** A list before its items had ids, and what its items are called. */
const piece = { name: 'Pipe', kind: 'pipe', lengthM: 1 }
const leg = { name: 'Tank to body', lengthM: 0.6 }
export const version4 = {
  ...version3,
  fuel: { ...version3.fuel, feed: { ...version3.fuel.feed, legs: [leg, { ...leg, name: 'Body to rail' }] } },
  exhaust: {
    ...exhaust,
    banks: [
      { cylinders: [1, 2], pieces: [piece] },
      { cylinders: [3, 4], pieces: [] },
    ],
    common: [piece, { ...piece, name: 'Tail pipe' }],
    obstacles: [{ name: 'Frame', run: 'a' }],
  },
}
export const version5 = {
  ...version4,
  fuel: {
    ...version4.fuel,
    feed: {
      ...version4.fuel.feed,
      legs: [
        { id: 'feed-leg-0', ...leg },
        { id: 'feed-leg-1', ...leg, name: 'Body to rail' },
      ],
    },
  },
  exhaust: {
    ...exhaust,
    banks: [
      { cylinders: [1, 2], pieces: [{ id: 'bank-a-piece-0', ...piece }] },
      { cylinders: [3, 4], pieces: [] },
    ],
    common: [
      { id: 'common-piece-0', ...piece },
      { id: 'common-piece-1', ...piece, name: 'Tail pipe' },
    ],
    obstacles: [{ id: 'obstacle-0', name: 'Frame', run: 'a' }],
  },
}

const pump = { id: 'p', name: 'Pump', priceClass: 2, mount: 'in-line', tables: [], noiseClass: 3, hangerM: null, hatHeightM: null } // prettier-ignore
const regulator = { id: 'r', name: 'Regulator', priceClass: 2, type: 'single-line', leastPa: 3e5, mostPa: 3e5, fullOpen: { flowM3S: 5e-5, dropPa: 2e4 }, slopePaPerM3S: 0, referencePort: false } // prettier-ignore
/** With parts of every kind that says more since. */
const chosen = { injection: 'port', firing: 'batch', timing: 'none', trigger: 'coil', oxygenSensors: 1, fuelLoop: 'return', pumpPlace: 'in-tank' } // prettier-ignore
const version5WithParts = {
  ...version5,
  system: { ...version5.system, chosen },
  fuel: { ...version5.fuel, pump, regulator },
}
const version6WithParts = {
  ...version5WithParts,
  walkAround: walkNow,
  system: { ...version5WithParts.system, chosen: { ...chosen, build: 'from-parts' } },
  exhaust: { ...version5WithParts.exhaust, readsToLambda: null },
  fuel: {
    ...version5WithParts.fuel,
    pump: { ...pump, works: null, reliefPa: null },
    regulator: { ...regulator, sits: null, mostPressurePa: null },
    filter: { ...version5.fuel.filter, mount: null },
    gaugeMostPa: null,
  },
}

/** A line as the program began it, one of which somebody has counted something, and one without a word. */
const untouched = { hose: null, measuredBoreM: null, lengthM: 4, riseM: null, bends90: 2, bends45: 0, connectors: 2, legs: [] } // prettier-ignore
const counted = { ...untouched, bends90: 3 }
const version6Lines = {
  ...version6WithParts,
  fuel: { ...version6WithParts.fuel, feed: counted, return: untouched },
}
const version7Lines = {
  ...version6Lines,
  fuel: {
    ...version6Lines.fuel,
    return: { ...untouched, bends90: null, bends45: null, connectors: null },
    suction: emptyLine,
    vent: emptyLine,
  },
}

/** With a controller chosen: it says below what it resets since. */
const controller = { id: 'c', name: 'ECU', priceClass: 3, injectorDrivers: 4, ignitionOutputs: 0, switchedOutputs: 3, idleValve: true, tachOutput: true, triggerInputs: 1, analogueInputs: 5, oxygenSensors: 1, sequential: false, gearbox: false } // prettier-ignore
const version7Controller = { ...version7Lines, system: { ...version7Lines.system, controller } }
const version8 = {
  ...version7Controller,
  walkAround: walkOfNow,
  system: { ...version7Lines.system, controller: { ...controller, leastV: null, rideThroughS: null } },
  power,
}
const version9 = { ...version8, power: powerNow }
const version10 = {
  ...version9,
  system: { ...version9.system, controller: { ...version9.system.controller, pinout: null } },
  harness,
}
const version11 = { ...version10, harness: harnessNow }
const version12 = { ...version11, engineTop }
const version13 = { ...version12, engineTop: engineTopNow }
const { asDelivered, uses, signals, later: laterStage } = systemOf14
const version14 = {
  ...version13,
  walkAround: walkOf14,
  work: works.work,
  system: {
    ...version13.system,
    controller: {
      ...version13.system.controller,
      digitalInputs: null,
      knockInput: null,
      connectors: null,
      revision: null,
      pumpSwitch: null,
      marketSwitch: null,
    },
    ...{ asDelivered, uses, signals, later: laterStage, distributorSize: null, tuning: null },
  },
  fuel: {
    ...version13.fuel,
    tank: { ...version13.fuel.tank, senderEarth: null, hatch: null, pumpHeard: null, strappedUp: null },
    secondEthanolShare: null,
    changedByHand: '',
  },
  exhaust: {
    ...version13.exhaust,
    airPump: [],
    surplusAt: '',
    found: null,
    weldLater: null,
    trip: null,
    flanged: null,
    coating: null,
    benchBefore: null,
    benchAfter: null,
    lead: null,
  },
  facts,
  orders,
}

/** What each migration makes of what, by its id. */
export const FIXTURES: Readonly<Record<string, { readonly before: object; readonly after: object }>> = {
  '1-to-2: walk-around, system and work': { before: version1, after: version2 },
  '2-to-3: legs of the lines, tank, vapour and what parts say more': { before: version2, after: version3 },
  '3-to-4: the exhaust and its sensors': { before: version3, after: { ...version3, exhaust } },
  '4-to-5: legs, pieces and obstacles have ids': { before: version4, after: version5 },
  '5-to-6: what pumps can reach and parts stand, starter, display of the sensor, kits and manifolds': {
    before: version5WithParts,
    after: version6WithParts,
  },
  '6-to-7: bends and connectors that nobody has counted': { before: version6Lines, after: version7Lines },
  '7-to-8: the supply, the coldest start, and below what an ECU resets': {
    before: version7Controller,
    after: version8,
  },
  '8-to-9: feeds, fuse box, returns of the sensors, insulation of the wires': { before: version8, after: version9 },
  '9-to-10: the harness, and the pins of an ECU': { before: version9, after: version10 },
  '10-to-11: runs beside sources, pins of plugs, old wires, cutting, board and proof of the loom': {
    before: version10,
    after: version11,
  },
  '11-to-12: the engine top': { before: version11, after: version12 },
  '12-to-13: vacuum ports, sensors and ignition of the engine top': { before: version12, after: version13 },
  '13-to-14: the survey in full, further inputs, stages, a second fuel, a bung as found, facts and orders': {
    before: { ...version13, exhaust: { ...exhaustNow, obstacles: [arm, floor] } },
    after: { ...version14, exhaust: { ...exhaustOf14, obstacles: [steeringArm, floorOf14] } },
  },
}

/**
 * What each released version of the document lets in, by section: the first half of SHA-256 of its JSON Schema. From 6
 * on without the names of units, which are words and may be said otherwise.
 */
export const SHAPE_LOCK: Readonly<Record<number, Readonly<Partial<Record<SectionName, string>>>>> = {
  14: {
    vehicle: '88fdcabdafbe9072',
    walkAround: '1166a2dd0ab76915',
    system: '1ba8f0a1cd7b8c7d',
    fuel: '12103dd62b6830bf',
    exhaust: '6f1f1edaeb59027f',
    engineTop: '96d27e04921bcaf5',
    power: '4db113edc1519c0f',
    harness: '96cb4089496c47e6',
    work: '6767a73298fbb24a',
    facts: 'f02925939707a2a2',
    orders: '1363ef614af70f5e',
  },
  13: {
    vehicle: '88fdcabdafbe9072',
    walkAround: '23095d96c982d81e',
    system: 'd095d2fe338d3580',
    fuel: '899eb3e2a6a3da26',
    exhaust: 'a3896714f6451795',
    engineTop: '96d27e04921bcaf5',
    power: '4db113edc1519c0f',
    harness: '96cb4089496c47e6',
    work: 'bcddd0ebdc3784e5',
  },
  12: {
    vehicle: '88fdcabdafbe9072',
    walkAround: '23095d96c982d81e',
    system: 'd095d2fe338d3580',
    fuel: '899eb3e2a6a3da26',
    exhaust: 'a3896714f6451795',
    engineTop: '0a1e20d6db0880f4',
    power: '4db113edc1519c0f',
    harness: '96cb4089496c47e6',
    work: 'bcddd0ebdc3784e5',
  },
  // prettier-ignore
  11: { vehicle: '88fdcabdafbe9072', walkAround: '23095d96c982d81e', system: 'd095d2fe338d3580', fuel: '899eb3e2a6a3da26', exhaust: 'a3896714f6451795', power: '4db113edc1519c0f', harness: '96cb4089496c47e6', work: 'f467a19e5e07bbe7' },
  // prettier-ignore
  10: { vehicle: '88fdcabdafbe9072', walkAround: '23095d96c982d81e', system: 'd095d2fe338d3580', fuel: '899eb3e2a6a3da26', exhaust: 'a3896714f6451795', power: '4db113edc1519c0f', harness: '2583cf9b5f1794be', work: 'f467a19e5e07bbe7' },
  // prettier-ignore
  9: { vehicle: '88fdcabdafbe9072', walkAround: '23095d96c982d81e', system: '7b915c3ecfb3e8fb', fuel: '899eb3e2a6a3da26', exhaust: 'a3896714f6451795', power: '4db113edc1519c0f', work: '4550096deda08632' },
  // prettier-ignore
  5: { vehicle: '6ffadd2d503c3795', walkAround: '18a13d3405b920be', system: 'e85a59042b236f2f', fuel: '80895b4cebd2772f', exhaust: '3184e12dbed7459b', work: '004718fe55f2abe0' },
  // prettier-ignore
  6: { vehicle: '88fdcabdafbe9072', walkAround: '6f9ec0148d8e9c28', system: '2af696222f462f8d', fuel: '880901d0065e4426', exhaust: 'a3896714f6451795', work: '004718fe55f2abe0' },
  // prettier-ignore
  8: { vehicle: '88fdcabdafbe9072', walkAround: '23095d96c982d81e', system: '7b915c3ecfb3e8fb', fuel: '899eb3e2a6a3da26', exhaust: 'a3896714f6451795', power: '568d3a8ca36058e6', work: '4550096deda08632' },
  // prettier-ignore
  7: { vehicle: '88fdcabdafbe9072', walkAround: '6f9ec0148d8e9c28', system: '2af696222f462f8d', fuel: '899eb3e2a6a3da26', exhaust: 'a3896714f6451795', work: '004718fe55f2abe0' },
}
