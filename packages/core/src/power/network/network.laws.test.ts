import { solveNetwork } from './index.ts'
import type { NetworkCase } from './networkCase.ts'
import type { LoadFigures, MomentResult, WireFigures } from './networkResult.ts'
import { randomNetwork } from './test/randomNetwork.ts'
import { slowNetwork } from './test/slowNetwork.ts'

const seeds = (count: number, from = 1) => Array.from({ length: count }, (_, i) => from + i)

/** What leaves each node by the figures of the parts themselves, A. */
const imbalances = (c: NetworkCase, m: MomentResult): number[] => {
  const sum = new Map<string, number>()
  const flow = (from: string, to: string, amps: number) => {
    sum.set(from, (sum.get(from) ?? 0) - amps)
    sum.set(to, (sum.get(to) ?? 0) + amps)
  }
  const amps = (id: string) => (m.parts[id] as WireFigures).currentA
  for (const p of [...(c.wires ?? []), ...(c.contacts ?? []), ...(c.fuses ?? [])]) flow(p.from, p.to, amps(p.id))
  for (const p of c.sources ?? []) flow(p.neg, p.pos, amps(p.id))
  for (const p of c.loads ?? []) flow(p.pos, p.neg, amps(p.id))
  for (const p of c.diodes ?? []) flow(p.anode, p.cathode, amps(p.id))
  for (const p of c.relays ?? []) {
    const r = m.parts[p.id] as { coilA: number; makeA: number; breakA: number }
    flow(p.coilPos, p.coilNeg, r.coilA)
    if (p.make !== undefined) flow(p.common, p.make, r.makeA)
    if (p.break !== undefined) flow(p.common, p.break, r.breakA)
  }
  sum.delete(c.reference)
  return [...sum.values()]
}

describe('laws on seeded networks', () => {
  it('what flows into a node flows out of it, to 1e-5 A, whatever is in the network', () => {
    for (const seed of seeds(2000)) {
      const c = randomNetwork(seed)
      for (const m of solveNetwork(c).moments)
        for (const x of imbalances(c, m)) expect([seed, Math.abs(x) < 1e-5]).toEqual([seed, true])
    }
  })

  it('a plain dense solver from another start finds the same, on 1,000 networks', () => {
    let [collapses, chatters, pulled] = [0, 0, 0]
    for (const seed of seeds(1000, 10_000)) {
      const c = randomNetwork(seed, 'everything', 7)
      const slow = slowNetwork(c)
      solveNetwork(c).moments.forEach((m, i) => {
        const s = slow[i]!
        expect([seed, m.collapsed, m.chattering]).toEqual([seed, s.collapsed, s.chattering])
        for (const [node, v] of s.nodesV)
          if (m.nodesV[node] !== null)
            expect([seed, node, Math.abs(m.nodesV[node]! - v) < 2e-6]).toEqual([seed, node, true])
        collapses += m.collapsed.length
        chatters += m.chattering.length
        pulled += [...s.energised.values()].filter(Boolean).length
      })
    }
    // It is no comparison of empty cases.
    expect([collapses > 20, chatters > 5, pulled > 200]).toEqual([true, true, true])
  })

  it('superposition: in a linear network each source alone, the others shorted, adds up', () => {
    for (const seed of seeds(300)) {
      const c = randomNetwork(seed, 'linear')
      const [together] = solveNetwork(c).moments
      const alone = c.sources!.map((s) => {
        const sources = c.sources!.map((o) => (o === s ? o : { ...o, openCircuitV: 0 }))
        return solveNetwork({ ...c, sources } as NetworkCase).moments[0]!
      })
      for (const [node, v] of Object.entries(together!.nodesV))
        expect(alone.reduce((sum, m) => sum + m.nodesV[node]!, 0)).toBeCloseTo(v!, 6)
    }
  })

  it('what the sources give is what the rest turns into heat', () => {
    for (const seed of seeds(500)) {
      const c = randomNetwork(seed)
      for (const m of solveNetwork(c).moments) {
        const watts = (ids: readonly { id: string }[] | undefined, of: (f: never) => number) =>
          (ids ?? []).reduce((sum, { id }) => sum + of(m.parts[id] as never), 0)
        const given = watts(c.sources, (f: { currentA: number; voltageV: number }) => f.currentA * f.voltageV)
        const series = (f: WireFigures) => f.lossW
        const lost =
          watts(c.wires, series) + watts(c.contacts, series) + watts(c.fuses, series) +
          watts(c.loads, (f: LoadFigures) => f.powerW) +
          watts(c.diodes, (f: { currentA: number; voltageV: number }) => f.currentA * f.voltageV) +
          (c.relays ?? []).reduce((sum, r) => {
            const f = m.parts[r.id] as { coilA: number; coilV: number; makeA: number; breakA: number }
            const ohm = Math.max(1e-6, r.contactOhm ?? 0)
            return sum + f.coilA * f.coilV + (f.makeA ** 2 + f.breakA ** 2) * ohm
          }, 0)
        expect(Math.abs(given - lost)).toBeLessThan(1e-4 * (1 + Math.abs(given)))
      }
    }
  }) // prettier-ignore

  it('a thicker wire never lowers the voltage at its own load, with resistances and one source', () => {
    for (const seed of seeds(400)) {
      const c = randomNetwork(seed, 'one-source')
      const load = c.loads![0]! as { pos: string; neg: string; id: string }
      const feed = c.wires!.find((w) => w.to === load.pos || w.from === load.pos)!
      const volts = (net: NetworkCase) =>
        Math.abs((solveNetwork(net).moments[0]!.parts[load.id] as LoadFigures).voltageV)
      const own: NetworkCase = {
        ...c,
        wires: [...c.wires!, { id: 'own', from: load.pos, to: 'device', resistanceOhm: 0.2 }],
        loads: c.loads!.map((l) => (l.id === load.id ? { ...l, pos: 'device' } : l)),
      }
      const thicker: NetworkCase = {
        ...own,
        wires: own.wires!.map((w) => (w.id === 'own' ? { ...w, resistanceOhm: 0.1 } : w)),
      }
      expect([seed, feed.id, volts(thicker) >= volts(own) - 1e-9]).toEqual([seed, feed.id, true])
    }
  })

  it('the order of the parts changes nothing', () => {
    for (const seed of seeds(100)) {
      const c = randomNetwork(seed)
      const back = { ...c, wires: [...c.wires!].reverse(), loads: [...c.loads!].reverse() }
      const [a, b] = [solveNetwork(c), solveNetwork(back)]
      a.moments.forEach((m, i) => {
        for (const [node, v] of Object.entries(m.nodesV)) {
          const other = b.moments[i]!.nodesV[node]
          if (v === null) expect(other).toBeNull()
          else expect(other).toBeCloseTo(v, 6)
        }
      })
    }
  })
})
