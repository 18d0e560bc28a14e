import { packOnStock, type Packing } from '../../numeric/cuttingStock.ts'
import type { HosePart } from '../../parts/index.ts'
import type { LineName } from '../../sections/index.ts'
import { err, fig, ok, say, type InputError, type Result, type Sentence } from '../../verdict/index.ts'
import type { HosePiece } from './legs.ts'

/** Taken where a hose does not say how it is sold. */
export const ASSUMED_STOCK_M = 3

export interface HoseOrder {
  /** Tells apart what is ordered: the hose, and the length it is sold in where copies of it differ in that. */
  readonly key: string
  readonly hose: HosePart
  readonly stockM: number
  readonly pieces: readonly HosePiece[]
  readonly packing: Packing
}

/** Why a piece cannot be cut, and of which leg it is. */
export type CutListError = InputError<'longerThanStock' | 'shorterThanEnds'> & {
  readonly line: LineName
  readonly says: Sentence
}

/** A job keeps copies of its parts: one hose may stand in it with two lengths that it is sold in. */
const stockOf = ({ stockM }: HosePart): number => stockM ?? ASSUMED_STOCK_M
const keyOf = (hose: HosePart): string => `${hose.id} ${stockOf(hose)}`

/** Hoses and tubes to cut, by kind, packed on the lengths they are sold in. */
export const cutList = (pieces: readonly HosePiece[]): Result<HoseOrder[], CutListError[]> => {
  const kinds = [...new Map(pieces.map((p) => [keyOf(p.hose), p.hose])).entries()]
  const errors = pieces.flatMap((p): CutListError[] => {
    const stockM = stockOf(p.hose)
    const field = `fuel.${p.line}.legs.${p.index}.lengthM`
    const { line } = p
    const name = `“${p.leg.name}”`
    if (p.cutM <= 0)
      return [
        {
          line,
          says: say`${name} is ${fig(p.pathM, 'distance')} long, and its ends alone take up ${fig(p.takesUpM, 'bore')}`,
          code: 'shorterThanEnds',
          field,
          value: p.pathM,
          allowed: `longer than the ${(p.takesUpM * 1e3).toFixed(0)} mm that both its ends take up`,
        },
      ]
    return p.cutM > stockM
      ? [
          {
            line,
            says: say`${name} is cut to ${fig(p.cutM, 'distance')}; ${p.hose.name} is sold in lengths of ${fig(stockM, 'distance')}: split the leg`,
            code: 'longerThanStock',
            field,
            value: p.cutM,
            allowed: `at most ${stockM} m, the length ${p.hose.name} is sold in: split the leg`,
          },
        ]
      : []
  })
  if (errors.length > 0) return err(errors)
  return ok(
    kinds.map(([key, hose]) => {
      const own = pieces.filter((p) => keyOf(p.hose) === key)
      const stockM = stockOf(hose)
      return {
        key,
        hose,
        stockM,
        pieces: own,
        packing: packOnStock(
          own.map((p) => p.cutM),
          stockM,
        ),
      }
    }),
  )
}
