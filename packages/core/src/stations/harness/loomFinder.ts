import { RouteSearch, type RouteCase, type RoutePlan } from '../../harness/index.ts'
import type { JobDocument } from '../../job/index.ts'
import { loomSplice, loomWire, type Loom } from '../../sections/index.ts'
import { circuitsOfJob, type Circuit, type Circuits } from './circuitsOfJob.ts'
import { exposureOfLoom, type Beside, type Exposed } from './exposureOfLoom.ts'
import { sizesOfLoom, surroundingsOf, type WireSurroundings } from './loomSizes.ts'
import { planOfJob, routeCorridors, wholeCorridor, type CarPlan, type ECUPlace } from './planOfJob.ts'
import { loomCase, type LoomCase } from './routeCaseOfJob.ts'
import { splicePlaces } from './splicePlaces.ts'

/** A loom that is offered for one place of the ECU. */
export interface Proposal {
  readonly place: ECUPlace
  readonly route: RoutePlan
  readonly circuits: ReadonlyMap<string, Circuit>
  readonly unplaced: readonly string[]
  readonly exposed: readonly Exposed[]
  /** Rules that it breaks, and wires over their budget of noise. */
  readonly faults: number
  readonly loom: Loom
  /** The case that it answers. */
  readonly input: RouteCase
  /** Lengths of kit leads, by circuit. */
  readonly kitReachM: ReadonlyMap<string, number>
}

const MOST_ROUNDS = 6
const FIRST_STEPS = 12
const TRY_STEPS = 400

/** Ways that circuits take, as corridors of the plan: pieces of one count once. */
const wholeWay = (corridors: readonly string[]): string[] => {
  const way: string[] = []
  for (const id of corridors.map(wholeCorridor)) if (way.at(-1) !== id) way.push(id)
  return way
}

/** The search for one place of the ECU: ways, splices, sizes and separation until they agree. */
class PlaceFinder {
  private splices: Record<string, string>
  private readonly choices: Readonly<Record<string, readonly string[]>>
  private sizes: Readonly<Record<string, string>> = {}
  private separate: (readonly [string, string])[] = []
  private search!: RouteSearch
  private loomCase!: LoomCase
  private turn = 0
  private kept: Proposal | null = null

  constructor(
    private readonly job: JobDocument,
    private readonly plan: CarPlan,
    private readonly circuits: Circuits,
    readonly place: ECUPlace,
  ) {
    this.choices = splicePlaces(plan, routeCorridors(plan), circuits, place.at)
    this.splices = Object.fromEntries(Object.entries(this.choices).map(([net, places]) => [net, places[0] ?? '']))
    this.begin()
    this.settle(FIRST_STEPS)
    this.keep()
  }

  private caseOf(splices: Record<string, string>): LoomCase {
    return loomCase(this.job, this.plan, this.circuits, {
      candidate: this.place.id,
      splices,
      sizes: this.sizes,
      separate: this.separate,
    })
  }

  private begin(): void {
    this.loomCase = this.caseOf(this.splices)
    this.search = new RouteSearch(this.loomCase.input, 1)
  }

  /** Sizes by what the ways ask for, and a pair of classes kept apart where a wire picks up too much, until both stay. */
  private settle(steps: number): void {
    for (let round = 0; round < MOST_ROUNDS; round++) {
      this.search.improve(steps)
      const route = this.search.plan()
      const { input, circuits } = this.loomCase
      const around = surroundingsOf(input, route, circuits)
      const sizes = sizesOfLoom(this.job, circuits, around, this.sizes)
      const grown = Object.entries(sizes).some(([id, size]) => size !== (this.sizes[id] ?? circuits.get(id)!.size))
      const over = exposureOfLoom(input, route, circuits, this.beside()).find(
        (x) =>
          x.total > x.budget &&
          x.worst?.from &&
          x.worst.corridor !== null &&
          !this.isApart(x.circuit.kind, x.worst.from),
      )
      if (!grown && !over) return
      this.sizes = sizes
      if (over) this.separate = [...this.separate, [over.circuit.kind, over.worst!.from!]]
      this.begin()
    }
  }

  private beside(): Beside {
    return { crossings: this.job.harness.crossings, suppressed: this.plan.suppressed }
  }

  private isApart(one: string, other: string): boolean {
    return (this.loomCase.input.separate ?? []).some(
      ([a, b]) => (a === one && b === other) || (a === other && b === one),
    )
  }

  /** Some steps more, and a splice tried elsewhere. */
  improve(steps: number): void {
    this.search.improve(steps)
    this.tryASplice()
    this.settle(0)
    this.keep()
  }

  prove(steps: number): void {
    this.search.prove(steps)
    this.keep()
  }

  /** A cheaper way may pick up more noise: what is offered never gets worse by going on. */
  private keep(): void {
    const now = this.proposalNow()
    if (this.kept === null || better(now, this.kept) <= 0) this.kept = now
  }

  private tryASplice(): void {
    const nets = Object.entries(this.choices).filter(([, places]) => places.length > 1)
    if (nets.length === 0) return
    const [net, places] = nets[this.turn % nets.length]!
    const other = places[Math.floor(this.turn / nets.length) % Math.min(4, places.length)]!
    this.turn++
    if (other === this.splices[net]) return
    const splices = { ...this.splices, [net]: other }
    const tried = this.caseOf(splices)
    const search = new RouteSearch(tried.input, 1)
    search.improve(TRY_STEPS)
    const [now, then] = [this.search.best, search.best]
    if (then.broken > now.broken || (then.broken === now.broken && then.minutes >= now.minutes - 1e-6)) return
    this.splices = splices
    this.loomCase = tried
    this.search = search
  }

  /** The best found so far. */
  get proposal(): Proposal {
    return this.kept!
  }

  private proposalNow(): Proposal {
    const { input, circuits, unplaced } = this.loomCase
    const route = this.search.plan()
    const exposed = exposureOfLoom(input, route, circuits, this.beside())
    const around = surroundingsOf(input, route, circuits)
    return {
      place: this.place,
      route,
      circuits,
      unplaced,
      exposed,
      faults: route.broken.length + exposed.filter((x) => x.total > x.budget).length,
      input,
      kitReachM: new Map(input.circuits.flatMap((c) => (c.kit ? [[c.id, c.kit.reachM] as const] : []))),
      loom: loomOf(this.place.id, route, around, this.sizes, circuits, this.splices),
    }
  }
}

const loomOf = (
  place: string,
  route: RoutePlan,
  around: ReadonlyMap<string, WireSurroundings>,
  sizes: Readonly<Record<string, string>>,
  circuits: ReadonlyMap<string, Circuit>,
  splices: Readonly<Record<string, string>>,
): Loom => ({
  place,
  wires: route.routes.flatMap((r) => {
    const own = around.get(r.id)
    if (r.corridors === null || !own) return []
    return [
      loomWire(r.id, {
        way: wholeWay(r.corridors),
        lengthM: own.wireM,
        size: sizes[r.id] ?? circuits.get(r.id)!.size,
        hottestK: own.hottestK,
        loadedWires: own.loadedWires,
      }),
    ]
  }),
  splices: Object.entries(splices)
    .filter(([, at]) => at !== '')
    .map(([net, at]) => loomSplice(net, at)),
})

const better = (x: Proposal, y: Proposal): number => x.faults - y.faults || x.route.cost.total - y.route.cost.total

/** The looms of every place of the ECU, found step by step. Empty while there is no plan, no system or no place. */
export class LoomFinder {
  private readonly finders: readonly PlaceFinder[]

  /** @param only id of the one place to look at */
  constructor(job: JobDocument, only: string | null = null) {
    const plan = planOfJob(job)
    const circuits = circuitsOfJob(job)
    const known = new Set(plan.places.map((p) => p.id))
    const usable = plan.candidates.filter(
      (c, n) => known.has(c.at) && plan.candidates.findIndex((x) => x.at === c.at) === n,
    )
    this.finders =
      circuits.list.length === 0
        ? []
        : usable.filter((c) => only === null || c.id === only).map((c) => new PlaceFinder(job, plan, circuits, c))
  }

  improve(steps: number): void {
    for (const f of this.finders) f.improve(steps)
  }

  prove(steps: number): void {
    for (const f of this.finders) f.prove(steps)
  }

  /** Best first: fewest faults, then fewest minutes. */
  proposals(): readonly Proposal[] {
    return this.finders.map((f) => f.proposal).sort(better)
  }

  caseAt(place: string) {
    return this.finders.find((f) => f.place.id === place)?.proposal.input ?? null
  }
}
