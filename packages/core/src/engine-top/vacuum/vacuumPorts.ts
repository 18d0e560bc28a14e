/** A port of throttle body or manifold. */
export interface VacuumPort {
  readonly id: string
  readonly boreM: number
  /** Below the plate: manifold vacuum at all times; at its edge: none while idling. */
  readonly kind: 'full' | 'ported'
  /** One runner pulses; a plenum does not. */
  readonly draws: 'plenum' | 'runner'
  /** What the system keeps it for; null where it is free. */
  readonly keptFor: string | null
}

/** What hangs on vacuum. */
export interface VacuumConsumer {
  readonly id: string
  /** Smallest bore that serves it, m; its hose has this bore. */
  readonly boreM: number
  readonly kind: 'full' | 'ported' | 'either'
  readonly plenumOnly: boolean
  /** Whether a tee may join it to another. */
  readonly mayShare: boolean
  /** Longest hose, m; null where that does not matter. */
  readonly mostLengthM: number | null
  /** Whether it may be left off. */
  readonly mayDrop: boolean
}

export interface VacuumCase {
  readonly ports: readonly VacuumPort[]
  readonly consumers: readonly VacuumConsumer[]
  /** Hose from a port to a consumer where somebody has measured it, m. */
  readonly hoses: readonly { readonly port: string; readonly consumer: string; readonly lengthM: number }[]
  /** Whether a port may be drilled and tapped into the manifold. */
  readonly mayDrill: boolean
}

/** How a consumer is served. */
export type Served =
  | { readonly consumer: string; readonly by: 'own' | 'tee'; readonly port: string }
  | {
      readonly consumer: string
      readonly by: 'drilled' | 'dropped' | 'nothing'
      readonly port: null
      readonly why: string
    }

export interface VacuumAnswer {
  readonly served: readonly Served[]
  /** Ports that nothing hangs on, to be capped. */
  readonly capped: readonly string[]
  readonly teed: number
  readonly drilled: number
  readonly dropped: number
  /** Consumers that nothing can serve. */
  readonly unserved: number
  /** What the plan costs: larger bores stepped down, in steps of a millimetre. */
  readonly cost: number
}

/** So many on one port at most: a tee, and a second one. */
const MOST_ON_PORT = 3
/** Each of these outweighs any number of what comes after it. */
const [NOTHING, DROP, DRILL, TEE] = [1e12, 1e9, 1e6, 1e3]
const HAIR_M = 1e-6

/** Why a port does not serve a consumer; null where it does. */
export const whyNot = (c: VacuumCase, consumer: VacuumConsumer, port: VacuumPort): string | null => {
  if (port.keptFor !== null && port.keptFor !== consumer.id) return 'kept by the system'
  if (consumer.kind !== 'either' && consumer.kind !== port.kind) return port.kind === 'full' ? 'full vacuum' : 'ported'
  if (port.boreM < consumer.boreM - HAIR_M) return 'too small'
  if (consumer.plenumOnly && port.draws === 'runner') return 'draws from one runner'
  const hose = c.hoses.find((h) => h.port === port.id && h.consumer === consumer.id)
  if (hose && consumer.mostLengthM !== null && hose.lengthM > consumer.mostLengthM + HAIR_M) return 'too far away'
  return null
}

/** A hose on a larger port wants a reducer: whole millimetres that it steps down. */
const stepDown = (port: VacuumPort, consumer: VacuumConsumer): number =>
  Math.round(Math.max(0, port.boreM - consumer.boreM) * 1e3)

const bitsOf = (mask: number, n: number): number[] =>
  Array.from({ length: n }, (_, i) => i).filter((i) => mask & (1 << i))

/**
 * Who gets which port: the plan that leaves nothing unserved if any does, drops, drills and tees as few as can be, in
 * this order, and steps hoses down as little as can be. Exact: port by port over all sets of consumers that it may take.
 * @param c at most 12 consumers: the work grows by three with each
 */
export const vacuumPorts = (c: VacuumCase): VacuumAnswer => {
  const n = c.consumers.length
  const full = (1 << n) - 1
  let best: { cost: number; took: readonly (readonly [port: number, mask: number])[] }[] = Array.from(
    { length: full + 1 },
    (_, mask) => ({ cost: mask === 0 ? 0 : Infinity, took: [] }),
  )
  c.ports.forEach((port, p) => {
    const fits = c.consumers.map((x) => whyNot(c, x, port) === null)
    const sets: [mask: number, cost: number][] = []
    for (let mask = 1; mask <= full; mask++) {
      const own = bitsOf(mask, n)
      if (own.length > MOST_ON_PORT || !own.every((i) => fits[i])) continue
      if (own.length > 1 && !own.every((i) => c.consumers[i]!.mayShare)) continue
      // All the air of those that share goes through one bore: the largest of them decides.
      sets.push([mask, (own.length - 1) * TEE + own.reduce((s, i) => s + stepDown(port, c.consumers[i]!), 0)])
    }
    const next = best.map((b) => b)
    for (let before = 0; before <= full; before++) {
      const from = best[before]!
      if (from.cost === Infinity) continue
      for (const [mask, cost] of sets) {
        if (before & mask) continue
        const to = before | mask
        if (from.cost + cost < next[to]!.cost) next[to] = { cost: from.cost + cost, took: [...from.took, [p, mask]] }
      }
    }
    best = next
  })
  const restCost = (mask: number): number =>
    bitsOf(full & ~mask, n).reduce((s, i) => s + without(c, c.consumers[i]!).cost, 0)
  let chosen = 0
  for (let mask = 1; mask <= full; mask++)
    if (best[mask]!.cost + restCost(mask) < best[chosen]!.cost + restCost(chosen)) chosen = mask
  const { cost, took } = best[chosen]!
  const served = c.consumers.map((x, i): Served => {
    const at = took.find(([, mask]) => mask & (1 << i))
    if (at === undefined) return { consumer: x.id, by: without(c, x).by, port: null, why: shortageOf(c, x) }
    const others = bitsOf(at[1], n).length > 1
    return { consumer: x.id, by: others ? 'tee' : 'own', port: c.ports[at[0]]!.id }
  })
  const countOf = (by: Served['by']) => served.filter((s) => s.by === by).length
  return {
    served,
    capped: c.ports.filter((p, i) => p.keptFor === null && !took.some(([at]) => at === i)).map((p) => p.id),
    teed: took.reduce((s, [, mask]) => s + bitsOf(mask, n).length - 1, 0),
    drilled: countOf('drilled'),
    dropped: countOf('dropped'),
    unserved: countOf('nothing'),
    cost: cost % TEE,
  }
}

/** What becomes of a consumer that no port is left for. */
const without = (c: VacuumCase, x: VacuumConsumer): { by: 'drilled' | 'dropped' | 'nothing'; cost: number } =>
  // A port at the plate's edge cannot be drilled into a manifold.
  c.mayDrill && x.kind !== 'ported' ? { by: 'drilled', cost: DRILL } : x.mayDrop ? { by: 'dropped', cost: DROP } : { by: 'nothing', cost: NOTHING } // prettier-ignore

const shortageOf = (c: VacuumCase, x: VacuumConsumer): string => {
  const whys = c.ports.map((p) => whyNot(c, x, p))
  if (whys.some((w) => w === null)) return 'every port that would do is taken'
  const [most] = [...new Set(whys)].sort(
    (a, b) => whys.filter((w) => w === b).length - whys.filter((w) => w === a).length,
  )
  return most === undefined || most === null ? 'there is no port' : `no port would do: mostly ${most}`
}
