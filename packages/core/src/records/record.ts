import type { Family } from '../quantity/index.ts'

/** What an entry of the log book holds, by kind. Figures in SI. */
export type RecordBody =
  | { readonly kind: 'note'; readonly text: string }
  | {
      readonly kind: 'measurement'
      /** What was measured, in words. */
      readonly quantity: string
      /** Figure in SI; null where the answer is a word. */
      readonly si: number | null
      readonly family: Family | null
      /** The answer as it was typed or chosen. */
      readonly text: string
      /** Path of the entry in the job document that it feeds; null for one that only stands in the book. */
      readonly field: string | null
      readonly place: string
      readonly condition: string
      readonly instrument: string
    }
  | { readonly kind: 'decision'; readonly text: string; readonly reason: string }
  | { readonly kind: 'change'; readonly text: string; readonly from: string; readonly to: string; readonly why: string }
  | {
      readonly kind: 'photo'
      readonly text: string
      readonly photoId: string
      /** Path of the entry or test that it belongs to; null for one of the whole job. */
      readonly field: string | null
    }
  /** Done otherwise than the maker's leaflet says. */
  | { readonly kind: 'deviation'; readonly text: string; readonly reason: string; readonly risk: string }
  /** Told by somebody, and not measured yet. */
  | { readonly kind: 'hearsay'; readonly text: string; readonly by: string }
  /** Cannot be put back: fuse out, hole cut, lead capped, divider cut. */
  | { readonly kind: 'altered'; readonly text: string; readonly where: string }
  /** How something came: revision, switch positions, map, settings. */
  | { readonly kind: 'delivered'; readonly text: string; readonly state: string }
  /** Fixed for now. It holds up hand-over, and driving too where it is a danger. */
  | { readonly kind: 'for-now'; readonly text: string; readonly until: string; readonly danger: boolean }

export type RecordKind = RecordBody['kind']
export const RECORD_KINDS: readonly RecordKind[] = [
  'note',
  'measurement',
  'decision',
  'change',
  'photo',
  'deviation',
  'hearsay',
  'altered',
  'delivered',
  'for-now',
]

/** One entry of the append-only log book. */
export interface LogRecord {
  readonly id: string
  /** When it was seen or done, ISO. */
  readonly at: string
  /** When it reached the book; null while it waits in the browser. */
  readonly storedAt: string | null
  readonly who: string
  /** Who brought it in from a file: then `who` is a name in that file, and nobody of this workshop. */
  readonly importedBy: string | null
  readonly body: RecordBody
  /** The older entry that this one corrects. */
  readonly corrects: string | null
  /** With `corrects`: the old entry is withdrawn and nothing is put in its place. */
  readonly withdraws: boolean
}
