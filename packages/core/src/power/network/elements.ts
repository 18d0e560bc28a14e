/**
 * The laws of the elements of a circuit: current from `a` to `b` by the voltage between them, and its slope. All of them
 * grow with the voltage, but for the true law of a constant-power load.
 */
export const KIND = {
  /** (u - p0) * p1: wire, contact, resistance, coil, motor at a given speed. */
  straight: 0,
  /** (u - p0) * (u <= p0 ? p1 : p2): battery. */
  twoSlopes: 1,
  /** -min(p2, max(0, (p0 - u) * p1)): alternator that senses at its own terminals. */
  limited: 2,
  /** min(p0 * u, p1): load of constant current, or of constant power with its current given. */
  upTo: 3,
  /** The same, odd in u: settled pump. */
  upToEitherWay: 4,
  /** Lamp, hot: the smaller of p0 * u and p1 * u^p2, odd in u. */
  lamp: 5,
  /** Settled fan: p0 = Er, p1 = Ra * runA, p2 = runA; odd in u. */
  fan: 6,
  /** p0 forward voltage, p1 conductance, p2 clamp voltage (Infinity: none). */
  diode: 7,
  /** Constant power p1 from p2 volts on, p0 * u below: draws more as the voltage falls. */
  power: 8,
} as const
export type Kind = (typeof KIND)[keyof typeof KIND]

/** Elements side by side: ends (-1 is the reference) and figures of their laws. */
export interface Elements {
  readonly count: number
  readonly kind: Uint8Array
  readonly a: Int32Array
  readonly b: Int32Array
  readonly p0: Float64Array
  readonly p1: Float64Array
  readonly p2: Float64Array
  /** Whether it is there at the moment. */
  readonly there: Uint8Array
}

/** Speed of a settled fan as a share of rated speed, from u = s Er + Ra runA s². */
const fanShare = (u: number, er: number, raRunV: number): number =>
  // The root of the quadratic, written so that a small one keeps its digits.
  (2 * u) / (er + Math.sqrt(er * er + 4 * raRunV * u))

/** Current through element `i` at `u` volts, A. */
export const currentAt = (e: Elements, i: number, u: number): number => {
  if (e.there[i] === 0) return 0
  const p0 = e.p0[i]!
  const p1 = e.p1[i]!
  const p2 = e.p2[i]!
  switch (e.kind[i]) {
    case KIND.straight:
      return (u - p0) * p1
    case KIND.twoSlopes:
      return (u - p0) * (u <= p0 ? p1 : p2)
    case KIND.limited:
      return -Math.min(p2, Math.max(0, (p0 - u) * p1))
    case KIND.upTo:
      return Math.min(p0 * u, p1)
    case KIND.upToEitherWay:
      return Math.max(-p1, Math.min(p0 * u, p1))
    case KIND.lamp: {
      const v = Math.abs(u)
      const i0 = Math.min(p0 * v, p1 * Math.pow(v, p2))
      return u < 0 ? -i0 : i0
    }
    case KIND.fan: {
      const s = fanShare(Math.abs(u), p0, p1)
      return u < 0 ? -p2 * s * s : p2 * s * s
    }
    case KIND.diode:
      return u > p0 ? (u - p0) * p1 : u < -p2 ? (u + p2) * p1 : 0
    default:
      return u >= p2 ? p1 / u : p0 * u
  }
}

/** Slope of the same, S. */
export const slopeAt = (e: Elements, i: number, u: number): number => {
  if (e.there[i] === 0) return 0
  const p0 = e.p0[i]!
  const p1 = e.p1[i]!
  const p2 = e.p2[i]!
  switch (e.kind[i]) {
    case KIND.straight:
      return p1
    case KIND.twoSlopes:
      return u <= p0 ? p1 : p2
    case KIND.limited: {
      const raw = (p0 - u) * p1
      return raw > 0 && raw < p2 ? p1 : 0
    }
    case KIND.upTo:
      return p0 * u < p1 ? p0 : 0
    case KIND.upToEitherWay:
      return Math.abs(p0 * u) < p1 ? p0 : 0
    case KIND.lamp: {
      const v = Math.abs(u)
      if (v === 0) return p0
      const hot = p1 * Math.pow(v, p2)
      return p0 * v <= hot ? p0 : (hot * p2) / v
    }
    case KIND.fan: {
      const s = fanShare(Math.abs(u), p0, p1)
      return (2 * p2 * s) / (p0 + 2 * p1 * s)
    }
    case KIND.diode:
      return u > p0 || u < -p2 ? p1 : 0
    default:
      return u >= p2 ? -p1 / (u * u) : p0
  }
}
