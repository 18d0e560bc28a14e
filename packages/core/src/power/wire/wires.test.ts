import { awgM2, WIRE_SIZES, wireSizeOf } from '../../parts/index.ts'
import { ampacityA } from './ampacity.ts'
import { fuseOhm } from './jointsAndFuses.ts'

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
