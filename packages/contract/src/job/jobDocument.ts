import { JOB, SECTION_NAMES, type SectionName } from '@lochmoor/core/job-shape'
import type { JobDocument } from '@lochmoor/core'
import { z } from 'zod'
import { oneOf } from '../field/figure.ts'
import { JOB_MIGRATIONS } from './migrations.ts'
import { schemaOf } from './schemaOf.ts'

/** Version of the stored document: raised with every change of shape, by the migration that leads to it. */
export const JOB_SCHEMA_VERSION = JOB_MIGRATIONS.at(-1)!.from + 1

export const JobTitle: z.ZodType<string> = schemaOf(JOB.fields.vehicle.fields.title)

type SectionSchemas = { readonly [S in SectionName]: z.ZodType<JobDocument[S]> }
/** The sections of a job in the order of the work. */
export const SECTION_SCHEMAS = Object.fromEntries(
  SECTION_NAMES.map((name) => [name, schemaOf(JOB.fields[name])]),
) as unknown as SectionSchemas
export { SECTION_NAMES, type SectionName }
export const SectionNameSchema = oneOf(SECTION_NAMES as [SectionName, ...SectionName[]])
export const WorkStateSchema = oneOf(JOB.fields.work.fields.state.words)

export const JobDocumentSchema: z.ZodType<JobDocument> = z.strictObject(SECTION_SCHEMAS)
