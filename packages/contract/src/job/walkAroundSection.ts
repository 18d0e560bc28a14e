import type { WalkAroundSection } from '@lochmoor/core'
import { z } from 'zod'
import { known, knownWhole, seen, text, word } from './knownFields.ts'

const MOST_CYLINDERS = 16
const perCylinder = (field: 'walkAround.tests.compressionPa' | 'walkAround.tests.leakDownShare') =>
  z.array(known(field)).max(MOST_CYLINDERS, { error: `allowed: one figure a cylinder, at most ${MOST_CYLINDERS}` })

const tests = z.strictObject({
  compressionPa: perCylinder('walkAround.tests.compressionPa'),
  leakDownShare: perCylinder('walkAround.tests.leakDownShare'),
  idleVacuumPa: known('walkAround.tests.idleVacuumPa'),
  idleNeedle: word(['steady', 'flicks-regularly', 'wanders']),
  exhaustLeak: word(['none', 'pin-hole', 'open-joint']),
  smoke: word(['none', 'on-start', 'on-overrun', 'always']),
  plugs: word(['even-tan', 'one-differs', 'sooty', 'oily']),
  misfire: word(['none', 'under-load', 'at-idle']),
  chainSlackDeg: known('walkAround.tests.chainSlackDeg'),
  fuelAgeS: known('walkAround.tests.fuelAgeS'),
  restingV: known('walkAround.tests.restingV'),
  crankingPostV: known('walkAround.tests.crankingPostV'),
  crankingRemoteV: known('walkAround.tests.crankingRemoteV'),
  crankingPlusDropV: known('walkAround.tests.crankingPlusDropV'),
  crankingGroundDropV: known('walkAround.tests.crankingGroundDropV'),
  idleChargingV: known('walkAround.tests.idleChargingV'),
  rippleV: known('walkAround.tests.rippleV'),
  coolantFlow: word(['brisk', 'weak', 'none']),
  thermostatOpens: word(['at-its-figure', 'early-or-late', 'stuck']),
  shaftPlayM: known('walkAround.tests.shaftPlayM'),
  linkagePlay: word(['none', 'some', 'sticks']),
  tankInside: word(['clean', 'dust', 'rust', 'old-sealant']),
})

export const WalkAroundSectionSchema = z.strictObject({
  body: z.strictObject({
    style: word(['saloon', 'coupe', 'open', 'estate', 'van', 'pickup', 'off-road']),
    massKg: known('walkAround.body.massKg'),
    drive: word(['rear', 'front', 'all']),
  }),
  engine: z.strictObject({
    boreM: known('walkAround.engine.boreM'),
    strokeM: known('walkAround.engine.strokeM'),
    compressionRatio: known('walkAround.engine.compressionRatio'),
    firingOrder: text(60).nullable(),
    numberedFrom: word(['front', 'bulkhead']),
    condition: word(['fresh', 'sound', 'tired']),
  }),
  intake: z.strictObject({
    manifold: word(['single-plane', 'two-plane', 'log', 'separate-runners']),
    pad: word(['one-barrel', 'two-barrel', 'four-barrel', 'spread-bore', 'side-draught']),
    divider: word(['full', 'cut', 'open']),
    metal: word(['iron', 'aluminium']),
  }),
  ignition: z.strictObject({
    kind: word(['points', 'breakerless', 'external-box', 'controlled-distributor', 'crank-triggered']),
    advance: word(['mechanical', 'mechanical-and-vacuum', 'fixed']),
    coilResistor: seen,
    suppressedLeads: seen,
  }),
  cooling: z.strictObject({
    fan: word(['belt', 'electric']),
    thermostatK: known('walkAround.cooling.thermostatK'),
    sparePort: word(['flowing', 'dead-end', 'none']),
    gauge: word(['electric', 'capillary', 'lamp', 'none']),
  }),
  gearbox: z.strictObject({
    kind: word(['manual', 'manual-overdrive', 'automatic']),
    linkage: word(['rod', 'cable', 'hydraulic']),
    kickdown: word(['none', 'rod', 'cable', 'electric', 'throttle-valve-cable']),
    electronic: seen,
  }),
  exhaust: z.strictObject({
    manifold: word(['cast', 'tubular']),
    merge: word(['one', 'per-bank', 'banks-joined']),
    primaryLengthM: known('walkAround.exhaust.primaryLengthM'),
    pipeDiameterM: known('walkAround.exhaust.pipeDiameterM'),
    tailLengthM: known('walkAround.exhaust.tailLengthM'),
    otherPipeDiameterM: known('walkAround.exhaust.otherPipeDiameterM'),
    otherTailLengthM: known('walkAround.exhaust.otherTailLengthM'),
    catalyst: seen,
  }),
  tank: z.strictObject({
    volumeM3: known('walkAround.tank.volumeM3'),
    depthM: known('walkAround.tank.depthM'),
    shape: word(['flat', 'upright', 'saddle', 'round']),
    sender: word(['float-arm', 'tube', 'none']),
    place: word(['under-boot', 'in-boot', 'behind-seat', 'under-seat', 'front']),
    gapAboveM: known('walkAround.tank.gapAboveM'),
    baffle: seen,
    vent: word(['vented-cap', 'pipe', 'canister']),
    lining: word(['bare-steel', 'terne', 'sealed', 'aluminium', 'plastic']),
  }),
  lines: z.strictObject({
    feed: word(['hard-line', 'hose', 'none']),
    feedBoreM: known('walkAround.lines.feedBoreM'),
    returnLine: seen,
    returnBoreM: known('walkAround.lines.returnBoreM'),
    condition: word(['clean', 'rusty', 'patched']),
  }),
  battery: z.strictObject({
    place: word(['bay', 'boot', 'under-seat']),
    systemV: word(['6', '12']),
    earth: word(['negative', 'positive']),
    capacityC: known('walkAround.battery.capacityC'),
    ageS: known('walkAround.battery.ageS'),
    coldCrankA: known('walkAround.battery.coldCrankA'),
  }),
  charging: z.strictObject({
    kind: word(['dynamo', 'alternator']),
    ratedA: known('walkAround.charging.ratedA'),
    pulleyRatio: known('walkAround.charging.pulleyRatio'),
  }),
  earths: z.strictObject({
    batteryToEngine: seen,
    engineToBody: seen,
    batteryToBody: seen,
    condition: word(['bright', 'corroded']),
  }),
  wiring: z.strictObject({
    state: word(['sound', 'altered', 'brittle']),
    freeFuses: knownWhole('walkAround.wiring.freeFuses'),
    ammeter: seen,
  }),
  bonnet: z.strictObject({ stackM: known('walkAround.bonnet.stackM'), gapM: known('walkAround.bonnet.gapM') }),
  cabin: z.strictObject({
    controllerPlace: word(['under-dash', 'under-seat', 'boot', 'bay-only']),
    bulkheadHoleM: known('walkAround.cabin.bulkheadHoleM'),
  }),
  tests,
}) satisfies z.ZodType<WalkAroundSection>
