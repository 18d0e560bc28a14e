import { areNeighbours, type LoomNets } from './loomNets.ts'

/** One reading with a meter: the clip stays on the one, the probe touches the other. Off the car, every plug free. */
export interface Reading {
  readonly id: string
  /** `group`: many pins tied together on each side. `follow-up`: asked for after others. */
  readonly kind: 'continuity' | 'isolation' | 'group' | 'follow-up'
  /** Why two nets are read against each other. */
  readonly because: 'neighbours' | 'supply' | 'earth' | null
  readonly clip: readonly string[]
  readonly probe: readonly string[]
  /** Whether it must ring. */
  readonly rings: boolean
}

export interface ContinuityPlan {
  readonly readings: readonly Reading[]
  /** How often the clip moves; each net needs it once, so there is no fewer. */
  readonly clips: number
  /** Clips that change sides between the group readings. */
  readonly reclips: number
  readonly minutes: number
  /** Pairs of nets that no reading holds apart. */
  readonly pairsUnproved: number
  /** Nets of one pin only: nothing to read them against. */
  readonly lonely: readonly string[]
}

export interface PlanOptions {
  /** Nets by one of their wires. */
  readonly supply: readonly string[]
  readonly earth: readonly string[]
  /** Whether the pairs that are not read one by one are read in groups. */
  readonly grouped: boolean
}

/** Minutes of a practised hand: a touch, a clip moved, a bar read. Rules of thumb. */
const TOUCH_MIN = 0.1
const CLIP_MIN = 0.3
const BAR_MIN = 0.5

const pairKey = (a: number, b: number): string => (a < b ? `${a} ${b}` : `${b} ${a}`)

/** Pins of two nets that lie side by side in a plug; null where none do. */
const sideBySide = (loom: LoomNets, a: number, b: number): string | null =>
  loom.nets[b]!.pins.find((q) => loom.nets[a]!.pins.some((p) => areNeighbours(p, q))) ?? null

/** A reading of many pins at once says that one of them is wrong, not which. */
export const hasBar = (r: Pick<Reading, 'clip' | 'probe'>): boolean => r.clip.length > 1 || r.probe.length > 1

/**
 * Readings that prove a loom before it goes in: every pin of every net against the net's clip; every net against its
 * neighbours in a plug, one by one, and against all supplies and all earths, tied together on a bar; what is left in
 * groups, half against half by the binary digits of the nets' numbers, so that any two are on different sides at least
 * once. Net by net, so that the clip moves once for each.
 */
export const continuityPlan = (loom: LoomNets, options: PlanOptions): ContinuityPlan => {
  const numbers = (wires: readonly string[]) => new Set(wires.flatMap((w) => loom.netOfWire.get(w) ?? []))
  const [supply, earth] = [numbers(options.supply), numbers(options.earth)]
  const readings: Reading[] = []
  const held = new Set<string>()
  const hub = (n: number): string => loom.nets[n]!.pins[0]!
  const apart = (a: number, others: readonly number[], because: Reading['because'], probe: readonly string[]): void => {
    if (others.length === 0) return
    for (const b of others) held.add(pairKey(a, b))
    const id = `apart ${hub(a)} ${probe.length === 1 ? probe[0] : because}`
    if (readings.some((r) => r.id === id)) return
    readings.push({ id, kind: 'isolation', because, clip: [hub(a)], probe, rings: false })
  }
  loom.nets.forEach((net, a) => {
    const [clip, ...others] = net.pins
    for (const pin of others)
      readings.push({ id: `rings ${clip} ${pin}`, kind: 'continuity', because: null, clip: [clip!], probe: [pin], rings: true }) // prettier-ignore
    for (let b = a + 1; b < loom.nets.length; b++) {
      const pin = sideBySide(loom, a, b)
      if (pin !== null) apart(a, [b], 'neighbours', [pin])
    }
    for (const [because, all] of [['supply', supply], ['earth', earth]] as const) {
      const others = [...all].filter((b) => b !== a)
      // The bar holds all of them whenever it is touched; supplies among themselves are read one by one, each once.
      if (!all.has(a)) apart(a, others, because, others.map(hub))
      else for (const b of others) if (!held.has(pairKey(a, b))) apart(a, [b], because, [hub(b)])
    } // prettier-ignore
  })
  const rest = loom.nets.flatMap((_, b) =>
    loom.nets.slice(0, b).flatMap((__, a) => (held.has(pairKey(a, b)) ? [] : [[a, b] as const])),
  )
  const touches = readings.length
  let bars = 0
  let reclips = 0
  if (options.grouped && rest.length > 0) {
    let before: boolean[] | null = null
    for (let bit = 0; 2 ** bit < loom.nets.length; bit++) {
      const side = loom.nets.map((_, n) => Math.floor(n / 2 ** bit) % 2 === 1)
      for (const [a, b] of rest) if (side[a] !== side[b]) held.add(pairKey(a, b))
      const pins = (which: boolean) => loom.nets.filter((_, n) => side[n] === which).map((n) => n.pins[0]!)
      readings.push({ id: `bars ${bit + 1}`, kind: 'group', because: null, clip: pins(false), probe: pins(true), rings: false }) // prettier-ignore
      reclips += before === null ? loom.nets.length : side.filter((s, n) => s !== before![n]).length
      before = side
      bars++
    }
  }
  return {
    readings,
    clips: loom.nets.length,
    reclips,
    minutes: TOUCH_MIN * touches + CLIP_MIN * (loom.nets.length + reclips) + BAR_MIN * bars,
    pairsUnproved: rest.filter(([a, b]) => !held.has(pairKey(a, b))).length,
    lonely: loom.nets.filter((n) => n.pins.length < 2).map((n) => n.id),
  }
}
