import type { JobDocument } from '../job/index.ts'
import type { Station } from '../sections/index.ts'
import type { FigureRule, Given, OriginKind, Value } from './figureRule.ts'

/** A figure as found, with where it comes from. */
export interface Found {
  readonly value: Value | null
  readonly kind: OriginKind
  readonly from: Station | null
  readonly why: string
}

const NOT_KNOWN: Found = { value: null, kind: 'assumed', from: null, why: 'not known' }

type Rules = Readonly<Record<string, FigureRule>>

/** Every figure a figure is made of, whichever way it is found. */
const usesOf = (rule: FigureRule): string[] => [...new Set(rule.sources.flatMap((s) => s.uses))]

/**
 * Ids in an order in which none comes before what it is made of.
 * @throws where a figure would depend on itself, with the circle; or on one that is not there
 */
export const sortedFigures = (rules: Rules): string[] => {
  const done = new Set<string>()
  const visit = (id: string, trail: readonly string[]): void => {
    if (trail.includes(id)) throw new Error(`a figure depends on itself: ${[...trail, id].join(' -> ')}`)
    if (done.has(id)) return
    const rule = rules[id]
    if (!rule) throw new Error(`${trail.at(-1) ?? 'nobody'} is made of a figure that is not there: ${id}`)
    for (const use of usesOf(rule)) visit(use, [...trail, id])
    done.add(id)
  }
  for (const id of Object.keys(rules)) visit(id, [])
  return [...done]
}

export interface FigureTable {
  /** In an order in which none comes before what it is made of. */
  readonly order: readonly string[]
  find(job: JobDocument, id: string): Found
}

/** A table of figures that is sorted once, refuses a circle, and finds each figure of a document once. */
export const figureTable = (rules: Rules): FigureTable => {
  const order = sortedFigures(rules)
  const memory = new WeakMap<JobDocument, Map<string, Found>>()
  const given = (job: JobDocument, id: string, uses: readonly string[]): Given => {
    const ask = (use: string): Found => {
      if (!uses.includes(use)) throw new Error(`${id} has not declared that it is made of ${use}`)
      return find(job, use)
    }
    return {
      number: (use) => ask(use).value as number,
      known: (use) => {
        const found = ask(use)
        return found.kind === 'assumed' ? null : (found.value as number)
      },
      word: (use) => ask(use).value as string | null,
    }
  }
  const seek = (job: JobDocument, id: string): Found => {
    const rule = rules[id]
    if (!rule) throw new Error(`there is no figure ${id}`)
    for (const { kind, from, why, uses, read } of rule.sources) {
      const value = read(job, given(job, id, uses))
      if (value !== null) return { value, kind, from, why }
    }
    return NOT_KNOWN
  }
  const find = (job: JobDocument, id: string): Found => {
    let found = memory.get(job)
    if (!found) memory.set(job, (found = new Map<string, Found>()))
    let own = found.get(id)
    if (!own) found.set(id, (own = seek(job, id)))
    return own
  }
  return { order, find }
}
