import { useCallback, useEffect, useRef, useState } from 'react'
import type { FuelReply, FuelTask, TaskAnswers } from './fuelWork.ts'

export type WorkState<A> =
  | { readonly kind: 'idle' }
  | { readonly kind: 'running'; readonly share: number }
  | { readonly kind: 'done'; readonly answer: A; readonly tookMs: number }
  | { readonly kind: 'failed'; readonly message: string }

export interface FuelWork<K extends keyof TaskAnswers> {
  readonly state: WorkState<TaskAnswers[K]>
  readonly start: (task: Extract<FuelTask, { kind: K }>) => void
  readonly cancel: () => void
}

/** A task in a worker of its own: one at a time, ended when it is cancelled, replaced or no longer looked at. */
export const useFuelWork = <K extends keyof TaskAnswers>(): FuelWork<K> => {
  const [state, setState] = useState<WorkState<TaskAnswers[K]>>({ kind: 'idle' })
  const worker = useRef<Worker | null>(null)
  const end = useCallback(() => {
    worker.current?.terminate()
    worker.current = null
  }, [])
  useEffect(() => end, [end])
  const start = useCallback(
    (task: Extract<FuelTask, { kind: K }>) => {
      end()
      const own = new Worker(new URL('./fuelWorker.ts', import.meta.url), { type: 'module' })
      worker.current = own
      own.onmessage = ({ data }: MessageEvent<FuelReply>) => {
        if (data.kind === 'progress') return setState({ kind: 'running', share: data.share })
        end()
        setState(
          data.kind === 'failed' ? data : { kind: 'done', answer: data.answer as TaskAnswers[K], tookMs: data.tookMs },
        )
      }
      own.onerror = (e) => {
        end()
        setState({ kind: 'failed', message: e.message || 'The script of this computation could not be fetched.' })
      }
      setState({ kind: 'running', share: 0 })
      own.postMessage(task)
    },
    [end],
  )
  const cancel = useCallback(() => {
    end()
    setState({ kind: 'idle' })
  }, [end])
  return { state, start, cancel }
}
