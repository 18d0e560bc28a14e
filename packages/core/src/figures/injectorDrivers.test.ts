import { emptyJob } from '../job/index.ts'
import type { Architecture } from '../sections/index.ts'
import { driversByFiring, injectorDrivers } from './injectorDrivers.ts'

const BATCH: Architecture = { injection: 'port', build: 'from-parts', firing: 'batch', timing: 'none', trigger: 'coil', oxygenSensors: 1, fuelLoop: 'return', pumpPlace: 'in-tank' } // prettier-ignore
const jobOf = (cylinders: number, firingOrder: string | null, chosen: Architecture = BATCH) => {
  const job = emptyJob('Pipit')
  return {
    ...job,
    vehicle: { ...job.vehicle, cylinders },
    system: { ...job.system, chosen },
    walkAround: { ...job.walkAround, engine: { ...job.walkAround.engine, firingOrder } },
  }
}

describe('injectors on each driver', () => {
  it.each([
    [4, '1-3-4-2', [[1, 4], [3, 2]]],
    [4, '1-2-4-3', [[1, 4], [2, 3]]],
    [6, '1-5-3-6-2-4', [[1, 3], [2], [5, 6], [4]]],
    [8, '1-5-4-2-6-3-7-8', [[1, 4], [6, 7], [5, 2], [3, 8]]],
    [5, '1-2-4-5-3', [[1, 4], [3], [2, 5]]],
    [4, null, [[1, 3], [2, 4]]],
    [6, 'nonsense', [[1, 3], [5], [2, 4], [6]]],
  ] as const)('of a %d in batch, firing %s', (cylinders, order, drivers) => {
    const job = jobOf(cylinders, order)
    expect(injectorDrivers(job, BATCH)).toEqual(drivers)
    expect(driversByFiring(job)).toBe(order === null || order === 'nonsense' ? 'by-number' : 'read')
  }) // prettier-ignore
  it('are one each in sequence, and on a throttle body go by number', () => {
    const sequential = { ...BATCH, firing: 'sequential' as const }
    const body = { ...BATCH, injection: 'throttle-body-high' as const }
    expect(injectorDrivers(jobOf(3, '1-3-2', sequential), sequential)).toEqual([[1], [2], [3]])
    expect(injectorDrivers(jobOf(8, null, body), body)).toEqual([[1, 3], [2, 4]]) // prettier-ignore
    expect(driversByFiring(jobOf(3, '1-3-2', sequential))).toBeNull()
    expect(driversByFiring(jobOf(8, null, body))).toBeNull()
  })
})
