/** Saw or knife takes this much with each cut, m. */
export const CUT_WIDTH_M = 2e-3

export interface Packing {
  /** For each stock length bought: the indices of the pieces cut from it, and what is left over. */
  readonly bars: readonly { readonly pieces: readonly number[]; readonly offcutM: number }[]
  readonly boughtM: number
  /** Fewest stock lengths that could do by their sum alone and by the pieces longer than half. */
  readonly leastBars: number
  /** Whether no packing with fewer exists: shown by search up to 20 pieces, by the bound beyond. */
  readonly proved: boolean
}

/** Up to here every subset is looked at. */
const MOST_SEARCHED = 20
const SLACK = 1e-9

const boundOf = (sizes: readonly number[], capacity: number): number => {
  const bySum = Math.ceil(sizes.reduce((a, b) => a + b, 0) / capacity - SLACK)
  const byHalves = sizes.filter((s) => s > capacity / 2 + SLACK).length
  return Math.max(sizes.length > 0 ? 1 : 0, bySum, byHalves)
}

/** Longest first, each into the first stock length that still takes it. */
const firstFit = (sizes: readonly number[], capacity: number): number[][] => {
  const order = sizes.map((_, i) => i).sort((a, b) => sizes[b]! - sizes[a]!)
  const bars: { left: number; pieces: number[] }[] = []
  for (const i of order) {
    const bar = bars.find((b) => b.left >= sizes[i]! - SLACK)
    if (bar) {
      bar.left -= sizes[i]!
      bar.pieces.push(i)
    } else bars.push({ left: capacity - sizes[i]!, pieces: [i] })
  }
  return bars.map((b) => b.pieces)
}

/**
 * Fewest bars by dynamic programming over subsets: for each subset the least (bars, filling of the last) pair. Exact;
 * 2^n n steps, so for at most 20 pieces.
 */
const fewestBars = (sizes: readonly number[], capacity: number): number[][] => {
  const n = sizes.length
  const bars = new Uint8Array(1 << n)
  const filling = new Float64Array(1 << n)
  const lastPiece = new Int8Array(1 << n).fill(-1)
  const opened = new Uint8Array(1 << n)
  for (let set = 1; set < 1 << n; set++) {
    let bestBars = 255
    let bestFilling = Infinity
    for (let i = 0; i < n; i++) {
      if (!(set & (1 << i))) continue
      const before = set ^ (1 << i)
      const fits = before !== 0 && filling[before]! + sizes[i]! <= capacity + SLACK
      const b = before === 0 ? 1 : bars[before]! + (fits ? 0 : 1)
      const f = fits ? filling[before]! + sizes[i]! : sizes[i]!
      if (b < bestBars || (b === bestBars && f < bestFilling)) {
        bestBars = b
        bestFilling = f
        lastPiece[set] = i
        opened[set] = fits ? 0 : 1
      }
    }
    bars[set] = bestBars
    filling[set] = bestFilling
  }
  const packed: number[][] = []
  let open: number[] = []
  for (let set = (1 << n) - 1; set !== 0;) {
    const i = lastPiece[set]!
    open.push(i)
    if (opened[set] === 1) {
      packed.push(open)
      open = []
    }
    set ^= 1 << i
  }
  return packed
}

/**
 * Pieces packed on stock lengths with the fewest stock lengths, so the least waste. Each piece costs its length and one
 * cut; the last cut of a stock length may fall on its end.
 * @param piecesM each above 0 and at most `stockM`; a longer one is an error of the caller
 */
export const packOnStock = (piecesM: readonly number[], stockM: number, cutM: number = CUT_WIDTH_M): Packing => {
  const tooLong = piecesM.find((p) => p > stockM + SLACK)
  if (tooLong !== undefined) throw new Error(`a piece of ${tooLong} m is longer than the stock of ${stockM} m`)
  const capacity = stockM + cutM
  const sizes = piecesM.map((p) => p + cutM)
  const leastBars = boundOf(sizes, capacity)
  const quick = firstFit(sizes, capacity)
  const search = quick.length > leastBars && sizes.length <= MOST_SEARCHED
  const packed = search ? fewestBars(sizes, capacity) : quick
  return {
    bars: packed.map((pieces) => ({
      pieces: [...pieces].sort((a, b) => piecesM[b]! - piecesM[a]!),
      offcutM: Math.max(0, stockM - pieces.reduce((sum, i) => sum + piecesM[i]!, 0) - cutM * (pieces.length - 1)),
    })),
    boughtM: packed.length * stockM,
    leastBars,
    proved: search || packed.length === leastBars,
  }
}
