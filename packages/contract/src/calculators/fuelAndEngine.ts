import { z } from 'zod'
import { figure, notGiven, oneOf, orDefault, range, wholeFigure } from '../field/figure.ts'
import { RANGES } from './ranges.ts'

export const FuelBlend = z.strictObject({
  ethanolShare: figure(RANGES.ethanolShare),
  temperatureK: figure(RANGES.temperatureK),
  petrolDensityKgM3: notGiven(figure(RANGES.petrolDensityKgM3)),
})

export const FuelPropertiesOutput = z.strictObject({
  densityKgM3: z.number(),
  kinematicViscosityM2S: z.number(),
  ethanolMassShare: z.number(),
  stoichiometricAfr: z.number(),
  lowerHeatingValueJKg: z.number(),
})

export const Aspiration = oneOf(['natural', 'supercharged', 'turbocharged'])
export const PowerBasis = oneOf(['flywheel-net', 'flywheel-gross', 'wheels'])

export const FuelDemandInput = z.strictObject({
  fuel: FuelBlend,
  power: z.strictObject({ powerW: figure(RANGES.powerW), basis: PowerBasis, aspiration: Aspiration }),
  air: z.strictObject({
    displacementM3: figure(RANGES.displacementM3),
    speedRpm: figure(RANGES.speedRpm),
    manifoldPa: figure(RANGES.manifoldPa),
    chargeTemperatureK: figure(RANGES.chargeTemperatureK),
    volumetricEfficiency: figure(RANGES.volumetricEfficiency),
    fillingSpread: notGiven(figure(RANGES.fillingSpread)),
    lambda: figure(RANGES.lambda),
  }),
})

const Band = z.strictObject({ low: z.number(), typical: z.number(), high: z.number() })

export const FuelDemandOutput = z.strictObject({
  byPowerKgS: Band,
  byAirKgS: Band,
  bandsOverlap: z.boolean(),
  disagreement: z.number(),
  designKgS: z.number(),
  designM3S: z.number(),
})

export const InjectorInput = z.strictObject({
  set: z.strictObject({
    count: wholeFigure(RANGES.injectorCount),
    ratedFlowM3S: figure(RANGES.ratedFlowM3S),
    ratedPressurePa: figure(RANGES.ratedPressurePa),
    testFluidDensityKgM3: notGiven(figure(RANGES.densityKgM3)),
    deadTimeS: figure(RANGES.deadTimeS),
    leastEffectiveS: notGiven(figure(RANGES.effectiveS)),
  }),
  point: z
    .strictObject({
      railPa: figure(RANGES.gaugePa),
      tipPa: figure(RANGES.gaugePa),
      fuelDensityKgM3: figure(RANGES.densityKgM3),
      demandKgS: figure(RANGES.demandKgS),
      speedRpm: figure(RANGES.speedRpm),
      openingsPerCycle: wholeFigure(RANGES.openingsPerCycle),
    })
    .refine((p) => p.railPa - p.tipPa >= 1, { path: ['railPa'], error: 'allowed: at least 1 Pa above tipPa' }),
})

export const InjectorOutput = z.strictObject({
  differencePa: z.number(),
  staticKgS: z.number(),
  pulseS: z.number(),
  effectiveS: z.number(),
  duty: z.number(),
  capacityKgS: z.number(),
  leastPulseS: z.number(),
})

const PumpTablePoint = z.strictObject({
  pressurePa: figure(RANGES.pumpPressurePa),
  flowM3S: figure(RANGES.pumpFlowM3S),
  currentA: figure(RANGES.currentA),
})

export const PumpTable = z.strictObject({
  voltageV: figure(RANGES.voltageV),
  points: z
    .array(PumpTablePoint)
    .min(2, { error: 'allowed: 2 to 100 points' })
    .max(100, { error: 'allowed: 2 to 100 points' }),
})

export const PumpAtVoltageInput = z.strictObject({
  tables: z.array(PumpTable).min(1, { error: 'allowed: 1 or 2 tables' }).max(2, { error: 'allowed: 1 or 2 tables' }),
  voltageV: figure(RANGES.voltageV),
  works: orDefault(oneOf(['turbine', 'positive-displacement']).nullable(), null),
  reliefPa: orDefault(figure(range(1e3, 1e8, 'Pa')).nullable(), null),
})

export const PumpAtVoltageOutput = z.strictObject({
  voltageV: z.number(),
  curve: z.array(z.strictObject({ pressurePa: z.number(), flowM3S: z.number(), currentA: z.number() })),
  method: z.enum(['two tables', 'threshold']),
  endsAtPa: z.number(),
  /** The most it reaches with its outlet closed; null where nobody can say. */
  shutOff: z.strictObject({
    mostPa: z.number().nullable(),
    by: z.enum(['sheet', 'voltage-squared', 'relief-valve', 'not-known']),
    kindKnown: z.boolean(),
  }),
})
