import fc from 'fast-check'
import { mostHeldDemandM3S, railWithFallingDemandPa, requiredRisePa } from './limits.ts'
import { pumpRiseAt } from './pumpCurve.ts'
import { solveFuelCircuit } from './solveFuelCircuit.ts'
import { arbCircuit, plainCircuit } from './test/circuits.ts'

const solve = (c: ReturnType<typeof plainCircuit>) => {
  const answer = solveFuelCircuit(c)
  if (!answer.ok) throw new Error(JSON.stringify(answer.error))
  return answer.value
}
const bare = { boreM: 0.02, lengthM: 0, roughnessM: 0, minorK: 0, riseM: 0 }

describe('limits of a circuit', () => {
  it('holds its most demand and not a per mille more', () => {
    fc.assert(
      fc.property(arbCircuit, (c) => {
        const most = mostHeldDemandM3S(c)
        if (most <= 1e-9) return
        const at = (demandM3S: number) => solve({ ...c, demandM3S }).state
        expect(at(most * 0.999)).not.toBe('not-held')
        expect(['not-held', 'starved']).toContain(at(most * 1.001))
      }),
      { seed: 51, numRuns: 400 },
    )
  })

  it('the system curve meets the pump curve at the operating point', () => {
    fc.assert(
      fc.property(arbCircuit, (c) => {
        const a = solve(c)
        if (a.state !== 'in-control' && a.state !== 'lifted') return
        if (a.returnFlowM3S === 0) return
        const pump = pumpRiseAt(c.pump.curve, a.pumpFlowM3S)
        expect(Math.abs(requiredRisePa(c, a.pumpFlowM3S) - pump)).toBeLessThan(1e-4 * (Math.abs(pump) + 1e5))
      }),
      { seed: 52, numRuns: 400 },
    )
  })

  it('injectors that pass less with falling pressure settle above the fixed-demand rail: 3.0 bar becomes 3.5', () => {
    // A pump that brings 0.866 of the demand at 3.0 bar (set 4.0) and falls straight: settles near 3.5 bar, 6.6 % lean.
    const c = plainCircuit({
      strainer: null,
      filter: null,
      feed: bare,
      return: null,
      demandM3S: 1e-4,
      pump: {
        curve: [
          { pressurePa: 300e3, flowM3S: 1e-4 },
          { pressurePa: 400e3, flowM3S: 0.866e-4 },
        ],
      },
      regulator: { type: 'return', setPressurePa: 400e3, fullOpen: null },
    })
    expect(solve(c).railPa).toBeCloseTo(300e3, 3)
    const settled = railWithFallingDemandPa(c, 0)!
    expect(settled / 1e5).toBeCloseTo(3.5, 1)
    expect(1 - Math.sqrt(settled / 4e5)).toBeCloseTo(0.066, 2)
  })

  it('gives the set figure for a system that is held', () => {
    expect(railWithFallingDemandPa(plainCircuit(), 0)! / 300e3).toBeCloseTo(1, 6)
  })
})
