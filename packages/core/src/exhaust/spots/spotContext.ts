import type { ExhaustSection, RunId } from '../../sections/index.ts'
import type { SensorPart } from '../../parts/index.ts'
import { dwellToS, sliceAt, transportS, type RunHeat } from '../gas/runHeat.ts'
import { LEAST_TAIL_M } from '../gas/reversion.ts'
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
  /** Joints along the run, from the merge edge. */
  readonly jointsM: readonly number[]
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

/** Places along a run where water stands: lower than what lies on both sides of them. */
const sagsOf = (run: Run): number[] => {
  const stepM = 0.02
  const n = Math.floor((run.toM - run.fromM) / stepM)
  const heights = Array.from({ length: n + 1 }, (_, i) => heightAtM(run, run.fromM + i * stepM))
  const before = highestSoFar(heights)
  const after = highestSoFar([...heights].reverse()).reverse()
  const sags: number[] = []
  for (let i = 1; i < n; i++) {
    const z = heights[i]!
    if (heights[i - 1]! < z - 1e-9 || heights[i + 1]! <= z - 1e-9) continue
    const lowest = heights[i - 1]! > z + 1e-9 || heights[i + 1]! > z + 1e-9
    if (lowest && before[i - 1]! - z > SAG_DEPTH_M && after[i + 1]! - z > SAG_DEPTH_M) sags.push(run.fromM + i * stepM)
  }
  return sags
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
    sagsM: sagsOf(run),
    jointsM: run.pieces.filter((p) => p.piece.joint !== 'one-piece').map((p) => p.fromM),
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
  const turbine = run.pieces.find((p) => p.piece.kind === 'turbine')
  const tailM = tailAfterM(runs, run.id, alongM)
  const ends = heat[run.id]!
  const full = sliceAt(run, ends.full.typical, alongM)
  const idle = sliceAt(run, ends.idle.typical, alongM)
  const kind = piece.piece.kind
  const edgeM = ctx.bossM / 2 + JOINT_EDGE_M
  const wastegateM = turbine?.piece.wastegateReturnM ?? null
  const hard: HardRule[] = []
  const forbid = (rule: HardRule, when: boolean) => {
    if (when) hard.push(rule)
  }
  const merging = kind === 'merge' || kind === 'log' || kind === 'primaries'
  forbid('one-primary', alongM < run.mergedM - 1e-9)
  forbid('before-turbine', kind === 'turbine' || below.some((p) => p.piece.kind === 'turbine'))
  forbid(
    'before-wastegate',
    turbine !== undefined && alongM >= turbine.toM && wastegateM !== null && alongM < turbine.toM + wastegateM,
  )
  forbid('after-catalyst', upstreamHas(ctx, alongM, 'catalyst'))
  forbid('after-crossover', ctx.two && upstreamHas(ctx, alongM, 'crossover'))
  forbid('banks-joined', ctx.two && run.id === 'common')
  forbid('not-plain-pipe', kind !== 'pipe' && !merging && kind !== 'turbine')
  forbid('on-bend', kind === 'pipe' && piece.bendDeg > 3)
  forbid('at-joint', kind === 'pipe' && ctx.jointsM.some((j) => Math.abs(alongM - j) < edgeM - 1e-9))
  forbid('short-tail', tailM < LEAST_TAIL_M - 1e-9)
  forbid(
    'lowest-point',
    ctx.sagsM.some((s) => Math.abs(s - alongM) < SAG_REACH_M),
  )
  forbid('air-injection', ctx.airInjected)
  forbid('too-hot', full.gasK > ctx.sensor.mostGasShortK)
  const since = (test: (p: LaidPiece) => boolean, edge: (p: LaidPiece) => number) =>
    run.pieces.reduce((least, p) => {
      const d = alongM - edge(p)
      return test(p) && d >= -1e-9 ? Math.min(least, d) : least
    }, Infinity)
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
    afterBendM: since(
      (p) => p.bendDeg > 3,
      (p) => p.toM,
    ),
    afterSlipM: since(
      (p) => p.piece.joint === 'slip' && p.fromM >= 0,
      (p) => p.fromM,
    ),
    transportIdleS: ctx.beforeS + dwellToS(ends.idle.typical, alongM - run.fromM),
  }
}
