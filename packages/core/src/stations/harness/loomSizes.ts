import { carSupplyOf, CIRCUITS_OF_ROLE } from '../../figures/index.ts'
import { metricSizeFor, thickerSize, type RouteCase, type RoutePlan } from '../../harness/index.ts'
import type { JobDocument } from '../../job/index.ts'
import { WIRE_SIZES } from '../../parts/index.ts'
import { ampacityA, DROP_LIMITS, leastWire } from '../../power/index.ts'
import type { WireRole } from '../../sections/index.ts'
import type { Circuit } from './circuitsOfJob.ts'

/** What a wire meets on its way. */
export interface WireSurroundings {
  readonly hottestK: number
  /** Wires of its fullest bundle that carry current with it, itself among them. */
  readonly loadedWires: number
  readonly wireM: number
}

/** From how much on a wire warms its bundle. Rule of thumb. */
const LOADED_A = 1
const MOST_LOADED = 20
const COOLEST_K = 318.15

export const surroundingsOf = (
  input: RouteCase,
  plan: Pick<RoutePlan, 'routes' | 'bundles'>,
  circuits: ReadonlyMap<string, Circuit>,
): ReadonlyMap<string, WireSurroundings> => {
  const temperature = new Map(input.corridors.map((c) => [c.id, c.temperatureK]))
  const loaded = new Map(
    plan.bundles.map((b) => [
      `${b.corridor} ${b.class}`,
      b.circuits.filter((id) => (circuits.get(id)?.currentA ?? 0) >= LOADED_A).length,
    ]),
  )
  const kindOf = new Map(input.circuits.map((c) => [c.id, c.class]))
  return new Map(
    plan.routes.flatMap((r): [string, WireSurroundings][] => {
      if (r.corridors === null || r.wireM === null) return []
      const kind = kindOf.get(r.id)!
      return [
        [
          r.id,
          {
            hottestK: Math.max(COOLEST_K, ...r.corridors.map((e) => temperature.get(e)!)),
            loadedWires: Math.min(MOST_LOADED, Math.max(1, ...r.corridors.map((e) => loaded.get(`${e} ${kind}`) ?? 1))),
            wireM: r.wireM,
          },
        ],
      ]
    }),
  )
}

/** A short at the far end meets this beside the wire: battery, way to the wire, way back. Typical. */
const SHORT = { volts: 12.5, otherOhm: 0.03 } as const

/**
 * Sizes that the loom's lengths, heat and bundles ask for, by circuit: never thinner than what is there. Wires that the
 * power station knows by everything that it asks of them (drop out and back, current, fuse, a short); others by the
 * current that they bear.
 */
export const sizesOfLoom = (
  job: JobDocument,
  circuits: ReadonlyMap<string, Circuit>,
  around: ReadonlyMap<string, WireSurroundings>,
  now: Readonly<Record<string, string>>,
): Readonly<Record<string, string>> => {
  const supply = carSupplyOf(job)
  const sizes: Record<string, string> = {}
  const lengthOf = (role: WireRole): number =>
    (CIRCUITS_OF_ROLE[role] ?? []).reduce((sum, id) => sum + (around.get(id)?.wireM ?? 0), 0)
  for (const [id, c] of circuits) {
    const own = around.get(id)
    const size = now[id] ?? c.size
    if (!own) {
      sizes[id] = size
      continue
    }
    if (c.role === null) {
      const bears = WIRE_SIZES.filter((s) => s.id.startsWith('mm2-')).find(
        (s) =>
          ampacityA(s.sectionM2, own.hottestK, { insulation: c.insulation, loadedWires: own.loadedWires }) >=
          c.currentA,
      )
      sizes[id] = thickerSize(size, bears?.id ?? metricSizeFor(50e-6))
      continue
    }
    const { back, limitV } = DROP_LIMITS[c.role]
    const least = leastWire(
      {
        currentA: c.currentA,
        lengthM: lengthOf(c.role) + (back ? lengthOf(back) : 0),
        limitV,
        jointOhm: supply.wires[c.role].jointOhm + (back ? supply.wires[back].jointOhm : 0),
        ambientK: own.hottestK,
        insulation: c.insulation,
        loadedWires: own.loadedWires,
        fuseA: supply.wires[c.role].fuseA,
        short: SHORT,
      },
      'mm2',
    )
    sizes[id] = least ? thickerSize(size, least.size.id) : size
  }
  // A wire of the power station that is laid in two pieces has one size.
  for (const ids of Object.values(CIRCUITS_OF_ROLE)) {
    const thickest = ids.map((id) => sizes[id]).filter((s) => s !== undefined)
    if (thickest.length < 2) continue
    const size = thickest.reduce(thickerSize)
    for (const id of ids) if (sizes[id] !== undefined) sizes[id] = size
  }
  return sizes
}
