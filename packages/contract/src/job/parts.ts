import type { ControllerPart, FilterPart, HosePart, InjectorPart, PumpPart, RegulatorPart } from '@lochmoor/core'
import { z } from 'zod'
import { PumpTable } from '../calculators/fuelAndEngine.ts'
import { RANGES } from '../calculators/ranges.ts'
import { figure, oneOf, range, wholeFigure } from '../field/figure.ts'

const text = (most: number) => {
  const message = `allowed: 1 to ${most} characters`
  return z.string({ error: message }).trim().min(1, { error: message }).max(most, { error: message })
}

const part = {
  id: text(64),
  name: text(120),
  priceClass: wholeFigure(range(1, 5, 'from cheap to dear')),
}

export const PumpPartSchema = z.strictObject({
  ...part,
  mount: oneOf(['in-tank', 'in-line', 'module']),
  tables: z.array(PumpTable).min(1, { error: 'allowed: 1 or 2 tables' }).max(2, { error: 'allowed: 1 or 2 tables' }),
}) satisfies z.ZodType<PumpPart>

export const InjectorPartSchema = z.strictObject({
  ...part,
  use: oneOf(['throttle-body', 'port']),
  ratedFlowM3S: figure(RANGES.ratedFlowM3S),
  ratedPressurePa: figure(RANGES.ratedPressurePa),
  deadTimeS: figure(RANGES.deadTimeS),
}) satisfies z.ZodType<InjectorPart>

export const HosePartSchema = z.strictObject({
  ...part,
  kind: oneOf(['rubber', 'lined-hose', 'hard-tube']),
  boreM: figure(RANGES.boreM),
  roughnessM: figure(RANGES.roughnessM),
  mostPressurePa: figure(range(1e3, 1e8, 'Pa')),
  mostEthanolShare: figure(RANGES.ethanolShare),
}) satisfies z.ZodType<HosePart>

export const FilterPartSchema = z.strictObject({
  ...part,
  use: oneOf(['strainer', 'fine']),
  finenessM: figure(range(1e-6, 2e-3, 'm')),
  flowM3S: figure(RANGES.lossFlowM3S),
  dropPa: figure(RANGES.lossDropPa),
  linearShare: figure(RANGES.linearShare),
}) satisfies z.ZodType<FilterPart>

export const RegulatorPartSchema = z.strictObject({
  ...part,
  type: oneOf(['return', 'single-line']),
  leastPa: figure(RANGES.setPressurePa),
  mostPa: figure(RANGES.setPressurePa),
  fullOpen: z.strictObject({ flowM3S: figure(RANGES.lossFlowM3S), dropPa: figure(RANGES.lossDropPa) }),
  slopePaPerM3S: figure(RANGES.slopePaPerM3S),
  referencePort: z.boolean({ error: 'allowed: true or false' }),
}) satisfies z.ZodType<RegulatorPart>

const count = (most: number) => wholeFigure(range(0, most, ''))
const has = z.boolean({ error: 'allowed: true or false' })

export const ControllerPartSchema = z.strictObject({
  ...part,
  injectorDrivers: count(24),
  ignitionOutputs: count(24),
  switchedOutputs: count(40),
  idleValve: has,
  tachOutput: has,
  triggerInputs: count(8),
  analogueInputs: count(40),
  oxygenSensors: count(4),
  sequential: has,
  gearbox: has,
}) satisfies z.ZodType<ControllerPart>

export const PART_SCHEMAS = {
  pumps: PumpPartSchema,
  injectors: InjectorPartSchema,
  hoses: HosePartSchema,
  filters: FilterPartSchema,
  regulators: RegulatorPartSchema,
  controllers: ControllerPartSchema,
} as const
export type PartKind = keyof typeof PART_SCHEMAS
export const PART_KINDS = Object.keys(PART_SCHEMAS) as PartKind[]
export const PartKindSchema = oneOf([
  'pumps',
  'injectors',
  'hoses',
  'filters',
  'regulators',
  'controllers',
]) satisfies z.ZodType<PartKind>

export const CatalogueSchema = z.strictObject({
  pumps: z.array(PumpPartSchema),
  injectors: z.array(InjectorPartSchema),
  hoses: z.array(HosePartSchema),
  filters: z.array(FilterPartSchema),
  regulators: z.array(RegulatorPartSchema),
  controllers: z.array(ControllerPartSchema),
})
