import { SessionState } from '@lochmoor/contract'
import { err, ok, type Result } from '@lochmoor/core'
import { create } from 'zustand'
import { forgetAhead } from '../api/ahead.ts'
import { keepSessionToken, whenSignedOut, type ApiError } from '../api/client.ts'
import { keepAnswer, keptAnswer } from '../api/keptAnswers.ts'
import { fetchSession, keepPreferences } from '../api/people.ts'
import { forgetAlong, keepAnswersOf, keptIsShown, serverAnswers } from './along.ts'
import { adoptPreferences, markUnsent, usePreferences, whenChosen } from './preferences.ts'

/** Who sits here; null until the server has said. */
export const useSession = create<{ readonly session: SessionState | null }>(() => ({ session: null }))

export const sessionNow = (): SessionState | null => useSession.getState().session

const LAST_KEY = 'lochmoor-last-person'

/** Whose edits this browser keeps and sends: also while the server is away and after a reload. */
export const personNow = (): string | null => {
  const session = sessionNow()
  if (session?.state === 'signed-in') return session.personId
  return session === null ? localStorage.getItem(LAST_KEY) : null
}

/** How often something was chosen on this page. */
let choices = 0

const SESSION_PATH = '/session'

/** Without the server: whoever sat here last and has not left still does. */
const sitDownAgain = async (error: ApiError): Promise<Result<null, ApiError>> => {
  const personId = sessionNow() === null ? localStorage.getItem(LAST_KEY) : null
  const kept = personId === null ? null : await keptAnswer(personId, SESSION_PATH)
  const session = kept && SessionState.safeParse(kept.json)
  if (!kept || !session?.success) return err(error)
  keptIsShown(kept.at)
  useSession.setState({ session: session.data })
  return ok(null)
}

/** Asks the server who sits here. */
export const loadSession = async (): Promise<Result<null, ApiError>> => {
  const choicesBefore = choices
  const loaded = await fetchSession()
  if (!loaded.ok) return loaded.error.kind === 'away' ? sitDownAgain(loaded.error) : loaded
  serverAnswers()
  const session = loaded.value
  keepSessionToken('csrf' in session ? session.csrf : '')
  if (session.state === 'signed-in') {
    localStorage.setItem(LAST_KEY, session.personId)
    void keepAnswer(session.personId, SESSION_PATH, session)
    // What was chosen while the server was being asked is newer than its answer, as is a choice that never reached it.
    if (choices !== choicesBefore) markUnsent(session.personId)
    if (usePreferences.getState().unsentBy !== session.personId) adoptPreferences(session.preferences)
  }
  // Who has gone leaves nothing but what they have not sent.
  if (session.state !== 'signed-in' && session.state !== 'guest') forgetAhead()
  if (session.state !== 'signed-in') await forgetAlong()
  useSession.setState({ session })
  const { unsentBy } = usePreferences.getState()
  if (unsentBy !== null && unsentBy === personNow()) void sendPreferences()
  return ok(null)
}

/** Keeps what the person chose with the account; while nobody answers it stays marked here until the next start. */
const sendPreferences = async (): Promise<void> => {
  const session = sessionNow()
  if (session?.state !== 'signed-in') return
  markUnsent(session.personId)
  const { english, theme, units } = usePreferences.getState()
  const kept = await keepPreferences({ theme, english, units: { ...units } })
  if (kept.ok) markUnsent(null)
}
whenChosen(() => {
  choices += 1
  void sendPreferences()
})

whenSignedOut(() => {
  const session = sessionNow()
  const demo = session !== null && 'demo' in session && session.demo
  useSession.setState({ session: { state: 'signed-out', demo } })
  void forgetAlong()
})
keepAnswersOf(personNow)

/** Whether the one who sits here may change anything. */
export const useMayWrite = (): boolean => useSession((s) => s.session?.state === 'signed-in')
export const useIsOwner = (): boolean =>
  useSession((s) => s.session?.state === 'signed-in' && s.session.role === 'owner')
