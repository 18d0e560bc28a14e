import { BoardQuery } from '@lochmoor/contract'
import { useCallback } from 'react'
import { useSearchParams } from 'react-router'

/** The board's filters live in the address, so that a reload, a link and the back button keep them. */
export const useBoardQuery = (): {
  readonly query: BoardQuery
  readonly change: (change: Readonly<Record<string, string | number | undefined>>) => void
} => {
  const [params, setParams] = useSearchParams()
  const parsed = BoardQuery.safeParse(Object.fromEntries(params))
  const query = parsed.success ? parsed.data : BoardQuery.parse({})
  const change = useCallback(
    (wanted: Readonly<Record<string, string | number | undefined>>) => {
      // The window's own address is ahead of what is drawn: a second press at once does not take the first one back.
      const next = new URLSearchParams(window.location.search)
      next.delete('page')
      for (const [key, value] of Object.entries(wanted))
        if (value === undefined || value === '') next.delete(key)
        else next.set(key, String(value))
      setParams(next, { replace: true })
    },
    [setParams],
  )
  return { query, change }
}
