import { awgM2, WIRE_SIZES, wireSizeOf } from '../../parts/index.ts'
import fc from 'fast-check'
import { ampacityA, bundleFactor, shortLimitA2S } from './ampacity.ts'
import { earliestBlowS, fusesFor, fuseWarmth, inrushA2S, inrushWear, latestBlowS, leastFuseA } from './fuseTimes.ts'
import { leastWire, shortAtEnd, sizeLacks, WIRE_KINDS, wireOhm, type WireDemand } from './leastWire.ts'
import { FUSE_RATINGS_A, fuseOhm } from './jointsAndFuses.ts'

describe('wire sizes', () => {
  it.each([
    // ASTM B258: d = 0.127 mm x 92^((36 - n)/39).
    { size: 'AWG 22', n: 22, mm2: 0.326 },
    { size: 'AWG 10', n: 10, mm2: 5.261 },
    { size: 'AWG 0', n: 0, mm2: 53.475 },
    { size: 'AWG 2/0', n: -1, mm2: 67.43 },
  ])('$size is $mm2 mm²', ({ n, mm2 }) => expect(awgM2(n) * 1e6).toBeCloseTo(mm2, 2))
  it('every size of a standard is thicker and less resistive than the one before', () => {
    for (const kind of ['mm2-', 'awg-', 'sae-']) {
      const own = WIRE_SIZES.filter((s) => s.id.startsWith(kind)).sort((a, b) => a.sectionM2 - b.sectionM2)
      own.slice(1).forEach((s, i) => expect([s.id, s.ohmPerM < own[i]!.ohmPerM]).toEqual([s.id, true]))
    }
  })
  it('is planned by the standards’ maximum: 5 to 12 % above resistivity over area', () => {
    for (const s of WIRE_SIZES.filter((x) => x.id.startsWith('mm2-'))) {
      const over = s.ohmPerM / (1.7241e-8 / s.sectionM2)
      expect([s.id, over > 1.05 && over < 1.12]).toEqual([s.id, true])
    }
  })
  it('SAE gauge is no AWG, and says so', () => {
    expect(wireSizeOf('sae-16').sectionM2).toBeLessThan(wireSizeOf('awg-16').sectionM2)
    expect(wireSizeOf('sae-16').words).toBe('SAE 16 (1 mm²)')
  })
})

describe('what a wire bears', () => {
  it.each([
    // Table of thin-wall cross-linked wire, 125 °C, at 85 °C ambient; nine tenths of it.
    { mm2: 1, ambientK: 358.15, amps: 0.9 * 16.4 },
    { mm2: 2.5, ambientK: 358.15, amps: 0.9 * 29 },
    { mm2: 16, ambientK: 358.15, amps: 0.9 * 101 },
    // x sqrt((125 - 60)/(125 - 85)): the table at 60 °C says 37.0 and 128.
    { mm2: 2.5, ambientK: 333.15, amps: 0.9 * 37 },
    { mm2: 16, ambientK: 333.15, amps: 0.9 * 128 },
  ])('$mm2 mm² at $ambientK K: $amps A', ({ mm2, ambientK, amps }) => {
    expect(Math.abs(ampacityA(mm2 * 1e-6, ambientK) / amps - 1)).toBeLessThan(0.02)
  })
  it('more section bears more, heat takes it away, and nothing is left at the class of the insulation', () => {
    for (let a = 0.4; a < 60; a += 0.7)
      expect(ampacityA((a + 0.7) * 1e-6, 340)).toBeGreaterThan(ampacityA(a * 1e-6, 340))
    expect(ampacityA(1e-6, 360)).toBeLessThan(ampacityA(1e-6, 350))
    expect(ampacityA(1e-6, 400)).toBe(0)
  })
  it('fuses: 20 A has 3.4 mohm', () => expect(fuseOhm(20)).toBeCloseTo(3.4e-3, 9))
})

describe('bundle and insulation', () => {
  it.each([
    [1, 1],
    [3, 0.7],
    [6, 0.57],
    [10, 0.5 - 0.05 / 3],
    [20, 0.38],
  ])('%d loaded wires: %d of its current', (n, share) => expect(bundleFactor(n)).toBeCloseTo(share, 9))
  it.each([
    // The computed table, 85 °C class: 22.6 A at 60 °C, 35.6 A at 25 °C for 2.5 mm²; nine tenths of it, within 4 %.
    { mm2: 2.5, ambientK: 333.15, amps: 0.9 * 22.6 },
    { mm2: 2.5, ambientK: 298.15, amps: 0.9 * 35.6 },
    { mm2: 10, ambientK: 333.15, amps: 0.9 * 58.1 },
  ])('PVC, $mm2 mm² at $ambientK K: $amps A', ({ mm2, ambientK, amps }) =>
    expect(Math.abs(ampacityA(mm2 * 1e-6, ambientK, { insulation: 'pvc' }) / amps - 1)).toBeLessThan(0.04),
  )
  it('a short: 2.5 mm² of PVC bears (104 x 2.5)² A²s', () =>
    expect(shortLimitA2S(2.5e-6, 'pvc')).toBeCloseTo(67_600, 6))
})

describe('fuses in time', () => {
  it.each([
    // ISO 8820, from memory: its own lines.
    [1.35, 0.75, 600],
    [1.6, 0.25, 50],
    [2, 0.15, 5],
    [3.5, 0.04, 0.5],
    [6, 0.02, 0.1],
    // Twice as much again: a quarter of the time.
    [12, 0.005, 0.025],
  ])('at %d times: %d to %d s', (share, earliest, latest) => {
    expect(earliestBlowS(share)).toBeCloseTo(earliest, 9)
    expect(latestBlowS(share)).toBeCloseTo(latest, 9)
  })
  it('carries 110 % for good, and need not open below 135 %', () =>
    expect([earliestBlowS(1.1), latestBlowS(1.34)]).toEqual([Infinity, Infinity]))
  it('more current never takes longer, and the latest time is after the earliest', () => {
    for (let share = 1.36; share < 20; share += 0.07) {
      expect(latestBlowS(share + 0.07)).toBeLessThan(latestBlowS(share))
      expect(earliestBlowS(share)).toBeLessThan(latestBlowS(share))
    }
  })
  it('80 A that decays to 22 A with 0.15 s is 724 A²s over 0.3 s', () =>
    expect(inrushA2S({ peakA: 80, settlesAtA: 22, tauS: 0.15 }, 0.3)).toBeCloseTo(723.9, 1))
  it('the same by small steps', () => {
    const inrush = { peakA: 47, settlesAtA: 11, tauS: 0.08 }
    const n = 20_000
    let sum = 0
    for (let i = 0; i < n; i++) {
      const t = ((i + 0.5) * 0.5) / n
      sum += (0.5 / n) * (11 + 36 * Math.exp(-t / 0.08)) ** 2
    }
    expect(inrushA2S(inrush, 0.5)).toBeCloseTo(sum, 3)
  })
  it('a steady current at the earliest time wears a fuse out once; half the fuse wears more', () => {
    // Six time constants of a constant current at 160 %: 0.25 s wears it by 1.
    expect(inrushWear({ peakA: 16, settlesAtA: 16, tauS: 0.25 / 6 }, 10)).toBeCloseTo(1, 9)
    expect(inrushWear({ peakA: 40, settlesAtA: 10, tauS: 0.15 }, 15)).toBeGreaterThan(
      inrushWear({ peakA: 40, settlesAtA: 10, tauS: 0.15 }, 30),
    )
  })
  it.each([
    // 12 A at 25 °C: 12/0.75 = 16; at 75 °C 6 % less is left of the fuse.
    { amps: 12, ambientK: 298.15, least: 16 },
    { amps: 12, ambientK: 348.15, least: 16 / 0.94 },
  ])('$amps A at $ambientK K want $least A', ({ amps, ambientK, least }) =>
    expect(leastFuseA(amps, ambientK)).toBeCloseTo(least, 9),
  )
  it('between load and wire there are standard ratings, or none', () => {
    expect(fusesFor(6, 318.15, 29)).toEqual([10, 15, 20, 25])
    expect(fusesFor(12, 318.15, 16)).toEqual([])
    expect(fuseWarmth(318.15)).toBeCloseTo(0.976, 9)
  })
})

const demand: WireDemand = {
  currentA: 8,
  lengthM: 9,
  limitV: 0.6,
  jointOhm: 0.004,
  ambientK: 318.15,
  insulation: 'xlpe',
  loadedWires: 2,
  fuseA: 15,
  short: { volts: 12.5, otherOhm: 0.02 },
}
const arbDemand: fc.Arbitrary<WireDemand> = fc.record({
  currentA: fc.double({ min: 0.1, max: 60, noNaN: true }),
  lengthM: fc.double({ min: 0.1, max: 15, noNaN: true }),
  limitV: fc.double({ min: 0.1, max: 1, noNaN: true }),
  jointOhm: fc.double({ min: 0, max: 0.01, noNaN: true }),
  ambientK: fc.double({ min: 290, max: 350, noNaN: true }),
  insulation: fc.constantFrom('xlpe' as const, 'pvc' as const),
  loadedWires: fc.integer({ min: 1, max: 20 }),
  fuseA: fc.option(fc.constantFrom(...FUSE_RATINGS_A), { nil: null }),
  short: fc.record({ volts: fc.double({ min: 11, max: 14, noNaN: true }), otherOhm: fc.double({ min: 0.005, max: 0.2, noNaN: true }) }), // prettier-ignore
})
const RUNS = { seed: 19, numRuns: 400 }

describe('the least wire', () => {
  it('8 A, 9 m out and back, 0.6 V: by hand', () => {
    // 2.5 mm²: 9 x 7.6 mohm x 1.09825 + 4 mohm = 79.1 mohm x 8 A = 0.633 V: too much. 3 mm² (6.15): 0.519 V.
    expect(wireOhm({ ohmPerM: 7.6e-3 }, 9, 318.15) * 8 + 0.032).toBeCloseTo(0.633, 3)
    const least = leastWire(demand, 'mm2')!
    expect([least.size.words, least.governs]).toEqual(['3 mm²', ['drop']])
    expect(leastWire(demand, 'awg')!.size.words).toBe('AWG 12')
    expect(leastWire(demand, 'sae')!.size.words).toBe('SAE 12 (3 mm²)')
  })
  it('a short wire is governed by its fuse', () =>
    expect(leastWire({ ...demand, lengthM: 0.5, currentA: 2, fuseA: 30 }, 'mm2')).toMatchObject({
      size: { words: '3 mm²' },
      governs: ['fuse'],
    }))
  it('a longer wire, more current, a hotter place, a fuller bundle never ask for a thinner size', () =>
    fc.assert(
      fc.property(arbDemand, fc.double({ min: 1, max: 2, noNaN: true }), (d, more) => {
        const harder: readonly WireDemand[] = [
          { ...d, lengthM: d.lengthM * more },
          { ...d, currentA: d.currentA * more },
          { ...d, ambientK: d.ambientK + 6 * (more - 1) },
          { ...d, loadedWires: Math.min(20, d.loadedWires + 3) },
        ]
        for (const kind of WIRE_KINDS) {
          const least = leastWire(d, kind)
          for (const h of harder) {
            const other = leastWire(h, kind)
            if (!least) expect(other).toBeNull()
            else if (other) expect(other.size.sectionM2).toBeGreaterThanOrEqual(least.size.sectionM2)
          }
        }
      }),
      RUNS,
    ))
  it('what is proposed bears its fuse and its load, keeps to the drop, and blows the fuse within its own limit', () =>
    fc.assert(
      fc.property(arbDemand, fc.constantFrom(...WIRE_KINDS), (d, kind) => {
        const least = leastWire(d, kind)
        if (!least) return
        const { size } = least
        const ohm = wireOhm(size, d.lengthM, d.ambientK)
        const bears = ampacityA(size.sectionM2, d.ambientK, d)
        expect(bears).toBeGreaterThanOrEqual(Math.max(d.currentA, d.fuseA ?? 0))
        expect(d.currentA * (ohm + d.jointOhm)).toBeLessThanOrEqual(d.limitV + 1e-12)
        if (d.fuseA === null) return
        const shortA = d.short.volts / (d.short.otherOhm + ohm)
        const opens = latestBlowS(shortA / d.fuseA)
        // The energy that the fuse lets through, worked out apart, against that of the wire.
        expect(shortA ** 2 * opens).toBeLessThanOrEqual(shortLimitA2S(size.sectionM2, d.insulation))
      }),
      RUNS,
    ))
  it('every thinner size of that kind lacks something', () =>
    fc.assert(
      fc.property(arbDemand, (d) => {
        const least = leastWire(d, 'mm2')
        for (const s of WIRE_SIZES.filter((x) => x.id.startsWith('mm2-')))
          if (!least || s.sectionM2 < least.size.sectionM2) expect(sizeLacks(s, d)).not.toEqual([])
      }),
      RUNS,
    ))
  it('trade practice is a floor, and said to be what governs', () =>
    expect(leastWire({ ...demand, leastM2: 16e-6 }, 'mm2')).toMatchObject({
      size: { words: '16 mm²' },
      governs: ['practice'],
    }))
  it('a current too small to open the fuse is said so', () =>
    expect(shortAtEnd(18, 15, 1e-6, 'xlpe')).toMatchObject({ opensWithinS: Infinity, clears: false }))
})
