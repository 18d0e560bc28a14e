import type { Combination, CombinationCase } from './combinationCase.ts'
import { combinationsOfPump } from './combinationsOfPump.ts'

export interface CombinationAnswer {
  readonly tried: number
  readonly passing: number
  /** Circuits really solved: many combinations share one. */
  readonly solved: number
  /** Passing ones first, then cheapest, quietest, most reserve. */
  readonly ranked: readonly Combination[]
}

/** @param onProgress called with the share done, 0 to 1, and a ranking of what was tried until then */
export const rankCombinations = (
  c: CombinationCase,
  onProgress?: (share: number, soFar: () => CombinationAnswer) => void,
): CombinationAnswer => {
  const found: Combination[] = []
  let solved = 0
  const soFar = (): CombinationAnswer => rankingOf(found, solved)
  c.pumps.forEach((pump, i) => {
    const ofPump = combinationsOfPump(c, pump)
    for (const one of ofPump.found) found.push(one)
    solved += ofPump.solved
    if (i < c.pumps.length - 1) onProgress?.((i + 1) / c.pumps.length, soFar)
  })
  return soFar()
}

const rankingOf = (found: readonly Combination[], solved: number): CombinationAnswer => {
  const ranked = markBest(found).sort(
    (a, b) =>
      Number(a.fails !== null) - Number(b.fails !== null) ||
      a.price - b.price ||
      a.noiseClass - b.noiseClass ||
      b.reserve - a.reserve,
  )
  return { tried: found.length, passing: found.filter((f) => f.fails === null).length, solved, ranked }
}

/** Marks those that no other passing one equals or beats in price, noise and reserve while beating one; alike ones are all marked. */
const markBest = (all: readonly Combination[]): Combination[] => {
  const passing = all.filter((x) => x.fails === null)
  const front: Combination[] = []
  for (const x of [...passing].sort(
    (a, b) => a.price - b.price || a.noiseClass - b.noiseClass || b.reserve - a.reserve,
  )) {
    // Sorted by price: only what came before, or costs the same, can beat it.
    const beats = (f: Combination) =>
      f.noiseClass <= x.noiseClass &&
      f.reserve >= x.reserve &&
      (f.price < x.price || f.noiseClass < x.noiseClass || f.reserve > x.reserve)
    if (!front.some(beats)) front.push(x)
  }
  const best = new Set(front)
  return all.map((x) => (best.has(x) ? { ...x, best: true } : x))
}
