import { hasBar, type Reading } from './continuityPlan.ts'
import { MadeLoom, wiresOfFault, type Joined, type LoomFault } from './loomFaults.ts'
import type { LoomNets } from './loomNets.ts'

/** A reading that was taken, and whether it rang. */
export interface Taken {
  readonly reading: Reading
  readonly rang: boolean
}

export interface Diagnosis {
  /**
   * `right`: every reading as it must be. `found`: one way of joining explains every reading. `ask`: take `next` first.
   * `beyond`: more than two faults at once.
   */
  readonly state: 'right' | 'found' | 'ask' | 'beyond'
  /** Faults that explain all readings, each a set of one or two; those of one list cannot be told apart with a meter. */
  readonly explanations: readonly (readonly LoomFault[])[]
  readonly next: Reading | null
  /** Pins of the nets that read wrongly. */
  readonly wrong: readonly string[]
}

/** More pairs than this are not tried: it says that it does not know. */
const MOST_PAIRS = 300_000
const keyOf = (joined: Joined): string => joined.join()

/** A reading that was asked for, between these pins; many are tied together on a bar. */
export const followUpReading = (clip: readonly string[], probe: readonly string[]): Reading => ({
  id: `ask ${clip.join(' ')} | ${probe.join(' ')}`,
  kind: 'follow-up',
  because: null,
  clip,
  probe,
  rings: false,
})

interface Candidate {
  readonly faults: readonly LoomFault[]
  readonly joined: Joined
}

/** Finds what is wrong with a loom from readings: the fewest faults that explain all of them. */
export class LoomDoctor {
  private readonly made: MadeLoom
  private every: readonly Candidate[] | null = null
  /** Pairs that explained what was read last: with more readings on the same pins only these can. */
  private lastPairs: {
    readonly key: string
    readonly taken: readonly Taken[]
    readonly found: readonly Candidate[]
  } | null = null

  constructor(private readonly loom: LoomNets) {
    this.made = new MadeLoom(loom)
  }

  /** Every single fault with what it joins, worked out when one is first looked for. */
  private get singles(): readonly Candidate[] {
    this.every ??= this.made.everyFault().map((f) => ({ faults: [f], joined: this.made.joined([f]) }))
    return this.every
  }

  diagnose(taken: readonly Taken[]): Diagnosis {
    const failed = taken.filter((t) => t.rang !== t.reading.rings && t.reading.kind !== 'follow-up')
    const wrong = [...new Set(failed.flatMap((t) => (hasBar(t.reading) ? [] : [...t.reading.clip, ...t.reading.probe])))] // prettier-ignore
    const answer = (state: Diagnosis['state'], explanations: Diagnosis['explanations'] = [], next: Reading | null = null) =>
      ({ state, explanations, next, wrong }) // prettier-ignore
    if (failed.length === 0) return answer('right')
    // What is off soonest is looked at first.
    const ordered = [...failed, ...taken.filter((t) => !failed.includes(t))]
    const one = this.settle(
      this.singles.filter((c) => this.explains(c, ordered)),
      taken,
    )
    if (one) return { ...one, wrong }
    const bars = this.narrow(taken)
    if (bars) return answer('ask', [], bars)
    return { ...(this.settle(this.pairs(taken, failed), taken) ?? answer('beyond')), wrong }
  }

  private explains(c: Candidate, taken: readonly Taken[]): boolean {
    return taken.every((t) => this.made.reads(c.joined, t.reading) === t.rang)
  }

  /** One way of joining is an answer; of several the reading that halves them is asked for. Null without any. */
  private settle(candidates: readonly Candidate[], taken: readonly Taken[]): Omit<Diagnosis, 'wrong'> | null {
    const ways = new Map<string, Candidate[]>()
    for (const c of candidates) {
      const key = keyOf(c.joined)
      ways.set(key, [...(ways.get(key) ?? []), c])
    }
    if (ways.size === 0) return null
    const all = [...ways.values()]
    if (all.length === 1) {
      const explanations = all[0]!.map((c) => c.faults)
      const unseen = this.unseenJoin(all[0]![0]!.joined, taken)
      return unseen ? { state: 'ask', explanations, next: unseen } : { state: 'found', explanations, next: null }
    }
    const next = this.halving(all.map((w) => w[0]!), taken) // prettier-ignore
    return { state: 'ask', explanations: all.map((w) => w[0]!.faults), next }
  }

  /**
   * A pin that does not ring out at its own clip and is said to be joined to another net must have been heard to ring
   * there: two wires in each other's place read like two that are open until then.
   */
  private unseenJoin(joined: Joined, taken: readonly Taken[]): Reading | null {
    const heard = new Set(taken.filter((t) => t.rang).map((t) => `${t.reading.clip.join()} ${t.reading.probe.join()}`))
    for (const { pins } of this.loom.nets)
      for (const pin of pins.slice(1)) {
        const at = joined[this.loom.pins.indexOf(pin)]!
        if (at === joined[this.loom.pins.indexOf(pins[0]!)]) continue
        const others = this.loom.pins.filter((p, n) => p !== pin && joined[n] === at && !pins.includes(p))
        if (others.length > 0 && !others.some((p) => heard.has(`${p} ${pin}`) || heard.has(`${pin} ${p}`)))
          return followUpReading([others[0]!], [pin])
      }
    return null
  }

  /** The reading that divides these most evenly. Any two of them differ in a pair of pins, so there is one. */
  private halving(ways: readonly Candidate[], taken: readonly Taken[]): Reading {
    const known = new Set(taken.map((t) => t.reading.id))
    const pinOf = (wire: string): string => this.loom.nets[this.loom.netOfWire.get(wire)!]!.pins[0]!
    const sides = ways.map((w) => {
      const [a, b] = w.faults.flatMap(wiresOfFault)
      return [pinOf(a!), pinOf(b ?? a!)] as const
    })
    const pins = [...new Set(ways.flatMap((w) => w.faults.flatMap(wiresOfFault)).flatMap((wire) => this.loom.nets[this.loom.netOfWire.get(wire)!]!.pins))] // prettier-ignore
    const offers: Reading[] = []
    const half = sides.slice(0, Math.ceil(sides.length / 2))
    const clip = [...new Set(half.map(([a]) => a))]
    offers.push(
      followUpReading(
        clip,
        [...new Set(half.map(([, b]) => b))].filter((p) => !clip.includes(p)),
      ),
    )
    for (let a = 0; a < pins.length && offers.length < 4000; a++)
      for (let b = a + 1; b < pins.length; b++) offers.push(followUpReading([pins[a]!], [pins[b]!]))
    let best: Reading | null = null
    let least = Infinity
    for (const r of offers) {
      if (r.probe.length === 0 || known.has(r.id)) continue
      const rings = ways.filter((w) => this.made.reads(w.joined, r)).length
      const off = Math.abs(ways.length - 2 * rings)
      if (rings > 0 && rings < ways.length && off < least) {
        least = off
        best = r
      }
    }
    if (best === null) throw new Error('no reading tells these faults apart')
    return best
  }

  /** Where a group rings and no pair says why, its bars are halved until two pins are left. Null: all are known. */
  private narrow(taken: readonly Taken[]): Reading | null {
    const known = new Map(taken.map((t) => [t.reading.id, t.rang]))
    const down = (clip: readonly string[], probe: readonly string[]): Reading | null => {
      if (clip.length === 1 && probe.length === 1) return null
      const clipLonger = clip.length >= probe.length
      const long = clipLonger ? clip : probe
      for (const half of [long.slice(0, Math.ceil(long.length / 2)), long.slice(Math.ceil(long.length / 2))]) {
        const [c, p] = clipLonger ? [half, probe] : [clip, half]
        const reading = followUpReading(c, p)
        const rang = known.get(reading.id)
        if (rang === undefined) return reading
        const deeper = rang ? down(c, p) : null
        if (deeper) return deeper
      }
      return null
    }
    for (const t of taken) {
      if (t.reading.kind === 'follow-up' || !hasBar(t.reading) || !t.rang) continue
      const deeper = down(t.reading.clip, t.reading.probe)
      if (deeper) return deeper
    }
    return null
  }

  /** Pairs of faults that explain all readings: of faults that contradict none that is right, or touch what is wrong. */
  private pairs(taken: readonly Taken[], failed: readonly Taken[]): readonly Candidate[] {
    const passed = taken.filter((t) => t.rang === t.reading.rings && t.reading.kind !== 'follow-up')
    const off = taken.filter((t) => t.rang !== t.reading.rings && !hasBar(t.reading))
    const touched = new Set(off.flatMap((t) => [...t.reading.clip, ...t.reading.probe].map((p) => this.loom.netOfPin.get(p)!))) // prettier-ignore
    const key = [...touched].sort().join(' ')
    const before = this.lastPairs
    if (before?.key === key && before.taken.every((t, n) => taken[n] === t)) {
      const found = before.found.filter((c) => this.explains(c, taken))
      this.lastPairs = { key, taken, found }
      return found
    }
    const within = (f: LoomFault): boolean => wiresOfFault(f).every((w) => touched.has(this.loom.netOfWire.get(w)!))
    const plausible = this.singles.filter(
      (c) => within(c.faults[0]!) || (this.explains(c, passed) && off.some((t) => this.made.reads(c.joined, t.reading) === t.rang)), // prettier-ignore
    )
    const ordered = [...failed, ...taken.filter((t) => !failed.includes(t))]
    if ((plausible.length * (plausible.length - 1)) / 2 > MOST_PAIRS) return []
    const found: Candidate[] = []
    for (let a = 0; a < plausible.length; a++)
      for (let b = a + 1; b < plausible.length; b++) {
        const faults = [plausible[a]!.faults[0]!, plausible[b]!.faults[0]!]
        const c = { faults, joined: this.made.joined(faults) }
        if (this.explains(c, ordered)) found.push(c)
      }
    this.lastPairs = { key, taken, found }
    return found
  }
}
