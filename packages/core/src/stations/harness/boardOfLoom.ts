import { layFlat, openLoops, UNIT, type FlatLoom, type LoomBranch, type LoopCut } from '../../harness/index.ts'
import type { WireClass } from '../../sections/index.ts'
import { isClean } from '../../harness/index.ts'
import { coveringOf, sleeveFor } from './bundlesOfLoom.ts'
import { ECU, netOfEnd } from './circuitsOfJob.ts'
import type { HarnessCase } from './harnessCase.ts'
import { wholeCorridor } from './planOfJob.ts'
import { SLACK, SLEEVE_FROM_K, UNIT_LEAD_M } from './routeCaseOfJob.ts'
import { spliceSpots, type SpliceSpot } from './spliceSpots.ts'
import { circuitEnds, type CircuitEnd } from './wireEnds.ts'
import { bundleDiameterM } from '../../harness/index.ts'

/** A length of loom on the board. */
export interface BoardBranch extends LoomBranch {
  readonly wireIds: readonly string[]
  readonly coveredM: number
  /** Corridor that it lies in; null: a lead to a plug. */
  readonly corridor: string | null
  readonly heatSleeve: boolean
  /** Smallest that goes over it; null for a lead, and where none is sold so large. */
  readonly sleeveM: number | null
}

/** Where wires leave the board. */
export interface BoardEnd {
  readonly node: string
  readonly device: string
  readonly name: string
  readonly pins: readonly { readonly cavity: string | null; readonly known: boolean; readonly wire: number }[]
}

/** One loom between its plugs, laid flat. */
export interface LoomBoard {
  readonly branches: readonly BoardBranch[]
  readonly cuts: readonly LoopCut[]
  readonly flat: FlatLoom
  readonly ends: readonly BoardEnd[]
  readonly splices: readonly { readonly node: string; readonly spot: SpliceSpot }[]
}

/** A wire's way along the board: branches from its first end to its other. */
export interface BoardLoom {
  readonly boards: readonly LoomBoard[]
  readonly ways: ReadonlyMap<string, readonly string[]>
}

/** Shorter ones are drawn as points of one node, m. */
const LEAST_M = 0.001
export const USUAL_BOARD_M = 2.4

interface Piece {
  readonly id: string
  readonly from: string
  readonly to: string
  readonly lengthM: number
  readonly corridor: string | null
  readonly heat: boolean
  readonly wires: Set<string>
}

/** Joins things that belong together. */
class Groups {
  private readonly root = new Map<string, string>()
  find(key: string): string {
    let at = key
    for (let up = this.root.get(at); up !== undefined && up !== at; up = this.root.get(at)) at = up
    return at
  }
  join(a: string, b: string): void {
    this.root.set(this.find(a), this.find(b))
  }
}

/**
 * The accepted loom as lengths between nodes, with the slack that its wires are cut with: corridors that it takes (clean
 * and dirty bundles by themselves where they lie apart), cut where a splice lies in them, and a lead to every plug. Wires
 * hang together by bundle, plug and splice; what does not is another loom.
 */
const piecesOf = (c: HarnessCase) => {
  const a = c.accepted!
  const grow = 1 + SLACK.share
  const ends = circuitEnds(c)
  const spots = spliceSpots(c)
  const spotOf = new Map(spots.map((s) => [s.net, s]))
  const unitAt = a.input.unit?.candidates.find((x) => x.id === a.route.place)?.place ?? ''
  const pairs = a.input.separate ?? []
  const classes = new Map<string, Set<string>>()
  for (const b of a.route.bundles) classes.set(b.corridor, (classes.get(b.corridor) ?? new Set()).add(b.class))
  const laneOf = (corridor: string, kind: WireClass): string => {
    const here = classes.get(corridor) ?? new Set()
    const apart = pairs.some(([x, y]) => here.has(x) && here.has(y))
    return apart ? `${corridor} ${isClean(kind) ? 'clean' : 'dirty'}` : corridor
  }
  /** Splices that lie in a corridor piece, by their distance from its `from`. */
  const inCorridor = new Map<string, { readonly spot: SpliceSpot; readonly atM: number }[]>()
  for (const spot of spots) {
    if (spot.corridor === null || spot.offsetM === 0) continue
    const e = a.input.corridors.find((x) => x.id === spot.corridor)!
    const atM = e.from === spot.place ? spot.offsetM : e.lengthM - spot.offsetM
    inCorridor.set(e.id, [...(inCorridor.get(e.id) ?? []), { spot, atM }].sort((x, y) => x.atM - y.atM))
  }
  const groups = new Groups()
  const pieces = new Map<string, Piece>()
  const ways = new Map<string, string[]>()
  const device = new Map(c.plan.devices.map((d) => [d.id, d]))
  const circuitOf = new Map(a.input.circuits.map((x) => [x.id, x]))

  for (const { circuit, from, number, to } of ends) {
    const route = a.route.routes.find((r) => r.id === circuit.id)
    const input = circuitOf.get(circuit.id)
    if (!route?.corridors || !input) continue
    const way: string[] = []
    const wire = `wire ${number}`
    const take = (id: string, piece: Omit<Piece, 'id' | 'wires'>): void => {
      if (piece.lengthM < LEAST_M) return
      const own = pieces.get(id) ?? { id, ...piece, wires: new Set<string>() }
      pieces.set(id, own)
      own.wires.add(circuit.id)
      groups.join(wire, `piece ${id}`)
      way.push(id)
    }
    const lead = (e: CircuitEnd, node: string): void => {
      if (e.termination === 'splice') {
        groups.join(wire, e.pin)
        return
      }
      const leadM = grow * (e.device === ECU ? UNIT_LEAD_M : (device.get(e.device)?.leadM ?? 0))
      // A plug ends one branch; rings and blades are loose, each with a branch of its own.
      const id = e.termination === 'plug' ? `lead ${e.device}` : `lead ${e.device} ${number}`
      if (e.termination === 'plug') groups.join(wire, `plug ${e.device}`)
      const piece = { lengthM: Math.max(leadM, LEAST_M), corridor: null, heat: false, from: node, to: `end ${id.slice(5)}` } // prettier-ignore
      take(id, piece)
    }
    const at = (node: string): string => (node === UNIT ? unitAt : node)
    lead(from, at(input.from))
    let here = at(input.from)
    const last = route.corridors.length - 1
    const spot = circuit.net === null ? undefined : spotOf.get(circuit.net)
    const splicedFirst = netOfEnd(circuit.from) !== null
    const walk = (corridor: string, n: number): void => {
      const e = a.input.corridors.find((x) => x.id === corridor)!
      const forward = e.from === here
      const lane = laneOf(e.id, circuit.kind)
      const cuts = inCorridor.get(e.id) ?? []
      const marks = [0, ...cuts.map((x) => x.atM), e.lengthM]
      const names = [e.from, ...cuts.map((x) => `splice ${x.spot.net}`), e.to]
      const own = cuts.findIndex((x) => x.spot === spot)
      const all = marks.slice(1).map((_, k) => k)
      // A wire that is spliced within this corridor goes as far as its splice.
      const kept =
        own === -1 || (splicedFirst ? n !== 0 : n !== last)
          ? all
          : all.filter((k) => ((splicedFirst ? !forward : forward) ? k <= own : k > own))
      for (const k of forward ? kept : [...kept].reverse()) {
        const lengthM = grow * (marks[k + 1]! - marks[k]!)
        const id = cuts.length === 0 ? lane : `${lane} .${k}`
        take(id, { from: names[k]!, to: names[k + 1]!, lengthM, corridor: e.id, heat: e.temperatureK >= SLEEVE_FROM_K })
      }
      here = forward ? e.to : e.from
    }
    // Beyond the splice's place: the wire comes by another corridor and goes on to where the splice lies.
    const onward = (): void => {
      if (!spot || spot.corridor === null || spot.offsetM === 0) return
      const comesBy = splicedFirst ? route.corridors![0] : route.corridors![last]
      if (comesBy === spot.corridor) return
      const e = a.input.corridors.find((x) => x.id === spot.corridor)!
      const forward = e.from === spot.place
      const cuts = inCorridor.get(e.id)!
      const marks = [0, ...cuts.map((x) => x.atM), e.lengthM]
      const names = [e.from, ...cuts.map((x) => `splice ${x.spot.net}`), e.to]
      const own = cuts.findIndex((x) => x.spot === spot)
      const kept = marks.slice(1).flatMap((_, k) => ((forward ? k <= own : k > own) ? [k] : []))
      const lane = laneOf(e.id, circuit.kind)
      for (const k of forward === splicedFirst ? [...kept].reverse() : kept)
        take(`${lane} .${k}`, { from: names[k]!, to: names[k + 1]!, lengthM: grow * (marks[k + 1]! - marks[k]!), corridor: e.id, heat: e.temperatureK >= SLEEVE_FROM_K }) // prettier-ignore
    }
    if (splicedFirst) onward()
    route.corridors.forEach(walk)
    if (!splicedFirst) onward()
    lead(to, at(input.to))
    ways.set(circuit.id, way)
  }
  return { pieces: [...pieces.values()], ways, groups, ends, spots }
} // prettier-ignore

/** The loom flat on boards, one for each that hangs together; largest first. Empty before one is accepted. */
export const boardOfLoom = (c: HarnessCase): BoardLoom => {
  if (!c.accepted) return { boards: [], ways: new Map() }
  const { ends, groups, pieces, spots, ways } = piecesOf(c)
  const covering = coveringOf(c).thicknessM
  const diameterOf = new Map(c.accepted.input.circuits.map((x) => [x.id, x.diameterM]))
  const byGroup = new Map<string, Piece[]>()
  for (const p of pieces) {
    const key = groups.find(`piece ${p.id}`)
    byGroup.set(key, [...(byGroup.get(key) ?? []), p])
  }
  const widthM = c.harness.board.widthM ?? USUAL_BOARD_M
  const boards = [...byGroup.values()].flatMap((own) =>
    openLoops(own.map((p) => ({ id: p.id, from: p.from, to: p.to, lengthM: p.lengthM, wires: p.wires.size }))).map(
      ({ branches, cuts }): LoomBoard => {
        const nodes = new Set(branches.flatMap((b) => [b.from, b.to]))
        const full = branches.map((b): BoardBranch => {
          const p = own.find((x) => x.id === b.id)!
          const coveredM = bundleDiameterM([...p.wires].map((w) => diameterOf.get(w) ?? 0)) + 2 * covering
          return {
            ...b,
            wireIds: [...p.wires],
            coveredM,
            sleeveM: p.corridor === null ? null : sleeveFor(coveredM),
            corridor: p.corridor && wholeCorridor(p.corridor),
            heatSleeve: p.heat,
          }
        })
        return {
          branches: full,
          cuts,
          flat: layFlat(branches, widthM),
          ends: endsOf(branches, ends, own),
          splices: spots.flatMap((spot) => {
            const node = spot.offsetM > 0 ? `splice ${spot.net}` : spot.place
            return nodes.has(node) && own.some((p) => [...p.wires].some((w) => spot.wires.includes(w))) ? [{ node, spot }] : [] // prettier-ignore
          }),
        }
      },
    ),
  )
  const size = (b: LoomBoard): number => b.branches.reduce((sum, x) => sum + x.lengthM, 0)
  return { boards: boards.sort((x, y) => size(y) - size(x)), ways }
}

const endsOf = (
  branches: readonly LoomBranch[],
  all: ReturnType<typeof circuitEnds>,
  pieces: readonly Piece[],
): BoardEnd[] =>
  branches.flatMap((b): BoardEnd[] => {
    if (!b.id.startsWith('lead ')) return []
    const wires = pieces.find((p) => p.id === b.id)!.wires
    const here = all.flatMap((x) =>
      wires.has(x.circuit.id)
        ? [x.from, x.to].flatMap((e) =>
            b.id === `lead ${e.device}` || b.id === `lead ${e.device} ${x.number}` ? [{ e, wire: x.number }] : [],
          )
        : [],
    )
    const [first] = here
    if (!first) return []
    return [
      {
        node: b.to,
        device: first.e.device,
        name: first.e.name,
        pins: here.map((h) => ({ cavity: h.e.cavity, known: h.e.cavityKnown, wire: h.wire })),
      },
    ]
  })
