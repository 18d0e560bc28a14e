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
