import type { HosePart } from '../../parts/index.ts'
import { err, ok, type InputError, type Result } from '../../verdict/index.ts'
import { packOnStock, type Packing } from './cuttingStock.ts'
import type { HosePiece } from './legs.ts'

/** Taken where a hose does not say how it is sold. */
export const ASSUMED_STOCK_M = 3

export interface HoseOrder {
  readonly hose: HosePart
  readonly stockM: number
  readonly pieces: readonly HosePiece[]
  readonly packing: Packing
}

export type CutListError = InputError<'longerThanStock' | 'shorterThanEnds'>

/** Hoses and tubes to cut, by kind, packed on the lengths they are sold in. */
export const cutList = (pieces: readonly HosePiece[]): Result<HoseOrder[], CutListError[]> => {
  const kinds = [...new Map(pieces.map((p) => [p.hose.id, p.hose])).values()]
  const errors = pieces.flatMap((p): CutListError[] => {
    const stockM = p.hose.stockM ?? ASSUMED_STOCK_M
    const field = `fuel.${p.line}.legs.${p.index}.lengthM`
    if (p.cutM <= 0)
      return [
        {
          code: 'shorterThanEnds',
          field,
          value: p.pathM,
          allowed: `longer than the ${(p.takesUpM * 1e3).toFixed(0)} mm that both its ends take up`,
        },
      ]
    return p.cutM > stockM
      ? [
          {
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
    kinds.map((hose) => {
      const own = pieces.filter((p) => p.hose.id === hose.id)
      const stockM = hose.stockM ?? ASSUMED_STOCK_M
      return {
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
