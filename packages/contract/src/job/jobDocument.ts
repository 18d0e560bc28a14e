import { JOB, SECTION_NAMES, type SectionName } from '@lochmoor/core/job-shape'
import type { JobDocument } from '@lochmoor/core'
import { z } from 'zod'
import { oneOf } from '../field/figure.ts'
import { schemaOf } from './schemaOf.ts'

/** Version of the stored document. Raised with every change of shape, each with a migration. */
export const JOB_SCHEMA_VERSION = 5

export const JobTitle: z.ZodType<string> = schemaOf(JOB.fields.vehicle.fields.title)

type SectionSchemas = { readonly [S in SectionName]: z.ZodType<JobDocument[S]> }
/** The sections of a job in the order of the work. */
export const SECTION_SCHEMAS: SectionSchemas = {
  vehicle: schemaOf(JOB.fields.vehicle),
  walkAround: schemaOf(JOB.fields.walkAround),
  system: schemaOf(JOB.fields.system),
  fuel: schemaOf(JOB.fields.fuel),
  exhaust: schemaOf(JOB.fields.exhaust),
  work: schemaOf(JOB.fields.work),
}
export { SECTION_NAMES, type SectionName }
export const SectionNameSchema = oneOf(SECTION_NAMES as [SectionName, ...SectionName[]])
export const WorkStateSchema = oneOf(JOB.fields.work.fields.state.words)

export const JobDocumentSchema: z.ZodType<JobDocument> = z.strictObject(SECTION_SCHEMAS)
