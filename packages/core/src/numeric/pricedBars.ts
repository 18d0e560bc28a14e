const SLACK = 1e-9
const MOST_ROUNDS = 2000
/** Fillings that are looked at before it gives up: a second or so. */
const MOST_TRIED = 3_000_000

/**
 * The dearest filling of one bar: sizes descending by price over size, cut off by what a fraction more could bring.
 * Null where it takes more tries than there are left.
 */
const dearest = (
  sizes: readonly number[],
  prices: readonly number[],
  capacity: number,
  tries: { left: number },
): { readonly value: number; readonly pieces: readonly number[] } | null => {
  const order = sizes.map((_, i) => i).sort((a, b) => prices[b]! / sizes[b]! - prices[a]! / sizes[a]!)
  let value = 0
  let pieces: readonly number[] = []
  const chosen: number[] = []
  const go = (k: number, left: number, sum: number): void => {
    if (--tries.left < 0) return
    if (sum > value) {
      value = sum
      pieces = [...chosen]
    }
    let could = sum
    let room = left
    for (let j = k; j < order.length && room > 0; j++) {
      const i = order[j]!
      could += prices[i]! * Math.min(1, room / sizes[i]!)
      room -= sizes[i]!
    }
    if (k === order.length || could <= value * (1 + 1e-9)) return
    const i = order[k]!
    if (sizes[i]! <= left + SLACK) {
      chosen.push(i)
      go(k + 1, left - sizes[i]!, sum + prices[i]!)
      chosen.pop()
    }
    go(k + 1, left, sum)
  }
  go(0, capacity, 0)
  return tries.left < 0 ? null : { value, pieces }
}

/**
 * A lower bound of the bars that are needed, by prices: if no filling of a bar is worth more than 1, all pieces together
 * are worth no more than the number of bars. The best prices are the dual of Gilmore and Gomory's linear program
 * (Operations Research 9, 1961), solved by the revised simplex method with the dearest filling as its next column; prices
 * on the way are scaled down to that filling's worth (Farley, Operations Research 38, 1990), so that each gives a bound.
 * @param enough so many bars end the search
 */
export const barsByPrices = (sizes: readonly number[], capacity: number, enough: number): number => {
  const n = sizes.length
  // Inverse of the basis, and how much of each of its fillings is used: at first a bar for each piece.
  const inverse = sizes.map((_, i) => sizes.map((__, j) => (i === j ? 1 : 0)))
  const used = sizes.map(() => 1)
  const tries = { left: MOST_TRIED }
  let best = 0
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const prices = sizes.map((_, j) =>
      Math.max(
        0,
        inverse.reduce((sum, row) => sum + row[j]!, 0),
      ),
    )
    const filling = dearest(sizes, prices, capacity, tries)
    if (filling === null) break
    best = Math.max(best, prices.reduce((a, b) => a + b, 0) / Math.max(1, filling.value))
    if (best > enough - 1 + 1e-6 || filling.value <= 1 + 1e-9) break
    const enters = inverse.map((row) => filling.pieces.reduce((sum, j) => sum + row[j]!, 0))
    let leaves = -1
    for (let i = 0; i < n; i++)
      if (enters[i]! > 1e-9 && (leaves === -1 || used[i]! / enters[i]! < used[leaves]! / enters[leaves]!)) leaves = i
    if (leaves === -1) break
    const pivot = enters[leaves]!
    for (let j = 0; j < n; j++) inverse[leaves]![j]! /= pivot
    used[leaves]! /= pivot
    for (let i = 0; i < n; i++) {
      const share = enters[i]!
      if (i === leaves || share === 0) continue
      for (let j = 0; j < n; j++) inverse[i]![j]! -= share * inverse[leaves]![j]!
      used[i]! -= share * used[leaves]!
    }
  }
  return Math.ceil(best - 1e-6)
}
