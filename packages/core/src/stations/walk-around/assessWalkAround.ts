import { assumptionsOf } from '../../figures/index.ts'
import type { JobDocument } from '../../job/index.ts'
import type { WalkEntry } from '../../meaning/index.ts'
import { plain, worstFirst, type Verdict } from '../../verdict/index.ts'
import type { StationAssessment } from '../station.ts'
import { derivedOf, type Derived } from './derived.ts'
import { fitnessOf, type FitnessResult } from './fitness/index.ts'
import { acceptanceOf, type AcceptanceTest } from './acceptance.ts'
import { judgeBaseline, judgeGaugeFound, judgeMeans, judgeReach } from './beforeTheWork.ts'
import { entriesFor, stillToMeasure } from './stillToMeasure.ts'

/** Is the engine fit to convert, in one word. */
export type WalkAroundState = 'fit' | 'watch' | 'repair' | 'not-tested'

export interface WalkAroundAssessment extends StationAssessment {
  readonly derived: readonly Derived[]
  /** Worst first, then in the order of the tests. */
  readonly fitness: readonly FitnessResult[]
  readonly fit: WalkAroundState
  /** What of the survey bears on the work, not on the engine's fitness. */
  readonly survey: readonly Verdict[]
  /** What the owner wants, as tests at hand-over. */
  readonly acceptance: readonly AcceptanceTest[]
  readonly stillToMeasure: readonly WalkEntry[]
  readonly entries: number
}

const RANK = { repair: 0, watch: 1, 'not-tested': 2, fit: 3 } as const
/** The same in the four states that every screen knows. */
export const FITNESS_VERDICT = { fit: 'ok', watch: 'caution', repair: 'stop', 'not-tested': 'unknown' } as const

const worst = (results: readonly FitnessResult[]): WalkAroundState =>
  results.reduce<WalkAroundState>((w, r) => (RANK[r.state] < RANK[w] ? r.state : w), 'fit')

const verdictOf = ({ test, state, figure, reason }: FitnessResult): Verdict => ({
  ...plain,
  id: test.id,
  title: test.title,
  state: FITNESS_VERDICT[state],
  figure,
  reason,
  source: test.source,
})

/** What is measured first, then what is tested; nothing where the engine is known. */
/** A figure is measured, a word or a list of them entered. */
export const askFor = (entry: WalkEntry): string =>
  `${entry.kind === 'figure' || entry.kind === 'list' ? 'Measure' : 'Enter'} ${entry.label[0]!.toLowerCase()}${entry.label.slice(1)}`

const actionOf = (
  fit: WalkAroundState,
  fitness: readonly FitnessResult[],
  missing: WalkEntry | undefined,
): string | null => {
  if (fit !== 'not-tested') return null
  if (missing?.need === 3) return askFor(missing)
  const untested = fitness.find((f) => f.state === 'not-tested')
  return untested ? `Test ${untested.test.title[0]!.toLowerCase()}${untested.test.title.slice(1)}` : null
}

/** The walk-around of a job: a pure function of the document. */
export const assessWalkAround = (job: JobDocument): WalkAroundAssessment => {
  const fitness = [...fitnessOf(job)].sort((a, b) => RANK[a.state] - RANK[b.state])
  const fit = worst(fitness)
  const missing = stillToMeasure(job)
  const survey = [judgeBaseline(job), judgeReach(job), judgeGaugeFound(job), judgeMeans(job)].filter((v) => v !== null)
  return {
    derived: derivedOf(job),
    fitness,
    fit,
    survey: worstFirst(survey),
    acceptance: acceptanceOf(job),
    stillToMeasure: missing,
    entries: entriesFor(job).length,
    state: FITNESS_VERDICT[fit],
    verdicts: [...fitness.map(verdictOf), ...survey],
    assumptions: assumptionsOf(job, 'walkAround'),
    action: actionOf(fit, fitness, missing[0]),
  }
}
