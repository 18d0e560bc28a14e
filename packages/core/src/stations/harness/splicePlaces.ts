import type { RouteCorridor } from '../../harness/index.ts'
import { netOfEnd, ECU, type Circuits } from './circuitsOfJob.ts'
import { nodeOf, type CarPlan } from './planOfJob.ts'

/** Hotter than this no splice is put: heat-shrink and glue of its seal. Trade practice. */
const MOST_SPLICE_K = 378.15

/** Smallest sums of length from a place to all others. */
const distances = (corridors: readonly RouteCorridor[], from: string): ReadonlyMap<string, number> => {
  const sums = new Map([[from, 0]])
  const open = new Set([from])
  while (open.size > 0) {
    const here = [...open].reduce((a, b) => (sums.get(b)! < sums.get(a)! ? b : a))
    open.delete(here)
    for (const c of corridors) {
      const next = c.from === here ? c.to : c.to === here ? c.from : null
      if (next === null) continue
      const sum = sums.get(here)! + c.lengthM + (c.hole ? 1 : 0)
      if (sum < (sums.get(next) ?? Infinity)) {
        sums.set(next, sum)
        open.add(next)
      }
    }
  }
  return sums
}

/** Places by net in the order of how near they lie to everything that is joined there, nearest first. */
export const splicePlaces = (
  plan: CarPlan,
  corridors: readonly RouteCorridor[],
  { list, nets }: Circuits,
  unitAt: string,
): Readonly<Record<string, readonly string[]>> => {
  const cool = new Set(
    plan.places
      .filter((p) => {
        const here = corridors.filter((c) => c.from === p.id || c.to === p.id)
        return here.length > 0 && here.some((c) => c.temperatureK <= MOST_SPLICE_K && !c.wet)
      })
      .map((p) => p.id),
  )
  const from = new Map<string, ReadonlyMap<string, number>>()
  const sumsFrom = (place: string) => {
    let sums = from.get(place)
    if (!sums) from.set(place, (sums = distances(corridors, place)))
    return sums
  }
  return Object.fromEntries(
    nets.map(({ id }) => {
      const ends = list
        .filter((c) => c.net === id)
        .flatMap((c) => {
          const end = netOfEnd(c.from) === null ? c.from : c.to
          if (end === ECU) return [unitAt]
          const d = plan.devices.find((x) => x.id === end)
          return (d && nodeOf(plan, d)) ?? []
        })
      const cost = (place: string): number => ends.reduce((sum, end) => sum + (sumsFrom(end).get(place) ?? 1e6), 0)
      return [
        id,
        [...cool]
          .map((p) => ({ p, cost: cost(p) }))
          .sort((x, y) => x.cost - y.cost)
          .map((x) => x.p),
      ]
    }),
  )
}
