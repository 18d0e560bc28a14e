import type { JobDocument, VehicleSection } from '@lochmoor/core'
import { z } from 'zod'
import { Aspiration, PowerBasis } from '../calculators/fuelAndEngine.ts'
import { oneOf } from '../field/figure.ts'
import { ExhaustSectionSchema } from './exhaustSection.ts'
import { FuelSectionSchema } from './fuelSection.ts'
import { known, knownWhole } from './knownFields.ts'
import { SystemSectionSchema } from './systemSection.ts'
import { WalkAroundSectionSchema } from './walkAroundSection.ts'
import { WorkSectionSchema } from './workSection.ts'

/** Version of the stored document. Raised with every change of shape, each with a migration. */
export const JOB_SCHEMA_VERSION = 4

const TITLE = 'allowed: 1 to 80 characters'
export const JobTitle = z.string({ error: TITLE }).trim().min(1, { error: TITLE }).max(80, { error: TITLE })

export const VehicleSectionSchema = z.strictObject({
  title: JobTitle,
  year: knownWhole('vehicle.year'),
  layout: oneOf(['inline', 'vee', 'flat']).nullable(),
  cylinders: knownWhole('vehicle.cylinders'),
  displacementM3: known('vehicle.displacementM3'),
  aspiration: Aspiration,
  powerW: known('vehicle.powerW'),
  powerBasis: PowerBasis,
  powerSpeedRpm: known('vehicle.powerSpeedRpm'),
  boostPa: known('vehicle.boostPa'),
  idleSpeedRpm: known('vehicle.idleSpeedRpm'),
  idleManifoldPa: known('vehicle.idleManifoldPa'),
  cruiseSpeedRpm: known('vehicle.cruiseSpeedRpm'),
  cruiseManifoldPa: known('vehicle.cruiseManifoldPa'),
}) satisfies z.ZodType<VehicleSection>

/** The sections of a job in the order of the work. */
export const SECTION_SCHEMAS = {
  vehicle: VehicleSectionSchema,
  walkAround: WalkAroundSectionSchema,
  system: SystemSectionSchema,
  fuel: FuelSectionSchema,
  exhaust: ExhaustSectionSchema,
  work: WorkSectionSchema,
} as const satisfies {
  [S in keyof JobDocument]: z.ZodType<JobDocument[S]>
}
export type SectionName = keyof typeof SECTION_SCHEMAS
export const SECTION_NAMES = Object.keys(SECTION_SCHEMAS) as SectionName[]
export const SectionNameSchema = oneOf([
  'vehicle',
  'walkAround',
  'system',
  'fuel',
  'exhaust',
  'work',
]) satisfies z.ZodType<SectionName>

export const JobDocumentSchema = z.strictObject(SECTION_SCHEMAS) satisfies z.ZodType<JobDocument>
