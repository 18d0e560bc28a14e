/** Answers that were asked for before anybody waited for them, by path of the API. */
const begun = new Map<string, { readonly answer: Promise<Response>; readonly atMs: number }>()
/** Older than this an answer is asked for again. */
const FRESH_MS = 20_000

const begin = (path: string): void => {
  const answer = fetch(`/api${path}`)
  // Whoever takes it hears of what went wrong.
  answer.catch(() => undefined)
  begun.set(path, { answer, atMs: performance.now() })
}

/** Asks for all that the first screen will ask for, at once instead of one after the other. @param jobId of the job in the address */
export const beginAhead = (jobId: string | null): void => {
  begin('/session')
  if (jobId === null) return
  begin(`/jobs/${jobId}`)
  begin('/catalogue')
}

/** Somebody else sits here than when they were asked for, or nobody: such answers are not taken. */
export const forgetAhead = (): void => begun.clear()

/** The answer that is under way to a question, once; null where there is none, or it was no answer. */
export const takeAhead = async (path: string): Promise<Response | null> => {
  const known = begun.get(path)
  begun.delete(path)
  if (!known || performance.now() - known.atMs > FRESH_MS) return null
  try {
    const response = await known.answer
    return response.ok ? response : null
  } catch {
    return null
  }
}
