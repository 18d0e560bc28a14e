import fc from 'fast-check'
import { bendK } from './bendLoss.ts'
import { cutLengthM } from './cutLength.ts'
import { oldTubeMostPa } from './oldTube.ts'

describe('cut length', () => {
  it.each([
    // (1.2 + pi/2 x 0.007 + 0.12) / 0.98, less 50 mm
    { name: 'hose with a bend and tank slack', c: [1.2, 90, 0.014, 0.12, 0.05, 0.02], cutM: 1.308159 },
    { name: 'straight tube between flares', c: [0.8, 0, 0.008, 0, 0, 0], cutM: 0.8 },
  ])('$name: $cutM m', ({ c: [pathM, bendsDeg, outsideM, slackM, takesUpM, shorteningShare], cutM }) =>
    expect(
      cutLengthM({
        pathM: pathM!,
        bendsDeg: bendsDeg!,
        outsideM: outsideM!,
        slackM: slackM!,
        takesUpM: takesUpM!,
        shorteningShare: shorteningShare!,
      }),
    ).toBeCloseTo(cutM, 5),
  )
  it('once pressure has drawn it in, it reaches exactly as far as it must', () => {
    const f = (min: number, max: number) => fc.double({ min, max, noNaN: true })
    fc.assert(
      fc.property(f(0.2, 6), f(0, 0.3), f(0, 0.1), f(0, 0.1), (pathM, slackM, takesUpM, shorteningShare) => {
        const cutM = cutLengthM({ pathM, bendsDeg: 0, outsideM: 0.014, slackM, takesUpM, shorteningShare })
        // The hose runs from end to end of the fittings; what pressure leaves of it covers path and slack.
        expect((cutM + takesUpM) * (1 - shorteningShare)).toBeCloseTo(pathM + slackM, 9)
      }),
      { seed: 13 },
    )
  })
})

describe('old tube and bends', () => {
  // Barlow: 2 x 45 MPa x (0.711 - 0.2) mm / 7.94 mm = 5.79 MPa
  it('5/16 x 0.028 in stands 5.8 MPa after 0.2 mm of rust', () =>
    expect(oldTubeMostPa(7.94e-3, 0.711e-3) / 1e6).toBeCloseTo(5.79, 2))
  it('a wall thinner than its rust stands nothing', () => expect(oldTubeMostPa(8e-3, 0.15e-3)).toBe(0))
  it.each([
    [90, 1, 0.21],
    [90, 4, 0.105],
    [45, 4, 0.063],
    [90, 100, 0.0664],
  ] as const)('bend of %d° at r/d %d: K %d', (angle, relative, k) =>
    expect(bendK(angle, relative * 0.008, 0.008)).toBeCloseTo(k, 4),
  )
})
