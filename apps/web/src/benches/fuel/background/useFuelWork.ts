import { useWork, type Work } from '../../bench/background/useWork.ts'
import type { FuelTask, TaskAnswers } from './fuelWork.ts'

const makeWorker = () => new Worker(new URL('./fuelWorker.ts', import.meta.url), { type: 'module' })

/** A slow task of the fuel station in the background. */
export const useFuelWork = <K extends keyof TaskAnswers>(): Work<Extract<FuelTask, { kind: K }>, TaskAnswers[K]> =>
  useWork(makeWorker)
