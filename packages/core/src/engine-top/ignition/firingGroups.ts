export interface FiringCase {
  /** Cylinder numbers in the order they fire. */
  readonly order: readonly number[]
  /** Crank degrees from one to the next, the last back to the first; null: even. Together 720. */
  readonly intervalsDeg: readonly number[] | null
  /** Cylinders on each rail; one list for an engine with one. */
  readonly rails: readonly (readonly number[])[]
}

export interface FiringAnswer {
  /** Crank degrees of each firing, from the first. */
  readonly atDeg: readonly number[]
  /** Pairs that rise together, for wasted spark; null where there are none. */
  readonly companions: readonly (readonly [number, number])[] | null
  /** Two groups that alternate in the order. */
  readonly groups: readonly (readonly number[])[]
  /** How many of each rail open in each group: by rail, then by group. */
  readonly onRail: readonly (readonly number[])[]
  /** Whether each group takes as many from each rail. */
  readonly railsEven: boolean
  /** Injector output of each cylinder: the nth to fire is on the nth. */
  readonly outputs: readonly { readonly output: number; readonly cylinder: number }[]
}

const CYCLE_DEG = 720
const SAME_DEG = 1e-6

/**
 * Who fires with whom: companions stand 360° apart in a cycle of 720°; batch groups take every second of the order, so that each
 * opens in turn, and are counted against the rails.
 */
export const firingGroups = ({ intervalsDeg, order, rails }: FiringCase): FiringAnswer => {
  const n = order.length
  const steps = intervalsDeg ?? order.map(() => CYCLE_DEG / n)
  const atDeg = order.map((_, i) => steps.slice(0, i).reduce((s, d) => s + d, 0))
  const mateOf = (i: number): number =>
    atDeg.findIndex((d) => Math.abs(((d - atDeg[i]! + CYCLE_DEG) % CYCLE_DEG) - CYCLE_DEG / 2) < SAME_DEG)
  const mates = order.map((_, i) => mateOf(i))
  const companions = mates.every((m) => m >= 0)
    ? order.flatMap((cylinder, i) => (mates[i]! > i ? [[cylinder, order[mates[i]!]!] as const] : []))
    : null
  const groups = [0, 1].map((g) => order.filter((_, i) => i % 2 === g))
  const onRail = rails.map((rail) => groups.map((g) => g.filter((x) => rail.includes(x)).length))
  return {
    atDeg,
    companions,
    groups,
    onRail,
    railsEven: onRail.every((counts) => Math.max(...counts) - Math.min(...counts) <= 1),
    outputs: order.map((cylinder, i) => ({ output: i + 1, cylinder })),
  }
}

/** What is wrong with an order; null where nothing is. */
export const checkFiring = ({ intervalsDeg, order, rails }: FiringCase): { field: string; value: unknown; allowed: string } | null => {
  const sorted = [...order].sort((a, b) => a - b)
  if (sorted.some((x, i) => x !== i + 1)) return { field: 'order', value: order.join('-'), allowed: `each of 1 to ${order.length} once` }
  if (intervalsDeg !== null) {
    if (intervalsDeg.length !== order.length) return { field: 'intervalsDeg', value: intervalsDeg.length, allowed: `${order.length} of them, one for each firing` }
    const sum = intervalsDeg.reduce((s, d) => s + d, 0)
    if (Math.abs(sum - CYCLE_DEG) > 1e-6) return { field: 'intervalsDeg', value: sum, allowed: 'together 720' }
  }
  const onRails = rails.flat().sort((a, b) => a - b)
  if (rails.length > 0 && (onRails.length !== order.length || onRails.some((x, i) => x !== i + 1)))
    return { field: 'rails', value: onRails.join(', '), allowed: `each of 1 to ${order.length} on one rail` }
  return null
} // prettier-ignore
