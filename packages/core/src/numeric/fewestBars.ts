import { barsByPrices } from './pricedBars.ts'
import { shuffledBars } from './shuffledBars.ts'

const SLACK = 1e-9
/** Pieces that are laid in a search before it gives up: at first a blink, at last a second or so. */
const FIRST_TRIED = 20_000
const MOST_TRIED = 2_000_000

export interface Bars {
  readonly bars: readonly (readonly number[])[]
  /** Shown to be needed, by bound or search. */
  readonly leastBars: number
  readonly proved: boolean
}

/**
 * Fewest bars that could do, by functions that a filled bar cannot bring above 1 (Fekete and Schepers, Mathematical
 * Programming 91, 2001): sizes themselves; those above `1 - t` count as 1 and those below t as 0, for every t up to half;
 * and of both, shares rounded down to k-ths of a bar that takes at most k such pieces.
 */
const boundOf = (sizes: readonly number[], capacity: number): number => {
  const shares = sizes.map((s) => Math.min(1, s / capacity))
  let most = sizes.length > 0 ? 1 : 0
  for (const t of [0, ...shares.filter((s) => s <= 0.5 + SLACK)]) {
    const counted = shares.map((s) => (t > 0 && s > 1 - t + SLACK ? 1 : s < t - SLACK ? 0 : s))
    const sumOf = (of: (x: number) => number): number => counted.reduce((sum, x) => sum + of(x), 0)
    most = Math.max(most, Math.ceil(sumOf((x) => x) - 1e-7))
    for (let k = 1; k <= MOST_SHARES; k++) most = Math.max(most, Math.ceil(sumOf((x) => roundedShare(x, k)) - 1e-7))
  }
  return most
}
const MOST_SHARES = 12
const roundedShare = (x: number, k: number): number => {
  const y = (k + 1) * x
  return Math.abs(y - Math.round(y)) < 1e-7 ? x : Math.floor(y) / k
}

/** Longest first, each into the first bar that still takes it. */
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
 * Packs into at most `most` bars, or finds that it cannot be done. Bar by bar: the longest piece left lies in the next
 * one, with every filling that leaves no more waste than all bars together may have. Sets of pieces that failed are
 * remembered. "gave-up" where it would take too long.
 */
class Search {
  private readonly order: readonly number[]
  private readonly size: readonly number[]
  private tried = 0
  private readonly failed = new Set<string>()
  private readonly used: boolean[]
  private readonly found: number[][] = []
  /** A letter for each size: pieces of one size have the same. */
  private readonly letters: readonly string[]

  constructor(
    sizes: readonly number[],
    private readonly capacity: number,
    private readonly mostTried: number,
  ) {
    this.order = sizes.map((_, i) => i).sort((a, b) => sizes[b]! - sizes[a]!)
    this.size = this.order.map((i) => sizes[i]!)
    this.used = this.size.map(() => false)
    this.letters = this.size.map((s) => String.fromCharCode(33 + this.size.findIndex((x) => x <= s + SLACK)))
  }

  pack(most: number): number[][] | 'none' | 'gave-up' {
    const sum = this.size.reduce((a, b) => a + b, 0)
    try {
      if (!this.next(most, most * this.capacity - sum)) return 'none'
    } catch (error) {
      if (error === GIVE_UP) return 'gave-up'
      throw error
    }
    return this.found.map((bar) => bar.map((i) => this.order[i]!))
  }

  /** What of the pieces is left, told by sizes: pieces of one size are alike. */
  private key(): string {
    return this.letters.filter((_, i) => !this.used[i]).join('')
  }

  private next(bars: number, waste: number): boolean {
    const first = this.used.indexOf(false)
    if (first === -1) return true
    if (bars === 0 || waste < -SLACK) return false
    const key = this.key()
    if (this.failed.has(key)) return false
    const done = this.fill(first + 1, [first], this.capacity - this.size[first]!, bars, waste)
    if (!done) this.failed.add(key)
    return done
  }

  /** Goes on filling the bar that is open with pieces from number `from` on. */
  private fill(from: number, bar: readonly number[], left: number, bars: number, waste: number): boolean {
    const last = bar[bar.length - 1]!
    this.used[last] = true
    const done = this.fillOn(from, bar, left, bars, waste)
    if (!done) this.used[last] = false
    return done
  }

  private fillOn(from: number, bar: readonly number[], left: number, bars: number, waste: number): boolean {
    if (++this.tried > this.mostTried) throw GIVE_UP
    let last = -1
    for (let i = from; i < this.size.length; i++) {
      const s = this.size[i]!
      // Of pieces of one size the first that is left stands for all.
      if (this.used[i] || s > left + SLACK || s === last) continue
      last = s
      if (this.fill(i + 1, [...bar, i], left - s, bars, waste)) return true
    }
    // A bar that could take one more, and one that wastes more than is allowed, is none.
    if (left > waste + SLACK || this.takesOneMore(left)) return false
    this.found.push([...bar])
    if (this.next(bars - 1, waste - left)) return true
    this.found.pop()
    return false
  }

  private takesOneMore(left: number): boolean {
    for (let i = this.size.length - 1; i >= 0; i--) if (!this.used[i]) return this.size[i]! <= left + SLACK
    return false
  }
}
const GIVE_UP = new Error('the search takes too long')

/** Sizes packed into the fewest bars of one capacity; each size above 0 and at most the capacity. */
export const fewestBars = (sizes: readonly number[], capacity: number): Bars => {
  let bars = firstFit(sizes, capacity)
  let leastBars = boundOf(sizes, capacity)
  const search = (mostTried: number): void => {
    while (leastBars < bars.length) {
      const found = new Search(sizes, capacity, mostTried).pack(leastBars)
      if (found === 'gave-up') return
      if (found === 'none') leastBars++
      else bars = found
    }
  }
  if (leastBars < bars.length) bars = shuffledBars(bars, sizes, capacity, leastBars)
  search(FIRST_TRIED)
  if (leastBars < bars.length) leastBars = Math.max(leastBars, barsByPrices(sizes, capacity, bars.length))
  search(MOST_TRIED)
  return { bars, leastBars, proved: leastBars === bars.length }
}
