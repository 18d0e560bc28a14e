import { type LineDesign, type LineLeg, type LineName } from '../../sections/index.ts'
import type { HosePart } from '../../parts/index.ts'
import { cutLengthM, ENGINE_ROCK_M, HOSE_SHORTENING_SHARE } from './cutLength.ts'

/** Taken for a leg that has not been measured. */
export const ASSUMED_LEG_M = 1
/** Clips every 300 to 450 mm; the middle. */
const CLIP_EVERY_M = 0.375
/** A line nearer than this to the exhaust gets a sleeve: 100 to 150 mm, rule of thumb. */
export const HEAT_GAP_M = 0.15
/** A rib of usual rubber hose where the part says nothing: bore and two walls of 3 mm. */
const WALLS_M = 6e-3

export const hoseOfLeg = (line: LineDesign, leg: LineLeg): HosePart | null => leg.hose ?? line.hose
export const legLengthM = (leg: LineLeg): number => leg.lengthM ?? ASSUMED_LEG_M
export const outsideOf = (hose: HosePart): number => hose.outsideM ?? hose.boreM + WALLS_M

/** Service slack of a leg, m: as far as the tank is let down (`tankLowerM`), or as the engine rocks. */
export const slackOf = (leg: LineLeg, tankLowerM: number): number =>
  leg.moves === 'tank' ? tankLowerM : leg.moves === 'engine' ? ENGINE_ROCK_M : 0

/** One hose or tube to be cut, with how its length comes about. */
export interface HosePiece {
  readonly line: LineName
  readonly leg: LineLeg
  /** Position among the legs of its line. */
  readonly index: number
  readonly hose: HosePart
  readonly pathM: number
  readonly slackM: number
  readonly takesUpM: number
  readonly bendsDeg: number
  readonly cutM: number
  readonly clips: number
  readonly sleeveM: number
  readonly grommets: number
  readonly assumed: boolean
}

export const cutCaseOf = (leg: LineLeg, hose: HosePart, tankLowerM: number) => ({
  pathM: legLengthM(leg),
  bendsDeg: 90 * leg.bends90 + 45 * leg.bends45,
  outsideM: outsideOf(hose),
  slackM: slackOf(leg, tankLowerM),
  takesUpM: (leg.start?.takesUpM ?? 0) + (leg.end?.takesUpM ?? 0),
  shorteningShare: hose.kind === 'hard-tube' ? 0 : HOSE_SHORTENING_SHARE,
})

/** Every hose and tube of a line that is described leg by leg; those without a hose chosen are left out. */
export const piecesOfDesign = (line: LineName, design: LineDesign, tankLowerM: number): HosePiece[] =>
  design.legs.flatMap((leg, index): HosePiece[] => {
    const hose = hoseOfLeg(design, leg)
    if (!hose) return []
    const c = cutCaseOf(leg, hose, tankLowerM)
    return [
      {
        line,
        leg,
        index,
        hose,
        pathM: c.pathM,
        slackM: c.slackM,
        takesUpM: c.takesUpM,
        bendsDeg: c.bendsDeg,
        cutM: cutLengthM(c),
        clips: leg.moves === 'no' ? Math.max(1, Math.ceil(c.pathM / CLIP_EVERY_M)) : 0,
        sleeveM: leg.sleeved ? c.pathM : 0,
        grommets: leg.panels,
        assumed: leg.lengthM === null,
      },
    ]
  })
