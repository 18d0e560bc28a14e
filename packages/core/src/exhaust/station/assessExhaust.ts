import type { Assumption, JobDocument } from '../../job/index.ts'
import type { Catalogue } from '../../parts/index.ts'
import { worstFirst, worstState, type VerdictState } from '../../verdict/index.ts'
import { exhaustAssumptions } from './exhaustAssumptions.ts'
import { exhaustCase, type ExhaustCase, type ExhaustVerdict } from './exhaustCase.ts'
import { judgeBung, judgeCable, judgeCrossing, judgeFuelOfSensor, judgeSensorType, judgeWay } from './judgeFitting.ts'
import { judgeHeat } from './judgeHeat.ts'
import { judgeCount, judgeForeignAir, judgeGround, judgePipe } from './judgePipe.ts'
import { judgeLeaks, judgeSteering } from './judgeReading.ts'
import { judgeObstacles, judgeSpots } from './judgeSpots.ts'

export interface ExhaustAssessment {
  readonly c: ExhaustCase
  /** Worst first. */
  readonly verdicts: readonly ExhaustVerdict[]
  readonly state: VerdictState
  readonly assumptions: readonly Assumption[]
}

type Bungs = Pick<Catalogue, 'bungs'>

const judgeAll = (c: ExhaustCase, { bungs }: Bungs, seek: boolean): ExhaustVerdict[] =>
  [
    judgePipe(c),
    judgeCount(c),
    ...judgeSpots(c, seek),
    judgeObstacles(c),
    ...judgeHeat(c),
    judgeLeaks(c),
    judgeSteering(c),
    judgeForeignAir(c),
    judgeWay(c, bungs),
    ...judgeBung(c, bungs),
    judgeCable(c),
    judgeSensorType(c),
    judgeCrossing(c),
    judgeFuelOfSensor(c),
    judgeGround(c),
  ].filter((v) => v !== null)

/** The exhaust sensor station of a job: a pure function of the document; remedies are sought among the catalogue's parts. */
export const assessExhaust = (job: JobDocument, catalogue: Bungs): ExhaustAssessment => {
  const c = exhaustCase(job)
  const verdicts = worstFirst(judgeAll(c, catalogue, true))
  return { c, verdicts, state: worstState(verdicts.map((v) => v.state)), assumptions: exhaustAssumptions(c) }
}

/** Every judgement, in the order of the work, without seeking remedies: for whatever lists stations. */
export const judgeExhaust = (c: ExhaustCase, catalogue: Bungs): ExhaustVerdict[] => judgeAll(c, catalogue, false)
