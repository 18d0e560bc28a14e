import { assumptionsOf, type Assumption, type JobDocument } from '../../job/index.ts'
import type { Catalogue } from '../../parts/index.ts'
import { worstFirst, worstState, type VerdictState } from '../../verdict/index.ts'
import { judgeAll } from './judgeAll.ts'
import type { EngineOnFuel } from '../../moments/operatingPoint.ts'
import { withRemedies } from './remedies.ts'
import { fuelCase, type FuelVerdict, type SolvedPoint } from './solvedPoint.ts'

export interface FuelAssessment {
  readonly engine: EngineOnFuel
  readonly solved: readonly SolvedPoint[]
  /** Worst first. */
  readonly verdicts: readonly FuelVerdict[]
  readonly state: VerdictState
  /** What is still assumed instead of measured. */
  readonly assumptions: readonly Assumption[]
}

/**
 * The fuel station of a job: a pure function of the document; the catalogue only supplies the parts that remedies are
 * sought among.
 */
export const assessFuel = (job: JobDocument, catalogue: Catalogue): FuelAssessment => {
  const c = fuelCase(job)
  const verdicts = worstFirst(withRemedies(job, catalogue, judgeAll(c)))
  return {
    engine: c.engine,
    solved: c.solved,
    verdicts,
    state: worstState(verdicts.map((v) => v.state)),
    assumptions: assumptionsOf(job),
  }
}
