import { useEffect, useState } from 'react'
import { useNavigate, useParams } from 'react-router'
import { explainApiError } from '../api/client.ts'
import { followGuestLink } from '../api/people.ts'
import { Trouble } from '../shell/Trouble.tsx'
import { loadSession } from '../store/sessionStore.ts'
import { CardPage } from './CardPage.tsx'

/** Where a guest link leads: to the one job, to read. */
export const GuestPage = () => {
  const { token = '' } = useParams()
  const [why, setWhy] = useState<string | null>(null)
  const navigate = useNavigate()
  useEffect(() => {
    void (async () => {
      const followed = await followGuestLink(token)
      if (!followed.ok) return setWhy(explainApiError(followed.error))
      await loadSession()
      await navigate(`/jobs/${followed.value.jobId}`, { replace: true })
    })()
  }, [token, navigate])
  return (
    <CardPage title="Job for reading">
      {why === null ? (
        <p className="text-soft">Opening the job…</p>
      ) : (
        <Trouble title="This link does not work" why={why} />
      )}
    </CardPage>
  )
}
