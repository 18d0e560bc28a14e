import { collectWorking, type Working } from '../../verdict/index.ts'
import { EXHAUST_MOMENTS, MOMENT_WORDS, type ExhaustMomentId } from '../../exhaust/gas/moments.ts'
import { clampFitOf } from '../../exhaust/fitting/clampFit.ts'
import { chosenSpots, momentOf, type ExhaustCase } from './exhaustCase.ts'
import { heatAtSpot, reversionAt } from './heatAtSpot.ts'
import { piecesDrilled } from './judgeFitting.ts'
import { leakAt, leakHoleM } from './leaksOfCase.ts'

export const EXHAUST_WORKINGS = ['gas-temperature', 'sensor-delay', 'reversion', 'exhaust-leak', 'clamp-fit'] as const
export type ExhaustWorkingId = (typeof EXHAUST_WORKINGS)[number]

const TITLES: Readonly<Record<ExhaustWorkingId, string>> = {
  'gas-temperature': 'Gas and wall at the sensor',
  'sensor-delay': 'From injection to reading',
  reversion: 'Outside air drawn back (reversion)',
  'exhaust-leak': 'False air from known leaks',
  'clamp-fit': 'Band around the pipe',
}

const isMoment = (id: string | null): id is ExhaustMomentId =>
  (EXHAUST_MOMENTS as readonly (string | null)[]).includes(id)

/** How a figure of a chosen sensor came about, told by the code that computes it. */
export const exhaustWorking = (
  c: ExhaustCase,
  id: ExhaustWorkingId,
  sensorIndex: number,
  momentId: string | null,
): Working & { readonly moment: string } => {
  const moment: ExhaustMomentId = isMoment(momentId) ? momentId : 'idle'
  const chosen = chosenSpots(c).find((s) => s.index === sensorIndex) ?? chosenSpots(c)[0]
  const working = collectWorking(TITLES[id], (trace) => {
    if (!chosen) return
    const { spot } = chosen
    if (id === 'gas-temperature') heatAtSpot(c, spot, moment, { heat: trace })
    if (id === 'sensor-delay') heatAtSpot(c, spot, moment, { delay: trace })
    if (id === 'reversion') reversionAt(c, spot, moment, trace)
    if (id === 'exhaust-leak') leakAt(c, spot.run, leakHoleM(c, spot, momentOf(c, moment)), momentOf(c, moment), trace)
    if (id === 'clamp-fit') {
      const pipe = piecesDrilled(c).find((p) => p.index === chosen.index)
      const { bung } = c.exhaust
      const fit = pipe && bung && clampFitOf(bung, pipe.piece.outsideM)
      if (!fit) return
      const bands = bung.bands ?? 2
      trace.step({
        symbol: 'x',
        meaning: 'band drawn up when tight on this pipe',
        formula: '3.141592653589793 * (D_max - D) / z',
        inputs: {
          D_max: { value: bung.mostPipeM, unit: 'm' },
          D: { value: pipe.piece.outsideM, unit: 'm' },
          z: { value: bands, unit: 'bands' },
        },
        result: fit.startsM,
        unit: 'm',
        source: 'circumference',
      })
    }
  })
  return { ...working, moment: MOMENT_WORDS[moment] }
}
