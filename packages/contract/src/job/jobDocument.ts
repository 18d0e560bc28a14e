import type { FuelSection, JobDocument, VehicleSection } from '@lochmoor/core'
import { z } from 'zod'
import { Aspiration, PowerBasis } from '../calculators/fuelAndEngine.ts'
import { oneOf, wholeFigure } from '../field/figure.ts'
import { FIELD_RANGES } from './fieldRanges.ts'
import { flag, known, knownWhole } from './knownFields.ts'
import { FilterPartSchema, HosePartSchema, InjectorPartSchema, PumpPartSchema, RegulatorPartSchema } from './parts.ts'
import { SystemSectionSchema } from './systemSection.ts'
import { WalkAroundSectionSchema } from './walkAroundSection.ts'
import { WorkSectionSchema } from './workSection.ts'

/** Version of the stored document. Raised with every change of shape, each with a migration. */
export const JOB_SCHEMA_VERSION = 2

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

const LineDesignSchema = z.strictObject({
  hose: HosePartSchema.nullable(),
  measuredBoreM: known('line.measuredBoreM'),
  lengthM: known('line.lengthM'),
  riseM: known('line.riseM'),
  bends90: wholeFigure(FIELD_RANGES['line.bends90']),
  bends45: wholeFigure(FIELD_RANGES['line.bends45']),
  connectors: wholeFigure(FIELD_RANGES['line.connectors']),
})

export const FuelSectionSchema = z.strictObject({
  ethanolShare: known('fuel.ethanolShare'),
  fuelTemperatureK: known('fuel.fuelTemperatureK'),
  systemType: oneOf(['return', 'single-line']).nullable(),
  injectionPlace: oneOf(['above-plate', 'below-plate', 'port']).nullable(),
  setPressurePa: known('fuel.setPressurePa'),
  referenced: flag,
  pump: PumpPartSchema.nullable(),
  strainer: FilterPartSchema.nullable(),
  filter: FilterPartSchema.nullable(),
  filterPosition: oneOf(['before-regulator', 'after-regulator']),
  regulator: RegulatorPartSchema.nullable(),
  feed: LineDesignSchema,
  return: LineDesignSchema,
  injector: InjectorPartSchema.nullable(),
  injectorCount: knownWhole('fuel.injectorCount'),
  openingsPerCycle: knownWhole('fuel.openingsPerCycle'),
  lowV: known('fuel.lowV'),
  runningV: known('fuel.runningV'),
  highV: known('fuel.highV'),
}) satisfies z.ZodType<FuelSection>

/** The sections of a job in the order of the work. */
export const SECTION_SCHEMAS = {
  vehicle: VehicleSectionSchema,
  walkAround: WalkAroundSectionSchema,
  system: SystemSectionSchema,
  fuel: FuelSectionSchema,
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
  'work',
]) satisfies z.ZodType<SectionName>

export const JobDocumentSchema = z.strictObject(SECTION_SCHEMAS) satisfies z.ZodType<JobDocument>
