import type { JobDocument, RunId } from '@lochmoor/core'
import { useEffect, useState } from 'react'
import { useWork, type WorkState } from '../../bench/background/useWork.ts'
import type { SpotAnswer, SpotTask } from './exhaustWork.ts'

const makeWorker = () => new Worker(new URL('./exhaustWorker.ts', import.meta.url), { type: 'module' })
/** Typing is not followed letter by letter. */
const SETTLE_MS = 120

interface SpotWork {
  readonly state: WorkState<SpotAnswer | null>
  /** The last answer for this stretch, shown while the next one is worked out. */
  readonly shown: SpotAnswer | null
  readonly cancel: () => void
}

/** The unrolled pipe in the background, worked out anew with every change of the document. */
export const useSpotWork = (job: JobDocument, run: RunId): SpotWork => {
  const { state, start, cancel } = useWork<SpotTask, SpotAnswer | null>(makeWorker)
  useEffect(() => {
    const timer = setTimeout(() => start({ job, run }), SETTLE_MS)
    return () => clearTimeout(timer)
  }, [job, run, start])
  const [kept, setKept] = useState<{ run: RunId; answer: SpotAnswer | null } | null>(null)
  if (state.kind === 'done' && state.answer !== kept?.answer) setKept({ run, answer: state.answer })
  return { state, shown: kept?.run === run ? kept.answer : null, cancel }
}
