import type { ExhaustSection, SensorSpot } from '../../sections/index.ts'
import { fig, plain, say } from '../../verdict/index.ts'
import { judgeSpot, type JudgedSpot } from '../../exhaust/spots/judgeSpot.ts'
import { isPlaced } from '../../exhaust/spots/obstacles.ts'
import { coarseRanked, type CoarseSpot } from '../../exhaust/spots/coarseRanked.ts'
import { atSensor, contextOf, SENSOR_NAMES, type ExhaustCase, type ExhaustVerdict } from './exhaustCase.ts'

/** Below this a spot that is allowed is worth another look. House figure. */
const FAIR_SCORE = 60

export const judgedSpotOf = (c: ExhaustCase, spot: SensorSpot): JudgedSpot | null => {
  const ctx = contextOf(c, spot.run)
  return ctx && judgeSpot(ctx, spot.alongM, spot.clockDeg)
}

/** Runs in which a sensor may be looked for: its own bank where there are two sensors, else the common pipe first. */
export const runsForSensor = (c: ExhaustCase, index: number): SensorSpot['run'][] => {
  if (c.sensorCount === 2 && c.runs.filter((r) => r.id !== 'common').length === 2) return [index === 0 ? 'a' : 'b']
  return c.runs.map((r) => r.id).reverse()
}

/** The change that puts a sensor somewhere. Sensor B before sensor A: A waits where B sits until it is placed itself. */
export const withSpot = (exhaust: ExhaustSection, index: number, spot: SensorSpot): Pick<ExhaustSection, 'spots'> => {
  const spots = [...exhaust.spots]
  while (spots.length < index) spots.push(spot)
  spots[index] = spot
  return { spots }
}

/** Free spots for a sensor on a coarse grid, best first: in the first of its runs that has any. */
export const freeSpotsFor = (c: ExhaustCase, index: number, most: number): (SensorSpot & CoarseSpot)[] => {
  for (const run of runsForSensor(c, index)) {
    const ctx = contextOf(c, run)
    const free = ctx ? coarseRanked(ctx, most) : []
    if (free.length > 0) return free.map((spot) => ({ run, ...spot }))
  }
  return []
}

/** Each sensor's spot: set, allowed, and how good. */
export const judgeSpots = (c: ExhaustCase): ExhaustVerdict[] => {
  if (c.runs.length === 0) return []
  return Array.from({ length: c.sensorCount }, (_, index): ExhaustVerdict => {
    const name = c.sensorCount === 1 ? 'Sensor' : SENSOR_NAMES[index]!
    const base = {
      ...plain,
      figureName: 'score',
      ...atSensor('spot', index),
      source: 'hard rules, then house weights: practice of the trade',
    }
    const spot = c.exhaust.spots[index]
    const judged = spot && judgedSpotOf(c, spot)
    if (!spot || !judged)
      return {
        ...base,
        title: `${name}: no spot chosen`,
        state: 'unknown',
        reason: say`Choose a spot on the unrolled pipe: the best free ones are ranked there.`,
      }
    const [first, ...more] = judged.forbidden
    const rightRun = runsForSensor(c, index).includes(spot.run)
    const figures = {
      figure: fig(judged.score, 'count'),
      limitName: 'fair from',
      limit: fig(FAIR_SCORE, 'count'),
      margin: fig(judged.score - FAIR_SCORE, 'count'),
    }
    if (!rightRun)
      return {
        ...base,
        title: `${name} sits in the other bank`,
        state: 'stop',
        reason: say`With two sensors A belongs to bank A and B to bank B: crossed, each bank is steered by the other.`,
      }
    if (first)
      return {
        ...base,
        title: `${name}: the spot is forbidden`,
        state: 'stop',
        reason: say`${first.says}${more.length > 0 ? ` And ${more.length} more against it.` : ''}`,
      }
    const [loss] = judged.losses
    const poor = judged.score < FAIR_SCORE
    return {
      ...base,
      ...figures,
      title: poor ? `${name}: the spot is allowed, but poor` : `${name}: the spot stands`,
      state: poor ? 'caution' : 'ok',
      reason: loss ? say`Most lost by: ${loss.says}` : say`Nothing speaks against it.`,
    }
  })
}

/** An obstacle that nobody has measured forbids nothing: it is said, so that no spot is proved without it. */
export const judgeObstacles = (c: ExhaustCase): ExhaustVerdict | null => {
  const { obstacles } = c.exhaust
  const open = obstacles.filter((o) => !isPlaced(o))
  const [first] = open
  if (c.runs.length === 0 || obstacles.length === 0) return null
  return {
    ...plain,
    id: 'obstacles',
    title: first ? 'An obstacle is not measured' : 'Obstacles measured',
    state: first ? 'unknown' : 'ok',
    figureName: 'not measured',
    figure: fig(open.length, 'count'),
    next: say`Measure ${first?.name ?? ''}: along, by the clock, and its distance from the pipe`,
    reason: first
      ? say`The spots are judged without ${first.name}: measure where it is along and around the pipe and how far off, at both ends of its travel if it moves.`
      : say`All that were entered count.`,
    source: 'geometry from the measured figures',
  }
}
