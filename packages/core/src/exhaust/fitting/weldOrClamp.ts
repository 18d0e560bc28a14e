import type { ExhaustSection, SystemSection } from '../../sections/index.ts'
import { fig, say, type Sentence } from '../../verdict/index.ts'

export type FittingWay = 'weld' | 'clamp' | 'neither'

export interface FittingAdvice {
  readonly way: FittingWay
  /** For and against, each with its reason. */
  readonly reasons: readonly Sentence[]
}

/** Thinner than this most hands burn through. Rule of thumb. */
const THIN_WALL_M = 0.001
/** Thicker than this a band seals on a pipe that stays round. */
const LEAST_CLAMP_WALL_M = 0.001

/** Weld-in or clamp-on, from who welds, what the pipe is of, its wall and its diameter. */
export const fittingAdvice = (c: {
  readonly welder: SystemSection['welder']
  readonly material: ExhaustSection['material']
  readonly wallM: number
  readonly pipeM: number
  /** Whether a clamp of the list fits this pipe. */
  readonly clampFits: boolean
}): FittingAdvice => {
  if (c.material === 'cast')
    return {
      way: 'neither',
      reasons: [
        say`Cast iron: welding it is a specialist’s job and a band will not seat on it. Choose a position on the pipe after it.`,
      ],
    }
  const reasons: Sentence[] = []
  const welderKnown = c.welder === 'self' || c.welder === 'shop'
  const thin = c.wallM < THIN_WALL_M
  if (welderKnown)
    reasons.push(
      c.welder === 'self'
        ? say`You weld: a bung welded all round is gas-tight for good and cannot shift.`
        : say`A shop welds it: mark it on the car, take the pipe off, have it welded.`,
    )
  else if (c.welder === 'none')
    reasons.push(say`Nobody welds: a clamp-on bung needs a drill and two spanners, and can be undone.`)
  else reasons.push(say`Say under the system’s requirements who welds.`)
  if (thin)
    reasons.push(say`A wall of ${fig(c.wallM, 'bore')} burns through easily: thin wire, short runs, a backing piece.`)
  if (c.material === 'aluminised')
    reasons.push(say`Aluminised steel: grind the coating off inside and out first; do not breathe the fumes.`)
  if (c.material === 'stainless')
    reasons.push(say`Stainless: use a stainless bung and filler, and back-purge the weld.`)
  if (!c.clampFits)
    reasons.push(say`No clamp-on bung in the catalogue fits ${fig(c.pipeM, 'bore')}: band or saddle is the wrong size.`)
  else if (c.wallM < LEAST_CLAMP_WALL_M)
    reasons.push(say`A band pulls a thin pipe out of round and leaks: watch for it at the leak check.`)
  const way: FittingWay = welderKnown ? 'weld' : c.clampFits ? 'clamp' : c.welder === 'none' ? 'neither' : 'weld'
  return { way, reasons }
}
