import Papa from 'papaparse'

/** Units a table may be pasted in: what one of them is in kPa, and in L/h. */
export const CURVE_PRESSURES = { kPa: 1, bar: 100, psi: 6.894757 } as const
export const CURVE_FLOWS = { 'L/h': 1, 'L/min': 60, 'gal/h (US)': 3.785412 } as const
export type CurvePressure = keyof typeof CURVE_PRESSURES
export type CurveFlow = keyof typeof CURVE_FLOWS

export type PastedCurve =
  { readonly ok: true; readonly cell: string; readonly points: number } | { readonly ok: false; readonly says: string }

const number = (text: string): number | null => {
  const plain = text.trim().replace(/^(-?\d+),(\d+)$/, '$1.$2')
  return /^-?\d+(\.\d+)?$/.test(plain) ? Number(plain) : null
}
const figure = (n: number): string => String(Number(n.toPrecision(6)))

/**
 * Rows of pressure, flow and current as they come from a spreadsheet (tab, semicolon or comma), as the cell of a list
 * of parts. A first row of headings is passed over.
 */
export const pastedCurve = (text: string, pressure: CurvePressure, flow: CurveFlow): PastedCurve => {
  const { data } = Papa.parse<string[]>(text.trim(), { skipEmptyLines: 'greedy' })
  const rows = data.filter((row, i) => !(i === 0 && row.every((c) => number(c) === null)))
  if (rows.length < 2) return { ok: false, says: 'At least two rows of pressure, flow and current are needed.' }
  const points: string[] = []
  for (const [i, row] of rows.entries()) {
    const [p = null, q = null, a = null] = row.map(number)
    if (p === null || q === null || a === null || row.length !== 3)
      return {
        ok: false,
        says: `Row ${i + 1} is “${row.join(' ').slice(0, 40)}”; allowed: three numbers: pressure, flow, current.`,
      }
    points.push([p * CURVE_PRESSURES[pressure], q * CURVE_FLOWS[flow], a].map(figure).join(':'))
  }
  return { ok: true, cell: points.join(' '), points: points.length }
}
