import { seededRandom } from '../../numeric/seededRandom.ts'
import { solveNetwork } from './index.ts'
import type { NetworkCase } from './networkCase.ts'
import { randomNetwork } from './test/randomNetwork.ts'

/** The ends of the ranges of the contract; where one end is open, the next number inside. */
const TINY = Number.MIN_VALUE
const ENDS: Readonly<Record<string, readonly number[]>> = {
  resistanceOhm: [TINY, 100],
  chargeOhm: [TINY, 100],
  openCircuitV: [0, 60],
  lengthM: [0, 100],
  sectionM2: [TINY, 1e-3],
  contactOhm: [0, 10],
  temperatureK: [200, 500],
  ohm: [TINY, 1e6],
  duty: [0, 1],
  currentA: [0, 2000],
  powerW: [0, 20_000],
  leastV: [TINY, 60],
  ratedV: [TINY, 60],
  ratedW: [TINY, 1000],
  setV: [0, 60],
  droopOhm: [TINY, 10],
  forwardV: [0, 5],
  clampV: [TINY, 500],
  coilOhm: [TINY, 1e4],
  speed: [0, 2],
}

/** Every figure of a network at one end of its range or the other, or as it was. */
const stretched = (c: NetworkCase, seed: number): NetworkCase => {
  const random = seededRandom(seed)
  const part = <P extends object>(p: P): P =>
    Object.fromEntries(
      Object.entries(p).map(([field, value]) => {
        const ends = ENDS[field]
        return [field, ends && typeof value === 'number' && random() < 0.5 ? ends[random() < 0.5 ? 0 : 1] : value]
      }),
    ) as P
  const motors = (c.loads ?? []).map((l) =>
    l.kind === 'motor' && random() < 0.5 ? { ...l, stallA: random() < 0.5 ? 3000 : 2 * TINY, runA: TINY } : l,
  )
  return {
    ...c,
    wires: c.wires!.map(part),
    fuses: c.fuses!.map(part),
    sources: c.sources!.map(part),
    loads: motors.map(part),
    diodes: c.diodes!.map((d) => ({ ...part(d), resistanceOhm: random() < 0.5 ? 1e-5 : 100 })),
    relays: c.relays!.map((r) => ({ ...part(r), contactOhm: random() < 0.5 ? 0 : 10 })),
    moments: [{ id: 'now' }],
  }
}

const numbersIn = (value: unknown): number[] =>
  typeof value === 'number'
    ? [value]
    : typeof value === 'object' && value !== null
      ? Object.values(value).flatMap(numbersIn)
      : []

describe('figures at the ends of their ranges', () => {
  it('give an answer, and never a figure that is none', () => {
    for (let seed = 1; seed <= 1500; seed++) {
      const { moments } = solveNetwork(stretched(randomNetwork(seed), seed))
      for (const n of numbersIn(moments)) if (!Number.isFinite(n)) expect([seed, n]).toEqual([seed, 'finite'])
    }
  })
})
