import { followCircuit } from './circuit.ts'
import { currentAt } from './elements.ts'
import { compileNetwork, type Network, type Placed } from './compileNetwork.ts'
import type { LoadPart, NetworkCase, NetworkMoment, NetworkPart, RelayPart } from './networkCase.ts'
import { coilLaw } from './partLaws.ts'
import { drawTruly, solvePowered } from './powerLoads.ts'
import { putMoment } from './solveNetwork.ts'

/** A relay's armature needs so long to move, s. Typical. */
export const RELAY_TRAVEL_S = 0.004

/** A network that is followed through time: one state, changed and solved again and again. */
export interface LiveNetwork {
  readonly net: Network
  /** Volts across a part: those of its coil for a relay. */
  voltsOf(id: string): number
  /** Back voltage of a motor that turns at a share of its rated speed. */
  setSpeed(id: string, share: number): void
  /** The same with what its winding holds back for a step: volts, and the resistance that stands in for its inductance. */
  setWinding(id: string, backV: number, ohm: number): void
  /** Electromotive force of a battery, V. */
  setEmf(id: string, volts: number): void
  setClosed(id: string, closed: boolean): void
  setOn(id: string, on: boolean): void
  /** Solves for now; relays that asked for the other state long enough have moved. */
  advance(stepS: number): void
  /** Current through a part in its own sense, A. */
  currentOf(id: string): number
  isEnergised(id: string): boolean
}

interface Armature {
  readonly relay: Placed<RelayPart>
  readonly pullInV: number
  readonly dropOutV: number
  energised: boolean
  askedS: number
}

/** @param moment changes that hold from the start; relays start as `energised` says */
export const liveNetwork = (
  c: NetworkCase,
  moment: NetworkMoment,
  energised: ReadonlyMap<string, boolean> = new Map(),
): LiveNetwork => liveOn(compileNetwork(c), moment, energised)

/** The same on a network that is ready; it is this one's as long as it lives. */
export const liveOn = (
  net: Network,
  moment: NetworkMoment,
  energised: ReadonlyMap<string, boolean> = new Map(),
): LiveNetwork => {
  putMoment(net, moment)
  const { circuit } = net
  const { elements } = circuit
  const v = new Float64Array(net.nodes.length)
  const armatures = net.relays.map((relay): Armature => {
    const { pullInV, dropOutV } = coilLaw(relay.part, net.temperatureK)
    const on = energised.get(relay.part.id) ?? relay.part.energised ?? false
    net.setRelay(relay, on)
    return { relay, pullInV, dropOutV, energised: on, askedS: 0 }
  })
  const places = new Map(net.placed.map((p) => [p.part.id, p]))
  const placeOf = (id: string): Placed => places.get(id) ?? net.find(id)
  const voltsAt = (at: number): number => {
    const a = elements.a[at]!
    const b = elements.b[at]!
    return (a < 0 ? 0 : v[a]!) - (b < 0 ? 0 : v[b]!)
  }
  const powersOn = () => net.placed.filter((p) => p.power !== null && (p.part as LoadPart).on !== false)
  const anew = (): void => {
    const on = powersOn().map((p) => p.power!)
    solvePowered(circuit, on, v)
    drawTruly(circuit, on)
  }
  anew()
  const solve = (): void => {
    if (!followCircuit(circuit, v)) anew()
  }
  const put = (id: string, fields: object): void => {
    const p = placeOf(id)
    net.put(p, { ...p.part, ...fields } as NetworkPart)
    if (p.power)
      drawTruly(
        circuit,
        powersOn().map((x) => x.power!),
      )
  }
  return {
    net,
    voltsOf: (id) => voltsAt(placeOf(id).at),
    setSpeed: (id, share) => {
      const p = placeOf(id)
      const part = p.part as LoadPart & { readonly kind: 'motor' }
      elements.p0[p.at] = share * (part.ratedV - (part.ratedV / part.stallA) * part.runA)
    },
    setWinding: (id, backV, ohm) => {
      const { at } = placeOf(id)
      elements.p0[at] = backV
      elements.p1[at] = 1 / ohm
    },
    setEmf: (id, volts) => {
      elements.p0[placeOf(id).at] = volts
    },
    setClosed: (id, closed) => put(id, { closed }),
    setOn: (id, on) => put(id, { on }),
    advance: (stepS) => {
      solve()
      let moved = false
      for (const a of armatures) {
        const u = Math.abs(voltsAt(a.relay.at))
        const wants = u >= a.pullInV ? true : u < a.dropOutV ? false : a.energised
        if (wants === a.energised) {
          a.askedS = 0
          continue
        }
        a.askedS += stepS
        if (a.askedS < RELAY_TRAVEL_S) continue
        a.askedS = 0
        a.energised = wants
        net.setRelay(a.relay, wants)
        moved = true
      }
      if (moved) solve()
    },
    currentOf: (id) => {
      const { at } = placeOf(id)
      return currentAt(elements, at, voltsAt(at))
    },
    isEnergised: (id) => armatures.find((a) => a.relay.part.id === id)?.energised ?? false,
  }
}
