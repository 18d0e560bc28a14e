import type { Known } from './known.ts'

type Choice<T extends string> = T | null
/** True, false, or not looked at yet. */
type Seen = boolean | null

/** What stands on the car before anything is bought. Every field is null until somebody has looked. SI. */
export interface WalkAroundSection {
  readonly body: {
    readonly style: Choice<'saloon' | 'coupe' | 'open' | 'estate' | 'van' | 'pickup' | 'off-road'>
    readonly massKg: Known
    readonly drive: Choice<'rear' | 'front' | 'all'>
  }
  readonly engine: {
    readonly boreM: Known
    readonly strokeM: Known
    readonly compressionRatio: Known
    /** Cylinder numbers in the order they fire, e.g. "1-5-3-6-2-4". */
    readonly firingOrder: string | null
    readonly numberedFrom: Choice<'front' | 'bulkhead'>
    readonly condition: Choice<'fresh' | 'sound' | 'tired'>
  }
  readonly intake: {
    readonly manifold: Choice<'single-plane' | 'two-plane' | 'log' | 'separate-runners'>
    readonly pad: Choice<'one-barrel' | 'two-barrel' | 'four-barrel' | 'spread-bore' | 'side-draught'>
    readonly divider: Choice<'full' | 'cut' | 'open'>
    readonly metal: Choice<'iron' | 'aluminium'>
  }
  readonly ignition: {
    readonly kind: Choice<'points' | 'breakerless' | 'external-box' | 'controlled-distributor' | 'crank-triggered'>
    readonly advance: Choice<'mechanical' | 'mechanical-and-vacuum' | 'fixed'>
    readonly coilResistor: Seen
    readonly suppressedLeads: Seen
  }
  readonly cooling: {
    readonly fan: Choice<'belt' | 'electric'>
    readonly thermostatK: Known
    readonly sparePort: Choice<'flowing' | 'dead-end' | 'none'>
    readonly gauge: Choice<'electric' | 'capillary' | 'lamp' | 'none'>
  }
  readonly gearbox: {
    readonly kind: Choice<'manual' | 'manual-overdrive' | 'automatic'>
    readonly linkage: Choice<'rod' | 'cable' | 'hydraulic'>
    readonly kickdown: Choice<'none' | 'rod' | 'cable' | 'electric' | 'throttle-valve-cable'>
    readonly electronic: Seen
  }
  readonly exhaust: {
    readonly manifold: Choice<'cast' | 'tubular'>
    readonly merge: Choice<'one' | 'per-bank' | 'banks-joined'>
    readonly primaryLengthM: Known
    readonly pipeDiameterM: Known
    /** From the merge to the open end. */
    readonly tailLengthM: Known
    /** The other bank, where it has a pipe of its own. */
    readonly otherPipeDiameterM: Known
    readonly otherTailLengthM: Known
    readonly catalyst: Seen
  }
  readonly tank: {
    readonly volumeM3: Known
    readonly depthM: Known
    readonly shape: Choice<'flat' | 'upright' | 'saddle' | 'round'>
    readonly sender: Choice<'float-arm' | 'tube' | 'none'>
    readonly place: Choice<'under-boot' | 'in-boot' | 'behind-seat' | 'under-seat' | 'front'>
    readonly gapAboveM: Known
    readonly baffle: Seen
    readonly vent: Choice<'vented-cap' | 'pipe' | 'canister'>
    readonly lining: Choice<'bare-steel' | 'terne' | 'sealed' | 'aluminium' | 'plastic'>
  }
  readonly lines: {
    readonly feed: Choice<'hard-line' | 'hose' | 'none'>
    readonly feedBoreM: Known
    readonly returnLine: Seen
    readonly returnBoreM: Known
    readonly condition: Choice<'clean' | 'rusty' | 'patched'>
  }
  readonly battery: {
    readonly place: Choice<'bay' | 'boot' | 'under-seat'>
    readonly systemV: Choice<'6' | '12'>
    readonly earth: Choice<'negative' | 'positive'>
    readonly capacityC: Known
    readonly ageS: Known
    readonly coldCrankA: Known
  }
  readonly charging: {
    readonly kind: Choice<'dynamo' | 'alternator'>
    readonly ratedA: Known
    /** Generator speed over crank speed. */
    readonly pulleyRatio: Known
  }
  readonly earths: {
    readonly batteryToEngine: Seen
    readonly engineToBody: Seen
    readonly batteryToBody: Seen
    readonly condition: Choice<'bright' | 'corroded'>
  }
  readonly wiring: {
    readonly state: Choice<'sound' | 'altered' | 'brittle'>
    readonly freeFuses: Known
    readonly ammeter: Seen
  }
  readonly bonnet: {
    /** Carburettor pad to the top of the air cleaner. */
    readonly stackM: Known
    /** Between that and the closed bonnet. */
    readonly gapM: Known
  }
  readonly cabin: {
    readonly controllerPlace: Choice<'under-dash' | 'under-seat' | 'boot' | 'bay-only'>
    readonly bulkheadHoleM: Known
  }
  readonly tests: FitnessEntries
}

/** What the tests of "fit to convert?" gave. */
export interface FitnessEntries {
  /** One figure a cylinder, in number order; gauge. */
  readonly compressionPa: readonly Known[]
  /** One share a cylinder. */
  readonly leakDownShare: readonly Known[]
  readonly idleVacuumPa: Known
  readonly idleNeedle: Choice<'steady' | 'flicks-regularly' | 'wanders'>
  readonly exhaustLeak: Choice<'none' | 'pin-hole' | 'open-joint'>
  readonly smoke: Choice<'none' | 'on-start' | 'on-overrun' | 'always'>
  readonly plugs: Choice<'even-tan' | 'one-differs' | 'sooty' | 'oily'>
  readonly misfire: Choice<'none' | 'under-load' | 'at-idle'>
  readonly chainSlackDeg: Known
  readonly fuelAgeS: Known
  readonly restingV: Known
  readonly crankingPostV: Known
  readonly crankingRemoteV: Known
  readonly crankingPlusDropV: Known
  readonly crankingGroundDropV: Known
  readonly idleChargingV: Known
  readonly rippleV: Known
  readonly coolantFlow: Choice<'brisk' | 'weak' | 'none'>
  readonly thermostatOpens: Choice<'at-its-figure' | 'early-or-late' | 'stuck'>
  readonly shaftPlayM: Known
  readonly linkagePlay: Choice<'none' | 'some' | 'sticks'>
  readonly tankInside: Choice<'clean' | 'dust' | 'rust' | 'old-sealant'>
}

export const emptyWalkAround: WalkAroundSection = {
  body: { style: null, massKg: null, drive: null },
  engine: {
    boreM: null,
    strokeM: null,
    compressionRatio: null,
    firingOrder: null,
    numberedFrom: null,
    condition: null,
  },
  intake: { manifold: null, pad: null, divider: null, metal: null },
  ignition: { kind: null, advance: null, coilResistor: null, suppressedLeads: null },
  cooling: { fan: null, thermostatK: null, sparePort: null, gauge: null },
  gearbox: { kind: null, linkage: null, kickdown: null, electronic: null },
  exhaust: {
    manifold: null,
    merge: null,
    primaryLengthM: null,
    pipeDiameterM: null,
    tailLengthM: null,
    otherPipeDiameterM: null,
    otherTailLengthM: null,
    catalyst: null,
  },
  tank: {
    volumeM3: null,
    depthM: null,
    shape: null,
    sender: null,
    place: null,
    gapAboveM: null,
    baffle: null,
    vent: null,
    lining: null,
  },
  lines: { feed: null, feedBoreM: null, returnLine: null, returnBoreM: null, condition: null },
  battery: { place: null, systemV: null, earth: null, capacityC: null, ageS: null, coldCrankA: null },
  charging: { kind: null, ratedA: null, pulleyRatio: null },
  earths: { batteryToEngine: null, engineToBody: null, batteryToBody: null, condition: null },
  wiring: { state: null, freeFuses: null, ammeter: null },
  bonnet: { stackM: null, gapM: null },
  cabin: { controllerPlace: null, bulkheadHoleM: null },
  tests: {
    compressionPa: [],
    leakDownShare: [],
    idleVacuumPa: null,
    idleNeedle: null,
    exhaustLeak: null,
    smoke: null,
    plugs: null,
    misfire: null,
    chainSlackDeg: null,
    fuelAgeS: null,
    restingV: null,
    crankingPostV: null,
    crankingRemoteV: null,
    crankingPlusDropV: null,
    crankingGroundDropV: null,
    idleChargingV: null,
    rippleV: null,
    coolantFlow: null,
    thermostatOpens: null,
    shaftPlayM: null,
    linkagePlay: null,
    tankInside: null,
  },
}
