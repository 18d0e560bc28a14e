import type { CrankOdds } from '@lochmoor/core'
import { useWork, type Work } from '../../bench/background/useWork.ts'
import type { PowerTask } from './powerWork.ts'

const makeWorker = () => new Worker(new URL('./powerWorker.ts', import.meta.url), { type: 'module' })

/** A slow task of the power station in the background. */
export const usePowerWork = (): Work<PowerTask, CrankOdds> => useWork(makeWorker)
