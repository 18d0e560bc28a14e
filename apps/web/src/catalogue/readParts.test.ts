import { partHeaders } from '@lochmoor/contract'
import { readParts } from './readParts.ts'
import { CURVE_FLOWS, CURVE_PRESSURES, pastedCurve } from './pastedCurve.ts'
import { wordsOf } from './wordsOf.ts'
import { PART_SCHEMAS } from '@lochmoor/contract'

const head = partHeaders('hoses').join(',')
const row = (id: string, name: string, bore = '8') => `${id},${name},2,rubber,${bore},20,1000,15,5,15,75,5,no,`
const read = (...rows: string[]) => readParts('hoses', [head, ...rows].join('\n'), [])

describe('a list of parts as CSV', () => {
  it('rows without an id of ours become new parts, also those copied from the stock', () => {
    const file = read(row('', 'From the reel'), row('wath-lined-6', 'From the reel'))
    if (!file.ok) throw new Error(file.says)
    expect(file.rows.map((r) => [r.line, r.part?.id, r.replaces])).toEqual([
      [2, 'own-from-the-reel', false],
      [3, 'own-from-the-reel-2', false],
    ])
  })
  it('one whose id is known replaces ours', () => {
    const known = [{ id: 'own-reel', name: 'Reel', priceClass: 2 }]
    const file = readParts('hoses', [head, row('own-reel', 'Reel')].join('\r\n'), known)
    expect(file.ok && file.rows[0]).toMatchObject({ replaces: true, part: { id: 'own-reel', boreM: 0.008 } })
  })
  it('a second one of a name is said: of one that is known, and of one in the same file', () => {
    const known = [{ id: 'own-reel', name: 'Reel', priceClass: 2 }]
    const file = readParts('hoses', [head, row('', 'reel'), row('', 'Drum'), row('', 'Drum'), row('own-reel', 'Reel')].join('\n'), known) // prettier-ignore
    expect(file.ok && file.rows.map((r) => r.twin)).toEqual([true, false, true, false])
  })
  it('names each bad cell of each row, and keeps the good ones', () => {
    const file = read(row('', 'Good'), row('', 'Wide', '900'), row('', '', 'x'))
    if (!file.ok) throw new Error(file.says)
    expect(file.rows.map((r) => r.part !== null)).toEqual([true, false, false])
    expect(file.rows[1]!.problems).toEqual([{ header: 'bore mm', value: '900', allowed: 'a number, 0.5 to 100 mm' }])
    expect(file.rows[2]!.problems.map((p) => p.header)).toEqual(['name', 'bore mm'])
  })
  it('an id that stands twice comes in once', () => {
    const file = read(row('own-a', 'A'), row('own-a', 'A again'))
    expect(file.ok && file.rows.map((r) => r.part !== null)).toEqual([true, false])
  })
  it.each([
    ['headings of something else', 'colour,smell\nred,none', /The first row must name the columns/],
    ['no row at all', head, /no row under the headings/],
    ['too many rows', [head, ...Array.from({ length: 501 }, (_, i) => row('', `n${i}`))].join('\n'), /at most 500/],
  ])('refuses %s', (_n, text, says) => {
    const file = readParts('hoses', text, [])
    expect(file.ok ? '' : file.says).toMatch(says)
  })
  it('reads what a spreadsheet writes: a mark ahead, semicolons, a decimal comma, columns nobody asks for', () => {
    const text = `\uFEFF${head.replaceAll(',', ';')};colour\n${row('', 'Reel', '7,9').replaceAll(/,(?!9)/g, ';')};red`
    const file = readParts('hoses', text, [])
    if (!file.ok) throw new Error(file.says)
    expect(file.rows[0]).toMatchObject({ part: { boreM: 0.0079 } })
    expect(file.unread).toEqual(['colour'])
  })
  it('a pump whose flow rises is refused by its table', () => {
    const pump = `${partHeaders('pumps').join(',')}\n,P,2,in-line,,,13.5,0:100:4 300:110:6,,,3,,`
    const file = readParts('pumps', pump, [])
    expect(file.ok && file.rows[0]!.problems[0]).toMatchObject({ header: 'first table kPa:L/h:A' })
  })
})

describe('a curve from a spreadsheet', () => {
  it.each([
    ['tabs and headings', 'kPa\tL/h\tA\n0\t160\t4\n300\t110\t6', 'kPa', 'L/h', '0:160:4 300:110:6'],
    ['semicolons with decimal commas', '0;2,6;4\n3;1,9;6', 'bar', 'L/min', '0:156:4 300:114:6'],
    ['commas, psi and gallons', '0,40,4\n43.5,30,6', 'psi', 'gal/h (US)', '0:151.416:4 299.922:113.562:6'],
  ] as const)('%s', (_n, text, pressure, flow, cell) =>
    expect(pastedCurve(text, pressure, flow)).toEqual({ ok: true, cell, points: 2 }),
  )
  it.each([
    ['one row', '0 160 4', /At least two rows/],
    ['a word among figures', '0,160,4\n300,much,6', /Row 2 is “300 much 6”/],
    ['two columns', '0,160\n300,110', /Row 1 is “0 160”/],
    ['nothing', '', /At least two rows/],
  ])('refuses %s', (_n, text, says) => {
    const read = pastedCurve(text, 'kPa', 'L/h')
    expect(read.ok ? '' : read.says).toMatch(says)
  })
  it('a bar is 100 kPa, a US gallon 3.785 litres', () => {
    expect(CURVE_PRESSURES.bar).toBe(100)
    expect(CURVE_FLOWS['gal/h (US)']).toBeCloseTo(3.785412, 6)
    expect(CURVE_PRESSURES.psi).toBeCloseTo(6.894757, 6)
  })
})

describe('words of a field', () => {
  it('are those of its schema; a figure has none', () => {
    expect(wordsOf(PART_SCHEMAS.pumps, 'mount')).toEqual(['in-tank', 'in-line', 'module'])
    // Words that a sheet may leave open.
    expect(wordsOf(PART_SCHEMAS.pumps, 'works')).toEqual(['turbine', 'positive-displacement'])
    expect(wordsOf(PART_SCHEMAS.fittings, 'fits')).toEqual(['rubber', 'lined-hose', 'hard-tube'])
    expect(wordsOf(PART_SCHEMAS.hoses, 'boreM')).toBeNull()
    expect(wordsOf(PART_SCHEMAS.hoses, 'no.such.field')).toBeNull()
  })
})
