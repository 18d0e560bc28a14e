import type { createBrowserRouter } from 'react-router'
import { useJobStore } from '../store/jobStore.ts'
import { rememberPlace } from '../store/places.ts'
import { addressInJob } from './addressInJob.ts'

type Router = Pick<ReturnType<typeof createBrowserRouter>, 'state' | 'subscribe'>

/**
 * Remembers each screen of the open job that somebody goes to, for the next time the job or its station is opened: at
 * the press and not once it is drawn, which a screen that is left again at once never is.
 * @returns ends it
 */
export const keepPlaces = (router: Router): (() => void) => {
  const keep = () => {
    const { jobId } = useJobStore.getState()
    const { pathname } = router.state.location
    const at = addressInJob(pathname)
    if (jobId !== null && at !== '' && pathname.startsWith(`/jobs/${jobId}/`)) rememberPlace(jobId, at)
  }
  const ends = [
    router.subscribe(keep),
    // The address stands before the job has come.
    useJobStore.subscribe((now, before) => void (now.jobId !== before.jobId && keep())),
  ]
  return () => ends.forEach((end) => end())
}
