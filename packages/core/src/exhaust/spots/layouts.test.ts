import type { JobDocument } from '../../job/index.ts'
import type { ExhaustPiece, RunId } from '../../sections/index.ts'
import { exhaustCase } from '../../stations/exhaust/exhaustCase.ts'
import { runsForSensor } from '../../stations/exhaust/judgeSpots.ts'
import { contextFor, jobWith, obstacle, piece, sensor, STRAIGHT, twoBanks, withPieces } from '../../stations/exhaust/test/exhausts.ts' // prettier-ignore
import { outwards, placeAt, tailAfterM } from '../pipe/layOut.ts'
import { sliceAt, transportS } from '../gas/runHeat.ts'
import { judgeSpot } from './judgeSpot.ts'
import { turnDeg } from './obstacles.ts'
import type { SpotContext } from './spotContext.ts'
import { bestSpots, spotGrid } from './spotGrid.ts'
import type { HardRule } from './spotRules.ts'

const HEAD = STRAIGHT.slice(0, 2)
const END = piece('open-end', 0.01)
const log = piece('log', 0.3)
/** A sensor that heat leaves in peace: what decides is the place. */
const hardy = { ...sensor, mostHexagonK: 1200, mostGasK: 1300, mostGasShortK: 1400 }
const chain = (...pieces: readonly ExhaustPiece[]) => withPieces([...HEAD, ...pieces, END], { sensor: hardy })
const join = (more: Partial<ExhaustPiece>) => piece('pipe', 1.2, more)

interface Layout {
  readonly says: string
  readonly job: JobDocument
  readonly run?: RunId
  /** Where a leaflet for an average car would put it, and the one rule that forbids it there. */
  readonly naive: { readonly alongM: number; readonly clockDeg?: number; readonly rule: HardRule | null }
  /** Where a fitter drills, from and to; null: not on this stretch. */
  readonly fitter: readonly [fromM: number, toM: number] | null
}

const LAYOUTS: readonly Layout[] = [
  { says: 'a collector and plain pipe', job: chain(piece('pipe', 1.3)), naive: { alongM: 0.175, rule: null }, fitter: [0.15, 0.2] },
  { says: 'a wastegate that returns 300 mm behind the turbine', job: withPieces([log, piece('turbine', 0.15, { wastegateReturnM: 0.3 }), piece('pipe', 1.3), END], { sensor: hardy }), naive: { alongM: 0.3, rule: 'before-wastegate' }, fitter: [0.32, 0.4] },
  { says: 'a flange in the middle of the band', job: chain(piece('pipe', 0.175), piece('pipe', 1.3, { joint: 'flange' })), naive: { alongM: 0.175, rule: 'at-joint' }, fitter: [0.13, 0.225] },
  { says: '30 mm of straight between two bends', job: chain(piece('pipe', 0.03), piece('pipe', 0.13, { bendDeg: 45 }), piece('pipe', 0.03), piece('pipe', 0.1, { bendDeg: 45, bendClockDeg: 0 }), piece('pipe', 1.3)), naive: { alongM: 0.174, rule: 'on-bend' }, fitter: [0.305, 0.6] },
  { says: 'a bend whose end the boss would still lie on', job: chain(piece('pipe', 0.1), piece('pipe', 0.06, { bendDeg: 60 }), piece('pipe', 1.3)), naive: { alongM: 0.17, rule: 'on-bend' }, fitter: [0.175, 0.4] },
  { says: 'a cross-over ahead, one sensor', job: twoBanks([log, piece('pipe', 0.1), piece('crossover', 0.06), piece('pipe', 1.2), END], [], { sensorCount: 1, sensor: hardy }), naive: { alongM: 0.3, rule: 'after-crossover' }, fitter: [0.015, 0.085] },
  { says: 'a catalyst close behind the merge', job: chain(piece('pipe', 0.14), piece('catalyst', 0.3), piece('pipe', 1.2)), naive: { alongM: 0.6, rule: 'after-catalyst' }, fitter: [0.05, 0.125] },
  { says: 'a flexible piece in the band', job: chain(piece('pipe', 0.15), piece('flexible', 0.15), piece('pipe', 1.2)), naive: { alongM: 0.175, rule: 'not-plain-pipe' }, fitter: [0.05, 0.345] },
  { says: 'too little pipe behind', job: chain(piece('pipe', 0.6)), naive: { alongM: 0.175, rule: 'short-tail' }, fitter: [0.02, 0.16] },
  { says: 'a dip in the band', job: chain(piece('pipe', 0.175, { inclinationDeg: -20 }), piece('pipe', 0.4, { inclinationDeg: 20 }), piece('pipe', 1.3, { inclinationDeg: 0 })), naive: { alongM: 0.17, clockDeg: 20, rule: 'lowest-point' }, fitter: [0.05, 0.085] },
  { says: 'a level valley: water stands all along it', job: chain(piece('pipe', 0.1, { inclinationDeg: -20 }), piece('pipe', 0.6, { inclinationDeg: 0 }), piece('pipe', 0.3, { inclinationDeg: 20 }), piece('pipe', 1.3, { inclinationDeg: 0 })), naive: { alongM: 0.4, rule: 'lowest-point' }, fitter: [0.78, 1.1] },
  { says: 'a dip where both banks join', job: twoBanks([log, piece('pipe', 0.6, { inclinationDeg: -15 })], [piece('pipe', 0.6, { inclinationDeg: 15 }), piece('pipe', 1.2, { inclinationDeg: 0 }), END], { sensor: hardy, sensorCount: 1 }), run: 'common', naive: { alongM: 0.05, clockDeg: 10, rule: 'lowest-point' }, fitter: [0.1, 0.3] },
  { says: 'the next pipe begins with a flange where the bank ends', job: twoBanks([log, piece('pipe', 0.175)], [join({ joint: 'flange' }), END], { sensor: hardy, sensorCount: 2 }), naive: { alongM: 0.155, rule: 'at-joint' }, fitter: [0.1, 0.151] },
  { says: 'the frame along one side', job: { ...chain(piece('pipe', 1.3)), exhaust: { ...chain(piece('pipe', 1.3)).exhaust, obstacles: [obstacle({ alongM: 0.2, lengthM: 1, clockDeg: 45, widthDeg: 60, gapM: 0.03 })] } }, naive: { alongM: 0.175, clockDeg: 45, rule: 'blocked' }, fitter: [0.15, 0.2] },
  { says: 'a linkage that comes down on it', job: { ...chain(piece('pipe', 1.3)), exhaust: { ...chain(piece('pipe', 1.3)).exhaust, obstacles: [obstacle({ alongM: 0.2, lengthM: 0.1, clockDeg: 45, widthDeg: 60, gapM: 0.3, moves: true, otherAlongM: 0.2, otherClockDeg: 45, otherGapM: 0.05 })] } }, naive: { alongM: 0.175, clockDeg: 45, rule: 'moving' }, fitter: [0.1, 0.2] },
  { says: 'a turbine in the pipe of both banks', job: twoBanks([log, piece('pipe', 0.5)], [piece('turbine', 0.15, { wastegateReturnM: 0.02 }), piece('pipe', 1.3), END], { sensor: hardy, sensorCount: 1 }), naive: { alongM: 0.175, rule: 'before-turbine' }, fitter: null },
] // prettier-ignore

describe('where a fitter would drill', () => {
  it.each(LAYOUTS.map((l) => [l.says, l] as const))('%s', (_says, { job, run = 'a', naive, fitter }) => {
    const ctx = contextFor(job, run)
    expect(judgeSpot(ctx, naive.alongM, naive.clockDeg ?? 45).forbidden.map((f) => f.rule)).toEqual(naive.rule ? [naive.rule] : []) // prettier-ignore
    const [best] = bestSpots(ctx, spotGrid(ctx))
    if (fitter === null) return expect(best).toBeUndefined()
    expect(best!.alongM).toBeGreaterThanOrEqual(fitter[0] - 1e-9)
    expect(best!.alongM).toBeLessThanOrEqual(fitter[1] + 1e-9)
  })
  it('with the turbine in the common pipe the sensor is looked for there', () =>
    expect(runsForSensor(exhaustCase(LAYOUTS.at(-1)!.job), 0)[0]).toBe('common'))
})

/*
 * The same once more by a second judge: slow and plain, every rule asked afresh at every point, nothing worked out before.
 */
const RAD = Math.PI / 180
const W = { school: 35, hexagon: 30, hotGas: 30, wet: 10, afterBend: 10, afterSlip: 12, tail: 8, low: 10, upright: 8, late: 10, oneBank: 12, tool: 8, motion: 8 } // prettier-ignore
const unit = (x: number) => Math.min(1, Math.max(0, x))

/** What holds for every clock angle at a place; null where something forbids all of them. */
const plainAlong = (ctx: SpotContext, alongM: number) => {
  const { run, runs, heat, sensor: s, envelope } = ctx
  const common = run.id === 'common' ? undefined : runs.find((r) => r.id === 'common')
  const banks = run.id === 'common' ? runs.filter((r) => r.id !== 'common') : []
  // All pieces on the way through this run, as intervals of its own measure.
  const before = banks.flatMap((b) => b.pieces.map((p) => ({ ...p, from: run.fromM + p.fromM - b.toM, to: run.fromM + p.toM - b.toM }))) // prettier-ignore
  const own = run.pieces.map((p) => ({ ...p, from: p.fromM, to: p.toM }))
  const after = (common?.pieces ?? []).map((p) => ({ ...p, from: run.toM + p.fromM - common!.fromM, to: run.toM + p.toM - common!.fromM })) // prettier-ignore
  const way = [...before, ...own, ...after]
  const half = ctx.bossM / 2
  const foot = half + 0.005
  const touches = (p: { from: number; to: number }) => p.to > alongM - foot + 1e-9 && p.from < alongM + foot - 1e-9
  const under = [...own, ...after].filter(touches)
  const here = own.filter((p) => p.from <= alongM + 1e-12).at(-1)!
  const place = placeAt(run, alongM)
  const radius = here.outsideM / 2
  const tail = tailAfterM(runs, run.id, alongM)
  const full = sliceAt(run, heat[run.id]!.full.typical, alongM)
  const idle = sliceAt(run, heat[run.id]!.idle.typical, alongM)
  const returns = way.filter((p) => p.piece.kind === 'turbine').map((p) => p.to + (p.piece.wastegateReturnM ?? 0.15))
  const proud = (j: string) => j === 'flange' || j === 'clamped' || j === 'ball'
  const jointNear = [...own, ...after.slice(0, 1)].some(
    (p) => p.piece.joint !== 'one-piece' && Math.abs(alongM - p.from) < Math.max(half + 0.005, proud(p.piece.joint) ? envelope.radiusM : 0) - 1e-9, // prettier-ignore
  )
  const forbidden =
    alongM < run.mergedM - 1e-9 ||
    here.piece.kind === 'turbine' ||
    [...own, ...after].some((p) => p.piece.kind === 'turbine' && p.from > alongM) ||
    returns.some((r) => alongM - half - 0.005 < r - 1e-9) ||
    way.some((p) => (p.piece.kind === 'catalyst' || p.piece.kind === 'crossover') && p.to <= alongM + 1e-9) ||
    (ctx.two && run.id === 'common') ||
    here.piece.kind !== 'pipe' ||
    under.some((p) => p.piece.kind !== 'pipe' || p.bendDeg > 3) ||
    jointNear ||
    tail < 0.45 - 1e-9 ||
    ctx.sagsM.some((m) => Math.abs(m - alongM) < 0.1) ||
    ctx.airInjected ||
    full.gasK > s.mostGasShortK
  if (forbidden) return null
  const counted = ctx.band.from === 'ports' ? alongM - run.fromM + (banks.length > 0 ? Math.min(...banks.map((b) => b.toM - b.fromM)) : 0) : alongM // prettier-ignore
  const past = (edges: number[]) =>
    Math.min(Infinity, ...edges.filter((e) => alongM - e >= -1e-9).map((e) => alongM - e))
  const bends = past([...before, ...own].filter((p) => p.bendDeg > 3).map((p) => p.to))
  const slips = past([...before.filter((p) => p.piece.joint === 'slip'), ...own.filter((p) => p.piece.joint === 'slip' && p.from >= 0)].map((p) => p.from)) // prettier-ignore
  const lost =
    W.school * unit(Math.max(0, ctx.band.leastM - counted, counted - ctx.band.mostM) / 0.3) +
    W.hexagon * unit((full.wallK - s.mostHexagonK) / 200) +
    W.hotGas * unit((full.gasK - s.mostGasK) / 80) +
    W.wet * unit((ctx.dewPointK + 20 - idle.wallK) / 40) +
    W.afterBend * unit(1 - bends / (2 * radius) / 3) +
    W.afterSlip * unit(1 - slips / 0.15) +
    W.tail * unit((0.6 - tail) / 0.15) +
    W.late * unit((transportS(runs, heat, run.id, alongM, 'idle') - 0.4) / 0.8) +
    W.oneBank * (ctx.halfOnly ? 1 : 0)
  return { place, radius, counted, lost }
}

/** Score of a point, or null where anything forbids it, and what decides between equals. */
const plainJudge = (ctx: SpotContext, alongM: number, clockDeg: number, at = plainAlong(ctx, alongM)) => {
  if (!at) return null
  const { sensor: s, envelope } = ctx
  const { place, radius, counted } = at
  const up = outwards(place, clockDeg)[2]
  const elevation = Math.asin(Math.max(-1, Math.min(1, up))) / RAD
  if (elevation < ctx.leastElevationDeg - 1e-6) return null
  const lowM = place.at[2] + Math.min(up * radius, up * (radius + s.standsOffM)) - envelope.radiusM
  if (ctx.groundM !== null && lowM < ctx.groundM) return null
  const rooms = ctx.obstacles.map((o) => {
    const clear = o.moves ? 0.025 : 0
    const lengthwise = Math.max(0, o.fromM - alongM, alongM - o.toM)
    const around = Math.max(0, Math.abs(turnDeg(o.middleDeg, clockDeg)) - o.halfDeg) * RAD * (radius + o.gapM)
    return { moves: o.moves, room: Math.max(o.gapM - envelope.heightM - clear, Math.hypot(lengthwise, around) - envelope.radiusM - clear) } // prettier-ignore
  })
  if (rooms.some((r) => r.room < 0)) return null
  const least = (moves: boolean) => Math.min(0.025, ...rooms.filter((r) => r.moves === moves).map((r) => r.room))
  const lost =
    at.lost +
    W.low * unit((30 - elevation) / 30) +
    W.upright * unit((elevation - 80) / 10) +
    W.tool * (1 - least(false) / 0.025) +
    W.motion * (1 - least(true) / 0.025)
  const score = Math.max(0, 100 - lost)
  const taste = -0.4 * unit(Math.abs(counted - (ctx.band.leastM + ctx.band.mostM) / 2) / 0.5) - (0.4 * Math.abs(elevation - 50)) / 90 // prettier-ignore
  return { score, rank: score + taste }
}

/** The best five by asking every point, apart from each other. */
const plainBest = (ctx: SpotContext): { alongM: number; clockDeg: number; score: number; rank: number }[] => {
  const firstM = Math.ceil(Math.max(ctx.run.fromM, -0.15) / 0.005) * 0.005
  const all: { alongM: number; clockDeg: number; score: number; rank: number }[] = []
  for (let i = 0; firstM + i * 0.005 <= Math.min(ctx.run.toM, 3) + 1e-6; i++) {
    const at = plainAlong(ctx, firstM + i * 0.005)
    for (let clockDeg = -180; clockDeg < 180; clockDeg += 2) {
      const alongM = firstM + i * 0.005
      const judged = plainJudge(ctx, alongM, clockDeg, at)
      if (judged) all.push({ alongM, clockDeg, ...judged })
    }
  }
  all.sort((a, b) => b.rank - a.rank)
  const taken: typeof all = []
  for (const x of all) {
    if (taken.length === 5) break
    if (taken.every((t) => Math.abs(t.alongM - x.alongM) > 0.06 || Math.abs(turnDeg(t.clockDeg, x.clockDeg)) > 24)) taken.push(x) // prettier-ignore
  }
  return taken
}

describe('the best five by a second, plain judge', () => {
  const more: [string, JobDocument, RunId][] = [
    ['a hot sensor', jobWith({ sensor: { ...sensor, mostHexagonK: 700, mostGasK: 1000 } }), 'a'],
    ['the far school, counted from the ports', { ...jobWith({ school: 'far', sensor: hardy }) }, 'a'],
    ['a slip joint ahead', chain(piece('pipe', 0.1), piece('pipe', 1.3, { joint: 'slip' })), 'a'],
  ]
  it.each([...LAYOUTS.map((l) => [l.says, l.job, l.run ?? 'a'] as const), ...more])('%s', (_says, job, run) => {
    const ctx = contextFor(job, run)
    const grid = spotGrid(ctx)
    const best = bestSpots(ctx, grid)
    const plain = plainBest(ctx)
    // Equals may stand in another order: figures are compared, and each of ours is as good to the other judge.
    expect(best.map((b) => b.score)).toEqual(plain.map((p) => expect.closeTo(p.score, 3)))
    for (const b of best) expect(plainJudge(ctx, b.alongM, b.clockDeg)!.score).toBeCloseTo(b.score, 6)
    // Single precision in the grid: ranks agree to its digits.
    const rankOf = (x: { alongM: number; clockDeg: number }) => plainJudge(ctx, x.alongM, x.clockDeg)!.rank
    expect(best.map(rankOf)).toEqual(plain.map((p) => expect.closeTo(p.rank, 3)))
  })
})
