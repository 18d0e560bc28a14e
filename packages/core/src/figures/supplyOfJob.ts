import type { JobDocument } from '../job/index.ts'
import { wireSizeOf } from '../parts/index.ts'
import {
  chargeAtRest,
  inertiaOf,
  JOINT_OHM,
  REGULATOR,
  starterOfPower,
  typicalOutput,
  type CarSupply,
  type CarWire,
} from '../power/index.ts'
import { WIRE_ROLES, type WireRole } from '../sections/index.ts'
import { loomSizeOf, loomWiresOf } from './loomWires.ts'
import { batteryPlaceOf, isDynamo, POWER_FIGURES } from './powerFigures.ts'

/** What is fitted until somebody decides or looks: size, fuse, terminals, and where it runs. Estimates. */
const USUAL: Readonly<Record<WireRole, { size: string; away?: string; fuseA: number | null; joints: 'good' | 'fair'; ambient: 'cabin' | 'bay' }>> = {
  starterCable: { size: 'mm2-25', away: 'mm2-35', fuseA: null, joints: 'good', ambient: 'bay' },
  batteryEarth: { size: 'mm2-25', away: 'mm2-35', fuseA: null, joints: 'good', ambient: 'bay' },
  engineStrap: { size: 'mm2-16', fuseA: null, joints: 'good', ambient: 'bay' },
  bodyStrap: { size: 'mm2-10', away: 'mm2-35', fuseA: null, joints: 'good', ambient: 'bay' },
  chargeCable: { size: 'mm2-6', fuseA: null, joints: 'fair', ambient: 'bay' },
  oldFeed: { size: 'mm2-4', fuseA: null, joints: 'fair', ambient: 'cabin' },
  lightsFeed: { size: 'mm2-2.5', fuseA: null, joints: 'fair', ambient: 'cabin' },
  ignitionFeed: { size: 'mm2-1.5', fuseA: null, joints: 'fair', ambient: 'bay' },
  ecuFeed: { size: 'mm2-4', away: 'mm2-6', fuseA: 20, joints: 'good', ambient: 'cabin' },
  ecuEarth: { size: 'mm2-4', away: 'mm2-6', fuseA: null, joints: 'good', ambient: 'cabin' },
  keyedFeed: { size: 'mm2-1', fuseA: null, joints: 'good', ambient: 'cabin' },
  pumpFeed: { size: 'mm2-2.5', fuseA: 15, joints: 'good', ambient: 'cabin' },
  pumpEarth: { size: 'mm2-2.5', fuseA: null, joints: 'good', ambient: 'cabin' },
  fanFeed: { size: 'mm2-4', away: 'mm2-6', fuseA: 30, joints: 'good', ambient: 'bay' },
  fanEarth: { size: 'mm2-4', fuseA: null, joints: 'good', ambient: 'bay' },
} // prettier-ignore

/** Wires of a bundle that carry current at once, until somebody has counted. Estimates. */
const USUAL_LOADED: Readonly<Partial<Record<WireRole, number>>> = {
  ecuFeed: 2,
  ecuEarth: 2,
  keyedFeed: 2,
  pumpFeed: 2,
  pumpEarth: 2,
  fanFeed: 2,
  lightsFeed: 2,
  ignitionFeed: 2,
}
/** Temperature to plan a wire's resistance by, K: its surroundings and some warmth of its own. Typical. */
const AMBIENT_K = { cabin: 318.15, bay: 353.15, hot: 373.15 } as const

/** Figures that a supply is made of, beside its own. */
export const SUPPLY_USES: readonly string[] = [
  ...Object.keys(POWER_FIGURES),
  'vehicle.cylinders',
  'vehicle.displacementM3',
  'vehicle.idleSpeedRpm',
  'vehicle.powerSpeedRpm',
  'fuel.injectorCount',
]

/** Injectors of high resistance: 11 to 16 ohm. Typical. */
const INJECTOR_OHM = 14
/** Until the ECU's sheet says: most reset at 6 to 7 V. Typical. */
export const ASSUMED_ECU_LEAST_V = 7
export const ASSUMED_RIDE_THROUGH_S = 0.005
/** Until an ECU is up again: 0.2 to 0.4 s. Typical. */
const BOOT_S = 0.3

/** Straps that the walk-around found or missed. */
const STRAPS = {
  batteryEarth: 'batteryToEngine',
  engineStrap: 'engineToBody',
  bodyStrap: 'batteryToBody',
} as const satisfies Partial<Record<WireRole, keyof JobDocument['walkAround']['earths']>>
const isStrap = (role: WireRole): role is keyof typeof STRAPS => role in STRAPS

/** Drops that the walk-around measured while cranking, where the wire itself has none. */
const crankDropOf = (job: JobDocument, role: WireRole): number | null => {
  const own = job.power.wires[role].crankDropV
  if (own !== null) return own
  // What was measured on the car as found says nothing of a battery that moves.
  const { place } = job.power.battery
  if (place !== null && place !== job.walkAround.battery.place) return null
  const { crankingPlusDropV, crankingGroundDropV } = job.walkAround.tests
  // The earth side was measured from block to terminal: one strap where one leads straight there.
  if (role === 'starterCable') return crankingPlusDropV
  return role === 'batteryEarth' ? crankingGroundDropV : null
}
/** Wires that carry the starter's current, by which a drop becomes a resistance. */
const CARRIES_STARTER: readonly WireRole[] = ['starterCable', 'batteryEarth']

const hottestOf = (wires: ReturnType<typeof loomWiresOf>): number | null => {
  const temperatures = (wires ?? []).flatMap((w) => w.hottestK ?? [])
  return temperatures.length === 0 ? null : Math.max(...temperatures)
}

const wireOf = (job: JobDocument, role: WireRole, number: (id: string) => number): CarWire => {
  const w = job.power.wires[role]
  const usual = USUAL[role]
  const away = batteryPlaceOf(job) !== 'bay'
  const inLoom = loomWiresOf(job, role)
  const loomSize = loomSizeOf(job, role)
  const size = wireSizeOf(loomSize ?? w.size ?? ((away && usual.away) || usual.size))
  const ambientK = hottestOf(inLoom) ?? AMBIENT_K[w.ambient ?? usual.ambient]
  const loadedWires = inLoom && Math.max(...inLoom.map((x) => x.loadedWires ?? 1))
  const { earths, tests } = job.walkAround
  const seen = isStrap(role) && earths.condition !== null ? (earths.condition === 'bright' ? 'good' : 'poor') : null
  const onFrame = role === 'pumpEarth' && job.power.design.pumpEarth === 'frame'
  const joints = w.joints ?? (onFrame ? 'rusty' : (seen ?? usual.joints))
  const dropV = crankDropOf(job, role)
  const crankA = tests.crankingA
  const fitted = isStrap(role) ? (earths[STRAPS[role]] ?? !(role === 'batteryEarth' && away)) : true
  return {
    lengthM: number(`power.wires.${role}.lengthM`),
    sizeWords: size.words,
    sectionM2: size.sectionM2,
    ohmPerM: size.ohmPerM,
    jointOhm: 2 * JOINT_OHM[joints],
    temperatureK: ambientK,
    ambientK,
    insulation: w.insulation ?? 'xlpe',
    loadedWires: loadedWires ?? w.loadedWires ?? USUAL_LOADED[role] ?? 1,
    fuseA: w.fuseA ?? usual.fuseA,
    fitted,
    measuredOhm:
      CARRIES_STARTER.includes(role) && dropV !== null && crankA !== null && crankA > 0 ? dropV / crankA : null,
    assumed: [
      ...(w.lengthM === null && inLoom === null ? (['length'] as const) : []),
      ...(w.size === null && loomSize === null ? (['size'] as const) : []),
      ...(w.joints === null && seen === null ? (['joints'] as const) : []),
    ],
  }
}

/**
 * The car's supply in figures, from what was found, decided and assumed.
 * @param number another figure of the job by its id: one of `SUPPLY_USES`
 */
export const supplyOfJob = (job: JobDocument, number: (id: string) => number): CarSupply => {
  const { power, walkAround, system } = job
  const kind = isDynamo(job) ? 'dynamo' : 'alternator'
  const points = power.generator.output
    .flatMap((p): [number, number][] => (p.speedRpm === null || p.currentA === null ? [] : [[p.speedRpm, p.currentA]]))
    .sort((a, b) => a[0] - b[0])
    .filter(([rpm], i, all) => i === 0 || rpm > all[i - 1]![0])
  const cylinders = number('vehicle.cylinders')
  const displacementM3 = number('vehicle.displacementM3')
  // Square, where nobody has measured bore and stroke.
  const square = Math.cbrt((4 * displacementM3) / (Math.PI * cylinders))
  const boreM = walkAround.engine.boreM ?? square
  return {
    battery: {
      standard: power.battery.standard ?? 'en',
      coldCrankA: number('walkAround.battery.coldCrankA'),
      ageS: number('walkAround.battery.ageS'),
      charge: chargeAtRest(number('walkAround.tests.restingV')),
      temperatureK: 298.15,
    },
    capacityC: number('walkAround.battery.capacityC'),
    batteryPlace: batteryPlaceOf(job),
    generator: {
      kind,
      output:
        points.length >= 2
          ? points
          : typicalOutput(kind, number('walkAround.charging.ratedA'), number('power.generator.cutInRpm')),
      pulleyRatio: number('walkAround.charging.pulleyRatio'),
      setV: number('power.generator.regulatorV'),
      setPerK: REGULATOR[kind].setPerK,
      droopOhm: REGULATOR[kind].droopOhm,
      joins: power.generator.joins ?? (walkAround.wiring.ammeter ? 'old-main' : 'starter-stud'),
    },
    old: {
      ammeter: walkAround.wiring.ammeter === true,
      bulkheadConnector: power.old.bulkheadConnector === true,
      fusibleLink: power.old.fusibleLink === true,
      ballast: walkAround.ignition.coilResistor === true,
      killSwitch: power.old.killSwitch ?? 'none',
      // Nearly every alternator has one: assumed until somebody has looked.
      chargeLamp: power.old.chargeLamp ?? !walkAround.wiring.ammeter,
      joints: walkAround.wiring.state === 'sound' ? 'good' : walkAround.wiring.state === 'brittle' ? 'poor' : 'fair',
    },
    design: power.design,
    inertiaSwitch: job.fuel.safety.inertiaSwitch === true,
    fan: power.design.fan ?? (walkAround.cooling.fan === 'electric' ? 'old-switch' : 'none'),
    starter: starterOfPower(number('power.starter.powerW')),
    engine: {
      displacementM3,
      cylinders,
      boreM,
      strokeM: (4 * displacementM3) / (Math.PI * cylinders * boreM ** 2),
      compressionRatio: number('walkAround.engine.compressionRatio'),
      inertiaKgM2: inertiaOf(displacementM3),
      oilFactor: 1,
    },
    speeds: { idleRpm: number('vehicle.idleSpeedRpm'), fullRpm: number('vehicle.powerSpeedRpm') },
    loads: {
      ecuW: number('power.loads.ecuW'),
      pumpA: number('pumpA'),
      injectorOhm: INJECTOR_OHM,
      injectorCount: number('fuel.injectorCount'),
      ignitionA: number('power.loads.ignitionA'),
      headlampsW: number('power.loads.headlampsW'),
      sideLampsW: number('power.loads.sideLampsW'),
      blowerA: number('power.loads.blowerA'),
      wipersA: number('power.loads.wipersA'),
      fanA: number('power.loads.fanA'),
      heaterW: number('power.loads.heaterW'),
      gaugesA: number('power.loads.gaugesA'),
      restA: number('power.loads.restA'),
    },
    relay: {
      pullInV: number('power.relay.pullInV'),
      dropOutV: number('power.relay.dropOutV'),
      coilOhm: number('power.relay.coilOhm'),
      coilK: number('power.relay.coilK'),
    },
    ecu: {
      leastV: system.controller?.leastV ?? ASSUMED_ECU_LEAST_V,
      rideThroughS: system.controller?.rideThroughS ?? ASSUMED_RIDE_THROUGH_S,
      bootS: BOOT_S,
    },
    coldestK: number('walkAround.battery.coldestStartK'),
    wires: Object.fromEntries(WIRE_ROLES.map((role) => [role, wireOf(job, role, number)])) as CarSupply['wires'],
  }
}
