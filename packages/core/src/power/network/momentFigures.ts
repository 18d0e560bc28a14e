import { sensedA, sensedV } from './circuit.ts'
import type { Network, Placed } from './compileNetwork.ts'
import { currentAt } from './elements.ts'
import { floatingNodes } from './floatingNodes.ts'
import {
  leastVOf,
  type AlternatorPart,
  type BatteryPart,
  type DiodePart,
  type FusePart,
  type LoadPart,
  type RelayPart,
  type WirePart,
} from './networkCase.ts'
import type { MomentResult, PartFigures } from './networkResult.ts'
import { batteryLaw, coilLaw, limitOf, setPointV, wireOhm } from './partLaws.ts'

/** A current of less is none, A. */
const IDLE_A = 1e-6

/** A solved moment, before its figures are read off. */
export interface Solved {
  readonly id: string
  readonly durationS: number | null
  readonly v: Float64Array
  readonly energised: ReadonlyMap<string, boolean>
  readonly chattering: readonly string[]
  readonly collapsed: readonly string[]
}

/** Every figure of the contract, from the voltages of the nodes. */
export const momentFigures = (net: Network, s: Solved): MomentResult => {
  const { v, energised } = s
  const { elements } = net.circuit
  const nodeV = (node: string): number => {
    const i = net.indexOf(node)
    return i < 0 ? 0 : v[i]!
  }
  const floating = floatingNodes(net, energised)
  const floats = new Set(floating)
  const across = (at: number): number => {
    const [a, b] = [elements.a[at]!, elements.b[at]!]
    return (a < 0 ? 0 : v[a]!) - (b < 0 ? 0 : v[b]!)
  }
  // Minus zero is zero to whoever reads it.
  const through = (at: number): number => (at < 0 ? 0 : currentAt(elements, at, across(at)) + 0)

  const series = (p: Placed) => {
    const dropV = across(p.at)
    const currentA = through(p.at)
    return { currentA, dropV, lossW: currentA * dropV }
  }
  const battery = (p: Placed, part: BatteryPart): PartFigures => {
    const law = batteryLaw(part, net.temperatureK)
    const currentA = -through(p.at) + 0
    const state = currentA > IDLE_A ? 'discharging' : currentA < -IDLE_A ? 'charging' : 'idle'
    return {
      currentA,
      voltageV: across(p.at),
      openCircuitV: law.openCircuitV,
      resistanceOhm: state === 'charging' ? law.chargeOhm : law.resistanceOhm,
      state,
    }
  }
  const alternator = (p: Placed, part: AlternatorPart): PartFigures => {
    const mode = part.mode ?? 'regulating'
    const voltageV = across(p.at)
    const limitA = limitOf(part)
    if (mode === 'off') return { currentA: 0, voltageV, limitA, state: 'off' }
    if (mode === 'dump')
      return { currentA: -through(p.at) + 0, voltageV, limitA, state: voltageV >= (part.dumpV ?? 0) ? 'idle' : 'dump' }
    const u = p.sensed ? sensedV(p.sensed, v) : voltageV
    const raw = (setPointV(part, net.temperatureK) - u) / part.droopOhm
    return {
      currentA: p.sensed ? sensedA(p.sensed, u) : -through(p.at) + 0,
      voltageV,
      limitA,
      state: raw <= 0 ? 'idle' : raw >= limitA ? 'limited' : 'regulating',
    }
  }
  const figures = (p: Placed): PartFigures => {
    switch (p.list) {
      case 'wires':
        return { resistanceOhm: wireOhm(p.part as WirePart, net.conductor, net.temperatureK), ...series(p) }
      case 'contacts':
        return series(p)
      case 'fuses': {
        const own = series(p)
        return {
          ...own,
          share: Math.abs(own.currentA) / (p.part as FusePart).ratingA,
          i2tA2S: s.durationS === null ? null : own.currentA * own.currentA * s.durationS,
        }
      }
      case 'sources':
        return (p.part as BatteryPart | AlternatorPart).kind === 'battery'
          ? battery(p, p.part as BatteryPart)
          : alternator(p, p.part as AlternatorPart)
      case 'loads': {
        const { neg } = p.part as LoadPart
        const [currentA, voltageV] = [through(p.at), across(p.at)]
        return { currentA, voltageV, powerW: currentA * voltageV, liftV: floats.has(neg) ? null : nodeV(neg) }
      }
      case 'relays': {
        const part = p.part as RelayPart
        const { pullInV, dropOutV } = coilLaw(part, net.temperatureK)
        return {
          energised: energised.get(part.id)!,
          coilA: through(p.at),
          coilV: across(p.at),
          pullInV,
          dropOutV,
          makeA: through(p.makeAt),
          breakA: through(p.breakAt),
        }
      }
      case 'diodes': {
        const { forwardV, clampV } = p.part as DiodePart
        const voltageV = across(p.at)
        const state =
          voltageV > forwardV ? 'conducts' : clampV !== undefined && voltageV < -clampV ? 'clamps' : 'blocks'
        return { currentA: through(p.at), voltageV, state }
      }
    }
  }
  const loads = net.placed.filter((p) => p.list === 'loads')
  const idsWhere = (test: (load: LoadPart, u: number) => boolean): string[] =>
    loads.flatMap((p) => (test(p.part as LoadPart, across(p.at)) ? [p.part.id] : [])).sort()
  return {
    id: s.id,
    state: s.chattering.length > 0 ? 'chatters' : s.collapsed.length > 0 ? 'collapsed' : 'solved',
    chattering: s.chattering,
    collapsed: s.collapsed,
    starved: idsWhere((l, u) => {
      const least = leastVOf(l)
      return l.on !== false && least !== null && u < least
    }),
    overVolted: idsWhere((l, u) => l.mostV !== undefined && u > l.mostV),
    floating,
    nodesV: Object.fromEntries([net.case.reference, ...net.nodes].map((n) => [n, floats.has(n) ? null : nodeV(n)])),
    parts: Object.fromEntries(net.placed.map((p) => [p.part.id, figures(p)])),
  }
}
