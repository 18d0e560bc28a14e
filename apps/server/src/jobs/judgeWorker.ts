import type { BoardJob } from '@lochmoor/contract'
import { readinessOf, type Catalogue, type JobDocument } from '@lochmoor/core'
import { giveWay } from '../threads/givesWay.ts'

/** Jobs to be judged: of each the JSON texts of its sections by name. */
export interface JudgeTask {
  readonly catalogue: Catalogue
  readonly jobs: readonly Readonly<Record<string, string>>[]
}
/** What the board says of a job that has to be computed. */
export type JudgedJob = Pick<BoardJob, 'nextAction' | 'repairs' | 'stations'>

const judged = (sections: Readonly<Record<string, string>>, catalogue: Catalogue): JudgedJob => {
  const job = Object.fromEntries(Object.entries(sections).map(([name, text]) => [name, JSON.parse(text) as unknown]))
  const { nextAction, repairs, stations } = readinessOf(job as unknown as JobDocument, catalogue)
  return { nextAction, repairs: repairs.map((r) => r.step), stations: stations.map((s) => ({ ...s })) }
}

giveWay()

/** Judges jobs in a thread of its own; the JSON texts of what it found, in their order. */
export default ({ catalogue, jobs }: JudgeTask): string[] => jobs.map((j) => JSON.stringify(judged(j, catalogue)))
