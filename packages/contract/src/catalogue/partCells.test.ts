import fc from 'fast-check'
import { PART_KINDS, PART_SCHEMAS, type PartKind } from '../job/parts.ts'
import { isOwnPart, ownPartIdFor, ownPartSchema } from './ownParts.ts'
import { partFromCells, partHeaders, partToCells } from './partCells.ts'
import { PART_COLUMNS } from './partColumns.ts'

const ROWS: Record<PartKind, string> = {
  pumps: 'own-p|Own pump|2|in-line|positive-displacement|750|13.5|0:160:4 300:110:6|12|0:140:4 300:85:6|3||',
  injectors: 'own-i|Own injector|1|port|240|300|0.9|12:1.1 14:0.8||600',
  hoses: 'own-h|Own hose|2|rubber|8|20|1000|15|5|15|75|5|no|',
  fittings: 'own-f|Own end|1|crimped|6|90|9/16-18 UNF|rubber lined-hose|0.5|25|1800',
  filters: 'own-l|Own filter|2|fine|10|7|200|0.85|3|18|in-line|yes|1200',
  regulators: 'own-r|Own regulator|2|return|200|500|30|200|4|yes|rail|1100',
  controllers:
    'own-c|Own controller|3|4|4|5|yes|no|2|6|2|no|no|6.5|5|A1 injector-1; A2 lamp|2|yes|A 24; B 12|program 3|1 return; 2 single-line|1 10; 2 85',
  sensors: 'own-s|Own sensor|3|wideband|yes|850|930|500|250|68|22|0.95|25|M18 x 1.5|45|80|yes',
  bungs: 'own-b|Own clamp|2|clamp-on|M18 x 1.5|22|60|48|54|25.5|34|1.5|22|6|2|stainless',
}
const cellsOf = (kind: PartKind, row: string) => {
  const cells = row.split('|')
  return Object.fromEntries(partHeaders(kind).map((h, i) => [h, cells[i] ?? '']))
}

describe('parts as rows of cells', () => {
  it.each(PART_KINDS)('%s: every field of the schema has a column, and no heading stands twice', (kind) => {
    const headers = partHeaders(kind)
    expect(new Set(headers).size).toBe(headers.length)
    const roots = new Set(PART_COLUMNS[kind].map((c) => c.path.split('.')[0]))
    expect([...roots].sort()).toEqual(Object.keys(PART_SCHEMAS[kind].shape).sort())
  })

  it.each(PART_KINDS)('%s: read and written again is the same', (kind) => {
    const read = partFromCells(kind, cellsOf(kind, ROWS[kind]))
    if (!read.ok) throw new Error(JSON.stringify(read.problems))
    expect(partToCells(kind, read.part).join('|')).toBe(ROWS[kind])
  })

  it('units become SI by hand: 8 mm, 1000 kPa, 15 %', () => {
    const read = partFromCells('hoses', cellsOf('hoses', ROWS.hoses))
    expect(read).toMatchObject({
      ok: true,
      part: {
        boreM: 0.008,
        mostPressurePa: 1e6,
        mostEthanolShare: 0.15,
        roughnessM: 2e-5,
        immersible: false,
        conductive: null,
      },
    })
  })

  it('a temperature is written in °C and stored in K', () => {
    const read = partFromCells('sensors', cellsOf('sensors', ROWS.sensors))
    expect(read).toMatchObject({ ok: true, part: { mostGasK: 1123.15, mostHexagonK: 773.15, leadedS: 288_000 } })
  })

  it('a decimal comma is a decimal point', () =>
    expect(partFromCells('hoses', { ...cellsOf('hoses', ROWS.hoses), 'bore mm': '7,9' })).toMatchObject({
      part: { boreM: 0.0079 },
    }))

  it.each([
    ['hoses', 'bore mm', 'wide', 'a number, 0.5 to 100 mm'],
    ['hoses', 'bore mm', '800', 'a number, 0.5 to 100 mm'],
    ['hoses', 'dash', '5.5', 'a whole number, 2 to 32'],
    ['hoses', 'ethanol %', '150', 'a number, 0 to 100 %'],
    ['hoses', 'kind', 'garden', '"rubber", "lined-hose", "hard-tube"'],
    ['hoses', 'may lie in fuel', 'maybe', 'yes or no'],
    ['hoses', 'name', '', '1 to 120 characters'],
    ['pumps', 'first table kPa:L/h:A', '0-160', 'pressure:flow:current of each point in kPa, L/h and A'],
    ['pumps', 'first table kPa:L/h:A', '0:160:400 300:110:6', 'currentA in SI: a number, 0 to 200 A'],
    ['pumps', 'first table at V', '130', 'a number, 5 to 18 V'],
    ['injectors', 'dead times V:ms', '12:1 12:2', 'voltage:dead time of each point'],
    ['regulators', 'to kPa', '100', 'at least leastPa, where the range begins'],
    ['fittings', 'fits', 'rope', 'rubber'],
    ['sensors', 'gas °C', '90', 'a number, 126.85 to 1326.85 °C'],
    ['sensors', 'gas for minutes °C', '700', 'at least mostGasK'],
    ['bungs', 'pipe to mm', '40', 'at least leastPipeM'],
  ] as const)('%s: names the cell "%s" with "%s" and what is allowed', (kind, header, value, allowed) => {
    const read = partFromCells(kind, { ...cellsOf(kind, ROWS[kind]), [header]: value })
    if (read.ok) throw new Error('was taken')
    expect(read.problems).toEqual([{ header, value, allowed: expect.stringContaining(allowed) }])
  })

  it('names every bad cell of a row, and takes any text without a fault', () => {
    const read = partFromCells('hoses', { ...cellsOf('hoses', ROWS.hoses), 'bore mm': 'x', 'stands kPa': '-1' })
    expect(read.ok ? [] : read.problems.map((p) => p.header)).toEqual(['bore mm', 'stands kPa'])
    fc.assert(
      fc.property(fc.constantFrom(...PART_KINDS), fc.array(fc.string(), { maxLength: 14 }), (kind, cells) => {
        const headers = partHeaders(kind)
        const row = Object.fromEntries(headers.map((h, i) => [h, cells[i] ?? '']))
        const made = partFromCells(kind, row)
        if (!made.ok) for (const p of made.problems) expect(headers).toContain(p.header)
      }),
      { seed: 31, numRuns: 400 },
    )
  })
})

describe('own parts', () => {
  it('have an id of their own, made from the name, never one that is taken', () => {
    const taken = new Set(['own-l65-rebuilt'])
    expect(ownPartIdFor('L65, rebuilt', taken)).toBe('own-l65-rebuilt-2')
    expect(ownPartIdFor('⛽', new Set())).toBe('own-part')
    fc.assert(
      fc.property(fc.string(), (name) => {
        const id = ownPartIdFor(name, new Set())
        expect(isOwnPart({ id })).toBe(true)
        expect(id).toMatch(/^own-[a-z0-9-]{1,60}$/)
      }),
      { seed: 32 },
    )
  })
  it('never carry the id of one that ships with Lochmoor', () => {
    const read = partFromCells('hoses', { ...cellsOf('hoses', ROWS.hoses), id: 'wath-lined-6' })
    expect(read.ok && ownPartSchema('hoses').safeParse(read.part).success).toBe(false)
  })
})
