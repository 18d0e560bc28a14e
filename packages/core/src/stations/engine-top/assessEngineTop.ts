import type { JobDocument } from '../../job/index.ts'
import { worstFirst, worstState } from '../../verdict/index.ts'
import type { StationAssessment } from '../station.ts'
import { engineTopCase, type EngineTopCase, type EngineTopVerdict } from './engineTopCase.ts'
import { judgeAirMeter, judgeLeverSide, judgeOff, judgeSides } from './judgeAround.ts'
import { judgeBolts } from './judgeBolts.ts'
import { judgeIgnition } from './judgeIgnition.ts'
import { judgeCoolant, judgeDivider, judgeGasketHold, judgeSeals } from './judgeManifold.ts'
import { judgeSensors } from './judgeSensors.ts'
import { judgeAirCleaner, judgeBonnet, judgeDroppedBase, judgeOldStack } from './judgeStack.ts'
import { judgeThrottle } from './judgeThrottle.ts'
import { judgeVacuum } from './judgeVacuum.ts'

export interface EngineTopAssessment extends StationAssessment {
  readonly c: EngineTopCase
}

/** Every judgement, in the order of the work. */
export const judgeEngineTop = (c: EngineTopCase): EngineTopVerdict[] =>
  [
    judgeBonnet(c),
    judgeOldStack(c),
    judgeAirCleaner(c),
    ...judgeDroppedBase(c),
    judgeSides(c),
    judgeLeverSide(c),
    judgeAirMeter(c),
    ...judgeOff(c),
    judgeDivider(c),
    ...judgeBolts(c),
    judgeGasketHold(c),
    judgeCoolant(c),
    judgeSeals(c),
    ...judgeThrottle(c),
    ...judgeVacuum(c),
    ...judgeSensors(c),
    ...judgeIgnition(c),
  ].filter((v) => v !== null)

const actionOf = (c: EngineTopCase, state: EngineTopAssessment['state'], open: EngineTopVerdict | undefined) => {
  if (!c.begun) return 'Measure the bonnet clearance and enter the new stack'
  if (state === 'stop') return 'Fix failed checks: engine top'
  return state === 'unknown' && open ? `Engine top: ${open.title}` : null
}

/** The engine top station of a job: a pure function of the document. */
export const assessEngineTop = (job: JobDocument): EngineTopAssessment => {
  const c = engineTopCase(job)
  const verdicts = worstFirst(judgeEngineTop(c))
  const state = worstState(verdicts.map((v) => v.state))
  const open = verdicts.find((v) => v.state === 'unknown')
  return { c, verdicts, state, assumptions: c.assumptions, action: actionOf(c, state, open) }
}
