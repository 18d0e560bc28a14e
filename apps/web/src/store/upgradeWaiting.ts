import { JOB_SCHEMA_VERSION, migrateSections, repointField, SECTION_SCHEMAS } from '@lochmoor/contract'
import type { OutboxEntry, RecordEntry, SectionEntry } from './outboxEntries.ts'

/** The last version whose pages did not note it on what they kept. */
const LAST_UNNOTED = 4
const FOREIGN =
  'It was written by another version of Lochmoor and does not fit this one. It is kept as it was; enter it again, then discard it.'

/** Versions in which an entry may have been written, the likeliest first. */
const versionsOf = (entry: SectionEntry): number[] =>
  entry.schemaVersion === undefined
    ? Array.from({ length: LAST_UNNOTED }, (_, i) => LAST_UNNOTED - i)
    : [entry.schemaVersion]

/**
 * A section's edit that an earlier version of the page kept, in today's shape. The ids that its items get are those the
 * server gives, so it is merged as if it had been written today. What fits no version is kept with the reason, never
 * dropped.
 */
const upgradedSection = (entry: SectionEntry): SectionEntry => {
  if (entry.schemaVersion === JOB_SCHEMA_VERSION) return entry
  const { section } = entry
  for (const from of versionsOf(entry)) {
    const up = (value: unknown): unknown => migrateSections({ [section]: value }, from)[section]
    const read = SECTION_SCHEMAS[section].safeParse(up(entry.value))
    if (!read.success) continue
    return {
      ...entry,
      schemaVersion: JOB_SCHEMA_VERSION,
      value: read.data,
      baseValue: up(entry.baseValue),
      unanswered: entry.unanswered.map(up),
      // What clashed was told by the places of then; it is found anew when the job is opened or sent.
      conflict: null,
    }
  }
  return { ...entry, refused: FOREIGN }
}

/** An entry of the log book whose item had no id yet: pointed to it where nothing was moved while it waited. */
const upgradedRecord = (entry: RecordEntry, sections: readonly SectionEntry[]): RecordEntry => {
  const { body, at } = entry.record
  if (body.kind !== 'measurement' || body.field === null) return entry
  const name = body.field.split('.')[0]
  const edited = sections.find((s) => s.jobId === entry.jobId && s.personId === entry.personId && s.section === name)
  const versions = edited
    ? [
        { at: '', value: edited.baseValue },
        { at: '9999', value: edited.value },
      ]
    : []
  return { ...entry, record: { ...entry.record, body: { ...body, field: repointField(body.field, at, versions) } } }
}

/** Everything that waits in this browser, as this version of the page writes it. Only what changed is a new object. */
export const upgradeWaiting = (entries: readonly OutboxEntry[]): OutboxEntry[] => {
  const old = entries.filter((e): e is SectionEntry => e.kind === 'section' && e.schemaVersion !== JOB_SCHEMA_VERSION)
  return entries.map((e) => {
    if (e.kind === 'section') return upgradedSection(e)
    return e.kind === 'record' && old.length > 0 ? upgradedRecord(e, old) : e
  })
}
