/** Joint of two terminals by how it looks, ohm each end: good 0.5 to 2 mohm a pair of them, poor 5 to 20 each. Typical range. */
export const JOINT_OHM = { good: 0.0005, fair: 0.002, poor: 0.01, rusty: 0.2 } as const
export type JointQuality = keyof typeof JOINT_OHM
/** The same as a spread: from, to. */
export const JOINT_SPREAD_OHM: Readonly<Record<JointQuality, readonly [number, number]>> = {
  good: [0.0003, 0.001],
  fair: [0.001, 0.004],
  poor: [0.005, 0.02],
  rusty: [0.05, 0.5],
}

/** Cold resistance of a fuse, ohm. Typical: 40 to 85 mV at its rating; between listed ratings by 78 mV. */
const FUSE_MOHM: readonly (readonly [number, number])[] = [
  [5, 17], [7.5, 11], [10, 7.7], [15, 5], [20, 3.4], [25, 2.6], [30, 2.1], [40, 1.5],
] // prettier-ignore
export const fuseOhm = (ratingA: number): number =>
  (FUSE_MOHM.find(([a]) => a === ratingA)?.[1] ?? (ratingA > 40 ? 60 : 80) / ratingA) * 1e-3

/** Standard ratings: ISO 8820-3 blades and ISO 8820-5 bolt-in strips, from memory, A. */
export const FUSE_RATINGS_A = [
  1, 2, 3, 4, 5, 7.5, 10, 15, 20, 25, 30, 35, 40, 50, 60, 70, 80, 100, 125, 150, 200,
] as const
