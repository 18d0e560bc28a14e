import type { DeadTimePoint } from '../parts/index.ts'
import { injectorAt, MOST_DUTY, type InjectorPoint, type InjectorSet } from './injector.ts'

/** Rise of the dead time for each volt less, where a data sheet gives only one figure. Rule of thumb. */
const DEAD_TIME_PER_V_S = 0.12e-3
export const RATED_VOLTAGE_V = 13.5

/**
 * Dead time at a voltage, s: straight between the points of the data sheet, the end pieces prolonged, never below zero;
 * with a single point 0.12 ms more for each volt less (rule of thumb).
 */
export const deadTimeAt = (points: readonly DeadTimePoint[], voltageV: number): number => {
  const sorted = [...points].sort((a, b) => a.voltageV - b.voltageV)
  const [first] = sorted
  if (!first) throw new Error('a dead time needs at least one point')
  if (sorted.length === 1) return Math.max(0, first.deadTimeS + DEAD_TIME_PER_V_S * (first.voltageV - voltageV))
  let i = 1
  while (i < sorted.length - 1 && voltageV > sorted[i]!.voltageV) i++
  const a = sorted[i - 1]!
  const b = sorted[i]!
  const share = (voltageV - a.voltageV) / (b.voltageV - a.voltageV)
  return Math.max(0, a.deadTimeS + share * (b.deadTimeS - a.deadTimeS))
}

export interface InjectorCandidate extends Omit<InjectorSet, 'deadTimeS'> {
  readonly id: string
  readonly deadTimes: readonly DeadTimePoint[]
  /** Above which it no longer opens; null where the sheet says nothing. */
  readonly mostPressurePa: number | null
}

export interface InjectorSetCase {
  readonly candidates: readonly InjectorCandidate[]
  readonly idle: InjectorPoint
  readonly full: InjectorPoint
  readonly idleVoltageV: number
  readonly fullVoltageV: number
}

export interface RatedInjectorSet {
  readonly id: string
  readonly count: number
  readonly duty: number
  readonly idlePulseS: number
  readonly leastPulseS: number
  /** Largest over smallest fuel it meters well at these two points. */
  readonly dynamicRange: number
  /** What the engine asks: full load over idle, per opening. */
  readonly neededRange: number
  readonly capacityKgS: number
  readonly mostDifferencePa: number
  readonly fits: boolean
  readonly why: string
}

/** Duty at full load that is aimed at and not passed: the rest is for a hot day and a weak battery. Rule of thumb. */
const WISHED_DUTY = 0.75

/**
 * Sets of injectors ranked for an engine: those that fit first, and among them the one whose duty at full load comes
 * nearest to 75 % from below, which leaves the longest pulse at idle; behind those the ones that pass 75 %, least first.
 * What does not fit follows in the same order.
 */
export const rankInjectorSets = (c: InjectorSetCase): RatedInjectorSet[] => {
  const rated = c.candidates.flatMap((candidate): RatedInjectorSet[] => {
    const at = (p: InjectorPoint, voltageV: number) =>
      injectorAt({ ...candidate, deadTimeS: deadTimeAt(candidate.deadTimes, voltageV) }, p)
    const full = at(c.full, c.fullVoltageV)
    const idle = at(c.idle, c.idleVoltageV)
    if (!full || !idle) return []
    const openS = 120 / (c.full.speedRpm * c.full.openingsPerCycle)
    const longestS = Math.max(0, MOST_DUTY * openS - (full.pulseS - full.effectiveS))
    const leastS = candidate.leastEffectiveS ?? 0.8e-3
    const mostDifferencePa = Math.max(full.differencePa, idle.differencePa)
    const why =
      full.duty > MOST_DUTY
        ? 'too small: would have to stay open all the time'
        : idle.pulseS < idle.leastPulseS
          ? 'too large: pulse width at idle is too short to meter'
          : candidate.mostPressurePa !== null && mostDifferencePa > candidate.mostPressurePa
            ? 'cannot open against this pressure'
            : ''
    return [
      {
        id: candidate.id,
        count: candidate.count,
        duty: full.duty,
        idlePulseS: idle.pulseS,
        leastPulseS: idle.leastPulseS,
        dynamicRange: leastS > 0 ? (longestS * full.staticKgS) / (leastS * idle.staticKgS) : Infinity,
        neededRange: idle.effectiveS > 0 ? (full.effectiveS * full.staticKgS) / (idle.effectiveS * idle.staticKgS) : 1,
        capacityKgS: full.capacityKgS,
        mostDifferencePa,
        fits: why === '',
        why,
      },
    ]
  })
  const passes = (r: RatedInjectorSet) => r.duty > WISHED_DUTY
  return rated.sort(
    (a, b) =>
      Number(b.fits) - Number(a.fits) ||
      Number(passes(a)) - Number(passes(b)) ||
      Math.abs(a.duty - WISHED_DUTY) - Math.abs(b.duty - WISHED_DUTY) ||
      (a.id < b.id ? -1 : a.id > b.id ? 1 : 0),
  )
}

/**
 * Base pressure for a wanted mixture in open loop: dp2 = dp1 (lambda1/lambda2)², Pa over the injector. The coarse lever;
 * before it is pulled, pressure, injector figure and displacement are proved, else it hides a failing pump.
 */
export const pressureForMixturePa = (differencePa: number, lambdaNow: number, lambdaWanted: number): number =>
  differencePa * (lambdaNow / lambdaWanted) ** 2
