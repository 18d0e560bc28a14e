import {
  demandByAirKgS,
  demandByPowerKgS,
  fuelDemand,
  type AirRoute,
  type Aspiration,
  type FuelDemand,
  type PowerBasis,
} from './fuelDemand.ts'
import type { Trace } from '../verdict/index.ts'
import { fuelProperties, type FuelProperties } from './fuelProperties.ts'
import { ambientAtPa } from './ambient.ts'

/** Sea level: what every moment but the one at altitude stands at. */
export const AMBIENT_PA = 101_325

export type PointId =
  | 'prime'
  | 'overrun'
  | 'cold-idle'
  | 'idle'
  | 'hot-idle'
  | 'cruise'
  | 'full'
  | 'full-low'
  | 'full-due'
  | 'full-hot'
  | 'full-high'
export type VoltageLevel = 'low' | 'running' | 'high'

/** What the engine asks of the fuel system at one moment. */
export interface OperatingPoint {
  readonly id: PointId | 'between'
  readonly label: string
  readonly speedRpm: number
  /** Absolute. */
  readonly manifoldPa: number
  readonly demandKgS: number
  readonly demandM3S: number
  readonly voltage: VoltageLevel
  readonly voltageV: number
  /** At the regulator's reference hose, gauge. */
  readonly referencePa: number
  /** At the injectors' tips, gauge. */
  readonly tipPa: number
  /** Absolute; gauge pressures of this moment count from it. */
  readonly ambientPa: number
  readonly temperatureK: number
  /** The fuel at that temperature. */
  readonly fuel: FuelProperties
  /** Whether the fine filter is taken as due. */
  readonly filterDue: boolean
}

/**
 * How the engine breathes along the load scale (0 idle, 0.5 cruise, 1 full power): filling referred to manifold
 * density and lambda. Rules of thumb for a mild road engine until a table exists.
 */
const BREATHING = {
  coldIdle: { volumetricEfficiency: 0.65, lambda: 0.8, chargeTemperatureK: 268 },
  idle: { volumetricEfficiency: 0.65, lambda: 1, chargeTemperatureK: 313 },
  cruise: { volumetricEfficiency: 0.78, lambda: 1, chargeTemperatureK: 308 },
  fullNatural: { volumetricEfficiency: 0.82, lambda: 0.87, chargeTemperatureK: 303 },
  fullBoosted: { volumetricEfficiency: 0.85, lambda: 0.8, chargeTemperatureK: 333 },
} as const

/** Filling at full power, referred to manifold density: a mild road engine, rule of thumb. */
export const fullFilling = (aspiration: Aspiration): number =>
  (aspiration === 'natural' ? BREATHING.fullNatural : BREATHING.fullBoosted).volumetricEfficiency

/** A word for a place on the load scale. */
const nameOfLoad = (s: number): string =>
  s === 0
    ? 'Idle'
    : s === 0.5
      ? 'Cruise'
      : s === 1
        ? 'Full load'
        : s < 0.5
          ? 'Between idle and cruise'
          : 'Between cruise and full load'

const mix = (a: number, b: number, share: number) => a + share * (b - a)

const mixRoutes = (a: AirRoute, b: AirRoute, share: number): AirRoute => ({
  displacementM3: a.displacementM3,
  speedRpm: mix(a.speedRpm, b.speedRpm, share),
  manifoldPa: mix(a.manifoldPa, b.manifoldPa, share),
  chargeTemperatureK: mix(a.chargeTemperatureK, b.chargeTemperatureK, share),
  volumetricEfficiency: mix(a.volumetricEfficiency, b.volumetricEfficiency, share),
  lambda: mix(a.lambda, b.lambda, share),
})

/** A frosty morning's tank. */
const COLD_FUEL_K = 268.15

/** What surrounds a moment. */
type Conditions = Pick<OperatingPoint, 'temperatureK' | 'fuel' | 'ambientPa' | 'filterDue'>

/** Engine and fuel of a job, worked out once for all its points. */
export interface EngineOnFuel {
  readonly fuel: FuelProperties
  /** Its routes are those of today's engine; what is designed for is the larger of now and later. */
  readonly demand: FuelDemand
  /** Fuel for the power wanted later, kg/s, where it is the larger: what pump and lines are sized for; else null. */
  readonly laterKgS: number | null
  readonly voltageV: Readonly<Record<VoltageLevel, number>>
  airAt(loadShare: number): AirRoute
  pointAt(loadShare: number, voltage: VoltageLevel): OperatingPoint
  /** Fuel cut at cruising speed: nothing is taken, everything comes back. */
  overrunAt(voltage: VoltageLevel): OperatingPoint
  readonly points: readonly OperatingPoint[]
  traceDemand(point: OperatingPoint, trace: Trace): void
}

/** What the engine is, or is taken to be. SI, absolute manifold pressures. */
export interface EngineFigures {
  readonly aspiration: Aspiration
  readonly powerBasis: PowerBasis
  readonly displacementM3: number
  /** Today's. */
  readonly powerW: number
  /** Wanted in a few years; null where nothing is said of it. */
  readonly powerLaterW: number | null
  readonly powerSpeedRpm: number
  /** Over ambient, at full power. */
  readonly boostPa: number
  readonly idleSpeedRpm: number
  readonly idleManifoldPa: number
  readonly cruiseSpeedRpm: number
  readonly cruiseManifoldPa: number
}

/** What it runs on and what stands at its pump. */
export interface FuelAtPump {
  readonly ethanolShare: number
  readonly temperatureK: number
  readonly hottestK: number
  readonly altitudeM: number
  readonly voltageV: Readonly<Record<VoltageLevel, number>>
  /** Whether the regulator's reference hose goes to the manifold. */
  readonly referenced: boolean
  /** Injectors that spray above the throttle plate stand in ambient air. */
  readonly abovePlate: boolean
}

/** Pump and lines are bought once: fuel by the power wanted later, kg/s, where that is more than today's; else null. */
const laterDemandKgS = (
  { powerLaterW, powerBasis, aspiration }: EngineFigures,
  fuel: FuelProperties,
  nowKgS: number,
): number | null => {
  if (powerLaterW === null) return null
  const kgS = demandByPowerKgS({ powerW: powerLaterW, basis: powerBasis, aspiration }, fuel).typical
  return kgS > nowKgS ? kgS : null
}

/** Engine and fuel at every moment that the design must stand. */
export const engineOnFuel = (figures: EngineFigures, on: FuelAtPump): EngineOnFuel => {
  const { aspiration, powerBasis, displacementM3, boostPa } = figures
  const { ethanolShare, voltageV } = on
  const fuelAt = (temperatureK: number) => fuelProperties({ ethanolShare, temperatureK })
  const fuel = fuelAt(on.temperatureK)
  const idle: AirRoute = {
    displacementM3,
    speedRpm: figures.idleSpeedRpm,
    manifoldPa: figures.idleManifoldPa,
    ...BREATHING.idle,
  }
  const cruise: AirRoute = {
    displacementM3,
    speedRpm: figures.cruiseSpeedRpm,
    manifoldPa: figures.cruiseManifoldPa,
    ...BREATHING.cruise,
  }
  const full: AirRoute = {
    displacementM3,
    speedRpm: figures.powerSpeedRpm,
    manifoldPa: AMBIENT_PA + boostPa,
    ...(aspiration === 'natural' ? BREATHING.fullNatural : BREATHING.fullBoosted),
  }
  const now = fuelDemand({ powerW: figures.powerW, basis: powerBasis, aspiration }, full, fuel)
  const laterKgS = laterDemandKgS(figures, fuel, now.designKgS)
  const demand: FuelDemand =
    laterKgS === null ? now : { ...now, designKgS: laterKgS, designM3S: laterKgS / fuel.densityKgM3 }
  const airAt = (s: number) => (s <= 0.5 ? mixRoutes(idle, cruise, 2 * s) : mixRoutes(cruise, full, 2 * s - 1))
  // At full load the larger of the two routes, or of later, counts; towards cruise the air route alone.
  const designOverAir = demand.designKgS / demand.byAirKgS.typical
  const scaleAt = (s: number) => mix(1, designOverAir, Math.max(0, 2 * s - 1))

  const usual: Conditions = {
    temperatureK: on.temperatureK,
    fuel,
    ambientPa: AMBIENT_PA,
    filterDue: false,
  }
  const hotK = on.hottestK
  const hot: Conditions = { ...usual, temperatureK: hotK, fuel: fuelAt(hotK) }
  const cold: Conditions = { ...usual, temperatureK: COLD_FUEL_K, fuel: fuelAt(COLD_FUEL_K) }
  const highPa = ambientAtPa(on.altitudeM)
  const high: Conditions = { ...usual, ambientPa: highPa }

  const point = (
    id: OperatingPoint['id'],
    label: string,
    air: AirRoute,
    demandKgS: number,
    voltage: VoltageLevel,
    at: Conditions = usual,
  ): OperatingPoint => {
    const manifoldGaugePa = air.manifoldPa - at.ambientPa
    const hornPa = Math.max(0, manifoldGaugePa)
    return {
      id,
      label,
      speedRpm: air.speedRpm,
      manifoldPa: air.manifoldPa,
      demandKgS,
      demandM3S: demandKgS / at.fuel.densityKgM3,
      voltage,
      voltageV: voltageV[voltage],
      referencePa: on.referenced ? manifoldGaugePa : 0,
      tipPa: on.abovePlate ? hornPa : manifoldGaugePa,
      ...at,
    }
  }
  const demandAt = (s: number) => scaleAt(s) * demandByAirKgS(airAt(s), fuel).typical
  const pointAt = (s: number, voltage: VoltageLevel, id: OperatingPoint['id'], label: string, at?: Conditions) =>
    point(id, label, airAt(s), demandAt(s), voltage, at)
  const overrunAir: AirRoute = { ...idle, speedRpm: cruise.speedRpm, manifoldPa: Math.min(idle.manifoldPa, 30e3) }
  const overrunAt = (voltage: VoltageLevel, label = 'Overrun, fuel cut') =>
    point('overrun', label, overrunAir, 0, voltage)
  // Cold, the engine turns over thicker oil: more air, and a rich mixture.
  const coldAir: AirRoute = { ...idle, ...BREATHING.coldIdle, manifoldPa: Math.min(AMBIENT_PA, 1.2 * idle.manifoldPa) }
  const thinAir: AirRoute = { ...full, manifoldPa: highPa + boostPa }
  const thinShare = thinAir.manifoldPa / full.manifoldPa

  return {
    fuel,
    demand,
    laterKgS,
    voltageV,
    airAt,
    pointAt: (s, voltage) => pointAt(s, voltage, 'between', nameOfLoad(s)),
    overrunAt: (voltage) => overrunAt(voltage),
    points: [
      point('prime', 'Prime, engine stopped', { ...idle, speedRpm: 0, manifoldPa: AMBIENT_PA }, 0, 'low'),
      overrunAt('high', 'Overrun, fuel cut, highest voltage'),
      point('cold-idle', 'Cold idle', coldAir, demandByAirKgS(coldAir, cold.fuel).typical, 'running', cold),
      pointAt(0, 'running', 'idle', 'Idle'),
      pointAt(0, 'low', 'hot-idle', 'Hot idle, all consumers on', hot),
      pointAt(0.5, 'running', 'cruise', 'Cruise'),
      pointAt(1, 'running', 'full', 'Full load'),
      pointAt(1, 'low', 'full-low', 'Full load, low voltage'),
      pointAt(1, 'running', 'full-due', 'Full load, filter due', { ...usual, filterDue: true }),
      pointAt(1, 'running', 'full-hot', 'Full load, hot fuel', hot),
      point('full-high', 'Full load, highest place', thinAir, thinShare * demandAt(1), 'running', high),
    ],
    traceDemand: (p, trace) => {
      trace.step({
        symbol: 'Q_d',
        meaning: `fuel taken by the engine: ${p.label.toLowerCase()}`,
        formula: 'm_f / rho',
        inputs: { m_f: { value: p.demandKgS, unit: 'kg/s' }, rho: { value: p.fuel.densityKgM3, unit: 'kg/m³' } },
        result: p.demandM3S,
        unit: 'm³/s',
        source: 'larger of power and air route at full load, air route below cruise',
      })
    },
  }
}
