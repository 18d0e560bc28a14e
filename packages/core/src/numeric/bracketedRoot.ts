/**
 * Root of a strictly falling function between `lowX` (value >= 0) and `highX` (value <= 0), by Chandrupatla's method
 * (inverse quadratic interpolation where it is safe, bisection elsewhere): it can neither leave the bracket nor run on.
 * Source: Chandrupatla, Advances in Engineering Software 28 (1997) 145-149.
 * @param maxSteps after which the middle of the bracket is returned; 200 is more than bisection needs in doubles.
 */
export const fallingRoot = (f: (x: number) => number, lowX: number, highX: number, maxSteps = 200): number => {
  let a = lowX
  let fa = f(a)
  if (fa <= 0) return a
  let b = highX
  let fb = f(b)
  if (fb >= 0) return b
  let c: number
  let fc: number
  let share = 0.5
  for (let step = 0; step < maxSteps; step++) {
    const x = a + share * (b - a)
    const fx = f(x)
    if (fx > 0 === fa > 0) {
      c = a
      fc = fa
    } else {
      c = b
      fc = fb
      b = a
      fb = fa
    }
    a = x
    fa = fx
    const best = Math.abs(fa) < Math.abs(fb) ? a : b
    const tolerance = 2 * Number.EPSILON * Math.abs(best)
    const relative = tolerance / Math.abs(b - a)
    if (relative >= 0.5 || fa === 0) return best
    const xi = (a - b) / (c - b)
    const phi = (fa - fb) / (fc - fb)
    share =
      phi ** 2 < xi && (1 - phi) ** 2 < 1 - xi
        ? (fa / (fb - fa)) * (fc / (fb - fc)) + (((c - a) / (b - a)) * (fa / (fc - fa)) * fb) / (fc - fb)
        : 0.5
    share = Math.min(1 - relative, Math.max(relative, share))
  }
  return 0.5 * (a + b)
}
