import { JobId, NewRecord, SECTION_NAMES } from '@lochmoor/contract'
import { err, ok, type Result } from '@lochmoor/core'
import { z } from 'zod'
import { useJobStore } from './jobStore.ts'
import { outbox } from './outbox.ts'
import type { OutboxEntry } from './outboxEntries.ts'
import { sendNow } from './sending.ts'
import { personNow } from './sessionStore.ts'
import { upgradeWaiting } from './upgradeWaiting.ts'

const common = { key: z.string(), seq: z.number(), personId: z.string(), jobId: JobId }
const Section = z.object({
  ...common,
  kind: z.literal('section'),
  section: z.enum(SECTION_NAMES),
  schemaVersion: z.number().optional(),
  baseVersion: z.number(),
  baseValue: z.unknown(),
  value: z.unknown(),
  unanswered: z.array(z.unknown()),
})
const Record = z.object({
  ...common,
  kind: z.literal('record'),
  record: NewRecord,
  of: z.object({ path: z.string(), value: z.unknown(), edit: z.string().nullable() }).optional(),
})
const Photo = z.object({
  ...common,
  kind: z.literal('photo'),
  photoId: z.string(),
  blob: z.string().regex(/^data:image\/\w+;base64,/),
})
const WaitingFile = z.object({
  edits: z.literal('Lochmoor, edits that are not stored yet'),
  waiting: z.array(z.discriminatedUnion('kind', [Section, Record, Photo])),
})

const asBlob = (url: string): Blob => {
  const [head, data] = url.split(',') as [string, string]
  return new Blob([Uint8Array.from(atob(data), (c) => c.charCodeAt(0))], { type: /:(.*?);/.exec(head)![1]! })
}

/**
 * Takes edits back from a file into which they were saved: they wait again, and are sent under their author's name. What
 * waits here already, or was stored since, stands once.
 * @returns how many entries were read, or why none was
 */
export const readWaiting = async (text: string): Promise<Result<number, string>> => {
  let json: unknown
  try {
    json = JSON.parse(text)
  } catch {
    return err('This is not a file of edits: it is not JSON.')
  }
  const read = WaitingFile.safeParse(json)
  if (!read.success) {
    const [issue] = read.error.issues
    return err(`This is not a file of edits saved by Lochmoor: ${issue?.path.join('.') ?? ''} ${issue?.message ?? ''}.`)
  }
  const { waiting } = read.data
  if (waiting.some((e) => e.personId !== personNow()))
    return err('These edits are somebody else’s. Whoever made them must sign in and read the file.')
  await outbox.load()
  const entries = waiting.map((e): OutboxEntry => {
    if (e.kind === 'section') return { ...e, conflict: null }
    return e.kind === 'photo' ? { ...e, blob: asBlob(e.blob) } : e
  })
  for (const e of upgradeWaiting(entries)) if (!outbox.get(e.key)) outbox.put({ ...e, seq: outbox.nextSeq() })
  outbox.takeIn(entries)
  if (useJobStore.getState().save === 'saved') useJobStore.setState({ save: 'saving' })
  sendNow()
  return ok(entries.length)
}
