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

/** Every set of consumers that a port may take, by the bits of its mask, with what it costs. */
const setsOn = (c: VacuumCase, port: VacuumPort): { readonly mask: number; readonly cost: number }[] => {
  const fits = c.consumers.flatMap((x, i) => (whyNot(c, x, port) === null ? [i] : []))
  const shares = fits.filter((i) => c.consumers[i]!.mayShare)
  const of = (...own: number[]) => ({
    mask: own.reduce((m, i) => m | (1 << i), 0),
    cost: (own.length - 1) * TEE + own.reduce((s, i) => s + stepDown(port, c.consumers[i]!), 0),
  })
  const after = (i: number) => shares.filter((k) => k > i)
  // A tee, and a second one: no more hangs on a port.
  const sets = [
    ...fits.map((i) => of(i)),
    ...shares.flatMap((i) => after(i).map((k) => of(i, k))),
    ...shares.flatMap((i) => after(i).flatMap((k) => after(k).map((m) => of(i, k, m)))),
  ]
  return sets.sort((a, b) => a.mask - b.mask)
}

/**
 * Who gets which port: the plan that leaves nothing unserved if any does, drops, drills and tees as few as can be, in
 * this order, and steps hoses down as little as can be. Exact: port by port over all sets of consumers that it may take.
 * @param c at most 12 consumers: the work grows by three with each
 */
export const vacuumPorts = (c: VacuumCase): VacuumAnswer => {
  const n = c.consumers.length
  const size = 1 << n
  const full = size - 1
  let best = new Float64Array(size).fill(Infinity)
  best[0] = 0
  /** By port and by what is served once it was looked at: what this port took. */
  const took = c.ports.map(() => new Uint16Array(size))
  c.ports.forEach((port, p) => {
    const sets = setsOn(c, port)
    const next = best.slice()
    for (let before = 0; before < size; before++) {
      const from = best[before]!
      if (from === Infinity) continue
      for (const { cost, mask } of sets) {
        if (before & mask) continue
        const to = before | mask
        if (from + cost >= next[to]!) continue
        next[to] = from + cost
        took[p]![to] = mask
      }
    }
    best = next
  })
  const others = c.consumers.map((x) => without(c, x))
  const restCost = (mask: number): number => others.reduce((s, o, i) => (mask & (1 << i) ? s : s + o.cost), 0)
  let chosen = 0
  for (let mask = 1; mask <= full; mask++)
    if (best[mask]! + restCost(mask) < best[chosen]! + restCost(chosen)) chosen = mask
  const cost = best[chosen]!
  const onPort: number[] = []
  for (let p = c.ports.length - 1, left = chosen; p >= 0; p--) {
    onPort[p] = took[p]![left]!
    left &= ~onPort[p]!
  }
  const served = c.consumers.map((x, i): Served => {
    const at = onPort.findIndex((mask) => mask & (1 << i))
    if (at < 0) return { consumer: x.id, by: others[i]!.by, port: null, why: shortageOf(c, x) }
    return { consumer: x.id, by: onPort[at] === 1 << i ? 'own' : 'tee', port: c.ports[at]!.id }
  })
  const countOf = (by: Served['by']) => served.filter((s) => s.by === by).length
  return {
    served,
    capped: c.ports.filter((p, i) => p.keptFor === null && onPort[i] === 0).map((p) => p.id),
    teed: countOf('own') + countOf('tee') - onPort.filter((mask) => mask > 0).length,
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
