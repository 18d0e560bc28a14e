import { injectorAt } from './injector.ts'

const set = { count: 6, ratedFlowM3S: 4e-6, ratedPressurePa: 300e3, deadTimeS: 1e-3 }
const point = { railPa: 300e3, tipPa: 0, fuelDensityKgM3: 684, demandKgS: 6e-3, speedRpm: 6000, openingsPerCycle: 1 }

describe('injector set', () => {
  it('at its rated pressure on its test fluid passes its rated flow', () => {
    // 4e-6 x 684 = 2.736e-3 kg/s; 6e-3/(6 x 2.736e-3 x 50/s) = 7.310 ms, + 1 ms, x 50/s = 41.55 %
    const a = injectorAt(set, point)!
    expect(a.staticKgS * 1e3).toBeCloseTo(2.736, 6)
    expect(a.pulseS * 1e3).toBeCloseTo(8.31, 2)
    expect(a.duty).toBeCloseTo(0.4155, 4)
  })

  it.each([
    { openingsPerCycle: 1, share: 0.8 },
    { openingsPerCycle: 2, share: 0.75 },
    { openingsPerCycle: 4, share: 0.65 },
  ])(
    'at 6000 rpm with 1 ms of dead time $openingsPerCycle openings leave $share of capacity',
    ({ openingsPerCycle, share }) => {
      const a = injectorAt(set, { ...point, openingsPerCycle })!
      expect(a.capacityKgS / (6 * a.staticKgS)).toBeCloseTo(share, 9)
    },
  )

  it('flows with the square root of pressure difference and density', () => {
    const base = injectorAt(set, point)!.staticKgS
    expect(injectorAt(set, { ...point, railPa: 400e3, tipPa: 100e3 })!.staticKgS).toBeCloseTo(base, 12)
    expect(injectorAt(set, { ...point, railPa: 1.2e6 })!.staticKgS / base).toBeCloseTo(2, 9)
    // Petrol of 745 kg/m³ on a 684 rating: +4.4 % by mass
    expect(injectorAt(set, { ...point, fuelDensityKgM3: 745 })!.staticKgS / base).toBeCloseTo(1.0436, 4)
  })

  it('a big throttle body: effective 2.7 ms at one opening per cycle, 0.7 ms at four', () => {
    // Four injectors of 80 lb/h (10.08 g/s each on the test fluid); idle of 5 L at 750 rpm takes about 0.68 g/s
    const big = { count: 4, ratedFlowM3S: 10.08e-3 / 684, ratedPressurePa: 300e3, deadTimeS: 1e-3 }
    const idle = { ...point, demandKgS: 0.68e-3, speedRpm: 750 }
    expect(injectorAt(big, idle)!.effectiveS * 1e3).toBeCloseTo(2.7, 1)
    expect(injectorAt(big, { ...idle, openingsPerCycle: 4 })!.effectiveS * 1e3).toBeCloseTo(0.67, 1)
  })

  it('commands nothing when nothing is wanted, and has no answer when the rail is not above the tip', () => {
    expect(injectorAt(set, { ...point, demandKgS: 0 })).toMatchObject({ pulseS: 0, duty: 0 })
    expect(injectorAt(set, { ...point, tipPa: 300e3 })).toBeNull()
  })
})
