import { JOB } from '@lochmoor/core/job-shape'
import { z } from 'zod'
import { oneOf, range, wholeFigure } from '../field/figure.ts'
import {
  JobTitle,
  SECTION_NAMES,
  SECTION_SCHEMAS,
  SectionNameSchema,
  WorkStateSchema,
  type SectionName,
} from './jobDocument.ts'

/** A stored section with the version a later write must name. */
const versioned = <T extends z.ZodType>(value: T) =>
  z.strictObject({ version: z.int().min(1), savedAt: z.iso.datetime(), value })

type Versioned<S extends SectionName> = z.ZodObject<{
  version: z.ZodInt
  savedAt: z.ZodISODateTime
  value: (typeof SECTION_SCHEMAS)[S]
}>
export const JobSections = z.strictObject(
  Object.fromEntries(SECTION_NAMES.map((name) => [name, versioned(SECTION_SCHEMAS[name])])) as unknown as {
    readonly [S in SectionName]: Versioned<S>
  },
)

export const JobId = z.uuid({ error: 'allowed: the id of a job, a UUID' })

export const JobResponse = z.strictObject({
  id: JobId,
  archivedAt: z.iso.datetime().nullable(),
  stateSince: z.iso.datetime(),
  sections: JobSections,
})
export type JobResponse = z.infer<typeof JobResponse>

export const JOB_TEMPLATES = ['throttle-body-return', 'throttle-body-single-line', 'port-return'] as const
export const JobTemplate = oneOf(JOB_TEMPLATES)
export type JobTemplate = z.infer<typeof JobTemplate>

/** A new job: of which nothing is known, from a template, or as a copy of another. */
export const NewJob = z.strictObject({
  title: JobTitle,
  template: JobTemplate.optional(),
  copyOf: JobId.optional(),
})
export type NewJob = z.infer<typeof NewJob>

/** A write of one section: the value whole, and the version it was based on. */
export const sectionWrite = <T extends z.ZodType>(value: T) =>
  z.strictObject({ baseVersion: wholeFigure(range(1, 2 ** 31 - 1, '')), value })

export const SectionSaved = z.strictObject({ version: z.int(), savedAt: z.iso.datetime() })
export type SectionSaved = z.infer<typeof SectionSaved>

export const Health = z.strictObject({
  status: z.enum(['up', 'down']),
  database: z.enum(['up', 'down']),
  version: z.string(),
  uptimeS: z.number(),
})
export type Health = z.infer<typeof Health>

/** Every refusal of the server has this shape. */
export const Refusal = z.object({
  code: z.string(),
  message: z.string(),
  problems: z.array(z.object({ field: z.string(), value: z.unknown(), allowed: z.string() })).optional(),
  current: z.object({ version: z.number(), savedAt: z.string(), value: z.unknown() }).optional(),
  retryAfterS: z.number().optional(),
})
export type Refusal = z.infer<typeof Refusal>

/** One version of a section: who, when, and what changed against the version before. */
export const HistoryEntry = z.strictObject({
  section: SectionNameSchema,
  version: z.int(),
  at: z.iso.datetime(),
  who: z.string(),
  /** Who brought this version in from a file; null for what was written here. */
  importedBy: z.string().nullable(),
  changes: z.array(
    z.strictObject({
      path: z.string(),
      /** What the item of a list that it lies in was called then; null where it lies in none. */
      of: z.string().nullable(),
      before: z.unknown(),
      after: z.unknown(),
    }),
  ),
})
export type HistoryEntry = z.infer<typeof HistoryEntry>
export const HistoryPage = z.strictObject({
  entries: z.array(HistoryEntry),
  /** Give it back as `before` for the next page; null at the end. */
  next: z.string().nullable(),
})
export type HistoryPage = z.infer<typeof HistoryPage>
export const HistoryQuery = z.strictObject({
  section: SectionNameSchema.optional(),
  before: z
    .string()
    .regex(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{3}Z~\d{1,10}~[a-zA-Z]{1,32}$/, {
      error: 'allowed: what the page before gave as next',
    })
    .refine((text) => !Number.isNaN(Date.parse(text.split('~')[0]!)), {
      error: 'allowed: what the page before gave as next',
    })
    .optional(),
})
const VERSION = 'allowed: a whole number from 1'
export const VersionNumber = z.coerce
  .number({ error: VERSION })
  .int({ error: VERSION })
  .min(1, { error: VERSION })
  .max(2 ** 31 - 1, { error: VERSION })
export const SectionVersion = z.strictObject({ section: SectionNameSchema, version: z.int(), value: z.unknown() })
export type SectionVersion = z.infer<typeof SectionVersion>

export const BOARD_SORTS = ['changed', 'title', 'year', 'state', 'days'] as const
const whole = (min: number, max: number, fallback: number) =>
  z.coerce
    .number({ error: `allowed: a whole number, ${min} to ${max}` })
    .int({ error: `allowed: a whole number, ${min} to ${max}` })
    .min(min, { error: `allowed: a whole number, ${min} to ${max}` })
    .max(max, { error: `allowed: a whole number, ${min} to ${max}` })
    .default(fallback)

/** What the board of jobs is asked for. Pages count from 1. */
export const BoardQuery = z.strictObject({
  search: z.string().max(80, { error: 'allowed: at most 80 characters' }).default(''),
  state: WorkStateSchema.optional(),
  person: z.union([z.uuid(), z.literal('nobody')], { error: 'allowed: the id of a person, or "nobody"' }).optional(),
  archived: oneOf(['no', 'yes']).default('no'),
  sort: oneOf(BOARD_SORTS).default('changed'),
  direction: oneOf(['down', 'up']).default('down'),
  page: whole(1, 100_000, 1),
  size: whole(1, 100, 25),
})
export type BoardQuery = z.infer<typeof BoardQuery>

const VerdictState = z.enum(['ok', 'caution', 'stop', 'unknown'])

/** A job on the board. Verdicts, next action and repairs are computed from the document, never entered. */
export const BoardJob = z.strictObject({
  id: JobId,
  title: z.string(),
  year: z.number().nullable(),
  savedAt: z.iso.datetime(),
  stateSince: z.iso.datetime(),
  archivedAt: z.iso.datetime().nullable(),
  workVersion: z.int(),
  work: SECTION_SCHEMAS.work,
  nextAction: z.string(),
  repairs: z.array(z.string()),
  stations: z.array(
    z.strictObject({
      station: z.enum(JOB.fields.work.fields.built.of.words),
      stage: z.enum(['not-begun', 'measuring', 'judged', 'built']),
      verdict: VerdictState,
    }),
  ),
})
export type BoardJob = z.infer<typeof BoardJob>

export const JobBoard = z.strictObject({
  jobs: z.array(BoardJob),
  total: z.int(),
  page: z.int(),
  size: z.int(),
  /** Jobs by state with the other filters as they are. */
  byState: z.record(WorkStateSchema, z.int()),
})
export type JobBoard = z.infer<typeof JobBoard>
