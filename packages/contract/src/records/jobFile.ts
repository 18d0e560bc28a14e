import { z } from 'zod'
import { JOB_SCHEMA_VERSION, JobDocumentSchema, SectionNameSchema } from '../job/jobDocument.ts'
import { oneOf } from '../field/figure.ts'
import { moment } from '../field/time.ts'
import { filled, LogRecordSchema } from './records.ts'

export const JOB_FILE_FORMAT = 'lochmoor-job'

const VERSION = `allowed: a whole number, 1 to ${JOB_SCHEMA_VERSION}; a newer file needs a newer Lochmoor`
/** The head of a job file, read before anything else: it says how to read the rest. */
export const JobFileHead = z.object({
  format: z.literal(JOB_FILE_FORMAT, { error: `allowed: "${JOB_FILE_FORMAT}"` }),
  schemaVersion: z.int({ error: VERSION }).min(1, { error: VERSION }).max(JOB_SCHEMA_VERSION, { error: VERSION }),
  sections: z.record(z.string(), z.unknown(), { error: 'allowed: the sections of a job' }),
})

const BASE64 = z.string({ error: 'allowed: base64' }).regex(/^[A-Za-z0-9+/]*={0,2}$/, { error: 'allowed: base64' })

/** What a job file may hold at most. */
export const MOST_JOB_FILE_BYTES = 120 * 1024 * 1024
export const MOST_RECORDS = 20_000
export const MOST_PHOTOS = 500
export const MOST_VERSIONS = 20_000

const many = (most: number, what: string) => ({ error: `allowed: a list of at most ${most} ${what}` })
const once = (what: string) => ({ error: `allowed: every ${what} once` })
const areDistinct = (keys: readonly string[]) => new Set(keys).size === keys.length
const SIDE = 'allowed: a whole number of pixels, 1 to 20000'
const side = z.int({ error: SIDE }).min(1, { error: SIDE }).max(20_000, { error: SIDE })
const NUMBER = 'allowed: a whole number, 1 to 1000000'
const number = z.int({ error: NUMBER }).min(1, { error: NUMBER }).max(1_000_000, { error: NUMBER })
const PHOTO_ID = 'allowed: the id of a photograph, a UUID'

/** One job with its log book, photographs and history, at this version of the schema. */
export const JobFile = z.strictObject({
  format: z.literal(JOB_FILE_FORMAT),
  schemaVersion: z.literal(JOB_SCHEMA_VERSION),
  exportedAt: moment,
  id: z.uuid({ error: 'allowed: a UUID' }),
  createdAt: moment,
  stateSince: moment,
  sections: JobDocumentSchema,
  records: z
    .array(LogRecordSchema)
    .max(MOST_RECORDS, many(MOST_RECORDS, 'entries'))
    .refine((list) => areDistinct(list.map((r) => r.id)), once('entry')),
  photos: z
    .array(
      z.strictObject({
        id: z.uuid({ error: PHOTO_ID }),
        type: z.literal('image/jpeg'),
        width: side,
        height: side,
        base64: BASE64,
      }),
    )
    .max(MOST_PHOTOS, many(MOST_PHOTOS, 'photographs'))
    .refine((list) => areDistinct(list.map((p) => p.id)), once('photograph')),
  history: z
    .array(
      z.strictObject({
        section: SectionNameSchema,
        version: number,
        at: moment,
        who: filled(80),
        importedBy: filled(80).nullable().default(null),
        schemaVersion: z.int({ error: VERSION }).min(1, { error: VERSION }).max(JOB_SCHEMA_VERSION, { error: VERSION }),
        value: z.record(z.string(), z.unknown(), { error: 'allowed: a section of a job' }),
      }),
    )
    .max(MOST_VERSIONS, many(MOST_VERSIONS, 'versions'))
    .refine((list) => areDistinct(list.map((h) => `${h.section} ${h.version}`)), once('version of a section')),
})
export type JobFile = z.infer<typeof JobFile>

/** Lists of a file are measured before anything in them is looked at: a million empty entries are one problem. */
export const LISTS_OF_JOB_FILE = { records: MOST_RECORDS, photos: MOST_PHOTOS, history: MOST_VERSIONS } as const

/** Whether every earlier version goes with a job: of a much edited one they are most of the file. */
export const JobFileQuery = z.strictObject({ history: oneOf(['whole', 'none']).default('whole') })

export const Imported = z.strictObject({ id: z.uuid(), keptId: z.boolean(), migratedFrom: z.int().nullable() })
export type Imported = z.infer<typeof Imported>
