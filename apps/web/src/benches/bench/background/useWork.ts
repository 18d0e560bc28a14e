import { useCallback, useEffect, useRef, useState } from 'react'

export type WorkState<A> =
  | { readonly kind: 'idle' }
  | { readonly kind: 'running'; readonly share: number; readonly soFar?: A }
  | { readonly kind: 'done'; readonly answer: A; readonly tookMs: number }
  | { readonly kind: 'failed'; readonly message: string }

/** What a worker tells its page. */
export type WorkReply<A> =
  | { readonly kind: 'progress'; readonly share: number; /** The best answer until now. */ readonly soFar?: A }
  | { readonly kind: 'done'; readonly answer: A; readonly tookMs: number }
  | { readonly kind: 'failed'; readonly message: string }

export interface Work<Task, Answer> {
  readonly state: WorkState<Answer>
  readonly start: (task: Task) => void
  readonly cancel: () => void
}

/**
 * A task in a worker of its own: one at a time, ended when it is cancelled, replaced or no longer looked at.
 * @param make a worker; must stay the same function
 */
export const useWork = <Task, Answer>(make: () => Worker): Work<Task, Answer> => {
  const [state, setState] = useState<WorkState<Answer>>({ kind: 'idle' })
  const worker = useRef<Worker | null>(null)
  const end = useCallback(() => {
    worker.current?.terminate()
    worker.current = null
  }, [])
  useEffect(() => end, [end])
  const start = useCallback(
    (task: Task) => {
      end()
      const own = make()
      worker.current = own
      own.onmessage = ({ data }: MessageEvent<WorkReply<Answer>>) => {
        if (data.kind === 'progress')
          return setState((before) => {
            const soFar = data.soFar ?? (before.kind === 'running' ? before.soFar : undefined)
            return { kind: 'running', share: data.share, ...(soFar !== undefined && { soFar }) }
          })
        end()
        setState(data)
      }
      own.onerror = (e) => {
        end()
        setState({ kind: 'failed', message: e.message || 'The script for this calculation could not be loaded.' })
      }
      setState({ kind: 'running', share: 0 })
      own.postMessage(task)
    },
    [end, make],
  )
  const cancel = useCallback(() => {
    end()
    setState({ kind: 'idle' })
  }, [end])
  return { state, start, cancel }
}
