import type { CostShare, RouteCase, RouteConstraint } from '@lochmoor/core'
import { z } from 'zod'
import { explainProblems, type FieldProblem } from '../field/explainProblems.ts'
import { above, listFrom, nonEmpty, trueOrFalse, within } from '../field/strictFigures.ts'

/** Types want every one of each: a share or a constraint more does not compile. */
const SHARES: Readonly<Record<CostShare, z.ZodNumber>> = {
  lay: z.number(),
  wire: z.number(),
  fold: z.number(),
  extend: z.number(),
  open: z.number(),
  bundle: z.number(),
  heat: z.number(),
  wet: z.number(),
  cross: z.number(),
  repin: z.number(),
  place: z.number(),
}
const CONSTRAINTS = [
  'area',
  'heat',
  'hole',
  'length',
  'motion',
  'noise',
  'place',
  'plug',
  'separation',
  'way',
] as const satisfies readonly RouteConstraint[]

const id = nonEmpty
const temperatureK = () => within(200, 600, 'K')
const minutes = () => within(0, 1e4, 'min')
const share = () => within(0, 1, '')
const rate = (per: string) => within(0, 1e4, `min${per}`)

const Corridor = z.strictObject({
  id: id(),
  from: id(),
  to: id(),
  lengthM: above(0, 20, 'm'),
  temperatureK: temperatureK(),
  wet: trueOrFalse().optional(),
  moving: trueOrFalse().optional(),
  apart: trueOrFalse().optional(),
  noisePerM: within(0, 1000, 'per m').optional(),
  freeAreaM2: above(0, 1, 'm²').optional(),
  hole: z.strictObject({ boreM: above(0, 0.5, 'm'), fill: above(0, 1, '').optional() }).optional(),
})

const Circuit = z.strictObject({
  id: id(),
  from: id(),
  to: id(),
  class: id(),
  diameterM: above(0, 0.05, 'm'),
  limitK: temperatureK(),
  leadFromM: within(0, 5, 'm').optional(),
  leadToM: within(0, 5, 'm').optional(),
  mostLengthM: above(0, 100, 'm').optional(),
  kit: z
    .strictObject({
      reachM: within(0, 100, 'm'),
      extend: z.strictObject({ minutes: minutes(), mostM: within(0, 100, 'm') }).optional(),
    })
    .optional(),
  flexible: trueOrFalse().optional(),
  noiseBudget: within(0, 1e6, '').optional(),
  plugM: within(0, 1, 'm').optional(),
  repin: trueOrFalse().optional(),
})

const Unit = z.strictObject({
  limitK: temperatureK(),
  wetProof: trueOrFalse().optional(),
  candidates: listFrom(
    z.strictObject({
      id: id(),
      place: id(),
      temperatureK: temperatureK(),
      wet: trueOrFalse().optional(),
      minutes: minutes(),
    }),
    1,
    20,
  ),
})

export const HarnessRouteInput = z.strictObject({
  corridors: listFrom(Corridor, 1, 300),
  circuits: listFrom(Circuit, 1, 300),
  unit: Unit.optional(),
  separate: z.array(listFrom(id(), 2, 2), { error: 'allowed: a list of pairs of classes' }).optional(),
  together: z.array(listFrom(id(), 2, 300), { error: 'allowed: a list of lists of two or more circuits' }).optional(),
  rates: z.strictObject({
    lay: rate('/m'),
    wire: rate('/m'),
    open: rate(''),
    bundle: rate('/m'),
    heat: rate('/m'),
    wet: rate('/m'),
    cross: rate(''),
    repin: rate(''),
    fold: rate('/m'),
  }),
  sleeveFromK: temperatureK().optional(),
  slack: z.strictObject({ share: share().optional(), perEndM: within(0, 5, 'm').optional() }).optional(),
})

const lengthOut = z.number().nullable()

export const HarnessRouteOutput = z.strictObject({
  feasible: z.boolean(),
  broken: z.array(z.strictObject({ constraint: z.enum(CONSTRAINTS), id: z.string() })),
  place: z.string().nullable(),
  routes: z.array(
    z.strictObject({
      id: z.string(),
      corridors: z.array(z.string()).nullable(),
      pathM: lengthOut,
      wireM: lengthOut,
      surplusM: lengthOut,
      shortfallM: lengthOut,
    }),
  ),
  bundles: z.array(
    z.strictObject({
      corridor: z.string(),
      class: z.string(),
      circuits: z.array(z.string()),
      diameterM: z.number(),
    }),
  ),
  fills: z.array(z.strictObject({ corridor: z.string(), takenM2: z.number(), allowedM2: z.number() })),
  cost: z.strictObject({
    ...SHARES,
    total: z.number(),
  }),
  bound: z.number().nullable(),
})

type Raw = Readonly<Record<string, unknown>>
const isRaw = (v: unknown): v is Raw => typeof v === 'object' && v !== null && !Array.isArray(v)
const listAt = (raw: Raw, key: string): unknown[] => (Array.isArray(raw[key]) ? (raw[key] as unknown[]) : [])
const isId = (v: unknown): v is string => typeof v === 'string' && v !== ''
const ALL = Infinity

type Say = (field: string, value: unknown, allowed: string) => void

const ownIds = (list: readonly unknown[], at: string, say: Say): Set<string> => {
  const seen = new Set<string>()
  list.forEach((item, n) => {
    if (!isRaw(item) || !isId(item['id'])) return
    if (seen.has(item['id'])) say(`${at}.${n}.id`, item['id'], 'an id of its own: another of this list has it')
    seen.add(item['id'])
  })
  return seen
}

const corridorFaults = (corridors: readonly unknown[], say: Say): Set<string> => {
  const places = new Set<string>()
  corridors.forEach((c, n) => {
    if (!isRaw(c)) return
    for (const end of ['from', 'to'] as const) {
      if (c[end] === 'unit') say(`corridors.${n}.${end}`, 'unit', 'another name: "unit" stands for the control unit')
      else if (isId(c[end])) places.add(c[end])
    }
    if (isId(c['from']) && c['from'] === c['to'])
      say(`corridors.${n}.to`, c['to'], 'another place than "from": a corridor joins two')
  })
  return places
}

const circuitFaults = (circuits: readonly unknown[], places: ReadonlySet<string>, unit: unknown, say: Say): void => {
  circuits.forEach((c, n) => {
    if (!isRaw(c)) return
    for (const end of ['from', 'to'] as const) {
      const value = c[end]
      if (!isId(value)) continue
      if (value === 'unit') {
        if (unit === undefined) say(`circuits.${n}.${end}`, value, 'a place; there is no "unit" in this case')
      } else if (!places.has(value)) {
        say(`circuits.${n}.${end}`, value, 'a place that a corridor or a candidate names, or "unit"')
      }
    }
    if (c['from'] === 'unit' && c['to'] === 'unit')
      say(`circuits.${n}.to`, 'unit', 'a place: only one end may be the control unit')
    if (c['mostLengthM'] !== undefined && c['kit'] !== undefined)
      say(`circuits.${n}.kit`, c['kit'], 'at most one of mostLengthM and kit')
  })
}

const togetherFaults = (input: Raw, say: Say): void => {
  const circuits = new Map(
    listAt(input, 'circuits').flatMap((c): [string, Raw][] => (isRaw(c) && isId(c['id']) ? [[c['id'], c]] : [])),
  )
  const taken = new Set<string>()
  listAt(input, 'together').forEach((list, n) => {
    if (!Array.isArray(list)) return
    let ends: string | null = null
    list.forEach((id: unknown, k) => {
      if (!isId(id)) return
      const at = `together.${n}.${k}`
      const c = circuits.get(id)
      if (!c) {
        say(at, id, 'the id of a circuit')
        return
      }
      if (taken.has(id)) say(at, id, 'a circuit that stands in no list yet')
      taken.add(id)
      const own = JSON.stringify([String(c['from']), String(c['to'])].sort())
      if (ends !== null && own !== ends) say(at, id, 'a circuit with the same two ends as the others of its list')
      ends ??= own
    })
  })
}

/** Everything that is wrong with a case, one entry a fault; paths with dots. */
export const harnessRouteProblems = (input: unknown): FieldProblem[] => {
  const shape = HarnessRouteInput.safeParse(input)
  const problems: FieldProblem[] = shape.success ? [] : [...explainProblems(shape.error, input, ALL)]
  if (!isRaw(input)) return problems
  const say: Say = (field, value, allowed) => problems.push({ field, value, allowed })
  const corridors = listAt(input, 'corridors')
  const circuits = listAt(input, 'circuits')
  ownIds(corridors, 'corridors', say)
  ownIds(circuits, 'circuits', say)
  const places = corridorFaults(corridors, say)
  const unit = input['unit']
  if (isRaw(unit)) {
    const candidates = listAt(unit, 'candidates')
    ownIds(candidates, 'unit.candidates', say)
    const at = new Set<string>()
    candidates.forEach((c, n) => {
      if (!isRaw(c) || !isId(c['place'])) return
      const where = `unit.candidates.${n}.place`
      if (c['place'] === 'unit') say(where, 'unit', 'another name: "unit" stands for the control unit')
      if (at.has(c['place'])) say(where, c['place'], 'a place where no other candidate is')
      at.add(c['place'])
      places.add(c['place'])
    })
  }
  circuitFaults(circuits, places, unit, say)
  listAt(input, 'separate').forEach((pair, n) => {
    if (Array.isArray(pair) && isId(pair[0]) && pair[0] === pair[1])
      say(`separate.${n}.1`, pair[1], 'another class: none is kept apart from itself')
  })
  togetherFaults(input, say)
  const rates = input['rates']
  const slack = input['slack']
  if (isRaw(rates) && typeof rates['fold'] === 'number' && typeof rates['lay'] === 'number') {
    const extra = isRaw(slack) && typeof slack['share'] === 'number' ? slack['share'] : 0
    const most = rates['lay'] / (1 + extra)
    if (rates['fold'] * (1 + extra) > rates['lay'] * (1 + 1e-12))
      say('rates.fold', rates['fold'], `at most ${most}: fold * (1 + share) must not exceed lay`)
  }
  return problems
}

/** Compiles only while what the schema lets in is what the core takes. */
export const asRouteCase = (input: z.output<typeof HarnessRouteInput>): RouteCase =>
  input as z.output<typeof HarnessRouteInput> & Pick<RouteCase, 'separate'>
