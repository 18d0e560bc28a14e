import { passThrough, UNIT, WIRE_FILL, type PassThroughResult } from '../../harness/index.ts'
import type { WireClass } from '../../sections/index.ts'
import { ECU } from './circuitsOfJob.ts'
import type { HarnessCase } from './harnessCase.ts'
import { wholeCorridor } from './planOfJob.ts'
import { spacesOf } from './comingBack.ts'
import { MOST_CLIP_M } from './judgeFixing.ts'
import { SLEEVE_FROM_K } from './routeCaseOfJob.ts'
import { terminationOf } from './wireEnds.ts'

/** Thickness of a covering, m: two layers of tape, braid, split conduit. Typical. */
const COVERING_M = { tape: 0.0005, braid: 0.00075, conduit: 0.00125, none: 0 } as const
export type Covering = keyof typeof COVERING_M
/** Sizes that sleeves are sold in, over what they go on, m. Typical. */
const SLEEVES_M = [0.003, 0.004, 0.005, 0.006, 0.008, 0.01, 0.013, 0.016, 0.02, 0.025, 0.032, 0.04, 0.05]
/** Smallest sleeve that goes over a bundle, m; null: none is sold so large. */
export const sleeveFor = (coveredM: number): number | null => SLEEVES_M.find((x) => x >= coveredM - 1e-9) ?? null

export const coveringOf = (c: HarnessCase): { readonly kind: Covering; readonly thicknessM: number; readonly assumed: boolean } => {
  const kind = c.harness.cut.covering ?? 'tape'
  return { kind, thicknessM: COVERING_M[kind], assumed: c.harness.cut.covering === null }
} // prettier-ignore

/** One class in one corridor, as it is covered and fastened. */
export interface CoveredBundle {
  readonly key: string
  readonly corridor: string
  readonly name: string
  readonly kind: WireClass
  readonly wires: number
  readonly bareM: number
  readonly coveredM: number
  /** Smallest sleeve that goes over it; null: none so large. */
  readonly sleeveM: number | null
  readonly heatSleeve: boolean
  readonly clips: number
  /** Inside radius: four diameters where it lies still, ten where it moves. */
  readonly leastBendM: number
  readonly lengthM: number
}

export const bundlesOfLoom = (c: HarnessCase): readonly CoveredBundle[] => {
  const a = c.accepted
  if (!a) return []
  const { thicknessM } = coveringOf(c)
  return a.route.bundles.map((b) => {
    const e = a.input.corridors.find((x) => x.id === b.corridor)!
    const corridor = c.plan.corridors.find((x) => x.id === wholeCorridor(b.corridor))!
    const coveredM = b.diameterM + 2 * thicknessM
    const clips = corridor.panel === 'none' ? Math.ceil(e.lengthM / Math.min(MOST_CLIP_M, corridor.clipM)) : 0
    return {
      key: `${b.corridor} ${b.class}`,
      corridor: corridor.id,
      name: corridor.name,
      kind: b.class as WireClass,
      wires: b.circuits.length,
      bareM: b.diameterM,
      coveredM,
      sleeveM: sleeveFor(coveredM),
      heatSleeve: e.temperatureK >= SLEEVE_FROM_K,
      clips,
      leastBendM: (e.moving ? 10 : 4) * coveredM,
      lengthM: e.lengthM,
    }
  })
}

/** A hole, what goes through it, and which plugs are fitted afterwards. */
export interface HoleWork {
  readonly corridor: string
  readonly name: string
  readonly boreM: number
  readonly wires: number
  readonly result: PassThroughResult
  /** The loom is put through so: from the one place to the other. */
  readonly towards: string
  /** Devices whose plugs go through with their wires on. */
  readonly plugs: readonly string[]
  /** Devices whose plugs do not: that end is pinned last. */
  readonly pinnedLast: readonly string[]
}

/** Every hole that the loom takes: put through from the side that leaves the fewest plugs to be pinned afterwards. */
export const holesOfLoom = (c: HarnessCase): readonly HoleWork[] => {
  const a = c.accepted
  if (!a) return []
  const space = spacesOf(a.input)
  const unitAt = a.input.unit?.candidates.find((x) => x.id === a.route.place)?.place ?? ''
  return a.input.corridors.flatMap((e): HoleWork[] => {
    const own = a.route.routes.filter((r) => r.corridors?.includes(e.id))
    if (!e.hole || own.length === 0) return []
    const corridor = c.plan.corridors.find((x) => x.id === wholeCorridor(e.id))!
    const route = new Map(a.input.circuits.map((x) => [x.id, x]))
    /** Devices beyond the hole, seen from one of its places. */
    const beyond = (place: string): string[] => {
      const devices = own.flatMap((r) => {
        const x = route.get(r.id)!
        const circuit = a.circuits.get(r.id)!
        const ends = [
          { node: x.from === UNIT ? unitAt : x.from, device: circuit.from },
          { node: x.to === UNIT ? unitAt : x.to, device: circuit.to },
        ]
        return ends.filter((end) => space.get(end.node) === space.get(place)).map((end) => end.device)
      })
      return [...new Set(devices)].filter((d) => terminationOf(d) === 'plug')
    }
    const plugOf = (device: string): number =>
      device === ECU ? ECU_PLUG_M : (c.plan.devices.find((d) => d.id === device)?.plugM ?? 0)
    const through = (to: string, from: string) => {
      const plugs = beyond(to)
      const result = passThrough({
        boreM: e.hole!.boreM,
        diametersM: [...own.map((r) => route.get(r.id)!.diameterM), ...(corridor.takenM > 0 ? [corridor.takenM] : [])],
        coveringM: coveringOf(c).thicknessM,
        plugsM: plugs.map(plugOf),
        fill: WIRE_FILL,
      })
      const last = new Set(result.pinnedLast)
      const named = (d: string): string => (d === ECU ? 'ECU' : (c.plan.devices.find((x) => x.id === d)?.name ?? d))
      return {
        corridor: corridor.id,
        name: corridor.name,
        boreM: e.hole!.boreM,
        wires: own.length,
        result,
        towards: `${placeName(c, from)} to ${placeName(c, to)}`,
        plugs: plugs.filter((_, n) => !last.has(n)).map(named),
        pinnedLast: plugs.filter((_, n) => last.has(n)).map(named),
      }
    }
    const [one, other] = [through(e.to, e.from), through(e.from, e.to)]
    return [other.pinnedLast.length < one.pinnedLast.length ? other : one]
  })
}
/** Across an ECU's main plug, m, until somebody has measured it. Typical. */
const ECU_PLUG_M = 0.075
const placeName = (c: HarnessCase, id: string): string => c.plan.places.find((p) => p.id === id)?.name ?? id

/** What has to be undone to take the body off, or the engine out. */
export interface BodyOff {
  /** Plugs and terminals if the loom stays with the body, and if it goes with the engine. */
  readonly withBody: readonly string[]
  readonly withEngine: readonly string[]
  /** Wires between the two: ways of one plug that would part them all. */
  readonly wires: number
  /** Whether somebody has said of every device if it moves with the engine. */
  readonly assumed: boolean
}

/** Places of the plans on the engine begin so; a device of its own says whether it moves against the body. */
const onEngine = (c: HarnessCase, device: string): boolean => {
  const own = c.harness.devices.find((d) => d.id === device)?.moves ?? null
  if (own !== null) return own
  const d = c.plan.devices.find((x) => x.id === device)
  const along = d?.along && c.plan.corridors.find((x) => x.id === d.along!.corridor)
  const node = along ? along.from : (d?.node ?? '')
  return node.startsWith('engine')
}

export const bodyOffOf = (c: HarnessCase): BodyOff => {
  const devices = [...new Set(c.circuits.list.flatMap((x) => [x.from, x.to]))].filter((d) => terminationOf(d) !== 'splice')
  const engine = new Set(devices.filter((d) => d !== ECU && onEngine(c, d)))
  const named = (d: string): string => (d === ECU ? 'ECU' : (c.plan.devices.find((x) => x.id === d)?.name ?? d))
  const sideOfNet = new Map<string, Set<boolean>>()
  for (const x of c.circuits.list) {
    const ends = [x.from, x.to].filter((d) => terminationOf(d) !== 'splice').map((d) => engine.has(d))
    const key = x.net ?? x.id
    sideOfNet.set(key, new Set([...(sideOfNet.get(key) ?? []), ...ends]))
  }
  return {
    withBody: devices.filter((d) => engine.has(d)).map(named),
    withEngine: devices.filter((d) => !engine.has(d)).map(named),
    wires: [...sideOfNet.values()].filter((s) => s.size === 2).length,
    assumed: devices.some((d) => d !== ECU && (c.harness.devices.find((x) => x.id === d)?.moves ?? null) === null),
  }
} // prettier-ignore
