import {
  grommetFor,
  GROMMET_BORES_M,
  leastBoreM,
  roundAreaM2,
  weighLoom,
  WIRE_FILL,
  type RouteCase,
  type RoutePlan,
} from '../../harness/index.ts'
import type { JobDocument } from '../../job/index.ts'
import { fig, say, type Sentence } from '../../verdict/index.ts'
import { ECU, type Circuit } from './circuitsOfJob.ts'
import { LoomFinder, type Proposal } from './loomFinder.ts'
import { planOfJob, wholeCorridor, type CarPlan } from './planOfJob.ts'

/** What would have to be changed for a loom to keep every rule. */
export interface Relaxation {
  readonly constraint: string
  readonly words: Sentence
}

/** What a lead is called: the device that it ends at, which may have several wires in it. */
const leadName = (plan: CarPlan, circuits: ReadonlyMap<string, Circuit>, id: string): string => {
  const c = circuits.get(id)
  const device = plan.devices.find((d) => d.id === c?.from || d.id === c?.to)
  return (c && [c.from, c.to].includes(ECU) ? device?.name : c?.name) ?? id
}

/** What a case is with one broken rule relaxed just as far as its plan needs, and how that is said. */
const relaxOne = (
  input: RouteCase,
  plan: CarPlan,
  route: RoutePlan,
  circuits: ReadonlyMap<string, Circuit>,
  { constraint, id }: RoutePlan['broken'][number],
): { readonly input: RouteCase; readonly words: Sentence } => {
  const wire = circuits.get(id)?.name ?? id
  const corridor = plan.corridors.find((c) => c.id === wholeCorridor(id))
  const taken = route.fills.find((f) => f.corridor === id)?.takenM2 ?? 0
  const circuit = (change: Partial<RouteCase['circuits'][number]>): RouteCase => ({
    ...input,
    circuits: input.circuits.map((c) => (c.id === id ? { ...c, ...change } : c)),
  })
  const corridors = (change: (c: RouteCase['corridors'][number]) => RouteCase['corridors'][number]): RouteCase => ({
    ...input,
    corridors: input.corridors.map((c) => (c.id === id ? change(c) : c)),
  })
  const own = route.routes.find((r) => r.id === id)
  const hottestK = Math.max(0, ...(own?.corridors ?? []).map((e) => input.corridors.find((x) => x.id === e)!.temperatureK))
  switch (constraint) {
    case 'hole': {
      const there = corridor === undefined ? 0 : roundAreaM2(corridor.takenM)
      const boreM = grommetFor(leastBoreM(taken + there)) ?? leastBoreM(taken + there)
      return {
        input: corridors((c) => ({ ...c, hole: { boreM, fill: WIRE_FILL - there / roundAreaM2(boreM) } })),
        words: say`a grommet with ${fig(boreM, 'bore', 0)} bore in “${corridor?.name ?? id}”`,
      }
    }
    case 'area': {
      const roomM = 1.2 * Math.sqrt(taken / (Math.PI / 4))
      return {
        input: corridors((c) => ({ ...c, freeAreaM2: taken })),
        words: say`room for a bundle of ${fig(roomM, 'bore', 0)} in “${corridor?.name ?? id}”`,
      }
    }
    case 'separation':
      return {
        input: corridors((c) => ({ ...c, apart: true })),
        words: say`room for two bundles a hand apart in “${corridor?.name ?? id}”`,
      }
    case 'heat':
      return { input: circuit({ limitK: hottestK }), words: say`a wire that bears ${fig(hottestK, 'temperature')} for “${wire}”, or a shield on the pipe` }
    case 'motion':
      return { input: circuit({ flexible: true }), words: say`flexible wire with a loop for “${wire}”` }
    case 'plug':
      return { input: circuit({ repin: true }), words: say`the plug of “${wire}” fitted after the lead is through` }
    case 'length':
      return {
        input: circuit({ mostLengthM: undefined as never, kit: undefined as never }),
        words: say`a longer lead for “${leadName(plan, circuits, id)}”: ${fig(own?.wireM ?? 0, 'distance', 2)}`,
      }
    case 'noise':
      return { input: circuit({ noiseBudget: undefined as never }), words: say`another way or a shield for “${wire}”` }
    case 'locked':
      return { input: circuit({ through: [] }), words: say`the rule for “${wire}” taken back` }
    case 'place':
      return {
        input: { ...input, unit: { ...input.unit!, limitK: 600, wetProof: true } },
        words: say`an ECU whose case bears that place, or a box around it`,
      }
    case 'way':
      return { input: { ...input, circuits: input.circuits.filter((c) => c.id !== id) }, words: say`a corridor to “${wire}”` }
  }
} // prettier-ignore

/**
 * The fewest changes that would let this loom keep every rule: one for each rule that the nearest design breaks. Weighed
 * again with all of them: `enough` says whether nothing is broken then.
 */
export const relaxationsOf = (
  job: JobDocument,
  p: Proposal,
): { readonly changes: readonly Relaxation[]; readonly enough: boolean } => {
  const plan = planOfJob(job)
  let { input } = p
  const changes = p.route.broken.map((b): Relaxation => {
    const relaxed = relaxOne(input, plan, p.route, p.circuits, b)
    input = relaxed.input
    return { constraint: b.constraint, words: relaxed.words }
  })
  const number = new Map(input.corridors.map((c, n) => [c.id, n]))
  const ways = input.circuits.map(
    (c) => p.route.routes.find((r) => r.id === c.id)?.corridors?.map((e) => number.get(e)!) ?? null,
  )
  const again = weighLoom(input, p.route.place, ways, null)
  const once = changes.filter((c, n) => changes.findIndex((o) => JSON.stringify(o) === JSON.stringify(c)) === n)
  return { changes: once, enough: again.broken.length === 0 }
}

/** Minutes below which a wider hole is not worth a word. */
const WORTH_MINUTES = 2
const WIDE_M = 0.05

/** The smallest grommet that saves work, in a hole that is there. */
export interface GrommetSaving {
  readonly corridor: string
  readonly name: string
  readonly boreM: number
  readonly minutes: number
}

/**
 * Tries each hole wider, and says what the smallest grommet that gains nearly all of it saves: the whole loom is looked
 * for anew each time. Null where no hole is worth it.
 */
export const grommetSaving = (job: JobDocument, p: Proposal, steps: number): GrommetSaving | null => {
  const { harness } = job
  const look = (corridor: string, boreM: number): Proposal | null => {
    const corridors = harness.corridors.map((c) =>
      c.id === corridor ? { ...c, boreM, panel: c.panel ?? 'grommet' } : c,
    )
    const finder = new LoomFinder({ ...job, harness: { ...harness, corridors } }, p.place.id)
    finder.improve(steps)
    return finder.proposals()[0] ?? null
  }
  let best: GrommetSaving | null = null
  for (const c of planOfJob(job).corridors) {
    if (c.panel === 'none' || c.boreM === null || c.boreM >= WIDE_M) continue
    const wide = look(c.id, WIDE_M)
    if (!wide || wide.faults > p.faults) continue
    const gain = p.route.cost.total - wide.route.cost.total
    if (gain < WORTH_MINUTES || (best && gain <= best.minutes)) continue
    for (const boreM of GROMMET_BORES_M.filter((bore) => bore > c.boreM!)) {
      const found = boreM === WIDE_M ? wide : look(c.id, boreM)
      if (!found || found.faults > p.faults) continue
      const minutes = p.route.cost.total - found.route.cost.total
      if (minutes < 0.9 * gain) continue
      best = { corridor: c.id, name: c.name, boreM, minutes }
      break
    }
  }
  return best
}
