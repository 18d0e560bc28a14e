import type { FuelLoop, InjectionPlace } from './fuel.ts'
import type { JobDocument } from './jobDocument.ts'

/** How the fuel comes and goes: decided at the fuel station, else as the chosen system wants it, else with a return. */
export const fuelLoopOf = (job: JobDocument): FuelLoop => job.fuel.systemType ?? job.system.chosen?.fuelLoop ?? 'return'

/** Where fuel enters: decided at the fuel station, else as the chosen system wants it, else above the plate. */
export const injectionPlaceOf = (job: JobDocument): InjectionPlace =>
  job.fuel.injectionPlace ?? (job.system.chosen?.injection === 'port' ? 'port' : 'above-plate')

/** Whether the pump hangs in the tank: as chosen, else as the system wants it. */
export const pumpInTank = (job: JobDocument): boolean =>
  job.fuel.pump ? job.fuel.pump.mount !== 'in-line' : job.system.chosen?.pumpPlace === 'in-tank'
