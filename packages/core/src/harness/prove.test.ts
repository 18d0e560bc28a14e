import loadSolver from 'highs'
import { drawCar, findLoom, prove, readReport, type RouteCase, type Solver } from './index.ts'

/** A car with its control unit at one place only, as the exact run takes it. */
const atOnePlace = (input: RouteCase): RouteCase =>
  input.unit ? { ...input, unit: { ...input.unit, candidates: input.unit.candidates.slice(0, 1) } } : input

/** The package's types describe its CommonJS face: what is imported here is the loader itself. */
const load = loadSolver as unknown as (options: object) => Promise<Solver>

describe('the exact run', () => {
  it.each([1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12])(
    'car %i: proves what ruin and recreate found, minutes or number of broken rules',
    async (seed) => {
      const input = atOnePlace(
        drawCar({ seed, corridors: 16, circuits: 12, binding: seed % 2 === 0, candidates: 1, kits: seed % 3 === 0 }),
      )
      const plan = findLoom(input, { steps: 3000 })
      const solver = await load({ print: () => undefined, printErr: () => undefined })
      const proof = prove({ input, minutes: plan.cost.total, feasible: plan.feasible, seconds: 60 }, solver, () => null)
      expect(proof.proven).toBe(true)
      if (plan.feasible) {
        expect(proof.counts).toBe('minutes')
        expect(plan.cost.total / proof.found!).toBeLessThan(1.0002)
        expect(proof.found! / plan.cost.total).toBeLessThan(1.0002)
        expect(plan.bound!).toBeLessThanOrEqual(proof.found! * 1.0002)
      } else expect(proof).toMatchObject({ counts: 'rules', found: expect.closeTo(plan.broken.length, 6) as number })
    },
  )

  it('a run without a way has no program, and nothing is claimed', () => {
    const input: RouteCase = {
      corridors: [
        { id: 'a', from: 'p', to: 'q', lengthM: 1, temperatureK: 300 },
        { id: 'b', from: 'x', to: 'y', lengthM: 1, temperatureK: 300 },
      ],
      circuits: [{ id: 'w', from: 'p', to: 'y', class: 'c', diameterM: 0.002, limitK: 398 }],
      rates: { lay: 2, wire: 1, open: 4, bundle: 6, heat: 8, wet: 5, cross: 3, repin: 10, fold: 1 },
    }
    const never = {
      solve: () => {
        throw new Error('asked')
      },
    }
    const proof = prove({ input, minutes: 0, feasible: false, seconds: 1 }, never, () => null)
    expect(proof).toMatchObject({ proven: false, found: null, bound: null })
  })
})

describe('the solver’s report', () => {
  it('is read for its bound and gap, in any other line nothing', () => {
    const line = ' L       0       0         0   0.00%   480.1            492.5              2.52%     1020    120     10      1830     0.9s' // prettier-ignore
    expect(readReport(line)).toEqual({ bound: 480.1, gapShare: expect.closeTo(0.0252, 6) as number })
    expect(readReport('        12       3         5   1.50%   481.9            inf                  inf     1020    120     10      1830     0.9s')).toEqual({ bound: 481.9, gapShare: 1 }) // prettier-ignore
    expect(readReport('Solving report')).toBeNull()
  })
})
