/**
 * Outer diameter of wires laid together, bare, m: the larger of the two thickest side by side and 1.2 times the root of
 * the sum of squares (a fill of 0.69: the usual one of a loom that is not twisted by a machine). 0 without wires.
 */
export const bundleDiameterM = (diametersM: readonly number[]): number => {
  if (diametersM.length < 2) return diametersM[0] ?? 0
  let first = 0
  let second = 0
  let squares = 0
  for (const d of diametersM) {
    squares += d * d
    if (d > first) {
      second = first
      first = d
    } else if (d > second) second = d
  }
  return Math.max(first + second, 1.2 * Math.sqrt(squares))
}

/** Area of a round of this diameter, m². */
export const roundAreaM2 = (diameterM: number): number => (Math.PI / 4) * diameterM * diameterM

/**
 * Outer diameter of N equal wires ideally packed, in wire diameters: the densest known packings of equal circles in a
 * circle (Graham, Lubachevsky, Nurmela, Östergård, Discrete Mathematics 181, 1998). Null where the table ends.
 */
export const idealDiameters = (wires: number): number | null => IDEAL[wires] ?? null
const IDEAL: Readonly<Record<number, number>> = {
  1: 1,
  2: 2,
  3: 2.155,
  4: 2.414,
  5: 2.701,
  6: 3,
  7: 3,
  8: 3.304,
  9: 3.613,
  10: 3.813,
  12: 4.029,
  14: 4.328,
  16: 4.615,
  19: 4.863,
  20: 5.122,
}
