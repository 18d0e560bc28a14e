/**
 * Loss coefficient of a smooth bend on the velocity in it: 0.21/sqrt(r/d) for 90°, 0.6 of that for 45° (Idelchik,
 * Handbook of Hydraulic Resistance, for r/d from 1 to 10; outside of it the end of the range is taken).
 * @param radiusM to the middle of the bore
 */
export const bendK = (angleDeg: 45 | 90, radiusM: number, boreM: number): number => {
  const relative = Math.min(10, Math.max(1, radiusM / boreM))
  return (0.21 / Math.sqrt(relative)) * (angleDeg === 90 ? 1 : 0.6)
}
