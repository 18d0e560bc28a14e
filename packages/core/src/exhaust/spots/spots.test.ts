import fc from 'fast-check'
import type { JobDocument } from '../../job/index.ts'
import type { ExhaustObstacle, ExhaustPiece, RunId } from '../../sections/index.ts'
import {
  contextFor,
  jobWith,
  obstacle,
  piece,
  sensor,
  STRAIGHT,
  twoBanks,
  withPieces,
} from '../../stations/exhaust/test/exhausts.ts'
import { contextOf, exhaustCase } from '../../stations/exhaust/exhaustCase.ts'
import { judgeSpot } from './judgeSpot.ts'
import { beside, sweptObstacles, turnDeg } from './obstacles.ts'
import { DISTANCE_BANDS } from './schools.ts'
import { bestSpots, gridAlongM, gridClockDeg, spotGrid } from './spotGrid.ts'
import { HARD_RULES, SOFT_RULES, type HardRule, type SoftRule } from './spotRules.ts'

const HEAD = STRAIGHT.slice(0, 2)
const END = piece('open-end', 0.01)
const chain = (...pieces: readonly ExhaustPiece[]) => withPieces([...HEAD, ...pieces, END])
const log = piece('log', 0.3)

interface Case {
  readonly job: JobDocument
  readonly alongM: number
  readonly clockDeg?: number
  readonly run?: RunId
}

/** A case for each hard rule that trips this rule and no other. */
const ONLY: Readonly<Record<HardRule, Case>> = {
  'one-primary': { job: withPieces([piece('pipe', 0.5, { count: 2 }), piece('pipe', 2), END]), alongM: -0.2 },
  'before-turbine': {
    job: twoBanks([log, piece('pipe', 0.5)], [piece('turbine', 0.15), piece('pipe', 2), END]),
    alongM: 0.2,
  },
  'before-wastegate': { job: chain(piece('turbine', 0.15, { wastegateReturnM: 0.3 }), piece('pipe', 2)), alongM: 0.2 },
  'after-catalyst': { job: chain(piece('pipe', 0.5), piece('catalyst', 0.3), piece('pipe', 2)), alongM: 1.2 },
  'after-crossover': {
    job: twoBanks([log, piece('pipe', 0.5), piece('crossover', 0.1), piece('pipe', 2), END], [], { sensorCount: 2 }),
    alongM: 1.2,
  },
  'banks-joined': {
    job: twoBanks([log, piece('pipe', 0.5)], [piece('merge', 0.1), piece('pipe', 2), END], { sensorCount: 2 }),
    alongM: 0.3,
    run: 'common',
  },
  'not-plain-pipe': { job: chain(piece('pipe', 0.5), piece('flexible', 0.2), piece('pipe', 2)), alongM: 0.6 },
  'on-bend': {
    job: chain(piece('pipe', 0.5), piece('pipe', 0.2, { bendDeg: 40, bendClockDeg: 90 }), piece('pipe', 2)),
    alongM: 0.6,
  },
  'at-joint': { job: chain(piece('pipe', 0.5), piece('pipe', 2, { joint: 'flange' })), alongM: 0.51 },
  'short-tail': { job: chain(piece('pipe', 0.6)), alongM: 0.3 },
  'lowest-point': {
    job: chain(
      piece('pipe', 0.3, { inclinationDeg: -20 }),
      piece('pipe', 0.5, { inclinationDeg: 20 }),
      piece('pipe', 2, { inclinationDeg: 0 }),
    ),
    alongM: 0.35,
    clockDeg: 0,
  },
  'air-injection': { job: jobWith({ airInjection: 'ports' }), alongM: 0.3 },
  'too-hot': { job: jobWith({ sensor: { ...sensor, mostGasShortK: 700 } }), alongM: 0.3 },
  'below-level': { job: jobWith({}), alongM: 0.3, clockDeg: 95 },
  ground: {
    job: jobWith({
      groundClearanceM: 0.2,
      angleSchool: 'level',
      banks: [{ cylinders: [1, 2, 3, 4], portHeightM: 0.15, portAcrossM: 0, headingDeg: 0, pieces: STRAIGHT }],
    }),
    alongM: 0.3,
  },
  blocked: { job: jobWith({ obstacles: [obstacle({})] }), alongM: 0.3 },
  moving: { job: jobWith({ obstacles: [obstacle({ moves: true })] }), alongM: 0.3 },
}

describe('hard rules', () => {
  it.each(HARD_RULES.map((r) => [r, ONLY[r]] as const))(
    '%s trips alone',
    (rule, { job, alongM, clockDeg = 45, run = 'a' }) => {
      const judged = judgeSpot(contextFor(job, run), alongM, clockDeg)
      expect(judged.forbidden.map((f) => f.rule)).toEqual([rule])
      expect(judged.forbidden[0]!.says.length).toBeGreaterThan(0)
    },
  )
  it('none trips on plain straight pipe', () =>
    expect(judgeSpot(contextFor(jobWith({})), 0.3, 45).forbidden).toEqual([]))
  it.each([
    ['level', 90, true],
    ['level', 92, false],
    ['five', 84, true],
    ['five', 86, false],
    ['ten', 78, true],
    ['ten', 82, false],
  ] as const)('school of the angle %s: %d° by the clock is allowed: %s', (angleSchool, clock, allowed) =>
    expect(judgeSpot(contextFor(jobWith({ angleSchool })), 0.3, clock).forbidden.length === 0).toBe(allowed),
  )
  it('a moving part that is clear at rest forbids by the other end of its travel', () => {
    const at = (more: Partial<ExhaustObstacle>) =>
      judgeSpot(contextFor(jobWith({ obstacles: [obstacle({ moves: true, gapM: 0.3, ...more })] })), 0.3, 45).forbidden
    expect(at({})).toEqual([])
    expect(at({ otherGapM: 0.05 }).map((f) => f.rule)).toEqual(['moving'])
    expect(at({ clockDeg: 300, otherClockDeg: 300, otherGapM: 0.05 })).toEqual([])
    expect(at({ clockDeg: 300, gapM: 0.05, otherClockDeg: 60 }).map((f) => f.rule)).toEqual(['moving'])
  })
})

/** A case for each soft rule in which it costs points. */
const SOFT: Readonly<Record<SoftRule, Case>> = {
  school: { job: jobWith({}), alongM: 0.4 },
  hexagon: { job: jobWith({ sensor: { ...sensor, mostHexagonK: 600 } }), alongM: 0.3 },
  'hot-gas': { job: jobWith({ sensor: { ...sensor, mostGasK: 800 } }), alongM: 0.3 },
  wet: { job: withPieces([...HEAD, piece('pipe', 6), END]), alongM: 5 },
  'after-bend': {
    job: chain(piece('pipe', 0.2, { bendDeg: 40, bendClockDeg: 90 }), piece('pipe', 2)),
    alongM: 0.25,
  },
  'after-slip': { job: chain(piece('pipe', 0.1), piece('pipe', 2, { joint: 'slip' })), alongM: 0.18 },
  tail: { job: chain(piece('pipe', 0.7)), alongM: 0.2 },
  'low-angle': { job: jobWith({}), alongM: 0.18, clockDeg: 75 },
  upright: { job: jobWith({}), alongM: 0.18, clockDeg: 0 },
  late: { job: chain(piece('pipe', 3, { outsideM: 0.09 })), alongM: 2 },
  'one-bank': { job: twoBanks([log, piece('pipe', 2), END], [], { sensorCount: 1 }), alongM: 0.3 },
  tool: { job: jobWith({ obstacles: [obstacle({ gapM: 0.11 })] }), alongM: 0.3 },
  'close-motion': { job: jobWith({ obstacles: [obstacle({ gapM: 0.135, moves: true })] }), alongM: 0.3 },
}

describe('soft rules', () => {
  it.each(SOFT_RULES.map((r) => [r, SOFT[r]] as const))(
    '%s costs points and says why',
    (rule, { job, alongM, clockDeg = 45 }) => {
      const { losses, score, forbidden } = judgeSpot(contextFor(job), alongM, clockDeg)
      const found = losses.find((l) => l.rule === rule)
      expect(found?.loss).toBeGreaterThan(0.5)
      expect(found!.says.length).toBeGreaterThan(0)
      expect(forbidden).toEqual([])
      expect(score).toBeCloseTo(100 - losses.reduce((sum, l) => sum + l.loss, 0), 6)
    },
  )
  it('within the school’s band, sloping, in the clear: nothing is lost but the heat', () => {
    const { losses } = judgeSpot(contextFor(jobWith({ sensor: { ...sensor, mostHexagonK: 1100 } })), 0.18, 45)
    expect(losses).toEqual([])
  })
  it.each(Object.entries(DISTANCE_BANDS))('school %s puts the best spots within its own band', (school, band) => {
    const ctx = contextFor(jobWith({ school: school as keyof typeof DISTANCE_BANDS }))
    const best = bestSpots(ctx, spotGrid(ctx))
    expect(best).toHaveLength(5)
    expect(best[0]!.alongM).toBeGreaterThanOrEqual(band.leastM - 1e-6)
    expect(best[0]!.alongM).toBeLessThanOrEqual(band.mostM + 1e-6)
  })
})

describe('obstacles on the unrolled pipe', () => {
  it.each([
    [10, 350, -20],
    [350, 10, 20],
    [0, 180, -180],
    [90, 90, 0],
  ])('from %d° to %d° it is %d°', (a, b, turn) => expect(turnDeg(a, b)).toBe(turn))
  it('distance beside: 0 within, along the pipe, and around it at the obstacle’s height', () => {
    const [o] = sweptObstacles([obstacle({ alongM: 0.3, lengthM: 0.1, clockDeg: 0, widthDeg: 20, gapM: 0.025 })], 'a')
    expect(beside(o!, 0.3, 5, 0.025)).toBe(0)
    expect(beside(o!, 0.4, 0, 0.025)).toBeCloseTo(0.05, 9)
    // 20° at 50 mm radius.
    expect(beside(o!, 0.3, 30, 0.025)).toBeCloseTo((20 * Math.PI * 0.05) / 180, 9)
  })
  it('one that is not measured is left out, one of another run too', () => {
    expect(sweptObstacles([obstacle({ gapM: null }), obstacle({}, 'b')], 'a')).toEqual([])
  })
})

const arbObstacle = fc.record({
  alongM: fc.double({ min: -0.1, max: 1, noNaN: true }),
  lengthM: fc.double({ min: 0.01, max: 0.5, noNaN: true }),
  clockDeg: fc.integer({ min: 0, max: 359 }),
  widthDeg: fc.integer({ min: 1, max: 180 }),
  gapM: fc.double({ min: 0, max: 0.2, noNaN: true }),
  moves: fc.boolean(),
  otherAlongM: fc.option(fc.double({ min: 0, max: 1, noNaN: true })),
  otherClockDeg: fc.option(fc.integer({ min: 0, max: 359 })),
  otherGapM: fc.option(fc.double({ min: 0, max: 0.2, noNaN: true })),
})
const arbSpot = fc.record({
  alongM: fc.double({ min: 0, max: 1, noNaN: true }),
  clockDeg: fc.integer({ min: 0, max: 359 }),
})
/** The plain job worked out once: obstacles do not change its heat. */
const plainCase = exhaustCase(jobWith({}))
const forbiddenAt = (
  obstacles: readonly ExhaustObstacle[],
  { alongM, clockDeg }: { alongM: number; clockDeg: number },
) => {
  const ctx = contextOf({ ...plainCase, exhaust: { ...plainCase.exhaust, obstacles } }, 'a')!
  return judgeSpot(ctx, alongM, clockDeg).forbidden.length
}

describe('laws of spots', () => {
  it('removing an obstacle never adds a prohibition', () => {
    fc.assert(
      fc.property(fc.array(arbObstacle, { minLength: 1, maxLength: 4 }), arbSpot, (list, spot) => {
        const all = list.map((o) => obstacle(o))
        expect(forbiddenAt(all.slice(1), spot)).toBeLessThanOrEqual(forbiddenAt(all, spot))
      }),
      { seed: 57, numRuns: 150 },
    )
  })
  it('shrinking one, moving it away or shortening its travel never adds one', () => {
    fc.assert(
      fc.property(arbObstacle, arbSpot, fc.double({ min: 0, max: 1, noNaN: true }), (o, spot, share) => {
        const shrunk = {
          ...o,
          lengthM: o.lengthM * share,
          widthDeg: o.widthDeg * share,
          gapM: o.gapM + 0.05 * share,
          otherGapM: o.otherGapM === null ? null : o.otherGapM + 0.05 * share,
          otherAlongM: o.otherAlongM === null ? null : o.alongM + share * (o.otherAlongM - o.alongM),
        }
        expect(forbiddenAt([obstacle(shrunk)], spot)).toBeLessThanOrEqual(forbiddenAt([obstacle(o)], spot))
      }),
      { seed: 58, numRuns: 300 },
    )
  })
  it('the grid says of every point what the point says of itself', () => {
    const job = jobWith({
      obstacles: [obstacle({}), obstacle({ alongM: 0.8, moves: true, otherClockDeg: 100 })],
      groundClearanceM: 0.1,
    })
    const ctx = contextFor(job)
    const grid = spotGrid(ctx)
    fc.assert(
      fc.property(fc.nat({ max: grid.columns - 1 }), fc.nat({ max: grid.rows - 1 }), (i, j) => {
        const judged = judgeSpot(ctx, gridAlongM(grid, i), gridClockDeg(j))
        const at = i * grid.rows + j
        const [first] = judged.forbidden
        expect(grid.rule[at]).toBe(first ? HARD_RULES.indexOf(first.rule) : -1)
        if (!first) expect(grid.score[at]).toBeCloseTo(judged.score, 3)
        else expect(grid.score[at]).toBe(-1)
      }),
      { seed: 59, numRuns: 400 },
    )
  })
  it('the best spots are free, apart from each other, and in order', () => {
    const ctx = contextFor(jobWith({ obstacles: [obstacle({ alongM: 0.2, widthDeg: 100, clockDeg: 0 })] }))
    const best = bestSpots(ctx, spotGrid(ctx))
    expect(best.every((s) => s.forbidden.length === 0)).toBe(true)
    for (let i = 1; i < best.length; i++) expect(best[i]!.score).toBeLessThanOrEqual(best[i - 1]!.score + 1)
    for (const a of best)
      for (const b of best)
        if (a !== b)
          expect(Math.abs(a.alongM - b.alongM) > 0.06 || Math.abs(turnDeg(a.clockDeg, b.clockDeg)) > 24).toBe(true)
  })
  it('where nothing is free there are none', () => {
    const ctx = contextFor(jobWith({ airInjection: 'ports' }))
    expect(bestSpots(ctx, spotGrid(ctx))).toEqual([])
  })
})
