import {
  describePath,
  figureAt,
  FITNESS_TESTS,
  formatQuantity,
  isRelevant,
  sameValue,
  measurementInForce,
  walkEntryAt,
  valueAt,
  WALK_GROUPS,
  type FigureEntry,
  type JobDocument,
  type LogRecord,
  type RecordBody,
  type Unit,
} from '@lochmoor/core'
import { fetchRecords } from '../api/jobs.ts'
import { explainApiError } from '../api/client.ts'
import { run, setAt } from '../store/commands.ts'
import { useJobStore } from '../store/jobStore.ts'
import { enterInstead, enterRecord } from '../store/records.ts'

export type MeasurementBody = Extract<RecordBody, { kind: 'measurement' }>

/** Figures of the document that a measurement can feed, with the group they stand in. */
export const measurable = (job: JobDocument): { entry: FigureEntry; group: string }[] =>
  [
    ...WALK_GROUPS.map((g) => ({ title: g.title, entries: g.entries })),
    ...FITNESS_TESTS.map((t) => ({ title: t.title, entries: t.entries })),
  ].flatMap(({ entries, title }) =>
    entries.flatMap((entry) =>
      entry.kind === 'figure' && !entry.path.startsWith('facts.') && isRelevant(entry, job)
        ? [{ entry, group: title }]
        : [],
    ),
  )

/** What is wrong with a figure for an entry of the document, or null. */
export const rangeProblem = (path: string, si: number, unit: Unit): string | null => {
  const range = figureAt(path)?.range
  return !range
    ? null
    : si < range.min || si > range.max
      ? `${formatQuantity(si, unit)} is not allowed here: ${formatQuantity(range.min, unit)} to ${formatQuantity(range.max, unit)}.`
      : null
}

/** What a measurement put into the document: a figure, or the word that was chosen. */
const valueOf = (body: MeasurementBody): unknown => {
  if (body.si !== null) return body.si
  const entry = body.field === null ? undefined : walkEntryAt(body.field)
  switch (entry?.kind) {
    case 'choice':
      return entry.options.find(([, words]) => words === body.text)?.[0] ?? null
    case 'seen':
      return body.text === 'yes'
    case 'set':
      return entry.options.filter(([, words]) => body.text.split(', ').includes(words)).map(([v]) => v)
    default: {
      const words = entry || body.field === null ? null : describePath(body.field).words
      return (
        Object.entries(words ?? {}).find(([, said]) => said.toLowerCase() === body.text.toLowerCase())?.[0] ?? body.text
      )
    }
  }
}

/** Whether the job has at a measurement's place what was measured. */
export const standsOn = (job: JobDocument, body: RecordBody): boolean =>
  body.kind === 'measurement' && body.field !== null && sameValue(valueAt(job, body.field), valueOf(body))

const toJob = (field: string, value: unknown, quantity: string): boolean =>
  run(setAt(field, value, quantity.toLowerCase()))

/**
 * Enters a measurement: into the book and, where it belongs to an entry of the document, into the computation. A
 * correction of one that the computation does not stand on, a later one being there, corrects the book alone.
 */
export const enterMeasurement = (body: MeasurementBody, corrects: LogRecord | null): void => {
  const { field, quantity, si } = body
  const job = useJobStore.getState().document
  const feeds = field !== null && si !== null
  if (!corrects) {
    if (feeds) toJob(field, si, quantity)
    enterRecord(body, feeds ? { of: field } : {})
    return
  }
  const inUse = feeds && job && standsOn(job, corrects.body)
  if (inUse && toJob(field, si, quantity)) enterInstead(corrects, body, field)
  else enterRecord(body, { corrects: corrects.id, at: corrects.at })
}

const MOST = 500

/**
 * Withdraws an entry. Where the computation stands on it, the latest measurement that still holds takes its place: the
 * server has to be asked for it.
 * @returns why nothing was withdrawn, or null
 */
export const withdraw = async (old: LogRecord): Promise<string | null> => {
  const { document, jobId } = useJobStore.getState()
  if (!document || !jobId) return null
  if (old.body.kind !== 'measurement' || old.body.field === null || !standsOn(document, old.body)) {
    enterRecord(old.body, { corrects: old.id, withdraws: true })
    return null
  }
  const { field, quantity } = old.body
  const book = await fetchRecords(jobId, { field, size: MOST })
  if (!book.ok)
    return `Nothing was voided: the job log could not be asked which measurement counts then. ${explainApiError(book.error)}`
  const others = [...book.value.records].reverse().filter((r) => r.id !== old.id)
  const next = measurementInForce(others, field)
  if (toJob(field, next?.body.kind === 'measurement' ? valueOf(next.body) : null, quantity))
    enterInstead(old, null, field)
  return null
}
