import { useCallback, useEffect, useState } from 'react'
import { Outlet } from 'react-router'
import { explainApiError } from '../api/client.ts'
import { ownDataIsThere } from '../shell/arrived.ts'
import { laterPart } from '../shell/later.tsx'
import { Trouble } from '../shell/Trouble.tsx'
import { sendNow } from '../store/sending.ts'
import { loadSession, useSession } from '../store/sessionStore.ts'
import { watchReturn } from '../store/watchReturn.ts'
import { SignInPage } from './SignInPage.tsx'

interface Asks {
  readonly onDone: () => void
}
const FirstOwnerPage = laterPart<Asks>(() =>
  import('./FirstOwnerPage.tsx').then((m) => ({ default: m.FirstOwnerPage })),
)
const SecondFactorPage = laterPart<Asks & { readonly totp: boolean; readonly passkey: boolean }>(() =>
  import('./SecondFactorPage.tsx').then((m) => ({ default: m.SecondFactorPage })),
)
const SecondFactorWanted = laterPart<Asks>(() =>
  import('./SecondFactorWanted.tsx').then((m) => ({ default: m.SecondFactorWanted })),
)

/** Lets in who is signed in. Signed out in the middle of the work, the screen waits behind the sign-in. */
export const SessionGate = () => {
  const session = useSession((s) => s.session)
  const [why, setWhy] = useState<string | null>(null)
  const load = useCallback(() => {
    void loadSession().then((r) => {
      setWhy(r.ok ? null : explainApiError(r.error))
      if (r.ok) sendNow()
    })
  }, [])
  useEffect(load, [load])
  useEffect(watchReturn, [])
  // Who has to sign in first has all that this page shows.
  const outside = session !== null && session.state !== 'signed-in' && session.state !== 'guest'
  useEffect(() => {
    if (outside) ownDataIsThere()
  }, [outside])
  // Until it is set up the server lets nothing else be done.
  const wanting = session?.state === 'signed-in' && session.secondFactor.wanting
  const who = session?.state === 'signed-in' ? session.personId : session?.state === 'guest' ? 'guest' : null
  const [inside, setInside] = useState<string | null>(null)
  if (who !== null && !wanting && who !== inside) setInside(who)

  if (session === null)
    return why === null ? (
      <p className="p-6 text-soft">Checking who is signed in…</p>
    ) : (
      <div className="mx-auto w-full max-w-xl p-6">
        <Trouble
          title="Lochmoor’s server cannot be reached"
          why={`${why} What was entered in this browser is kept and sent once it can be reached.`}
          onRetry={load}
        />
      </div>
    )
  if (session.state === 'needs-owner') return <FirstOwnerPage onDone={load} />
  return (
    <>
      {wanting && <SecondFactorWanted onDone={load} />}
      {inside !== null && (
        // Signed out in the middle of the work the screen stays behind the sign-in, with what was typed; whoever else
        // signs in gets a screen of their own.
        <div key={inside} className={who === null || wanting ? 'hidden' : 'contents'}>
          <Outlet />
        </div>
      )}
      {session.state === 'signed-out' && <SignInPage demo={session.demo} onDone={load} />}
      {session.state === 'second-factor' && <SecondFactorPage {...session} onDone={load} />}
    </>
  )
}
