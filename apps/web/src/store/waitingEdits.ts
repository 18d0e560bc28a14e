import { differences, JOB, type Difference } from '@lochmoor/core'
import type { OutboxEntry, SectionEntry } from './outboxEntries.ts'

/** The edits that wait in an entry, each by its path in the document: what was there, and what was put there. */
export const editsIn = ({ baseValue, section, value }: SectionEntry): Difference[] =>
  differences(JOB.fields[section], baseValue, value, section)

/** How many edits wait: fields that were changed, entries of the log book, photographs. */
export const countEdits = (entries: readonly OutboxEntry[]): number =>
  entries.reduce((n, e) => n + (e.kind === 'section' ? Math.max(1, editsIn(e).length) : 1), 0)
