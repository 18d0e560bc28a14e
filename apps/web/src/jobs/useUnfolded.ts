import { useJobStore } from '../store/jobStore.ts'
import { rememberUnfolded, usePlaces } from '../store/places.ts'

/** Whether a group of the open job is unfolded, remembered in this browser; and the way to change it. */
export const useUnfolded = (group: string, atFirst: boolean): readonly [boolean, (open: boolean) => void] => {
  const jobId = useJobStore((s) => s.jobId)
  const chosen = usePlaces((s) => (jobId === null ? undefined : s.jobs[jobId]?.unfolded[group]))
  return [chosen ?? atFirst, (open) => jobId !== null && rememberUnfolded(jobId, group, open)]
}
