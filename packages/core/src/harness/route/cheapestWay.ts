import { kitMinutes, limitsBroken, type RouteProblem, type Run } from './routeProblem.ts'

/** A way, as numbers of corridors in order from the run's `from`. */
export interface Way {
  readonly corridors: readonly number[]
  /** Minutes with the weights that were asked for, kit leads and broken rules of the run's own in it. */
  readonly minutes: number
  /** Never above the minutes of any way: the same as `minutes` unless the search was cut short. */
  readonly atLeast: number
}

/** Labels that one search may make before it takes the best it has: far above what a car needs. */
const MOST_LABELS = 60_000
/** Bans that a label remembers one by one; more, as in a long list that lies together, count at every corridor. */
const MOST_BITS = 20

/** A heap of numbered entries by a key. */
class Heap {
  private readonly keys: number[] = []
  private readonly entries: number[] = []
  get size(): number {
    return this.keys.length
  }
  clear(): void {
    this.keys.length = 0
    this.entries.length = 0
  }
  topKey(): number {
    return this.keys[0]!
  }
  push(key: number, entry: number): void {
    const { keys, entries } = this
    let at = keys.length
    keys.push(key)
    entries.push(entry)
    while (at > 0) {
      const up = (at - 1) >> 1
      if (keys[up]! <= key) break
      keys[at] = keys[up]!
      entries[at] = entries[up]!
      at = up
    }
    keys[at] = key
    entries[at] = entry
  }
  pop(): number {
    const { keys, entries } = this
    const top = entries[0]!
    const key = keys.pop()!
    const entry = entries.pop()!
    const size = keys.length
    if (size === 0) return top
    let at = 0
    for (;;) {
      let down = 2 * at + 1
      if (down >= size) break
      if (down + 1 < size && keys[down + 1]! < keys[down]!) down++
      if (keys[down]! >= key) break
      keys[at] = keys[down]!
      entries[at] = entries[down]!
      at = down
    }
    keys[at] = key
    entries[at] = entry
    return top
  }
}

/** Finds cheapest ways of one run after another, with memory of its own. */
export class WayFinder {
  private readonly dist: Float64Array
  private readonly by: Int32Array
  private readonly low: Float64Array
  private readonly heap = new Heap()
  private readonly sums = new Map<string, Float64Array>()

  constructor(private readonly problem: RouteProblem) {
    this.dist = new Float64Array(problem.places.length)
    this.by = new Int32Array(problem.places.length)
    this.low = new Float64Array(problem.corridors)
  }

  /**
   * The cheapest way of a run between two places, null where there is none.
   * @param weights minutes a corridor, at least the run's own share of kit leads' folding each
   * @param ruleMinutes what each broken rule of the run's own costs
   */
  find(run: Run, from: number, to: number, weights: Float64Array, ruleMinutes: number): Way | null {
    const { problem, low } = this
    const folds = run.kits.length * problem.input.rates.fold * (1 + problem.share)
    const atNone = folds === 0 ? 0 : kitsFolded(problem, run)
    for (let e = 0; e < problem.corridors; e++) {
      low[e] = folds === 0 ? weights[e]! : Math.max(0, weights[e]! - folds * problem.lengthM[e]!)
    }
    if (this.search(from, to, run.clean)) {
      const corridors = this.wayTo(from, to)
      const minutes = this.trueMinutes(run, corridors, weights, ruleMinutes)
      const lowest = atNone + this.dist[to]!
      const exact = minutes <= lowest + 1e-9 * Math.abs(lowest) && run.through.every((e) => corridors.includes(e))
      if (exact && (run.bans.length === 0 || minutes < ruleMinutes)) return { corridors, minutes, atLeast: lowest }
      // Any other way breaks a rule of the run's own: worth a look only where it costs less even so.
      if (exact && this.search(from, to, run.may) && minutes <= atNone + this.dist[to]! + ruleMinutes) {
        return { corridors, minutes, atLeast: lowest }
      }
    } else if (run.bans.length === 0 && run.through.length === 0) return null
    return this.byLabels(run, from, to, weights, ruleMinutes)
  }

  private trueMinutes(run: Run, corridors: readonly number[], weights: Float64Array, ruleMinutes: number): number {
    const { problem } = this
    let minutes = 0
    let pathM = 0
    let noise = 0
    for (const e of corridors) {
      minutes += weights[e]!
      pathM += problem.lengthM[e]!
      noise += problem.noise[e]!
    }
    const missed = run.through.reduce((sum, e) => sum + Number(!corridors.includes(e)), 0)
    const broken = limitsBroken(run.limits, pathM, noise) + missed
    return minutes + kitMinutes(problem, run.kits, pathM) + ruleMinutes * broken
  }

  /** Dijkstra's search over the lowered weights; whether the end was reached. Without an end: to all places. */
  private search(from: number, to: number, allowed: Uint8Array | null): boolean {
    const { problem, dist, by, low, heap } = this
    dist.fill(Infinity)
    heap.clear()
    dist[from] = 0
    by[from] = -1
    heap.push(0, from)
    while (heap.size > 0) {
      const key = heap.topKey()
      const place = heap.pop()
      if (key > dist[place]!) continue
      if (place === to) return true
      for (let n = problem.firstAt[place]!; n < problem.firstAt[place + 1]!; n++) {
        const e = problem.at[n]!
        if (allowed !== null && allowed[e] === 0) continue
        const next = problem.a[e] === place ? problem.b[e]! : problem.a[e]!
        const sum = key + low[e]!
        if (sum < dist[next]!) {
          dist[next] = sum
          by[next] = e
          heap.push(sum, next)
        }
      }
    }
    return to < 0
  }

  private wayTo(from: number, to: number): number[] {
    const { problem, by } = this
    const way: number[] = []
    for (let place = to; place !== from;) {
      const e = by[place]!
      way.push(e)
      place = problem.a[e] === place ? problem.b[e]! : problem.a[e]!
    }
    return way.reverse()
  }

  /** Smallest sums of a measure from every place to `to`, remembered. */
  private sumsTo(to: number, of: 'length' | 'noise'): Float64Array {
    const key = `${of}${to}`
    const known = this.sums.get(key)
    if (known) return known
    this.low.set(of === 'length' ? this.problem.lengthM : this.problem.noise)
    this.search(to, -1, null)
    const sums = this.dist.slice()
    this.sums.set(key, sums)
    return sums
  }

  /** Best first over labels of (minutes, length, pick-up, rules broken): exact, whatever the limits. */
  private byLabels(run: Run, from: number, to: number, weights: Float64Array, ruleMinutes: number): Way | null {
    const { problem } = this
    const usesLength = run.kits.length > 0 || run.limits.some((l) => l.of === 'length')
    const usesNoise = run.limits.some((l) => l.of === 'noise')
    const leftM = usesLength ? this.sumsTo(to, 'length') : null
    const leftNoise = usesNoise ? this.sumsTo(to, 'noise') : null
    const folds = run.kits.length * problem.input.rates.fold * (1 + problem.share)
    for (let e = 0; e < problem.corridors; e++) {
      this.low[e] = folds === 0 ? weights[e]! : Math.max(0, weights[e]! - folds * problem.lengthM[e]!)
    }
    this.search(to, -1, run.may)
    const left = this.dist.slice()
    if (left[from] === Infinity) return null
    const low = this.low.slice()

    const bans = Math.min(MOST_BITS, run.bans.length)
    const place: number[] = [from]
    const minutes: number[] = [0]
    const lengthM: number[] = [0]
    const noise: number[] = [0]
    const mask: number[] = [0]
    const byLabel: number[] = [-1]
    const byCorridor: number[] = [-1]
    const gone: boolean[] = [false]
    const labelsAt: number[][] = problem.places.map(() => [])
    labelsAt[from]!.push(0)
    /** What is certain for a label: kit leads beyond their folding, and limits that are broken whatever follows. */
    const estimate = (label: number): number => {
      const at = place[label]!
      const pathM = lengthM[label]! + (leftM ? leftM[at]! : 0)
      const sum = noise[label]! + (leftNoise ? leftNoise[at]! : 0)
      const kit = run.kits.length === 0 ? 0 : kitMinutes(problem, run.kits, pathM) + folds * pathM
      let broken = limitsBroken(run.limits, pathM, sum)
      if (at === to) for (let n = 0; n < run.through.length; n++) if (!(mask[label]! & (1 << (bans + n)))) broken++
      return minutes[label]! + left[at]! + kit + ruleMinutes * broken
    }
    const heap = new Heap()
    heap.push(estimate(0), 0)
    while (heap.size > 0) {
      const atLeast = heap.topKey()
      const label = heap.pop()
      if (gone[label]) continue
      const here = place[label]!
      if (here === to || place.length > MOST_LABELS) {
        const corridors = here === to ? this.back(label, byLabel, byCorridor) : this.anyWay(from, to, run, weights)
        let found = this.trueMinutes(run, corridors, weights, ruleMinutes)
        for (const ban of run.bans) if (corridors.some((e) => ban.corridors[e])) found += ruleMinutes * ban.rules
        return { corridors, minutes: found, atLeast: Math.min(atLeast, found) }
      }
      for (let n = problem.firstAt[here]!; n < problem.firstAt[here + 1]!; n++) {
        const e = problem.at[n]!
        if (e === byCorridor[label]) continue
        const next = problem.a[e] === here ? problem.b[e]! : problem.a[e]!
        if (left[next] === Infinity || (run.may !== null && run.may[e] === 0)) continue
        let sum = minutes[label]! + low[e]!
        let broken = mask[label]!
        for (let ban = 0; ban < run.bans.length; ban++) {
          if (run.bans[ban]!.corridors[e] && (ban >= MOST_BITS || !(broken & (1 << ban)))) {
            if (ban < MOST_BITS) broken |= 1 << ban
            sum += ruleMinutes * run.bans[ban]!.rules
          }
        }
        for (let n = 0; n < run.through.length; n++) if (run.through[n] === e) broken |= 1 << (bans + n)
        if (run.through.length > 0 && this.isOn(next, label, place, byLabel)) continue
        const pathM = usesLength ? lengthM[label]! + problem.lengthM[e]! : 0
        const pickUp = usesNoise ? noise[label]! + problem.noise[e]! : 0
        const others = labelsAt[next]!
        let beaten = false
        for (const o of others) {
          if (
            !gone[o] &&
            minutes[o]! <= sum &&
            lengthM[o]! <= pathM &&
            noise[o]! <= pickUp &&
            (mask[o]! & broken) === broken
          ) {
            beaten = true
            break
          }
        }
        if (beaten) continue
        for (const o of others) {
          if (minutes[o]! >= sum && lengthM[o]! >= pathM && noise[o]! >= pickUp && (mask[o]! & broken) === mask[o]!) {
            gone[o] = true
          }
        }
        const made = place.length
        place.push(next)
        minutes.push(sum)
        lengthM.push(pathM)
        noise.push(pickUp)
        mask.push(broken)
        byLabel.push(label)
        byCorridor.push(e)
        gone.push(false)
        others.push(made)
        heap.push(estimate(made), made)
      }
    }
    return null
  }

  /** Whether a label's way has been at a place: going round to take a corridor is no way. */
  private isOn(next: number, label: number, place: readonly number[], byLabel: readonly number[]): boolean {
    for (let at = label; at >= 0; at = byLabel[at]!) if (place[at] === next) return true
    return false
  }

  private back(label: number, byLabel: readonly number[], byCorridor: readonly number[]): number[] {
    const way: number[] = []
    for (let at = label; byLabel[at]! >= 0; at = byLabel[at]!) way.push(byCorridor[at]!)
    return way.reverse()
  }

  /** The way that costs the least of those that meet no ban, or of all where there is none. */
  private anyWay(from: number, to: number, run: Run, weights: Float64Array): number[] {
    this.low.set(weights)
    if (!this.search(from, to, run.clean)) this.search(from, to, run.may)
    return this.wayTo(from, to)
  }
}

/** Minutes for folding all of a run's kit leads, were its way of no length; ways cost less by their length. */
const kitsFolded = (problem: RouteProblem, run: Run): number =>
  run.kits.reduce((sum, kit) => sum + problem.input.rates.fold * (kit.reachM - kit.baseM), 0)
