import { isOwnPart } from '@lochmoor/contract'
import {
  choiceOf,
  combinationCaseOf,
  rankCombinations,
  spreadOverMoments,
  type Catalogue,
  type CombinationAnswer,
  type CombinationChoice,
  type JobDocument,
  type SpreadCase,
  type SpreadOverMoments,
} from '@lochmoor/core'
import type { WorkReply } from '../../bench/background/useWork.ts'

/** What takes too long for the page itself. */
export type FuelTask =
  | {
      readonly kind: 'combinations'
      readonly job: JobDocument
      readonly catalogue: Catalogue
      readonly ownOnly: boolean
    }
  | {
      readonly kind: 'spread'
      readonly cases: readonly SpreadCase[]
      readonly draws: number
      readonly seed: number
    }

export interface TaskAnswers {
  readonly combinations: CombinationAnswer
  readonly spread: SpreadOverMoments | null
}

export type FuelReply = WorkReply<TaskAnswers[keyof TaskAnswers]>

/** What of the catalogue is tried: all that fits, or of that only the workshop's own parts. */
export const choiceOfWish = (job: JobDocument, catalogue: Catalogue, ownOnly: boolean): CombinationChoice =>
  ownOnly ? choiceOf(job, catalogue, isOwnPart) : choiceOf(job, catalogue)

/** Does a task and tells how far it is; the worker's whole work. */
export const doFuelTask = (task: FuelTask, onProgress: (share: number) => void): TaskAnswers[keyof TaskAnswers] => {
  switch (task.kind) {
    case 'combinations':
      return rankCombinations(
        combinationCaseOf(task.job, choiceOfWish(task.job, task.catalogue, task.ownOnly)),
        onProgress,
      )
    case 'spread': {
      const { cases, draws, seed } = task
      return spreadOverMoments(cases, { draws, seed }, onProgress)
    }
  }
}
