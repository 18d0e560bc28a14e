const DAY = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' })
const CLOCK = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' })

/** Clock time for today, else the day. */
export const shortTime = (iso: string, now = new Date()): string => {
  const then = new Date(iso)
  return then.toDateString() === now.toDateString() ? CLOCK.format(then) : DAY.format(then)
}

const DAY_MS = 86_400_000
/** Whole days since a time; none while it lies ahead. */
export const daysSince = (iso: string, now = Date.now()): number =>
  Math.max(0, Math.floor((now - Date.parse(iso)) / DAY_MS))

/** Day and clock time, for books. */
export const longTime = (iso: string): string => {
  const then = new Date(iso)
  return `${DAY.format(then)}, ${CLOCK.format(then)}`
}
