/** Reid pressure of neat ethanol, Pa (fuel standards' tables). */
const ETHANOL_REID_PA = 16e3
/**
 * Reid pressure of petrol of 60 kPa with a share of ethanol splashed in, Pa: rounded, after the shape of published
 * splash-blend data; typical, not a standard's figure, 2 kPa either way. A little ethanol raises it, much lowers it.
 */
const TYPICAL_REID: readonly (readonly [share: number, reidPa: number])[] = [
  [0, 60e3],
  [0.05, 66.5e3],
  [0.1, 67e3],
  [0.15, 66.5e3],
  [0.2, 66e3],
  [0.3, 64e3],
  [0.5, 57e3],
  [0.7, 46e3],
  [0.85, 37e3],
  [1, ETHANOL_REID_PA],
]

/** What a blend of usual summer petrol and ethanol has as bought, Pa; between the points in a straight line. */
export const typicalReidPa = (ethanolShare: number): number => {
  const share = Math.min(1, Math.max(0, ethanolShare))
  const after = TYPICAL_REID.findIndex(([s]) => s >= share)
  const [s1, p1] = TYPICAL_REID[after]!
  const [s0, p0] = TYPICAL_REID[Math.max(0, after - 1)]!
  return s1 === s0 ? p1 : p0 + ((p1 - p0) * (share - s0)) / (s1 - s0)
}
