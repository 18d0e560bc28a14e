import { entered, figure, group, numbered, seats, seen, whole, word, type ValueOf } from '../shape/index.ts'

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
})

/** What stands on the car before anything is bought. Nothing is known until somebody has looked. SI. */
export const WALK_AROUND = group({
  body: group({
    style: word('saloon', 'coupe', 'open', 'estate', 'van', 'pickup', 'off-road'),
    massKg: figure('mass', 200, 6000, 'kg'),
    drive: word('rear', 'front', 'all'),
  }),
  engine: group({
    boreM: figure('bore', 0.03, 0.2, 'm'),
    strokeM: figure('bore', 0.03, 0.2, 'm'),
    compressionRatio: figure('ratio', 3, 16, ''),
    /** Cylinder numbers in the order they fire, e.g. "1-5-3-6-2-4". */
    firingOrder: entered(60),
    numberedFrom: word('front', 'bulkhead'),
    condition: word('fresh', 'sound', 'tired'),
  }),
  intake: group({
    manifold: word('single-plane', 'two-plane', 'log', 'separate-runners'),
    pad: word('one-barrel', 'two-barrel', 'four-barrel', 'spread-bore', 'side-draught'),
    divider: word('full', 'cut', 'open'),
    metal: word('iron', 'aluminium'),
  }),
  ignition: group({
    kind: word('points', 'breakerless', 'external-box', 'controlled-distributor', 'crank-triggered'),
    advance: word('mechanical', 'mechanical-and-vacuum', 'fixed'),
    coilResistor: seen,
    suppressedLeads: seen,
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
})
export type WalkAroundSection = ValueOf<typeof WALK_AROUND>
export type FitnessEntries = WalkAroundSection['tests']
