import { UNIT, type RouteCase, type RoutePlan } from '../../harness/index.ts'

/** Spaces of the car by place: what hangs together without going through a panel. */
export const spacesOf = (input: RouteCase): ReadonlyMap<string, number> => {
  const zone = new Map<string, number>()
  const spread = (place: string, n: number): void => {
    if (zone.has(place)) return
    zone.set(place, n)
    for (const e of input.corridors) {
      if (e.hole) continue
      if (e.from === place) spread(e.to, n)
      else if (e.to === place) spread(e.from, n)
    }
  }
  for (const e of input.corridors) for (const place of [e.from, e.to]) spread(place, zone.size)
  for (const c of input.unit?.candidates ?? []) spread(c.place, zone.size)
  return zone
}

/** Ids of wires that come back into a space that they have left: out through a panel and in again. */
export const comingBack = (input: RouteCase, plan: Pick<RoutePlan, 'routes' | 'place'>): readonly string[] => {
  const space = spacesOf(input)
  const corridor = new Map(input.corridors.map((c) => [c.id, c]))
  const unitAt = input.unit?.candidates.find((c) => c.id === plan.place)?.place ?? ''
  const from = new Map(input.circuits.map((c) => [c.id, c.from === UNIT ? unitAt : c.from]))
  return plan.routes
    .filter((r) => {
      let here = from.get(r.id)!
      const left: number[] = []
      return (r.corridors ?? []).some((id) => {
        const e = corridor.get(id)!
        const before = space.get(here)!
        here = e.from === here ? e.to : e.from
        const now = space.get(here)!
        if (now !== before) left.push(before)
        return now !== before && left.includes(now)
      })
    })
    .map((r) => r.id)
}
