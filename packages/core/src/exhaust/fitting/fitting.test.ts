import fc from 'fast-check'
import { clampFit, clampFitOf, type ClampFitCase } from './clampFit.ts'
import { drillTemplate, stripXMm, templateSvg } from './drillTemplate.ts'
import { fittingAdvice } from './weldOrClamp.ts'
import { boss, clamp } from '../../stations/exhaust/test/exhausts.ts'
import { outsideDiameterM } from '../pipe/pieceFigures.ts'

const band: ClampFitCase = {
  pipeM: 0.0508,
  leastPipeM: 0.048,
  mostPipeM: 0.054,
  saddleRadiusM: 0.0255,
  saddleWidthM: 0.034,
  gasketM: 0.0015,
  boltThreadM: 0.022,
  nutM: 0.006,
  bands: 2,
}

describe('clamp on a pipe', () => {
  it('50.8 mm in a band of 48 to 54: drawn pi 3.2/2, to spare pi 2.8/2 - 3', () => {
    const a = clampFit(band)
    expect(a.startsM * 1000).toBeCloseTo(5.0265, 3)
    expect(a.apartM * 1000).toBeCloseTo(4.3982, 3)
    expect(a.toSpareM * 1000).toBeCloseTo(1.3982, 3)
    // Saddle of 25.5 mm radius over 34 mm on 25.4: sagittas 6.494 and 6.528.
    expect(a.gapM * 1000).toBeCloseTo(0.0335, 2)
    expect(a.faults).toEqual([])
  })
  it.each([
    ['a pipe too thick for the band', { pipeM: 0.0545 }, ['band-too-short']],
    ['a pipe too thin for it', { pipeM: 0.0485 }, ['thread-bottoms']],
    ['a bolt with too little thread', { boltThreadM: 0.009 }, ['thread-bottoms']],
    ['a saddle for a thinner pipe', { saddleRadiusM: 0.02 }, ['saddle-gapes']],
    ['a saddle for a much thicker pipe', { saddleRadiusM: 0.04 }, ['saddle-rocks']],
  ] as const)('%s', (_n, change, faults) => expect(clampFit({ ...band, ...change }).faults).toEqual(faults))
  it('a boss to be welded has no band', () => {
    expect(clampFitOf(boss, 0.05)).toBeNull()
    expect(clampFitOf(clamp, 0.0508)!.faults).toEqual([])
  })
  it('diameter by tape: 159.6 mm around is 50.8 mm; the tape goes before the caliper', () => {
    expect(outsideDiameterM({ roundM: 0.1596, outsideM: null })! * 1000).toBeCloseTo(50.8, 1)
    expect(outsideDiameterM({ roundM: 0.1596, outsideM: 0.05 })! * 1000).toBeCloseTo(50.8, 1)
    expect(outsideDiameterM({ roundM: null, outsideM: 0.0476 })).toBe(0.0476)
    expect(outsideDiameterM({ roundM: null, outsideM: null })).toBeNull()
  })
})

describe('weld or clamp', () => {
  const pipe = { material: 'mild-steel', wallM: 0.0015, pipeM: 0.05, clampFits: true } as const
  it.each([
    ['a welder is there', { ...pipe, welder: 'self' }, 'weld'],
    ['a shop welds', { ...pipe, welder: 'shop' }, 'weld'],
    ['nobody welds', { ...pipe, welder: 'none' }, 'clamp'],
    ['nobody welds and no clamp fits', { ...pipe, welder: 'none', clampFits: false }, 'neither'],
    ['cast iron', { ...pipe, material: 'cast', welder: 'self' }, 'neither'],
  ] as const)('%s', (_n, c, way) => expect(fittingAdvice(c).way).toBe(way))
  it('a thin wall and a coating are said', () => {
    const says = JSON.stringify(
      fittingAdvice({ ...pipe, welder: 'self', wallM: 0.0008, material: 'aluminised' }).reasons,
    )
    expect(says).toMatch(/burns through/)
    expect(says).toMatch(/Aluminised/)
  })
})

describe('drill template', () => {
  const t = drillTemplate({ outsideM: 0.0635, fromDatumM: 0.09, clockDeg: 45, holeM: 0.02, datum: 'merge' })
  it('a 63.5 mm pipe wants a strip of 199.5 mm', () => {
    expect(t.stripLengthMm).toBeCloseTo(199.49, 2)
    expect(t.stripHeightMm).toBeCloseTo(120, 9)
    expect(t.edgeFromDatumMm).toBe(0)
  })
  it.each([
    [0, 0.5],
    [90, 0.75],
    [270, 0.25],
    [180, 0],
    [45, 0.625],
    [359.999, 0.5],
  ])('%d° by the clock lies at %d of the strip', (clock, share) =>
    expect(stripXMm(0.0635, clock) / t.stripLengthMm).toBeCloseTo(share, 4),
  )
  it('marks the hole, its pilot, the top line and a ruler of 100 mm', () => {
    const circles = t.marks.filter((m) => m.kind === 'circle')
    expect(circles.map((c) => [c.what, c.r, c.cx, c.cy])).toEqual([
      ['hole', 10, t.holeXMm, 90],
      ['pilot', 1.5, t.holeXMm, 90],
    ])
    const ruler = t.marks.find((m) => m.kind === 'line' && m.what === 'ruler')
    expect(ruler).toMatchObject({ x1: 0, x2: 100 })
    const top = t.marks.find((m) => m.kind === 'line' && m.what === 'top')
    expect(top).toMatchObject({ x1: t.stripLengthMm / 2 })
  })
  it('far from the merge it begins at a line of its own, 50 mm before the hole', () => {
    const far = drillTemplate({ outsideM: 0.05, fromDatumM: 0.9, clockDeg: 0, holeM: 0.02, datum: 'merge' })
    expect(far.edgeFromDatumMm).toBeCloseTo(850, 6)
    expect(far.holeYMm).toBeCloseTo(50, 6)
    expect(JSON.stringify(far.marks)).toContain('850\u2009mm after the merge')
  })
  it('every mark of the strip lies on it, whatever the pipe and the spot', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.03, max: 0.12, noNaN: true }),
        fc.double({ min: 0.01, max: 2, noNaN: true }),
        fc.double({ min: 0, max: 360, noNaN: true }),
        (outsideM, fromDatumM, clockDeg) => {
          const s = drillTemplate({ outsideM, fromDatumM, clockDeg, holeM: 0.02, datum: 'merge' })
          expect(s.stripLengthMm).toBeCloseTo(Math.PI * outsideM * 1000, 9)
          expect(s.holeXMm).toBeGreaterThanOrEqual(0)
          expect(s.holeXMm).toBeLessThanOrEqual(s.stripLengthMm)
          expect(s.holeYMm).toBeLessThan(s.stripHeightMm)
          expect(s.edgeFromDatumMm + s.holeYMm).toBeCloseTo(fromDatumM * 1000, 6)
        },
      ),
      { seed: 56, numRuns: 200 },
    )
  })
  it('the SVG is in millimetres and its strip measures 199.49', () => {
    const svg = templateSvg(t, 'Strip <1>')
    const [, w, vw] = /width="([\d.]+)mm" height="[\d.]+mm" viewBox="-5 -5 ([\d.]+)/.exec(svg)!
    expect(w).toBe(vw)
    const [, strip] = /<rect id="strip"[^>]* width="([\d.]+)"/.exec(svg)!
    expect(Number(strip)).toBeCloseTo(199.49, 2)
    expect(svg).toContain('Strip &lt;1&gt;')
  })
})
