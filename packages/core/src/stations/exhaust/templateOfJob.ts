import { err, ok, type Result } from '../../verdict/index.ts'
import { drillTemplate, type DrillTemplate } from '../../exhaust/fitting/drillTemplate.ts'
import { datumOf, type Datum } from '../../exhaust/pipe/datum.ts'
import { pieceAt, runOf } from '../../exhaust/pipe/layOut.ts'
import { chosenSpots, type ExhaustCase } from './exhaustCase.ts'
import { judgedSpotOf } from './judgedSpot.ts'

export interface TemplateOfJob {
  readonly template: DrillTemplate
  /** From what its figures are taken. */
  readonly datum: Datum
  /** What speaks against drilling by it, for every form of the paper. */
  readonly warnings: readonly string[]
  /** Which sensor it is for, and on which piece. */
  readonly name: string
  readonly pieceName: string
  /** The spot is forbidden: it says so on the paper. */
  readonly forbidden: boolean
}

/** What keeps a template from being drawn. */
export const TEMPLATE_WANTS = {
  noSpot: 'choose a position for this sensor first',
  noBung: 'choose the bung first: it sets the size of the hole',
  noDiameter: 'measure the pipe’s diameter there first, with a tape',
  beforeMerge: 'the position is before the merge: choose one after it',
} as const
/** Printed on the template, whatever its form. */
export const TEMPLATE_WARNINGS = {
  forbidden: 'THIS POSITION IS RULED OUT: see the assessment before you drill.',
} as const

export type TemplateWant = keyof typeof TEMPLATE_WANTS

/** The drill template of a sensor of a job, or what is still wanted for it. */
export const templateOfJob = (c: ExhaustCase, index: number): Result<TemplateOfJob, TemplateWant> => {
  const chosen = chosenSpots(c).find((s) => s.index === index)
  const run = chosen && runOf(c.runs, chosen.spot.run)
  if (!chosen || !run) return err('noSpot')
  const { bung } = c.exhaust
  if (!bung) return err('noBung')
  const { spot, name } = chosen
  if (spot.alongM < 0) return err('beforeMerge')
  const piece = pieceAt(run, spot.alongM)
  const forbidden = (judgedSpotOf(c, spot)?.forbidden.length ?? 0) > 0
  // Nobody drills by a figure that nobody measured.
  if (piece.assumed.includes('diameter')) return err('noDiameter')
  return ok({
    datum: datumOf(run),
    warnings: forbidden ? [TEMPLATE_WARNINGS.forbidden] : [],
    template: drillTemplate({
      outsideM: piece.outsideM,
      fromDatumM: spot.alongM,
      datum: datumOf(run),
      clockDeg: spot.clockDeg,
      holeM: bung.holeM,
    }),
    name,
    pieceName: piece.piece.name,
    forbidden,
  })
}
