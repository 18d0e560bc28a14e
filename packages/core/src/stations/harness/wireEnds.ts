import type { Termination } from '../../harness/index.ts'
import { ECU, netOfEnd, type Circuit } from './circuitsOfJob.ts'
import type { HarnessCase } from './harnessCase.ts'

/** Devices whose wires end in terminals of their own, not in a common plug. */
const TERMINATIONS: readonly (readonly [string, Termination])[] = [
  ['battery', 'ring'],
  ['engine-earth', 'ring'],
  ['body-earth', 'ring'],
  ['pump-earth', 'ring'],
  ['fan-earth', 'ring'],
  ['relay-box', 'relay'],
  ['fuse-box', 'relay'],
  ['key-switch', 'relay'],
]

export const terminationOf = (end: string): Termination =>
  netOfEnd(end) !== null ? 'splice' : (TERMINATIONS.find(([id]) => id === end)?.[1] ?? 'plug')

/** Where a wire ends: the device, and the cavity of its plug. */
export interface CircuitEnd {
  readonly device: string
  readonly name: string
  readonly termination: Termination
  /** Null where the wire has a terminal of its own, or is spliced. */
  readonly cavity: string | null
  /** Whether the cavity is known, not just counted in the order of the list. */
  readonly cavityKnown: boolean
  /** As the proof of the loom names it: "ecu:A7", "ring 12:1", "splice:sensor-earth". */
  readonly pin: string
}

export interface CircuitEnds {
  readonly number: number
  readonly circuit: Circuit
  readonly from: CircuitEnd
  readonly to: CircuitEnd
}

/** Wires of a net with more than two pins at one plug share no cavity; what the ECU does once it does in one pin. */
const cavityKey = (c: Circuit, end: string): string => (end === ECU && c.ecuDoes !== null ? c.ecuDoes : c.id)

/**
 * Both ends of every wire, with their cavities: the ECU's from its pinout, others as entered, else counted in the order
 * of the list among what is left.
 */
export const circuitEnds = (c: HarnessCase): readonly CircuitEnds[] => {
  const { list } = c.circuits
  const nameOf = (end: string): string => {
    if (end === ECU) return 'ECU'
    const net = netOfEnd(end)
    if (net !== null) return `Splice, ${within(c.circuits.nets.find((n) => n.id === net)?.name ?? net)}`
    return c.plan.devices.find((d) => d.id === end)?.name ?? end
  }
  const entered = new Map(c.harness.pins.filter((p) => p.pin.trim() !== '').map((p) => [`${p.device} ${p.circuit}`, p.pin.trim()])) // prettier-ignore
  const knownOf = (x: Circuit, end: string): string | null =>
    entered.get(`${end} ${x.id}`) ?? (end === ECU ? x.ecuPin : null)
  const taken = new Map<string, Set<string>>()
  for (const x of list)
    for (const end of [x.from, x.to]) {
      const pin = knownOf(x, end)
      if (pin !== null) taken.set(end, (taken.get(end) ?? new Set()).add(pin))
    }
  const counted = new Map<string, Map<string, string>>()
  const countedOf = (x: Circuit, end: string): string => {
    const own = counted.get(end) ?? new Map<string, string>()
    counted.set(end, own)
    const key = cavityKey(x, end)
    const before = own.get(key)
    if (before !== undefined) return before
    const used = new Set([...(taken.get(end) ?? []), ...own.values()])
    let n = 1
    while (used.has(String(n))) n++
    own.set(key, String(n))
    return String(n)
  }
  return list.map((x, n) => {
    const endOf = (end: string): CircuitEnd => {
      const termination = terminationOf(end)
      const base = { device: end, name: nameOf(end), termination }
      if (termination === 'splice') return { ...base, cavity: null, cavityKnown: true, pin: end }
      if (termination !== 'plug')
        return { ...base, cavity: null, cavityKnown: true, pin: `${termination === 'ring' ? 'ring' : 'blade'} of wire ${n + 1} at ${end}:1` } // prettier-ignore
      const known = knownOf(x, end)
      const cavity = known ?? countedOf(x, end)
      return { ...base, cavity, cavityKnown: known !== null, pin: `${end}:${cavity}` }
    }
    return { number: n + 1, circuit: x, from: endOf(x.from), to: endOf(x.to) }
  })
}

/** How an end is said: "ECU pin A7", "Coolant sensor pin 1", "Battery". */
export const endWords = (e: CircuitEnd): string => (e.cavity === null ? e.name : `${e.name} pin ${e.cavity}`)

/** A name within a sentence; what stands in capitals stays so. */
export const within = (name: string): string => name.charAt(0).toLowerCase() + name.slice(1)
