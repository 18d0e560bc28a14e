import type { WireClass } from '../../sections/index.ts'

/** How strongly a class disturbs, from 0; the order of the trade, its figures a proposal of ours. Rule of thumb. */
const STRENGTH: Readonly<Record<WireClass, number>> = {
  ignition: 10,
  charging: 4,
  motor: 4,
  drive: 1,
  supply: 0.3,
  digital: 0.2,
  sensor: 0,
  'pick-up': 0,
  oxygen: 0,
}
/** What a class may pick up in all; none where it does not mind. Rule of thumb. */
const BUDGET: Readonly<Partial<Record<WireClass, number>>> = { sensor: 25, 'pick-up': 4, oxygen: 6 }

/** Spacing of two bundles, m: in one corridor side by side, and where it has room for two. */
export const BESIDE_M = 0.02
export const APART_M = 0.1
/** What is near a corridor, as a source of its own at a hand's distance. */
export const NEAR_STRENGTH = { nothing: 0, generator: 4, motor: 4, coil: 10, 'plug-leads': 14 } as const
export type NearSource = keyof typeof NEAR_STRENGTH
const NEAR_M = 0.12

export const isClean = (kind: WireClass): boolean => BUDGET[kind] !== undefined
export const noiseBudgetOf = (kind: WireClass): number | null => BUDGET[kind] ?? null

/** HT leads of plain copper, without resistance, disturb so many times as much as suppressed ones. Rule of thumb. */
export const UNSUPPRESSED = 3

/** Pick-up per metre beside a source that is near a corridor: strength over spacing, at a scale of 100 mm. */
export const nearNoisePerM = (near: NearSource, suppressed = true): number =>
  ((0.1 * NEAR_STRENGTH[near]) / NEAR_M) * (near === 'plug-leads' && !suppressed ? UNSUPPRESSED : 1)

/**
 * Pick-up of a victim from an aggressor that runs beside it: strength times length over spacing, at a scale of 100 mm;
 * length over spacing is how two parallel wires couple while they lie close. Twisted or shielded, a tenth is left.
 */
export const exposure = (
  aggressor: WireClass,
  lengthM: number,
  spacingM: number,
  shielded = false,
  suppressed = true,
): number =>
  ((STRENGTH[aggressor] * lengthM * 0.1) / spacingM) *
  (shielded ? 0.1 : 1) *
  (aggressor === 'ignition' && !suppressed ? UNSUPPRESSED : 1)

/** Whether two classes must never lie in one bundle or corridor without room, by a recommended practice. */
export const keptApart = (
  clean: WireClass,
  dirty: WireClass,
  practice: 'clean-from-dirty' | 'by-exposure',
): boolean => {
  if (!isClean(clean) || STRENGTH[dirty] === 0) return false
  if (practice === 'by-exposure') return clean !== 'sensor' && dirty === 'ignition'
  return STRENGTH[dirty] >= (clean === 'sensor' ? 4 : 1)
}
