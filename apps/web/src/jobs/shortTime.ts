const DAY = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' })
const CLOCK = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' })

/** Clock time for today, else the day. */
export const shortTime = (iso: string, now = new Date()): string => {
  const then = new Date(iso)
  return then.toDateString() === now.toDateString() ? CLOCK.format(then) : DAY.format(then)
}
