import {
  FuelBlend,
  FuelCircuitInput,
  FuelCircuitOutput,
  FuelDemandInput,
  FuelDemandOutput,
  FuelPropertiesOutput,
  InjectorInput,
  InjectorOutput,
  PumpAtVoltageInput,
  PumpAtVoltageOutput,
} from '@lochmoor/contract'
import {
  err,
  fuelDemand,
  fuelProperties,
  injectorAt,
  ok,
  pumpAtVoltage,
  shutOffAt,
  solveFuelCircuit,
} from '@lochmoor/core'
import { calculator, type Calculator } from './calculator.ts'
import { ENGINE_TOP_CALCULATORS } from './engineTopCalculators.ts'
import { ENGINE_TOP_PLACES } from './engineTopPlaces.ts'
import { EXHAUST_CALCULATORS } from './exhaustCalculators.ts'
import { FUEL_STATION_CALCULATORS } from './fuelStationCalculators.ts'
import { HARNESS_BENCH_CALCULATORS } from './harnessBenchCalculators.ts'
import { HARNESS_CALCULATORS } from './harnessCalculators.ts'
import { POWER_CALCULATORS } from './powerCalculators.ts'
import { circuitRules, pumpTableRules } from './rules.ts'

export const CALCULATORS: readonly Calculator[] = [
  calculator(
    'fuel-circuit',
    'pressures and flows of pump, filter, lines and regulator at one operating point',
    FuelCircuitInput,
    FuelCircuitOutput,
    (c) => {
      const solved = solveFuelCircuit(c)
      return solved.ok ? ok({ ...solved.value, warnings: [...solved.value.warnings] }) : solved
    },
    circuitRules(''),
  ),
  calculator(
    'fuel-properties',
    'density, viscosity, stoichiometric ratio and heating value of a petrol-ethanol blend',
    FuelBlend,
    FuelPropertiesOutput,
    (blend) => ok(fuelProperties(blend)),
  ),
  calculator(
    'fuel-demand',
    'fuel the engine uses, by power and by air, and whether the two agree',
    FuelDemandInput,
    FuelDemandOutput,
    ({ fuel, power, air }) => ok(fuelDemand(power, air, fuelProperties(fuel))),
  ),
  calculator(
    'injector',
    'flow, pulse width and duty of an injector set at the true pressure across the injector',
    InjectorInput,
    InjectorOutput,
    ({ set, point }) => {
      const answer = injectorAt(set, point)
      return answer
        ? ok(answer)
        : err([
            {
              code: 'noDifference',
              field: 'point.railPa',
              value: point.railPa,
              allowed: `above ${point.tipPa}, the tip`,
            },
          ])
    },
    [{ field: 'point.railPa', allowed: 'above point.tipPa' }],
  ),
  calculator(
    'pump-at-voltage',
    'pump curve and current at a voltage, from one or two tables',
    PumpAtVoltageInput,
    PumpAtVoltageOutput,
    (i) => {
      const at = pumpAtVoltage(i.tables, i.voltageV)
      return at.ok ? ok({ ...at.value, curve: [...at.value.curve], shutOff: { ...shutOffAt(i, i.voltageV) } }) : at
    },
    [
      ...pumpTableRules('tables'),
      { field: 'voltageV', allowed: 'a voltage at which this pump delivers against no pressure' },
    ],
  ),
  ...FUEL_STATION_CALCULATORS,
  ...EXHAUST_CALCULATORS,
  ...ENGINE_TOP_CALCULATORS,
  ...ENGINE_TOP_PLACES,
  ...POWER_CALCULATORS,
  ...HARNESS_CALCULATORS,
  ...HARNESS_BENCH_CALCULATORS,
]
