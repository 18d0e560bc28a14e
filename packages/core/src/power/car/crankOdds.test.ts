import { carSupplyOf } from '../../figures/index.ts'
import { poweredJob } from '../../stations/power/test/powered.ts'
import { CRANK_INPUTS, crankOdds, rankCorrelation, wilson, type CrankSpread } from './crankOdds.ts'

const supply = carSupplyOf(poweredJob())
const NONE = Object.fromEntries(CRANK_INPUTS.map((i) => [i, 0])) as unknown as CrankSpread
const SOME: CrankSpread = { battery: 0.3, age: 0.3, charge: 0.1, temperatureK: 5, joints: 0.5, starter: 0.15, friction: 0.15 } // prettier-ignore
const needs = { leastRpm: 80, railLeastV: null }

describe('probability that it starts', () => {
  it.each([
    // Wilson 1927, by hand: (p + z²/2n ± z sqrt(p(1 - p)/n + z²/4n²))/(1 + z²/n).
    { starts: 50, draws: 100, low: 0.4038, high: 0.5962 },
    { starts: 0, draws: 1000, low: 0, high: 0.00383 },
    { starts: 1000, draws: 1000, low: 0.99617, high: 1 },
  ])('$starts of $draws: $low to $high', ({ starts, draws, low, high }) => {
    expect(wilson(starts, draws)[0]).toBeCloseTo(low, 4)
    expect(wilson(starts, draws)[1]).toBeCloseTo(high, 4)
  })
  it('ranks that run together are 1, against one another -1', () => {
    expect(rankCorrelation([1, 2, 3, 4], [10, 20, 40, 80])).toBeCloseTo(1, 12)
    expect(rankCorrelation([1, 2, 3, 4], [4, 3, 2, 1])).toBeCloseTo(-1, 12)
  })
  it('without any spread every start is the same, and it starts or it does not', () => {
    expect(crankOdds(supply, NONE, needs, { draws: 5, seed: 1 })).toMatchObject({ starts: 5, share: 1 })
    expect(crankOdds(supply, NONE, { ...needs, leastRpm: 900 }, { draws: 5, seed: 1 })).toMatchObject({
      starts: 0,
      failedBy: { speed: 5, ecu: 0, rail: 0 },
    })
  })
  it('the same seed gives the same odds; a pump that needs more volts never starts more often', () => {
    const at = (railLeastV: number | null) =>
      crankOdds(supply, SOME, { leastRpm: 80, railLeastV }, { draws: 60, seed: 7 })
    expect(at(null)).toEqual(at(null))
    expect(at(8).starts).toBeLessThanOrEqual(at(null).starts)
    expect(at(11).starts).toBeLessThanOrEqual(at(8).starts)
  })
  it('what varies alone is what the outcome follows', () => {
    const { follows } = crankOdds(supply, { ...NONE, battery: 0.5 }, needs, { draws: 80, seed: 3 })
    expect(follows[0]).toMatchObject({ input: 'battery' })
    expect(follows[0]!.rank).toBeGreaterThan(0.7)
    expect(follows.slice(1).every((f) => f.rank === 0)).toBe(true)
  })
})
