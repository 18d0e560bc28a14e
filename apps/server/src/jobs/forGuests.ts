import { emptyJob, type JobDocument } from '@lochmoor/core'

/** What a guest never gets: whose car it is, and what the workshop pays. */
const PRIVATE = ['facts', 'orders'] as const

const empty = emptyJob('')

/** A job for the eyes of a guest. */
export const forGuests = (job: JobDocument): JobDocument => ({ ...job, facts: empty.facts, orders: empty.orders })

/** The same of the JSON text of a `JobResponse`. */
export const withoutPrivate = (text: string): string => {
  const response = JSON.parse(text) as { sections: Record<string, { value: unknown }> }
  for (const name of PRIVATE) response.sections[name]!.value = empty[name]
  return JSON.stringify(response)
}
