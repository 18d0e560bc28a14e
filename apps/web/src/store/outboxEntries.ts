import type { NewRecord, SectionName } from '@lochmoor/contract'
import type { Clash } from '@lochmoor/core'

interface Common {
  /** Of its own, whatever it is about: two pages, or two people, at one section have two entries. */
  readonly key: string
  /** The page that made it or has taken it over; missing on what earlier versions kept. */
  readonly tab?: string
  /** Order of sending; an entry that is edited again keeps its place. */
  readonly seq: number
  readonly personId: string
  readonly jobId: string
  /** Why the server will not take it; it then waits for a decision. */
  readonly refused?: string
}

/** What two people changed differently in one section. */
export interface Conflict {
  readonly clashes: readonly Clash[]
  /** Both sides' changes, mine where they clash. */
  readonly merged: unknown
  readonly theirs: unknown
  readonly theirVersion: number
}

/** An edited section: the latest value whole, and what it was edited from. */
export interface SectionEntry extends Common {
  readonly kind: 'section'
  readonly section: SectionName
  /** Version of the document in whose shape the values stand; missing where a page of before version 5 wrote it. */
  readonly schemaVersion?: number
  readonly baseVersion: number
  readonly baseValue: unknown
  readonly value: unknown
  /** Values sent that no answer came for: the server may have any of them already. */
  readonly unanswered: readonly unknown[]
  readonly conflict: Conflict | null
}
/** An edit by its path and what it put there. An entry of the book made of it is sent once it is stored, and goes with it. */
export interface EditMade {
  readonly path: string
  readonly value: unknown
  /** Key of the entry in which the edit waits; none where it was stored already. */
  readonly edit: string | null
}
export interface RecordEntry extends Common {
  readonly kind: 'record'
  readonly record: NewRecord
  /** What it was made of. */
  readonly of?: EditMade
  /** Whether it was on its way before: the server may have it although no answer came. */
  readonly sent?: boolean
}
export interface PhotoEntry extends Common {
  readonly kind: 'photo'
  readonly photoId: string
  readonly blob: Blob
}
export type OutboxEntry = SectionEntry | RecordEntry | PhotoEntry
