import { z } from 'zod'
import { figure, notGiven, oneOf, orDefault, range, wholeFigure } from '../field/figure.ts'
import { SECTION_SCHEMAS } from '../job/jobDocument.ts'
import { RANGES } from './ranges.ts'

const gasK = range(273.15, 1500, 'K')
const massKgS = range(1e-5, 2, 'kg/s')
const Band = z.strictObject({ low: z.number(), typical: z.number(), high: z.number() })
const seconds = figure(range(0, 5, 's'))
const SecondsBand = z
  .strictObject({ low: seconds, typical: seconds, high: seconds })
  .refine((b) => b.low <= b.typical && b.typical <= b.high, {
    path: ['typical'],
    error: 'allowed: between low and high',
  })
const suctionPa = figure(range(0, 50e3, 'Pa below ambient'))
const share = figure(range(0, 1, ''))

export const ExhaustGasTemperatureInput = z.strictObject({
  pieces: z
    .array(
      z.strictObject({
        lengthM: figure(range(0.005, 6, 'm')),
        boreM: figure(range(0.01, 0.3, 'm')),
        outsideM: notGiven(figure(range(0.01, 0.3, 'm'))),
        count: wholeFigure(range(1, 8, '')),
        cover: oneOf(['bare', 'wrapped', 'coated']),
      }),
    )
    .min(1, { error: 'allowed: 1 to 40 pieces' })
    .max(40, { error: 'allowed: 1 to 40 pieces' }),
  massKgS: figure(massKgS),
  inK: figure(gasK),
  ambientK: figure(RANGES.temperatureK),
  outsideWM2K: figure(range(1, 500, 'W/(m² K)')),
})
export const ExhaustGasTemperatureOutput = z.strictObject({
  outK: z.number(),
  slices: z.array(
    z.strictObject({
      piece: z.int(),
      atM: z.number(),
      lengthM: z.number(),
      gasK: z.number(),
      wallK: z.number(),
      insideWM2K: z.number(),
      outsideWM2K: z.number(),
      reynolds: z.number(),
      dwellS: z.number(),
    }),
  ),
})

export const SensorDelayInput = z.strictObject({
  speedRpm: figure(RANGES.speedRpm),
  /** Hot volume from the ports to the sensor, and the gas that flows through it. */
  volumeM3: figure(range(0, 0.05, 'm³')),
  gasKgS: figure(massKgS),
  gasK: figure(gasK),
  sensorS: SecondsBand,
  filmS: orDefault(seconds, 0),
})
export const SensorDelayOutput = z.strictObject({
  cycleS: Band,
  transportS: z.number(),
  deadS: Band,
  lagS: Band,
  totalS: Band,
  leastIntegralS: Band,
})

export const ExhaustLeakInput = z.strictObject({
  holeM: figure(range(0, 0.03, 'm')),
  suctionPa: orDefault(
    z
      .strictObject({ low: suctionPa, typical: suctionPa, high: suctionPa })
      .refine((b) => b.low <= b.typical && b.typical <= b.high, {
        path: ['typical'],
        error: 'allowed: between low and high',
      }),
    { low: 100, typical: 1000, high: 3000 },
  ),
  suckingShare: orDefault(share, 0.5),
  airKgS: figure(massKgS),
  lambda: figure(RANGES.lambda),
  target: orDefault(figure(RANGES.lambda), 1),
  correctionLimit: orDefault(share, 0.25),
})
export const ExhaustLeakOutput = z.strictObject({ share: Band, reads: Band, real: Band, atLimit: z.boolean() })

export const SensorSpotsInput = z.strictObject({
  vehicle: SECTION_SCHEMAS.vehicle,
  exhaust: SECTION_SCHEMAS.exhaust,
  run: oneOf(['a', 'b', 'common']),
  most: orDefault(wholeFigure(range(1, 20, '')), 5),
})
export const SensorSpotsOutput = z.strictObject({
  /** Of the points of the grid. */
  freeShare: z.number(),
  /** Share of the grid that each hard rule forbids first. */
  forbidden: z.array(z.strictObject({ rule: z.string(), share: z.number() })),
  spots: z.array(
    z.strictObject({
      alongM: z.number(),
      clockDeg: z.number(),
      elevationDeg: z.number(),
      score: z.number(),
      losses: z.array(z.strictObject({ rule: z.string(), loss: z.number(), says: z.string() })),
    }),
  ),
})

export const ClampFitInput = z.strictObject({
  pipeM: figure(range(0.015, 0.2, 'm')),
  leastPipeM: figure(range(0.015, 0.2, 'm')),
  mostPipeM: figure(range(0.015, 0.2, 'm')),
  saddleRadiusM: figure(range(0.007, 0.2, 'm')),
  saddleWidthM: figure(range(0.005, 0.1, 'm')),
  gasketM: orDefault(figure(range(0, 0.01, 'm')), 0),
  boltThreadM: figure(range(0.005, 0.2, 'm')),
  nutM: figure(range(0, 0.03, 'm')),
  bands: orDefault(wholeFigure(range(1, 4, '')), 2),
})
export const ClampFitOutput = z.strictObject({
  apartM: z.number(),
  startsM: z.number(),
  toSpareM: z.number(),
  gapM: z.number(),
  faults: z.array(z.enum(['band-too-short', 'thread-bottoms', 'saddle-rocks', 'saddle-gapes'])),
})

export const DrillTemplateInput = z.strictObject({
  outsideM: figure(range(0.012, 0.3, 'm')),
  fromDatumM: figure(range(0, 8, 'm')),
  datum: orDefault(oneOf(['merge', 'turbine', 'join', 'ports']), 'merge'),
  clockDeg: figure(range(0, 360, 'degrees')),
  holeM: figure(range(0.005, 0.05, 'm')),
  pilotM: orDefault(figure(range(0.001, 0.01, 'm')), 0.003),
})
export const DrillTemplateOutput = z.strictObject({
  stripLengthMm: z.number(),
  stripHeightMm: z.number(),
  holeXMm: z.number(),
  holeYMm: z.number(),
  edgeFromDatumMm: z.number(),
  svg: z.string(),
})
