import type { JobDocument } from '../job/index.ts'
import type { Station } from '../sections/index.ts'
import { valueAt } from '../shape/index.ts'

/** Where a figure may come from, the one that wins first. */
export type OriginKind = 'entered' | 'measured' | 'chosen' | 'computed' | 'assumed'

/** What a figure or a word of the document can be. */
export type Value = number | string | boolean

/** The figures a source is made of, by their ids; asking for one that it has not declared is an error. */
export interface Given {
  number(id: string): number
  /** Null while it is only assumed. */
  known(id: string): number | null
  word(id: string): string | null
}

/** One way to a figure. */
export interface Source<V extends Value> {
  readonly kind: OriginKind
  /** The station whose entry it is; null for the figure's own place and for what nobody entered. */
  readonly from: Station | null
  /** In what way, or why this much: "by bore, stroke and cylinders", "a warm tank". */
  readonly why: string
  /** Ids of the figures it is made of. */
  readonly uses: readonly string[]
  read(job: JobDocument, given: Given): V | null
}

/** A figure that stations share, with its sources from the one that wins to the last resort. */
export interface FigureRule<V extends Value = Value> {
  readonly sources: readonly Source<V>[]
  /** Stations that compute with it. */
  readonly usedBy: readonly Station[]
  /** Whether it is asked for with this design; always, where it is left out. */
  readonly matters?: Matters
}

/** @param value another figure by its id */
export type Matters = (job: JobDocument, value: (id: string) => Value | null) => boolean

type Read<V extends Value> = Source<V>['read']

/** What stands at the figure's own place in the document. */
export const entered = <V extends Value>(path: string): Source<V> => ({
  kind: 'entered',
  from: null,
  why: 'entered',
  uses: [],
  read: (job) => (valueAt(job, path) as V | null | undefined) ?? null,
})
/** What stands at another place, or follows from what does. */
export const measuredAt = <V extends Value>(from: Station, why: string, read: Read<V>): Source<V> => ({
  kind: 'measured',
  from,
  why,
  uses: [],
  read,
})
export const chosenAt = <V extends Value>(from: Station, why: string, read: Read<V>): Source<V> => ({
  kind: 'chosen',
  from,
  why,
  uses: [],
  read,
})
export const computed = <V extends Value>(why: string, uses: readonly string[], read: Read<V>): Source<V> => ({
  kind: 'computed',
  from: null,
  why,
  uses,
  read,
})
/** What is taken where nothing is known: a house default, shown as one wherever it is used. */
export const assumed = <V extends Value>(
  why: string,
  take: V | ((job: JobDocument, given: Given) => V | null),
  uses: readonly string[] = [],
): Source<V> => ({
  kind: 'assumed',
  from: null,
  why,
  uses,
  read: typeof take === 'function' ? take : () => take,
})
