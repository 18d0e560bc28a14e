import { create } from 'zustand'

/** Whether what the open page itself wanted is there, and when, ms since the page was asked for; null: not yet. */
export const useArrived = create<{ readonly atMs: number | null }>(() => ({ atMs: null }))

/** The page has what it shows: whatever is fetched from now on, nobody waits for. */
export const ownDataIsThere = (): void => {
  if (useArrived.getState().atMs === null) useArrived.setState({ atMs: performance.now() })
}

/** Ends when the open page has what it shows. */
export const arrived = (): Promise<void> =>
  useArrived.getState().atMs !== null
    ? Promise.resolve()
    : new Promise((resolve) => {
        const end = useArrived.subscribe(({ atMs }) => {
          if (atMs === null) return
          end()
          resolve()
        })
      })

/** A page that took longer came over a line that has no room for what nobody has asked for. */
const SLOW_MS = 5000

interface Line {
  readonly saveData?: boolean
  readonly effectiveType?: string
}

/** Whether the line can bear more than it is asked for. */
export const lineBearsMore = (): boolean => {
  const line = (navigator as { readonly connection?: Line }).connection
  if (line?.saveData === true || (line?.effectiveType !== undefined && line.effectiveType !== '4g')) return false
  return (useArrived.getState().atMs ?? Infinity) < SLOW_MS
}
