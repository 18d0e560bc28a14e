import fc from 'fast-check'
import { WIRE_SIZES } from '../parts/index.ts'
import { WIRE_CLASSES } from '../sections/index.ts'
import {
  bundleDiameterM,
  exposure,
  grommetFor,
  isClean,
  keptApart,
  kitReach,
  leastBoreM,
  metricSizeFor,
  passThrough,
  readPinout,
  roundAreaM2,
  thickerSize,
  wireOutsideM,
} from './index.ts'

describe('bundles', () => {
  it.each([
    { name: 'none', d: [], is: 0 },
    { name: 'one', d: [2], is: 2 },
    { name: 'two unequal, side by side', d: [3, 1], is: 4 },
    { name: 'seven equal: 3.17 diameters', d: Array(7).fill(1) as number[], is: 3.1749 },
    { name: 'one thick among thin ones', d: [10, 2, 1, 1], is: 12.3548 },
  ])('$name', ({ d, is }) => expect(bundleDiameterM(d)).toBeCloseTo(is, 3))

  it('grow with every wire, and are never thinner than their two thickest', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0.5, max: 10, noNaN: true }), { minLength: 2, maxLength: 30 }), (d) => {
        const [a, b] = [...d].sort((x, y) => y - x)
        expect(bundleDiameterM(d)).toBeGreaterThanOrEqual(a! + b! - 1e-12)
        expect(bundleDiameterM(d)).toBeGreaterThanOrEqual(bundleDiameterM(d.slice(1)) - 1e-12)
      }),
      { seed: 3, numRuns: 300 },
    )
  })
})

describe('pass-through', () => {
  const thirty = Array(30).fill(0.002) as number[]
  it('by hand: thirty wires of 2 mm are 94 mm²; in 16 mm of bore 47 %, in 18 mm 37 %', () => {
    const at = (boreM: number) => passThrough({ boreM, diametersM: thirty, coveringM: 0.002, plugsM: [], fill: 0.45 })
    expect(at(0.016).wireShare).toBeCloseTo(0.4688, 3)
    expect(at(0.016).wiresFit).toBe(false)
    expect(at(0.018).wiresFit).toBe(true)
  })

  it('the smallest bore takes the wires, and nothing smaller by a tenth does by area', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 1e-3, max: 6e-3, noNaN: true }), { minLength: 3, maxLength: 40 }), (d) => {
        const taken = d.reduce((sum, x) => sum + roundAreaM2(x), 0)
        const bore = leastBoreM(taken)
        expect(taken).toBeLessThanOrEqual(0.45 * roundAreaM2(bore) * (1 + 1e-9))
        expect(taken).toBeGreaterThan(0.45 * roundAreaM2(0.9 * bore))
        const grommet = grommetFor(bore)
        if (grommet !== null) expect(grommet).toBeGreaterThanOrEqual(bore - 1e-12)
      }),
      { seed: 5, numRuns: 200 },
    )
    expect(grommetFor(0.2)).toBeNull()
  })
})

describe('kit reach', () => {
  it('a lead is short or long, never both, and exactly right it reaches', () => {
    const [short, right, long] = kitReach(
      [
        { id: 'a', reachM: 1, pathM: 1, leadsM: 0.1 },
        { id: 'b', reachM: 1.04 * 1.1 + 0.2, pathM: 1, leadsM: 0.1 },
        { id: 'c', reachM: 2, pathM: 1, leadsM: 0.1 },
      ],
      { share: 0.04, perEndM: 0.1 },
    )
    expect([short!.reaches, right!.reaches, long!.reaches]).toEqual([false, true, true])
    expect(short!.shortfallM).toBeCloseTo(0.344, 9)
    expect(long!.surplusM).toBeCloseTo(0.656, 9)
    expect(right!.shortfallM).toBeCloseTo(0, 9)
  })
})

describe('noise', () => {
  it('never falls when an aggressor comes nearer or runs along for longer, and a shield helps', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...WIRE_CLASSES),
        fc.double({ min: 0.1, max: 5, noNaN: true }),
        fc.double({ min: 0.01, max: 0.3, noNaN: true }),
        (kind, lengthM, spacingM) => {
          const here = exposure(kind, lengthM, spacingM)
          expect(exposure(kind, lengthM, spacingM / 2)).toBeGreaterThanOrEqual(here)
          expect(exposure(kind, 2 * lengthM, spacingM)).toBeGreaterThanOrEqual(here)
          expect(exposure(kind, lengthM, spacingM, true)).toBeLessThanOrEqual(here)
        },
      ),
      { seed: 9, numRuns: 200 },
    )
  })

  it('the strict practice keeps apart whatever the other one does, and more', () => {
    const pairs = WIRE_CLASSES.flatMap((a) => WIRE_CLASSES.map((b) => [a, b] as const))
    const strict = pairs.filter(([a, b]) => keptApart(a, b, 'clean-from-dirty'))
    const loose = pairs.filter(([a, b]) => keptApart(a, b, 'by-exposure'))
    expect(loose.every((p) => strict.some((s) => s[0] === p[0] && s[1] === p[1]))).toBe(true)
    expect(loose.length).toBeGreaterThan(0)
    expect(strict.length).toBeGreaterThan(loose.length)
    expect(strict.every(([a, b]) => isClean(a) && !isClean(b))).toBe(true)
  })
})

describe('pins', () => {
  it('reads them, names what is wrong and what stands there twice', () => {
    const { pins, faults, twice } = readPinout('A1 injector-1; A2 injector-2; A1 lamp; nonsense;')
    expect(pins).toContainEqual({ pin: 'A2', does: 'injector-2' })
    expect(faults).toEqual(['nonsense'])
    expect(twice).toEqual(['A1'])
    expect(readPinout(null)).toEqual({ pins: [], faults: [], twice: [] })
  })
})

describe('wires', () => {
  it('get thicker with their section', () => {
    const sections = [0.3e-6, ...WIRE_SIZES.map((s) => s.sectionM2), 60e-6].sort((a, b) => a - b)
    for (let n = 1; n < sections.length; n++)
      expect(wireOutsideM(sections[n]!)).toBeGreaterThanOrEqual(wireOutsideM(sections[n - 1]!))
    expect(wireOutsideM(2.5e-6)).toBeCloseTo(3e-3, 9)
  })
  it('of two sizes the thicker one is taken; a section gets the next metric size', () => {
    expect(thickerSize('mm2-1', 'awg-14')).toBe('awg-14')
    expect(thickerSize('mm2-2.5', 'awg-14')).toBe('mm2-2.5')
    expect([metricSizeFor(2.1e-6), metricSizeFor(1e-3)]).toEqual(['mm2-2.5', 'mm2-50'])
  })
})
