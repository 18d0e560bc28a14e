/** How a wire's end is made. */
export type Termination = 'plug' | 'ring' | 'relay' | 'splice'

/** Stripped length and terminal of a wire's end. */
export interface WireEndWork {
  readonly termination: Termination
  /** As the crimp of that terminal wants it, m. */
  readonly stripM: number
  readonly terminal: string
  /** Seal for the wire's own diameter; null where there is none, or none is wanted. */
  readonly seal: string | null
}

/**
 * Crimp barrels by section, mm²: from, to, stripped length of a plug's contact and of a ring or relay terminal, mm.
 * Usual ones; the terminal's own sheet wins. Typical.
 */
const BARRELS: readonly (readonly [from: number, to: number, contactMm: number, ringMm: number])[] = [
  [0.2, 0.5, 4, 5],
  [0.5, 1, 4.5, 5.5],
  [1, 2.5, 5, 6.5],
  [2.5, 6, 6.5, 8.5],
  [6, 16, 10, 12],
  [16, 50, 14, 17],
]
/** Single-wire seals by the wire's diameter over insulation, mm. Typical. */
const SEALS: readonly (readonly [from: number, to: number])[] = [
  [0.9, 1.4],
  [1.4, 2.1],
  [2.1, 3],
  [3, 4.3],
]
const SPLICE_STRIP_M = 0.01

const span = (from: number, to: number): string => `${from} to ${to} mm²`

/** @param sealed whether its plug is; null: nobody has looked */
export const endOfWire = (
  termination: Termination,
  sectionM2: number,
  outsideM: number,
  sealed: boolean | null,
): WireEndWork => {
  const mm2 = sectionM2 * 1e6
  const [from, to, contactMm, ringMm] = BARRELS.find(([, most]) => mm2 <= most * (1 + 1e-9)) ?? BARRELS[BARRELS.length - 1]! // prettier-ignore
  if (termination === 'splice')
    return { termination, stripM: SPLICE_STRIP_M, terminal: `splice crimp, ${span(from, to)}`, seal: null }
  const stripM = (termination === 'plug' ? contactMm : ringMm) * 1e-3
  const kind = { plug: 'plug contact', ring: 'ring terminal', relay: 'blade terminal' }[termination]
  const mm = outsideM * 1e3
  const seal = SEALS.find(([, most]) => mm <= most * (1 + 1e-9))
  const sealWords = seal ? `seal for ${seal[0]} to ${seal[1]} mm` : 'no single seal so thick'
  return {
    termination,
    stripM,
    terminal: `${kind}, ${span(from, to)}`,
    seal: termination !== 'plug' || sealed === false ? null : sealed === null ? `${sealWords}, if the plug is sealed` : sealWords, // prettier-ignore
  }
}

/** An end as a label names it. */
export interface LabelledEnd {
  readonly name: string
  readonly cavity: string | null
}
const MOST_OF_END = 22

/** What stands on a wire's label: short enough for a sleeve of 30 characters a line; a long name is cut, its cavity never. */
export const labelOf = (number: number, from: LabelledEnd, to: LabelledEnd): readonly [string, string] => {
  const short = ({ cavity, name }: LabelledEnd): string => {
    const tail = cavity === null ? '' : `/${cavity}`
    return `${name.toUpperCase().slice(0, MOST_OF_END - tail.length)}${tail}`
  }
  return [`${number} ${short(from)}`, `> ${short(to)}`]
}
