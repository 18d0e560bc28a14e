import { solveNetwork } from './index.ts'
import type { LoadPart, NetworkCase, NetworkMoment, RelayPart } from './networkCase.ts'
import type {
  AlternatorFigures,
  BatteryFigures,
  DiodeFigures,
  FuseFigures,
  LoadFigures,
  RelayFigures,
  WireFigures,
} from './networkResult.ts'

const battery = (openCircuitV: number, resistanceOhm = 1e-6, more: object = {}) =>
  ({ id: 'battery', kind: 'battery', pos: 'post', neg: 'earth', openCircuitV, resistanceOhm, ...more }) as const
const solve = (parts: Partial<NetworkCase>) => solveNetwork({ reference: 'earth', sources: [battery(12)], ...parts })
const now = (parts: Partial<NetworkCase>) => solve(parts).moments[0]!
const load = (fields: object): LoadPart => ({ id: 'load', pos: 'post', neg: 'earth', ...fields }) as LoadPart
const figures = <F>(parts: Partial<NetworkCase>, id: string): F => now(parts).parts[id] as F

describe('hand-checked networks', () => {
  it('a divider: 12 V over 1 and 3 ohm', () => {
    const m = now({ wires: [{ id: 'w', from: 'post', to: 'x', resistanceOhm: 1 }], loads: [load({ kind: 'resistance', ohm: 3, pos: 'x' })] }) // prettier-ignore
    expect(m.nodesV['x']).toBeCloseTo(9, 5)
    expect((m.parts['w'] as WireFigures).lossW).toBeCloseTo(9, 4)
  })

  it('a bridge of 1, 2, 3 and 4 ohm with 5 across it: 10 = 1.7 a - 0.2 b, 10/3 = 0.7833 b - 0.2 a', () => {
    const r = (id: string, from: string, to: string, resistanceOhm: number) => ({ id, from, to, resistanceOhm })
    const m = now({
      sources: [battery(10)],
      wires: [r('1', 'post', 'a', 1), r('2', 'a', 'earth', 2), r('3', 'post', 'b', 3), r('4', 'b', 'earth', 4), r('5', 'a', 'b', 5)],
    }) // prettier-ignore
    expect(m.nodesV['a']).toBeCloseTo(6.580645, 4)
    expect(m.nodesV['b']).toBeCloseTo(5.935484, 4)
  })

  it('two feeds through diodes: the higher one carries the load, the other blocks', () => {
    const m = now({
      sources: [battery(12.6), { ...battery(12), id: 'second', pos: 'other' }],
      diodes: [
        { id: 'run', anode: 'post', cathode: 'x', forwardV: 0.3, resistanceOhm: 0.01 },
        { id: 'start', anode: 'other', cathode: 'x', forwardV: 0.3, resistanceOhm: 0.01 },
      ],
      loads: [load({ kind: 'resistance', ohm: 9.99, pos: 'x' })],
    })
    expect((m.parts['run'] as DiodeFigures).currentA).toBeCloseTo(1.23, 5)
    expect([(m.parts['run'] as DiodeFigures).state, (m.parts['start'] as DiodeFigures).state]).toEqual(['conducts', 'blocks']) // prettier-ignore
  })

  it.each([
    // U (12 - U)/0.5 = P: the high root, (12 + sqrt(144 - 2 P))/2.
    { powerW: 40, v: 10, state: 'solved', leastV: 3 },
    { powerW: 71.9, v: 6 + Math.sqrt(0.05), state: 'solved', leastV: 3 },
    // Past 12²/(4 x 0.5) = 72 W it falls to 3²/P ohm.
    { powerW: 72.1, v: (12 * (9 / 72.1)) / (0.5 + 9 / 72.1), state: 'collapsed', leastV: 3 },
    // Below its least voltage already: 6²/50 ohm, although 50 W could be had at 9.1 V.
    { powerW: 50, v: (12 * (100 / 50)) / (0.5 + 100 / 50), state: 'collapsed', leastV: 10 },
  ])('$powerW W of constant power behind 0.5 ohm: $v V, $state', ({ powerW, v, state, leastV }) => {
    const m = now({ sources: [battery(12, 0.5)], loads: [load({ kind: 'power', powerW, leastV })] })
    expect(m.nodesV['post']).toBeCloseTo(v, 5)
    expect([m.state, m.collapsed]).toEqual([state, state === 'collapsed' ? ['load'] : []])
  })

  it('what never had its least voltage has not collapsed: it is starved', () => {
    const m = now({ sources: [battery(5, 0.1)], loads: [load({ kind: 'power', powerW: 10 })] })
    expect([m.state, m.collapsed, m.starved]).toEqual(['solved', [], ['load']])
  })

  it.each([
    // (14.2 - V)/0.05 = 30 + (V - 12.6)/0.1: 380 = 30 V.
    { limitA: 40, v: 380 / 30, alternator: 'regulating', battery: 'charging', amps: -2 / 3, ohm: 0.1 },
    // 5 A are missing: 12.6 - 5 x 0.02.
    { limitA: 25, v: 12.5, alternator: 'limited', battery: 'discharging', amps: 5, ohm: 0.02 },
    { limitA: 0, v: 12, alternator: 'limited', battery: 'discharging', amps: 30, ohm: 0.02 },
  ])('a battery beside a generator of $limitA A, 30 A drawn', (x) => {
    const m = now({
      sources: [
        battery(12.6, 0.02, { chargeOhm: 0.1 }),
        { id: 'gen', kind: 'alternator', pos: 'post', neg: 'earth', setV: 14.2, droopOhm: 0.05, limitA: x.limitA },
      ],
      loads: [load({ kind: 'current', currentA: 30 })],
    })
    expect(m.nodesV['post']).toBeCloseTo(x.v, 6)
    expect(m.parts['battery']).toMatchObject({ state: x.battery, resistanceOhm: x.ohm })
    expect((m.parts['battery'] as BatteryFigures).currentA).toBeCloseTo(x.amps, 5)
    expect((m.parts['gen'] as AlternatorFigures).state).toBe(x.alternator)
  })

  it('a generator that senses at the battery gives its terminal as much more as the cable drops', () => {
    const m = now({
      sources: [
        battery(12.6, 0.1),
        { id: 'gen', kind: 'alternator', pos: 'b+', neg: 'earth', setV: 14, droopOhm: 1e-6, limitA: 100, sensePos: 'post' }, // prettier-ignore
      ],
      wires: [{ id: 'cable', from: 'b+', to: 'post', resistanceOhm: 0.02 }],
      loads: [load({ kind: 'current', currentA: 16 })],
    })
    // 14 A charge and 16 A drawn: 30 A through 20 mohm.
    expect(m.nodesV['post']).toBeCloseTo(14, 4)
    expect(m.nodesV['b+']).toBeCloseTo(14.6, 4)
  })

  it('load dump: the field is still strong and the battery gone', () => {
    const m = now({
      sources: [{ id: 'gen', kind: 'alternator', pos: 'post', neg: 'earth', setV: 14, droopOhm: 0.01, limitA: 45, mode: 'dump', dumpV: 90, dumpOhm: 1 }], // prettier-ignore
      loads: [load({ kind: 'resistance', ohm: 8, mostV: 24 })],
    })
    expect(m.nodesV['post']).toBeCloseTo(80, 5)
    expect([m.overVolted, (m.parts['gen'] as AlternatorFigures).state]).toEqual([['load'], 'dump'])
  })

  it.each([
    { name: 'hot at its volts', v: 12, filament: 'hot', amps: 5 },
    { name: 'hot at half', v: 6, filament: 'hot', amps: 5 * 0.5 ** 0.55 },
    { name: 'cold', v: 12, filament: 'cold', amps: 60 },
    { name: 'the other way round', v: -12, filament: 'hot', amps: -5 },
  ])('lamp of 60 W: $name', ({ v, filament, amps }) => {
    const sources = [v < 0 ? { ...battery(-v), pos: 'earth', neg: 'post' } : battery(v)]
    const lamp = load({ kind: 'lamp', ratedV: 12, ratedW: 60, filament })
    expect(figures<LoadFigures>({ sources, loads: [lamp] }, 'load').currentA).toBeCloseTo(amps, 3)
  })

  it.each([
    { name: 'pump at its pressure', v: 12, more: {}, amps: 10 },
    { name: 'pump that stands still', v: 1, more: {}, amps: 5 },
    { name: 'stalled', v: 12, more: { speed: 0 }, amps: 60 },
    { name: 'driven by wind', v: 9, more: { speed: 1 }, amps: -5 },
    { name: 'fan', v: 12, more: { torque: 'quadratic' }, amps: 10 },
    // 6 = 10 s + 2 s²
    { name: 'fan at half the volts', v: 6, more: { torque: 'quadratic' }, amps: 10 * ((-10 + Math.sqrt(148)) / 4) ** 2 },
  ])('motor of 12 V, 10 A, 60 A stalled: $name', ({ v, more, amps }) => {
    const motor = load({ kind: 'motor', ratedV: 12, stallA: 60, runA: 10, ...more })
    expect(figures<LoadFigures>({ sources: [battery(v)], loads: [motor] }, 'load').currentA).toBeCloseTo(amps, 3)
  }) // prettier-ignore

  it.each([
    { name: '3 m of 2.5 mm² at 10 A', wire: { lengthM: 3, sectionM2: 2.5e-6 }, dropV: 0.206892 },
    { name: 'the same at 80 °C', wire: { lengthM: 3, sectionM2: 2.5e-6, temperatureK: 353.15 }, dropV: 0.206892 * 1.2358 },
    { name: 'three strands, terminals of 5 mohm', wire: { lengthM: 3, sectionM2: 2.5e-6, parallel: 3, contactOhm: 5e-3 }, dropV: 0.206892 / 3 + 0.05 },
    { name: 'by the table', wire: { lengthM: 2, ohmPerM: 7.6e-3 }, dropV: 0.152 },
    { name: 'measured', wire: { resistanceOhm: 0.031 }, dropV: 0.31 },
    { name: 'of no length: 1 µohm', wire: { lengthM: 0, sectionM2: 1e-6 }, dropV: 1e-5 },
  ])('wire: $name', ({ wire, dropV }) => {
    const m = now({ wires: [{ id: 'w', from: 'post', to: 'x', ...wire }], loads: [load({ kind: 'current', currentA: 10, pos: 'x' })] })
    expect((m.parts['w'] as WireFigures).dropV).toBeCloseTo(dropV, 5)
  }) // prettier-ignore

  it('earths count: a load on a lifted earth', () => {
    const m = now({ wires: [{ id: 'w', from: 'x', to: 'earth', resistanceOhm: 0.1 }], loads: [load({ kind: 'current', currentA: 5, neg: 'x' })] }) // prettier-ignore
    const f = m.parts['load'] as LoadFigures
    expect([f.liftV, f.voltageV].map((n) => Math.round(n! * 1e4) / 1e4)).toEqual([0.5, 11.5])
  })

  it('a fuse tells its share and what the pulse lets through', () => {
    const f = figures<FuseFigures>(
      {
        fuses: [{ id: 'f', from: 'post', to: 'x', ratingA: 20, resistanceOhm: 3.4e-3 }],
        loads: [load({ kind: 'current', currentA: 15, pos: 'x' })],
        moments: [{ id: 'm', durationS: 0.4 }],
      },
      'f',
    )
    expect([f.share, f.i2tA2S].map((n) => Math.round(n! * 1e6) / 1e6)).toEqual([0.75, 90])
  })

  it('a battery by charge and temperature: bilinear between, the edge outside', () => {
    const table = { charges: [0.5, 1], temperaturesK: [253.15, 293.15], values: [[11.8, 12.2], [12.4, 12.8]] } // prettier-ignore
    const at = (charge: number, temperatureK: number) =>
      figures<BatteryFigures>({ sources: [battery(0, 0.01, { openCircuitV: table, charge, temperatureK })] }, 'battery')
        .openCircuitV
    expect(at(0.75, 273.15)).toBeCloseTo(12.3, 9)
    expect(at(0.1, 200)).toBeCloseTo(11.8, 9)
    expect(at(1, 400)).toBeCloseTo(12.8, 9)
  })
})

const relay = (more: Partial<RelayPart> = {}): RelayPart => ({
  id: 'k',
  coilPos: 'post',
  coilNeg: 'earth',
  coilOhm: 80,
  pullInV: 7.5,
  dropOutV: 3,
  common: 'post',
  make: 'x',
  ...more,
})
const volts = (...all: number[]): NetworkMoment[] =>
  all.map((openCircuitV, i) => ({ id: `${i}`, changes: [{ id: 'battery', openCircuitV }] }))

describe('relays', () => {
  const held = (r: RelayPart, moments: NetworkMoment[]) =>
    solve({ relays: [r], loads: [load({ kind: 'resistance', ohm: 10, pos: 'x' })], moments }).moments.map(
      (m) => (m.parts['k'] as RelayFigures).energised,
    )
  it('pull in, hold below that, drop out, and remember from moment to moment', () =>
    expect(held(relay(), volts(7, 8, 5, 2.9, 5))).toEqual([false, true, true, false, false]))
  it('a coil at 85 °C asks for 9.4 V', () => {
    expect(held(relay({ coilTemperatureK: 358.15 }), volts(9.3, 9.5))).toEqual([false, true])
    const f = figures<RelayFigures>({ relays: [relay({ coilTemperatureK: 358.15 })], loads: [] }, 'k')
    expect(f.pullInV).toBeCloseTo(7.5 * 1.25545, 6)
    expect(f.coilA).toBeCloseTo(12 / (80 * 1.25545), 6)
  })
  it('one that breaks its own coil chatters, and is shown released', () => {
    const m = now({ relays: [relay({ coilPos: 'b', make: 'x', break: 'b' })], loads: [] })
    expect([m.state, m.chattering]).toEqual(['chatters', ['k']])
    expect((m.parts['k'] as RelayFigures).energised).toBe(false)
    expect(m.nodesV['b']).toBeCloseTo(12, 4)
  })
  it('a relay whose own load pulls the feed down below what holds it chatters', () => {
    const m = now({ sources: [battery(12, 0.5)], relays: [relay()], loads: [load({ kind: 'resistance', ohm: 0.1, pos: 'x' })] }) // prettier-ignore
    expect([m.state, m.chattering]).toEqual(['chatters', ['k']])
  })
})

describe('what floats, and what joins', () => {
  it('nodes behind an open switch, but not behind a sense lead or a coil', () => {
    const m = now({
      contacts: [{ id: 'switch', from: 'post', to: 'x', resistanceOhm: 1e-3, closed: false }],
      relays: [relay({ coilPos: 'y', coilNeg: 'earth', common: 'x', make: 'z' })],
      sources: [
        battery(12),
        { id: 'gen', kind: 'alternator', pos: 'post', neg: 'earth', setV: 14, droopOhm: 0.1, limitA: 9, sensePos: 's' },
      ],
      loads: [load({ kind: 'resistance', ohm: 5, pos: 'x', neg: 'p' })],
    })
    expect(m.floating).toEqual(['p', 's', 'x', 'z'])
    expect([m.nodesV['x'], m.nodesV['y']]).toEqual([null, 0])
    expect((m.parts['load'] as LoadFigures).liftV).toBeNull()
  })
  it('a network without sources is dead, not wrong', () => {
    const m = now({ sources: [], loads: [load({ kind: 'resistance', ohm: 5 })] })
    expect([m.nodesV['post'], m.state]).toEqual([0, 'solved'])
  })
  it('a battery that stands on 1 Mohm keeps its own volts to the microvolt', () => {
    const m = now({
      sources: [{ ...battery(12), pos: 'a', neg: 'b' }],
      loads: [load({ kind: 'resistance', ohm: 1e6, pos: 'a' }), load({ id: 'other', kind: 'resistance', ohm: 1e6, pos: 'b' })],
    }) // prettier-ignore
    // Both nodes leak through 1 Gohm too, which changes nothing: it is even.
    expect([m.nodesV['a'], m.nodesV['b']].map((v) => Math.round(v! * 1e6) / 1e6)).toEqual([6, -6])
  })
  it('changes do not carry on into the next moment', () => {
    const all = solve({ loads: [load({ kind: 'resistance', ohm: 5 })], moments: [...volts(6), { id: 'after' }] })
    expect(all.moments.map((m) => Math.round(m.nodesV['post']!))).toEqual([6, 12])
  })
})
