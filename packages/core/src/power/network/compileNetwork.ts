import { circuitOf, type Circuit, type SensedSource } from './circuit.ts'
import { KIND, type Elements, type Kind } from './elements.ts'
import {
  COPPER,
  leastVOf,
  nodesOf,
  PART_LISTS,
  REFERENCE_K,
  type AlternatorPart,
  type Conductor,
  type ContactPart,
  type DiodePart,
  type FusePart,
  type LoadPart,
  type NetworkCase,
  type NetworkPart,
  type PartListName,
  type RelayPart,
  type SourcePart,
  type WirePart,
} from './networkCase.ts'
import {
  atLeast,
  batteryLaw,
  coilLaw,
  lampLaw,
  limitOf,
  motorLaw,
  setPointV,
  siemens,
  within,
  wireOhm,
  ratedVOf,
} from './partLaws.ts'
import type { PowerLoad } from './powerLoads.ts'

/** A part with the elements that stand for it. */
export interface Placed<P extends NetworkPart = NetworkPart> {
  readonly list: PartListName
  /** As written in the case. */
  readonly written: P
  /** As at the moment. */
  part: P
  readonly at: number
  /** Relay: of the contacts; -1 where it has none. */
  readonly makeAt: number
  readonly breakAt: number
  /** Alternator that senses elsewhere. */
  readonly sensed: SensedSource | null
  /** Load of constant power. */
  readonly power: PowerLoad | null
}

/** A case made ready to be solved at any moment. */
export interface Network {
  readonly case: NetworkCase
  readonly nodes: readonly string[]
  /** -1 for the reference. */
  indexOf(node: string): number
  readonly placed: readonly Placed[]
  find(id: string): Placed
  readonly relays: readonly Placed<RelayPart>[]
  readonly circuit: Circuit
  readonly powers: readonly PowerLoad[]
  readonly temperatureK: number
  readonly conductor: Conductor
  /** Puts a part as it is at this moment; its nodes stay. */
  put(placed: Placed, part: NetworkPart): void
  /** Opens or closes the contacts of a relay. */
  setRelay(relay: Placed<RelayPart>, energised: boolean): void
}

const terminals = (list: PartListName, part: NetworkPart): readonly [string, string] => {
  switch (list) {
    case 'wires':
    case 'contacts':
    case 'fuses': {
      const { from, to } = part as WirePart | ContactPart | FusePart
      return [from, to]
    }
    case 'sources':
    case 'loads': {
      const { pos, neg } = part as SourcePart | LoadPart
      return [pos, neg]
    }
    case 'relays': {
      const { coilPos, coilNeg } = part as RelayPart
      return [coilPos, coilNeg]
    }
    case 'diodes': {
      const { anode, cathode } = part as DiodePart
      return [anode, cathode]
    }
  }
}

const sensesElsewhere = (a: AlternatorPart): boolean =>
  (a.sensePos ?? a.pos) !== a.pos || (a.senseNeg ?? a.neg) !== a.neg

/** Parts of a case with the names of their lists, in the order of the contract. */
export const partsOf = (c: NetworkCase): { readonly list: PartListName; readonly part: NetworkPart }[] =>
  PART_LISTS.flatMap((list) => (c[list] ?? []).map((part) => ({ list, part })))

export const compileNetwork = (c: NetworkCase): Network => {
  const parts = partsOf(c)
  const nodes = [...new Set(parts.flatMap(({ part }) => nodesOf(part)))].filter((n) => n !== c.reference)
  const index = new Map(nodes.map((n, i) => [n, i]))
  const indexOf = (node: string): number => index.get(node) ?? -1
  const ends: [number, number][] = []
  const element = (a: string, b: string): number => ends.push([indexOf(a), indexOf(b)]) - 1
  const placed = parts.map(({ list, part }): Placed => {
    const [a, b] = terminals(list, part)
    const at = element(a, b)
    const relay = list === 'relays' ? (part as RelayPart) : null
    const alternator =
      list === 'sources' && (part as SourcePart).kind === 'alternator' ? (part as AlternatorPart) : null
    return {
      list,
      written: part,
      part,
      at,
      makeAt: relay?.make === undefined ? -1 : element(relay.common, relay.make),
      breakAt: relay?.break === undefined ? -1 : element(relay.common, relay.break),
      sensed:
        alternator && sensesElsewhere(alternator)
          ? {
              a: indexOf(a),
              b: indexOf(b),
              senseA: indexOf(alternator.sensePos ?? a),
              senseB: indexOf(alternator.senseNeg ?? b),
              setV: 0,
              droopOhm: 1,
              limitA: 0,
              there: false,
            }
          : null,
      power: list === 'loads' && (part as LoadPart).kind === 'power' ? { element: at, powerW: 0, leastV: 6 } : null,
    }
  })
  const count = ends.length
  const elements: Elements = {
    count,
    kind: new Uint8Array(count),
    a: Int32Array.from(ends, ([a]) => a),
    b: Int32Array.from(ends, ([, b]) => b),
    p0: new Float64Array(count),
    p1: new Float64Array(count),
    p2: new Float64Array(count),
    there: new Uint8Array(count),
  }
  const circuit = circuitOf(
    nodes.length,
    elements,
    placed.flatMap((p) => (p.sensed ? [p.sensed] : [])),
  )
  const temperatureK = c.temperatureK ?? REFERENCE_K
  const conductor = { ...COPPER, ...c.conductor }
  const set = (at: number, there: boolean, kind: Kind = KIND.straight, p0 = 0, p1 = 0, p2 = 0): void => {
    elements.there[at] = there ? 1 : 0
    elements.kind[at] = kind
    elements.p0[at] = p0
    elements.p1[at] = p1
    elements.p2[at] = p2
  }
  const resistor = (at: number, ohm: number, there = true): void => set(at, there, KIND.straight, 0, siemens(ohm))

  const putSource = ({ at, sensed }: Placed, part: SourcePart): void => {
    if (part.kind === 'battery') {
      const { openCircuitV, resistanceOhm, chargeOhm } = batteryLaw(part, temperatureK)
      return set(at, true, KIND.twoSlopes, openCircuitV, siemens(resistanceOhm), siemens(chargeOhm))
    }
    const mode = part.mode ?? 'regulating'
    const setV = setPointV(part, temperatureK)
    const limitA = limitOf(part)
    if (sensed) Object.assign(sensed, { setV, droopOhm: part.droopOhm, limitA, there: mode === 'regulating' })
    if (mode === 'dump') set(at, true, KIND.limited, part.dumpV ?? 0, siemens(part.dumpOhm ?? 1), Infinity)
    else set(at, mode === 'regulating' && sensed === null, KIND.limited, setV, siemens(part.droopOhm), limitA)
  }
  const putLoad = ({ at, power }: Placed, part: LoadPart): void => {
    const on = part.on ?? true
    switch (part.kind) {
      case 'resistance': {
        const duty = part.duty ?? 1
        return set(at, on && duty > 0, KIND.straight, 0, within(duty / part.ohm))
      }
      case 'current':
        return set(at, on, KIND.upTo, within(part.currentA / ratedVOf(leastVOf(part)!)), part.currentA)
      case 'power':
        power!.powerW = part.powerW
        power!.leastV = ratedVOf(leastVOf(part)!)
        return set(at, on, KIND.upTo)
      case 'lamp': {
        const { coldS, hotA, exponent } = lampLaw(part)
        return part.filament === 'cold'
          ? set(at, on, KIND.straight, 0, coldS)
          : set(at, on, KIND.lamp, coldS, hotA, exponent)
      }
      case 'motor': {
        const { armatureS, dropV, backV, runA } = motorLaw(part)
        const speed = part.speed ?? 'settled'
        if (speed !== 'settled') return set(at, on, KIND.straight, speed * backV, armatureS)
        if (part.torque === 'quadratic') return set(at, on, KIND.fan, backV, dropV, runA)
        return set(at, on, KIND.upToEitherWay, armatureS, runA)
      }
    }
  }
  const put = (p: Placed, part: NetworkPart): void => {
    p.part = part
    const { at } = p
    switch (p.list) {
      case 'wires':
        return resistor(at, wireOhm(part as WirePart, conductor, temperatureK))
      case 'contacts': {
        const { resistanceOhm, closed } = part as ContactPart
        return resistor(at, atLeast(resistanceOhm), closed ?? true)
      }
      case 'fuses': {
        const { resistanceOhm, blown } = part as FusePart
        return resistor(at, atLeast(resistanceOhm), !(blown ?? false))
      }
      case 'sources':
        return putSource(p, part as SourcePart)
      case 'loads':
        return putLoad(p, part as LoadPart)
      case 'relays':
        return resistor(at, coilLaw(part as RelayPart, temperatureK).coilOhm)
      case 'diodes': {
        const { forwardV, resistanceOhm, clampV } = part as DiodePart
        return set(at, true, KIND.diode, forwardV, siemens(resistanceOhm), clampV ?? Infinity)
      }
    }
  }
  const byId = new Map(placed.map((p) => [p.part.id, p]))
  for (const p of placed) put(p, p.part)
  return {
    case: c,
    nodes,
    indexOf,
    placed,
    find: (id) => {
      const found = byId.get(id)
      if (!found) throw new Error(`no part "${id}" in this network`)
      return found
    },
    relays: placed.filter((p): p is Placed<RelayPart> => p.list === 'relays'),
    circuit,
    powers: placed.flatMap((p) => (p.power ? [p.power] : [])),
    temperatureK,
    conductor,
    put,
    setRelay: (relay, energised) => {
      const ohm = atLeast(relay.part.contactOhm ?? 0)
      if (relay.makeAt >= 0) resistor(relay.makeAt, ohm, energised)
      if (relay.breakAt >= 0) resistor(relay.breakAt, ohm, !energised)
    },
  }
}
