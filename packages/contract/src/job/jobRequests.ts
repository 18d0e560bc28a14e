import { z } from 'zod'
import { wholeFigure, range } from '../field/figure.ts'
import { FuelSectionSchema, JobTitle, VehicleSectionSchema } from './jobDocument.ts'

/** A stored section with the version a later write must name. */
const versioned = <T extends z.ZodType>(value: T) =>
  z.strictObject({ version: z.int().min(1), savedAt: z.iso.datetime(), value })

export const JobSections = z.strictObject({
  vehicle: versioned(VehicleSectionSchema),
  fuel: versioned(FuelSectionSchema),
})

export const JobResponse = z.strictObject({ id: z.uuid(), sections: JobSections })
export type JobResponse = z.infer<typeof JobResponse>

export const JobListItem = z.strictObject({
  id: z.uuid(),
  title: z.string(),
  year: z.number().nullable(),
  savedAt: z.iso.datetime(),
  /** Of the fuel station, judged afresh. */
  fuelState: z.enum(['ok', 'caution', 'stop', 'unknown']),
})
export const JobList = z.strictObject({ workshop: z.string(), jobs: z.array(JobListItem) })
export type JobList = z.infer<typeof JobList>

export const NewJob = z.strictObject({ title: JobTitle })

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
})
export type Refusal = z.infer<typeof Refusal>
