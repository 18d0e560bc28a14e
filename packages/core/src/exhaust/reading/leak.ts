import type { Band } from '../../engine/index.ts'
import type { Trace } from '../../verdict/index.ts'
import { steeredTo } from './loopLimit.ts'

export interface LeakCase {
  /** Round hole of the same area. */
  readonly holeM: number
  /** Mean suction while the pipe sucks. */
  readonly suctionPa: Band
  /** Share of the time in which it sucks. */
  readonly suckingShare: number
  /** Air drawn by the cylinders that feed this sensor. */
  readonly airKgS: number
  /** Mixture in open loop. */
  readonly lambda: number
  /** What the loop steers to. */
  readonly target: number
  /** Most it may add or take away, as a share of the fuel. */
  readonly correctionLimit: number
}

export interface LeakReading {
  /** False air as a share of the air of the cylinders that feed this sensor. */
  readonly share: Band
  /** What the sensor tells in open loop. */
  readonly reads: Band
  /** What the engine gets when the loop steers by it. */
  readonly real: Band
  /** The loop has come to one of its limits and still does not read its target. */
  readonly atLimit: boolean
}

/** Sharp-edged hole. */
const DISCHARGE = 0.62
const AIR_KG_M3 = 1.2
/** Between the pulses, over the load range: house band of the trade. */
export const PULSE_SUCTION_PA: Band = { low: 100, typical: 1000, high: 3000 }
export const PULSE_SHARE = 0.5

const map = (f: (k: keyof Band) => number): Band => ({ low: f('low'), typical: f('typical'), high: f('high') })

/** lambda_true in closed loop: target/(1 + e), within what the loop may add and take away. */
export const steeredLambda = (c: {
  readonly share: number
  readonly lambda: number
  readonly target: number
  readonly correctionLimit: number
}): number => steeredTo({ ...c, wanted: c.target / (1 + c.share) }).lambda

/**
 * Air let in ahead of the sensor: inflow = Cd A rho sqrt(2 dp/rho) for the share of time in which the pipe sucks; the
 * reading lambda (1 + e). Before the sensor only; a plume that hits the tip itself reads more than this.
 * holeM >= 0, airKgS > 0.
 */
export const exhaustLeak = (c: LeakCase, trace?: Trace): LeakReading => {
  const areaM2 = (Math.PI / 4) * c.holeM ** 2
  const inflow = map(
    (k) => DISCHARGE * areaM2 * Math.sqrt(2 * AIR_KG_M3 * Math.max(0, c.suctionPa[k])) * c.suckingShare,
  )
  const share = map((k) => inflow[k] / c.airKgS)
  const reads = map((k) => c.lambda * (1 + share[k]))
  const real = map((k) => steeredLambda({ ...c, share: share[k] }))
  trace?.step({
    symbol: 'e',
    meaning: 'false air, typical',
    formula: '0.62 * 0.7853981633974483 * d^2 * sqrt(2 * 1.2 * p) * w / m',
    inputs: {
      d: { value: c.holeM, unit: 'm' },
      p: { value: c.suctionPa.typical, unit: 'Pa' },
      w: { value: c.suckingShare, unit: 'share of time' },
      m: { value: c.airKgS, unit: 'kg/s' },
    },
    result: share.typical,
    unit: '',
    source: 'sharp-edged orifice; suction of the pulses: rule of thumb',
  })
  trace?.step({
    symbol: 'L_r',
    meaning: 'reading in open loop',
    formula: 'L * (1 + e)',
    inputs: { L: { value: c.lambda, unit: 'lambda' }, e: { value: share.typical, unit: '' } },
    result: reads.typical,
    unit: 'lambda',
    source: 'oxygen balance',
  })
  trace?.step({
    symbol: 'L_t',
    meaning: 'what the engine gets in closed loop',
    formula: 'min(max(T / (1 + e), L / (1 + c)), L / (1 - c))',
    inputs: {
      T: { value: c.target, unit: 'lambda' },
      e: { value: share.typical, unit: '' },
      L: { value: c.lambda, unit: 'lambda' },
      c: { value: c.correctionLimit, unit: '' },
    },
    result: real.typical,
    unit: 'lambda',
    source: 'oxygen balance; limit of the correction',
  })
  return { share, reads, real, atLimit: steeredTo({ ...c, wanted: c.target / (1 + share.typical) }).atLimit }
}
