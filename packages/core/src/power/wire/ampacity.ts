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
/** Highest conductor temperature by class, K: ISO 6722 and SAE J1128, from memory. */
export const INSULATION_K = { xlpe: 398.15, pvc: 358.15 } as const
export type Insulation = keyof typeof INSULATION_K
export const AMPACITY_SHARE = 0.9

/** Share of its current that a wire of so many loaded ones in a bundle bears: IEC 60364-5-52, table B.52.17, from memory. */
const BUNDLE: readonly (readonly [number, number])[] = [
  [1, 1], [2, 0.8], [3, 0.7], [4, 0.65], [5, 0.6], [6, 0.57], [7, 0.54], [8, 0.52], [9, 0.5], [12, 0.45], [16, 0.41], [20, 0.38],
] // prettier-ignore
/** @param loadedWires 1 to 20, itself among them; straight between the lines of the table */
export const bundleFactor = (loadedWires: number): number => {
  const i = BUNDLE.findIndex(([n]) => n >= loadedWires)
  if (i < 0) return BUNDLE.at(-1)![1]
  if (i === 0) return 1
  const [[n0, f0], [n1, f1]] = [BUNDLE[i - 1]!, BUNDLE[i]!]
  return f0 + ((f1 - f0) * (loadedWires - n0)) / (n1 - n0)
}

/**
 * Continuous current that a wire bears where it runs, A; 0 where its surroundings are as hot as its insulation may get.
 * Rescaled by the root of the rise: IEC 60364-5-52, from memory; within some 3 % of the computed table.
 */
export const ampacityA = (
  sectionM2: number,
  ambientK: number,
  { insulation = 'xlpe', loadedWires = 1 }: { readonly insulation?: Insulation; readonly loadedWires?: number } = {},
): number => {
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
  const rise = Math.sqrt(Math.max(0, INSULATION_K[insulation] - ambientK) / (INSULATION_K.xlpe - TABLE_K))
  return AMPACITY_SHARE * at85 * rise * bundleFactor(loadedWires)
}

/** k of a short, A·s^½/mm², from a wire at its class limit: IEC 60364-4-43, from memory. */
const SHORT_K = { xlpe: 124, pvc: 104 } as const
/** Let-through that heats the conductor from its class limit to what its insulation bears for a moment, A²s: (k A)². */
export const shortLimitA2S = (sectionM2: number, insulation: Insulation): number =>
  (SHORT_K[insulation] * sectionM2 * 1e6) ** 2
