import type { Family } from '../quantity/index.ts'
import type { Working } from './working.ts'

export type VerdictState = 'ok' | 'caution' | 'stop' | 'unknown'

/** A figure to be shown in the reader's own unit. */
export interface Figure {
  readonly si: number
  readonly family: Family
  readonly decimals?: number
}

/** A change that was tried on the design and cures the verdict it belongs to. */
export interface Remedy<Change> {
  readonly label: string
  /** What the judged figure becomes. */
  readonly becomes: Figure
  readonly change: Change
}

export interface Verdict<Change = never> {
  readonly id: string
  /** What was judged, e.g. "Rail pressure at idle". */
  readonly title: string
  readonly state: VerdictState
  readonly figure: Figure | null
  readonly limit: Figure | null
  /** Figure against limit, positive = to spare, in the figure's own unit or as a share. */
  readonly margin: Figure | null
  readonly reason: string
  readonly source: string
  /** Least change first. */
  readonly remedies: readonly Remedy<Change>[]
  readonly working: Working | null
  /** The operating point it was found at. */
  readonly pointId?: string
}

const RANK: Readonly<Record<VerdictState, number>> = { stop: 0, caution: 1, unknown: 2, ok: 3 }

/** Worst first; equal states keep their order. */
export const worstFirst = <V extends { readonly state: VerdictState }>(verdicts: readonly V[]): V[] =>
  [...verdicts].sort((a, b) => RANK[a.state] - RANK[b.state])
