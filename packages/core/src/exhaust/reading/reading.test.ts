import fc from 'fast-check'
import { exhaustLeak, steeredLambda, type LeakCase } from './leak.ts'
import { deadCylinder, readingOfRich, richMisfireShare } from './misfire.ts'
import { shownReading } from './shownReading.ts'
import { permissionMap, type PermissionCase } from './permission.ts'

const leak: LeakCase = {
  holeM: 0.003,
  suctionPa: { low: 100, typical: 1000, high: 3000 },
  suckingShare: 0.5,
  airKgS: 0.003,
  lambda: 1,
  target: 1,
  correctionLimit: 0.25,
}

describe('a display with an end to its scale', () => {
  // 20 : 1 with petrol of 14.7 : 1 is lambda 1.361; 30 : 1 is 2.041.
  it.each([
    [1.2, 1.361, { lambda: 1.2, pinned: false }],
    [1.361, 1.361, { lambda: 1.361, pinned: true }],
    [1.333, 1.361, { lambda: 1.333, pinned: false }],
    [2, 1.361, { lambda: 1.361, pinned: true }],
    [2, 2.041, { lambda: 2, pinned: false }],
    [9, null, { lambda: 9, pinned: false }],
  ])('%d on a scale to %p', (lambda, end, shown) => expect(shownReading(lambda, end)).toEqual(shown))
})

describe('a leak ahead of the sensor', () => {
  // 0.62 x 7.069e-6 m² x sqrt(2 x 1.2 x 1000) x 0.5 = 1.0735e-4 kg/s
  it('3 mm at 1 kPa lets in 0.107 g/s: 3.6 % of the air of a small bank at idle', () => {
    const a = exhaustLeak(leak)
    expect(a.share.typical).toBeCloseTo(0.03578, 4)
    expect(a.reads.typical).toBeCloseTo(1.03578, 4)
    expect(a.real.typical).toBeCloseTo(1 / 1.03578, 4)
    expect(a.atLimit).toBe(false)
  })
  // The trade's bands: 1 mm 0.1 to 0.5 %, 3 mm 0.6 to 5 %, 5 mm 2 to 14 % at idle; 3 mm about 0.2 % at full load.
  it.each([
    [0.001, 0.003, 0.001, 0.007],
    [0.003, 0.003, 0.006, 0.065],
    [0.005, 0.003, 0.02, 0.18],
    [0.003, 0.06, 0.0005, 0.004],
  ])('a hole of %d m with %d kg/s lies within the band', (holeM, airKgS, least, most) => {
    const { share } = exhaustLeak({ ...leak, holeM, airKgS })
    expect(share.low).toBeGreaterThanOrEqual(least * 0.5)
    expect(share.high).toBeLessThanOrEqual(most)
  })
  it.each([
    { share: 0.1, lambda: 1, correctionLimit: 0.25, real: 1 / 1.1 },
    { share: 0.5, lambda: 1, correctionLimit: 0.25, real: 0.8 },
    { share: 0.5, lambda: 1.1, correctionLimit: 0.1, real: 1 },
    { share: 0, lambda: 1, correctionLimit: 0.25, real: 1 },
    // A table at 0.8, and a loop that may take away a tenth: 0.8/0.9, not 1.
    { share: 0, lambda: 0.8, correctionLimit: 0.1, real: 0.8 / 0.9 },
    { share: 0.05, lambda: 0.8, correctionLimit: 0.1, real: 0.8 / 0.9 },
    { share: 0.3, lambda: 0.8, correctionLimit: 0.1, real: 1 / 1.3 },
    { share: 0, lambda: 0.8, correctionLimit: 1, real: 1 },
  ])('$share of false air, limit $correctionLimit: the engine gets $real', ({ real, ...c }) =>
    expect(steeredLambda({ ...c, target: 1 })).toBeCloseTo(real, 9),
  )
  it('a bigger hole never makes the engine leaner, more air never the share larger', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 0.01, noNaN: true }),
        fc.double({ min: 0, max: 0.01, noNaN: true }),
        fc.double({ min: 1e-3, max: 0.2, noNaN: true }),
        (d, more, airKgS) => {
          const small = exhaustLeak({ ...leak, holeM: d, airKgS })
          const big = exhaustLeak({ ...leak, holeM: d + more, airKgS })
          expect(big.real.typical).toBeLessThanOrEqual(small.real.typical + 1e-12)
          expect(exhaustLeak({ ...leak, holeM: d, airKgS: airKgS * 2 }).share.typical).toBeLessThanOrEqual(
            small.share.typical + 1e-12,
          )
          expect(big.real.typical).toBeGreaterThanOrEqual(leak.lambda / 1.25 - 1e-12)
        },
      ),
      { seed: 54, numRuns: 300 },
    )
  })
})

describe('cylinders that do not burn', () => {
  it('the loop takes no more away than it may', () => {
    const dead = deadCylinder({ cylinders: 8, rawShare: 0.5, lambda: 0.8, target: 1, correctionLimit: 0.1 })!
    // It would steer the living seven to 7.5/8 = 0.9375; it ends at 0.8/0.9.
    expect([dead.livingRun, dead.atLimit]).toEqual([expect.closeTo(0.8 / 0.9, 9), true])
  })
  it.each([
    { cylinders: 4, rawShare: 0, reads: 1.3333, livingRun: 0.8 },
    { cylinders: 4, rawShare: 0.5, reads: 1.142857, livingRun: 0.875 },
    { cylinders: 8, rawShare: 0, reads: 1.142857, livingRun: 0.875 },
    { cylinders: 8, rawShare: 0.3, reads: 1.0959, livingRun: 0.9125 },
  ])(
    'one of $cylinders dead, raw share $rawShare: reads $reads, the others run at $livingRun',
    ({ reads, livingRun, ...c }) => {
      const a = deadCylinder({ ...c, lambda: 1, target: 1, correctionLimit: 0.25 })!
      expect(a.reads).toBeCloseTo(reads, 4)
      expect(a.livingRun).toBeCloseTo(livingRun, 4)
    },
  )
  it('the limit of the correction holds the others, and a lone dead cylinder has no reading', () => {
    expect(deadCylinder({ cylinders: 2, rawShare: 0, lambda: 1, target: 1, correctionLimit: 0.1 })).toMatchObject({
      livingRun: 1 / 1.1,
      atLimit: true,
    })
    expect(deadCylinder({ cylinders: 1, rawShare: 0, lambda: 1, target: 1, correctionLimit: 0.1 })).toBeNull()
  })
  it('too rich to burn turns the reading lean', () => {
    expect(richMisfireShare(0.62)).toBeCloseTo(0.5, 9)
    expect(readingOfRich(1, 0.25)).toBeCloseTo(1, 3)
    expect(readingOfRich(0.8, 0.25)).toBeLessThan(0.82)
    // f = 0.731: 0.58/(0.269 + 0.25 x 0.731) = 1.284
    expect(readingOfRich(0.58, 0.25)).toBeCloseTo(1.284, 2)
    expect(readingOfRich(0.55, 0)).toBeGreaterThan(2)
  })
})

describe('where the reading may be used', () => {
  const base: PermissionCase = {
    overlap: 'mild',
    idleManifoldPa: 40e3,
    cylinders: 4,
    displacementM3: 2e-3,
    leakKgS: 0,
    airShare: 1,
    tailAfterM: 2,
    tail: [{ lengthM: 3, areaM2: (Math.PI / 4) * 0.045 ** 2 }],
    kind: 'wideband',
    never: null,
  }
  const at = (c: Partial<PermissionCase>, speedRpm: number, manifoldPa: number) =>
    permissionMap({ ...base, ...c }, [speedRpm], [manifoldPa])[0]!
  it.each([
    ['mild cam, idle', {}, 800, 40e3, 'may'],
    ['cruise', {}, 2500, 55e3, 'may'],
    ['full load, wide', {}, 4000, 95e3, 'careful'],
    ['full load, narrow', { kind: 'narrowband' }, 4000, 95e3, 'must-not'],
    ['sporting cam, idle', { overlap: 'sporting' }, 900, 45e3, 'must-not'],
    ['sporting cam, just above', { overlap: 'sporting' }, 1500, 45e3, 'careful'],
    ['sporting cam, cruise', { overlap: 'sporting' }, 2500, 55e3, 'may'],
    ['wild cam, low', { overlap: 'wild' }, 1800, 50e3, 'must-not'],
    ['wild cam that idles at little vacuum', { overlap: 'wild', idleManifoldPa: 76e3 }, 900, 75e3, 'must-not'],
    ['leak at idle', { leakKgS: 3e-4 }, 800, 35e3, 'must-not'],
    ['leak at load', { leakKgS: 3e-4 }, 4000, 80e3, 'may'],
    ['hardly any tail', { tailAfterM: 0.05 }, 800, 45e3, 'must-not'],
    ['air pumped in', { never: 'air is pumped in' }, 2500, 55e3, 'must-not'],
  ] as const)('%s', (_n, c, rpm, pa, steering) => expect(at(c, rpm, pa).steering).toBe(steering))
  it('a bigger leak never opens a cell', () => {
    const rank = { may: 0, careful: 1, 'must-not': 2 }
    const speeds = [800, 1500, 3000, 5000]
    const loads = [30e3, 50e3, 70e3, 95e3]
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1e-3, noNaN: true }),
        fc.double({ min: 0, max: 1e-3, noNaN: true }),
        (a, b) => {
          const small = permissionMap({ ...base, leakKgS: a }, speeds, loads)
          const big = permissionMap({ ...base, leakKgS: a + b }, speeds, loads)
          small.forEach((cell, i) => expect(rank[big[i]!.steering]).toBeGreaterThanOrEqual(rank[cell.steering]))
        },
      ),
      { seed: 55, numRuns: 100 },
    )
  })
})
