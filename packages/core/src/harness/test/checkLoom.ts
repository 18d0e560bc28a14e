import type { RouteCase, RoutePlan } from '../route/routeCase.ts'

/** What an independent reading of a plan finds. */
export interface Checked {
  readonly broken: string[]
  readonly total: number
  readonly shares: Record<string, number>
  /** Routes that are no path between the circuit's ends, or meet a place twice. */
  readonly torn: string[]
}

/**
 * Reads a plan against the contract, circuit by circuit and corridor by corridor. It shares no code with the router and
 * was written from the contract's tables alone.
 */
export const checkLoom = (input: RouteCase, plan: Pick<RoutePlan, 'routes' | 'place'>): Checked => {
  const by = new Map(input.corridors.map((c) => [c.id, c]))
  const unitAt = input.unit?.candidates.find((c) => c.id === plan.place)
  const share = input.slack?.share ?? 0
  const end = input.slack?.perEndM ?? 0
  const r = input.rates
  const shares: Record<string, number> = {
    lay: 0, wire: 0, fold: 0, extend: 0, open: 0, bundle: 0, heat: 0, wet: 0, cross: 0, repin: 0, place: 0,
  } // prettier-ignore
  const broken = new Set<string>()
  const torn: string[] = []
  const inCorridor = new Map<string, { classes: Set<string>; area: number }>()
  const over = (x: number, limit: number): boolean => x - limit > 1e-9 * Math.abs(limit)

  for (const c of input.circuits) {
    const route = plan.routes.find((x) => x.id === c.id)
    const at = (p: string): string => (p === 'unit' ? unitAt!.place : p)
    if (!route?.corridors) {
      broken.add(`way ${c.id}`)
      continue
    }
    let here = at(c.from)
    const met = [here]
    let path = 0
    let noise = 0
    let tight = 0
    for (const id of route.corridors) {
      const e = by.get(id)!
      if (e.from === here) here = e.to
      else if (e.to === here) here = e.from
      else torn.push(c.id)
      if (met.includes(here)) torn.push(c.id)
      met.push(here)
      path += e.lengthM
      noise += e.lengthM * (e.noisePerM ?? 0)
      if (e.temperatureK > c.limitK) broken.add(`heat ${c.id}`)
      if (e.moving && !c.flexible) broken.add(`motion ${c.id}`)
      if (e.hole) {
        shares.cross! += r.cross
        if (e.hole.boreM < (c.plugM ?? 0)) {
          tight++
          if (!c.repin) broken.add(`plug ${c.id}`)
        }
      }
      const seen = inCorridor.get(id) ?? { classes: new Set<string>(), area: 0 }
      seen.classes.add(c.class)
      seen.area += (Math.PI * c.diameterM ** 2) / 4
      inCorridor.set(id, seen)
    }
    if (here !== at(c.to)) torn.push(c.id)
    if (c.repin) shares.repin! += r.repin * tight
    const wire = (path + (c.leadFromM ?? 0) + (c.leadToM ?? 0)) * (1 + share) + 2 * end
    shares.lay! += path * r.lay
    if (!c.kit) shares.wire! += wire * r.wire
    else if (wire >= c.kit.reachM) shares.wire! += (wire - c.kit.reachM) * r.wire
    else shares.fold! += (c.kit.reachM - wire) * r.fold
    if (c.kit?.extend && over(wire, c.kit.reachM)) shares.extend! += c.kit.extend.minutes
    if (c.mostLengthM !== undefined && over(wire, c.mostLengthM)) broken.add(`length ${c.id}`)
    if (c.kit && over(wire, c.kit.reachM + (c.kit.extend?.mostM ?? 0))) broken.add(`length ${c.id}`)
    if (c.noiseBudget !== undefined && over(noise, c.noiseBudget)) broken.add(`noise ${c.id}`)
  }
  for (const [id, { classes, area }] of inCorridor) {
    const e = by.get(id)!
    shares.open! += r.open * classes.size
    shares.bundle! += r.bundle * classes.size * e.lengthM
    if (e.temperatureK >= (input.sleeveFromK ?? 373.15)) shares.heat! += r.heat * classes.size * e.lengthM
    if (e.wet) shares.wet! += r.wet * classes.size * e.lengthM
    if (e.hole && over(area, (e.hole.fill ?? 0.45) * Math.PI * (e.hole.boreM / 2) ** 2)) broken.add(`hole ${id}`)
    if (e.freeAreaM2 !== undefined && over(area, e.freeAreaM2)) broken.add(`area ${id}`)
    for (const [one, other] of input.separate ?? [])
      if (!e.apart && classes.has(one) && classes.has(other)) broken.add(`separation ${id}`)
  }
  if (unitAt) {
    shares.place = unitAt.minutes
    if (unitAt.temperatureK > input.unit!.limitK || (unitAt.wet && !input.unit!.wetProof))
      broken.add(`place ${unitAt.id}`)
  }
  for (const list of input.together ?? []) {
    const ways = list.map((id) => [...(plan.routes.find((x) => x.id === id)?.corridors ?? [])].sort().join())
    if (new Set(ways).size > 1) torn.push(list.join())
  }
  return { broken: [...broken].sort(), torn, shares, total: Object.values(shares).reduce((a, b) => a + b, 0) }
}

/** Every path between two places, by trying all: for cars of a handful of corridors. */
const pathsOf = (input: RouteCase, from: string, to: string): string[][] => {
  const found: string[][] = []
  const go = (here: string, met: string[], way: string[]): void => {
    if (here === to) {
      found.push(way)
      return
    }
    for (const e of input.corridors) {
      const next = e.from === here ? e.to : e.to === here ? e.from : null
      if (next !== null && !met.includes(next)) go(next, [...met, next], [...way, e.id])
    }
  }
  go(from, [from], [])
  return found
}

/** The nearest design by trying every combination of paths and every place. */
export const bruteForce = (input: RouteCase): { broken: number; total: number } => {
  let best = { broken: Infinity, total: Infinity }
  for (const candidate of input.unit?.candidates ?? [null]) {
    const at = (p: string): string => (p === 'unit' ? candidate!.place : p)
    const lists: { id: string; turned: boolean }[][] = []
    const seen = new Set<string>()
    for (const c of input.circuits) {
      if (seen.has(c.id)) continue
      const list = input.together?.find((l) => l.includes(c.id)) ?? [c.id]
      lists.push(
        list.map((id) => {
          seen.add(id)
          return { id, turned: input.circuits.find((x) => x.id === id)!.from !== c.from }
        }),
      )
    }
    const choices = lists.map((list) => {
      const c = input.circuits.find((x) => x.id === list[0]!.id)!
      const paths: (string[] | null)[] = pathsOf(input, at(c.from), at(c.to))
      return paths.length > 0 ? paths : [null]
    })
    const routes: RoutePlan['routes'][number][] = []
    const go = (n: number): void => {
      if (n === choices.length) {
        const { broken, total } = checkLoom(input, { routes, place: candidate?.id ?? null })
        if (broken.length < best.broken || (broken.length === best.broken && total < best.total))
          best = { broken: broken.length, total }
        return
      }
      for (const path of choices[n]!) {
        const before = routes.length
        for (const { id, turned } of lists[n]!) {
          const corridors = path && (turned ? [...path].reverse() : path)
          routes.push({ id, corridors, pathM: null, wireM: null, surplusM: null, shortfallM: null })
        }
        go(n + 1)
        routes.length = before
      }
    }
    go(0)
  }
  return best
}
