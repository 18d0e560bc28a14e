const DAY_MS = 86_400_000
const MINUTE_MS = 60_000
/** A workshop opens at eight; from one entry of its log to the next a while passes, min. */
const OPENS_MIN = 8 * 60
const BETWEEN_MIN = 23
const OPEN_FOR_MIN = 8 * 60

/**
 * A time at which somebody is in the workshop, so many days before a day: in working hours, on the Friday before a weekend.
 * @param n the how manieth thing that is done; later ones come later in the day
 */
export const workTime = (now: Date, daysBefore: number, n: number): Date => {
  const day = new Date(now.getTime() - daysBefore * DAY_MS)
  const weekday = day.getUTCDay()
  const back = weekday === 6 ? 1 : weekday === 0 ? 2 : 0
  const midnight = Date.UTC(day.getUTCFullYear(), day.getUTCMonth(), day.getUTCDate() - back)
  const at = midnight + (OPENS_MIN + ((n * BETWEEN_MIN) % OPEN_FOR_MIN)) * MINUTE_MS
  // Nothing is dated ahead of its own first start.
  return new Date(Math.min(at, now.getTime()))
}
