import type { JobDocument } from '@lochmoor/core'
import {
  createContext,
  startTransition,
  useContext,
  useEffect,
  useLayoutEffect,
  useState,
  useSyncExternalStore,
  type ReactNode,
} from 'react'
import { useJobStore } from '../store/jobStore.ts'
import { followJob, isShown } from '../store/followJob.ts'
import { shownIs, shownNow } from '../store/shownJob.ts'

const ShownContext = createContext<JobDocument | null>(null)
const never = () => () => {}

/** The open job as benches and rail show it; outside of `ShownJob` the job itself. */
export const useShownJob = (): JobDocument => {
  const shown = useContext(ShownContext)
  const live = useSyncExternalStore(shown ? never : useJobStore.subscribe, () =>
    shown ? null : useJobStore.getState().document,
  )
  return (shown ?? live)!
}

/** Shows the open job to what is within: a typed figure when there is time for it, everything else at once. */
export const ShownJob = ({ children }: { children: ReactNode }) => {
  const [job, setJob] = useState(() => useJobStore.getState().document!)
  useEffect(() => {
    const first = shownNow()
    return followJob(first, (next, atOnce) => (atOnce ? setJob(next) : startTransition(() => setJob(next))))
  }, [])
  useLayoutEffect(() => isShown(job), [job])
  useEffect(() => () => shownIs(null), [])
  return <ShownContext value={job}>{children}</ShownContext>
}
