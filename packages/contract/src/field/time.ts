import { z } from 'zod'

const [FIRST, LAST] = ['1900-01-01T00:00:00.000Z', '2199-12-31T23:59:59.999Z']
const TIME = 'allowed: a time, ISO 8601 in UTC, of the years 1900 to 2199'

/** A moment that every store can hold; before it and behind it nobody converts cars. */
export const moment = z.iso
  .datetime({ error: TIME })
  .refine((t) => Date.parse(t) >= Date.parse(FIRST) && Date.parse(t) <= Date.parse(LAST), { error: TIME })
