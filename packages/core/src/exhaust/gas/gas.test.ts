import fc from 'fast-check'
import { exhaustCpJKgK, exhaustDensityKgM3, exhaustWater } from './exhaustGas.ts'
import { cooledK, coolingLengthM, marchPipe, mixedGasK, nusseltInside, pipeHeat, type MarchPiece } from './pipeHeat.ts'
import { reversion } from './reversion.ts'
import { turbineDropK } from './runHeat.ts'
import { sensorDelay } from './sensorDelay.ts'
import { hexagonTimeS, wallWarmUpS } from './wallWarmUp.ts'

const C = 273.15

describe('exhaust gas', () => {
  it.each([
    [300, 1070],
    [1000, 1270],
    [650, 1170],
  ])('specific heat at %d K is %d J/(kg K)', (t, cp) => expect(exhaustCpJKgK(t)).toBeCloseTo(cp, 6))
  it('density at 400 °C and sea level: 101325/(288.7 x 673.15)', () =>
    expect(exhaustDensityKgM3(400 + C)).toBeCloseTo(0.5214, 4))

  // Literature: petrol 51 to 53 °C, lean 47, E85 58, at 80 kPa 47.
  it.each([
    ['petrol', 0, 1, 101_325, 52],
    ['rich petrol counts as lambda 1', 0, 0.8, 101_325, 52],
    ['lean petrol', 0, 1.25, 101_325, 48],
    ['85 % ethanol', 0.85, 1, 101_325, 58.5],
    ['petrol at 80 kPa', 0, 1, 80e3, 47],
  ])('dew point of %s', (_n, ethanol, lambda, pa, wantedC) =>
    expect(Math.abs(exhaustWater(ethanol, lambda, pa).dewPointK - C - wantedC)).toBeLessThan(1.2),
  )
})

describe('cooling along a pipe', () => {
  // 300 + 600 e^-0.5; 0.01 x 1200/(20 pi 0.05).
  it.each([
    { inK: 900, ambientK: 300, xM: 1, lengthM: 2, outK: 663.918 },
    { inK: 900, ambientK: 300, xM: 0, lengthM: 2, outK: 900 },
    { inK: 700, ambientK: 310, xM: 3, lengthM: 3, outK: 453.473 },
  ])('$inK K after $xM m at Lc $lengthM m', ({ outK, inK, ambientK, xM, lengthM }) =>
    expect(cooledK(inK, ambientK, xM, lengthM)).toBeCloseTo(outK, 3),
  )
  it('cooling length 0.01 kg/s, 1200 J/(kg K), 20 W/(m² K), 50 mm', () =>
    expect(coolingLengthM(0.01, 1200, 20, 0.05)).toBeCloseTo(3.8197, 4))
  it.each([
    [10, 4],
    [1400, 16.02],
    [10_000, 70],
  ])('Nu at Re %d is %d', (re, nu) => expect(nusseltInside(re)).toBeCloseTo(nu, 1))

  const idle = { massKgS: 0.0045, boreM: 0.05, gasK: 550, ambientK: 313, outsideWM2K: 10, cover: 'bare' } as const
  const full = { massKgS: 0.09, boreM: 0.055, gasK: 1100, ambientK: 308, outsideWM2K: 45, cover: 'bare' } as const
  it('a bare pipe at idle: film 19 to 25 with radiation, Lc 2.3 to 3.2 m', () => {
    const h = pipeHeat(idle)
    expect(h.outsideWM2K).toBeGreaterThan(17)
    expect(h.outsideWM2K).toBeLessThan(25)
    expect(h.coolingLengthM).toBeGreaterThan(2.2)
    expect(h.coolingLengthM).toBeLessThan(3.6)
  })
  it('at full load: film 90 to 115, Lc 7 to 12 m, wall between gas and air', () => {
    const h = pipeHeat(full)
    expect(h.outsideWM2K).toBeGreaterThan(90)
    expect(h.outsideWM2K).toBeLessThan(125)
    expect(h.coolingLengthM).toBeGreaterThan(7)
    expect(h.coolingLengthM).toBeLessThan(14)
    // T_w = T_g - (U/h_i)(T_g - T_a)
    expect(h.wallK).toBeCloseTo(1100 - (h.overallWM2K / h.insideWM2K) * (1100 - 308), 6)
  })
  it.each(['wrapped', 'coated'] as const)('a %s pipe keeps gas and wall hotter', (cover) => {
    const [bare, covered] = [pipeHeat(full), pipeHeat({ ...full, cover })]
    expect(covered.wallK).toBeGreaterThan(bare.wallK)
    expect(covered.coolingLengthM).toBeGreaterThan(bare.coolingLengthM)
  })

  const arbPiece: fc.Arbitrary<MarchPiece> = fc.record({
    lengthM: fc.double({ min: 0.005, max: 3, noNaN: true }),
    boreM: fc.double({ min: 0.02, max: 0.12, noNaN: true }),
    count: fc.integer({ min: 1, max: 4 }),
    cover: fc.constantFrom('bare', 'wrapped', 'coated'),
  })
  it('never cools below the air or heats above what comes in; wall between both; heat balances', () => {
    fc.assert(
      fc.property(
        fc.array(arbPiece, { minLength: 1, maxLength: 5 }),
        fc.double({ min: 1e-3, max: 0.3, noNaN: true }),
        fc.double({ min: 320, max: 1200, noNaN: true }),
        (pieces, massKgS, inK) => {
          const { slices, outK } = marchPipe({ pieces, massKgS, inK, ambientK: 300, outsideWM2K: 20 })
          expect(outK).toBeLessThanOrEqual(inK)
          expect(outK).toBeGreaterThanOrEqual(300)
          for (const s of slices) {
            expect(s.wallK).toBeLessThanOrEqual(s.gasK + 1e-6)
            expect(s.wallK).toBeGreaterThanOrEqual(300 - 1e-6)
            expect(s.dwellS).toBeGreaterThan(0)
          }
        },
      ),
      { seed: 51, numRuns: 200 },
    )
  })
  it('finer pieces give the same gas as one long piece', () => {
    const one = marchPipe({ pieces: [{ lengthM: 2, boreM: 0.05, count: 1, cover: 'bare' }], massKgS: 0.02, inK: 800, ambientK: 300, outsideWM2K: 20 }) // prettier-ignore
    const many = marchPipe({ pieces: Array.from({ length: 100 }, () => ({ lengthM: 0.02, boreM: 0.05, count: 1, cover: 'bare' as const })), massKgS: 0.02, inK: 800, ambientK: 300, outsideWM2K: 20 }) // prettier-ignore
    expect(Math.abs(one.outK - many.outK)).toBeLessThan(1)
  })
  it('downstream of a merge the gas is never hotter than the hottest that comes in, nor cooler than the coolest', () => {
    const stream = fc.record({
      massKgS: fc.double({ min: 1e-4, max: 0.2, noNaN: true }),
      gasK: fc.double({ min: 300, max: 1300, noNaN: true }),
    })
    fc.assert(
      fc.property(fc.array(stream, { minLength: 1, maxLength: 8 }), (streams) => {
        const mixed = mixedGasK(streams)
        const all = streams.map((s) => s.gasK)
        expect(mixed).toBeLessThanOrEqual(Math.max(...all) + 1e-9)
        expect(mixed).toBeGreaterThanOrEqual(Math.min(...all) - 1e-9)
      }),
      { seed: 52, numRuns: 400 },
    )
  })
  it('equal streams mix to their mean, heavier ones pull', () => {
    expect(mixedGasK([{ massKgS: 1, gasK: 500 }, { massKgS: 1, gasK: 500 }])).toBeCloseTo(500, 9) // prettier-ignore
    expect(mixedGasK([{ massKgS: 3, gasK: 400 }, { massKgS: 1, gasK: 800 }])).toBeGreaterThan(500) // prettier-ignore
  })
  it('a turbine without boost takes nothing out, at twice the pressure about a tenth', () => {
    expect(turbineDropK(1100, 1)).toBe(0)
    // 1100 x 0.65 x (1 - 2^-0.2481) = 112.9
    expect(turbineDropK(1100, 2)).toBeCloseTo(112.9, 0)
  })
})

describe('from injection to reading', () => {
  // The bank of a big vee-eight, 4 L to its sensor: 160 + 413, 60 + 98, 24 + 10 ms.
  it.each([
    [750, 0.413, 0.16],
    [2000, 0.098, 0.06],
    [5000, 0.01, 0.024],
  ])('%d rpm, %d s of gas: cycle %d s', (speedRpm, transportS, cycleS) => {
    const sensorS = { low: 0.05, typical: 0.08, high: 0.1 }
    const d = sensorDelay({ speedRpm, transportS, sensorS, filmS: 0 })
    expect(d.cycleS.typical).toBeCloseTo(cycleS, 3)
    expect(d.deadS.typical).toBeCloseTo(cycleS + transportS, 9)
    expect(d.totalS.typical).toBeCloseTo(cycleS + transportS + 0.08, 9)
    expect(d.leastIntegralS.typical).toBeCloseTo(2 * (cycleS + transportS + 0.08), 9)
    expect(d.cycleS.low / d.cycleS.typical).toBeCloseTo(0.75, 9)
    expect(d.cycleS.high / d.cycleS.typical).toBeCloseTo(1.75, 9)
  })
})

describe('outside air in the tail', () => {
  const idle = {
    gasKgS: 0.005,
    speedRpm: 800,
    cylinders: 4,
    tailK: 400,
    tail: [{ lengthM: 3, areaM2: (Math.PI / 4) * 0.045 ** 2 }],
    tailAfterM: 1,
  }
  it('one pulse: 0.005 x 120/(800 x 4) x 288.7 x 400/101325 over the pipe', () => {
    const r = reversion(idle)
    // 1.875e-4 kg is 2.137e-4 m³; over 1.590e-3 m² that is 134 mm.
    expect(r.pulseM3).toBeCloseTo(2.137e-4, 7)
    expect(r.displacementM).toBeCloseTo(0.1344, 4)
    expect(r.marginM).toBeCloseTo(0.8656, 4)
  })
  it('a longer tail never worsens the margin', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 4, noNaN: true }),
        fc.double({ min: 0, max: 2, noNaN: true }),
        fc.double({ min: 320, max: 800, noNaN: true }),
        (tailAfterM, more, tailK) =>
          expect(reversion({ ...idle, tailAfterM: tailAfterM + more, tailK }).marginM).toBeGreaterThanOrEqual(
            reversion({ ...idle, tailAfterM, tailK }).marginM,
          ),
      ),
      { seed: 53, numRuns: 200 },
    )
  })
})

describe('walls that warm up', () => {
  const pieces = [{ lengthM: 1, boreM: 0.047, count: 1, cover: 'bare' as const, wallM: 0.0015 }]
  const cold = { pieces, massKgS: 0.005, inK: 650, ambientK: 283, outsideWM2K: 10, wantedK: 325 }
  it('takes tens of seconds, longer with more pipe, less with more gas', () => {
    const seconds = wallWarmUpS(cold)!
    expect(seconds).toBeGreaterThan(15)
    expect(seconds).toBeLessThan(120)
    expect(wallWarmUpS({ ...cold, pieces: [{ ...pieces[0]!, lengthM: 2 }] })!).toBeGreaterThan(seconds)
    expect(wallWarmUpS({ ...cold, massKgS: 0.02 })!).toBeLessThan(seconds)
  })
  it('is dry at once where it is warm, and never where the gas is too cold', () => {
    expect(wallWarmUpS({ ...cold, wantedK: 280 })).toBe(0)
    expect(wallWarmUpS({ ...cold, inK: 320 })).toBeNull()
  })
  const hex = { beforeK: 600, settlesK: 900, limitK: 773, insideWM2K: 150, outsideWM2K: 100, bossM: 0.006 }
  it('the housing follows first-order: 94.2 s ln(300/127)', () =>
    expect(hexagonTimeS(hex)).toBeCloseTo(94.2 * Math.log(300 / 127), 1))
  it.each([
    ['never where it settles below', { ...hex, settlesK: 770 }, null],
    ['at once where it stands above already', { ...hex, beforeK: 780 }, 0],
  ])('%s', (_n, c, wanted) => expect(hexagonTimeS(c)).toBe(wanted))
})
