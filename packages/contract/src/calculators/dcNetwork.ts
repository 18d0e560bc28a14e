import type { NetworkCase } from '@lochmoor/core'
import type { z } from 'zod'
import { explainProblems, type FieldProblem } from '../field/explainProblems.ts'
import { DcNetworkInput, PART_OF } from './dcNetworkParts.ts'

export { DcNetworkInput, DcNetworkOutput } from './dcNetworkParts.ts'

type Raw = Readonly<Record<string, unknown>>
type ListName = keyof typeof PART_OF
const LISTS = Object.keys(PART_OF) as ListName[]
const isRaw = (v: unknown): v is Raw => typeof v === 'object' && v !== null && !Array.isArray(v)
const listOf = (raw: Raw, key: string): unknown[] => (Array.isArray(raw[key]) ? (raw[key] as unknown[]) : [])
/** Every problem of a case, however many. */
const ALL = Infinity

/** Fields that name nodes, and what else no moment may change. */
const NODES = ['from', 'to', 'pos', 'neg', 'sensePos', 'senseNeg', 'coilPos', 'coilNeg', 'common', 'make', 'break', 'anode', 'cathode'] // prettier-ignore
const FIXED = ['kind', 'energised', ...NODES]
/** Pairs of terminals between which a part stands. */
const ENDS = [['from', 'to'], ['pos', 'neg'], ['coilPos', 'coilNeg'], ['common', 'make'], ['common', 'break'], ['anode', 'cathode']] as const // prettier-ignore

/** What the fields of a part must be to one another; paths from the part. */
const together = (list: ListName, p: Raw): FieldProblem[] => {
  const problems: FieldProblem[] = []
  const say = (field: string, value: unknown, allowed: string) => problems.push({ field, value, allowed })
  for (const [a, b] of ENDS)
    if (p[a] !== undefined && p[a] === p[b]) say(b, p[b], `another node than ${a}: both ends stand on one`)
  if (list === 'wires') wireTogether(p, say)
  if (list === 'loads' && p['kind'] === 'motor' && !((p['runA'] as number) < (p['stallA'] as number)))
    say('runA', p['runA'], `below stallA, ${String(p['stallA'])}`)
  if (list === 'relays') {
    if (p['make'] === undefined && p['break'] === undefined)
      say('make', undefined, 'a node here or for "break": a relay has at least one contact')
    if (!((p['dropOutV'] as number) < (p['pullInV'] as number)))
      say('dropOutV', p['dropOutV'], `below pullInV, ${String(p['pullInV'])}`)
  }
  if (list === 'sources') sourceTogether(p, say)
  return problems
}

type Say = (field: string, value: unknown, allowed: string) => void

const wireTogether = (p: Raw, say: Say): void => {
  if (p['resistanceOhm'] !== undefined) {
    for (const field of ['lengthM', 'sectionM2', 'ohmPerM', 'temperatureK', 'parallel'])
      if (p[field] !== undefined)
        say(field, p[field], 'nothing beside resistanceOhm: a measured resistance is taken as it is')
    return
  }
  if (p['lengthM'] === undefined) say('lengthM', undefined, 'a number, 0 to 100 m; or give resistanceOhm alone')
  const [section, perM] = [p['sectionM2'] !== undefined, p['ohmPerM'] !== undefined]
  if (section && perM) say('ohmPerM', p['ohmPerM'], 'exactly one of sectionM2 and ohmPerM, not both')
  if (!section && !perM) say('sectionM2', undefined, 'exactly one of sectionM2 and ohmPerM; neither is given')
}

const sourceTogether = (p: Raw, say: Say): void => {
  const ascends = (axis: readonly number[], field: string) => {
    axis.forEach((x, i) => {
      if (i > 0 && !(x > axis[i - 1]!)) say(`${field}.${i}`, x, `above ${axis[i - 1]}, the entry before`)
    })
  }
  if (p['kind'] === 'battery') {
    for (const field of ['openCircuitV', 'resistanceOhm', 'chargeOhm']) {
      const table = p[field]
      if (!isRaw(table)) continue
      const { charges, temperaturesK, values } = table as {
        charges: number[]
        temperaturesK: number[]
        values: number[][]
      }
      ascends(charges, `${field}.charges`)
      ascends(temperaturesK, `${field}.temperaturesK`)
      if (values.length !== charges.length)
        say(`${field}.values`, values.length, `one row for each of ${charges.length} charges`)
      values.forEach((row, i) => {
        if (row.length !== temperaturesK.length)
          say(`${field}.values.${i}`, row.length, `one value for each of ${temperaturesK.length} temperatures`)
      })
    }
    return
  }
  if (Array.isArray(p['limitA'])) {
    ;(p['limitA'] as [number, number][]).forEach(([rpm], i, all) => {
      if (i > 0 && !(rpm > all[i - 1]![0])) say(`limitA.${i}.0`, rpm, `above ${all[i - 1]![0]}, the speed before`)
    })
    if (p['speedRpm'] === undefined) say('speedRpm', undefined, 'a number, 0 to 30000 rpm: limitA is a table by speed')
  }
  if (p['mode'] === 'dump') {
    if (p['dumpV'] === undefined) say('dumpV', undefined, 'a number, 0 to 200 V, in mode "dump"')
    if (p['dumpOhm'] === undefined) say('dumpOhm', undefined, 'a number above 0, to 100 ohm, in mode "dump"')
  }
}

const under = (at: string, problems: readonly FieldProblem[]): FieldProblem[] =>
  problems.map((p) => ({ ...p, field: p.field === 'input' ? at : `${at}.${p.field}` }))

/** Faults of one part: of its fields, else of what they must be to one another. */
const partProblems = (list: ListName, part: unknown): FieldProblem[] => {
  const parsed = PART_OF[list].safeParse(part)
  return parsed.success ? together(list, part as Raw) : explainProblems(parsed.error, part, ALL)
}

interface Known {
  readonly list: ListName
  readonly part: Raw
}

/** What the changes of a moment do wrong: told at the change that did it. */
const changeProblems = (changes: readonly unknown[], at: string, parts: ReadonlyMap<string, Known>): FieldProblem[] => {
  const problems: FieldProblem[] = []
  const touched = new Map<string, { part: Raw; by: Map<string, number>; last: number }>()
  changes.forEach((change, i) => {
    if (!isRaw(change) || typeof change['id'] !== 'string') return
    const where = `${at}.changes.${i}`
    const { id, ...fields } = change
    const known = parts.get(id as string)
    if (!known) {
      problems.push({ field: `${where}.id`, value: id, allowed: 'the id of a part of this case' })
      return
    }
    const state = touched.get(id as string) ?? { part: known.part, by: new Map<string, number>(), last: i }
    for (const [field, value] of Object.entries(fields)) {
      if (FIXED.includes(field))
        problems.push({
          field: `${where}.${field}`,
          value,
          allowed: 'a field that may change; this one stays',
        })
      else {
        state.part = { ...state.part, [field]: value }
        state.by.set(field, i)
      }
    }
    state.last = i
    touched.set(id as string, state)
  })
  for (const [id, { part, by, last }] of touched) {
    const { list, part: before } = parts.get(id)!
    if (partProblems(list, before).length > 0) continue
    for (const p of partProblems(list, part)) {
      const [field = ''] = p.field.split('.')
      const change = by.get(field) ?? last
      const named = by.has(field) ? p.field : ([...by].find(([, i]) => i === change)?.[0] ?? p.field)
      problems.push({
        ...p,
        field: `${at}.changes.${change}.${named}`,
        allowed: named === p.field ? p.allowed : `${p.field}: ${p.allowed}`,
      })
    }
  }
  return problems
}

/** Everything that is wrong with a case, one entry a fault; paths with dots. */
export const dcNetworkProblems = (input: unknown): FieldProblem[] => {
  const shape = DcNetworkInput.safeParse(input)
  const ofShape = shape.success ? [] : explainProblems(shape.error, input, ALL)
  if (!isRaw(input)) return ofShape
  const problems = [...ofShape]
  const parts = new Map<string, Known>()
  const named = new Set<string>()
  for (const list of LISTS)
    listOf(input, list).forEach((part, i) => {
      const at = `${list}.${i}`
      if (!isRaw(part)) return
      if (PART_OF[list].safeParse(part).success) problems.push(...under(at, together(list, part)))
      for (const field of NODES) if (typeof part[field] === 'string') named.add(part[field])
      const { id } = part
      if (typeof id !== 'string' || id === '') return
      if (parts.has(id))
        problems.push({ field: `${at}.id`, value: id, allowed: 'an id of its own: another part has this one' })
      else parts.set(id, { list, part })
    })
  const { reference } = input
  if (typeof reference === 'string' && reference !== '' && !named.has(reference))
    problems.push({ field: 'reference', value: reference, allowed: 'a node that a part touches' })
  const moments = new Set<string>()
  listOf(input, 'moments').forEach((moment, i) => {
    if (!isRaw(moment)) return
    const at = `moments.${i}`
    const { id } = moment
    if (typeof id === 'string' && id !== '') {
      if (moments.has(id))
        problems.push({ field: `${at}.id`, value: id, allowed: 'an id of its own: another moment has this one' })
      moments.add(id)
    }
    problems.push(...changeProblems(listOf(moment, 'changes'), at, parts))
  })
  return problems
}

/** Compiles only while what the schema lets in is what the core takes. */
export const asNetworkCase = (input: z.output<typeof DcNetworkInput>): NetworkCase => input
