import { fig, plain, say } from '../../verdict/index.ts'
import { pipeDoubts } from '../../exhaust/pipe/checkPipe.ts'
import { placeAt } from '../../exhaust/pipe/layOut.ts'
import type { ExhaustCase, ExhaustVerdict } from './exhaustCase.ts'
import { sensorAdvice, sharesTurbine, steeringDoubts } from './sensorAdvice.ts'

/** Is the exhaust entered, and does what was entered fit together? */
export const judgePipe = (c: ExhaustCase): ExhaustVerdict => {
  const base = { ...plain, id: 'pipe', source: 'geometry from the measured figures' }
  if (c.runs.length === 0)
    return {
      ...base,
      title: 'Exhaust as measured',
      state: 'unknown',
      reason: say`Enter the exhaust piece by piece from the ports to the open end, or start from the walk-around.`,
    }
  const doubts = pipeDoubts(c.runs, c.cylindersEntered)
  const openEnd = c.runs.at(-1)!.pieces.at(-1)!.piece.kind === 'open-end'
  const problems = [
    ...doubts,
    ...(openEnd ? [] : [say`The last piece is not an open end: where does the gas get out?`]),
  ]
  const [first] = problems
  return {
    ...base,
    title: first ? 'The exhaust as entered does not fit together' : 'Exhaust as measured',
    state: first ? 'caution' : 'ok',
    reason: first
      ? say`${first}${problems.length > 1 ? ` And ${problems.length - 1} more like it.` : ''}`
      : say`Pieces, banks and cylinders fit together.`,
  }
}

/** Does the pipe itself keep off the ground? */
export const judgeGround = (c: ExhaustCase): ExhaustVerdict | null => {
  const clearanceM = c.exhaust.groundClearanceM
  if (clearanceM === null || c.exhaust.banks.every((b) => b.portHeightM === null)) return null
  let least = Infinity
  let where = ''
  for (const run of c.runs)
    for (const p of run.pieces)
      for (const x of [p.fromM, (p.fromM + p.toM) / 2, p.toM]) {
        const z = placeAt(run, Math.min(x, p.toM - 1e-6)).at[2] - p.outsideM / 2
        if (z < least) {
          least = z
          where = p.piece.name
        }
      }
  if (!Number.isFinite(least)) return null
  const short = least < clearanceM - 1e-6
  return {
    ...plain,
    id: 'ground',
    title: short ? 'Exhaust too low' : 'Ground clearance',
    state: short ? 'caution' : 'ok',
    figureName: `lowest: ${where}`,
    figure: fig(least, 'bore', 0),
    limitName: 'to keep',
    limit: fig(clearanceM, 'bore', 0),
    margin: fig(least - clearanceM, 'bore', 0),
    reason: short
      ? say`The lowest part gets hit first: a flange or a sensor there will not last.`
      : say`Nothing hangs below the clearance you set.`,
    source: 'geometry from the measured figures',
  }
}

export const COUNT_WORDS = ['no sensor', 'one sensor', 'two sensors'] as const

/** One sensor, two, or none. */
export const judgeCount = (c: ExhaustCase): ExhaustVerdict | null => {
  if (c.runs.length === 0) return null
  const advice = sensorAdvice(c)
  const also = advice.also.find((a) => a.count === c.sensorCount)
  const differs = advice.count !== c.sensorCount && !also
  const fight = sharesTurbine(c) && c.sensorCount === 2
  const blind = advice.count === 0 && c.sensorCount > 0
  const [why] = advice.reasons
  return {
    ...plain,
    id: 'count',
    title: fight
      ? 'Two sensors after one turbo'
      : blind
        ? 'Pipe too short for a sensor'
        : differs
          ? `${COUNT_WORDS[c.sensorCount]} chosen, ${COUNT_WORDS[advice.count]} would do better`.replace(/^./, (x) =>
              x.toUpperCase(),
            )
          : 'How many sensors',
    state: fight || blind ? 'stop' : differs ? 'caution' : 'ok',
    figureName: 'chosen',
    figure: fig(c.sensorCount, 'count'),
    limitName: 'asked for',
    limit: fig(advice.count, 'count'),
    reason: also ? also.says : say`${why!}`,
    source: 'trade practice',
  }
}

/** May closed loop steer at all with what blows into this exhaust? */
export const judgeForeignAir = (c: ExhaustCase): ExhaustVerdict | null => {
  if (c.runs.length === 0) return null
  const { airInjection, heatRiser } = c.exhaust
  const doubts = steeringDoubts(c)
  const [first] = doubts
  if (!first)
    return airInjection === null || heatRiser === null
      ? {
          ...plain,
          id: 'foreign-air',
          title: 'Air pump and heat-riser flap',
          state: 'unknown',
          reason: say`Look for an air pump that blows into the ports, and for a heat-riser flap: both upset the reading.`,
          source: 'trade practice',
        }
      : {
          ...plain,
          id: 'foreign-air',
          title: 'Air pump and heat-riser flap',
          state: 'ok',
          reason: say`No air is pumped in ahead of the sensor, and no flap sends one bank through the other.`,
          source: 'trade practice',
        }
  return {
    ...plain,
    id: 'foreign-air',
    title:
      airInjection === 'ports' ? 'Air is pumped in ahead of the sensor' : 'Exhaust of the banks is mixed or missing',
    state: airInjection === 'ports' ? 'stop' : 'caution',
    next:
      airInjection === 'ports'
        ? say`Shut the air off in closed loop, or divert it to the catalyst, as the law allows`
        : say`Wire the flap open, or choose a position it does not affect`,
    reason: say`${first}`,
    source: 'oxygen balance; local rules decide on emissions equipment',
  }
}
