import { SLACK } from './routeCaseOfJob.ts'
import type { Accepted } from './acceptedLoom.ts'
import { netOfEnd } from './circuitsOfJob.ts'
import type { HarnessCase } from './harnessCase.ts'
import { wholeCorridor } from './planOfJob.ts'

/** Between two splices of one bundle, m: else it is as thick as a fist there. Trade practice: at least 40 to 50 mm. */
export const STAGGER_M = 0.05
/** From a hole and its seal, m. Trade practice. */
const CLEAR_OF_HOLE_M = 0.08

/** Where a net is joined. */
export interface SpliceSpot {
  readonly net: string
  readonly name: string
  readonly place: string
  /** Piece of a corridor that it lies in, and how far from the place; null: at the place, in a lead. */
  readonly corridor: string | null
  readonly offsetM: number
  /** Wires that are joined in it. */
  readonly wires: readonly string[]
  /** What is against it there: "too near a hole", "in the wet". */
  readonly against: readonly string[]
}

/**
 * Splices spread along the corridors of their places, at least 50 mm from each other and clear of holes, each in the
 * corridor that most of its wires come by.
 */
export const spliceSpots = (c: HarnessCase): readonly SpliceSpot[] => {
  const a = c.accepted
  if (!a) return []
  const at = new Map(c.harness.loom!.splices.map((s) => [s.id, s.at]))
  const filled = new Map<string, number>()
  const atHole = new Set(a.input.corridors.flatMap((e) => (e.hole ? [e.from, e.to] : [])))
  return c.circuits.nets.flatMap((net): SpliceSpot[] => {
    const place = at.get(net.id)
    if (place === undefined) return []
    const wires = c.circuits.list.filter((x) => x.net === net.id)
    const comeBy = new Map<string, number>()
    for (const w of wires) {
      const last = lastCorridor(a, w.id, w.from)
      if (last) comeBy.set(last, (comeBy.get(last) ?? 0) + 1)
    }
    const kind = wires[0]!.kind
    const choices = a.input.corridors
      .filter((e) => comeBy.has(e.id) || ((e.from === place || e.to === place) && mayShare(a, e.id, kind)))
      .map((e) => {
        const { id } = e
        const many = comeBy.get(id) ?? 0
        const before = filled.get(`${place} ${id}`)
        const offsetM = before === undefined ? (atHole.has(place) ? CLEAR_OF_HOLE_M : STAGGER_M) : before + STAGGER_M
        // Short of the middle by half a stagger: the other half is for splices of the next place.
        const fits = !e.hole && offsetM <= (e.lengthM - STAGGER_M) / 2 + 1e-9
        return { id, many, e, offsetM, fits, bad: (e.moving ? 1 : 0) + (e.wet ? 1 : 0) + (e.temperatureK > 378.15 ? 2 : 0) }
      })
      .sort((x, y) => Number(y.fits) - Number(x.fits) || x.bad - y.bad || y.many - x.many || (x.id < y.id ? -1 : 1))
    const best = choices[0]
    const base = { net: net.id, name: net.name, place, wires: wires.map((w) => w.id) }
    if (!best) {
      const crowded = c.circuits.nets.filter((n) => at.get(n.id) === place).length > 1
      return [{ ...base, corridor: null, offsetM: 0, against: crowded ? ['no corridor to stagger it in'] : [] }]
    }
    if (best.fits) filled.set(`${place} ${best.id}`, best.offsetM)
    const against = [
      ...(best.fits ? [] : [best.e.hole ? 'too near a hole' : 'no room to stagger it']),
      ...(best.e.moving ? ['where something moves'] : []),
      ...(best.e.wet ? ['in the wet'] : []),
      ...(best.e.temperatureK > 378.15 ? ['too hot for its sleeve'] : []),
    ]
    return [{ ...base, corridor: best.id, offsetM: best.fits ? best.offsetM : 0, against }]
  })
} // prettier-ignore

/** Whether the loom takes a corridor and a splice of this class may lie in it. */
const mayShare = (a: Accepted, corridor: string, kind: string): boolean => {
  const here = a.route.bundles.filter((b) => b.corridor === corridor).map((b) => b.class)
  const e = a.input.corridors.find((x) => x.id === corridor)!
  const apart = (a.input.separate ?? []).some(([x, y]) => (x === kind && here.includes(y)) || (y === kind && here.includes(x))) // prettier-ignore
  return here.length > 0 && (e.apart === true || !apart)
}

/** The corridor by which a wire comes to its splice; null where it takes none. */
const lastCorridor = (a: Accepted, wire: string, from: string): string | null => {
  const ways = a.route.routes.find((r) => r.id === wire)?.corridors ?? []
  return (netOfEnd(from) === null ? ways.at(-1) : ways[0]) ?? null
}

/** How much longer or shorter a wire gets because its splice lies off its place, slack in it, m. */
export const spliceShiftM = (c: HarnessCase, spots: readonly SpliceSpot[], wire: string, from: string): number => {
  const spot = spots.find((s) => s.wires.includes(wire))
  if (!spot || spot.corridor === null || !c.accepted) return 0
  const comesBy = lastCorridor(c.accepted, wire, from)
  return (1 + SLACK.share) * (comesBy === spot.corridor ? -spot.offsetM : spot.offsetM)
}

export const spotName = (c: HarnessCase, s: SpliceSpot): string => {
  const place = c.plan.places.find((p) => p.id === s.place)?.name ?? s.place
  const corridor =
    s.corridor && s.offsetM > 0 && c.plan.corridors.find((x) => x.id === wholeCorridor(s.corridor!))?.name
  return corridor ? `${corridor}, from ${place}` : place
}
