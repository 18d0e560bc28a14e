import { formatClock, formatCut, parseClock } from './index.ts'
import { explainQuantityError, parseQuantity } from './parseQuantity.ts'
import { unitOf, type Family } from './units.ts'

const INCH_M = 0.0254
/** As people say and write it; what it comes to does not hang on the units shown. */
const SAID: readonly (readonly [text: string, family: Family, si: number])[] = [
  ['4 thou', 'bore', 0.004 * INCH_M],
  ['20 thou', 'bore', 0.02 * INCH_M],
  ['0.020"', 'bore', 0.02 * INCH_M],
  ['1/4"', 'bore', 0.25 * INCH_M],
  ['1 3/4 in', 'bore', 1.75 * INCH_M],
  ['4-3/8 in', 'bore', 4.375 * INCH_M],
  ['4 - 3/8 in', 'bore', 4.375 * INCH_M],
  ['2 m', 'bore', 2],
  ['23.5 cwt', 'mass', 23.5 * 112 * 0.45359237],
  ['1.2 t', 'mass', 1200],
  ['half past one', 'clock', 45],
  ['Half past 1', 'clock', 45],
  ["10 o'clock", 'clock', 300],
  ['ten o’clock', 'clock', 300],
  ["12 o'clock", 'clock', 0],
  ['quarter to three', 'clock', 82.5],
  ['1:30', 'clock', 45],
  ['45', 'clock', 45],
  ['E5', 'share', 0.05],
  ['e10', 'share', 0.1],
  ['E85', 'share', 0.85],
  ['none', 'share', 0],
  ['none', 'pressure', 0],
  ['None', 'bore', 0],
  ['nil', 'count', 0],
  ['18 in Hg', 'vacuum', 18 * 3386.388640341],
  ['460 mmHg', 'vacuum', 460 * 133.322387415],
  ['150 psi', 'compression', 150 * 6894.757293168361],
  ['10.5 bar', 'compression', 1.05e6],
]
const PRESETS = {
  metric: {},
  british: { bore: 'in', mass: 'lb', pressure: 'psi', vacuum: 'inHg', compression: 'psi' },
  american: { bore: 'in', mass: 'lb', pressure: 'psi', vacuum: 'inHg', compression: 'psi' },
} as const satisfies Record<string, Partial<Record<Family, string>>>

describe.each(Object.entries(PRESETS))('%s units', (_name, units: Partial<Record<Family, string>>) => {
  it.each(SAID)('"%s" as %s', (text, family, si) => {
    const parsed = parseQuantity(text, family, unitOf(family, units[family]))
    if (!parsed.ok) throw new Error(explainQuantityError(parsed.error))
    expect(parsed.value.si).toBeCloseTo(si, 6)
  })
  it.each<[string, Family]>([
    ['none', 'temperature'],
    ['none', 'clock'],
    ['E120', 'share'],
    ['half past thirteen', 'clock'],
    ['1:75', 'clock'],
    ['E10', 'pressure'],
    ['half past one', 'bore'],
  ])('"%s" as %s is no figure', (text, family) =>
    expect(parseQuantity(text, family, unitOf(family, units[family])).ok).toBe(false),
  )
})

describe('a figure without a unit', () => {
  it.each<[string, Family, string | undefined, string | undefined]>([
    ['1/4', 'bore', undefined, '1/4'],
    ['1 3/4', 'bore', 'in', '1 3/4'],
    ['38', 'bore', undefined, '38'],
    ['38 mm', 'bore', 'in', undefined],
  ])('"%s" as %s says as what it was written', (text, family, shown, bare) => {
    const parsed = parseQuantity(text, family, unitOf(family, shown))
    expect(parsed.ok && parsed.value.bare).toBe(bare)
  })
})

describe('clock positions', () => {
  it.each([
    [0, '12 o’clock (0°)'],
    [45, 'half past one (45°)'],
    [90, '3 o’clock (90°)'],
    [20, 'about half past twelve (20°)'],
    [359.8, '12 o’clock (0°)'],
    [-90, '9 o’clock (270°)'],
  ])('%d° is %s', (deg, words) => expect(formatClock(deg)).toBe(words))
  it('whatever is said at the half hour is read back', () => {
    for (let deg = 0; deg < 360; deg += 15) {
      const said = formatClock(deg).replace(/ \(.*/, '')
      expect(parseClock(said)).toBe(deg)
    }
  })
})

describe('a length to cut', () => {
  const shown = (id: string) => unitOf('bore', id)
  it.each([
    [0.66512, 'mm', '665 mm'],
    [0.0004, 'mm', '0 mm'],
    [23.3125 * INCH_M, 'in', '23 5/16 in'],
    [23.5 * INCH_M, 'in', '23 1/2 in'],
    [0.26 * INCH_M, 'in', '1/4 in'],
    [24 * INCH_M, 'in', '24 in'],
  ])('%d m in %s', (m, id, words) => expect(formatCut(m, shown(id)).replaceAll('\u2009', ' ')).toBe(words))
  it('is never off by more than half of what a rule shows', () => {
    for (let i = 1; i < 400; i++) {
      const m = i * 0.00137
      expect(Math.abs(Number.parseFloat(formatCut(m, shown('mm'))) / 1000 - m)).toBeLessThanOrEqual(0.0005 + 1e-12)
    }
  })
})
