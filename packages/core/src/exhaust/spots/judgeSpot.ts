import { fig, say } from '../../verdict/index.ts'
import { GOOD_TAIL_M, LEAST_TAIL_M } from '../gas/reversion.ts'
import { outwards } from '../pipe/layOut.ts'
import { MOVING_CLEARANCE_M, roomM } from './obstacles.ts'
import { spotColumn, type SpotColumn, type SpotContext } from './spotContext.ts'
import {
  HARD_REASONS,
  HARD_RULES,
  tailReason,
  type HardFinding,
  type HardRule,
  type SoftFinding,
  type SoftRule,
} from './spotRules.ts'
import type { Sentence } from '../../verdict/index.ts'

const RAD = Math.PI / 180

/** Points off a hundred, at most, by rule. House weights, shown with every loss. */
const MOST_LOSS: Readonly<Record<SoftRule, number>> = {
  school: 35,
  hexagon: 30,
  'hot-gas': 30,
  wet: 10,
  'after-bend': 10,
  'after-slip': 12,
  tail: 8,
  'low-angle': 10,
  upright: 8,
  late: 10,
  'one-bank': 12,
  tool: 8,
  'close-motion': 8,
}
/** Over how much more than needed room a tool or a moving part still counts. */
const NEAR_M = 0.025
const DRAINS_DEG = 30
const UPRIGHT_DEG = 80

const clamp01 = (x: number): number => Math.min(1, Math.max(0, x))

/** Distance as the chosen school counts it: from the run's datum or from the ports, m. */
const asCounted = (ctx: SpotContext, alongM: number): number =>
  ctx.band.from === 'ports' ? ctx.portsToDatumM + alongM : alongM

const outsideOfBandM = (ctx: SpotContext, alongM: number): number => {
  const m = asCounted(ctx, alongM)
  return Math.max(0, ctx.band.leastM - m, m - ctx.band.mostM)
}

/** Losses that hold for every clock angle of a column. */
const columnLosses = (ctx: SpotContext, c: SpotColumn): readonly (readonly [SoftRule, number])[] => {
  const outsideBandM = outsideOfBandM(ctx, c.alongM)
  const diameters = c.afterBendM / (2 * c.radiusM)
  return [
    ['school', clamp01(outsideBandM / 0.3)],
    ['hexagon', clamp01((c.fullWallK - ctx.sensor.mostHexagonK) / 200)],
    ['hot-gas', clamp01((c.fullGasK - ctx.sensor.mostGasK) / 80)],
    ['wet', clamp01((ctx.dewPointK + 20 - c.idleWallK) / 40)],
    ['after-bend', clamp01(1 - diameters / 3)],
    ['after-slip', clamp01(1 - c.afterSlipM / 0.15)],
    ['tail', clamp01((GOOD_TAIL_M - c.tailM) / (GOOD_TAIL_M - LEAST_TAIL_M))],
    ['late', clamp01((c.transportIdleS - 0.4) / 0.8)],
    ['one-bank', ctx.halfOnly ? 1 : 0],
  ]
}

/** What is found at one spot; told only where somebody listens, so that a grid of them stays quick. */
export interface SpotListener {
  hard(rule: HardRule, name?: string, figure?: number): void
  soft(rule: SoftRule, loss: number, name?: string): void
}

export interface PreparedColumn extends SpotColumn {
  readonly losses: readonly (readonly [SoftRule, number])[]
  readonly lost: number
  /** Upward part of the top line, and of the line at 90° of the clock. */
  readonly topUp: number
  readonly rightUp: number
}

export const preparedColumn = (ctx: SpotContext, alongM: number): PreparedColumn => {
  const column = spotColumn(ctx, alongM)
  const losses = columnLosses(ctx, column)
  return {
    ...column,
    losses,
    lost: losses.reduce((sum, [rule, share]) => sum + MOST_LOSS[rule] * share, 0),
    topUp: column.place.top[2],
    rightUp: outwards(column.place, 90)[2],
  }
}

const codeOf = (rule: HardRule): number => -1 - HARD_RULES.indexOf(rule)

const elevationOf = (column: PreparedColumn, clockDeg: number): number => {
  const up = column.topUp * Math.cos(clockDeg * RAD) + column.rightUp * Math.sin(clockDeg * RAD)
  return Math.asin(Math.max(-1, Math.min(1, up))) / RAD
}

/**
 * Judges one spot: the score of a hundred, or -1 less the index in HARD_RULES of the first rule that forbids it. The rules along the pipe come with the
 * column; here those of the clock angle are added. Without a listener it stops at the first thing that forbids.
 */
export const judgeCell = (ctx: SpotContext, column: PreparedColumn, clockDeg: number, tell?: SpotListener): number => {
  const [alongRule] = column.hard
  let first: HardRule | null = alongRule ?? null
  if (first && !tell) return codeOf(first)
  if (tell) for (const rule of column.hard) tell.hard(rule)
  const { place, radiusM } = column
  const elevation = elevationOf(column, clockDeg)
  if (elevation < ctx.leastElevationDeg - 1e-6) {
    if (!tell) return codeOf('below-level')
    first ??= 'below-level'
    tell.hard('below-level', undefined, elevation)
  }
  if (ctx.groundM !== null) {
    const up = Math.sin(elevation * RAD)
    const lowM = place.at[2] + Math.min(up * radiusM, up * (radiusM + ctx.sensor.standsOffM)) - ctx.envelope.radiusM
    if (lowM < ctx.groundM) {
      if (!tell) return codeOf('ground')
      first ??= 'ground'
      tell.hard('ground', undefined, lowM)
    }
  }
  let tightM = NEAR_M
  let movingM = NEAR_M
  for (const o of ctx.obstacles) {
    const room = roomM(o, ctx.envelope, column.alongM, clockDeg, radiusM)
    if (room < 0) {
      const rule = o.moves ? 'moving' : 'blocked'
      if (!tell) return codeOf(rule)
      first ??= rule
      tell.hard(rule, o.name, room)
    } else if (o.moves) movingM = Math.min(movingM, room)
    else tightM = Math.min(tightM, room)
  }
  const low = clamp01((DRAINS_DEG - elevation) / DRAINS_DEG)
  const steep = clamp01((elevation - UPRIGHT_DEG) / (90 - UPRIGHT_DEG))
  const tool = 1 - tightM / NEAR_M
  const motion = 1 - movingM / NEAR_M
  if (tell) {
    const told = [
      ...column.losses,
      ['low-angle', low],
      ['upright', steep],
      ['tool', tool],
      ['close-motion', motion],
    ] as const
    for (const [rule, share] of told) if (share > 1e-9) tell.soft(rule, MOST_LOSS[rule] * share)
  }
  const lost =
    column.lost +
    MOST_LOSS['low-angle'] * low +
    MOST_LOSS.upright * steep +
    MOST_LOSS.tool * tool +
    MOST_LOSS['close-motion'] * motion
  return first ? codeOf(first) : Math.max(0, 100 - lost)
}

/** Drains well and keeps the cable out of the heat. */
const FINE_ELEVATION_DEG = 50

/** Between spots of the same score: the middle of the school's band, and a slope that drains. Less than one point. */
export const preferred = (ctx: SpotContext, column: PreparedColumn, clockDeg: number): number =>
  -0.4 * clamp01(Math.abs(asCounted(ctx, column.alongM) - (ctx.band.leastM + ctx.band.mostM) / 2) / 0.5) -
  (0.4 * Math.abs(elevationOf(column, clockDeg) - FINE_ELEVATION_DEG)) / 90

/** A spot with all that speaks against it. */
export interface JudgedSpot {
  readonly alongM: number
  readonly clockDeg: number
  readonly elevationDeg: number
  readonly forbidden: readonly HardFinding[]
  /** Largest loss first. */
  readonly losses: readonly SoftFinding[]
  /** Of a hundred; of a forbidden spot what it would be otherwise. */
  readonly score: number
  /** The one word for it, on every sheet: forbidden; poor, or beyond what the sensor bears for long; or sound. */
  readonly state: 'stop' | 'caution' | 'ok'
}

/** Below this a spot that is allowed is worth another look. House figure. */
export const FAIR_SCORE = 60
/** Losses that are no matter of taste: the sensor does not last there. */
const BEYOND_LIMITS: ReadonlySet<SoftRule> = new Set(['hexagon', 'hot-gas'])

const stateOf = (
  forbidden: readonly HardFinding[],
  losses: readonly SoftFinding[],
  score: number,
): JudgedSpot['state'] =>
  forbidden.length > 0 ? 'stop' : score < FAIR_SCORE || losses.some((l) => BEYOND_LIMITS.has(l.rule)) ? 'caution' : 'ok'

const hardSays = (ctx: SpotContext, c: SpotColumn, rule: HardRule, name?: string, figure?: number): Sentence => {
  switch (rule) {
    case 'short-tail':
      return tailReason(c.tailM)
    case 'too-hot':
      return say`${fig(c.fullGasK, 'temperature')} gas at full load: above the ${fig(ctx.sensor.mostGasShortK, 'temperature')} the sensor survives for minutes.`
    case 'below-level':
      return say`${fig(figure ?? 0, 'angle')} above level, at least ${fig(ctx.leastElevationDeg, 'angle')} needed: water runs into the tip and cracks it.`
    case 'ground':
      return say`It would hang ${fig(figure ?? 0, 'bore', 0)} above the ground; ${fig(ctx.groundM ?? 0, 'bore', 0)} must stay clear.`
    case 'blocked':
      return say`No room for sensor, cable bend and tool: ${name ?? 'something'} is ${fig(-(figure ?? 0), 'bore', 0)} too near.`
    case 'moving':
      return say`${name ?? 'Something'} comes ${fig(-(figure ?? 0), 'bore', 0)} too near at one end of its travel: ${fig(MOVING_CLEARANCE_M, 'bore', 0)} must stay clear at both ends.`
    default:
      return HARD_REASONS[rule]
  }
}

const softSays = (ctx: SpotContext, c: SpotColumn, rule: SoftRule): Sentence => {
  switch (rule) {
    case 'school':
      return say`${fig(outsideOfBandM(ctx, c.alongM), 'bore', 0)} outside the recommended distance (${ctx.band.name.toLowerCase()}).`
    case 'hexagon':
      return say`Housing at ${fig(c.fullWallK, 'temperature')} under sustained full load, ${fig(ctx.sensor.mostHexagonK, 'temperature')} allowed: fit a finned bung or a heat shield.`
    case 'hot-gas':
      return say`Gas at ${fig(c.fullGasK, 'temperature')} under full load, ${fig(ctx.sensor.mostGasK, 'temperature')} continuous.`
    case 'wet':
      return say`Wall at ${fig(c.idleWallK, 'temperature')} at idle: water condenses near ${fig(ctx.dewPointK, 'temperature')}.`
    case 'after-bend':
      return say`${fig(c.afterBendM, 'bore', 0)} after a bend: the gas is still biased to one side.`
    case 'after-slip':
      return say`${fig(c.afterSlipM, 'bore', 0)} after a slip joint: a leak there shows up first.`
    case 'tail':
      return say`${fig(c.tailM, 'bore', 0)} of tail; ${fig(GOOD_TAIL_M, 'bore', 0)} gives room at idle.`
    case 'low-angle':
      return say`Little slope for water to drain back.`
    case 'upright':
      return say`Straight up, the cable sits in rising heat, worst after a stop.`
    case 'late':
      return say`The gas takes ${fig(c.transportIdleS, 'duration', 0)} to get here at idle.`
    case 'one-bank':
      return ctx.runs.some((r) => r.id === 'common')
        ? say`It reads one bank and the other follows blindly; in the common pipe it would read both.`
        : say`It reads one bank and the other follows blindly; a sensor in each bank would read both.`
    case 'tool':
      return say`Barely room for sensor and tool.`
    case 'close-motion':
      return say`Little more than ${fig(MOVING_CLEARANCE_M, 'bore', 0)} from something that moves.`
  }
}

/** Any spot on the run, whole story. */
export const judgeSpot = (ctx: SpotContext, alongM: number, clockDeg: number): JudgedSpot => {
  const column = preparedColumn(ctx, alongM)
  const forbidden: HardFinding[] = []
  const losses: SoftFinding[] = []
  judgeCell(ctx, column, clockDeg, {
    hard: (rule, name, figure) => forbidden.push({ rule, says: hardSays(ctx, column, rule, name, figure) }),
    soft: (rule, loss) => losses.push({ rule, loss, says: softSays(ctx, column, rule) }),
  })
  losses.sort((a, b) => b.loss - a.loss)
  const score = Math.max(0, 100 - losses.reduce((sum, l) => sum + l.loss, 0))
  return {
    alongM,
    clockDeg,
    elevationDeg: elevationOf(column, clockDeg),
    forbidden,
    losses,
    score,
    state: stateOf(forbidden, losses, score),
  }
}
