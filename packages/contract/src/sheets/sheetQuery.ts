import { z } from 'zod'
import { oneOf } from '../field/figure.ts'

export const PAPERS = ['a4', 'letter'] as const
export type Paper = (typeof PAPERS)[number]

const UNITS_WANTED = 'allowed: nothing for metric, or pairs such as "pressure:psi,bore:in"'
/** Units of a list or sheet, by family. */
export const UnitsWanted = z
  .string({ error: UNITS_WANTED })
  .max(1000, { error: UNITS_WANTED })
  .regex(/^([a-zA-Z]+:[^,:]+(,[a-zA-Z]+:[^,:]+)*)?$/, { error: UNITS_WANTED })
  .default('')

/** The address of a station, as "fuel". */
export const StationPath = z
  .string()
  .regex(/^[a-z]+(-[a-z]+)*$/, { error: 'allowed: the address of a station, as "fuel"' })
  .max(40, { error: 'allowed: at most 40 characters' })

/** Which English a paper is written in. */
const english = oneOf(['british', 'american']).default('british')

/** What a list is written in. */
export const PartListQuery = z.strictObject({ units: UnitsWanted, english })
export type PartListQuery = z.infer<typeof PartListQuery>

/** What a working sheet is printed on, and in which units. */
export const SheetQuery = z.strictObject({ paper: oneOf(PAPERS).default('a4'), units: UnitsWanted, english })
export type SheetQuery = z.infer<typeof SheetQuery>

const which = oneOf(['a', 'b']).default('a')
/** For which sensor a template is, and on what it is printed. */
export const TemplateQuery = z.strictObject({ sensor: which, paper: oneOf(PAPERS).default('a4'), english })
export type TemplateQuery = z.infer<typeof TemplateQuery>
export const TemplateSvgQuery = z.strictObject({ sensor: which, english })
export type TemplateSvgQuery = z.infer<typeof TemplateSvgQuery>

/** What the bench gets of an accepted loom. */
export const LOOM_FILES = [
  'wires.csv',
  'cuts.csv',
  'labels.pdf',
  'board.pdf',
  'board.svg',
  'board.dxf',
  'tests.pdf',
] as const
export const LoomFile = oneOf(LOOM_FILES)
export type LoomFile = z.infer<typeof LoomFile>
