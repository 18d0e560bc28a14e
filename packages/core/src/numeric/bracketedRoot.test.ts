import fc from 'fast-check'
import { fallingRoot } from './bracketedRoot.ts'

describe('root of a falling function', () => {
  it.each([
    { name: 'a line', f: (x: number) => 3 - x, root: 3 },
    { name: 'a kink at the root', f: (x: number) => (x < 2 ? 1e9 * (2 - x) : (2 - x) * 1e-9), root: 2 },
    { name: 'a cube', f: (x: number) => 8 - x ** 3, root: 2 },
    { name: 'steep and flat', f: (x: number) => Math.exp(-40 * x) - 0.5, root: Math.LN2 / 40 },
  ])('$name', ({ f, root }) => expect(fallingRoot(f, 0, 10)).toBeCloseTo(root, 9))

  it('gives the end where the function does not change sign', () => {
    expect(fallingRoot((x) => -1 - x, 0, 1)).toBe(0)
    expect(fallingRoot((x) => 5 - x, 0, 1)).toBe(1)
  })

  it('never leaves the bracket and never takes more steps than bisection would', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1e-9, max: 1, noNaN: true }),
        fc.double({ min: 0.2, max: 5, noNaN: true }),
        (root, power) => {
          let calls = 0
          const f = (x: number) => {
            calls++
            if (x < 0 || x > 1) throw new Error(`left the bracket: ${x}`)
            return root ** power - x ** power
          }
          expect(fallingRoot(f, 0, 1)).toBeCloseTo(root, 7)
          expect(calls).toBeLessThan(90)
        },
      ),
      { seed: 41, numRuns: 500 },
    )
  })
})
