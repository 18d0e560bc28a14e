import fc from 'fast-check'
import type { FuelCircuit, FuelCircuitAnswer } from './circuitTypes.ts'
import { solveFuelCircuit } from './solveFuelCircuit.ts'
import { arbCircuit } from './test/circuits.ts'
import { slowSolve } from './test/slowSolver.ts'

const solve = (c: FuelCircuit): FuelCircuitAnswer => {
  const answer = solveFuelCircuit(c)
  if (!answer.ok) throw new Error(JSON.stringify(answer.error))
  return answer.value
}
/** Rail for comparisons: starved counts as nothing. */
const railOf = (c: FuelCircuit) => solve(c).railPa ?? 0
const slack = (pa: number) => 1e-6 * Math.abs(pa) + 1e-3

describe('fuel circuit, laws on random systems', () => {
  it('always answers, without NaN, and balances', () => {
    const seen: Record<string, number> = {}
    fc.assert(
      fc.property(arbCircuit, (c) => {
        const a = solve(c)
        seen[a.state] = (seen[a.state] ?? 0) + 1
        for (const [name, value] of Object.entries({ ...a, ...a.feed, r: a.return?.reynolds ?? 0 }))
          if (typeof value === 'number' && !Number.isFinite(value)) throw new Error(`${name} is ${value}`)
        expect(a.pumpFlowM3S).toBeGreaterThanOrEqual(0)
        expect(a.returnFlowM3S).toBeGreaterThanOrEqual(0)
      }),
      { seed: 11, numRuns: 6000 },
    )
    // The sample must hold every state, else it proves nothing.
    for (const state of ['in-control', 'not-held', 'lifted', 'starved']) expect(seen[state]).toBeGreaterThan(50)
  })

  it('agrees with a slow solver that works another way', () => {
    fc.assert(
      fc.property(arbCircuit, (c) => {
        const fast = solve(c)
        const slow = slowSolve(c)
        if (fast.state !== slow.state) {
          // Only on the very border between two states may the names differ.
          expect(Math.abs((fast.regulatedPa ?? 0) - slow.regulatedPa)).toBeLessThan(slack(slow.regulatedPa))
          return
        }
        if (fast.state === 'starved') return
        expect(Math.abs(fast.railPa! - slow.railPa)).toBeLessThan(1e-5 * (Math.abs(slow.regulatedPa) + 1e3))
        expect(Math.abs(fast.pumpFlowM3S - slow.pumpFlowM3S)).toBeLessThan(1e-5 * slow.pumpFlowM3S + 1e-12)
      }),
      { seed: 12, numRuns: 250 },
    )
  })

  it.each([
    {
      law: 'more feed bore never lowers the rail of a held or falling system',
      change: (c: FuelCircuit): FuelCircuit => ({ ...c, feed: { ...c.feed, boreM: 1.2 * c.feed.boreM } }),
    },
    {
      law: 'more bore of every piece of the feed never lowers the rail',
      change: (c: FuelCircuit): FuelCircuit => ({
        ...c,
        feed: {
          ...c.feed,
          boreM: 1.2 * c.feed.boreM,
          ...(c.feed.then && { then: c.feed.then.map((p) => ({ ...p, boreM: 1.2 * p.boreM })) }),
        },
      }),
    },
    {
      law: 'a suction line taken away never lowers the rail',
      change: (c: FuelCircuit): FuelCircuit => ({ ...c, suction: null }),
    },
    {
      law: 'less demand never lowers the rail',
      change: (c: FuelCircuit): FuelCircuit => ({ ...c, demandM3S: 0.7 * c.demandM3S }),
    },
    {
      law: 'a higher set pressure never lowers the rail',
      change: (c: FuelCircuit): FuelCircuit => ({
        ...c,
        regulator: { ...c.regulator, setPressurePa: c.regulator.setPressurePa + 2e4 },
      }),
    },
  ])('$law', ({ change }) => {
    fc.assert(
      fc.property(arbCircuit, (c) => {
        const before = railOf(c)
        expect(railOf(change(c))).toBeGreaterThanOrEqual(before - slack(before))
      }),
      { seed: 13, numRuns: 1500 },
    )
  })

  it('more return bore never raises the rail, nor lowers it below the effective set where it was held', () => {
    fc.assert(
      fc.property(arbCircuit, (c) => {
        if (!c.return) return
        const a = solve(c)
        const b = solve({
          ...c,
          return: { ...c.return, boreM: 1.3 * c.return.boreM, roughnessM: 1.3 * c.return.roughnessM },
        })
        expect(b.railPa ?? 0).toBeLessThanOrEqual((a.railPa ?? 0) + slack(a.railPa ?? 0))
        if (a.state === 'lifted' || a.state === 'in-control')
          expect(b.regulatedPa!).toBeGreaterThanOrEqual(b.effectiveSetPa - slack(b.effectiveSetPa))
      }),
      { seed: 14, numRuns: 1500 },
    )
  })

  it('names the return as cause exactly where a lossless one cures it', () => {
    fc.assert(
      fc.property(arbCircuit, (c) => {
        const a = solve(c)
        if (a.state !== 'lifted') return
        const cured = solve({ ...c, return: null }).state !== 'lifted'
        expect(a.cause).toBe(cured ? 'return' : 'regulator')
      }),
      { seed: 15, numRuns: 1500 },
    )
  })
})
