import type { LogRecord, RecordBody } from '@lochmoor/core'
import { z } from 'zod'
import { oneOf } from '../field/figure.ts'
import { moment } from '../field/time.ts'
import { text } from '../field/text.ts'

export const filled = (most: number) => {
  const message = `allowed: 1 to ${most} characters`
  return z.string({ error: message }).trim().min(1, { error: message }).max(most, { error: message })
}

const FIELD = 'allowed: the path of a field, at most 120 letters, figures, dots and hyphens'
/** Where in the document a figure stands. */
export const FieldPath = z.string({ error: FIELD }).regex(/^[\w.-]{1,120}$/, { error: FIELD })
const NOT_OF_FACTS = 'allowed: a field that is no fact of the owner: guests read the job log'
/** Where an entry of the log belongs: never to what guests may not see. */
const LoggedField = FieldPath.refine((path) => !path.startsWith('facts.'), { error: NOT_OF_FACTS })

export const RecordKindSchema = oneOf([
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
])

const FAMILIES = 'allowed: a family of quantities, or null'
export const RecordBodySchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('note'), text: filled(4000) }),
  z.strictObject({
    kind: z.literal('measurement'),
    quantity: filled(120),
    si: z.number({ error: 'allowed: a finite number, or null' }).nullable(),
    family: z
      .enum(
        [
          'pressure',
          'vacuum',
          'compression',
          'volumeFlow',
          'bore',
          'distance',
          'temperature',
          'voltage',
          'power',
          'displacement',
          'share',
          'engineSpeed',
          'duration',
          'count',
          'mass',
          'volume',
          'angle',
          'clock',
          'current',
          'charge',
          'age',
          'work',
          'ratio',
          'massFlow',
          'resistance',
          'acceleration',
          'heat',
          'heatLoss',
          'warming',
          'time',
          'lambda',
          'torque',
          'heatFilm',
          'section',
          'smallResistance',
          'airSpeed',
          'airFlow',
          'force',
          'frequency',
          'labour',
          'roadDistance',
          'money',
        ],
        { error: FAMILIES },
      )
      .nullable(),
    text: filled(200),
    field: LoggedField.nullable(),
    place: text(120),
    condition: text(200),
    instrument: text(120),
  }),
  z.strictObject({ kind: z.literal('decision'), text: filled(1000), reason: filled(4000) }),
  z.strictObject({ kind: z.literal('change'), text: filled(400), from: text(200), to: text(200), why: text(2000) }),
  z.strictObject({
    kind: z.literal('photo'),
    text: text(1000),
    photoId: z.uuid({ error: 'allowed: the id of a photograph' }),
    // Older photographs belong to the whole job.
    field: LoggedField.nullable().default(null),
  }),
  z.strictObject({ kind: z.literal('deviation'), text: filled(1000), reason: filled(2000), risk: text(1000) }),
  z.strictObject({ kind: z.literal('hearsay'), text: filled(1000), by: filled(200) }),
  z.strictObject({ kind: z.literal('altered'), text: filled(1000), where: text(200) }),
  z.strictObject({ kind: z.literal('delivered'), text: filled(400), state: filled(2000) }),
  z.strictObject({
    kind: z.literal('for-now'),
    text: filled(1000),
    until: text(400),
    danger: z.boolean({ error: 'allowed: true or false' }),
  }),
]) satisfies z.ZodType<RecordBody>

const RecordId = z.uuid({ error: 'allowed: a UUID' })
const AT = moment

/** A new entry. The id is made where it is written, so that sending it twice stores it once. */
export const NewRecord = z.strictObject({
  id: RecordId,
  at: AT,
  body: RecordBodySchema,
  corrects: RecordId.nullable().default(null),
  withdraws: z.boolean({ error: 'allowed: true or false' }).default(false),
})
export type NewRecord = z.infer<typeof NewRecord>

export const LogRecordSchema = z.strictObject({
  id: RecordId,
  at: AT,
  storedAt: moment.nullable(),
  who: filled(80),
  /** Who brought it in from a file: then `who` is a name in that file. Null for what was written here. */
  importedBy: filled(80).nullable().default(null),
  body: RecordBodySchema,
  corrects: RecordId.nullable(),
  withdraws: z.boolean(),
}) satisfies z.ZodType<LogRecord>

export const RecordPage = z.strictObject({
  records: z.array(LogRecordSchema),
  /** All that answer; null where there are more than are counted. */
  total: z.int().nullable(),
  /** Give it back as `before` for the next page; null at the end. */
  next: z.string().nullable(),
})
export type RecordPage = z.infer<typeof RecordPage>

const SIZE = 'allowed: a whole number, 1 to 500'
export const RecordQuery = z.strictObject({
  kind: RecordKindSchema.optional(),
  search: z.string().max(80, { error: 'allowed: at most 80 characters' }).default(''),
  field: FieldPath.optional(),
  before: z
    .string()
    .regex(/^\d{1,18}$/, { error: 'allowed: what the page before gave as next' })
    .optional(),
  size: z.coerce
    .number({ error: SIZE })
    .int({ error: SIZE })
    .min(1, { error: SIZE })
    .max(500, { error: SIZE })
    .default(100),
})
export type RecordQuery = z.infer<typeof RecordQuery>

export const PhotoStored = z.strictObject({ photoId: z.uuid(), width: z.int(), height: z.int(), bytes: z.int() })
export type PhotoStored = z.infer<typeof PhotoStored>
/** Largest photograph taken, bytes. */
export const MOST_PHOTO_BYTES = 10 * 1024 * 1024
export const PHOTO_TYPES = ['image/jpeg', 'image/png', 'image/webp'] as const
