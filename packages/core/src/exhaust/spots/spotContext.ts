import type { ExhaustSection, RunId } from '../../sections/index.ts'
import type { SensorPart } from '../../parts/index.ts'
import { dwellToS, sliceAt, transportS, type RunHeat } from '../gas/runHeat.ts'
import { LEAST_TAIL_M } from '../gas/reversion.ts'
import { USUAL_WASTEGATE_RETURN_M } from '../pipe/pieceFigures.ts'
import { heightAtM, placeAt, pieceAt, tailAfterM, type LaidPiece, type Place, type Run } from '../pipe/layOut.ts'
import { sweptObstacles, type Envelope, type SweptObstacle } from './obstacles.ts'
import { ANGLE_LIMITS, DISTANCE_BANDS, type DistanceBand } from './schools.ts'
import type { HardRule } from './spotRules.ts'

/** What a sensor bears and how much room it takes. */
export type SensorLimits = Pick<
  SensorPart,
  'mostGasK' | 'mostGasShortK' | 'mostHexagonK' | 'standsOffM' | 'hexagonM' | 'leastBendRadiusM'
>
/** A usual sensor, until one is chosen: data-sheet figures of the kind. */
export const USUAL_SENSOR: SensorLimits = {
  mostGasK: 850 + 273.15,
  mostGasShortK: 930 + 273.15,
  mostHexagonK: 500 + 273.15,
  standsOffM: 0.07,
  hexagonM: 0.022,
  leastBendRadiusM: 0.03,
}
/** Wall of a slotted socket and the hand that turns it. Rule of thumb. */
const TOOL_M = 0.014
const USUAL_BOSS_M = 0.03
/** Weld or saddle beside a joint. Rule of thumb. */
const JOINT_EDGE_M = 0.005
const SAG_REACH_M = 0.1
const SAG_DEPTH_M = 0.004

/** Everything that judging spots on a run needs, worked out once. */
export interface SpotContext {
  readonly run: Run
  readonly runs: readonly Run[]
  readonly heat: RunHeat
  readonly sensor: SensorLimits
  readonly envelope: Envelope
  readonly obstacles: readonly SweptObstacle[]
  readonly band: DistanceBand
  readonly leastElevationDeg: number
  readonly groundM: number | null
  readonly bossM: number
  readonly dewPointK: number
  /** Two sensors, one a bank. */
  readonly two: boolean
  /** One sensor of an engine whose other bank has a pipe of its own. */
  readonly halfOnly: boolean
  readonly airInjected: boolean
  readonly sagsM: readonly number[]
  readonly joints: readonly JointOnRun[]
  /** Pipe from the ports to the run's datum, m. */
  readonly portsToDatumM: number
  /** Ends of bends and slip joints of the pipes that lead into this run, as places of its own. */
  readonly bendsBeforeM: readonly number[]
  readonly slipsBeforeM: readonly number[]
  /** Where the wastegate's gas has come back, as a place of this run; -Infinity without a turbine ahead. */
  readonly wastegateM: number
  /** Idle transport time to the start of the run, s. */
  readonly beforeS: number
}

/** One place along the run: what holds for every clock angle there. */
export interface SpotColumn {
  readonly alongM: number
  readonly piece: LaidPiece
  readonly place: Place
  readonly radiusM: number
  readonly hard: readonly HardRule[]
  readonly tailM: number
  readonly fullGasK: number
  readonly fullWallK: number
  readonly idleWallK: number
  /** Downstream of the last bend and of the last slip joint; infinite where there is none. */
  readonly afterBendM: number
  readonly afterSlipM: number
  readonly transportIdleS: number
}

export interface SpotSettings {
  readonly runs: readonly Run[]
  readonly heat: RunHeat
  readonly exhaust: ExhaustSection
  readonly sensorCount: 0 | 1 | 2
  readonly dewPointK: number
}

/** Highest of each place's neighbours up to it, from the left. */
const highestSoFar = (heights: readonly number[]): number[] => {
  let most = -Infinity
  return heights.map((h) => (most = Math.max(most, h)))
}

const SAG_STEP_M = 0.02
/** Water gathers within so much of the height of the lowest place near by. */
const SAG_FLAT_M = 0.0005

/** Indices at which water stands: under the level it would spill at, and as low as anything near by. */
const lowPlaces = (heights: readonly number[]): number[] => {
  const before = highestSoFar(heights)
  const after = highestSoFar([...heights].reverse()).reverse()
  const near = Math.round(SAG_REACH_M / SAG_STEP_M)
  return heights.flatMap((z, i) => {
    const depthM = Math.min(before[i]!, after[i]!) - z
    const lowestNear = Math.min(...heights.slice(Math.max(0, i - near), i + near + 1))
    return depthM > SAG_DEPTH_M && z <= lowestNear + SAG_FLAT_M ? [i] : []
  })
}

const heightsOf = (run: Run): number[] =>
  Array.from({ length: Math.floor((run.toM - run.fromM) / SAG_STEP_M) + 1 }, (_, i) =>
    heightAtM(run, run.fromM + i * SAG_STEP_M),
  )

/**
 * Places along a run where water stands, the pipes it goes on into or comes from counted with it: a dip at the join of
 * two runs, and all of a level valley.
 */
const sagsOf = (run: Run, runs: readonly Run[]): number[] => {
  const own = heightsOf(run)
  const common = run.id === 'common' ? null : runs.find((r) => r.id === 'common')
  const banks = run.id === 'common' ? runs.filter((r) => r.id !== 'common') : []
  // Where the common pipe begins it is drawn midway between the banks: the joint is taken level.
  const level = (heights: readonly number[], by: number) => heights.map((h) => h + by)
  const chains = [
    ...(common ? [{ before: [], after: level(heightsOf(common), own.at(-1)! - heightAtM(common, common.fromM)) }] : []),
    ...banks.map((b) => ({ before: level(heightsOf(b), own[0]! - heightsOf(b).at(-1)!), after: [] })),
  ]
  const all = chains.length > 0 ? chains : [{ before: [], after: [] }]
  const found = new Set(
    all.flatMap(({ before, after }) =>
      lowPlaces([...before, ...own, ...after])
        .map((i) => i - before.length)
        .filter((i) => i >= 0 && i < own.length),
    ),
  )
  return [...found].sort((a, b) => a - b).map((i) => run.fromM + i * SAG_STEP_M)
}

/** Pipe between the ports and the beginning of a run, m: of the common pipe by the shorter bank. */
const beforeRunM = (run: Run, runs: readonly Run[]): number =>
  run.id === 'common' ? Math.min(...runs.filter((r) => r.id !== 'common').map((r) => r.toM - r.fromM)) : 0

/** Joints with what they stand proud of the pipe: a tool does not go down beside a flange. */
const PROUD: ReadonlySet<string> = new Set(['flange', 'clamped', 'ball'])

interface JointOnRun {
  readonly atM: number
  readonly proud: boolean
}

/** Joints along a run, and the one at which it goes on into the common pipe. */
const jointsAlong = (run: Run, runs: readonly Run[]): JointOnRun[] => {
  const common = run.id === 'common' ? null : runs.find((r) => r.id === 'common')
  const own = run.pieces.map((p) => ({ joint: p.piece.joint, atM: p.fromM }))
  const next = common?.pieces[0] ? [{ joint: common.pieces[0].piece.joint, atM: run.toM }] : []
  return [...own, ...next]
    .filter((j) => j.joint !== 'one-piece')
    .map((j) => ({ atM: j.atM, proud: PROUD.has(j.joint) }))
}

const BEND_DEG = 3

/** Edges of pieces of the banks, as places of the common pipe that follows. */
const placesBefore = (run: Run, runs: readonly Run[], edge: (p: LaidPiece) => number | null): number[] =>
  run.id !== 'common'
    ? []
    : runs
        .filter((r) => r.id !== 'common')
        .flatMap((b) => b.pieces.flatMap((p) => edge(p) ?? []).map((m) => run.fromM + m - b.toM))

/** Where the last wastegate ahead has let its gas back in; where nobody has measured it, at a usual distance. */
const wastegateOf = (run: Run, runs: readonly Run[]): number => {
  const returns = (r: Run, shiftM: number) =>
    r.pieces
      .filter((p) => p.piece.kind === 'turbine')
      .map((p) => p.toM + (p.piece.wastegateReturnM ?? USUAL_WASTEGATE_RETURN_M) + shiftM)
  const before = run.id === 'common' ? runs.filter((r) => r.id !== 'common') : []
  return Math.max(-Infinity, ...returns(run, 0), ...before.flatMap((b) => returns(b, run.fromM - b.toM)))
}

export const spotContext = (
  { runs, heat, exhaust, sensorCount, dewPointK }: SpotSettings,
  id: RunId,
): SpotContext | null => {
  const run = runs.find((r) => r.id === id)
  if (!run || !heat[id]) return null
  const sensor = exhaust.sensor ?? USUAL_SENSOR
  const banks = runs.filter((r) => r.id !== 'common')
  return {
    run,
    runs,
    heat,
    sensor,
    envelope: {
      heightM: sensor.standsOffM + sensor.leastBendRadiusM,
      radiusM: sensor.hexagonM / 2 + TOOL_M,
    },
    obstacles: sweptObstacles(exhaust.obstacles, id),
    band: DISTANCE_BANDS[exhaust.school],
    leastElevationDeg: ANGLE_LIMITS[exhaust.angleSchool].leastDeg,
    groundM: exhaust.groundClearanceM,
    bossM: exhaust.bung?.lengthM ?? USUAL_BOSS_M,
    dewPointK,
    two: sensorCount === 2 && banks.length === 2,
    halfOnly: sensorCount === 1 && banks.length === 2 && id !== 'common',
    airInjected: exhaust.airInjection === 'ports',
    sagsM: sagsOf(run, runs),
    joints: jointsAlong(run, runs),
    portsToDatumM: beforeRunM(run, runs) - run.fromM,
    bendsBeforeM: placesBefore(run, runs, (p) => (p.bendDeg > BEND_DEG ? p.toM : null)),
    slipsBeforeM: placesBefore(run, runs, (p) => (p.piece.joint === 'slip' ? p.fromM : null)),
    wastegateM: wastegateOf(run, runs),
    beforeS: transportS(runs, heat, id, run.fromM, 'idle'),
  }
}

const upstreamHas = (ctx: SpotContext, alongM: number, kind: LaidPiece['piece']['kind']): boolean =>
  ctx.run.pieces.some((p) => p.piece.kind === kind && p.toM <= alongM + 1e-9) ||
  (ctx.run.id === 'common' && ctx.runs.some((r) => r.id !== 'common' && r.pieces.some((p) => p.piece.kind === kind)))

/** The rules that look along the pipe only. */
export const spotColumn = (ctx: SpotContext, alongM: number): SpotColumn => {
  const { run, runs, heat } = ctx
  const piece = pieceAt(run, alongM)
  const common = run.id === 'common' ? null : runs.find((r) => r.id === 'common')
  const below = [...run.pieces.filter((p) => p.fromM > alongM), ...(common?.pieces ?? [])]
  const tailM = tailAfterM(runs, run.id, alongM)
  const ends = heat[run.id]!
  const full = sliceAt(run, ends.full.typical, alongM)
  const idle = sliceAt(run, ends.idle.typical, alongM)
  const kind = piece.piece.kind
  // The foot of the boss with the weld or the edge of the saddle around it.
  const footM = ctx.bossM / 2 + JOINT_EDGE_M
  const edgeOf = (j: JointOnRun) => Math.max(footM, j.proud ? ctx.envelope.radiusM : 0)
  /** What lies under the boss, in this run and the one it goes on into. */
  const under = (p: LaidPiece, shiftM: number) =>
    p.toM + shiftM > alongM - footM + 1e-9 && p.fromM + shiftM < alongM + footM - 1e-9
  const footprint = [
    ...run.pieces.filter((p) => under(p, 0)),
    ...(common?.pieces.filter((p) => under(p, run.toM - common.fromM)) ?? []),
  ]
  const hard: HardRule[] = []
  const forbid = (rule: HardRule, when: boolean) => {
    if (when) hard.push(rule)
  }
  forbid('one-primary', alongM < run.mergedM - 1e-9)
  forbid('before-turbine', kind === 'turbine' || below.some((p) => p.piece.kind === 'turbine'))
  const behindTurbine = Number.isFinite(ctx.wastegateM) && !hard.includes('before-turbine')
  forbid('before-wastegate', behindTurbine && alongM - footM < ctx.wastegateM - 1e-9)
  forbid('after-catalyst', upstreamHas(ctx, alongM, 'catalyst'))
  forbid('after-crossover', upstreamHas(ctx, alongM, 'crossover'))
  forbid('banks-joined', ctx.two && run.id === 'common')
  const onPipe = kind === 'pipe'
  const ahead = hard.includes('one-primary') || hard.includes('before-turbine')
  forbid('not-plain-pipe', !ahead && kind !== 'turbine' && (!onPipe || footprint.some((p) => p.piece.kind !== 'pipe')))
  forbid('on-bend', onPipe && footprint.some((p) => p.piece.kind === 'pipe' && p.bendDeg > BEND_DEG))
  forbid('at-joint', onPipe && ctx.joints.some((j) => Math.abs(alongM - j.atM) < edgeOf(j) - 1e-9))
  forbid('short-tail', tailM < LEAST_TAIL_M - 1e-9)
  forbid(
    'lowest-point',
    ctx.sagsM.some((s) => Math.abs(s - alongM) < SAG_REACH_M),
  )
  forbid('air-injection', ctx.airInjected)
  forbid('too-hot', full.gasK > ctx.sensor.mostGasShortK)
  const since = (edgesM: readonly number[]) =>
    edgesM.reduce((least, edge) => (alongM - edge >= -1e-9 ? Math.min(least, alongM - edge) : least), Infinity)
  return {
    alongM,
    piece,
    place: placeAt(run, alongM),
    radiusM: piece.outsideM / 2,
    hard,
    tailM,
    fullGasK: full.gasK,
    fullWallK: full.wallK,
    idleWallK: idle.wallK,
    afterBendM: since([...ctx.bendsBeforeM, ...run.pieces.filter((p) => p.bendDeg > BEND_DEG).map((p) => p.toM)]),
    afterSlipM: since([
      ...ctx.slipsBeforeM,
      ...run.pieces.filter((p) => p.piece.joint === 'slip' && p.fromM >= 0).map((p) => p.fromM),
    ]),
    transportIdleS: ctx.beforeS + dwellToS(ends.idle.typical, alongM - run.fromM),
  }
}
