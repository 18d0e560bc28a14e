import { SECTION_NAMES } from '@lochmoor/contract'
import { err, ok, type Result } from '@lochmoor/core'
import type { z } from 'zod'
import { create } from 'zustand'
import type { ApiError } from '../api/client.ts'
import { forgetAnswers, keepAnswer, keptAnswer } from '../api/keptAnswers.ts'
import { useJobStore } from './jobStore.ts'
import { forgetPlaces } from './places.ts'

/** Since when the page shows what this browser has kept, because the server does not answer; null while it does. */
export const useAlong = create<{
  readonly keptAt: string | null
  /** How often the server has answered again after that. */
  readonly returns: number
}>(() => ({ keptAt: null, returns: 0 }))

/** The server answers: what is shown from now on is its own. */
export const serverAnswers = (): void => {
  const { keptAt, returns } = useAlong.getState()
  if (keptAt !== null) useAlong.setState({ keptAt: null, returns: returns + 1 })
}

/** What is shown was kept at a time; of several the oldest is said. */
export const keptIsShown = (at: string): void => {
  const { keptAt } = useAlong.getState()
  if (keptAt === null || at < keptAt) useAlong.setState({ keptAt: at })
}

let personOf: () => string | null = () => null
/** Tells whose answers are kept: nobody's until then. */
export const keepAnswersOf = (person: () => string | null): void => {
  personOf = person
}

/**
 * What the server answers, kept for the time without it; where it is out of reach, what it answered last. A refusal is
 * nothing to be kept.
 * @param path of the API, under which it is kept
 */
export const along = async <T>(
  schema: z.ZodType<T>,
  path: string,
  asked: Promise<Result<T, ApiError>>,
): Promise<Result<T, ApiError>> => {
  const answer = await asked
  const personId = personOf()
  if (personId === null) return answer
  if (answer.ok) {
    serverAnswers()
    void keepAnswer(personId, path, answer.value)
    return answer
  }
  if (answer.error.kind !== 'away') return answer
  const kept = await keptAnswer(personId, path)
  const parsed = kept && schema.safeParse(kept.json)
  if (!kept || !parsed?.success) return err(answer.error)
  keptIsShown(kept.at)
  return ok(parsed.data)
}

/** Whether the page shows what this browser has kept. */
export const isKeptShown = (): boolean => useAlong.getState().keptAt !== null

/** Keeps the open job as the server has it, with every edit that it has taken. */
export const keepOpenJob = (): (() => void) =>
  useJobStore.subscribe((now, before) => {
    const personId = personOf()
    if (
      now.acknowledged === before.acknowledged ||
      now.jobId === null ||
      now.jobId !== before.jobId ||
      personId === null
    )
      return
    if (isKeptShown() || now.savedAt === null || now.stateSince === null) return
    const sections = Object.fromEntries(SECTION_NAMES.map((s) => [s, { ...now.acknowledged[s], savedAt: now.savedAt }]))
    void keepAnswer(personId, `/jobs/${now.jobId}`, {
      id: now.jobId,
      archivedAt: now.archivedAt,
      stateSince: now.stateSince,
      sections,
    })
  })

/** Nothing more is kept from here on, and what was kept is forgotten: whoever sat here is on the way out. */
export const leaveNothing = (): Promise<void> => {
  personOf = () => null
  return forgetAlong()
}

/** Forgets all that is private and was only kept for the way; edits that wait are kept elsewhere, and stay. */
export const forgetAlong = async (): Promise<void> => {
  forgetPlaces()
  useAlong.setState({ keptAt: null })
  await forgetAnswers()
}
