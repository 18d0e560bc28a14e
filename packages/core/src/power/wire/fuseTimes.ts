import { FUSE_RATINGS_A } from './jointsAndFuses.ts'

/**
 * Operating times of blade fuses by the share of their rating, s, earliest and latest: ISO 8820-1 and -3, from memory.
 * Above six times the energy counts (I²t as at six times).
 */
const BLADE: readonly (readonly [share: number, earliestS: number, latestS: number])[] = [
  [1.1, 360_000, Infinity],
  [1.35, 0.75, 600],
  [1.6, 0.25, 50],
  [2, 0.15, 5],
  [3.5, 0.04, 0.5],
  [6, 0.02, 0.1],
]
const [CARRIES, BLOWS] = [BLADE[0]![0], BLADE[1]![0]]

const between = (share: number, which: 1 | 2): number => {
  const i = BLADE.findIndex(([s]) => s >= share)
  if (i < 0) {
    const [s, ...times] = BLADE.at(-1)!
    return times[which - 1]! * (s / share) ** 2
  }
  const [s0, ...t0] = BLADE[i - 1]!
  const [s1, ...t1] = BLADE[i]!
  if (share === s1) return t1[which - 1]!
  const x = Math.log(share / s0) / Math.log(s1 / s0)
  return Math.exp(Math.log(t0[which - 1]!) + x * (Math.log(t1[which - 1]!) - Math.log(t0[which - 1]!)))
}
/** Shortest time after which a fuse may open at so many times its rating, s; Infinity where it carries that for good. */
export const earliestBlowS = (share: number): number => (share <= CARRIES ? Infinity : between(share, 1))
/** Longest time that it may take, s; Infinity where it need not open at all. */
export const latestBlowS = (share: number): number => (share < BLOWS ? Infinity : between(share, 2))

/** A current that starts at a peak and settles. A, s. */
export interface Inrush {
  readonly peakA: number
  readonly settlesAtA: number
  readonly tauS: number
}

/** Energy of an inrush over its first so many seconds, A²s: the integral of (I∞ + (Ip - I∞) e^(-t/τ))². */
export const inrushA2S = ({ peakA, settlesAtA, tauS }: Inrush, forS: number): number => {
  const d = peakA - settlesAtA
  return (
    settlesAtA ** 2 * forS +
    2 * settlesAtA * d * tauS * (1 - Math.exp(-forS / tauS)) +
    ((d ** 2 * tauS) / 2) * (1 - Math.exp((-2 * forS) / tauS))
  )
}

/**
 * Share of a fuse's life that one inrush takes, at the early end of its standard: the integral of dt over the time in which
 * it may open at that current. From 1 on it may open; kept under 0.3 it bears being repeated: rule of thumb.
 */
export const inrushWear = (inrush: Inrush, ratingA: number): number => {
  const { peakA, settlesAtA, tauS } = inrush
  const [steps, forS] = [200, 6 * tauS]
  let worn = 0
  for (let i = 0; i < steps; i++) {
    const t = ((i + 0.5) * forS) / steps
    const amps = settlesAtA + (peakA - settlesAtA) * Math.exp(-t / tauS)
    worn += forS / steps / earliestBlowS(amps / ratingA)
  }
  return worn
}

/** Share of its rating that a fuse carries for good; less where it is warm: 0.12 % a kelvin above 25 °C. Typical. */
export const LOAD_SHARE = 0.75
export const fuseWarmth = (ambientK: number): number => 1 - 0.0012 * Math.max(0, ambientK - 298.15)
/** Least rating for a current that flows for good, A. */
export const leastFuseA = (continuousA: number, ambientK: number): number =>
  continuousA / (LOAD_SHARE * fuseWarmth(ambientK))

/** Standard ratings that carry the load and are carried by the wire, least first, A. */
export const fusesFor = (continuousA: number, ambientK: number, wireBearsA: number): number[] =>
  FUSE_RATINGS_A.filter((a) => a >= leastFuseA(continuousA, ambientK) && a <= wireBearsA)

/** Share by which the current of a short at the far end should exceed the fuse. Rule of thumb: five to six times. */
export const SHORT_SHARE = 5
