import { placeWords } from '../../exhaust/pipe/datum.ts'
import { runOf } from '../../exhaust/pipe/layOut.ts'
import type { JobDocument } from '../../job/index.ts'
import type { Catalogue } from '../../parts/index.ts'
import type { RunId, SensorSpot } from '../../sections/index.ts'
import { fig, say, type Sentence } from '../../verdict/index.ts'
import type { Ladder, Trial } from '../station.ts'
import { exhaustCase, SENSOR_NAMES, type ExhaustCase } from './exhaustCase.ts'
import { adviceOf, bungsToTake, WAY_WORDS } from './judgeFitting.ts'
import { COUNT_WORDS } from './judgePipe.ts'
import { freeSpotsFor, withSpot } from './judgeSpots.ts'
import { sensorAdvice } from './sensorAdvice.ts'

/** So many of the best spots are tried. */
const SPOTS_TRIED = 8

const ON_RUN: Readonly<Record<RunId, string>> = { a: 'on bank A, ', b: 'on bank B, ', common: 'on the common pipe, ' }

/** As it follows “put the sensor”. */
const placeOf = (c: ExhaustCase, { run: id, alongM, clockDeg }: SensorSpot): Sentence => {
  const run = runOf(c.runs, id)!
  return say`${c.runs.length > 1 ? ON_RUN[id] : ''}${placeWords(run, alongM)}, ${fig(clockDeg, 'clock')}`
}

const spotOf = ({ run, alongM, clockDeg }: SensorSpot): SensorSpot => ({ run, alongM, clockDeg })

/** Better places for one sensor; where B is sought and A has none, both are placed. */
const spotTrials = (c: ExhaustCase, index: number): Trial[] => {
  const [first] = index === 1 && c.exhaust.spots.length === 0 ? freeSpotsFor(c, 0, 1) : []
  return freeSpotsFor(c, index, SPOTS_TRIED).map((spot): Trial => {
    const { spots } = withSpot(c.exhaust, index, spotOf(spot))
    return first
      ? {
          label: say`Put ${SENSOR_NAMES[0]!.toLowerCase()} ${placeOf(c, first)}, ${SENSOR_NAMES[1]!.toLowerCase()} ${placeOf(c, spot)}`,
          change: { exhaust: { spots: [spotOf(first), spots[1]!] } },
        }
      : { label: say`Put the sensor ${placeOf(c, spot)}`, change: { exhaust: { spots } } }
  })
}

/** Changes worth trying at the exhaust sensor station. */
export const exhaustLadders = (job: JobDocument, { bungs }: Pick<Catalogue, 'bungs'>): Ladder[] => {
  const c = exhaustCase(job)
  return [
    { id: 'spot', cures: ['spot'], betterIsEnough: true, trials: (v) => spotTrials(c, v.subject?.sensor ?? 0) },
    {
      id: 'count',
      cures: ['count'],
      trials: () => {
        const { count } = sensorAdvice(c)
        return [{ label: say`Use ${COUNT_WORDS[count]}`, change: { exhaust: { sensorCount: count } } }]
      },
    },
    {
      id: 'way',
      cures: ['way'],
      trials: () => {
        const way = adviceOf(c, bungs)?.way ?? 'neither'
        return way === 'neither'
          ? []
          : [{ label: say`Have it ${WAY_WORDS[way]}`, change: { exhaust: { joinBy: way } } }]
      },
    },
    {
      id: 'bung',
      cures: ['bung'],
      trials: () =>
        bungsToTake(c, bungs).map((bung) => ({ label: say`Fit ${bung.name}`, change: { exhaust: { bung } } })),
    },
  ]
}
