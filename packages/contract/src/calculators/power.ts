import { z } from 'zod'
import { figure, oneOf, orDefault, range, wholeFigure } from '../field/figure.ts'

const standard = oneOf(['en', 'sae'])
const coldCrankA = figure(range(50, 2000, 'A'))
const ageS = orDefault(figure(range(0, 1.6e9, 's')), 0)
const restingV = figure(range(11, 13.5, 'V'))
const temperatureK = figure(range(223.15, 343.15, 'K'))
const ohm = figure(range(0, 10, 'ohm'))

export const BatteryInput = z.strictObject({ standard, coldCrankA, ageS, restingV, temperatureK })

export const BatteryOutput = z.strictObject({
  charge: z.number(),
  openCircuitV: z.number(),
  resistanceOhm: z.number(),
  chargeOhm: z.number(),
})

export const CrankSagInput = z.strictObject({
  battery: z.strictObject({ standard, coldCrankA, ageS, restingV }),
  temperatureK,
  starterPowerW: orDefault(figure(range(300, 6000, 'W')), 1400),
  engine: z.strictObject({
    displacementM3: figure(range(1e-4, 0.03, 'm³')),
    cylinders: wholeFigure(range(1, 16, '')),
    boreM: figure(range(0.03, 0.2, 'm')),
    strokeM: figure(range(0.03, 0.2, 'm')),
    compressionRatio: orDefault(figure(range(3, 16, ': 1')), 8.5),
  }),
  starterCableOhm: ohm,
  earthOhm: ohm,
  ecu: z.strictObject({
    powerW: orDefault(figure(range(0, 200, 'W')), 10),
    feedFrom: orDefault(oneOf(['battery', 'starter-stud']), 'battery'),
    feedOhm: ohm,
    earthAt: orDefault(oneOf(['battery', 'block']), 'battery'),
    earthOhm: ohm,
    leastV: figure(range(2, 11, 'V')),
    rideThroughS: orDefault(figure(range(0, 1, 's')), 0.005),
  }),
  durationS: orDefault(figure(range(0.05, 5, 's')), 1),
  stepS: orDefault(figure(range(1e-4, 1e-3, 's')), 1e-3),
})

export const CrankSagOutput = z.strictObject({
  batteryResistanceOhm: z.number(),
  lowestEcuV: z.number(),
  lowestAtS: z.number(),
  resets: z.array(z.strictObject({ atS: z.number() })),
  peakStarterA: z.number(),
  meanStarterA: z.number(),
  meanRpm: z.number(),
  turns: z.number(),
  /** Every ten milliseconds. */
  trace: z.array(
    z.strictObject({
      timeS: z.number(),
      rpm: z.number(),
      starterA: z.number(),
      batteryV: z.number(),
      ecuV: z.number(),
    }),
  ),
})

const ambientK = figure(range(233.15, 423.15, 'K'))
const insulation = orDefault(oneOf(['xlpe', 'pvc']), 'xlpe')
const loadedWires = orDefault(wholeFigure(range(1, 20, '')), 1)
const sourceV = orDefault(figure(range(6, 16, 'V')), 12.5)
/** Battery, feed to the wire and way back from the short. */
const otherOhm = orDefault(figure(range(1e-3, 10, 'ohm')), 0.03)
const fuseRating = figure(range(1, 200, 'A'))

export const WireSizeInput = z.strictObject({
  currentA: figure(range(0, 300, 'A')),
  /** Out and back. */
  lengthM: figure(range(0.05, 40, 'm')),
  limitV: figure(range(0.01, 5, 'V')),
  jointOhm: orDefault(figure(range(0, 1, 'ohm')), 0.004),
  ambientK,
  insulation,
  loadedWires,
  fuseA: orDefault(fuseRating.nullable(), null),
  sourceV,
  otherOhm,
})
const LeastSize = z
  .strictObject({
    size: z.string(),
    sectionM2: z.number(),
    ohmPerM: z.number(),
    dropV: z.number(),
    bearsA: z.number(),
    governs: z.array(z.enum(['drop', 'heat', 'fuse', 'short', 'practice'])),
  })
  .nullable()
export const WireSizeOutput = z.strictObject({ mm2: LeastSize, awg: LeastSize, sae: LeastSize })

export const FuseInput = z.strictObject({
  continuousA: figure(range(0, 200, 'A')),
  wire: z.strictObject({
    sectionM2: figure(range(3e-7, 7e-5, 'm²')),
    ohm: figure(range(0, 10, 'ohm')),
    ambientK,
    insulation,
    loadedWires,
  }),
  inrush: orDefault(
    z.strictObject({ peakA: figure(range(0, 2000, 'A')), tauS: figure(range(1e-3, 5, 's')) }).nullable(),
    null,
  ),
  sourceV,
  otherOhm,
})
export const FuseOutput = z.strictObject({
  leastA: z.number(),
  wireBearsA: z.number(),
  shortA: z.number(),
  /** Standard ratings between load and wire, least first. */
  choices: z.array(
    z.strictObject({
      ratingA: z.number(),
      /** Share of its life that one inrush takes; 1 and more: it may open. */
      inrushWear: z.number(),
      /** Null: it need not open at all. */
      opensWithinS: z.number().nullable(),
      wireBearsS: z.number(),
      shortClears: z.boolean(),
    }),
  ),
})

export const RelayHoldInput = z.strictObject({
  pullInV: figure(range(3, 11, 'V')),
  dropOutV: figure(range(0.5, 8, 'V')),
  coilOhm: figure(range(30, 400, 'ohm')),
  coilK: figure(range(253.15, 398.15, 'K')),
  supplyV: figure(range(0, 16, 'V')),
  sagV: figure(range(0, 16, 'V')),
  damping: orDefault(oneOf(['none', 'diode', 'resistor']), 'none'),
  inductanceH: orDefault(figure(range(0.01, 5, 'H')), 0.4),
})
export const RelayHoldOutput = z.strictObject({
  pullInV: z.number(),
  dropOutV: z.number(),
  pullsIn: z.boolean(),
  holds: z.boolean(),
  pullsInAgain: z.boolean(),
  currentA: z.number(),
  releaseS: z.number(),
  peakV: z.number(),
})

export const EarthLiftInput = z.strictObject({
  sensor: oneOf(['coolant', 'air', 'manifold', 'throttle', 'oxygen']),
  /** Both against the battery's negative terminal. */
  returnV: figure(range(-5, 5, 'V')),
  sensorEarthV: figure(range(-5, 5, 'V')),
  thermistor: orDefault(
    z
      .strictObject({
        r25Ohm: figure(range(100, 100_000, 'ohm')),
        betaK: figure(range(2000, 5000, 'K')),
        biasOhm: figure(range(100, 100_000, 'ohm')),
      })
      .nullable(),
    null,
  ),
})
export const EarthLiftOutput = z.strictObject({
  liftV: z.number(),
  /** Null: outside what the input can read. */
  error: z.number().nullable(),
  unit: z.enum(['K', 'Pa', 'share', 'lambda']),
})

const speed = (most: number) => figure(range(0, most, 'rpm'))
export const ChargingBalanceInput = z.strictObject({
  battery: z.strictObject({
    standard,
    coldCrankA,
    ageS,
    restingV,
    capacityC: figure(range(3600, 1.08e6, 'C')),
  }),
  /** State of charge at which it starts no more. */
  leastCharge: orDefault(figure(range(0, 1, 'share')), 0.4),
  generator: z.strictObject({
    output: z
      .array(z.strictObject({ speedRpm: speed(30_000), currentA: figure(range(0, 500, 'A')) }))
      .min(2)
      .max(12),
    pulleyRatio: figure(range(0.5, 5, '')),
    setV: orDefault(figure(range(12, 16, 'V')), 14.2),
    cableOhm: orDefault(figure(range(0, 1, 'ohm')), 0.005),
  }),
  drives: z
    .array(
      z.strictObject({ name: z.string().min(1).max(60), engineRpm: speed(12_000), loadA: figure(range(0, 300, 'A')) }),
    )
    .min(1)
    .max(12),
  restA: orDefault(figure(range(0, 10, 'A')), 0.02),
})
export const ChargingBalanceOutput = z.strictObject({
  charge: z.number(),
  drives: z.array(
    z.strictObject({
      name: z.string(),
      generatorA: z.number(),
      /** Into the battery; negative: it loses. */
      batteryA: z.number(),
      batteryV: z.number(),
      /** Null: it never comes to that. */
      untilNoStartS: z.number().nullable(),
    }),
  ),
  restS: z.number(),
})
