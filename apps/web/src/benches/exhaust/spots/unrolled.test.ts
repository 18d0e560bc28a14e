import { contextOf, exhaustCase, HARD_WORDS, spotGrid, type SpotGrid } from '@lochmoor/core'
import { exhaustJob } from '../../../test/exhaustBench.tsx'
import { paintGrid } from './paintGrid.ts'
import { ruleLabels } from './ruleLabels.ts'
import { DRAWN_HEIGHT, MARGIN, plainClock, signedClock, snapped, unrolledScale } from './unrolledScale.ts'

const gridOf = (): SpotGrid => spotGrid(contextOf(exhaustCase(exhaustJob()), 'a')!)

describe('places on the unrolled pipe', () => {
  it.each([
    [0, 0],
    [180, -180],
    [270, -90],
    [359, -1],
    [90, 90],
  ])('%d° lies at %d', (stored, shown) => {
    expect(signedClock(stored)).toBe(shown)
    expect(plainClock(shown)).toBe(stored === 360 ? 0 : stored)
  })
  const scale = unrolledScale({ fromM: -0.15, columns: 200 }, 700)
  it('there and back is the same place', () => {
    for (const [alongM, clockDeg] of [
      [0.2, 40],
      [-0.1, 300],
      [0.8, 0],
    ] as const) {
      expect(scale.alongAt(scale.x(alongM))).toBeCloseTo(alongM, 9)
      expect(plainClock(scale.clockAt(scale.y(clockDeg)))).toBeCloseTo(clockDeg, 9)
    }
  })
  it('the top line lies in the middle, both edges are the underside', () => {
    expect(scale.y(0)).toBeCloseTo(MARGIN.top + DRAWN_HEIGHT / 2, 9)
    expect(scale.y(180)).toBeCloseTo(MARGIN.top, 9)
  })
  it('snaps to 5 mm and 2°, and never leaves the picture', () => {
    expect(snapped(scale, 0.1774, 44.9)).toEqual({ alongM: 0.175, clockDeg: 44 })
    expect(snapped(scale, 99, -1)).toEqual({ alongM: 0.845, clockDeg: 0 })
    expect(snapped(scale, -99, 181).alongM).toBeCloseTo(-0.15, 9)
  })
})

describe('what is written and painted', () => {
  it('names each rule once, where it holds', () => {
    const grid = gridOf()
    const labels = ruleLabels(grid)
    expect(new Set(labels.map((l) => l.says)).size).toBe(labels.length)
    expect(labels.map((l) => l.says)).toEqual(
      expect.arrayContaining([HARD_WORDS['below-level'], HARD_WORDS['one-primary'], HARD_WORDS['short-tail']]),
    )
    const below = labels.find((l) => l.says === HARD_WORDS['below-level'])!
    expect(Math.abs(below.clockDeg)).toBeGreaterThan(80)
  })
  it('paints free points in three steps and leaves what is forbidden hatched', () => {
    const grid = gridOf()
    const fills = new Map<string, number>()
    let strokes = 0
    const context = {
      fillStyle: '',
      strokeStyle: '',
      lineWidth: 0,
      beginPath: () => undefined,
      moveTo: () => undefined,
      lineTo: () => undefined,
      stroke: () => strokes++,
      fillRect: () => fills.set(context.fillStyle, (fills.get(context.fillStyle) ?? 0) + 1),
    }
    const colours = { forbidden: 'f', hatch: 'h', poor: 'p', fair: 'm', good: 'g' }
    paintGrid(context as unknown as CanvasRenderingContext2D, grid, 600, 340, colours)
    const free = grid.score.filter((s) => s >= 0)
    const count = (from: number, to: number) => free.filter((s) => s >= from && s < to).length
    expect([fills.get('f'), strokes]).toEqual([1, 1])
    expect([fills.get('g') ?? 0, fills.get('m') ?? 0, fills.get('p') ?? 0]).toEqual([
      count(80, 101),
      count(60, 80),
      count(0, 60),
    ])
  })
})
