/**
 * Continuous current of one thin-wall cross-linked wire (125 °C class) in still air at 85 °C, A by mm²: steady rise of
 * temperature, conduction through the insulation, free convection (Churchill and Chu) and radiation. Computed for standard
 * sizes at their maximum resistance; a tenth less for bundles that lie close, as the tables are used.
 */
const AT_85: readonly (readonly [number, number])[] = [
  [0.35, 8.5], [0.5, 10.7], [0.75, 13.8], [1, 16.4], [1.5, 20.8], [2, 25.3], [2.5, 29], [3, 33.4], [4, 39.6], [6, 51.4],
  [8, 62.1], [10, 74.9], [16, 101], [20, 115], [25, 136], [35, 172], [50, 218],
] // prettier-ignore
const TABLE_K = 358.15
/** Class of the insulation, K. */
export const INSULATION_K = 398.15
export const AMPACITY_SHARE = 0.9

/** Continuous current that a wire bears where it runs, A. Rescaled by the root of the rise: IEC 60364-5-52, from memory. */
export const ampacityA = (sectionM2: number, ambientK: number): number => {
  const mm2 = sectionM2 * 1e6
  const i = Math.min(
    AT_85.length - 1,
    Math.max(
      1,
      AT_85.findIndex(([a]) => a >= mm2),
    ),
  )
  const j = AT_85.at(-1)![0] < mm2 ? AT_85.length - 1 : i
  const [[a0, i0], [a1, i1]] = [AT_85[j - 1]!, AT_85[j]!]
  const share = Math.log(mm2 / a0) / Math.log(a1 / a0)
  const at85 = i0 * (i1 / i0) ** share
  return AMPACITY_SHARE * at85 * Math.sqrt(Math.max(0, INSULATION_K - ambientK) / (INSULATION_K - TABLE_K))
}
