/** The two 60° screw threads of cars: same form, other sizes and another stress area. */
export type ThreadForm = 'iso' | 'unified'

export interface Thread {
  readonly form: ThreadForm
  readonly majorM: number
  readonly pitchM: number
}
export interface NamedThread extends Thread {
  /** Stored in jobs; never shown. */
  readonly id: string
  readonly name: string
}

const MM = 1e-3
const INCH = 0.0254

const iso = (mm: number, pitchMm: number): NamedThread => ({
  id: `M${mm}x${pitchMm}`,
  name: `M${mm} × ${pitchMm}`,
  form: 'iso',
  majorM: mm * MM,
  pitchM: pitchMm * MM,
})
const unified = (inches: string, majorIn: number, perInch: number): NamedThread => ({
  id: `${inches}-${perInch}`,
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
  iso(12, 1.5),
  iso(12, 1.25),
  iso(14, 2),
  iso(14, 1.5),
  iso(18, 1.5),
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

/** A thread that seals on itself, 1 in 16 on the diameter. */
export interface TaperedThread {
  readonly id: string
  readonly name: string
  readonly form: 'iso-7' | 'npt'
  /** ISO 7-1: at the gauge plane. ASME B1.20.1: outside diameter of the pipe. */
  readonly majorM: number
  readonly pitchM: number
  /** By hand into the hole. */
  readonly handM: number
}

const iso7 = (inches: string, majorMm: number, perInch: number, handMm: number): TaperedThread => ({
  id: `R${inches}`,
  name: `R ${inches} taper`,
  form: 'iso-7',
  majorM: majorMm * MM,
  pitchM: INCH / perInch,
  handM: handMm * MM,
})
const npt = (inches: string, pipeIn: number, perInch: number, handIn: number): TaperedThread => ({
  id: `NPT${inches}`,
  name: `${inches} NPT`,
  form: 'npt',
  majorM: pipeIn * INCH,
  pitchM: INCH / perInch,
  handM: handIn * INCH,
})

/** Sizes of sensors and plugs. Diameter, threads an inch and gauge length: ISO 7-1 table, ASME B1.20.1 table; all else by formula. */
export const TAPERED_THREADS: readonly TaperedThread[] = [
  iso7('1/16', 7.723, 28, 4),
  iso7('1/8', 9.728, 28, 4),
  iso7('1/4', 13.157, 19, 6),
  iso7('3/8', 16.662, 19, 6.4),
  iso7('1/2', 20.955, 14, 8.2),
  npt('1/16', 0.3125, 27, 0.16),
  npt('1/8', 0.405, 27, 0.1615),
  npt('1/4', 0.54, 18, 0.2278),
  npt('3/8', 0.675, 18, 0.24),
  npt('1/2', 0.84, 14, 0.32),
]

/** Threads of both kinds by their stored id. */
export const ALL_THREADS: readonly (NamedThread | TaperedThread)[] = [...THREADS, ...TAPERED_THREADS]
/** Never empty. */
export const ALL_THREAD_IDS = ALL_THREADS.map((t) => t.id) as [string, ...string[]]
export const isTapered = (t: NamedThread | TaperedThread): t is TaperedThread => 'handM' in t
