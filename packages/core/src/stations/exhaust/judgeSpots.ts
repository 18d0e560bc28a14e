import type { ExhaustSection, SensorSpot } from '../../sections/index.ts'
import { fig, plain, say, type Sentence } from '../../verdict/index.ts'
import { FAIR_SCORE } from '../../exhaust/spots/judgeSpot.ts'
import { isPlaced, obstacleGaps } from '../../exhaust/spots/obstacles.ts'
import { bestSpots, spotGrid } from '../../exhaust/spots/spotGrid.ts'
import { isAccepted, isInFound } from './judgeFound.ts'
import { judgedSpotOf } from './judgedSpot.ts'
import { atSensor, contextOf, SENSOR_NAMES, type ExhaustCase, type ExhaustVerdict } from './exhaustCase.ts'

/** The bank whose gas a heat-riser flap sends out through the other while it is cold; null where none does. */
const flapBank = ({ exhaust: { heatRiser, heatRiserBank } }: ExhaustCase): SensorSpot['run'] | null =>
  heatRiser === 'working' || heatRiser === 'seized' ? heatRiserBank : null

/**
 * Runs in which a sensor may be looked for: its own bank where there are two sensors; else the common pipe first, and
 * the bank that a flap cuts off last.
 */
export const runsForSensor = (c: ExhaustCase, index: number): SensorSpot['run'][] => {
  if (c.sensorCount === 2 && c.runs.filter((r) => r.id !== 'common').length === 2) return [index === 0 ? 'a' : 'b']
  const late = flapBank(c)
  const order = (id: SensorSpot['run']) => (id === 'common' ? 0 : id === late ? 2 : 1)
  return c.runs.map((r) => r.id).sort((x, y) => order(x) - order(y))
}

/** The change that puts a sensor somewhere. Sensor B before sensor A: A waits where B sits until it is placed itself. */
export const withSpot = (exhaust: ExhaustSection, index: number, spot: SensorSpot): Pick<ExhaustSection, 'spots'> => {
  const spots = [...exhaust.spots]
  while (spots.length < index) spots.push(spot)
  spots[index] = spot
  return { spots }
}

/** The best free spots for a sensor, those of the unrolled pipe, best first: in the first of its runs that has any. */
export const freeSpotsFor = (c: ExhaustCase, index: number, most: number): SensorSpot[] => {
  for (const run of runsForSensor(c, index)) {
    const ctx = contextOf(c, run)
    const free = ctx ? bestSpots(ctx, spotGrid(ctx), most) : []
    if (free.length > 0) return free.map(({ alongM, clockDeg }) => ({ run, alongM: rounded(alongM), clockDeg }))
  }
  return []
}

/** A tenth of a millimetre: as the sheet takes it. */
const rounded = (m: number): number => Number(m.toFixed(4))

/** What a spot stands on that nobody has measured, in the order to measure it. */
export const conditionsOf = (c: ExhaustCase, spot: SensorSpot): Sentence[] => [
  ...c.exhaust.obstacles
    .filter((o) => o.run === spot.run)
    .flatMap((o) => {
      const [gap] = obstacleGaps(o)
      return gap ? [say`${o.name}: ${gap}`] : []
    }),
  ...(c.exhaust.sensor ? [] : [say`the sensor is not chosen: a typical one is assumed for heat and space`]),
  ...(c.exhaust.groundClearanceM !== null && portHeightUnknown(c, spot.run)
    ? [say`the height of the first port is not measured: ground clearance is worked out from a typical one`]
    : []),
  ...turbinesAhead(c, spot.run)
    .filter((p) => p.piece.wastegateReturnM === null)
    .map((p) => say`where the wastegate of “${p.piece.name}” rejoins is not measured`),
]

const portHeightUnknown = (c: ExhaustCase, run: SensorSpot['run']): boolean =>
  c.exhaust.banks.some((b, i) => b.portHeightM === null && (run === 'common' || run === (i === 0 ? 'a' : 'b')))

const turbinesAhead = (c: ExhaustCase, run: SensorSpot['run']) =>
  c.runs
    .filter((r) => r.id === run || run === 'common')
    .flatMap((r) => r.pieces.filter((p) => p.piece.kind === 'turbine'))

/** Each sensor's spot: set, allowed, and how good. */
export const judgeSpots = (c: ExhaustCase): ExhaustVerdict[] => {
  if (c.runs.length === 0) return []
  return Array.from({ length: c.sensorCount }, (_, index): ExhaustVerdict => {
    const name = c.sensorCount === 1 ? 'Sensor' : SENSOR_NAMES[index]!
    const base = {
      ...plain,
      figureName: 'score',
      ...atSensor('spot', index),
      source: 'hard rules, then weights: trade practice',
    }
    const spot = c.exhaust.spots[index]
    const judged = spot && judgedSpotOf(c, spot)
    if (!spot || !judged)
      return {
        ...base,
        title: `${name}: no position chosen`,
        state: 'unknown',
        reason: say`Choose a position on the unrolled pipe: the best ones are ranked there.`,
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
        title: `${name} is in the other bank`,
        state: 'stop',
        reason: say`With two sensors A belongs to bank A and B to bank B: crossed, each bank is trimmed by the other's sensor.`,
      }
    if (first && isAccepted(c) && isInFound(c, spot))
      return {
        ...base,
        ...figures,
        title: `${name}: in the bung as found, on record`,
        state: 'caution',
        reason: say`${first.says} Used all the same: ${c.exhaust.found!.reason.trim()}`,
      }
    if (first)
      return {
        ...base,
        title: `${name}: position ruled out`,
        state: 'stop',
        reason: say`${first.says}${more.length > 0 ? ` And ${more.length} more against it.` : ''}`,
      }
    const beyond = judged.losses.find((l) => l.rule === 'hexagon' || l.rule === 'hot-gas')
    const poor = judged.score < FAIR_SCORE
    const loss = judged.state === 'caution' && !poor ? beyond : judged.losses[0]
    const [condition, ...further] = conditionsOf(c, spot)
    if (condition && judged.state === 'ok')
      return {
        ...base,
        ...figures,
        title: `${name}: position OK if the assumptions hold`,
        state: 'ok',
        next: say`Measure it: ${condition}`,
        reason: say`${condition}${further.length > 0 ? `, and ${further.length} more` : ''}. Until then the position is provisional.`,
      }
    return {
      ...base,
      ...figures,
      title: poor
        ? `${name}: position allowed, but poor`
        : beyond
          ? `${name}: position allowed, but too hot for the sensor`
          : `${name}: position OK`,
      state: judged.state,
      reason: loss
        ? say`Biggest loss: ${loss.says}${condition ? say` Provisional: ${condition}.` : ''}`
        : say`No drawbacks.`,
    }
  })
}

/** Obstacles with something that nobody has measured: said, so that no spot is proved without it. */
export const judgeObstacles = (c: ExhaustCase): ExhaustVerdict | null => {
  const { obstacles } = c.exhaust
  if (c.runs.length === 0 || obstacles.length === 0) return null
  const open = obstacles.flatMap((o) => obstacleGaps(o).map((gap) => ({ o, gap })))
  const [first] = [...open].sort((a, b) => Number(isPlaced(a.o)) - Number(isPlaced(b.o)))
  return {
    ...plain,
    id: 'obstacles',
    title: first
      ? isPlaced(first.o)
        ? 'Obstacle only partly measured'
        : 'Obstacle not measured'
      : 'Obstacles measured',
    state: first ? 'unknown' : 'ok',
    figureName: 'not fully measured',
    figure: fig(new Set(open.map(({ o }) => o.id)).size, 'count'),
    next: first ? say`Measure ${first.o.name}: ${first.gap}` : say``,
    reason: first
      ? isPlaced(first.o)
        ? say`${first.o.name}: ${first.gap}. A typical figure is assumed until then, and the positions rely on it.`
        : say`The positions are checked without ${first.o.name}: measure where it is along and around the pipe and its gap, at both ends of its travel if it moves.`
      : say`All those entered are counted, each fully measured.`,
    source: 'geometry from the measured figures',
  }
}
