import type { Catalogue, JobDocument, Remedy, StationAssessment, StationValue } from '@lochmoor/core'
import { useEffect, useRef, useState } from 'react'
import type { RemedyReply, RemedyTask } from './remedyWork.ts'

/** What is known of the remedies for the job as it stands. */
export type RemedyState =
  | { readonly kind: 'looking' }
  | { readonly kind: 'found'; readonly remedies: ReadonlyMap<string, readonly Remedy[]> }
  | { readonly kind: 'failed'; readonly message: string }

const LOOKING: RemedyState = { kind: 'looking' }
const NONE: RemedyState = { kind: 'found', remedies: new Map() }
/** Typing is not followed letter by letter. */
const SETTLE_MS = 120

const makeWorker = () => new Worker(new URL('./remedyWorker.ts', import.meta.url), { type: 'module' })

/** Remedies for what is not sound at the open station, sought beside the page; the next edit ends the search. */
export const useRemedies = (
  station: StationValue,
  job: JobDocument,
  catalogue: Catalogue,
  { verdicts }: StationAssessment,
): RemedyState => {
  const worker = useRef<Worker | null>(null)
  const turn = useRef(0)
  const [answer, setAnswer] = useState<{ readonly job: JobDocument; readonly state: RemedyState } | null>(null)
  const [broken, setBroken] = useState<string | null>(null)
  const needed = verdicts.some((v) => v.state !== 'ok')
  useEffect(() => {
    if (!needed) return
    const own = makeWorker()
    worker.current = own
    const tell = (task: RemedyTask) => own.postMessage(task)
    tell({ kind: 'parts', catalogue })
    own.onerror = (e) => {
      setBroken(e.message || 'the script that looks for them could not be loaded')
    }
    return () => {
      worker.current = null
      own.terminate()
    }
  }, [needed, catalogue])
  useEffect(() => {
    const own = worker.current
    if (!needed || !own) return
    const mine = ++turn.current
    own.onmessage = ({ data }: MessageEvent<RemedyReply>) => {
      if (data.turn !== mine) return
      setAnswer({
        job,
        state:
          data.kind === 'found'
            ? { kind: 'found', remedies: new Map(data.remedies) }
            : { kind: 'failed', message: data.message },
      })
    }
    const timer = setTimeout(
      () => own.postMessage({ kind: 'seek', turn: mine, station: station.id, job } satisfies RemedyTask),
      SETTLE_MS,
    )
    return () => clearTimeout(timer)
  }, [needed, catalogue, station, job])
  if (!needed) return NONE
  if (broken !== null) return { kind: 'failed', message: broken }
  return answer?.job === job ? answer.state : LOOKING
}
