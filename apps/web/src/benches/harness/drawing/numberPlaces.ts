import type { CarPlan } from '@lochmoor/core'
import { clearLabels, type Box, type Label, type LabelPlace } from '../../bench/clearLabels.ts'
import type { Spot } from './planScale.ts'

/** Half of the ring that is a hole, px. */
export const RING = 8
const BOW_PX = 16
/** How far along a corridor its number may stand, the best first. */
const ALONG = [0.5, 0.42, 0.58, 0.34, 0.66, 0.26, 0.74, 0.18, 0.82]
/** How far beside it, px. */
const BESIDE = [9, -9, 17, -17]

/** Corridors between the same places bow apart: how far each, px. */
export const bowsOf = (plan: CarPlan): ReadonlyMap<string, number> => {
  const twins = new Map<string, number>()
  return new Map(
    plan.corridors.map((c) => {
      const key = [c.from, c.to].sort().join(' ')
      const n = twins.get(key) ?? 0
      twins.set(key, n + 1)
      return [c.id, n * BOW_PX]
    }),
  )
}

/** Where the number of each corridor stands: within its ring on the corridor where it is a hole, beside it where it is none. */
export const numberPlaces = (
  plan: CarPlan,
  places: ReadonlyMap<string, Spot | null>,
  ecuAt: string | null,
): ReadonlyMap<string, LabelPlace | null> => {
  const bows = bowsOf(plan)
  const dots = [...places.values()].flatMap((p): Box[] =>
    p ? [{ x0: p.x - 5, y0: p.y - 5, x1: p.x + 5, y1: p.y + 5 }] : [],
  )
  const ecu = ecuAt === null ? null : places.get(ecuAt)
  const labels = plan.corridors.flatMap((c, n): Label[] => {
    const [a, b] = [places.get(c.from), places.get(c.to)]
    if (!a || !b) return []
    const length = Math.hypot(b.x - a.x, b.y - a.y) || 1
    const [nx, ny] = [-(b.y - a.y) / length, (b.x - a.x) / length]
    const hole = c.panel !== 'none'
    const bow = 2 * (bows.get(c.id) ?? 0)
    const at = (t: number, beside: number): LabelPlace => {
      // A quadratic curve whose middle is drawn aside.
      const aside = 2 * t * (1 - t) * bow + beside
      return [a.x + t * (b.x - a.x) + nx * aside, a.y + t * (b.y - a.y) + ny * aside]
    }
    const own = ALONG.flatMap((t) => (hole ? [at(t, 0)] : BESIDE.map((beside) => at(t, beside))))
    return [{ id: c.id, text: String(n + 1), size: 10, places: own, ...(hole && { ring: RING + 1 }) }]
  })
  // Holes first: their rings may only move along.
  const ordered = [...labels].sort((x, y) => Number('ring' in y) - Number('ring' in x))
  return clearLabels(ordered, [
    ...dots,
    ...(ecu ? [{ x0: ecu.x - 17, y0: ecu.y - 27, x1: ecu.x + 17, y1: ecu.y - 8 }] : []),
  ])
}
