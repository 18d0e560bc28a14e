import { useEffect, useState } from 'react'
import { jobsAlong } from '../api/keptAnswers.ts'
import { useAlong } from '../store/along.ts'
import { personNow } from '../store/sessionStore.ts'

const NONE: ReadonlySet<string> = new Set()

/** Without a connection: the jobs that can be opened here. Null while the server answers: then all can. */
export const useJobsAlong = (): ReadonlySet<string> | null => {
  const away = useAlong((s) => s.keptAt !== null)
  const [along, setAlong] = useState<ReadonlySet<string>>(NONE)
  useEffect(() => {
    const personId = personNow()
    if (away && personId !== null) void jobsAlong(personId).then(setAlong)
  }, [away])
  return away ? along : null
}
