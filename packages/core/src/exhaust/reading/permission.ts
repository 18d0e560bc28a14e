import { filledM, type TailPiece } from '../gas/reversion.ts'

/** By idle vacuum: how much fresh mixture overlap lets through. */
export type OverlapClass = 'mild' | 'sporting' | 'wild'

export interface PermissionCase {
  readonly overlap: OverlapClass
  /** Absolute; a wild cam idles at little vacuum, and overlap upsets the reading there too. */
  readonly idleManifoldPa: number
  readonly cylinders: number
  readonly displacementM3: number
  /** False air of the known leaks, kg/s, while the pipe sucks. */
  readonly leakKgS: number
  /** Share of the engine's air that feeds this sensor. */
  readonly airShare: number
  /** From the sensor to the open end, and what it is made of. */
  readonly tailAfterM: number
  readonly tail: readonly TailPiece[]
  readonly kind: 'wideband' | 'narrowband'
  /** Air into the ports, or no pipe after the sensor worth the name: nowhere. */
  readonly never: string | null
}

export type Steering = 'may' | 'careful' | 'must-not'
export interface PermissionCell {
  readonly speedRpm: number
  /** Absolute. */
  readonly manifoldPa: number
  readonly steering: Steering
  readonly why: string
}

/** Below these speeds, and below this load, overlap makes the reading falsely lean. Rules of thumb. */
const OVERLAP_TO_RPM: Readonly<Record<OverlapClass, number>> = { mild: 0, sporting: 1300, wild: 2000 }
const OVERLAP_BELOW_PA = 65e3
const OVERLAP_OVER_IDLE_PA = 15e3
/** Above it most engines are run rich: a narrow sensor no longer tells how rich. */
const POWER_ABOVE_PA = 85e3
const LEAK_CAREFUL = 0.01
const LEAK_MUST_NOT = 0.03
const FILLING = 0.75
const CHARGE_K = 308

/** Air drawn at a cell, kg/s: filling x density x displacement x speed/120. */
const airKgS = (c: PermissionCase, speedRpm: number, manifoldPa: number): number =>
  ((FILLING * manifoldPa) / (287.05 * CHARGE_K)) * c.displacementM3 * (speedRpm / 120)

/** One pulse in the tail at 350 °C, m. */
const pulseM = (c: PermissionCase, manifoldPa: number): number => {
  const eventKg = ((FILLING * manifoldPa) / (287.05 * CHARGE_K)) * (c.displacementM3 / c.cylinders)
  return filledM(c.tail, (eventKg * 288.7 * 623) / 101_325)
}

const judged = (
  c: PermissionCase,
  speedRpm: number,
  manifoldPa: number,
): Omit<PermissionCell, 'speedRpm' | 'manifoldPa'> => {
  if (c.never !== null) return { steering: 'must-not', why: c.never }
  const overlapBelowPa = Math.max(OVERLAP_BELOW_PA, c.idleManifoldPa + OVERLAP_OVER_IDLE_PA)
  if (speedRpm < OVERLAP_TO_RPM[c.overlap] && manifoldPa < overlapBelowPa)
    return { steering: 'must-not', why: 'valve overlap lets fresh air through: the reading is falsely lean' }
  const share = c.leakKgS / (c.airShare * airKgS(c, speedRpm, manifoldPa))
  if (share > LEAK_MUST_NOT) return { steering: 'must-not', why: 'the leak is too large a share of so little air' }
  if (pulseM(c, manifoldPa) > c.tailAfterM && speedRpm < 2500)
    return { steering: 'must-not', why: 'outside air reaches the sensor between pulses' }
  if (share > LEAK_CAREFUL) return { steering: 'careful', why: 'the leak shifts the reading by more than 1 %' }
  if (c.overlap !== 'mild' && speedRpm < OVERLAP_TO_RPM[c.overlap] + 500 && manifoldPa < overlapBelowPa)
    return { steering: 'careful', why: 'valve overlap may still shift the reading' }
  if (manifoldPa > POWER_ABOVE_PA)
    return c.kind === 'narrowband'
      ? { steering: 'must-not', why: 'a narrowband sensor only shows rich or lean: tune full load by the table' }
      : { steering: 'careful', why: 'full load: small trims only, the table decides' }
  return { steering: 'may', why: 'steady enough for closed loop' }
}

/** The map of speed and load: where the reading may steer the fuel, and where it must not. */
export const permissionMap = (
  c: PermissionCase,
  speedsRpm: readonly number[],
  manifoldsPa: readonly number[],
): PermissionCell[] =>
  manifoldsPa.flatMap((manifoldPa) =>
    speedsRpm.map((speedRpm) => ({ speedRpm, manifoldPa, ...judged(c, speedRpm, manifoldPa) })),
  )
