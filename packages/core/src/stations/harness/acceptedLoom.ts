import { UNIT, weighLoom, type RouteCase, type RoutePlan } from '../../harness/index.ts'
import type { JobDocument } from '../../job/index.ts'
import type { Circuit, Circuits } from './circuitsOfJob.ts'
import { exposureOfLoom, type Exposed } from './exposureOfLoom.ts'
import { surroundingsOf, type WireSurroundings } from './loomSizes.ts'
import { wholeCorridor, type CarPlan } from './planOfJob.ts'
import { loomCase } from './routeCaseOfJob.ts'

/** The loom that was accepted, weighed against the car as it is now. */
export interface Accepted {
  readonly placeName: string
  readonly input: RouteCase
  readonly circuits: ReadonlyMap<string, Circuit>
  readonly route: RoutePlan
  readonly exposed: readonly Exposed[]
  readonly around: ReadonlyMap<string, WireSurroundings>
  /** Circuits that the car needs now and the loom has not. */
  readonly missing: readonly Circuit[]
  /** Wires of the loom that nothing needs any more. */
  readonly spare: readonly string[]
  /** Wires whose way does not lead from end to end any more. */
  readonly torn: readonly Circuit[]
  /** Wires whose length is another now, m: as accepted, as needed. */
  readonly lengths: readonly { readonly circuit: Circuit; readonly wasM: number; readonly isM: number }[]
  /** Whether the place of the ECU is none of the candidates any more. */
  readonly placeGone: boolean
}

/** A cut length that is out by less is none: the tape's own error. */
const SAME_M = 0.03

/** The way from end to end along corridors that may be used, by the pieces of them. */
const wayAlong = (input: RouteCase, from: string, to: string, may: ReadonlySet<string>): number[] | null => {
  if (from === to) return []
  const sums = new Map<string, { sum: number; by: number; before: string | null }>([
    [from, { sum: 0, by: -1, before: null }],
  ])
  const open = new Set([from])
  const done = new Set<string>()
  while (open.size > 0) {
    const here = [...open].reduce((a, b) => (sums.get(b)!.sum < sums.get(a)!.sum ? b : a))
    open.delete(here)
    done.add(here)
    if (here === to) {
      const way: number[] = []
      for (let at = sums.get(here)!; at.before !== null; at = sums.get(at.before)!) way.push(at.by)
      return way.reverse()
    }
    input.corridors.forEach((c, e) => {
      const next = c.from === here ? c.to : c.to === here ? c.from : null
      if (next === null || done.has(next) || !may.has(wholeCorridor(c.id))) return
      const sum = sums.get(here)!.sum + c.lengthM
      if (sum < (sums.get(next)?.sum ?? Infinity)) {
        sums.set(next, { sum, by: e, before: here })
        open.add(next)
      }
    })
  }
  return null
}

/** Null while none is accepted. */
export const acceptedLoom = (job: JobDocument, plan: CarPlan, circuits: Circuits): Accepted | null => {
  const { loom } = job.harness
  if (loom === null) return null
  const candidate = plan.candidates.find((c) => c.id === loom.place)
  const wires = new Map(loom.wires.map((w) => [w.id, w]))
  const splices = Object.fromEntries(loom.splices.map((s) => [s.id, s.at]))
  const sizes = Object.fromEntries(loom.wires.flatMap((w) => (w.size === null ? [] : [[w.id, w.size]])))
  const made = loomCase(job, plan, circuits, { candidate: loom.place, splices, sizes })
  const { input } = made
  const unitAt = candidate?.at ?? null
  const torn: Circuit[] = []
  const ways = input.circuits.map((c) => {
    const wire = wires.get(c.id)
    if (!wire) return null
    const at = (end: string): string | null => (end === UNIT ? unitAt : end)
    const [from, to] = [at(c.from), at(c.to)]
    const way = from === null || to === null ? null : wayAlong(input, from, to, new Set(wire.way))
    if (way === null) torn.push(made.circuits.get(c.id)!)
    return way
  })
  const route = weighLoom(input, candidate?.id ?? null, ways, null)
  const around = surroundingsOf(input, route, made.circuits)
  return {
    placeName: candidate?.name ?? 'a place that is no candidate any more',
    input,
    circuits: made.circuits,
    route,
    around,
    exposed: exposureOfLoom(input, route, made.circuits, {
      crossings: job.harness.crossings,
      suppressed: plan.suppressed,
    }),
    missing: circuits.list.filter((c) => !wires.has(c.id)),
    spare: loom.wires.filter((w) => !circuits.list.some((c) => c.id === w.id)).map((w) => w.id),
    torn,
    lengths: route.routes.flatMap((r) => {
      const wasM = wires.get(r.id)?.lengthM ?? null
      if (wasM === null || r.wireM === null || Math.abs(wasM - r.wireM) <= SAME_M) return []
      return [{ circuit: made.circuits.get(r.id)!, wasM, isM: r.wireM }]
    }),
    placeGone: candidate === undefined,
  }
}
