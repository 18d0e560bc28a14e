/** The two 60° screw threads of cars: same form, other sizes and another stress area. */
export type ThreadForm = 'iso' | 'unified'

export interface Thread {
  readonly form: ThreadForm
  readonly majorM: number
  readonly pitchM: number
}

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

const MM = 1e-3
const INCH = 0.0254

export interface NamedThread extends Thread {
  readonly name: string
}

const iso = (mm: number, pitchMm: number): NamedThread => ({
  name: `M${mm} × ${pitchMm}`,
  form: 'iso',
  majorM: mm * MM,
  pitchM: pitchMm * MM,
})
const unified = (inches: string, majorIn: number, perInch: number): NamedThread => ({
  name: `${inches}-${perInch}`,
  form: 'unified',
  majorM: majorIn * INCH,
  pitchM: INCH / perInch,
})

/** Sizes found on inlet manifolds and throttle bodies: ISO 261 coarse and fine, ASME B1.1 coarse and fine. */
export const THREADS: readonly NamedThread[] = [
  iso(5, 0.8),
  iso(6, 1),
  iso(7, 1),
  iso(8, 1.25),
  iso(8, 1),
  iso(10, 1.5),
  iso(10, 1.25),
  iso(12, 1.75),
  iso(12, 1.25),
  iso(14, 2),
  unified('1/4', 1 / 4, 20),
  unified('1/4', 1 / 4, 28),
  unified('5/16', 5 / 16, 18),
  unified('5/16', 5 / 16, 24),
  unified('3/8', 3 / 8, 16),
  unified('3/8', 3 / 8, 24),
  unified('7/16', 7 / 16, 14),
  unified('7/16', 7 / 16, 20),
  unified('1/2', 1 / 2, 13),
  unified('1/2', 1 / 2, 20),
]

/** Lengths that bolts are sold in, m: ISO 888, and the usual inch lengths. */
export const SOLD_LENGTHS_M: Readonly<Record<ThreadForm, readonly number[]>> = {
  iso: [10, 12, 16, 20, 25, 30, 35, 40, 45, 50, 55, 60, 65, 70, 80, 90, 100, 110, 120, 130, 140, 150].map(
    (mm) => mm * MM,
  ),
  unified: [
    0.5, 0.625, 0.75, 0.875, 1, 1.125, 1.25, 1.375, 1.5, 1.75, 2, 2.25, 2.5, 2.75, 3, 3.25, 3.5, 3.75, 4, 4.5, 5, 5.5,
    6,
  ].map((inches) => inches * INCH),
}
