import type { NewRecord, SectionName } from '@lochmoor/contract'
import { figureAt, sameValue, valueAt, type RecordBody } from '@lochmoor/core'
import { useJobStore, type Made, type Step } from './jobStore.ts'
import { newId } from './newId.ts'
import { outbox, type MadeEntry } from './outbox.ts'
import { sendSoon } from './sending.ts'
import { personNow } from './sessionStore.ts'

interface More {
  readonly corrects?: string
  readonly withdraws?: boolean
  /** When it was seen or done, ISO; now where it is not said. */
  readonly at?: string
  /** Path of the edit that the entry was made of: it goes, stays and is withdrawn with it. */
  readonly of?: string
}

const jobNow = (): string | null => useJobStore.getState().jobId

/** Id of the record that stands in the book for an entry made of an edit; none where it was taken back. */
const standing = new Map<string, string>()

const put = (body: RecordBody, { at, corrects, of, withdraws }: More, jobId = jobNow()): string | null => {
  const personId = personNow()
  if (!jobId || !personId) return null
  const record: NewRecord = {
    id: newId(),
    at: at ?? new Date().toISOString(),
    body,
    corrects: corrects ?? null,
    withdraws: withdraws ?? false,
  }
  const edit = of === undefined ? undefined : outbox.section(personId, jobId, of.split('.')[0] as SectionName)
  const made = of !== undefined && {
    of: { path: of, value: valueNow(of), edit: edit?.key ?? null },
  }
  outbox.put({ key: record.id, kind: 'record', personId, jobId, seq: outbox.nextSeq(), record, ...made })
  sendSoon()
  return record.id
}

/** An entry that stands in the book already, or waits for it, as one that goes with an edit. */
const madeOf = (id: string, made: Omit<Made, 'key'>): Made => {
  const key = newId()
  standing.set(key, id)
  return { key, ...made }
}
const valueNow = (of: string): unknown => valueAt(useJobStore.getState().document, of)

/** The last step of undo that changed what stands at a path; none where nothing was changed there. */
const stepAt = (past: readonly Step[], of: string): number =>
  past.findLastIndex(({ after, before }) => !sameValue(valueAt(before, of), valueAt(after, of)))

/** Hangs entries on the step of undo whose edit they were made of or that took them back. */
const hang = (of: string, entered: readonly Made[], withdrew: readonly Made[] = []): void =>
  useJobStore.setState(({ past }) => {
    const at = stepAt(past, of)
    const hung = (step: Step): Step => ({
      ...step,
      entered: [...(step.entered ?? []), ...entered],
      withdrew: [...(step.withdrew ?? []), ...withdrew],
    })
    return { past: past.map((step, i) => (i === at ? hung(step) : step)) }
  })

/**
 * Writes an entry into the log book of the open job: into the outbox now, to the server when it can. One that was made of
 * an edit belongs to that edit's step of undo.
 */
export const enterRecord = (body: RecordBody, more: More = {}): void => {
  const [jobId, id] = [jobNow(), put(body, more)]
  if (jobId !== null && id !== null && more.of !== undefined)
    hang(more.of, [madeOf(id, { jobId, body, of: more.of, value: valueNow(more.of) })])
}

/** Corrects or withdraws an entry of the book together with the figure that the job had from it. */
export const enterInstead = (
  old: { readonly id: string; readonly body: RecordBody },
  body: RecordBody | null,
  of: string,
): void => {
  const jobId = jobNow()
  const id = put(body ?? old.body, { of, corrects: old.id, withdraws: body === null })
  if (jobId === null || id === null) return
  const { past } = useJobStore.getState()
  const was = valueAt(past[stepAt(past, of)]?.before, of)
  const entered = body === null ? [] : [madeOf(id, { jobId, body, of, value: valueNow(of) })]
  hang(of, entered, [{ key: newId(), jobId, body: old.body, of, value: was }])
}

/** Takes an entry back with its edit: out of what waits, or out of the book by withdrawing it there. */
export const takeBack = ({ body, jobId, key, of }: Made): void => {
  const id = standing.get(key)
  if (id === undefined) return
  standing.delete(key)
  const waiting = outbox.get(id)
  // Once sent, the server may have it although no answer came.
  if (waiting?.kind === 'record' && !waiting.sent && waiting.record.corrects === null) outbox.remove(id)
  else put(body, { of, corrects: id, withdraws: true }, jobId)
}

/** Takes what waits for the book out with an edit that is given up. What was on its way may be in the book: it is withdrawn. */
export const dropWaiting = ({ jobId, key, of, record, sent }: MadeEntry): Made => {
  const { body, corrects, id, withdraws } = record
  const made = madeOf(id, {
    jobId,
    body,
    of: of.path,
    value: of.value,
    ...(withdraws && corrects !== null && { withdraws: corrects }),
  })
  if (sent) takeBack(made)
  else {
    outbox.remove(key)
    standing.delete(made.key)
  }
  return made
}

/**
 * Enters it again with its edit, if that is what stands there again: somebody else's figure may have stayed. What stands in
 * the job now was chosen now, whatever was measured meanwhile.
 */
export const enterAgain = ({ body, jobId, key, of, value, withdraws }: Made): void => {
  if (standing.has(key) || !sameValue(valueNow(of), value)) return
  const id = put(body, withdraws === undefined ? { of } : { of, corrects: withdraws, withdraws: true }, jobId)
  if (id !== null) standing.set(key, id)
}

/** What the book has to do when a step is undone. */
export const crossBack = ({ entered = [], withdrew = [] }: Step): void => {
  for (const made of entered) takeBack(made)
  for (const made of withdrew) enterAgain(made)
}
/** What the book has to do when a step is done again. */
export const crossAgain = ({ entered = [], withdrew = [] }: Step): void => {
  for (const made of withdrew) takeBack(made)
  for (const made of entered) enterAgain(made)
}

/** What a field of a station does when a figure was measured there: the figure stands in the log book too. */
export const measuredAt =
  (field: string, quantity: string) =>
  (si: number, text: string): void => {
    const family = figureAt(field)?.family ?? null
    const measured = { quantity, si, family, text, field, place: '', condition: '', instrument: '' }
    enterRecord({ kind: 'measurement', ...measured }, { of: field })
  }

/** Puts a photograph into the outbox, followed by its entry in the book. */
export const enterPhoto = (blob: Blob, text: string, field: string | null): void => {
  const { jobId } = useJobStore.getState()
  const personId = personNow()
  if (!jobId || !personId) return
  const photoId = newId()
  outbox.put({
    key: photoId,
    kind: 'photo',
    personId,
    jobId,
    seq: outbox.nextSeq(),
    photoId,
    blob,
  })
  enterRecord({ kind: 'photo', text, photoId, field })
}
