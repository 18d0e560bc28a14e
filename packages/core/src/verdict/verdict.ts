import type { Family } from '../quantity/index.ts'

export type VerdictState = 'ok' | 'caution' | 'stop' | 'unknown'

/** A figure to be shown in the reader's own unit. */
export interface Figure {
  readonly si: number
  readonly family: Family
  readonly decimals?: number
}

/** A sentence with figures in it, which the screen writes in the reader's units. */
export type Sentence = readonly (string | Figure)[]

export const fig = (si: number, family: Family, decimals?: number): Figure =>
  decimals === undefined ? { si, family } : { si, family, decimals }

/** Tagged template: say`rail falls to ${fig(p, 'pressure')}`. Plain strings and sentences are taken in as they are. */
export const say = (strings: TemplateStringsArray, ...values: (string | Figure | Sentence)[]): Sentence =>
  strings.flatMap((text, i) => {
    const value = values[i]
    if (value === undefined) return [text]
    return Array.isArray(value) ? [text, ...(value as Sentence)] : [text, value as string | Figure]
  })

/** Of which of several alike a verdict speaks. */
export interface Subject {
  /** What is judged, without of whom: "gas" at either sensor. */
  readonly kind: string
  /** 0 is sensor A. */
  readonly sensor: number
}

export interface Verdict {
  readonly id: string
  /** Where there can be several of its kind. */
  readonly subject?: Subject
  /** What was judged, e.g. "Pressure held at full load". */
  readonly title: string
  readonly state: VerdictState
  /** What the figure is, e.g. "rail". */
  readonly figureName: string
  readonly figure: Figure | null
  readonly limitName: string
  readonly limit: Figure | null
  /** Inside the limit (+) or past it (-); or, where two figures are only compared, how far they lie apart. */
  readonly margin: Figure | null
  readonly marginIs?: 'apart'
  readonly reason: Sentence
  /** What to do about it, where that is nothing that a remedy could change in the document. */
  readonly next?: Sentence
  /** Textbook, standard, "solved circuit", or "rule of thumb". */
  readonly source: string
  /** The operating point it was found at. */
  readonly pointId: string | null
  /** Id of the verdict that is the cause of this one: undone alone, it clears this too. */
  readonly effectOf?: string
  /** Names of the workings that lead to the figure. */
  readonly workings: readonly string[]
}

/** What a verdict judges, without of which of several: "gas" at either sensor. */
export const kindOf = (v: Pick<Verdict, 'id' | 'subject'>): string => v.subject?.kind ?? v.id

const RANK: Readonly<Record<VerdictState, number>> = { stop: 0, caution: 1, unknown: 2, ok: 3 }

/** Worst first; equal states keep their order. */
export const worstFirst = <V extends { readonly state: VerdictState }>(verdicts: readonly V[]): V[] =>
  [...verdicts].sort((a, b) => RANK[a.state] - RANK[b.state])

export const isWorse = (a: VerdictState, b: VerdictState): boolean => RANK[a] < RANK[b]

/** The worst of all, ok when there is none. */
export const worstState = (states: readonly VerdictState[]): VerdictState =>
  states.reduce<VerdictState>((worst, s) => (isWorse(s, worst) ? s : worst), 'ok')
