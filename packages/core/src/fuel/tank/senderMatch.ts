/** Resistances of a tank sender and of the gauge it shall drive, ohm, at the ends of the scale. */
export interface SenderCase {
  readonly senderEmptyOhm: number
  readonly senderFullOhm: number
  readonly gaugeEmptyOhm: number
  readonly gaugeFullOhm: number
}

export interface SenderAnswer {
  /** What the gauge shows with the tank empty, half and full: 0 empty to 1 full, beyond where it runs off the scale. */
  readonly showsEmpty: number
  readonly showsHalf: number
  readonly showsFull: number
  readonly runsBackwards: boolean
  /** Largest of the three faults, as a share of the scale. */
  readonly worstFault: number
}

/** A gauge reads straight between its two resistances; good enough for moving-iron and bimetal gauges near the ends. */
export const senderMatch = (c: SenderCase): SenderAnswer => {
  const shows = (ohm: number) => (ohm - c.gaugeEmptyOhm) / (c.gaugeFullOhm - c.gaugeEmptyOhm)
  const showsEmpty = shows(c.senderEmptyOhm)
  const showsFull = shows(c.senderFullOhm)
  const showsHalf = shows((c.senderEmptyOhm + c.senderFullOhm) / 2)
  return {
    showsEmpty,
    showsHalf,
    showsFull,
    runsBackwards: showsFull < showsEmpty,
    worstFault: Math.max(Math.abs(showsEmpty), Math.abs(showsHalf - 0.5), Math.abs(showsFull - 1)),
  }
}
