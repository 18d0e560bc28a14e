import { RANGES } from '../calculators/ranges.ts'
import { range, type Range } from '../field/figure.ts'

/** Allowed range of every figure a job stores, SI; the server and the screen refuse by the same table. */
export const FIELD_RANGES = {
  'vehicle.year': range(1885, 2100, ''),
  'vehicle.cylinders': range(1, 16, ''),
  'vehicle.displacementM3': RANGES.displacementM3,
  'vehicle.powerW': RANGES.powerW,
  'vehicle.powerSpeedRpm': range(500, 12_000, 'rev/min'),
  'vehicle.boostPa': range(0, 350e3, 'Pa'),
  'vehicle.idleSpeedRpm': range(200, 2500, 'rev/min'),
  'vehicle.idleManifoldPa': range(15e3, 101_325, 'Pa absolute'),
  'vehicle.cruiseSpeedRpm': range(500, 8000, 'rev/min'),
  'vehicle.cruiseManifoldPa': range(20e3, 101_325, 'Pa absolute'),
  'fuel.ethanolShare': RANGES.ethanolShare,
  'fuel.fuelTemperatureK': range(243.15, 353.15, 'K'),
  'fuel.setPressurePa': range(20e3, 1e6, 'Pa'),
  'fuel.injectorCount': range(1, 16, ''),
  'fuel.openingsPerCycle': RANGES.openingsPerCycle,
  'fuel.lowV': range(6, 16, 'V'),
  'fuel.runningV': range(6, 16, 'V'),
  'fuel.highV': range(6, 16, 'V'),
  'line.measuredBoreM': range(0.002, 0.03, 'm'),
  'line.lengthM': range(0, 20, 'm'),
  'line.riseM': range(-3, 3, 'm'),
  'line.bends90': range(0, 50, ''),
  'line.bends45': range(0, 50, ''),
  'line.connectors': range(0, 50, ''),
} as const satisfies Record<string, Range>

export type RangedField = keyof typeof FIELD_RANGES
