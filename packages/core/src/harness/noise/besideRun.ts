import type { WireClass } from '../../sections/index.ts'
import { exposure } from './exposure.ts'

/** A length that a wire runs beside what disturbs it. */
export interface NoiseRun {
  readonly lengthM: number
  /** Where it begins; crossing: at the nearest point. */
  readonly spacingM: number
  /** Where it ends, if the two draw apart or together; as at its beginning if not given. */
  readonly endSpacingM?: number
  /** Between the two wires, 0 to 90°; 0 if not given. */
  readonly angleDeg?: number
}

/**
 * Length over spacing of a run, the measure of how two wires couple while they lie close: the sum of ds/d along it.
 * Parallel: L/d. Drawing apart from d1 to d2: L ln(d2/d1)/(d2 - d1). Crossing at an angle a with d between them at the
 * nearest point, halfway along: only what lies along the other wire counts, cos a ds over sqrt(d² + (s sin a)²), so
 * 2 (cos a/sin a) asinh(L sin a/(2 d)): nothing at right angles, L/d at none. Integrated here.
 */
export const besideRun = ({ angleDeg = 0, endSpacingM, lengthM, spacingM }: NoiseRun): number => {
  const a = (Math.min(90, Math.abs(angleDeg)) * Math.PI) / 180
  if (a > 1e-6) return (2 * Math.cos(a) * Math.asinh((lengthM * Math.sin(a)) / (2 * spacingM))) / Math.sin(a)
  const end = endSpacingM ?? spacingM
  const apart = Math.abs(end - spacingM) / spacingM
  return apart < 1e-6 ? lengthM / spacingM : (lengthM * Math.log(end / spacingM)) / (end - spacingM)
}

/** What a wire picks up on a run: strength of the class times length over spacing, as beside it in a corridor. */
export const exposureOfRun = (aggressor: WireClass, run: NoiseRun, shielded = false, suppressed = true): number =>
  exposure(aggressor, besideRun(run), 1, shielded, suppressed)
