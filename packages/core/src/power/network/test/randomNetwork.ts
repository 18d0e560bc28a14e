import { seededRandom } from '../../../numeric/seededRandom.ts'
import type {
  AlternatorPart,
  DiodePart,
  LoadPart,
  NetworkCase,
  RelayPart,
  SourcePart,
  WirePart,
} from '../networkCase.ts'

/** A network of wires, sources and loads drawn by a seed: connected, of up to `most` nodes. */
export const randomNetwork = (seed: number, only: 'everything' | 'linear' | 'one-source' = 'everything', most = 9): NetworkCase => {
  const random = seededRandom(seed)
  const between = (low: number, high: number) => low + (high - low) * random()
  const spread = (low: number, high: number) => low * (high / low) ** random()
  const count = 2 + Math.floor(random() * (most - 1))
  const nodes = Array.from({ length: count }, (_, i) => `n${i}`)
  const pick = () => nodes[Math.floor(random() * count)]!
  const two = (): [string, string] => {
    const a = Math.floor(random() * count)
    return [nodes[a]!, nodes[(a + 1 + Math.floor(random() * (count - 1))) % count]!]
  }
  const wire = (id: string, from: string, to: string): WirePart =>
    random() < 0.5
      ? { id, from, to, resistanceOhm: spread(1e-3, 2) }
      : { id, from, to, lengthM: between(0.1, 6), sectionM2: spread(0.35e-6, 50e-6), temperatureK: between(250, 400), contactOhm: between(0, 0.02) }
  const wires = [
    ...nodes.slice(1).map((n, i) => wire(`w${i}`, nodes[Math.floor(random() * (i + 1))]!, n)),
    ...Array.from({ length: Math.floor(random() * 4) }, (_, i) => wire(`x${i}`, ...two())),
  ]
  const some = <T>(most: number, make: (i: number) => T): T[] => Array.from({ length: Math.floor(random() * (most + 1)) }, (_, i) => make(i))
  const battery = (i: number): SourcePart => {
    const [pos, neg] = two()
    return { id: `b${i}`, kind: 'battery', pos, neg, openCircuitV: between(6, 14), resistanceOhm: spread(0.003, 0.3), ...(random() < 0.5 && only === 'everything' ? { chargeOhm: spread(0.01, 0.5) } : {}) }
  }
  const resistance = (i: number): LoadPart => {
    const [pos, neg] = two()
    return { id: `r${i}`, kind: 'resistance', pos, neg, ohm: spread(0.3, 100), duty: between(0.1, 1) }
  }
  if (only !== 'everything')
    return {
      reference: 'n0',
      wires,
      sources: only === 'one-source' ? [battery(0)] : [battery(0), ...some(2, (i) => battery(i + 1))],
      loads: [resistance(0), ...some(3, (i) => resistance(i + 1))],
    }
  const alternator = (i: number): AlternatorPart => {
    const [pos, neg] = two()
    const sensed = random() < 0.3
    return {
      id: `a${i}`, kind: 'alternator', pos, neg, setV: between(13.5, 14.8), droopOhm: spread(0.005, 0.2),
      limitA: random() < 0.5 ? between(5, 60) : [[800, 0], [2000, between(5, 30)], [6000, between(30, 60)]],
      speedRpm: between(500, 7000),
      // Along a wire from the terminal, as on a car: no loop that pushes itself up.
      ...(sensed ? { sensePos: wires.find((w) => w.from === pos)?.to === neg ? pos : (wires.find((w) => w.from === pos)?.to ?? pos) } : {}),
    }
  }
  const sources: SourcePart[] = [battery(0), ...some(1, (i) => battery(i + 1)), ...some(1, alternator)]
  const load = (i: number): LoadPart => {
    const [pos, neg] = two()
    const base = { id: `l${i}`, pos, neg }
    switch (Math.floor(random() * 6)) {
      case 0: return { ...base, kind: 'resistance', ohm: spread(0.5, 100) }
      case 1: return { ...base, kind: 'current', currentA: between(0, 12), leastV: between(0.5, 8) }
      case 2: return { ...base, ...(random() < 0.7 ? { pos: sources[0]!.pos, neg: sources[0]!.neg } : {}), kind: 'power', powerW: spread(1, 2000), leastV: between(3, 9) }
      case 3: return { ...base, kind: 'lamp', ratedV: 12, ratedW: between(2, 60), filament: random() < 0.3 ? 'cold' : 'hot' }
      case 4: return { ...base, kind: 'motor', ratedV: 12, stallA: between(20, 60), runA: between(2, 15), torque: 'quadratic' }
      default: return { ...base, kind: 'motor', ratedV: 12, stallA: between(20, 60), runA: between(2, 15), speed: random() < 0.5 ? 'settled' : between(0, 1.2) }
    }
  }
  const relay = (i: number): RelayPart => {
    const [coilPos, coilNeg] = two()
    const [common, make] = two()
    const other = pick()
    const buzzes = random() < 0.25 && other !== common && other !== make && other !== coilNeg
    return {
      id: `k${i}`, coilPos: buzzes ? other : coilPos, coilNeg, coilOhm: spread(50, 120), pullInV: between(5, 9), dropOutV: between(1, 4), common, make,
      ...(other !== common && other !== make ? { break: other } : {}), contactOhm: spread(2e-3, 0.5), energised: random() < 0.5,
    }
  }
  const diode = (i: number): DiodePart => {
    const [anode, cathode] = two()
    return { id: `d${i}`, anode, cathode, forwardV: between(0.2, 0.8), resistanceOhm: spread(5e-3, 0.2), ...(random() < 0.3 ? { clampV: between(5, 30) } : {}) }
  }
  return {
    reference: 'n0',
    temperatureK: between(260, 360),
    wires,
    contacts: some(1, (i) => { const [from, to] = two(); return { id: `c${i}`, from, to, resistanceOhm: spread(1e-3, 1), closed: random() < 0.7 } }),
    fuses: some(1, (i) => { const [from, to] = two(); return { id: `f${i}`, from, to, ratingA: 20, resistanceOhm: 3.4e-3, blown: random() < 0.2 } }),
    sources,
    loads: some(5, load),
    relays: some(2, relay),
    diodes: some(2, diode),
    moments: [{ id: 'first' }, { id: 'second', changes: [{ id: 'b0', openCircuitV: between(4, 12) }] }],
  }
} // prettier-ignore
