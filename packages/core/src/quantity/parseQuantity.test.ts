import fc from 'fast-check'
import { formatForEntry, formatNumber, formatQuantity } from './formatQuantity.ts'
import { explainQuantityError, parseQuantity } from './parseQuantity.ts'
import { fromSi, toSi, UNITS, unitOf, type Family } from './units.ts'

const si = (text: string, family: Family, shown?: string): number => {
  const parsed = parseQuantity(text, family, unitOf(family, shown))
  if (!parsed.ok) throw new Error(explainQuantityError(parsed.error))
  return parsed.value.si
}

describe('reading a quantity', () => {
  it.each<[string, Family, number]>([
    ['58 psi', 'pressure', 399_895.92],
    ['4 bar', 'pressure', 400_000],
    ['400kPa', 'pressure', 400_000],
    ['1/2 in hg', 'pressure', 1693.19],
    ['300', 'pressure', 300_000],
    ['5/16 in', 'bore', 0.0079375],
    ['1 5/16 in', 'bore', 0.0333375],
    ['-6', 'bore', 0.008],
    ['dash 8', 'bore', 0.0102],
    ['3 ft 4', 'distance', 1.016],
    ['3\' 4"', 'distance', 1.016],
    ['13 ft 6 in', 'distance', 4.1148],
    ['-6', 'distance', -6],
    ['−0,45', 'distance', -0.45],
    ['+2.5', 'distance', 2.5],
    ['-1 ft 6', 'distance', -0.4572],
    ['12.4 US gal/h', 'volumeFlow', 1.303864e-5],
    ['100 cc/min', 'volumeFlow', 1.666667e-6],
    ['0,5', 'voltage', 0.5],
    ['12.1', 'voltage', 12.1],
    ['.5 V', 'voltage', 0.5],
    ['68 F', 'temperature', 293.15],
    ['20', 'temperature', 293.15],
    ['100 hp', 'power', 74_569.99],
    ['100 PS', 'power', 73_549.88],
    ['183 cu in', 'displacement', 0.002998833],
    ['10 %', 'share', 0.1],
    ['2510 lb', 'mass', 1138.5168],
    ['12 imp gal', 'volume', 0.05455308],
    ['15 US gal', 'volume', 0.05678118],
    ['8.9 : 1', 'ratio', 8.9],
    ['5°', 'angle', 5],
    ['55 Ah', 'charge', 198_000],
    ['3 months', 'age', 7_889_400],
    ['1,5 years', 'age', 47_336_400],
    ['90 min', 'work', 5400],
    ['480 A', 'current', 480],
    ['15 lb/min', 'massFlow', 0.1133981],
    ['18 1/2 in hg', 'pressure', 62_648.19],
    ['340 mV', 'voltage', 0.34],
  ])('%s as %s is %d', (text, family, expected) => expect(si(text, family) / expected).toBeCloseTo(1, 5))

  it('of a place that may lie to either side a minus is a minus, not a dash size', () => {
    const of = (text: string) => parseQuantity(text, 'bore', unitOf('bore', 'mm'), { mayBeNegative: true })
    expect(of('-10')).toMatchObject({ ok: true, value: { si: -0.01 } })
    expect(of('-170 mm')).toMatchObject({ ok: true, value: { si: expect.closeTo(-0.17, 12) } })
    expect(parseQuantity('-10', 'bore', unitOf('bore', 'mm'))).toMatchObject({ ok: true, value: { remark: expect.stringContaining('dash 10') } }) // prettier-ignore
  })
  it('takes the shown unit for a bare number', () => expect(si('58', 'pressure', 'psi')).toBeCloseTo(399_895.92, 1))

  it.each<[string, Family, string]>([
    ['', 'pressure', 'Nothing entered'],
    ['about 3', 'pressure', 'is not a figure'],
    ['3 furlongs', 'distance', 'unit "furlongs" is not one that fits here'],
    ['12 gal/h', 'volumeFlow', '12 US gal/h or 12 imp gal/h: which?'],
    ['1,500', 'engineSpeed', '1.500 or 1500: which?'],
    ['12 gal', 'volume', '12 US gal or 12 imp gal: which?'],
    ['12 gallons', 'volume', '12 US gal or 12 imp gal: which?'],
    ['3 stone', 'mass', 'unit "stone" is not one that fits here'],
    ['-7', 'bore', 'Dash 7 has no bore on file'],
    ['3 ft 4 bar', 'distance', 'is not a figure'],
    ['1/0 in', 'bore', 'is not a figure'],
  ])('refuses "%s" as %s: %s', (text, family, reason) => {
    const parsed = parseQuantity(text, family, unitOf(family, undefined))
    expect(parsed.ok ? parsed.value : explainQuantityError(parsed.error)).toContain(reason)
  })

  it('shows every unit back as it was entered', () => {
    const arbUnit = fc.constantFrom(
      ...(Object.keys(UNITS) as Family[]).flatMap((f) => UNITS[f].map((u) => [f, u] as const)),
    )
    fc.assert(
      fc.property(arbUnit, fc.double({ min: 0.5, max: 900, noNaN: true }), ([family, unit], value) => {
        expect(fromSi(toSi(value, unit), unit)).toBeCloseTo(value, 6)
        const entry = formatForEntry(toSi(value, unit), unit)
        const parsed = parseQuantity(`${entry} ${unit.label}`, family, unit)
        expect(parsed.ok && fromSi(parsed.value.si, unit)).toBeCloseTo(Number(entry), 6)
      }),
      { seed: 21, numRuns: 400 },
    )
  })
})

describe('writing a quantity', () => {
  it.each([
    [formatQuantity(399_895.92, unitOf('pressure', 'psi')), '58.0\u2009psi'],
    [formatQuantity(-1500, unitOf('pressure', 'kPa')), '\u22121.5\u2009kPa'],
    [formatQuantity(-4, unitOf('pressure', 'kPa')), '0.0\u2009kPa'],
    [formatQuantity(6, unitOf('count', undefined)), '6'],
    [formatNumber(5.405e-5), '5.405·10⁻⁵'],
    [formatNumber(0.025599), '0.025599'],
    [formatNumber(-120_000), '\u22121.2·10⁵'],
    [formatNumber(0), '0'],
  ])('%s', (written, expected) => expect(written).toBe(expected))
})
