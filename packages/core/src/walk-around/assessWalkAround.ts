import type { JobDocument } from '../job/index.ts'
import { derivedOf, type Derived } from './derived.ts'
import { fitnessOf, type FitnessResult } from './fitness/index.ts'
import type { WalkEntry } from './fieldTypes.ts'
import { entriesFor, stillToMeasure } from './stillToMeasure.ts'

/** Is the engine fit to convert, in one word. */
export type WalkAroundState = 'fit' | 'watch' | 'repair' | 'not-tested'

export interface WalkAroundAssessment {
  readonly derived: readonly Derived[]
  /** Worst first, then in the order of the tests. */
  readonly fitness: readonly FitnessResult[]
  readonly state: WalkAroundState
  readonly stillToMeasure: readonly WalkEntry[]
  readonly entries: number
}

const RANK = { repair: 0, watch: 1, 'not-tested': 2, fit: 3 } as const

const worst = (results: readonly FitnessResult[]): WalkAroundState =>
  results.reduce<WalkAroundState>((w, r) => (RANK[r.state] < RANK[w] ? r.state : w), 'fit')

/** The walk-around of a job: a pure function of the document. */
export const assessWalkAround = (job: JobDocument): WalkAroundAssessment => {
  const fitness = fitnessOf(job)
  return {
    derived: derivedOf(job),
    fitness: [...fitness].sort((a, b) => RANK[a.state] - RANK[b.state]),
    state: worst(fitness),
    stillToMeasure: stillToMeasure(job),
    entries: entriesFor(job).length,
  }
}
