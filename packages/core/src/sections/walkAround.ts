import {
  always,
  entered,
  figure,
  group,
  listOf,
  name,
  newItem,
  numbered,
  seats,
  seen,
  setOf,
  whole,
  word,
  type ItemOf,
  type ValueOf,
} from '../shape/index.ts'

const CYLINDERS = numbered(16)

/** What the tests of "fit to convert?" gave; of each cylinder one figure, in number order. */
const TESTS = group({
  /** One figure a cylinder, in number order; gauge. */
  compressionPa: seats(figure('compression', 0, 3e6, 'Pa'), CYLINDERS, 'figure'),
  /** One share a cylinder. */
  leakDownShare: seats(figure('share', 0, 1, 'share'), CYLINDERS, 'figure'),
  idleVacuumPa: figure('vacuum', 0, 95e3, 'Pa below ambient'),
  idleNeedle: word('steady', 'flicks-regularly', 'wanders'),
  exhaustLeak: word('none', 'pin-hole', 'open-joint'),
  smoke: word('none', 'on-start', 'on-overrun', 'always'),
  plugs: word('even-tan', 'one-differs', 'sooty', 'oily'),
  misfire: word('none', 'under-load', 'at-idle'),
  chainSlackDeg: figure('angle', 0, 60, 'degrees of crank'),
  fuelAgeS: figure('age', 0, 3.2e9, 's'),
  restingV: figure('voltage', 0, 16, 'V'),
  crankingPostV: figure('voltage', 0, 16, 'V'),
  crankingRemoteV: figure('voltage', 0, 16, 'V'),
  crankingPlusDropV: figure('voltage', 0, 16, 'V'),
  crankingGroundDropV: figure('voltage', 0, 16, 'V'),
  crankingA: figure('current', 0, 2000, 'A'),
  crankingRpm: figure('engineSpeed', 0, 1000, 'rpm'),
  idleChargingV: figure('voltage', 0, 20, 'V'),
  rippleV: figure('voltage', 0, 10, 'V'),
  coolantFlow: word('brisk', 'weak', 'none'),
  thermostatOpens: word('at-its-figure', 'early-or-late', 'stuck'),
  shaftPlayM: figure('bore', 0, 0.01, 'm'),
  linkagePlay: word('none', 'some', 'sticks'),
  tankInside: word('clean', 'dust', 'rust', 'old-sealant'),
  vacuumLeak: word('none', 'small', 'large'),
  exhaustRepairs: setOf(word('none', 'bands', 'filler', 'wire', 'patch'), 5, true),
})

/** How it ran before the carburettor came off: what hand-over is compared with. */
const BASELINE = group({
  idleLambda: figure('lambda', 0.6, 1.6, 'lambda'),
  idleVacuumPa: figure('vacuum', 0, 95e3, 'Pa below ambient'),
  idleRpm: figure('engineSpeed', 200, 2500, 'rpm'),
  coolantK: figure('temperature', 253.15, 403.15, 'K'),
  airK: figure('temperature', 233.15, 373.15, 'K'),
  idleV: figure('voltage', 0, 20, 'V'),
  cruiseLambda: figure('lambda', 0.6, 1.6, 'lambda'),
  cruiseVacuumPa: figure('vacuum', 0, 95e3, 'Pa below ambient'),
  cruiseRpm: figure('engineSpeed', 500, 8000, 'rpm'),
})

export const REACHED = ['tank', 'fuel-lines', 'exhaust', 'manifold', 'bulkhead', 'ecu', 'battery', 'earths'] as const
export type Reached = (typeof REACHED)[number]
/** Something that comes out before a place can be worked at. */
const IN_THE_WAY = group({
  name: name(80),
  place: always(REACHED),
  /** Out and in again. */
  takesS: figure('labour', 0, 360e3, 's'),
})
export type InTheWay = ItemOf<typeof IN_THE_WAY>
export const emptyInTheWay = (id: string, called: string, place: Reached): InTheWay =>
  newItem(IN_THE_WAY, id, { name: called, place })

/** A fastener that will not come out as it should, or is not there. */
const FASTENER = group({
  name: name(80),
  place: always(REACHED),
  state: always(['seized', 'rounded', 'stripped', 'missing']),
  count: whole(1, 99),
})
export type Fastener = ItemOf<typeof FASTENER>
export const emptyFastener = (id: string, called: string, place: Reached): Fastener =>
  newItem(FASTENER, id, { name: called, place })

/** What stands on the car before anything is bought. Nothing is known until somebody has looked. SI. */
export const WALK_AROUND = group({
  body: group({
    style: word('saloon', 'coupe', 'open', 'estate', 'van', 'pickup', 'off-road'),
    massKg: figure('mass', 200, 6000, 'kg'),
    drive: word('rear', 'front', 'all'),
    steering: word('left', 'right'),
  }),
  engine: group({
    boreM: figure('bore', 0.03, 0.2, 'm'),
    strokeM: figure('bore', 0.03, 0.2, 'm'),
    compressionRatio: figure('ratio', 3, 16, ''),
    /** Cylinder numbers in the order they fire, e.g. "1-5-3-6-2-4". */
    firingOrder: entered(60),
    numberedFrom: word('front', 'bulkhead'),
    condition: word('fresh', 'sound', 'tired'),
    /** What a younger engine carries already and an ECU can use. */
    sensors: setOf(word('none', 'crank', 'cam', 'knock', 'coolant', 'air', 'throttle'), 7, true),
  }),
  intake: group({
    manifold: word('single-plane', 'two-plane', 'log', 'separate-runners'),
    pad: word('one-barrel', 'two-barrel', 'four-barrel', 'spread-bore', 'side-draught'),
    divider: word('full', 'cut', 'open'),
    metal: word('iron', 'aluminium'),
    /** What draws vacuum from carburettor and manifold as it stands. */
    consumers: setOf(word('none', 'servo', 'breather', 'advance', 'modulator', 'heater', 'gauge', 'purge'), 8, true),
  }),
  ignition: group({
    kind: word('points', 'breakerless', 'external-box', 'controlled-distributor', 'crank-triggered'),
    advance: word('mechanical', 'mechanical-and-vacuum', 'fixed'),
    coilResistor: seen,
    suppressedLeads: seen,
    boxPlace: word('none', 'bay', 'cabin', 'boot'),
  }),
  cooling: group({
    fan: word('belt', 'electric'),
    thermostatK: figure('temperature', 323.15, 383.15, 'K'),
    sparePort: word('flowing', 'dead-end', 'none'),
    gauge: word('electric', 'capillary', 'lamp', 'none'),
  }),
  gearbox: group({
    kind: word('manual', 'manual-overdrive', 'automatic'),
    linkage: word('rod', 'cable', 'hydraulic'),
    kickdown: word('none', 'rod', 'cable', 'electric', 'throttle-valve-cable'),
    electronic: seen,
    /** Shifts by itself; only its converter lock-up wants a wire. */
    lockUp: seen,
    computerPlace: word('none', 'bay', 'cabin', 'under-floor'),
  }),
  exhaust: group({
    manifold: word('cast', 'tubular'),
    merge: word('one', 'per-bank', 'banks-joined'),
    primaryLengthM: figure('distance', 0, 3, 'm'),
    pipeDiameterM: figure('bore', 0.015, 0.15, 'm'),
    /** From the merge to the open end. */
    tailLengthM: figure('distance', 0, 8, 'm'),
    /** The other bank, where it has a pipe of its own. */
    otherPipeDiameterM: figure('bore', 0.015, 0.15, 'm'),
    otherTailLengthM: figure('distance', 0, 8, 'm'),
    catalyst: seen,
    comesApart: word('flanges', 'slip-joints', 'welded'),
    poisons: setOf(word('none', 'lead', 'metal-additive', 'silicone', 'coolant', 'oil', 'anti-seize'), 7, true),
  }),
  tank: group({
    volumeM3: figure('volume', 0.002, 0.4, 'm³'),
    depthM: figure('bore', 0.03, 1, 'm'),
    shape: word('flat', 'upright', 'saddle', 'round'),
    sender: word('float-arm', 'tube', 'none'),
    place: word('under-boot', 'in-boot', 'behind-seat', 'under-seat', 'front'),
    gapAboveM: figure('bore', 0, 1, 'm'),
    baffle: seen,
    vent: word('vented-cap', 'pipe', 'canister'),
    lining: word('bare-steel', 'terne', 'sealed', 'aluminium', 'plastic'),
    oldPump: word('mechanical', 'electric-in-line', 'electric-in-tank', 'none'),
    gauge: word('true', 'off', 'dead', 'none'),
  }),
  lines: group({
    feed: word('hard-line', 'hose', 'none'),
    feedBoreM: figure('bore', 0.002, 0.03, 'm'),
    returnLine: seen,
    returnBoreM: figure('bore', 0.002, 0.03, 'm'),
    condition: word('clean', 'rusty', 'patched'),
  }),
  battery: group({
    place: word('bay', 'boot', 'under-seat'),
    systemV: word('6', '12'),
    earth: word('negative', 'positive'),
    capacityC: figure('charge', 3600, 1.08e6, 'C (1 Ah = 3600 C)'),
    ageS: figure('age', 0, 1.6e9, 's'),
    coldCrankA: figure('current', 50, 2000, 'A'),
    /** Coldest air it shall start in. */
    coldestStartK: figure('temperature', 233.15, 313.15, 'K'),
  }),
  charging: group({
    kind: word('dynamo', 'alternator'),
    ratedA: figure('current', 5, 400, 'A'),
    /** Generator speed over crank speed. */
    pulleyRatio: figure('ratio', 0.5, 5, ''),
  }),
  earths: group({
    batteryToEngine: seen,
    engineToBody: seen,
    batteryToBody: seen,
    condition: word('bright', 'corroded'),
  }),
  wiring: group({
    state: word('sound', 'altered', 'brittle'),
    freeFuses: whole(0, 40),
    ammeter: seen,
    /** Of the loom, which may be younger or older than the car. */
    loomYear: whole(1885, 2100),
  }),
  bonnet: group({
    /** Carburettor pad to the top of the air cleaner. */
    stackM: figure('bore', 0, 1, 'm'),
    /** Between that and the closed bonnet. */
    gapM: figure('bore', 0, 1, 'm'),
  }),
  cabin: group({
    controllerPlace: word('under-dash', 'under-seat', 'boot', 'bay-only'),
    bulkheadHoleM: figure('bore', 0, 0.2, 'm'),
  }),
  tests: TESTS,
  baseline: BASELINE,
  reach: group({
    inTheWay: listOf(IN_THE_WAY, 24, 'part in the way'),
    fasteners: listOf(FASTENER, 24, 'fastener'),
  }),
  /** What the person who does it has. */
  means: group({
    lift: word('lift', 'stands', 'none'),
    /** Largest drill or step drill. */
    drillM: figure('bore', 0.001, 0.08, 'm'),
    crimpTools: seen,
    laptop: seen,
    helper: seen,
    shelter: seen,
  }),
})
export type WalkAroundSection = ValueOf<typeof WALK_AROUND>
export type FitnessEntries = WalkAroundSection['tests']
