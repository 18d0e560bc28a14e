export interface CrankWheelCase {
  /** Places round the wheel, missing ones included. */
  readonly places: number
  readonly missing: number
  readonly diameterM: number
  /** Gap to the sensor as measured at several teeth, m. */
  readonly gapsM: readonly number[]
  /** Tooth under the sensor with number one at top dead centre; 1 is the first behind the gap as the wheel turns past. */
  readonly toothAtTop: number
  readonly mostRpm: number
  readonly crankRpm: number
  /** Of a variable-reluctance pick-up: amplitude at a speed, and what the ECU needs; null for a Hall sensor. */
  readonly signal: { readonly voltageV: number; readonly atRpm: number; readonly needsV: number } | null
}

export interface CrankWheelAnswer {
  readonly toothRad: number
  /** From the first tooth behind the gap to top dead centre, crank degrees: the figure that most ECUs ask for. */
  readonly gapToTopDeg: number
  readonly leastGapM: number
  readonly mostGapM: number
  readonly runOutM: number
  /** Width of a tooth or a space at the rim, m. */
  readonly toothM: number
  /** Edges a second at the highest speed. */
  readonly mostHz: number
  /** Amplitude while cranking, V; null for a Hall sensor. */
  readonly crankingV: number | null
  /** Whether that is what the ECU needs; null for a Hall sensor. */
  readonly strongEnough: boolean | null
}

/** Air gap, m. Trade practice. */
export const CRANK_GAP_M = [0.5e-3, 1.2e-3] as const

/**
 * A toothed wheel on the crank: angle of a tooth 360°/places, frequency places times turns a second; the amplitude of a coil
 * grows with the speed of the teeth (law of induction).
 */
export const crankWheel = (c: CrankWheelCase): CrankWheelAnswer => {
  const toothDeg = 360 / c.places
  const crankingV = c.signal && (c.signal.voltageV * c.crankRpm) / c.signal.atRpm
  return {
    toothRad: (toothDeg * Math.PI) / 180,
    gapToTopDeg: (c.toothAtTop - 1) * toothDeg,
    leastGapM: Math.min(...c.gapsM),
    mostGapM: Math.max(...c.gapsM),
    runOutM: Math.max(...c.gapsM) - Math.min(...c.gapsM),
    toothM: (Math.PI * c.diameterM) / c.places / 2,
    mostHz: (c.places * c.mostRpm) / 60,
    crankingV,
    strongEnough: crankingV === null ? null : crankingV >= c.signal!.needsV,
  }
}
