import { fewestBars } from './fewestBars.ts'

/** Saw or knife takes this much with each cut, m. */
export const CUT_WIDTH_M = 2e-3

export interface Packing {
  /** For each stock length bought: the indices of the pieces cut from it, and what is left over. */
  readonly bars: readonly { readonly pieces: readonly number[]; readonly offcutM: number }[]
  readonly boughtM: number
  /** Fewest stock lengths that could do by a bound: sum, pieces longer than half, and pieces that cannot lie together. */
  readonly leastBars: number
  /** Whether no packing with fewer exists: by the bound, or by a search that came to its end. */
  readonly proved: boolean
}

const SLACK = 1e-9

/** Lists that were packed last: what is typed elsewhere in a job does not cut anything anew. */
const packedLast = new Map<string, Packing>()
const MOST_REMEMBERED = 32

/**
 * Pieces packed on stock lengths with the fewest stock lengths, so the least waste. Each piece costs its length and one
 * cut; the last cut of a stock length may fall on its end.
 * @param piecesM each above 0 and at most `stockM`; a longer one is an error of the caller
 */
export const packOnStock = (piecesM: readonly number[], stockM: number, cutM: number = CUT_WIDTH_M): Packing => {
  const list = JSON.stringify([piecesM, stockM, cutM])
  const known = packedLast.get(list)
  if (known) return known
  const packing = packed(piecesM, stockM, cutM)
  const [oldest] = packedLast.keys()
  if (oldest !== undefined && packedLast.size === MOST_REMEMBERED) packedLast.delete(oldest)
  packedLast.set(list, packing)
  return packing
}

const packed = (piecesM: readonly number[], stockM: number, cutM: number): Packing => {
  const tooLong = piecesM.find((p) => p > stockM + SLACK)
  if (tooLong !== undefined) throw new Error(`a piece of ${tooLong} m is longer than the stock of ${stockM} m`)
  const { bars, leastBars, proved } = fewestBars(
    piecesM.map((p) => p + cutM),
    stockM + cutM,
  )
  return {
    bars: bars.map((pieces) => ({
      pieces: [...pieces].sort((a, b) => piecesM[b]! - piecesM[a]!),
      offcutM: Math.max(0, stockM - pieces.reduce((sum, i) => sum + piecesM[i]!, 0) - cutM * (pieces.length - 1)),
    })),
    boughtM: bars.length * stockM,
    leastBars,
    proved,
  }
}
