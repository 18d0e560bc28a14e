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
  /** What to do on this car, where it is not what the test says of most. */
  readonly repair?: string
}

/** A caution that is the same on every car, or one that this car decides. */
export type CautionOfCar = string | ((job: JobDocument) => string)

/** A test of "is this engine fit to convert?". Limits are trade rules of thumb unless the source says otherwise. */
export interface FitnessTest {
  readonly id: string
  readonly title: string
  readonly entries: readonly WalkEntry[]
  readonly limit: Sentence
  readonly how: string
  readonly minutes: number
  readonly cautions: readonly CautionOfCar[]
  /** Why injection will not forgive it. */
  readonly because: string
  /** What to do where it says repair first. */
  readonly repair: string
  readonly source: string
  /** False where this car has not what is tested; every car where it is left out. */
  applies?(job: JobDocument): boolean
  /** Null while nothing was entered. */
  find(job: JobDocument): Finding | null
}

export interface FitnessResult {
  readonly test: FitnessTest
  readonly state: Fitness
  readonly figure: Figure | null
  readonly reason: Sentence
  /** What to do where it says repair first, on this car. */
  readonly repair: string
  readonly cautions: readonly string[]
}

const RANK: Readonly<Record<Finding['state'], number>> = { repair: 0, watch: 1, fit: 2 }

/** The worst of what several entries of one test say; null where none says anything. */
export const worstFinding = (findings: readonly (Finding | null)[]): Finding | null =>
  findings.reduce<Finding | null>((w, f) => (f && (!w || RANK[f.state] < RANK[w.state]) ? f : w), null)
