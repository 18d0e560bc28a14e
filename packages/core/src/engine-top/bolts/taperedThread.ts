import type { TaperedThread } from '../../parts/index.ts'

export interface TaperedGeometry {
  /** Pitch diameter at the small end of the plug, m. */
  readonly smallPitchM: number
  /** Minor diameter there, m: hole to drill before it is reamed or tapped. */
  readonly drillM: number
  /** Thread that the plug has in full, from its small end, m: so deep the hole is tapped at least. */
  readonly usefulM: number
  /** Largest diameter of the plug's useful thread, m. */
  readonly largestM: number
}

const TAPER = 1 / 16
const INCH = 0.0254

/** Length beyond the gauge plane that fitting takes up, m (ISO 7-1 table), by threads an inch. */
const FITTING_MM: Readonly<Record<number, number>> = { 28: 2.5, 19: 3.7, 14: 5 }

/**
 * Threads that seal on their taper of 1 in 16. ASME B1.20.1: E0 = D - (0.05 D + 1.1) p, L2 = (0.8 D + 6.8) p with D and p in
 * inches, height 0.8 p. ISO 7-1 (55° form): d2 = d - 0.640327 P and d1 = d - 1.280654 P at the gauge plane, which lies the
 * gauge length from the small end; useful thread is the gauge length and what fitting takes up.
 */
export const taperedGeometry = ({ form, handM, majorM, pitchM }: TaperedThread): TaperedGeometry => {
  if (form === 'npt') {
    const [d, p] = [majorM / INCH, pitchM / INCH]
    const smallPitch = d - (0.05 * d + 1.1) * p
    const useful = (0.8 * d + 6.8) * p
    return {
      smallPitchM: smallPitch * INCH,
      drillM: (smallPitch - 0.8 * p) * INCH,
      usefulM: useful * INCH,
      largestM: (smallPitch + 0.8 * p + useful * TAPER) * INCH,
    }
  }
  const usefulM = handM + FITTING_MM[Math.round(INCH / pitchM)]! * 1e-3
  return {
    smallPitchM: majorM - 0.640327 * pitchM - handM * TAPER,
    drillM: majorM - 1.280654 * pitchM - handM * TAPER,
    usefulM,
    largestM: majorM + (usefulM - handM) * TAPER,
  }
}
