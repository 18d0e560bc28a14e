import { engineOnFuel, type EngineOnFuel } from '../engine/index.ts'
import { figureOf, injectionPlaceOf } from '../figures/index.ts'
import { type JobDocument } from '../job/index.ts'

/** Engine and fuel of a job at every moment that the design must stand. */
export const engineOfJob = (job: JobDocument): EngineOnFuel => {
  const get = (field: Parameters<typeof figureOf>[1]) => figureOf(job, field)
  const { aspiration, powerBasis } = job.vehicle
  return engineOnFuel(
    {
      aspiration,
      powerBasis,
      displacementM3: get('vehicle.displacementM3'),
      powerW: get('vehicle.powerW'),
      powerLaterW: job.system.powerLaterW,
      powerSpeedRpm: get('vehicle.powerSpeedRpm'),
      boostPa: get('vehicle.boostPa'),
      idleSpeedRpm: get('vehicle.idleSpeedRpm'),
      idleManifoldPa: get('vehicle.idleManifoldPa'),
      cruiseSpeedRpm: get('vehicle.cruiseSpeedRpm'),
      cruiseManifoldPa: get('vehicle.cruiseManifoldPa'),
    },
    {
      ethanolShare: get('fuel.ethanolShare'),
      temperatureK: get('fuel.fuelTemperatureK'),
      hottestK: get('fuel.hotFuelK'),
      altitudeM: get('fuel.altitudeM'),
      voltageV: { low: get('fuel.lowV'), running: get('fuel.runningV'), high: get('fuel.highV') },
      referenced: job.fuel.referenced,
      abovePlate: injectionPlaceOf(job) === 'above-plate',
    },
  )
}
