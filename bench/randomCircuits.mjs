// @ts-check

/** Mulberry32: a small seeded source of 0..1. @param {number} seed */
const seeded = (seed) => () => {
  seed = (seed + 0x6d2b79f5) | 0
  let t = Math.imul(seed ^ (seed >>> 15), 1 | seed)
  t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
  return ((t ^ (t >>> 14)) >>> 0) / 4294967296
}

/** Fuel circuits of every kind, sound and failing. @param {number} count @param {number} seed */
export const randomCircuits = (count, seed) => {
  const random = seeded(seed)
  const between = (/** @type {number} */ a, /** @type {number} */ b) => a + (b - a) * random()
  const line = (/** @type {number} */ riseM) => ({
    boreM: between(0.003, 0.012),
    lengthM: between(0.5, 7),
    roughnessM: between(1e-6, 1.2e-4),
    minorK: between(1, 15),
    riseM,
  })
  const loss = (/** @type {number} */ most) => ({ flowM3S: 5e-5, dropPa: between(500, most), linearShare: random() })
  return Array.from({ length: count }, () => {
    const free = between(2e-5, 9e-5)
    const shut = between(2e5, 9e5)
    const single = random() < 0.4
    const boosted = random() < 0.3
    return /** @type {import('../packages/core/src/index.ts').FuelCircuit} */ ({
      fluid: { densityKgM3: between(720, 790), kinematicViscosityM2S: between(5e-7, 1.5e-6) },
      strainer: loss(3e3),
      pump: { curve: [0, 0.25, 0.5, 0.75, 1].map((s) => ({ pressurePa: s * shut, flowM3S: free * (1 - s ** 1.4) })) },
      filter: { ...loss(2e4), position: single && random() < 0.5 ? 'after-regulator' : 'before-regulator' },
      feed: line(between(0, 1)),
      return: single ? null : line(between(-1, 0)),
      demandM3S: random() < 0.1 ? 0 : between(3e-7, 7e-5),
      regulator: {
        type: single ? 'single-line' : 'return',
        setPressurePa: between(8e4, 4.5e5),
        referencePa: boosted ? between(0, 1e5) : between(-4e4, 0),
        fullOpen: { flowM3S: 5e-5, dropPa: between(5e3, 4e4) },
        slopePaPerM3S: between(0, 1e9),
      },
    })
  })
}
