import type { StationAssessment, StationValue } from '@lochmoor/core'
import { createContext, useContext } from 'react'
import type { RemedyState } from './background/useRemedies.ts'

/** Opens the working that leads to a figure, at a moment and for one of several sensors. */
export type AskWorking = (workingId: string, pointId: string | null, sensor?: number) => void

/** What every part of an open bench may need. */
export interface Bench {
  readonly station: StationValue
  readonly assessment: StationAssessment
  readonly remedies: RemedyState
  readonly ask: AskWorking
  /** Shows the moment a verdict was found at; null where the station has no such picture. */
  readonly showPoint: ((pointId: string) => void) | null
}

export const BenchContext = createContext<Bench | null>(null)

/** The bench that is open. @throws outside of one */
export const useBench = (): Bench => {
  const bench = useContext(BenchContext)
  if (!bench) throw new Error('there is no bench around this part')
  return bench
}
