import { isSplice, type LoomNets, type NetWire } from './loomNets.ts'
import type { Reading } from './continuityPlan.ts'

export type WireEnd = 'from' | 'to'

/** A way in which a loom can be made wrongly. */
export type LoomFault =
  | { readonly kind: 'open'; readonly wire: string }
  /** Two ends in each other's place. */
  | { readonly kind: 'swap'; readonly one: string; readonly oneEnd: WireEnd; readonly other: string; readonly otherEnd: WireEnd }
  /** Nets that touch, each by one of its wires. */
  | { readonly kind: 'short'; readonly one: string; readonly other: string }
  /** A leg that is joined to another net's splice or clip. */
  | { readonly kind: 'astray'; readonly wire: string; readonly end: WireEnd; readonly to: string } // prettier-ignore

/** Which pins of a loom are joined: equal numbers are. In the order of the loom's pins. */
export type Joined = Int32Array

/** A loom as it was made, right or wrong, to be read with a meter. */
export class MadeLoom {
  private readonly node = new Map<string, number>()
  private readonly ends: readonly { readonly from: number; readonly to: number }[]
  private readonly wireAt: ReadonlyMap<string, number>
  private readonly pinAt: ReadonlyMap<string, number>

  constructor(readonly loom: LoomNets) {
    const number = (end: string): number => {
      const known = this.node.get(end)
      if (known !== undefined) return known
      this.node.set(end, this.node.size)
      return this.node.size - 1
    }
    loom.pins.forEach(number)
    this.ends = loom.wires.map((w) => ({ from: number(w.from), to: number(w.to) }))
    this.wireAt = new Map(loom.wires.map((w, n) => [w.id, n]))
    this.pinAt = new Map(loom.pins.map((p, n) => [p, n]))
  }

  /** Where another net is joined: its splice, else its first pin. */
  private placeOf(wire: string): number {
    const net = this.loom.nets[this.loom.netOfWire.get(wire)!]!
    const ends = this.ends[this.wireAt.get(net.wires[0]!)!]!
    const w = this.loom.wires[this.wireAt.get(net.wires[0]!)!]!
    return isSplice(w.to) ? ends.to : isSplice(w.from) ? ends.from : this.pinAt.get(net.pins[0]!)!
  }

  /** What is joined with these faults in it. */
  joined(faults: readonly LoomFault[]): Joined {
    const ends = this.ends.map((e) => ({ ...e }))
    const open = new Set<number>()
    const touching: (readonly [number, number])[] = []
    for (const f of faults)
      switch (f.kind) {
        case 'open':
          open.add(this.wireAt.get(f.wire)!)
          break
        case 'swap': {
          const [a, b] = [ends[this.wireAt.get(f.one)!]!, ends[this.wireAt.get(f.other)!]!]
          ;[a[f.oneEnd], b[f.otherEnd]] = [b[f.otherEnd], a[f.oneEnd]]
          break
        }
        case 'short':
          touching.push([this.pinOfNet(f.one), this.pinOfNet(f.other)])
          break
        case 'astray':
          ends[this.wireAt.get(f.wire)!]![f.end] = this.placeOf(f.to)
      }
    const root = new Int32Array(this.node.size).map((_, n) => n)
    const find = (n: number): number => {
      while (root[n] !== n) n = root[n] = root[root[n]!]!
      return n
    }
    ends.forEach((e, n) => {
      if (!open.has(n)) root[find(e.from)] = find(e.to)
    })
    for (const [a, b] of touching) root[find(a)] = find(b)
    const first = new Map<number, number>()
    return new Int32Array(this.loom.pins.length).map((_, n) => {
      const r = find(n)
      if (!first.has(r)) first.set(r, n)
      return first.get(r)!
    })
  }

  private pinOfNet(wire: string): number {
    return this.pinAt.get(this.loom.nets[this.loom.netOfWire.get(wire)!]!.pins[0]!)!
  }

  /** Whether a meter rings. */
  reads(joined: Joined, reading: Pick<Reading, 'clip' | 'probe'>): boolean {
    const { clip, probe } = this.numbersOf(reading)
    if (clip.length === 1 && probe.length === 1) return joined[clip[0]!] === joined[probe[0]!]
    const clipped = new Set(clip.map((p) => joined[p]))
    return probe.some((p) => clipped.has(joined[p]))
  }

  private readonly numbers = new WeakMap<
    object,
    { readonly clip: readonly number[]; readonly probe: readonly number[] }
  >()
  private numbersOf(reading: Pick<Reading, 'clip' | 'probe'>) {
    let own = this.numbers.get(reading)
    if (!own) {
      own = { clip: reading.clip.map((p) => this.pinAt.get(p)!), probe: reading.probe.map((p) => this.pinAt.get(p)!) }
      this.numbers.set(reading, own)
    }
    return own
  }

  /** Every single fault that changes what is joined. Wires of one net in each other's place change nothing. */
  everyFault(): LoomFault[] {
    const { nets, netOfWire, wires } = this.loom
    const all: LoomFault[] = wires.map((w) => ({ kind: 'open', wire: w.id }))
    const pinEnds = wires.flatMap((w) => endsOf(w).filter((e) => !isSplice(w[e])).map((end) => ({ wire: w.id, end }))) // prettier-ignore
    pinEnds.forEach((one, n) => {
      for (const other of pinEnds.slice(n + 1))
        if (netOfWire.get(one.wire) !== netOfWire.get(other.wire))
          all.push({ kind: 'swap', one: one.wire, oneEnd: one.end, other: other.wire, otherEnd: other.end })
    })
    nets.forEach((a, n) => {
      for (const b of nets.slice(n + 1)) all.push({ kind: 'short', one: a.id, other: b.id })
    })
    for (const w of wires)
      for (const end of endsOf(w).filter((e) => isSplice(w[e])))
        for (const net of nets)
          if (netOfWire.get(w.id) !== netOfWire.get(net.id)) all.push({ kind: 'astray', wire: w.id, end, to: net.id })
    return all
  }
}
const endsOf = (_: NetWire): WireEnd[] => ['from', 'to']

export const wiresOfFault = (f: LoomFault): readonly string[] => {
  switch (f.kind) {
    case 'open':
      return [f.wire]
    case 'swap':
    case 'short':
      return [f.one, f.other]
    case 'astray':
      return [f.wire, f.to]
  }
}
