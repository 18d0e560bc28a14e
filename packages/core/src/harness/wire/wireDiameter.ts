import { WIRE_SIZES, wireSizeOf } from '../../parts/index.ts'

/** Over the insulation of thin-wall wire, mm by mm²: largest that ISO 6722-1 lets pass, from memory. */
const OUTSIDE: readonly (readonly [mm2: number, mm: number])[] = [
  [0.35, 1.4], [0.5, 1.6], [0.75, 1.9], [1, 2.1], [1.5, 2.4], [2, 2.8], [2.5, 3], [3, 3.4], [4, 3.7], [6, 4.3], [8, 5],
  [10, 6], [16, 7.2], [20, 8.2], [25, 9.2], [35, 10.7], [50, 12.8],
] // prettier-ignore

/** Diameter over the insulation of a thin-wall wire, m: the table, and between its lines by the root of the section. */
export const wireOutsideM = (sectionM2: number): number => {
  const mm2 = sectionM2 * 1e6
  const i = Math.max(
    1,
    OUTSIDE.findIndex(([a]) => a >= mm2),
  )
  const at = OUTSIDE[OUTSIDE.length - 1]![0] < mm2 ? OUTSIDE.length - 1 : i
  const [[a0, d0], [a1, d1]] = [OUTSIDE[at - 1]!, OUTSIDE[at]!]
  const share = (Math.sqrt(mm2) - Math.sqrt(a0)) / (Math.sqrt(a1) - Math.sqrt(a0))
  return Math.max(0.5, d0 + share * (d1 - d0)) * 1e-3
}

export const wireOutsideOfSizeM = (size: string): number => wireOutsideM(wireSizeOf(size).sectionM2)

/** The thicker of two sizes. */
export const thickerSize = (one: string, other: string): string =>
  wireSizeOf(other).sectionM2 > wireSizeOf(one).sectionM2 * (1 + 1e-9) ? other : one

/** Metric size of a section, the next larger where there is none. */
export const metricSizeFor = (sectionM2: number): string =>
  WIRE_SIZES.find((s) => s.id.startsWith('mm2-') && s.sectionM2 >= sectionM2 * (1 - 1e-9))?.id ?? 'mm2-50'
