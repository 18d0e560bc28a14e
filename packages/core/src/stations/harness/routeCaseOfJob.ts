import {
  isClean,
  keptApart,
  noiseBudgetOf,
  wireOutsideOfSizeM,
  type RouteCase,
  type RouteCircuit,
  type RouteRates,
} from '../../harness/index.ts'
import type { JobDocument } from '../../job/index.ts'
import { INSULATION_K } from '../../power/index.ts'
import { WIRE_CLASSES } from '../../sections/index.ts'
import { ECU, netOfEnd, type Circuit, type Circuits } from './circuitsOfJob.ts'
import { nodeOf, routeCorridors, type CarPlan } from './planOfJob.ts'

/** Minutes of a practised hand. Rules of thumb, one currency for everything. */
export const RATES: RouteRates = {
  lay: 2.5,
  wire: 1.2,
  open: 3,
  bundle: 6,
  heat: 8,
  wet: 5,
  cross: 3,
  repin: 8,
  fold: 1.5,
}
/** A twentieth less than what the trade allows, and a hand at both ends: 3 to 5 % and 50 to 150 mm. Trade practice. */
export const SLACK = { share: 0.04, perEndM: 0.1 } as const
/** From here on a bundle goes into a heat sleeve. Trade practice. */
export const SLEEVE_FROM_K = 373.15
/** From the loom to the ECU's pins, m. Estimate. */
export const UNIT_LEAD_M = 0.1
/** Most ECUs: 85 °C. Typical. */
export const UNIT_LIMIT_K = 358.15
/** Minutes for a joint in a lead that is lengthened: strip, crimp, shrink. Rule of thumb. */
const EXTEND_MINUTES = 12
const EXTEND_MOST_M = 3

/** A loom to look for: the case of the router for one place of the ECU, with splices at given places. */
export interface LoomCase {
  readonly input: RouteCase
  /** Circuits of the job by their id; those without a place at both ends are missing. */
  readonly circuits: ReadonlyMap<string, Circuit>
  /** Circuits that could not be put into the case. */
  readonly unplaced: readonly string[]
}

export interface CaseOptions {
  /** Id of a candidate; null: all of them. */
  readonly candidate: string | null
  /** Place of each net's splice. */
  readonly splices: Readonly<Record<string, string>>
  /** Sizes by circuit that have grown. */
  readonly sizes?: Readonly<Record<string, string>>
  /** Pairs of classes that must be kept apart beside those of the practice. */
  readonly separate?: readonly (readonly [string, string])[]
}

/** Pairs of classes that must never share a corridor without room, by the practice that the job follows. */
export const separationOf = (job: JobDocument): (readonly [string, string])[] =>
  WIRE_CLASSES.filter(isClean).flatMap((clean) =>
    WIRE_CLASSES.filter((dirty) => keptApart(clean, dirty, job.harness.design.separation)).map(
      (dirty) => [clean, dirty] as const,
    ),
  )

export const loomCase = (job: JobDocument, plan: CarPlan, { list }: Circuits, options: CaseOptions): LoomCase => {
  const { harness } = job
  const corridors = routeCorridors(plan)
  // A place that no corridor reaches is an end without a way, not a mistake.
  const places = new Set([...plan.places.map((p) => p.id), ...corridors.flatMap((c) => [c.from, c.to])])
  const candidates = plan.candidates
    .filter((c, n) => plan.candidates.findIndex((x) => x.at === c.at) === n)
    .filter((c) => options.candidate === null || c.id === options.candidate)
  for (const c of candidates) places.add(c.at)
  const device = new Map(plan.devices.map((d) => [d.id, d]))
  const circuits = new Map<string, Circuit>()
  const unplaced: string[] = []
  const made: RouteCircuit[] = []

  for (const c of list) {
    const end = (id: string): { readonly at: string; readonly leadM: number } | null => {
      if (id === ECU) return candidates.length > 0 ? { at: 'unit', leadM: UNIT_LEAD_M } : null
      const net = netOfEnd(id)
      if (net !== null) {
        const at = options.splices[net]
        return at === undefined ? null : { at, leadM: 0 }
      }
      const d = device.get(id)
      const at = d ? nodeOf(plan, d) : null
      return d && at !== null && places.has(at) ? { at, leadM: d.leadM } : null
    }
    const from = end(c.from)
    const to = end(c.to)
    if (!from || !to || (from.at === 'unit' && to.at === 'unit')) {
      unplaced.push(c.id)
      continue
    }
    circuits.set(c.id, c)
    const kit = harness.design.build === 'kit' ? kitOf(job, c) : null
    const budget = noiseBudgetOf(c.kind)
    const rules = harness.stretches.filter((s) => s.circuit === c.id)
    const pieces = (corridor: string): string[] =>
      corridors.filter((x) => x.id === corridor || x.id.startsWith(`${corridor}/`)).map((x) => x.id)
    made.push({
      id: c.id,
      from: from.at,
      to: to.at,
      class: c.kind,
      diameterM: wireOutsideOfSizeM(options.sizes?.[c.id] ?? c.size),
      limitK: INSULATION_K[c.insulation],
      leadFromM: from.leadM,
      leadToM: to.leadM,
      flexible: c.flexible,
      ...(budget !== null && { noiseBudget: budget * (c.shielded ? 10 : 1) }),
      ...(kit && { kit, ...plugOf(plan, c) }),
      avoid: rules.filter((s) => s.rule === 'keep-out').flatMap((s) => pieces(s.corridor)),
      through: rules.filter((s) => s.rule === 'through').flatMap((s) => pieces(s.corridor)),
    })
  }
  return {
    circuits,
    unplaced,
    input: {
      corridors,
      circuits: made,
      ...(candidates.length > 0 && {
        unit: {
          limitK: harness.unit.limitK ?? UNIT_LIMIT_K,
          wetProof: harness.unit.sealed === true,
          candidates: candidates.map((c) => ({
            id: c.id,
            place: c.at,
            temperatureK: c.hottestK,
            wet: c.wet,
            minutes: c.minutes,
          })),
        },
      }),
      separate: [...separationOf(job), ...(options.separate ?? [])],
      together: togetherOf(made, circuits),
      rates: RATES,
      sleeveFromK: SLEEVE_FROM_K,
      slack: SLACK,
    },
  }
}

/** Twisted or shielded pairs take one way, and so do the wires of one lead of a kit. */
const togetherOf = (made: readonly RouteCircuit[], circuits: ReadonlyMap<string, Circuit>): string[][] => {
  const lists = new Map<string, string[]>()
  for (const c of made) {
    const { pair, from, to } = circuits.get(c.id)!
    const device = from === ECU ? to : to === ECU ? from : null
    const lead = c.kit && device !== null && netOfEnd(device) === null ? `lead of ${device}` : pair
    if (lead !== null) lists.set(lead, [...(lists.get(lead) ?? []), c.id])
  }
  return [...lists.values()].filter((p) => p.length > 1)
}

const kitOf = (job: JobDocument, c: Circuit): RouteCircuit['kit'] | null => {
  const device = c.from === ECU ? c.to : c.to === ECU ? c.from : null
  if (device === null) return null
  const lead = job.harness.kitLeads.find((k) => k.device === device && k.unused !== true)
  if (typeof lead?.reachM !== 'number') return null
  return {
    reachM: lead.reachM,
    ...(lead.extend === 'may' && { extend: { minutes: EXTEND_MINUTES, mostM: EXTEND_MOST_M } }),
  }
}
const plugOf = (plan: CarPlan, c: Circuit): Pick<RouteCircuit, 'plugM' | 'repin'> => {
  const device = plan.devices.find((d) => d.id === (c.from === ECU ? c.to : c.from))
  return device ? { plugM: device.plugM, repin: true } : {}
}
