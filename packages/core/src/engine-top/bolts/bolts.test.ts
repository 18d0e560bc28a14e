import fc from 'fast-check'
import { bolt, checkBolt, type BoltCase } from './bolt.ts'
import { boltPlaces } from './boltPatterns.ts'
import { SOLD_LENGTHS_M, THREADS } from '../../parts/index.ts'
import { threadGeometry } from './thread.ts'
import { tighteningOrder, type BoltPlace } from './tighteningOrder.ts'

const threadOf = (name: string) => THREADS.find((t) => t.name === name)!
const base: BoltCase = {
  thread: threadOf('M8 × 1.25'),
  boltClass: '8.8',
  clampedM: 0.03,
  tapped: 'aluminium',
  threadDepthM: 0.018,
  holeDepthM: 0.022,
  opensInto: 'nothing',
  state: 'dry',
  torqueCoefficient: null,
  preloadShare: 0.75,
  lengthM: null,
}

describe('threads', () => {
  // Pitch diameter, minor diameter and stress area of the tables of ISO 724, ISO 898-1 and ASME B1.1.
  it.each([
    { name: 'M6 × 1', pitchMm: 5.35, minorMm: 4.917, areaMm2: 20.1 },
    { name: 'M8 × 1.25', pitchMm: 7.188, minorMm: 6.647, areaMm2: 36.6 },
    { name: 'M10 × 1.5', pitchMm: 9.026, minorMm: 8.376, areaMm2: 58.0 },
    { name: 'M12 × 1.25', pitchMm: 11.188, minorMm: 10.647, areaMm2: 92.1 },
    { name: '5/16-18', pitchMm: 7.021, minorMm: 6.411, areaMm2: 33.8 },
    { name: '3/8-16', pitchMm: 8.494, minorMm: 7.806, areaMm2: 50.0 },
    { name: '1/2-13', pitchMm: 11.43, minorMm: 10.584, areaMm2: 91.5 },
  ])('$name as in the tables of its standard', ({ name, pitchMm, minorMm, areaMm2 }) => {
    const g = threadGeometry(threadOf(name))
    expect(g.pitchDiameterM * 1e3).toBeCloseTo(pitchMm, 2)
    expect(g.minorDiameterM * 1e3).toBeCloseTo(minorMm, 2)
    expect(Math.abs(g.stressAreaM2 * 1e6 - areaMm2)).toBeLessThan(0.06)
  })
})

describe('a bolt', () => {
  // By hand: F = 0.75 x proof x area, T = K d F; engagement = length - clamped.
  it.each([
    { name: 'M8 in aluminium', c: {}, lengthMm: 45, engagementMm: 15, preloadN: 15_925, torqueNm: 25.48 },
    { name: 'M6 in aluminium, oiled', c: { thread: threadOf('M6 × 1'), clampedM: 0.012, state: 'oiled' as const }, lengthMm: 25, engagementMm: 13, preloadN: 8_756, torqueNm: 7.88 },
    { name: '5/16-18 in aluminium', c: { thread: threadOf('5/16-18'), boltClass: 'grade 5' as const, clampedM: 0.0254 }, lengthMm: 38.1, engagementMm: 12.7, preloadN: 14_866, torqueNm: 23.6 },
    { name: 'M8 in iron', c: { tapped: 'iron' as const }, lengthMm: 40, engagementMm: 10, preloadN: 15_925, torqueNm: 25.48 },
    { name: 'M10 in iron', c: { thread: threadOf('M10 × 1.5'), tapped: 'iron' as const }, lengthMm: 40, engagementMm: 10, preloadN: 25_225, torqueNm: 50.45 },
    { name: '3/8-16 in iron, oiled', c: { thread: threadOf('3/8-16'), boltClass: 'grade 5' as const, tapped: 'iron' as const, state: 'oiled' as const, clampedM: 0.0381 }, lengthMm: 50.8, engagementMm: 12.7, preloadN: 21_974, torqueNm: 31.4 },
  ])('$name', ({ c, lengthMm, engagementMm, preloadN, torqueNm }) => {
    const a = bolt({ ...base, ...c })
    expect(a.fit!.lengthM * 1e3).toBeCloseTo(lengthMm, 6)
    expect(a.fit!.engagementM * 1e3).toBeCloseTo(engagementMm, 6)
    expect(a.weakest).toBe('bolt')
    expect(Math.abs(a.preloadN! / preloadN - 1)).toBeLessThan(2e-3)
    expect(Math.abs(a.torqueNm! / torqueNm - 1)).toBeLessThan(3e-3)
    expect(a.passesNm![2]).toBe(a.torqueNm)
  }) // prettier-ignore

  it('a shallow hole: the length that reaches bottoms, the one that does not is short, and none is sold that does', () => {
    const a = bolt({ ...base, threadDepthM: 0.01, holeDepthM: 0.011 })
    expect(a.fit).toBeNull()
    expect(bolt({ ...base, threadDepthM: 0.01, holeDepthM: 0.011, lengthM: 0.045 }).fit).toMatchObject({ bottoms: true })
    expect(bolt({ ...base, threadDepthM: 0.01, holeDepthM: 0.011, lengthM: 0.035 }).fit).toMatchObject({ short: true, bottoms: false })
  }) // prettier-ignore
  it('few threads in aluminium strip before a strong bolt gives', () => {
    const a = bolt({ ...base, boltClass: '10.9', lengthM: 0.036 })
    expect(a.weakest).toBe('tapped thread')
    // 190 MPa / sqrt(3) x 7/8 x pi x 8 mm x 6 mm
    expect(a.bearsN!['tapped thread']).toBeCloseTo(14_474, -1)
  })
  it('a hole that opens into something is sealed', () => {
    expect(bolt({ ...base, opensInto: 'coolant' }).sealant).toContain('coolant')
    expect(bolt(base).sealant).toBeNull()
  })
  it('says what it cannot take', () => {
    expect(checkBolt({ ...base, threadDepthM: 0.03 })).toMatchObject({ field: 'threadDepthM', allowed: 'at most 0.022, the depth of the hole' }) // prettier-ignore
    expect(checkBolt({ ...base, thread: { ...base.thread, pitchM: 0.005 } })).toMatchObject({ field: 'thread.pitchM' })
    expect(checkBolt(base)).toBeNull()
  })

  const arbCase = fc.record({
    thread: fc.constantFrom(...THREADS),
    boltClass: fc.constantFrom('5.8' as const, '8.8' as const, '10.9' as const, 'grade 8' as const),
    clampedM: fc.double({ min: 0.003, max: 0.12, noNaN: true }),
    tapped: fc.constantFrom('aluminium' as const, 'iron' as const, 'steel' as const),
    threadDepthM: fc.double({ min: 0.004, max: 0.05, noNaN: true }),
    belowM: fc.option(fc.double({ min: 0, max: 0.01, noNaN: true })),
    state: fc.constantFrom('dry' as const, 'oiled' as const),
  })
  const caseOf = ({ belowM, ...c }: { belowM: number | null } & Partial<BoltCase> & { threadDepthM: number }): BoltCase => ({ ...base, ...c, holeDepthM: belowM === null ? null : c.threadDepthM + belowM }) // prettier-ignore
  it('a longer one never loses engagement until it bottoms; a through hole never bottoms; what fits is the shortest that does', () => {
    fc.assert(
      fc.property(arbCase, (drawn) => {
        const c = caseOf(drawn)
        const { fit, lengths, longestM } = bolt(c)
        lengths.slice(1).forEach((f, i) => {
          expect(f.engagementM).toBeGreaterThanOrEqual(lengths[i]!.engagementM)
          expect(f.bottoms || !lengths[i]!.bottoms).toBe(true)
        })
        if (c.holeDepthM === null) expect(lengths.some((f) => f.bottoms)).toBe(false)
        // Plain search, by the sentences of the trade instead of the code's own fields.
        const good = SOLD_LENGTHS_M[c.thread.form].filter(
          (l) =>
            Math.min(l - c.clampedM, c.threadDepthM) >= bolt(c).leastEngagementM - 1e-9 &&
            (c.holeDepthM === null || l - c.clampedM + c.thread.pitchM <= c.holeDepthM + 1e-9),
        )
        expect(fit?.lengthM ?? null).toBe(good[0] ?? null)
        if (fit && longestM !== null) expect(fit.lengthM).toBeLessThanOrEqual(longestM + 1e-9)
      }),
      { seed: 81, numRuns: 400 },
    )
  })
  it('the preload breaks neither bolt nor thread, and a slipperier thread clamps the same with less torque', () => {
    fc.assert(
      fc.property(arbCase, (drawn) => {
        const dry = bolt({ ...caseOf(drawn), state: 'dry' })
        const oiled = bolt({ ...caseOf(drawn), state: 'oiled' })
        if (dry.preloadN === null) return
        for (const bears of Object.values(dry.bearsN!)) expect(dry.preloadN).toBeLessThan(bears)
        expect(oiled.preloadN).toBe(dry.preloadN)
        expect(oiled.torqueNm!).toBeLessThan(dry.torqueNm!)
      }),
      { seed: 82, numRuns: 200 },
    )
  })
})

describe('the order of tightening', () => {
  const twoRows = boltPlaces({ kind: 'rows', rows: [{ count: 4, pitchM: 0.1, belowM: 0 }, { count: 4, pitchM: 0.1, belowM: 0.1 }] }) // prettier-ignore
  it('two rows of four, by hand: the four in the middle crosswise, then the ends crosswise', () =>
    expect(tighteningOrder(twoRows)).toMatchObject({
      order: [2, 5, 6, 1, 7, 0, 3, 4],
      ringOf: [1, 0, 0, 1, 1, 0, 0, 1],
    }))
  it('four round a throat begin at the top and cross', () =>
    expect(tighteningOrder(boltPlaces({ kind: 'circle', count: 4, diameterM: 0.1, firstAtTop: true })).order).toEqual([
      0, 2, 1, 3,
    ]))
  it('one in the middle comes first; one bolt, none', () => {
    const cross: BoltPlace[] = [[0, 0.1], [0.1, 0], [0, -0.1], [-0.1, 0], [0, 0]].map(([xM, yM]) => ({ xM: xM!, yM: yM! })) // prettier-ignore
    expect(tighteningOrder(cross).order).toEqual([4, 0, 2, 1, 3])
    expect(tighteningOrder([{ xM: 3, yM: 4 }]).order).toEqual([0])
    expect(tighteningOrder([]).order).toEqual([])
  })
  const arbPlaces = fc.array(fc.record({ xM: fc.integer({ min: -20, max: 20 }), yM: fc.integer({ min: -20, max: 20 }) }), { minLength: 1, maxLength: 16 }).map((all) => [...new Map(all.map((p) => [`${p.xM} ${p.yM}`, { xM: p.xM / 100, yM: p.yM / 100 }])).values()]) // prettier-ignore
  it('each once, no ring before a nearer one, the same wherever the pattern lies, however large and in whatever order it was entered', () => {
    fc.assert(
      fc.property(arbPlaces, fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: 16, maxLength: 16 }), (places, keys) => {
        const { order, ringOf } = tighteningOrder(places)
        expect([...order].sort((a, b) => a - b)).toEqual(places.map((_, i) => i))
        order.slice(1).forEach((i, k) => expect(ringOf[i]!).toBeGreaterThanOrEqual(ringOf[order[k]!]!))
        const moved = places.map((p) => ({ xM: 2 * p.xM + 4, yM: 2 * p.yM - 8 }))
        expect(tighteningOrder(moved).order).toEqual(order)
        const shuffle = places.map((_, i) => i).sort((a, b) => keys[a]! - keys[b]!)
        const again = tighteningOrder(shuffle.map((i) => places[i]!)).order.map((k) => shuffle[k]!)
        expect(again).toEqual(order)
      }),
      { seed: 83, numRuns: 300 },
    ) // prettier-ignore
  })
  it('in a pattern that is the same from both ends every second bolt lies opposite the one before', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 5 }), fc.integer({ min: 20, max: 120 }), fc.integer({ min: 20, max: 120 }), (half, pitchMm, belowMm) => {
        const count = 2 * half
        const places = boltPlaces({ kind: 'rows', rows: [{ count, pitchM: pitchMm / 1e3, belowM: 0 }, { count, pitchM: pitchMm / 1e3, belowM: belowMm / 1e3 }] })
        const { centre, order } = tighteningOrder(places)
        for (let k = 0; k + 1 < order.length; k += 2) {
          const [a, b] = [places[order[k]!]!, places[order[k + 1]!]!]
          expect(a.xM + b.xM).toBeCloseTo(2 * centre.xM, 9)
          expect(a.yM + b.yM).toBeCloseTo(2 * centre.yM, 9)
        }
      }),
      { seed: 84, numRuns: 60 },
    ) // prettier-ignore
  })
})
