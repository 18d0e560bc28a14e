import type { JobDocument } from '../../job/index.ts'
import { withValueAt } from '../../shape/index.ts'
import { boss, soundExhaust } from '../../stations/exhaust/test/exhausts.ts'
import { controller as ecu } from '../../stations/harness/test/jobs.ts'

export const CATALOGUE = { pumps: [], injectors: [], hoses: [], fittings: [], filters: [], regulators: [], controllers: [], sensors: [], bungs: [boss] } // prettier-ignore

const sound = soundExhaust()
/** A job with an exhaust, a pump in the tank and a system, on which every question of the survey means something. */
export const BASE: JobDocument = {
  ...sound,
  system: {
    ...sound.system,
    chosen: {
      injection: 'throttle-body-high',
      build: 'from-parts',
      firing: 'batch',
      timing: 'controlled-distributor',
      trigger: 'crank-wheel',
      oxygenSensors: 1,
      fuelLoop: 'return',
      pumpPlace: 'in-tank',
    },
    controller: { ...ecu(null), name: 'Tarn T3', revision: 'B', connectors: 'A 24', pumpSwitch: '1 return; 2 single-line', marketSwitch: '1 10; 2 85', digitalInputs: 1, knockInput: false }, // prettier-ignore
  },
  fuel: { ...sound.fuel, pump: { id: 'p', name: 'Pump', priceClass: 2, mount: 'in-tank', works: 'turbine', reliefPa: null, tables: [{ voltageV: 13.5, points: [{ pressurePa: 0, flowM3S: 5e-5, currentA: 5 }, { pressurePa: 6e5, flowM3S: 0, currentA: 9 }] }], noiseClass: 2, hangerM: 0.2, hatHeightM: 0.02 } }, // prettier-ignore
  harness: { ...sound.harness, plan: 'unitary' },
}

/** The job with something else at some of its places. */
export const at = (job: JobDocument, entries: Readonly<Record<string, unknown>>): JobDocument =>
  Object.entries(entries).reduce((j, [path, value]) => withValueAt(j, path, value), job)
