/** Degrees from the top line, clockwise, of an hour of the clock. */
const DEG_PER_HOUR = 30

const HOURS = ['twelve', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven']
const HOUR = `(\\d{1,2}|${HOURS.join('|')})`
/** "half past one", "quarter to three". */
const PAST = new RegExp(`^(?:a\\s+)?(half|quarter)\\s+(past|to)\\s+${HOUR}(?:\\s*o['’]?\\s*clock)?$`, 'i')
/** "10 o'clock", "ten oclock". */
const OCLOCK = new RegExp(`^${HOUR}\\s*o['’]?\\s*clock$`, 'i')
/** "1:30". */
const TIME = /^(\d{1,2})\s*:\s*(\d{2})$/

const hourOf = (text: string): number | null => {
  const named = HOURS.indexOf(text.toLowerCase())
  const hour = named >= 0 ? named : Number(text)
  return hour >= 0 && hour <= 12 ? hour : null
}

const degOf = (hours: number): number => (((hours * DEG_PER_HOUR) % 360) + 360) % 360

/** A clock position as it is said, in degrees from 12 o’clock; null where the text says none. */
export const parseClock = (text: string): number | null => {
  const past = PAST.exec(text)
  if (past) {
    const hour = hourOf(past[3]!)
    const part = past[1]!.toLowerCase() === 'half' ? 0.5 : 0.25
    return hour === null ? null : degOf(hour + (past[2]!.toLowerCase() === 'past' ? part : -part))
  }
  const oclock = OCLOCK.exec(text)
  if (oclock) {
    const hour = hourOf(oclock[1]!)
    return hour === null ? null : degOf(hour)
  }
  const time = TIME.exec(text)
  if (!time) return null
  const [hour, minutes] = [hourOf(time[1]!), Number(time[2])]
  return hour === null || minutes > 59 ? null : degOf(hour + minutes / 60)
}

/** The clock position nearest to an angle, to the half hour: "half past one", "3 o’clock"; "about" where it is another. */
const clockWords = (deg: number): string => {
  const halves = Math.round(degOf(deg / DEG_PER_HOUR) / (DEG_PER_HOUR / 2)) % 24
  const hour = Math.floor(halves / 2)
  const words = halves % 2 === 1 ? `half past ${HOURS[hour]}` : `${hour === 0 ? 12 : hour} o’clock`
  // Around the top the long way is not the way.
  const offDeg = Math.abs(((deg - halves * (DEG_PER_HOUR / 2) + 540) % 360) - 180)
  return offDeg < 0.5 ? words : `about ${words}`
}

/** A clock position for reading: "half past one (45°)". */
export const formatClock = (deg: number): string =>
  `${clockWords(deg)} (${Math.round(degOf(deg / DEG_PER_HOUR)) % 360}°)`
