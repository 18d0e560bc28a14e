import type { JobDocument } from '../../../job/index.ts'
import type { Figure, Sentence } from '../../../verdict/index.ts'
import type { WalkEntry } from '../../../meaning/index.ts'

/** What a test says of the engine as it stands. */
export type Fitness = 'fit' | 'watch' | 'repair' | 'not-tested'

export interface Finding {
  readonly state: Exclude<Fitness, 'not-tested'>
  /** The judged figure, where there is one. */
  readonly figure: Figure | null
  readonly reason: Sentence
}

/** A test of "is this engine fit to convert?". Limits are trade rules of thumb unless the source says otherwise. */
export interface FitnessTest {
  readonly id: string
  readonly title: string
  readonly entries: readonly WalkEntry[]
  readonly limit: Sentence
  readonly how: string
  readonly minutes: number
  readonly cautions: readonly string[]
  /** Why injection will not forgive it. */
  readonly because: string
  /** What to do where it says repair first. */
  readonly repair: string
  readonly source: string
  /** Null while nothing was entered. */
  find(job: JobDocument): Finding | null
}

export interface FitnessResult {
  readonly test: FitnessTest
  readonly state: Fitness
  readonly figure: Figure | null
  readonly reason: Sentence
}

const RANK: Readonly<Record<Finding['state'], number>> = { repair: 0, watch: 1, fit: 2 }

/** The worst of what several entries of one test say; null where none says anything. */
export const worstFinding = (findings: readonly (Finding | null)[]): Finding | null =>
  findings.reduce<Finding | null>((w, f) => (f && (!w || RANK[f.state] < RANK[w.state]) ? f : w), null)
