import { err, ok, type Result } from '../../verdict/index.ts'
import { drillTemplate, type DrillTemplate } from '../../exhaust/fitting/drillTemplate.ts'
import { pieceAt, runOf } from '../../exhaust/pipe/layOut.ts'
import { chosenSpots, type ExhaustCase } from './exhaustCase.ts'
import { judgedSpotOf } from './judgeSpots.ts'

export interface TemplateOfJob {
  readonly template: DrillTemplate
  /** Which sensor it is for, and on which piece. */
  readonly name: string
  readonly pieceName: string
  /** The spot is forbidden: it says so on the paper. */
  readonly forbidden: boolean
  /** The diameter was not measured: a strip of this length may not close. */
  readonly assumed: boolean
}

/** What keeps a template from being drawn. */
export const TEMPLATE_WANTS = {
  noSpot: 'choose a spot for this sensor first',
  noBung: 'choose the boss first: the size of the hole follows from it',
  beforeMerge: 'the spot lies before the merge: choose one behind it',
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
  return ok({
    template: drillTemplate({
      outsideM: piece.outsideM,
      fromMergeM: spot.alongM,
      clockDeg: spot.clockDeg,
      holeM: bung.holeM,
    }),
    name,
    pieceName: piece.piece.name,
    forbidden: (judgedSpotOf(c, spot)?.forbidden.length ?? 0) > 0,
    assumed: piece.assumed.includes('diameter'),
  })
}
