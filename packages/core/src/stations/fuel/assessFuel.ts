import { assumptionsOf } from '../../figures/index.ts'
import type { EngineOnFuel } from '../../engine/index.ts'
import type { JobDocument } from '../../job/index.ts'
import { worstFirst, worstState } from '../../verdict/index.ts'
import type { StationAssessment } from '../station.ts'
import { judgeAll } from './judgeAll.ts'
import { judgeSecondFuel } from './secondFuel.ts'
import { fuelCase, type SolvedPoint } from './solvedPoint.ts'

export interface FuelAssessment extends StationAssessment {
  readonly engine: EngineOnFuel
  readonly solved: readonly SolvedPoint[]
}

const ACTIONS = {
  stop: 'Fix failed checks: fuel system',
  unknown: 'Choose pump, lines and regulator',
  caution: null,
  ok: null,
} as const

/** The fuel station of a job: a pure function of the document. */
export const assessFuel = (job: JobDocument): FuelAssessment => {
  const c = fuelCase(job)
  const first = judgeAll(c)
  const second = judgeSecondFuel(job, first)
  const verdicts = worstFirst(second ? [...first, second] : first)
  const state = worstState(verdicts.map((v) => v.state))
  return {
    engine: c.engine,
    solved: c.solved,
    verdicts,
    state,
    assumptions: assumptionsOf(job, 'fuel'),
    action: ACTIONS[state],
  }
}
