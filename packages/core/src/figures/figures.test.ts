import { assumptionsOf, figureOf, type FigureField } from './figures.ts'
import { emptyJob, type JobDocument } from '../job/index.ts'

const job = emptyJob('x')
const withVehicle = (change: Partial<JobDocument['vehicle']>): JobDocument => ({
  ...job,
  vehicle: { ...job.vehicle, ...change },
})
const withFuel = (change: Partial<JobDocument['fuel']>): JobDocument => ({ ...job, fuel: { ...job.fuel, ...change } })

describe('what is assumed', () => {
  it.each<[string, JobDocument, FigureField, number]>([
    ['half a litre per cylinder', withVehicle({ cylinders: 8 }), 'vehicle.displacementM3', 4e-3],
    ['40 kW a litre', withVehicle({ displacementM3: 2e-3 }), 'vehicle.powerW', 80e3],
    [
      '60 kW a litre when blown',
      withVehicle({ displacementM3: 2e-3, aspiration: 'turbocharged' }),
      'vehicle.powerW',
      120e3,
    ],
    ['no boost unblown, whatever stands there', withVehicle({ boostPa: 50e3 }), 'vehicle.boostPa', 0],
    ['half a bar when blown', withVehicle({ aspiration: 'supercharged' }), 'vehicle.boostPa', 50e3],
    ['100 kPa at a throttle body', job, 'fuel.setPressurePa', 100e3],
    ['300 kPa in ports', withFuel({ injectionPlace: 'port' }), 'fuel.setPressurePa', 300e3],
    [
      'one injector a cylinder in ports',
      { ...withFuel({ injectionPlace: 'port' }), vehicle: { ...job.vehicle, cylinders: 5 } },
      'fuel.injectorCount',
      5,
    ],
    [
      'a return as long as the feed',
      withFuel({ feed: { ...job.fuel.feed, lengthM: 2.5 } }),
      'fuel.return.lengthM',
      2.5,
    ],
    [
      'a return that falls what the feed rises',
      withFuel({ feed: { ...job.fuel.feed, riseM: 0.7 } }),
      'fuel.return.riseM',
      -0.7,
    ],
  ])('%s', (_name, of, field, expected) => expect(figureOf(of, field)).toBeCloseTo(expected, 9))

  it('a measured figure always wins and is no longer listed', () => {
    const measured = withVehicle({ displacementM3: 3.3e-3 })
    expect(figureOf(measured, 'vehicle.displacementM3')).toBe(3.3e-3)
    expect(assumptionsOf(measured, 'fuel').map((a) => a.field)).not.toContain('vehicle.displacementM3')
    expect(assumptionsOf(job, 'fuel').map((a) => a.field)).toContain('vehicle.displacementM3')
  })

  it('zero is a measured figure, not an unknown', () => {
    const level = withFuel({ feed: { ...job.fuel.feed, riseM: 0 } })
    expect(figureOf(level, 'fuel.feed.riseM')).toBe(0)
    expect(assumptionsOf(level, 'fuel').map((a) => a.field)).not.toContain('fuel.feed.riseM')
  })

  it('asks for nothing that the design has not: no boost unblown, no return in a returnless', () => {
    const fields = assumptionsOf(withFuel({ systemType: 'single-line' }), 'fuel').map((a) => a.field)
    expect(fields).not.toContain('vehicle.boostPa')
    expect(fields.filter((f) => f.startsWith('fuel.return'))).toEqual([])
  })

  it('gives each a reason and a figure', () => {
    for (const a of assumptionsOf(job, 'fuel')) {
      expect(a.why.length).toBeGreaterThan(4)
      expect(Number.isFinite(a.si)).toBe(true)
    }
  })
})
