import { placeWords } from '../../exhaust/pipe/datum.ts'
import { runOf } from '../../exhaust/pipe/layOut.ts'
import type { JobDocument } from '../../job/index.ts'
import type { Catalogue } from '../../parts/index.ts'
import { emptyPiece, type RunId, type SensorSpot } from '../../sections/index.ts'
import { fig, say, type Sentence } from '../../verdict/index.ts'
import type { Ladder, Trial } from '../station.ts'
import { exhaustCase, SENSOR_NAMES, type ExhaustCase } from './exhaustCase.ts'
import { foundSpot } from './judgeFound.ts'
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

/** Straight pipe in a made-up piece, from the shortest on. */
const MADE_UP_M = [0.3, 0.45, 0.6]

/**
 * Where no spot is free on the pipe that is there: another header or a made-up piece with straight pipe after the merge,
 * its best spot taken. What is round it is as measured on the old one, and is measured again.
 */
function* otherHeaderTrials(job: JobDocument, c: ExhaustCase, index: number): Generator<Trial> {
  if (freeSpotsFor(c, index, 1).length > 0) return
  // Sensor B stands beside A: where A has no place yet, A comes first.
  if (index > c.exhaust.spots.length) return
  const changed = Math.min(index, c.exhaust.banks.length - 1)
  const bank = c.exhaust.banks[changed]
  if (!bank) return
  const after = bank.pieces.findLastIndex((p) => p.kind === 'merge' || p.kind === 'log' || p.kind === 'primaries' || p.kind === 'turbine')
  const like = bank.pieces[after + 1] ?? bank.pieces[after]
  if (!like) return
  for (const lengthM of MADE_UP_M) {
    const piece = {
      ...emptyPiece('made-up-piece', 'pipe', 'Made-up piece'),
      lengthM,
      outsideM: like.outsideM,
      roundM: like.kind === 'pipe' ? like.roundM : null,
      wallM: like.kind === 'pipe' ? like.wallM : null,
      joint: 'flange' as const,
      jointState: 'tight' as const,
    }
    const pieces = [...bank.pieces.slice(0, after + 1), piece, ...bank.pieces.slice(after + 1)]
    const banks = c.exhaust.banks.map((b, i) => (i === changed ? { ...b, pieces } : b))
    const made = exhaustCase({ ...job, exhaust: { ...job.exhaust, banks } })
    const [spot] = freeSpotsFor(made, index, 1)
    if (spot)
      yield {
        label: say`Another header, or a made-up piece with ${fig(lengthM, 'bore', 0)} of straight pipe after the merge${c.sensorCount > 1 ? ` of bank ${changed === 0 ? 'A' : 'B'}` : ''}; measure what is round it again`,
        change: { exhaust: { banks, ...withSpot(c.exhaust, index, spotOf(spot)) } },
      }
  }
} // prettier-ignore

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
      id: 'found',
      cures: ['spot'],
      betterIsEnough: true,
      trials: (v) => {
        const there = foundSpot(c)
        const index = v.subject?.sensor ?? 0
        return there ? [{ label: say`Use the bung that is there`, change: { exhaust: withSpot(c.exhaust, index, there) } }] : [] // prettier-ignore
      },
    },
    {
      id: 'other-header',
      cures: ['spot', 'count'],
      betterIsEnough: true,
      trials: (v) => otherHeaderTrials(job, c, v.subject?.sensor ?? 0),
    },
    {
      id: 'flanged',
      cures: ['comes-apart'],
      trials: () => [{ label: say`Make the pipe removable by two flanges`, change: { exhaust: { flanged: true } } }],
    },
    {
      id: 'plugged',
      cures: ['trip'],
      trials: () => [{ label: say`Close the hole with the blanking plug`, change: { exhaust: { trip: 'plugged' } } }],
    },
    {
      id: 'coating-last',
      cures: ['coating'],
      betterIsEnough: true,
      trials: () => [
        { label: say`Coat it after the last hole and weld`, change: { exhaust: { coating: 'after-holes' } } },
      ],
    },
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
