import { TEST_ENTRIES, type WalkEntry } from '@lochmoor/core'
import { useCallback } from 'react'
import { useNavigate } from 'react-router'
import type { Arrival } from '../bench/useArrival.ts'
import { entryElementId } from './view.ts'

const TEST_PATHS = new Set<string>(
  Object.values(TEST_ENTRIES).flatMap((entries: readonly WalkEntry[]) => entries.map((e) => e.path)),
)

export interface WalkTo {
  readonly entry: (entry: Pick<WalkEntry, 'path'>) => void
  readonly test: (testId: string) => void
  readonly group: (groupId: string) => void
}

/** Ways to an entry, a test or a group of the walk-around: the right sheet first, then the place on it. */
export const useWalkTo = (): WalkTo => {
  const navigate = useNavigate()
  const go = useCallback(
    (tests: boolean, arriveAt: string) =>
      void navigate(tests ? '../walk-around/tests' : '../walk-around', { state: { arriveAt } satisfies Arrival }),
    [navigate],
  )
  return {
    entry: useCallback(({ path }) => go(TEST_PATHS.has(path), entryElementId(path)), [go]),
    test: useCallback((id) => go(true, `test-${id}`), [go]),
    group: useCallback((id) => go(false, `group-${id}`), [go]),
  }
}
