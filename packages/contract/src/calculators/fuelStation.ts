import { z } from 'zod'
import { figure, notGiven, oneOf, orDefault, range, wholeFigure } from '../field/figure.ts'
import { FilterPartSchema, HosePartSchema, PumpPartSchema, RegulatorPartSchema } from '../job/parts.ts'
import { InjectorInput } from './fuelAndEngine.ts'
import { FuelCircuitInput, Line, Loss } from './fuelCircuit.ts'
import { RANGES } from './ranges.ts'

const Fluid = FuelCircuitInput.shape.fluid
/** `reidPa` is that of the fuel as it is bought, its ethanol included. */
const VapourFuel = z.strictObject({
  reidPa: figure(RANGES.reidPa).describe('of the fuel as bought, its ethanol included'),
  ethanolShare: figure(RANGES.ethanolShare),
})

export const VapourPressureInput = z.strictObject({
  fuel: VapourFuel,
  temperatureK: figure(RANGES.fuelTemperatureK),
})
export const VapourPressureOutput = z.strictObject({
  vapourPa: z.number(),
  lowPa: z.number(),
  highPa: z.number(),
  extrapolated: z.boolean(),
})

export const SuctionInput = z.strictObject({
  fluid: Fluid,
  fuel: VapourFuel,
  temperatureK: figure(RANGES.fuelTemperatureK),
  altitudeM: figure(RANGES.altitudeM),
  headM: figure(RANGES.riseM),
  pumpFlowM3S: figure(RANGES.pumpFlowM3S),
  strainer: Loss.nullable(),
  line: Line.nullable(),
  tankPressurePa: orDefault(figure(RANGES.tankPressurePa), 0),
})
export const SuctionOutput = z.strictObject({
  ambientPa: z.number(),
  inletPa: z.number(),
  flows: z.boolean(),
  vapourPa: z.number(),
  marginPa: z.number(),
  lossPa: z.number(),
})

export const TankHeatInput = z.strictObject({
  fuelKg: figure(range(0.1, 500, 'kg')),
  startK: figure(RANGES.fuelTemperatureK),
  ambientK: figure(RANGES.temperatureK),
  pumpW: figure(range(0, 5e3, 'W')),
  returnKgS: figure(RANGES.demandKgS),
  returnWarmerK: figure(range(0, 100, 'K')),
  lossWK: figure(range(0, 1e3, 'W/K')),
  drawKgS: figure(RANGES.demandKgS),
  durationS: figure(range(1, 86_400, 's')),
})
export const TankHeatOutput = z.strictObject({
  heatW: z.number(),
  /** Null: the fuel boils away before it settles. */
  settlesK: z.number().nullable(),
  endK: z.number(),
  boilsAway: z.boolean(),
  curve: z.array(z.strictObject({ timeS: z.number(), temperatureK: z.number(), fuelKg: z.number() })),
})

const InjectorAtPoint = InjectorInput.shape.point

export const InjectorSetInput = z.strictObject({
  candidates: z
    .array(
      z.strictObject({
        id: z.string().min(1).max(64),
        count: wholeFigure(RANGES.injectorCount),
        ratedFlowM3S: figure(RANGES.ratedFlowM3S),
        ratedPressurePa: figure(RANGES.ratedPressurePa),
        deadTimes: z
          .array(z.strictObject({ voltageV: figure(RANGES.voltageV), deadTimeS: figure(RANGES.deadTimeS) }))
          .min(1, { error: 'allowed: 1 to 20 points' })
          .max(20, { error: 'allowed: 1 to 20 points' })
          .refine((points) => new Set(points.map((p) => p.voltageV)).size === points.length, {
            error: 'allowed: every voltage once',
          }),
        mostPressurePa: figure(RANGES.ratedPressurePa).nullable(),
        leastEffectiveS: orDefault(figure(range(1e-5, 0.01, 's')), 0.8e-3),
      }),
    )
    .max(200, { error: 'allowed: at most 200 sets' }),
  idle: InjectorAtPoint,
  full: InjectorAtPoint,
  idleVoltageV: figure(RANGES.voltageV),
  fullVoltageV: figure(RANGES.voltageV),
})
export const InjectorSetOutput = z.strictObject({
  ranked: z.array(
    z.strictObject({
      id: z.string(),
      count: z.int(),
      duty: z.number(),
      idlePulseS: z.number(),
      leastPulseS: z.number(),
      dynamicRange: z.number(),
      neededRange: z.number(),
      capacityKgS: z.number(),
      mostDifferencePa: z.number(),
      fits: z.boolean(),
      why: z.string(),
    }),
  ),
})

const Curve = FuelCircuitInput.shape.pump.shape.curve
export const PrimeInput = z.strictObject({
  curve: Curve,
  lineM3: figure(range(0, 0.05, 'm³')),
  filterM3: figure(range(0, 0.05, 'm³')),
  railM3: figure(range(0, 0.05, 'm³')),
  setPressurePa: figure(RANGES.setPressurePa),
  trappedShare: figure(range(0, 1, '')),
  primeS: figure(range(0.1, 60, 's')),
  ambientPa: orDefault(figure(RANGES.absolutePa), 101_325),
})
/** Null: the pump never gets there. */
const orNever = z.number().nullable()
export const PrimeOutput = z.strictObject({
  dryS: orNever,
  dryCycles: orNever,
  wetS: orNever,
  wetCycles: orNever,
  trappedM3: z.number(),
})

export const CircuitSpreadInput = z.strictObject({
  circuit: FuelCircuitInput,
  inputs: z
    .array(
      z.strictObject({
        id: z.string().min(1).max(64),
        target: oneOf([
          'pumpFlow',
          'demand',
          'feedBore',
          'feedLength',
          'fittings',
          'filterDrop',
          'strainerDrop',
          'setPressure',
          'viscosity',
        ]),
        relativeSd: figure(range(0, 1, 'share of the figure')),
      }),
    )
    .max(40, { error: 'allowed: at most 40 inputs' }),
  draws: wholeFigure(range(100, 20_000, '')),
  seed: wholeFigure(range(0, 4_294_967_295, '')),
})
export const CircuitSpreadOutput = z.strictObject({
  draws: z.int(),
  probability: z.number(),
  standardError: z.number(),
  band: z.strictObject({ lowPa: z.number(), highPa: z.number() }),
  lowPa: z.number(),
  medianPa: z.number(),
  highPa: z.number(),
  inputs: z.array(z.strictObject({ id: z.string(), share: z.number() })),
  histogram: z.strictObject({ fromPa: z.number(), stepPa: z.number(), counts: z.array(z.int()) }),
})

const Path = z.strictObject({
  lengthM: figure(RANGES.lengthM),
  riseM: figure(RANGES.riseM),
  minorK: figure(RANGES.minorK),
})
const few = <T extends z.ZodType>(schema: T) =>
  z.array(schema).min(1, { error: 'allowed: 1 to 40' }).max(40, { error: 'allowed: 1 to 40' })
export const MOST_COMBINATIONS = 200_000
export const CombinationsInput = z
  .strictObject({
    loop: oneOf(['return', 'single-line']),
    setPressurePa: figure(RANGES.setPressurePa),
    referenced: z.boolean({ error: 'allowed: true or false' }),
    ethanolShare: figure(RANGES.ethanolShare),
    highV: figure(RANGES.voltageV),
    points: few(
      z.strictObject({
        id: z.string().min(1).max(64),
        fluid: Fluid,
        demandM3S: figure(RANGES.demandM3S),
        voltageV: figure(RANGES.voltageV),
        referencePa: figure(RANGES.referencePa),
        filterFactor: figure(range(1, 20, 'times the clean drop')),
      }),
    ),
    cruiseId: z.string().min(1).max(64),
    idleId: z.string().min(1).max(64),
    fullId: z.string().min(1).max(64),
    pumpCount: wholeFigure(range(1, 2, '')),
    strainer: Loss.nullable().describe('before a pump in the line'),
    sock: orDefault(Loss.nullable(), null).describe('on a pump that hangs in the tank'),
    suction: Line.nullable(),
    feedPath: Path,
    returnPath: Path,
    returnWarmerK: figure(range(0, 100, 'K')),
    pumps: few(PumpPartSchema),
    feeds: few(HosePartSchema),
    returns: few(HosePartSchema),
    filters: few(FilterPartSchema),
    regulators: few(RegulatorPartSchema),
  })
  .refine(
    (c) =>
      c.pumps.length * c.feeds.length * c.returns.length * c.filters.length * c.regulators.length <= MOST_COMBINATIONS,
    { path: ['pumps'], error: `allowed: at most ${MOST_COMBINATIONS} combinations of all lists` },
  )
export const CombinationsOutput = z.strictObject({
  tried: z.int(),
  passing: z.int(),
  solved: z.int(),
  ranked: z.array(
    z.strictObject({
      pumpId: z.string(),
      feedId: z.string(),
      returnId: z.string().nullable(),
      filterId: z.string(),
      regulatorId: z.string(),
      fails: z.string().nullable(),
      /** Null where no moment takes any fuel. */
      reserve: z.number().nullable(),
      tightestId: z.string(),
      headroom: z.number(),
      currentA: z.number(),
      heatW: z.number(),
      noiseClass: z.number(),
      price: z.number(),
      best: z.boolean(),
    }),
  ),
})

export const HoseCutListInput = z.strictObject({
  stockM: figure(range(0.1, 100, 'm')),
  cutWidthM: orDefault(figure(range(0, 0.05, 'm')), 2e-3),
  pieces: z
    .array(
      z.strictObject({
        name: z.string().min(1).max(80),
        pathM: figure(range(0.01, 100, 'm')),
        bendsDeg: figure(range(0, 3600, 'degrees')),
        outsideM: figure(range(0.002, 0.1, 'm')),
        slackM: figure(range(0, 2, 'm')),
        takesUpM: figure(range(0, 0.4, 'm')),
        shorteningShare: figure(range(0, 0.1, '')),
      }),
    )
    .max(200, { error: 'allowed: at most 200 pieces' }),
})
export const HoseCutListOutput = z.strictObject({
  pieces: z.array(z.strictObject({ name: z.string(), cutM: z.number() })),
  lengths: z.array(z.strictObject({ pieces: z.array(z.string()), offcutM: z.number() })),
  boughtM: z.number(),
  usedM: z.number(),
  leastLengths: z.int(),
  proved: z.boolean(),
})

export const ModuleFitInput = z.strictObject({
  tankDepthM: figure(range(0.03, 2, 'm')),
  floorClearanceM: figure(range(0, 0.1, 'm')),
  moduleLengthM: figure(range(0.02, 2, 'm')),
  mostLengthM: figure(range(0.02, 2, 'm')),
  hatHeightM: figure(range(0, 0.5, 'm')),
  fittingHeightM: figure(range(0, 0.5, 'm')),
  bendRadiusM: figure(range(0, 0.5, 'm')),
  hoseOutsideM: figure(range(0.002, 0.1, 'm')),
  gapAboveM: figure(range(0, 2, 'm')),
  airGapM: figure(range(0, 0.2, 'm')),
  tiltDeg: figure(range(-30, 30, 'degrees')),
  hingeToHatM: figure(range(0.02, 3, 'm')),
  swingRoomM: figure(range(0, 3, 'm')).nullable(),
})
export const ModuleFitOutput = z.strictObject({
  wantedLengthM: z.number(),
  cutOffM: z.number(),
  shortByM: z.number(),
  stackAboveM: z.number(),
  foulsByM: z.number(),
  hatThatFitsM: z.number(),
  sweepM: z.number(),
  sweepFoulsByM: z.number().nullable(),
})

export const VentInput = z.strictObject({
  line: Line,
  valve: Loss.nullable(),
  drawM3S: figure(RANGES.demandM3S),
  breathM3S: notGiven(figure(range(0, 0.1, 'm³/s'))),
})
export const VentOutput = z.strictObject({
  vacuumPa: z.number(),
  pressurePa: z.number(),
  leastBoreM: z.number().nullable(),
})
