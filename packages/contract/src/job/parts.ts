import type {
  BungPart,
  Catalogue,
  ControllerPart,
  FilterPart,
  FittingPart,
  HosePart,
  InjectorPart,
  PumpPart,
  RegulatorPart,
  SensorPart,
} from '@lochmoor/core'
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
  priceClass: wholeFigure(range(1, 5, 'from cheap to expensive')),
}

const has = z.boolean({ error: 'allowed: true or false' })
/** What a sheet may leave open. */
const known = <T extends z.ZodType>(schema: T) => schema.nullable()
const dash = wholeFigure(range(2, 32, 'sixteenths of an inch'))
const hoseKind = oneOf(['rubber', 'lined-hose', 'hard-tube'])

/** Positions of a switch on a board: "1 return; 2 single-line". */
const positions = (means: string, words: string) => {
  const message = `allowed: at most 8 positions such as "1 x; 2 y", each with ${words}`
  return z
    .string({ error: message })
    .regex(new RegExp(`^\\S{1,20} ${means}(; \\S{1,20} ${means}){0,7}$`), { error: message })
}

export const PumpPartSchema = z.strictObject({
  ...part,
  mount: oneOf(['in-tank', 'in-line', 'module']),
  works: known(oneOf(['turbine', 'positive-displacement'])),
  reliefPa: known(figure(range(1e3, 1e8, 'Pa'))),
  tables: z.array(PumpTable).min(1, { error: 'allowed: 1 or 2 tables' }).max(2, { error: 'allowed: 1 or 2 tables' }),
  noiseClass: known(wholeFigure(range(1, 5, 'from hardly heard to loud'))),
  hangerM: known(figure(range(0.02, 1, 'm'))),
  hatHeightM: known(figure(range(0, 0.3, 'm'))),
}) satisfies z.ZodType<PumpPart>

export const InjectorPartSchema = z.strictObject({
  ...part,
  use: oneOf(['throttle-body', 'port']),
  ratedFlowM3S: figure(RANGES.ratedFlowM3S),
  ratedPressurePa: figure(RANGES.ratedPressurePa),
  deadTimeS: figure(RANGES.deadTimeS),
  deadTimes: z
    .array(z.strictObject({ voltageV: figure(RANGES.voltageV), deadTimeS: figure(RANGES.deadTimeS) }))
    .max(20, { error: 'allowed: at most 20 points' })
    .refine((points) => new Set(points.map((p) => p.voltageV)).size === points.length, {
      error: 'allowed: every voltage once',
    }),
  leastEffectiveS: known(figure(RANGES.effectiveS)),
  mostPressurePa: known(figure(RANGES.ratedPressurePa)),
}) satisfies z.ZodType<InjectorPart>

export const HosePartSchema = z.strictObject({
  ...part,
  kind: hoseKind,
  boreM: figure(RANGES.boreM),
  roughnessM: figure(RANGES.roughnessM),
  mostPressurePa: figure(range(1e3, 1e8, 'Pa')),
  mostEthanolShare: figure(RANGES.ethanolShare),
  dash: known(dash),
  outsideM: known(figure(range(0.002, 0.1, 'm'))),
  leastBendRadiusM: known(figure(range(0, 1, 'm'))),
  stockM: known(figure(range(0.3, 100, 'm'))),
  immersible: has.nullable(),
  conductive: has.nullable(),
}) satisfies z.ZodType<HosePart>

export const FittingPartSchema = z.strictObject({
  ...part,
  make: oneOf(['crimped', 'reusable', 'push-on', 'quick-connector', 'flare-nut', 'barb-and-clamp']),
  dash,
  angleDeg: figure(range(0, 180, 'degrees')),
  thread: text(80),
  fits: z.array(hoseKind).min(1, { error: 'allowed: at least one kind of hose or tube' }),
  lossK: figure(range(0, 20, '')),
  takesUpM: figure(range(0, 0.2, 'm')),
  mostPressurePa: figure(range(1e3, 1e8, 'Pa')),
}) satisfies z.ZodType<FittingPart>

export const FilterPartSchema = z.strictObject({
  ...part,
  use: oneOf(['strainer', 'fine']),
  finenessM: figure(range(1e-6, 2e-3, 'm')),
  flowM3S: figure(RANGES.lossFlowM3S),
  dropPa: figure(RANGES.lossDropPa),
  linearShare: figure(RANGES.linearShare),
  dueFactor: known(figure(range(1, 20, 'times the clean drop'))),
  capacityKg: known(figure(range(1e-4, 1, 'kg'))),
  mount: known(oneOf(['sock', 'in-line'])),
  directional: has.nullable(),
  mostPressurePa: known(figure(range(1e3, 1e8, 'Pa'))),
}) satisfies z.ZodType<FilterPart>

export const RegulatorPartSchema = z
  .strictObject({
    ...part,
    type: oneOf(['return', 'single-line']),
    leastPa: figure(RANGES.setPressurePa),
    mostPa: figure(RANGES.setPressurePa),
    fullOpen: z.strictObject({ flowM3S: figure(RANGES.lossFlowM3S), dropPa: figure(RANGES.lossDropPa) }),
    slopePaPerM3S: figure(RANGES.slopePaPerM3S),
    referencePort: has,
    sits: known(oneOf(['rail', 'tank', 'module'])),
    mostPressurePa: known(figure(range(1e3, 1e8, 'Pa'))),
  })
  .refine((r) => r.leastPa <= r.mostPa, {
    path: ['mostPa'],
    error: 'allowed: at least leastPa, where the range begins',
  }) satisfies z.ZodType<RegulatorPart>

const count = (most: number) => wholeFigure(range(0, most, ''))

const PINOUT = 'allowed: 1 to 4000 characters, as "A1 injector-1; A2 injector-2"'
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
  leastV: known(figure(range(2, 11, 'V'))),
  rideThroughS: known(figure(range(0, 1, 's'))),
  pinout: known(z.string({ error: PINOUT }).min(1, { error: PINOUT }).max(4000, { error: PINOUT })),
  digitalInputs: known(wholeFigure(range(0, 32, ''))),
  knockInput: has.nullable(),
  connectors: known(text(200)),
  revision: known(text(40)),
  pumpSwitch: known(positions('(return|single-line)', 'return or single-line')),
  marketSwitch: known(positions('(100|\\d{1,2})', 'the highest ethanol share, 0 to 100')),
}) satisfies z.ZodType<ControllerPart>

const gasK = figure(range(400, 1600, 'K'))

export const SensorPartSchema = z
  .strictObject({
    ...part,
    kind: oneOf(['wideband', 'narrowband']),
    heated: has,
    mostGasK: gasK,
    mostGasShortK: gasK,
    mostHexagonK: figure(range(350, 1300, 'K')),
    mostCableK: figure(range(330, 700, 'K')),
    standsOffM: figure(range(0.02, 0.2, 'm')),
    hexagonM: figure(range(0.01, 0.05, 'm')),
    cableM: figure(range(0.1, 5, 'm')),
    leastBendRadiusM: figure(range(0, 0.2, 'm')),
    thread: text(40),
    tightenNm: figure(range(5, 120, 'N m')),
    leadedS: known(figure(range(3600, 3.6e7, 's'))),
    calibratedLead: has.nullable(),
  })
  .refine((s) => s.mostGasK <= s.mostGasShortK, {
    path: ['mostGasShortK'],
    error: 'allowed: at least mostGasK, its continuous limit',
  }) satisfies z.ZodType<SensorPart>

export const BungPartSchema = z
  .strictObject({
    ...part,
    kind: oneOf(['weld-in', 'clamp-on']),
    thread: text(40),
    holeM: figure(range(0.01, 0.05, 'm')),
    lengthM: figure(range(0.01, 0.2, 'm')),
    leastPipeM: figure(range(0.015, 0.2, 'm')),
    mostPipeM: figure(range(0.015, 0.2, 'm')),
    saddleRadiusM: known(figure(range(0.007, 0.2, 'm'))),
    saddleWidthM: known(figure(range(0.01, 0.1, 'm'))),
    gasketM: known(figure(range(0, 0.01, 'm'))),
    boltThreadM: known(figure(range(0.005, 0.2, 'm'))),
    nutM: known(figure(range(0, 0.03, 'm'))),
    bands: known(wholeFigure(range(1, 4, ''))),
    metal: oneOf(['mild-steel', 'stainless']),
  })
  .refine((b) => b.leastPipeM <= b.mostPipeM, {
    path: ['mostPipeM'],
    error: 'allowed: at least leastPipeM, where the range begins',
  }) satisfies z.ZodType<BungPart>

export const PART_SCHEMAS = {
  pumps: PumpPartSchema,
  injectors: InjectorPartSchema,
  hoses: HosePartSchema,
  fittings: FittingPartSchema,
  filters: FilterPartSchema,
  regulators: RegulatorPartSchema,
  controllers: ControllerPartSchema,
  sensors: SensorPartSchema,
  bungs: BungPartSchema,
} as const
export type PartKind = keyof typeof PART_SCHEMAS

type Writable<T> = T extends readonly (infer E)[]
  ? Writable<E>[]
  : T extends object
    ? { -readonly [K in keyof T]: Writable<T[K]> }
    : T
type Exactly<A, B> = [A] extends [B] ? ([B] extends [A] ? true : false) : false
/** Each schema lets in its part and nothing else: a field, a word or a null more or less on either side does not compile. */
type PartsAreExact = false extends {
  [K in PartKind]: Exactly<Writable<z.infer<(typeof PART_SCHEMAS)[K]>>, Writable<Catalogue[K][number]>>
}[PartKind]
  ? false
  : true
true satisfies PartsAreExact
export const PART_KINDS = Object.keys(PART_SCHEMAS) as PartKind[]
export const PartKindSchema = oneOf([
  'pumps',
  'injectors',
  'hoses',
  'fittings',
  'filters',
  'regulators',
  'controllers',
  'sensors',
  'bungs',
]) satisfies z.ZodType<PartKind>

export const CatalogueSchema = z.strictObject({
  pumps: z.array(PumpPartSchema),
  injectors: z.array(InjectorPartSchema),
  hoses: z.array(HosePartSchema),
  fittings: z.array(FittingPartSchema),
  filters: z.array(FilterPartSchema),
  regulators: z.array(RegulatorPartSchema),
  controllers: z.array(ControllerPartSchema),
  sensors: z.array(SensorPartSchema),
  bungs: z.array(BungPartSchema),
})
