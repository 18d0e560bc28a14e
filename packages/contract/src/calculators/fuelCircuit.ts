import { z } from 'zod'
import { figure, notGiven, oneOf, orDefault } from '../field/figure.ts'
import { RANGES } from './ranges.ts'

export const Loss = z.strictObject({
  flowM3S: figure(RANGES.lossFlowM3S),
  dropPa: figure(RANGES.lossDropPa),
  linearShare: orDefault(figure(RANGES.linearShare), 0),
})

export const Line = z
  .strictObject({
    boreM: figure(RANGES.boreM),
    lengthM: figure(RANGES.lengthM),
    roughnessM: figure(RANGES.roughnessM),
    minorK: figure(RANGES.minorK),
    riseM: figure(RANGES.riseM),
  })
  .refine((l) => l.boreM < RANGES.boreM.min || l.roughnessM <= 0.5 * l.boreM, {
    path: ['roughnessM'],
    error: 'allowed: at most half of boreM',
  })

const PumpPoint = z.strictObject({ pressurePa: figure(RANGES.pumpPressurePa), flowM3S: figure(RANGES.pumpFlowM3S) })

export const FuelCircuitInput = z.strictObject({
  fluid: z.strictObject({
    densityKgM3: figure(RANGES.densityKgM3),
    kinematicViscosityM2S: figure(RANGES.kinematicViscosityM2S),
  }),
  tankPressurePa: orDefault(figure(RANGES.tankPressurePa), 0),
  strainer: Loss.nullable(),
  pump: z.strictObject({
    curve: z
      .array(PumpPoint)
      .min(2, { error: 'allowed: 2 to 200 points' })
      .max(200, { error: 'allowed: 2 to 200 points' }),
  }),
  filter: Loss.extend({
    position: orDefault(oneOf(['before-regulator', 'after-regulator']), 'before-regulator'),
  }).nullable(),
  feed: Line,
  return: Line.nullable(),
  demandM3S: figure(RANGES.demandM3S),
  regulator: z.strictObject({
    type: oneOf(['return', 'single-line']),
    setPressurePa: figure(RANGES.setPressurePa),
    referencePa: orDefault(figure(RANGES.referencePa), 0),
    fullOpen: z.strictObject({ flowM3S: figure(RANGES.lossFlowM3S), dropPa: figure(RANGES.lossDropPa) }).nullable(),
    slopePaPerM3S: orDefault(figure(RANGES.slopePaPerM3S), 0),
  }),
  ambientPa: orDefault(figure(RANGES.absolutePa), 101_325),
  vapourPressurePa: notGiven(figure(RANGES.vapourPressurePa)),
})

const number = z.number().nullable()
const LineFlow = z.strictObject({ velocityMS: z.number(), reynolds: z.number() })

export const FuelCircuitOutput = z.strictObject({
  state: z.enum(['in-control', 'not-held', 'lifted', 'starved']),
  cause: z.enum(['pump', 'line', 'return', 'regulator']).nullable(),
  effectiveSetPa: z.number(),
  regulatedPa: number,
  railPa: number,
  pumpFlowM3S: z.number(),
  pumpInletPa: number,
  pumpOutletPa: number,
  strainerDropPa: number,
  filterDropPa: number,
  feedDropPa: number,
  feedFlowM3S: z.number(),
  returnFlowM3S: z.number(),
  returnDropPa: number,
  regulatorBackPa: number,
  inletMarginPa: number,
  feed: LineFlow,
  return: LineFlow.nullable(),
  warnings: z.array(z.string()),
})
