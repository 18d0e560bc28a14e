import { compileNetwork, type Network } from './compileNetwork.ts'
import { momentFigures, type Solved } from './momentFigures.ts'
import type { LoadPart, NetworkCase, NetworkMoment, NetworkPart } from './networkCase.ts'
import type { MomentResult } from './networkResult.ts'
import { coilLaw } from './partLaws.ts'
import { solvePowered } from './powerLoads.ts'
import { imbalanceA } from './circuit.ts'
import { currentAt } from './elements.ts'

/** A part as it is after the changes of a moment. */
export const changed = (part: NetworkPart, m: NetworkMoment): NetworkPart =>
  (m.changes ?? []).reduce((p, { id, ...fields }) => (id === p.id ? ({ ...p, ...fields } as NetworkPart) : p), part)

/** Largest imbalance of a node that an answer may have, A, beside 1e-7 of its largest current. */
export const MOST_IMBALANCE_A = 1e-5

/** Largest current of any element, A. */
const largestA = (net: Network, v: Float64Array): number => {
  const { elements: e } = net.circuit
  const at = (node: number) => (node < 0 ? 0 : v[node]!)
  let most = 0
  for (let i = 0; i < e.count; i++) most = Math.max(most, Math.abs(currentAt(e, i, at(e.a[i]!) - at(e.b[i]!))))
  return most
}

/** Solved with the relays as they stand; the currents of loads of constant power are found too. */
const solveStates = (net: Network, v: Float64Array): { readonly collapsed: readonly string[] } => {
  const on = net.placed.filter((p) => p.power !== null && (p.part as LoadPart).on !== false)
  const { still, collapsed } = solvePowered(
    net.circuit,
    on.map((p) => p.power!),
    v,
  )
  if (!still && imbalanceA(net.circuit, v) > MOST_IMBALANCE_A * Math.max(1, largestA(net, v) / 100))
    throw new Error('the network came to no rest: Kirchhoff’s law is not met')
  return { collapsed: collapsed.map((i) => on[i]!.part.id).sort() }
}

/** Puts the parts as they are at a moment: those that it changes, and back those that another had changed. */
export const putMoment = (net: Network, m: NetworkMoment): void => {
  const touched = new Set((m.changes ?? []).map((c) => c.id))
  for (const p of net.placed) {
    if (touched.has(p.part.id)) net.put(p, changed(p.written, m))
    else if (p.part !== p.written) net.put(p, p.written)
  }
}

/**
 * One moment: relays from the states before, all that ask for the other state at once, until none asks. `energised` is
 * taken on to the next moment.
 */
const solveMoment = (net: Network, m: NetworkMoment, energised: Map<string, boolean>, v: Float64Array): Solved => {
  for (const p of net.placed)
    net.put(
      p,
      changed(
        net.case[p.list]!.find((part) => part.id === p.part.id)!,
        m,
      ),
    )
  const { relays } = net
  const coilV = (at: number): number => {
    const { a, b } = net.circuit.elements
    return Math.abs((a[at]! < 0 ? 0 : v[a[at]!]!) - (b[at]! < 0 ? 0 : v[b[at]!]!))
  }
  const solve = (states: readonly boolean[]) => {
    relays.forEach((r, i) => net.setRelay(r, states[i]!))
    return solveStates(net, v)
  }
  const asked = (states: readonly boolean[]): boolean[] =>
    relays.map((r, i) => {
      const { pullInV, dropOutV } = coilLaw(r.part, net.temperatureK)
      const u = coilV(r.at)
      return u >= pullInV ? true : u < dropOutV ? false : states[i]!
    })
  const tried: boolean[][] = []
  let states = relays.map((r) => energised.get(r.part.id)!)
  let chattering: string[] = []
  let { collapsed } = solve(states)
  for (;;) {
    const next = asked(states)
    if (next.every((x, i) => x === states[i])) break
    tried.push(states)
    const from = tried.findIndex((t) => t.every((x, i) => x === next[i]))
    if (from >= 0) {
      const circle = tried.slice(from)
      const differs = relays.map((_, i) => circle.some((t) => t[i] !== circle[0]![i]))
      chattering = relays.flatMap((r, i) => (differs[i] ? [r.part.id] : [])).sort()
      states = states.map((x, i) => (differs[i] ? false : x))
      ;({ collapsed } = solve(states))
      break
    }
    states = next
    ;({ collapsed } = solve(states))
  }
  relays.forEach((r, i) => energised.set(r.part.id, states[i]!))
  return { id: m.id, durationS: m.durationS ?? null, v, energised, chattering, collapsed }
}

const NOW: readonly NetworkMoment[] = [{ id: 'now' }]

/**
 * Voltages and currents of a vehicle's electrical system at each moment of a case: Kirchhoff's current law at every node,
 * the laws of the parts, relays with hysteresis, loads of constant power by their high root. SI. The case must have passed
 * `checkNetwork`.
 * @throws where no state meets Kirchhoff's law to 1e-5 A: a fault of this program, never of the case
 */
export const solveNetwork = (c: NetworkCase): { readonly moments: readonly MomentResult[] } => {
  const net = compileNetwork(c)
  return { moments: solveMoments(net, c.moments ?? NOW) }
}

/** The same for a network that is ready: moments in their order, relays from those written in the case. */
export const solveMoments = (net: Network, moments: readonly NetworkMoment[]): MomentResult[] => {
  const energised = new Map(net.relays.map((r) => [r.part.id, r.written.energised ?? false]))
  const v = new Float64Array(net.nodes.length)
  return moments.map((m) => momentFigures(net, solveMoment(net, m, energised, v)))
}
