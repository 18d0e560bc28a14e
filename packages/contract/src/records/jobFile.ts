import { z } from 'zod'
import { JOB_SCHEMA_VERSION, JobDocumentSchema, SectionNameSchema } from '../job/jobDocument.ts'
import { LogRecordSchema } from './records.ts'

export const JOB_FILE_FORMAT = 'lochmoor-job'

const VERSION = `allowed: a whole number, 1 to ${JOB_SCHEMA_VERSION}; a newer file needs a newer Lochmoor`
/** The head of a job file, read before anything else: it says how to read the rest. */
export const JobFileHead = z.object({
  format: z.literal(JOB_FILE_FORMAT, { error: `allowed: "${JOB_FILE_FORMAT}"` }),
  schemaVersion: z.int({ error: VERSION }).min(1, { error: VERSION }).max(JOB_SCHEMA_VERSION, { error: VERSION }),
  sections: z.record(z.string(), z.unknown(), { error: 'allowed: the sections of a job' }),
})

const BASE64 = z.string().regex(/^[A-Za-z0-9+/]*={0,2}$/, { error: 'allowed: base64' })

/** One job with its log book, photographs and history, at this version of the schema. */
export const JobFile = z.strictObject({
  format: z.literal(JOB_FILE_FORMAT),
  schemaVersion: z.literal(JOB_SCHEMA_VERSION),
  exportedAt: z.iso.datetime({ error: 'allowed: a time, ISO 8601' }),
  id: z.uuid({ error: 'allowed: a UUID' }),
  createdAt: z.iso.datetime({ error: 'allowed: a time, ISO 8601' }),
  stateSince: z.iso.datetime({ error: 'allowed: a time, ISO 8601' }),
  sections: JobDocumentSchema,
  records: z.array(LogRecordSchema),
  photos: z.array(
    z.strictObject({ id: z.uuid(), type: z.literal('image/jpeg'), width: z.int(), height: z.int(), base64: BASE64 }),
  ),
  history: z.array(
    z.strictObject({
      section: SectionNameSchema,
      version: z.int().min(1),
      at: z.iso.datetime(),
      who: z.string(),
      schemaVersion: z.int(),
      value: z.unknown(),
    }),
  ),
})
export type JobFile = z.infer<typeof JobFile>

export const Imported = z.strictObject({ id: z.uuid(), keptId: z.boolean(), migratedFrom: z.int().nullable() })
export type Imported = z.infer<typeof Imported>
