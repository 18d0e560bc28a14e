import {
  figureAt,
  FITNESS_TESTS,
  formatQuantity,
  isRelevant,
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
import { enterRecord, run, setAt } from '../store/commands.ts'
import { useJobStore } from '../store/jobStore.ts'

export type MeasurementBody = Extract<RecordBody, { kind: 'measurement' }>

/** Figures of the document that a measurement can feed, with the group they stand in. */
export const measurable = (job: JobDocument): { entry: FigureEntry; group: string }[] =>
  [
    ...WALK_GROUPS.map((g) => ({ title: g.title, entries: g.entries })),
    ...FITNESS_TESTS.map((t) => ({ title: t.title, entries: t.entries })),
  ].flatMap(({ entries, title }) =>
    entries.flatMap((entry) => (entry.kind === 'figure' && isRelevant(entry, job) ? [{ entry, group: title }] : [])),
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

/** Enters a measurement: into the book and, where it belongs to an entry of the document, into the computation. */
export const enterMeasurement = (body: MeasurementBody, corrects: LogRecord | null): void => {
  if (body.field !== null && body.si !== null) run(setAt(body.field, body.si, body.quantity.toLowerCase()))
  enterRecord(body, corrects ? { corrects: corrects.id } : {})
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
    default:
      return body.text
  }
}

const MOST = 500

/** Withdraws an entry. Where a measurement fed the computation, the latest one that still holds takes its place. */
export const withdraw = (old: LogRecord): void => {
  enterRecord(old.body, { corrects: old.id, withdraws: true })
  const { document, jobId } = useJobStore.getState()
  if (old.body.kind !== 'measurement' || old.body.field === null || !document || !jobId) return
  const { field, quantity } = old.body
  if (valueAt(document, field) !== valueOf(old.body)) return
  void fetchRecords(jobId, { field, size: MOST }).then((book) => {
    // Without the server the figure stays and the withdrawal is in the book: nothing is guessed.
    if (!book.ok) return
    const others = [...book.value.records].reverse().filter((r) => r.id !== old.id)
    const next = measurementInForce(others, field)
    run(setAt(field, next?.body.kind === 'measurement' ? valueOf(next.body) : null, quantity.toLowerCase()))
  })
}
