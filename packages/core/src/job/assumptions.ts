import type { Default } from './default.ts'
import type { Family } from '../quantity/index.ts'
import { TANK_DEFAULTS } from './tankAssumptions.ts'
import { fuelLoopOf, injectionPlaceOf } from './choices.ts'
import type { JobDocument } from './jobDocument.ts'
import type { LineDesign } from './fuelLines.ts'
import type { Known } from '../quantity/known.ts'

/** A figure not measured yet, with the one used in its place and why. */
export interface Assumption {
  /** Section and field, e.g. "fuel.feed.lengthM". */
  readonly field: string
  readonly label: string
  readonly si: number
  readonly family: Family
  readonly why: string
}

const boosted = (job: JobDocument) => job.vehicle.aspiration !== 'natural'
const port = (job: JobDocument) => injectionPlaceOf(job) === 'port'
const cylindersOf = (job: JobDocument) => job.vehicle.cylinders ?? 6

/** From bore, stroke and cylinders, m³: V = pi/4 b² s n; null while one of them is not known. */
export const sweptVolumeM3 = (job: JobDocument): Known => {
  const { boreM, strokeM } = job.walkAround.engine
  const { cylinders } = job.vehicle
  return boreM === null || strokeM === null || cylinders === null
    ? null
    : (Math.PI / 4) * boreM ** 2 * strokeM * cylinders
}
const displacementOf = (job: JobDocument) => knownDisplacement(job) ?? 0.5e-3 * cylindersOf(job)
const knownDisplacement = (job: JobDocument) => job.vehicle.displacementM3 ?? sweptVolumeM3(job)
/** Length of a line: of its legs where there are some, null while one of them is not measured. */
const legsOr = (line: LineDesign): Known =>
  line.legs.length === 0
    ? line.lengthM
    : line.legs.reduce<Known>((sum, leg) => (sum === null || leg.lengthM === null ? null : sum + leg.lengthM), 0)
const idleVacuum = (job: JobDocument) => job.walkAround.tests.idleVacuumPa
const returnsFromEngine = (job: JobDocument) => fuelLoopOf(job) === 'return'
const SEA_LEVEL_PA = 101_325
const THUMB = 'rule of thumb'

/**
 * Every figure the fuel station computes with, in the order a person would measure them. The defaults are house
 * assumptions for a mild road engine at sea level, shown as such wherever they are used.
 */
const DEFAULTS = {
  'vehicle.cylinders': {
    label: 'Cylinders',
    family: 'count',
    why: 'most common',
    read: (j) => j.vehicle.cylinders,
    assume: cylindersOf,
  },
  'vehicle.displacementM3': {
    label: 'Displacement',
    family: 'displacement',
    why: '0.5 L a cylinder',
    read: knownDisplacement,
    assume: displacementOf,
  },
  'vehicle.powerW': {
    label: 'Power wanted',
    family: 'power',
    why: 'the power wanted later, else 40 kW a litre, 60 when blown',
    read: (j) => j.vehicle.powerW,
    assume: (j) => j.system.powerLaterW ?? (boosted(j) ? 60e6 : 40e6) * displacementOf(j),
  },
  'vehicle.powerSpeedRpm': {
    label: 'Speed at that power',
    family: 'engineSpeed',
    why: THUMB,
    read: (j) => j.vehicle.powerSpeedRpm,
    assume: () => 5000,
  },
  'vehicle.boostPa': {
    label: 'Boost at full power',
    family: 'pressure',
    why: 'unblown: none; blown: half a bar',
    read: (j) => (boosted(j) ? j.vehicle.boostPa : 0),
    assume: () => 50e3,
  },
  'vehicle.idleSpeedRpm': {
    label: 'Idle speed',
    family: 'engineSpeed',
    why: THUMB,
    read: (j) => j.vehicle.idleSpeedRpm,
    assume: () => 800,
  },
  'vehicle.idleManifoldPa': {
    label: 'Manifold at idle, absolute',
    family: 'pressure',
    why: 'mild cam, sea level',
    read: (j) => {
      const vacuumPa = idleVacuum(j)
      return j.vehicle.idleManifoldPa ?? (vacuumPa === null ? null : SEA_LEVEL_PA - vacuumPa)
    },
    assume: () => 40e3,
  },
  'vehicle.cruiseSpeedRpm': {
    label: 'Cruise speed',
    family: 'engineSpeed',
    why: THUMB,
    read: (j) => j.vehicle.cruiseSpeedRpm,
    assume: () => 2500,
  },
  'vehicle.cruiseManifoldPa': {
    label: 'Manifold at cruise, absolute',
    family: 'pressure',
    why: THUMB,
    read: (j) => j.vehicle.cruiseManifoldPa,
    assume: () => 55e3,
  },
  'fuel.ethanolShare': {
    label: 'Ethanol in the fuel',
    family: 'share',
    why: 'pump petrol; have it tested',
    read: (j) => j.fuel.ethanolShare,
    assume: () => 0.1,
  },
  'fuel.fuelTemperatureK': {
    label: 'Fuel temperature',
    family: 'temperature',
    why: 'a warm tank',
    read: (j) => j.fuel.fuelTemperatureK,
    assume: () => 303.15,
  },
  'fuel.setPressurePa': {
    label: 'Set pressure',
    family: 'pressure',
    why: 'usual for the chosen system and place of injection',
    read: (j) => j.fuel.setPressurePa,
    assume: (j) => (port(j) ? 300e3 : j.system.chosen?.injection === 'throttle-body-high' ? 400e3 : 100e3),
  },
  'fuel.feed.lengthM': {
    label: 'Feed length',
    family: 'distance',
    why: 'tank at the back',
    read: (j) => legsOr(j.fuel.feed),
    assume: () => 4,
  },
  'fuel.feed.riseM': {
    label: 'Feed rise',
    family: 'distance',
    why: 'tank under the floor',
    read: (j) => j.fuel.feed.riseM,
    assume: () => 0.4,
  },
  'fuel.return.lengthM': {
    label: 'Return length',
    family: 'distance',
    why: 'as the feed',
    read: (j) => (returnsFromEngine(j) ? legsOr(j.fuel.return) : 0),
    assume: (j) => legsOr(j.fuel.feed) ?? 4,
  },
  'fuel.return.riseM': {
    label: 'Return rise',
    family: 'distance',
    why: 'the feed the other way',
    read: (j) => (returnsFromEngine(j) ? j.fuel.return.riseM : 0),
    assume: (j) => -(j.fuel.feed.riseM ?? 0.4),
  },
  'fuel.injectorCount': {
    label: 'Injectors',
    family: 'count',
    why: 'one a cylinder, or four on a throttle body',
    read: (j) => j.fuel.injectorCount,
    assume: (j) => (port(j) ? cylindersOf(j) : 4),
  },
  'fuel.openingsPerCycle': {
    label: 'Openings per engine cycle',
    family: 'count',
    why: 'sequential one, batch two per cycle',
    read: (j) => j.fuel.openingsPerCycle,
    assume: (j) => (j.system.chosen?.firing === 'sequential' ? 1 : 2),
  },
  'fuel.lowV': {
    label: 'Least voltage at the pump',
    family: 'voltage',
    why: 'lights and fan on, 1.5 V lost on the way',
    read: (j) => j.fuel.lowV,
    assume: () => 12,
  },
  'fuel.runningV': {
    label: 'Voltage at the pump, running',
    family: 'voltage',
    why: 'charging, 0.5 V lost on the way',
    read: (j) => j.fuel.runningV,
    assume: () => 13.5,
  },
  'fuel.highV': {
    label: 'Highest charging voltage',
    family: 'voltage',
    why: 'cold regulator, no loss',
    read: (j) => j.fuel.highV,
    assume: () => 14.6,
  },
  ...TANK_DEFAULTS,
} satisfies Record<string, Default>

export type FigureField = keyof typeof DEFAULTS

/** The measured figure, or the assumed one. SI. */
export function figureOf(job: JobDocument, field: FigureField): number {
  const d: Default = DEFAULTS[field]
  return d.read(job) ?? d.assume(job)
}

/** Everything that is still assumed, in measuring order. */
export const assumptionsOf = (job: JobDocument): Assumption[] =>
  (Object.entries(DEFAULTS) as [FigureField, Default][]).flatMap(([field, d]) =>
    d.read(job) === null && (d.matters?.(job) ?? true)
      ? [{ field, label: d.label, si: d.assume(job), family: d.family, why: d.why }]
      : [],
  )
