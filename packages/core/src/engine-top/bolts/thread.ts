import type { Thread } from '../../parts/index.ts'

export interface ThreadGeometry {
  /** Pitch diameter d2 = D2, m. */
  readonly pitchDiameterM: number
  /** Minor diameter of the nut or tapped hole D1, m: the drill that gives all of the thread. */
  readonly minorDiameterM: number
  /** Root of the bolt d3, m. */
  readonly rootDiameterM: number
  /** Area that carries tension, m². */
  readonly stressAreaM2: number
  /** Area along which the tapped thread strips, m² a metre of engagement. */
  readonly tappedStripM2M: number
  /** Area along which the bolt's own thread strips, m² a metre of engagement. */
  readonly boltStripM2M: number
}

const SIN_60 = Math.sqrt(3) / 2

/**
 * Basic profile of a 60° thread: H = sqrt(3)/2 P, D2 = D - 3/4 H, D1 = D - 5/4 H, d3 = D - 17/12 H (ISO 68-1 and ISO 724;
 * ASME B1.1 has the same profile). Stress area: ISO 898-1, pi/4 ((d2 + d3)/2)²; ASME B1.1, pi/4 (D - 0.9743 P)².
 * The thread strips on a cylinder at the other part's crest, of which a share is metal: 7/8 of pi D for the tapped part,
 * 3/4 of pi D1 for the bolt (basic sizes of the formulas of FED-STD-H28/2B).
 * @param thread `pitchM` above 0 and below half of `majorM`
 */
export const threadGeometry = ({ form, majorM, pitchM }: Thread): ThreadGeometry => {
  const heightM = SIN_60 * pitchM
  const pitchDiameterM = majorM - 0.75 * heightM
  const minorDiameterM = majorM - 1.25 * heightM
  const rootDiameterM = majorM - (17 / 12) * heightM
  const stressM = form === 'iso' ? (pitchDiameterM + rootDiameterM) / 2 : majorM - 0.9743 * pitchM
  return {
    pitchDiameterM,
    minorDiameterM,
    rootDiameterM,
    stressAreaM2: (Math.PI / 4) * stressM * stressM,
    tappedStripM2M: (7 / 8) * Math.PI * majorM,
    boltStripM2M: (3 / 4) * Math.PI * minorDiameterM,
  }
}
