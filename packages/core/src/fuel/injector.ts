import type { Trace } from '../verdict/index.ts'

/** n-heptane, the usual flow-bench fluid (ISO 15829 class), kg/m³. */
export const TEST_FLUID_DENSITY_KG_M3 = 684

export interface InjectorSet {
  readonly count: number
  /** Of one injector held open, on the test fluid at the rated pressure. */
  readonly ratedFlowM3S: number
  readonly ratedPressurePa: number
  readonly testFluidDensityKgM3?: number
  /** Of one injector at its supply voltage. */
  readonly deadTimeS: number
  /** Least effective opening (pulse minus dead time) with repeatable flow; 0.8 ms is the rule of thumb. */
  readonly leastEffectiveS?: number
}

export interface InjectorPoint {
  readonly railPa: number
  /** At the injector's tip, gauge: manifold for ports and below the plate, air horn above it. */
  readonly tipPa: number
  readonly fuelDensityKgM3: number
  readonly demandKgS: number
  readonly speedRpm: number
  /** Openings of each injector per engine cycle (two revolutions): 1 sequential, 2 batch, more on throttle bodies. */
  readonly openingsPerCycle: number
}

export interface InjectorAnswer {
  readonly differencePa: number
  /** Of one injector held open at this pressure difference with this fuel. */
  readonly staticKgS: number
  /** Commanded pulse per opening, dead time included. */
  readonly pulseS: number
  readonly effectiveS: number
  readonly duty: number
  /** Highest demand the set can meter at 85 % duty, dead time taken off, kg/s. */
  readonly capacityKgS: number
  readonly leastPulseS: number
}

/** Less than this over an injector is nothing. */
const LEAST_DIFFERENCE_PA = 1

/** Highest duty an injector is planned for; from there on it no longer closes reliably. Rule of thumb 0.80-0.85. */
export const MOST_DUTY = 0.85

/**
 * Flow and duty of an injector set at the real pressure difference. m2 = m1 sqrt(dp2/dp1) and sqrt(density ratio) by
 * Bernoulli's orifice; null where the rail does not lie above the tip.
 */
export const injectorAt = (set: InjectorSet, p: InjectorPoint, trace?: Trace): InjectorAnswer | null => {
  const differencePa = p.railPa - p.tipPa
  if (differencePa < LEAST_DIFFERENCE_PA) return null
  const testDensity = set.testFluidDensityKgM3 ?? TEST_FLUID_DENSITY_KG_M3
  const ratedKgS = set.ratedFlowM3S * testDensity
  const staticKgS = ratedKgS * Math.sqrt((p.fuelDensityKgM3 / testDensity) * (differencePa / set.ratedPressurePa))
  const openingsPerS = (p.openingsPerCycle * p.speedRpm) / 120
  const effectiveS = p.demandKgS / (set.count * staticKgS * openingsPerS)
  const pulseS = effectiveS > 0 ? effectiveS + set.deadTimeS : 0
  const duty = pulseS * openingsPerS
  trace?.step({
    symbol: 'm_s',
    meaning: 'flow of one injector held open',
    formula: 'Q * rho_t * sqrt(rho / rho_t * dp / dp_r)',
    inputs: {
      Q: { value: set.ratedFlowM3S, unit: 'm³/s' },
      rho_t: { value: testDensity, unit: 'kg/m³' },
      rho: { value: p.fuelDensityKgM3, unit: 'kg/m³' },
      dp: { value: differencePa, unit: 'Pa' },
      dp_r: { value: set.ratedPressurePa, unit: 'Pa' },
    },
    result: staticKgS,
    unit: 'kg/s',
    source: 'orifice equation (Bernoulli)',
  })
  if (effectiveS > 0)
    trace?.step({
      symbol: 'D',
      meaning: 'duty: share of time each injector is commanded open',
      formula: '(m / (n * m_s * z) + t_d) * z',
      inputs: {
        m: { value: p.demandKgS, unit: 'kg/s' },
        n: { value: set.count, unit: 'injectors' },
        m_s: { value: staticKgS, unit: 'kg/s' },
        z: { value: openingsPerS, unit: 'openings/s' },
        t_d: { value: set.deadTimeS, unit: 's' },
      },
      result: duty,
      unit: '',
      source: 'mass balance',
    })
  return {
    differencePa,
    staticKgS,
    pulseS,
    effectiveS,
    duty,
    capacityKgS: set.count * staticKgS * Math.max(0, MOST_DUTY - set.deadTimeS * openingsPerS),
    leastPulseS: set.deadTimeS + (set.leastEffectiveS ?? 0.8e-3),
  }
}
