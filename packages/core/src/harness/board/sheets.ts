import { distanceOf, segmentsOf, type Point } from './segments.ts'

/** What of the board one sheet of paper shows, m. */
export interface BoardSheet {
  readonly row: number
  readonly column: number
  readonly x: number
  readonly y: number
}

/** What a printer reaches of a sheet laid crosswise beneath a head of two lines, and how far sheets overlap, m. */
export const SHEET_WINDOWS_M = {
  a4: { widthM: 0.277, heightM: 0.174, overlapM: 0.01 },
  letter: { widthM: 0.2594, heightM: 0.1799, overlapM: 0.01 },
} as const

/**
 * Sheets that the lines of a board touch, each a window of this size; neighbours overlap. Sheets with nothing on them are
 * left out.
 */
export const sheetsOf = (
  lines: readonly (readonly Point[])[],
  size: { readonly widthM: number; readonly heightM: number; readonly overlapM: number },
): BoardSheet[] => {
  const [stepX, stepY] = [size.widthM - size.overlapM, size.heightM - size.overlapM]
  const segments = lines.flatMap(segmentsOf)
  const points = lines.flat()
  const last = (most: number, whole: number, step: number): number =>
    Math.max(0, Math.ceil((most - whole) / step - 1e-9))
  const columns = last(Math.max(0, ...points.map((p) => p.x)), size.widthM, stepX)
  const rows = last(Math.max(0, ...points.map((p) => p.y)), size.heightM, stepY)
  const sheets: BoardSheet[] = []
  for (let row = 0; row <= rows; row++)
    for (let column = 0; column <= columns; column++) {
      const [x, y] = [column * stepX, row * stepY]
      const [right, low] = [x + size.widthM, y + size.heightM]
      const corners = [{ x, y }, { x: right, y }, { x: right, y: low }, { x, y: low }, { x, y }] // prettier-ignore
      const inside = (p: Point): boolean => p.x >= x && p.x <= right && p.y >= y && p.y <= low
      const edges = segmentsOf(corners)
      if (segments.some((s) => inside(s.a) || inside(s.b) || edges.some((e) => distanceOf(s, e) === 0)))
        sheets.push({ row, column, x, y })
    }
  return sheets
}
