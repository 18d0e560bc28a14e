import type { Family } from '../quantity/index.ts'

/** Allowed range of a figure, in SI or the unit named; both ends belong to it. */
export interface Range {
  readonly min: number
  readonly max: number
  readonly unit: string
}

/**
 * What a document is made of: one tree of plain data, without functions. Type (`ValueOf`), schema (the contract), paths,
 * ranges and the empty value (`emptyOf`) all follow from it.
 */
export interface FigureNode<Empty extends number | null = number | null> {
  readonly is: 'figure'
  readonly family: Family
  readonly range: Range
  readonly whole: boolean
  /** Null where nobody has measured; a figure where one is always there. */
  readonly empty: Empty
}
export interface WordNode<W extends string = string, Empty extends W | null = W | null> {
  readonly is: 'word'
  readonly words: readonly [W, ...W[]]
  readonly empty: Empty
}
/** One of a few numbers. */
export interface NumeralNode<N extends number = number> {
  readonly is: 'numeral'
  readonly numerals: readonly [N, ...N[]]
  readonly empty: N
}
export interface FlagNode<Empty extends boolean | null = boolean | null> {
  readonly is: 'flag'
  readonly empty: Empty
}
export interface TextNode<Empty extends string | null = string | null> {
  readonly is: 'text'
  /** Blanks at its ends are cut where at least one character is asked for. */
  readonly least: 0 | 1
  readonly most: number
  readonly empty: Empty
}
/** The id of somebody or something outside the document, a UUID. */
export interface ReferenceNode {
  readonly is: 'reference'
  readonly to: string
  readonly empty: null
}
/** The job's own copy of a part of the catalogue. */
export interface PartNode<P = unknown, K extends string = string> {
  readonly is: 'part'
  readonly kind: K
  readonly empty: null
  /** Never there: it carries the type. */
  readonly type?: P
}
/** Words, numbers or texts that count as one leaf, in their order. */
export interface SetNode<N extends Leaf = Leaf> {
  readonly is: 'set'
  readonly of: N
  readonly most: number
  readonly distinct: boolean
  readonly empty: readonly never[]
}
export type Leaf = FigureNode | WordNode | NumeralNode | FlagNode | TextNode | ReferenceNode | PartNode | SetLeaf
/** A set as a leaf, without saying of what: a type may not be its own limit. */
export interface SetLeaf {
  readonly is: 'set'
  readonly of: unknown
  readonly most: number
  readonly distinct: boolean
  readonly empty: readonly never[]
}

export interface GroupNode<F extends Fields = Fields> {
  readonly is: 'group'
  readonly fields: F
}
export interface Fields {
  readonly [name: string]: Node
}
/** A group that is there or not. */
export interface MaybeNode<G extends GroupNode = GroupNode> {
  readonly is: 'maybe'
  readonly of: G
}
/** Items with an id of their own, in an order. Paths name them by id, so they stay the same wherever they move. */
export interface ListNode<G extends GroupNode = GroupNode> {
  readonly is: 'list'
  readonly item: G
  readonly most: number
  /** What one is called, for messages: "leg". */
  readonly one: string
}
/** Items that are known by a role or a number, first to last: bank A and bank B, one figure a cylinder. */
export interface SeatsNode<N extends FigureNode | GroupNode = FigureNode | GroupNode> {
  readonly is: 'seats'
  readonly seat: N
  /** Names in paths, in order: "a", "b"; or "0", "1", … */
  readonly names: readonly string[]
  readonly one: string
}
export type Node = Leaf | GroupNode | MaybeNode | ListNode | SeatsNode

/** Id of an item of a list: made where the item is made. */
export const ITEM_ID = /^[a-z0-9]+(-[a-z0-9]+)+$/
export const MOST_ITEM_ID = 60

const range = (min: number, max: number, unit: string): Range => ({ min, max, unit })

/** A figure that is measured or decided, null until then. SI, or the unit named. */
export const figure = (family: Family, min: number, max: number, unit: string): FigureNode<null> => ({
  is: 'figure',
  family,
  range: range(min, max, unit),
  whole: false,
  empty: null,
})
/** A whole number that is counted or decided, null until then. */
export const whole = (min: number, max: number, unit = '', family: Family = 'count'): FigureNode<null> => ({
  is: 'figure',
  family,
  range: range(min, max, unit),
  whole: true,
  empty: null,
})
/** A whole number that is always there. */
export const count = (min: number, max: number, empty: number): FigureNode<number> => ({
  is: 'figure',
  family: 'count',
  range: range(min, max, ''),
  whole: true,
  empty,
})
/** A figure that is always there. */
export const given = (family: Family, min: number, max: number, unit: string, empty: number): FigureNode<number> => ({
  is: 'figure',
  family,
  range: range(min, max, unit),
  whole: false,
  empty,
})
/** One of a few words, null until somebody has looked. */
export const word = <const W extends string>(...words: readonly [W, ...W[]]): WordNode<W, null> => ({
  is: 'word',
  words,
  empty: null,
})
/** One of a few words; the first to begin with, or the one named. */
export const always = <const W extends string>(words: readonly [W, ...W[]], empty: NoInfer<W> = words[0]) =>
  ({ is: 'word', words, empty }) as WordNode<W, W>
export const numeral = <const N extends number>(...numerals: readonly [N, ...N[]]): NumeralNode<N> => ({
  is: 'numeral',
  numerals,
  empty: numerals[0],
})
/** True, false, or not looked at yet. */
export const seen: FlagNode<null> = { is: 'flag', empty: null }
/** True or false. */
export const flag: FlagNode<boolean> = { is: 'flag', empty: false }
/** Free text, empty to begin with. */
export const text = (most: number): TextNode<string> => ({ is: 'text', least: 0, most, empty: '' })
/** Text that somebody enters, null until then. */
export const entered = (most: number): TextNode<null> => ({ is: 'text', least: 0, most, empty: null })
/** What something is called: never empty. */
export const name = (most: number): TextNode<string> => ({ is: 'text', least: 1, most, empty: '' })
export const reference = (to: string): ReferenceNode => ({ is: 'reference', to, empty: null })
export const part =
  <P>() =>
  <const K extends string>(kind: K): PartNode<P, K> => ({ is: 'part', kind, empty: null })
export const setOf = <N extends Exclude<Leaf, SetLeaf>>(of: N, most: number, distinct = false): SetNode<N> => ({
  is: 'set',
  of,
  most,
  distinct,
  empty: [],
})
export const group = <const F extends Fields>(fields: F): GroupNode<F> => ({ is: 'group', fields })
export const maybe = <G extends GroupNode>(of: G): MaybeNode<G> => ({ is: 'maybe', of })
export const listOf = <G extends GroupNode>(item: G, most: number, one: string): ListNode<G> => ({
  is: 'list',
  item,
  most,
  one,
})
export const seats = <N extends FigureNode | GroupNode>(
  seat: N,
  names: readonly string[],
  one: string,
): SeatsNode<N> => ({
  is: 'seats',
  seat,
  names,
  one,
})
/** "0", "1", … as names of seats. */
export const numbered = (most: number): string[] => Array.from({ length: most }, (_, i) => String(i))
