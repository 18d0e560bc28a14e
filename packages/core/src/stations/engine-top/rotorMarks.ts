import type { IgnitionOfJob } from './ignitionOfJob.ts'

/** An arc under the cap, degrees clockwise from straight up as seen from above. */
export interface RotorMark {
  readonly name: 'least' | 'middle' | 'most'
  readonly advanceDeg: number
  readonly overlapDeg: number
  readonly fromDeg: number
  readonly toDeg: number
}
export interface CapTerminal {
  readonly cylinder: number
  readonly fromDeg: number
  readonly toDeg: number
}
export interface RotorMarks {
  readonly terminals: readonly CapTerminal[]
  readonly rotor: readonly RotorMark[]
  /** Rotor's way, seen from above: 1 clockwise. */
  readonly sense: 1 | -1
}

/** The rotor under the cap as the spark of number one comes, number one's terminal straight up; null while that is not known. */
export const rotorMarks = ({ entry, order, rotor, rotorCase }: IgnitionOfJob): RotorMarks | null => {
  if (rotor === null || rotorCase === null) return null
  const sense = entry.turns === 'anticlockwise' ? -1 : 1
  const cylinders = order ?? [1]
  const arc = (middleDeg: number, wideDeg: number) => ({ fromDeg: middleDeg - wideDeg / 2, toDeg: middleDeg + wideDeg / 2 }) // prettier-ignore
  return {
    sense,
    // In the way the rotor turns the cylinders follow each other as they fire.
    terminals: cylinders.map((cylinder, i) => ({ cylinder, ...arc((sense * 360 * i) / cylinders.length, rotorCase.terminalDeg) })), // prettier-ignore
    rotor: (['least', 'middle', 'most'] as const).map((name, i) => {
      const { advanceDeg, overlapDeg, pastDeg } = rotor.ends[i]!
      return { name, advanceDeg, overlapDeg, ...arc(sense * pastDeg, rotorCase.tipDeg) }
    }),
  }
}
