import fc from 'fast-check'
import { vacuumPorts, whyNot, type VacuumCase, type VacuumConsumer, type VacuumPort } from './vacuumPorts.ts'

const port = (id: string, mm: number, more: Partial<VacuumPort> = {}): VacuumPort => ({ id, boreM: mm * 1e-3, kind: 'full', draws: 'plenum', keptFor: null, ...more }) // prettier-ignore
const consumer = (id: string, mm: number, more: Partial<VacuumConsumer> = {}): VacuumConsumer => ({ id, boreM: mm * 1e-3, kind: 'full', plenumOnly: false, mayShare: true, mostLengthM: null, mayDrop: false, ...more }) // prettier-ignore
const base = { hoses: [], mayDrill: false }

describe('who gets which vacuum port', () => {
  const ports = [port('large', 10), port('small', 5), port('edge', 4, { kind: 'ported' }), port('runner', 6, { draws: 'runner' })] // prettier-ignore
  const servo = consumer('servo', 9)
  const sensor = consumer('pressure sensor', 4, { plenumOnly: true, mayShare: false, mostLengthM: 0.6 })
  const advance = consumer('advance', 4, { kind: 'ported' })
  it('each to the port of its kind and size, what is left is capped', () => {
    const a = vacuumPorts({ ...base, ports, consumers: [servo, sensor, advance] })
    expect(a.served).toEqual([
      { consumer: 'servo', by: 'own', port: 'large' },
      { consumer: 'pressure sensor', by: 'own', port: 'small' },
      { consumer: 'advance', by: 'own', port: 'edge' },
    ])
    expect(a).toMatchObject({ capped: ['runner'], teed: 0, drilled: 0, dropped: 0, unserved: 0, cost: 1 + 1 })
  })
  it('what may share is teed before anything is drilled; what may not gets a port of its own', () => {
    const heater = consumer('heater', 4)
    const a = vacuumPorts({ ...base, mayDrill: true, ports: ports.slice(0, 2), consumers: [servo, sensor, heater] })
    expect(a.served.map((s) => s.by)).toEqual(['tee', 'own', 'tee'])
    expect(a).toMatchObject({ teed: 1, drilled: 0 })
    const alone = vacuumPorts({ ...base, mayDrill: true, ports: ports.slice(0, 2), consumers: [{ ...servo, mayShare: false }, sensor, heater] }) // prettier-ignore
    expect(alone).toMatchObject({ drilled: 1, teed: 0 })
  })
  it('says why nothing serves it', () => {
    const far = { ...base, ports: [port('small', 5)], consumers: [sensor], hoses: [{ port: 'small', consumer: 'pressure sensor', lengthM: 0.7 }] } // prettier-ignore
    expect(vacuumPorts(far).served[0]).toMatchObject({ by: 'nothing', why: 'no port would do: mostly too far away' })
    const kept = vacuumPorts({ ...base, ports: [port('x', 12, { keptFor: 'regulator' })], consumers: [servo] })
    expect(kept.served[0]).toMatchObject({ by: 'nothing', why: 'no port would do: mostly kept by the system' })
    const own = vacuumPorts({ ...base, ports: [port('x', 12, { keptFor: 'servo' })], consumers: [servo] })
    expect(own.served[0]).toMatchObject({ by: 'own', port: 'x' })
    const two = vacuumPorts({ ...base, ports: [port('x', 12)], consumers: [{ ...servo, mayShare: false }, { ...sensor, mayDrop: true }] }) // prettier-ignore
    expect(two.served[1]).toMatchObject({ by: 'dropped', why: 'every port that would do is taken' })
  })

  const arbPort = (i: number): fc.Arbitrary<VacuumPort> => fc.record({ id: fc.constant(`p${i}`), boreM: fc.constantFrom(3e-3, 4e-3, 6e-3, 9e-3, 12e-3), kind: fc.constantFrom('full', 'ported'), draws: fc.constantFrom('plenum', 'runner'), keptFor: fc.constantFrom(null, null, null, 'c0') }) // prettier-ignore
  const arbConsumer = (i: number): fc.Arbitrary<VacuumConsumer> => fc.record({ id: fc.constant(`c${i}`), boreM: fc.constantFrom(3e-3, 4e-3, 8e-3), kind: fc.constantFrom('full', 'ported', 'either'), plenumOnly: fc.boolean(), mayShare: fc.boolean(), mostLengthM: fc.constant(null), mayDrop: fc.boolean() }) // prettier-ignore
  const arbCase = (mostPorts: number, mostConsumers: number): fc.Arbitrary<VacuumCase> =>
    fc.tuple(fc.integer({ min: 0, max: mostPorts }), fc.integer({ min: 1, max: mostConsumers })).chain(
      ([p, k]) =>
      fc.record({ ports: fc.tuple(...Array.from({ length: p }, (_, i) => arbPort(i))), consumers: fc.tuple(...Array.from({ length: k }, (_, i) => arbConsumer(i))), hoses: fc.constant([]), mayDrill: fc.boolean() }), // prettier-ignore
    )
  /** Of a plan: unserved, dropped, drilled, teed, millimetres. */
  type Rank = readonly number[]
  const rank = (a: ReturnType<typeof vacuumPorts>): Rank => [a.unserved, a.dropped, a.drilled, a.teed, a.cost]
  const less = (a: Rank, b: Rank): boolean => {
    const i = a.findIndex((x, k) => x !== b[k])
    return i >= 0 && a[i]! < b[i]!
  }
  /** Every consumer at every port or at none, by plain counting. */
  const bruteForce = (c: VacuumCase): Rank => {
    let best: Rank = [Infinity]
    const at: number[] = []
    const place = (i: number): void => {
      if (i < c.consumers.length) {
        for (let p = -1; p < c.ports.length; p++) {
          at[i] = p
          if (p < 0 || whyNot(c, c.consumers[i]!, c.ports[p]!) === null) place(i + 1)
        }
        return
      }
      let [unserved, dropped, drilled, teed, mm] = [0, 0, 0, 0, 0]
      for (let p = 0; p < c.ports.length; p++) {
        const here = c.consumers.filter((_, k) => at[k] === p)
        if (here.length > 3 || (here.length > 1 && here.some((x) => !x.mayShare))) return
        teed += Math.max(0, here.length - 1)
        for (const x of here) mm += Math.round(Math.max(0, c.ports[p]!.boreM - x.boreM) * 1e3)
      }
      c.consumers.forEach((x, k) => {
        if (at[k]! >= 0) return
        if (c.mayDrill && x.kind !== 'ported') drilled++
        else if (x.mayDrop) dropped++
        else unserved++
      })
      const found = [unserved, dropped, drilled, teed, mm]
      if (less(found, best)) best = found
    }
    place(0)
    return best
  }
  it('is as good as the best of all plans, of up to seven ports', () => {
    fc.assert(fc.property(arbCase(7, 5), (c) => expect(rank(vacuumPorts(c))).toEqual(bruteForce(c))), { seed: 251, numRuns: 60 }) // prettier-ignore
  })
  it('another port never makes it worse', () => {
    fc.assert(
      fc.property(arbCase(6, 6), arbPort(9), (c, more) => {
        expect(less(rank(vacuumPorts(c)), rank(vacuumPorts({ ...c, ports: [...c.ports, more] })))).toBe(false)
      }),
      { seed: 252, numRuns: 80 },
    )
  })
})
