import { COMBINATION_FAILURES, type Combination, type CombinationAnswer } from '@lochmoor/core'

export type Wish = 'price' | 'noise' | 'reserve'
export type Shown = 'best' | 'passing' | 'all'

/** Nobody reads further down a list; a narrower choice shows what stands below. */
export const MOST_LISTED = 1000
/** More reserve than this share looks the same in the chart. */
export const MOST_SHOWN_RESERVE = 3
const RESERVE_STEP = 0.01

/** What a page shows of a ranking: a catalogue may give hundreds of thousands of combinations, which stay where they were made. */
export interface RankingView {
  readonly tried: number
  readonly passing: number
  readonly solved: number
  /** How many each list would hold whole. */
  readonly counts: Readonly<Record<Shown, number>>
  /** The head of each list in each order. Those that fail stay behind those that pass, whatever is wished. */
  readonly lists: Readonly<Record<Shown, Readonly<Record<Wish, readonly Combination[]>>>>
  /** Each pump with the parts that suit it best. */
  readonly perPump: readonly Combination[]
  /** One for each price and reserve at which something passes: the quietest of the best, else the quietest. */
  readonly marks: readonly Combination[]
}

const IN_ORDER: Readonly<Record<Wish, (a: Combination, b: Combination) => number>> = {
  price: (a, b) => a.price - b.price || a.noiseClass - b.noiseClass || b.reserve - a.reserve,
  noise: (a, b) => a.noiseClass - b.noiseClass || a.price - b.price || b.reserve - a.reserve,
  reserve: (a, b) => b.reserve - a.reserve || a.price - b.price,
}

/** How far a combination comes before something stands against it. */
const nearness = ({ fails }: Combination): number =>
  fails === null ? COMBINATION_FAILURES.length : COMBINATION_FAILURES.indexOf(fails)

const nearestPerPump = (ranked: readonly Combination[]): Combination[] => {
  const nearest = new Map<string, Combination>()
  for (const c of ranked) {
    const known = nearest.get(c.pumpId)
    if (!known || nearness(c) > nearness(known)) nearest.set(c.pumpId, c)
  }
  return [...nearest.values()]
}

/** Whether one is marked before another that lies on it. */
const before = (a: Combination, b: Combination): boolean => (a.best === b.best ? a.noiseClass < b.noiseClass : a.best)

const marksOf = (passing: readonly Combination[]): Combination[] => {
  const marks = new Map<string, Combination>()
  for (const c of passing) {
    const at = `${c.price} ${Math.round(Math.min(c.reserve, MOST_SHOWN_RESERVE) / RESERVE_STEP)}`
    const known = marks.get(at)
    if (!known || before(c, known)) marks.set(at, c)
  }
  return [...marks.values()]
}

export const rankingView = ({ passing: passed, ranked, solved, tried }: CombinationAnswer): RankingView => {
  const passing = ranked.filter((c) => c.fails === null)
  const failing = ranked.filter((c) => c.fails !== null)
  const best = passing.filter((c) => c.best)
  const sorted = (first: readonly Combination[], then: readonly Combination[] = []): Record<Wish, Combination[]> => {
    const by = (wish: Wish) => {
      const head = [...first].sort(IN_ORDER[wish]).slice(0, MOST_LISTED)
      const left = MOST_LISTED - head.length
      return left > 0 && then.length > 0 ? [...head, ...[...then].sort(IN_ORDER[wish]).slice(0, left)] : head
    }
    return { price: by('price'), noise: by('noise'), reserve: by('reserve') }
  }
  return {
    tried,
    passing: passed,
    solved,
    counts: { best: best.length, passing: passing.length, all: ranked.length },
    lists: { best: sorted(best), passing: sorted(passing), all: sorted(passing, failing) },
    perPump: nearestPerPump(ranked),
    marks: marksOf(passing),
  }
}
