import type { Catalogue, JobDocument, Readiness } from '@lochmoor/core'
import { startTransition, useEffect, useState } from 'react'
import { arrived } from '../shell/arrived.ts'
import { allStations } from '../store/allStations.ts'
import { giveWay } from '../store/giveWay.ts'
import { readinessKnown } from '../store/knownReadiness.ts'

/**
 * How far a job has come. Where its stations are not judged yet that is done after what is on the screen has been drawn, a
 * station at a time, and until then it says what it said last; null where it has said nothing of this job, 'failed' where
 * a station of it could not be assessed.
 */
export const useReadiness = (jobId: string, job: JobDocument, catalogue: Catalogue): Readiness | 'failed' | null => {
  const [last, setLast] = useState<{ readonly jobId: string; readonly readiness: Readiness | 'failed' } | null>(null)
  const known = readinessKnown(job, catalogue)
  useEffect(() => {
    let ended = false
    const judge = async (): Promise<void> => {
      try {
        await arrived()
        const { judging, readinessNow } = await allStations()
        if (ended) return
        if (readinessKnown(job, catalogue) === null)
          for (const _ of judging(job, catalogue)) {
            await giveWay()
            if (ended) return
          }
        const readiness = readinessNow(job, catalogue)
        if (!ended) startTransition(() => setLast({ jobId, readiness }))
      } catch (e) {
        // The station that fails says so where it is shown as well.
        console.error('the stations could not be worked out', e)
        if (!ended) setLast({ jobId, readiness: 'failed' })
      }
    }
    void judge()
    return () => {
      ended = true
    }
  }, [jobId, job, catalogue])
  return known ?? (last?.jobId === jobId ? last.readiness : null)
}
