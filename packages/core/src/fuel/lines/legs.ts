import { USUAL_COUNTS, type LineDesign, type LineLeg, type LineName } from '../../sections/index.ts'
import type { HosePart } from '../../parts/index.ts'
import { cutLengthM, ENGINE_ROCK_M, HOSE_SHORTENING_SHARE } from './cutLength.ts'

/** What stands in place of a length to cut while the leg is not measured or its bends are not counted: nobody cuts by an assumption. */
export const BEFORE_CUTTING = { length: 'measure first', bends: 'count bends first' } as const
/** No leg is assumed shorter than this. */
const LEAST_LEG_M = 0.1
/** Clips every 300 to 450 mm; the middle. */
const CLIP_EVERY_M = 0.375
/** A line nearer than this to the exhaust gets a sleeve: 100 to 150 mm, rule of thumb. */
export const HEAT_GAP_M = 0.15
/** A rib of usual rubber hose where the part says nothing: bore and two walls of 3 mm. */
const WALLS_M = 6e-3

export const hoseOfLeg = (line: LineDesign, leg: LineLeg): HosePart | null => leg.hose ?? line.hose
/**
 * Length of each leg, m. Legs that nobody has measured share evenly what those that were leave of the whole line, so
 * that describing a line leg by leg makes it neither longer nor shorter.
 * @param lineM the length of the whole line while a leg is not measured, m
 */
export const legLengthsM = (legs: readonly LineLeg[], lineM: number): number[] => {
  const open = legs.filter((leg) => leg.lengthM === null).length
  const knownM = legs.reduce((sum, leg) => sum + (leg.lengthM ?? 0), 0)
  const eachM = Math.max(LEAST_LEG_M, (lineM - knownM) / Math.max(1, open))
  return legs.map((leg) => leg.lengthM ?? eachM)
}
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
  /** What of it is still assumed, so that nobody can cut it yet. */
  readonly assumed: keyof typeof BEFORE_CUTTING | null
}

/**
 * Bends of a leg. Legs whose bends nobody has counted share, as evenly as whole bends go, what those that were leave of
 * the bends of the whole line (counted or assumed), so that describing a line leg by leg does not make it straighter.
 */
export const legBends = (line: LineDesign, leg: LineLeg): { readonly bends90: number; readonly bends45: number } => {
  const of = (name: 'bends90' | 'bends45'): number => {
    if (leg[name] !== null) return leg[name]
    const open = line.legs.filter((l) => l[name] === null).map((l) => l.id)
    const known = line.legs.reduce((sum, l) => sum + (l[name] ?? 0), 0)
    const left = Math.max(0, (line[name] ?? USUAL_COUNTS[name]) - known)
    const [each, more] = [Math.floor(left / open.length), left % open.length]
    return open.indexOf(leg.id) < more ? each + 1 : each
  }
  return { bends90: of('bends90'), bends45: of('bends45') }
}

export const cutCaseOf = (leg: LineLeg, hose: HosePart, tankLowerM: number, pathM: number) => ({
  pathM,
  bendsDeg: 90 * (leg.bends90 ?? 0) + 45 * (leg.bends45 ?? 0),
  outsideM: outsideOf(hose),
  slackM: slackOf(leg, tankLowerM),
  takesUpM: (leg.start?.takesUpM ?? 0) + (leg.end?.takesUpM ?? 0),
  shorteningShare: hose.kind === 'hard-tube' ? 0 : HOSE_SHORTENING_SHARE,
})

/**
 * Every hose and tube of a line that is described leg by leg; those without a hose chosen are left out.
 * @param lineM the length of the whole line while a leg is not measured, m
 */
export const piecesOfDesign = (line: LineName, design: LineDesign, tankLowerM: number, lineM: number): HosePiece[] => {
  const lengths = legLengthsM(design.legs, lineM)
  return design.legs.flatMap((leg, index): HosePiece[] => {
    const hose = hoseOfLeg(design, leg)
    if (!hose) return []
    const c = cutCaseOf(leg, hose, tankLowerM, lengths[index]!)
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
        assumed: leg.lengthM === null ? 'length' : leg.bends90 === null || leg.bends45 === null ? 'bends' : null,
      },
    ]
  })
}
