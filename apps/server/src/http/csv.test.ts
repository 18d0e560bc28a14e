import Papa from 'papaparse'
import { FORMULA } from './csv.ts'

const cell = (text: string): string =>
  Papa.parse<string[]>(Papa.unparse([[text]], { escapeFormulae: FORMULA, newline: '\r\n' }), { header: false })
    .data[0]![0]!

describe('a cell that a spreadsheet would take for a formula', () => {
  it.each(['=1+1', '+1', '-1', '@sum', '\t=1', '\r=1', '\n=1', '=1\n2', '=cmd|x\r\n!A1', '-1\n', '＝1', '|x', '%0a'])(
    'gets an apostrophe before it, whatever follows: %j',
    (text) => expect(cell(text).startsWith("'")).toBe(true),
  )
  it.each(['plain', 'a=1', '12.4 V', '(5)', 'ünlike'])('stays as it is otherwise: %j', (text) =>
    expect(cell(text)).toBe(text),
  )
})
