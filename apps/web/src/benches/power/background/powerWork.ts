import { crankOdds, type CrankOdds, type OddsCase } from '@lochmoor/core'
import type { WorkReply } from '../../bench/background/useWork.ts'

/** What takes too long for the page itself: many starts of the car, each followed in time. */
export interface PowerTask extends OddsCase {
  readonly draws: number
  readonly seed: number
}
export type PowerReply = WorkReply<CrankOdds>

/** The worker's whole work. */
export const doPowerTask = (task: PowerTask, onProgress: (share: number) => void): CrankOdds =>
  crankOdds(task.supply, task.spread, task.needs, { draws: task.draws, seed: task.seed }, onProgress)
