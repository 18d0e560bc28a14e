import { seededRandom } from './seededRandom.ts'

const SLACK = 1e-9
const ROUNDS = 12_000

/** Pieces in the order of their sizes, shaken; each into the fullest bar that still takes it. */
const bestFit = (bars: number[][], left: number[], pieces: readonly number[], sizes: readonly number[], capacity: number): void => {
  for (const i of pieces) {
    let at = -1
    for (let b = 0; b < bars.length; b++)
      if (left[b]! >= sizes[i]! - SLACK && (at === -1 || left[b]! < left[at]!)) at = b
    if (at === -1) {
      bars.push([i])
      left.push(capacity - sizes[i]!)
    } else {
      bars[at]!.push(i)
      left[at]! -= sizes[i]!
    }
  }
} // prettier-ignore

const MOST_FILLINGS = 400

/** Bar by bar the fullest filling that a short search finds (Gupta and Ho, Production Planning & Control 10, 1999). */
const fullest = (bars: number[][], left: number[], pieces: readonly number[], sizes: readonly number[], capacity: number): void => {
  let open = pieces
  while (open.length > 0) {
    let tries = MOST_FILLINGS
    let best: readonly number[] = []
    let bestRoom = Infinity
    const bar: number[] = []
    const go = (from: number, room: number): void => {
      if (room < bestRoom - SLACK) {
        bestRoom = room
        best = [...bar]
      }
      for (let k = from; k < open.length && tries > 0 && bestRoom > SLACK; k++) {
        const s = sizes[open[k]!]!
        if (s > room + SLACK) continue
        tries--
        bar.push(open[k]!)
        go(k + 1, room - s)
        bar.pop()
      }
    }
    go(0, capacity)
    const taken = new Set(best)
    bars.push([...best])
    left.push(bestRoom)
    open = open.filter((i) => !taken.has(i))
  }
} // prettier-ignore

/** Full bars and one that is nearly empty are worth more than all half full (Falkenauer, Journal of Heuristics 2, 1996). */
const worthOf = (left: readonly number[], capacity: number): number =>
  left.reduce((sum, x) => sum + (1 - x / capacity) ** 2, 0) / left.length

/**
 * Looks for fewer bars by emptying a few of them and filling them again in a shaken order: ruin and recreate, from a seed.
 * @param enough so many bars end the search
 */
export const shuffledBars = (
  start: readonly (readonly number[])[],
  sizes: readonly number[],
  capacity: number,
  enough: number,
): number[][] => {
  const random = seededRandom(start.length)
  const roomOf = (bar: readonly number[]): number => capacity - bar.reduce((sum, i) => sum + sizes[i]!, 0)
  let bars = start.map((bar) => [...bar])
  let worth = worthOf(bars.map(roomOf), capacity)
  for (let round = 0; round < ROUNDS && bars.length > enough; round++) {
    const many = 2 + Math.floor(random() * 4)
    const ruined = new Set<number>()
    // The emptiest is always among them.
    let emptiest = 0
    bars.forEach((bar, b) => (emptiest = roomOf(bar) > roomOf(bars[emptiest]!) ? b : emptiest))
    ruined.add(emptiest)
    while (ruined.size < Math.min(many, bars.length)) ruined.add(Math.floor(random() * bars.length))
    const next = bars.filter((_, b) => !ruined.has(b)).map((bar) => [...bar])
    const left = next.map(roomOf)
    const shake = random() * 0.6
    const pieces = [...ruined]
      .flatMap((b) => bars[b]!)
      .map((i) => ({ i, rank: sizes[i]! * (1 + shake * (random() - 0.5)) }))
      .sort((x, y) => y.rank - x.rank)
      .map((x) => x.i)
    ;(random() < 0.5 ? bestFit : fullest)(next, left, pieces, sizes, capacity)
    const then = worthOf(left, capacity)
    if (next.length < bars.length || (next.length === bars.length && then >= worth - 1e-12)) {
      bars = next
      worth = then
    }
  }
  return bars
}
