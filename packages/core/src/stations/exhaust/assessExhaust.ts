import { assumptionsOf, type Assumption } from '../../figures/index.ts'
import type { JobDocument } from '../../job/index.ts'
import type { Catalogue } from '../../parts/index.ts'
import { worstFirst, worstState } from '../../verdict/index.ts'
import type { StationAssessment } from '../station.ts'
import { pieceAssumptions, spotAssumptions } from './pieceAssumptions.ts'
import { exhaustCase, type ExhaustCase, type ExhaustVerdict } from './exhaustCase.ts'
import { judgeBung, judgeCable, judgeCrossing, judgeFuelOfSensor, judgeSensorType, judgeWay } from './judgeFitting.ts'
import { judgeFound, judgeLead, judgeSurplus, judgeTrip } from './judgeFound.ts'
import { judgeHeat } from './judgeHeat.ts'
import { judgeCount, judgeForeignAir, judgeGround, judgePipe } from './judgePipe.ts'
import {
  judgeAirPump,
  judgeCoating,
  judgeComesApart,
  judgeDrill,
  judgePoisons,
  judgeSteeringSide,
} from './judgePipework.ts'
import { judgeLeaks, judgeSteering } from './judgeReading.ts'
import { judgeRoomAround } from './judgeRoomAround.ts'
import { judgeObstacles, judgeSpots } from './judgeSpots.ts'

export interface ExhaustAssessment extends StationAssessment {
  readonly c: ExhaustCase
}

type Bungs = Pick<Catalogue, 'bungs'>

/** Every judgement, in the order of the work. */
export const judgeExhaust = (c: ExhaustCase, { bungs }: Bungs): ExhaustVerdict[] =>
  [
    judgePipe(c),
    judgeCount(c),
    ...judgeSpots(c),
    judgeObstacles(c),
    judgeRoomAround(c),
    judgeSteeringSide(c),
    judgeFound(c),
    ...judgeHeat(c),
    judgeLeaks(c),
    judgeSteering(c),
    judgeForeignAir(c),
    judgeAirPump(c),
    judgePoisons(c),
    judgeWay(c, bungs),
    ...judgeBung(c, bungs),
    judgeDrill(c),
    judgeComesApart(c),
    judgeCoating(c),
    judgeTrip(c),
    judgeCable(c),
    judgeLead(c),
    judgeSurplus(c),
    judgeSensorType(c),
    judgeCrossing(c),
    judgeFuelOfSensor(c),
    judgeGround(c),
  ].filter((v) => v !== null)

const ACTIONS = {
  stop: 'Fix failed checks: exhaust sensor',
  unknown: 'Measure the exhaust and choose the sensor position',
  caution: null,
  ok: null,
} as const

/** Pieces first, then the loop and the engine; nothing before there is a pipe. */
const exhaustAssumptions = (job: JobDocument, c: ExhaustCase): Assumption[] =>
  c.runs.length === 0 ? [] : [...pieceAssumptions(c.runs), ...spotAssumptions(c), ...assumptionsOf(job, 'exhaust')]

/** The exhaust sensor station of a job: a pure function of the document and of the bosses in the catalogue. */
export const assessExhaust = (job: JobDocument, catalogue: Bungs): ExhaustAssessment => {
  const c = exhaustCase(job)
  const verdicts = worstFirst(judgeExhaust(c, catalogue))
  const state = worstState(verdicts.map((v) => v.state))
  return { c, verdicts, state, assumptions: exhaustAssumptions(job, c), action: ACTIONS[state] }
}
