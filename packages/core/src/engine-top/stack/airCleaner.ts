export interface AirCleanerCase {
  readonly displacementM3: number
  /** Crank turns a second at the most air. */
  readonly speedHz: number
  /** Filling at that speed, as a share. */
  readonly volumetricEfficiency: number
  /** A supercharged or turbocharged engine breathes more: manifold over ambient pressure. */
  readonly boostRatio: number
  /** Outside of the element. */
  readonly diameterM: number
  readonly heightM: number
  /** Air may go through this much of the outer face; the rest is rubber, cage or wall. */
  readonly openShare: number
  /** Through the top as well, m²; 0 where the lid is closed. */
  readonly lidM2: number
  /** Most at the outer face, m/s. */
  readonly mostFaceMS: number
  /** Restriction that somebody measured with an element of a height, at a flow; null where nobody did. */
  readonly measured: { readonly dropPa: number; readonly flowM3S: number; readonly heightM: number } | null
  readonly mostDropPa: number
}

export interface AirCleanerAnswer {
  readonly airM3S: number
  readonly faceMS: number
  /** Lowest element of this diameter by the face velocity, m. */
  readonly leastHeightM: number
  /** Smallest diameter at this height, m. */
  readonly leastDiameterM: number
  /** At this flow with this height; null where nothing was measured. */
  readonly dropPa: number | null
  /** Lowest element by the restriction, m; null where nothing was measured. */
  readonly leastHeightByDropM: number | null
}

/** Paper, rule of thumb. */
export const MOST_FACE_MS = 3
/** Clean element with its housing, rule of thumb: 1 to 1.5 kPa. */
export const MOST_DROP_PA = 1500

/**
 * Air of a four-stroke engine, V n/2 times filling, against the outer face of its element: velocity Q/A, and the drop
 * scaled from what was measured with the square of flow over face (a housing throttles like an orifice; paper alone would
 * be straighter, so this is on the safe side above the measured flow).
 */
export const airCleaner = (c: AirCleanerCase): AirCleanerAnswer => {
  const airM3S = (c.displacementM3 * c.speedHz * c.volumetricEfficiency * c.boostRatio) / 2
  const wantedM2 = airM3S / c.mostFaceMS
  const sideM2 = Math.max(0, wantedM2 - c.lidM2)
  const faceM2 = c.openShare * Math.PI * c.diameterM * c.heightM + c.lidM2
  const m = c.measured
  return {
    airM3S,
    faceMS: airM3S / faceM2,
    leastHeightM: sideM2 / (c.openShare * Math.PI * c.diameterM),
    leastDiameterM: sideM2 / (c.openShare * Math.PI * c.heightM),
    dropPa: m && m.dropPa * ((airM3S / m.flowM3S) * (m.heightM / c.heightM)) ** 2,
    leastHeightByDropM: m && m.heightM * (airM3S / m.flowM3S) * Math.sqrt(m.dropPa / c.mostDropPa),
  }
}
