import { figureOf, fuelLoopOf, type JobDocument, type LineDesign, type Part } from '../../job/index.ts'
import { fig, type Figure } from '../../verdict/index.ts'

/** One line of what must be ordered or cut. */
export interface PartLine {
  readonly what: string
  readonly name: string
  readonly quantity: Figure
  /** Whether the quantity stands on an assumed figure. */
  readonly assumed: boolean
}

/** The parts that follow from the fuel design as it stands, in the order of the flow. Lines that are kept are not in it. */
export const partsOfFuel = (job: JobDocument): PartLine[] => {
  const { fuel } = job
  const one = (what: string, part: Part | null): PartLine[] =>
    part ? [{ what, name: part.name, quantity: fig(1, 'count'), assumed: false }] : []
  const hose = (which: 'feed' | 'return', line: LineDesign): PartLine[] =>
    line.hose
      ? [
          {
            what: `${which} line`,
            name: line.hose.name,
            quantity: fig(figureOf(job, `fuel.${which}.lengthM`), 'distance'),
            assumed: line.lengthM === null,
          },
        ]
      : []
  return [
    ...one('strainer', fuel.strainer),
    ...one('pump', fuel.pump),
    ...one('fine filter', fuel.filter),
    ...hose('feed', fuel.feed),
    ...one('regulator', fuel.regulator),
    ...(fuelLoopOf(job) === 'return' ? hose('return', fuel.return) : []),
    ...(fuel.injector
      ? [
          {
            what: 'injectors',
            name: fuel.injector.name,
            quantity: fig(figureOf(job, 'fuel.injectorCount'), 'count'),
            assumed: fuel.injectorCount === null,
          },
        ]
      : []),
  ]
}
