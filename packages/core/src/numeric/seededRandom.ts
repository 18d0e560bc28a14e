/**
 * Even random numbers in [0, 1) from a seed, the same on every machine: the 32-bit mixing generator "mulberry32"
 * (public domain, T. Ettinger). Good enough for drawing spreads, not for secrets.
 */
export const seededRandom = (seed: number): (() => number) => {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let t = state
    t = Math.imul(t ^ (t >>> 15), t | 1)
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61)
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296
  }
}

/** One draw of the standard normal distribution (Box-Muller, one of the pair). */
export const drawNormal = (random: () => number): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random())
