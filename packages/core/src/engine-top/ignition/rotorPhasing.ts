/** All angles of the rotor in degrees of the distributor, all advance in degrees of the crank. */
export interface RotorCase {
  /** Advance that is not made by turning the rotor's shaft: the ECU's, or the vacuum can's where the weights stay. */
  readonly leastAdvanceDeg: number
  readonly mostAdvanceDeg: number
  readonly tipDeg: number
  readonly terminalDeg: number
  /** Where the rotor's middle stood past its terminal, in the way it turns, at an advance; before it negative. */
  readonly seen: { readonly pastDeg: number; readonly atAdvanceDeg: number }
  /** Where the pick-up sits: turning the housing moves it too, or not. */
  readonly pickUp: 'in-housing' | 'on-crank'
  /** Whether the ECU can be told another reference angle. */
  readonly referenceFixed: boolean
}

export interface RotorAt {
  readonly advanceDeg: number
  /** Rotor's middle past the terminal. */
  readonly pastDeg: number
  /** Of tip and terminal; below 0 the spark has to jump that far. */
  readonly overlapDeg: number
}

export interface RotorAnswer {
  readonly ends: readonly [least: RotorAt, middle: RotorAt, most: RotorAt]
  /** Worse of both ends. */
  readonly overlapDeg: number
  /** Turn of the terminals, in the way the rotor turns, that centres it. */
  readonly turnDeg: number
  /** The housing turned by that: what the ECU's reference angle changes by, crank degrees; 0 with a pick-up on the crank. */
  readonly referenceDeg: number
  /** What is to be turned. */
  readonly how: 'housing' | 'rotor-or-reluctor'
  /** At both ends once it is centred. */
  readonly centredOverlapDeg: number
}

/**
 * Where the rotor stands as the spark comes: it turns half as far as the crank, and an earlier spark finds it earlier, by
 * half of the advance. It covers the terminal as long as its middle is within half of both widths.
 */
export const rotorPhasing = (c: RotorCase): RotorAnswer => {
  const half = (c.tipDeg + c.terminalDeg) / 2
  const at = (advanceDeg: number): RotorAt => {
    const pastDeg = c.seen.pastDeg - (advanceDeg - c.seen.atAdvanceDeg) / 2
    return { advanceDeg, pastDeg, overlapDeg: half - Math.abs(pastDeg) }
  }
  const middle = at((c.leastAdvanceDeg + c.mostAdvanceDeg) / 2)
  const [least, most] = [at(c.leastAdvanceDeg), at(c.mostAdvanceDeg)]
  const turnDeg = middle.pastDeg
  const fixed = c.pickUp === 'in-housing' && c.referenceFixed
  return {
    ends: [least, middle, most],
    overlapDeg: Math.min(least.overlapDeg, most.overlapDeg),
    turnDeg,
    referenceDeg: c.pickUp === 'in-housing' ? 2 * turnDeg : 0,
    how: fixed ? 'rotor-or-reluctor' : 'housing',
    centredOverlapDeg: half - (c.mostAdvanceDeg - c.leastAdvanceDeg) / 4,
  }
}
