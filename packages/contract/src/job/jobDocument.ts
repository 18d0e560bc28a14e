import type { FuelSection, JobDocument, VehicleSection } from '@lochmoor/core'
import { z } from 'zod'
import { Aspiration, PowerBasis } from '../calculators/fuelAndEngine.ts'
import { figure, oneOf, wholeFigure } from '../field/figure.ts'
import { FIELD_RANGES, type RangedField } from './fieldRanges.ts'
import { FilterPartSchema, HosePartSchema, InjectorPartSchema, PumpPartSchema, RegulatorPartSchema } from './parts.ts'

/** Version of the stored document. Raised with every change of shape, each with a migration. */
export const JOB_SCHEMA_VERSION = 1

const known = (field: RangedField) => figure(FIELD_RANGES[field]).nullable()
const knownWhole = (field: RangedField) => wholeFigure(FIELD_RANGES[field]).nullable()
const flag = z.boolean({ error: 'allowed: true or false' })

const TITLE = 'allowed: 1 to 80 characters'
export const JobTitle = z.string({ error: TITLE }).trim().min(1, { error: TITLE }).max(80, { error: TITLE })

export const VehicleSectionSchema = z.strictObject({
  title: JobTitle,
  year: knownWhole('vehicle.year'),
  layout: oneOf(['inline', 'vee', 'flat']),
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
  systemType: oneOf(['return', 'single-line']),
  injectionPlace: oneOf(['above-plate', 'below-plate', 'port']),
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

export const SECTION_SCHEMAS = { vehicle: VehicleSectionSchema, fuel: FuelSectionSchema } as const satisfies {
  [S in keyof JobDocument]: z.ZodType<JobDocument[S]>
}
export type SectionName = keyof typeof SECTION_SCHEMAS
export const SECTION_NAMES = Object.keys(SECTION_SCHEMAS) as SectionName[]
