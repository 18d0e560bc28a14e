import { useMemo } from 'react'
import { useFetched } from '../shell/useFetched.ts'
import { colleaguesAlong } from '../store/fetchAlong.ts'
import { useJobStore } from '../store/jobStore.ts'
import { usePreferences } from '../store/preferences.ts'
import { namesInJob } from './namesInJob.ts'
import type { Reader } from './showValue.ts'

const NOBODY: readonly never[] = []

/** The one who reads the open job: their units, and the names of everything that it refers to. */
export const useReader = (): Reader => {
  const units = usePreferences((s) => s.units)
  const job = useJobStore((s) => s.document)
  const { fetched } = useFetched(colleaguesAlong)
  const people = fetched.state === 'there' ? fetched.value : NOBODY
  const nameOf = useMemo(() => namesInJob(job, people), [job, people])
  return useMemo(() => ({ units, nameOf }), [units, nameOf])
}
