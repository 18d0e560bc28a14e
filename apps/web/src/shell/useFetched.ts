import type { Result } from '@lochmoor/core'
import { useCallback, useEffect, useState } from 'react'
import { explainApiError, type ApiError } from '../api/client.ts'
import { useAlong } from '../store/along.ts'

export type Fetched<T> =
  | { readonly state: 'fetching' }
  | { readonly state: 'there'; readonly value: T }
  | { readonly state: 'trouble'; readonly why: string }

/** Fetches when shown and whenever `fetch` changes (keep it stable); an older answer never overwrites a newer one. */
export const useFetched = <T>(
  fetch: () => Promise<Result<T, ApiError>>,
): { readonly fetched: Fetched<T>; readonly again: () => void } => {
  const [fetched, setFetched] = useState<Fetched<T>>({ state: 'fetching' })
  const [turn, setTurn] = useState(0)
  // What was kept is fetched anew once the server answers again.
  const returns = useAlong((s) => s.returns)
  useEffect(() => {
    let current = true
    void fetch().then((result) => {
      if (!current) return
      setFetched(
        result.ok ? { state: 'there', value: result.value } : { state: 'trouble', why: explainApiError(result.error) },
      )
    })
    return () => {
      current = false
    }
  }, [fetch, turn, returns])
  const again = useCallback(() => setTurn((t) => t + 1), [])
  return { fetched, again }
}
