import { isOwnPart } from '@lochmoor/contract'
import {
  choiceOf,
  combinationCaseOf,
  rankCombinations,
  spreadOverMoments,
  type Catalogue,
  type CombinationChoice,
  type JobDocument,
  type SpreadCase,
  type SpreadOverMoments,
} from '@lochmoor/core'
import type { WorkReply } from '../../bench/background/useWork.ts'
import { rankingView, type RankingView } from '../choose/rankingView.ts'

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
  readonly combinations: RankingView
  readonly spread: SpreadOverMoments | null
}

export type FuelReply = WorkReply<TaskAnswers[keyof TaskAnswers]>

/** What of the catalogue is tried: all that fits, or of that only the workshop's own parts. */
export const choiceOfWish = (job: JobDocument, catalogue: Catalogue, ownOnly: boolean): CombinationChoice =>
  ownOnly ? choiceOf(job, catalogue, isOwnPart) : choiceOf(job, catalogue)

type Answer = TaskAnswers[keyof TaskAnswers]

/** A ranking of what was tried until now is made anew no oftener than this: making it takes time as well. */
const SO_FAR_EVERY_MS = 1000
/** What is ready by then is not shown in pieces. */
const SO_FAR_FIRST_MS = 500

/**
 * Does a task and tells how far it is; the worker's whole work.
 * @param tell the share done, 0 to 1, and the answer until now where there is one
 */
export const doFuelTask = (task: FuelTask, tell: (share: number, soFar?: Answer) => void): Answer => {
  switch (task.kind) {
    case 'combinations': {
      let toldMs = performance.now() - SO_FAR_EVERY_MS + SO_FAR_FIRST_MS
      const all = rankCombinations(
        combinationCaseOf(task.job, choiceOfWish(task.job, task.catalogue, task.ownOnly)),
        (share, soFar) => {
          if (performance.now() - toldMs < SO_FAR_EVERY_MS) return tell(share)
          tell(share, rankingView(soFar()))
          toldMs = performance.now()
        },
      )
      return rankingView(all)
    }
    case 'spread': {
      const { cases, draws, seed } = task
      return spreadOverMoments(cases, { draws, seed }, (share) => tell(share))
    }
  }
}
