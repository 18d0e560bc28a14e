import fc from 'fast-check'
import {
  kickdownPullM,
  kickdownTravel,
  levelsOf,
  rimCorners,
  besideStack,
  taperedGeometry,
  type SideFace,
  type SidePoint,
} from '../../engine-top/index.ts'
import { TAPERED_THREADS } from '../../parts/index.ts'
import { emptyPoint } from '../../sections/index.ts'
import { assessEngineTop } from './assessEngineTop.ts'
import { linkagePose } from './linkagePose.ts'
import { sectionOf } from './sectionMarks.ts'
import { rightJob, withBolts, withPiece, withStack, withThrottle } from './test/jobs.ts'

const stackOf = (job: typeof rightJob) => assessEngineTop(job).c.stack
const m = (min: number, max: number) => fc.double({ min, max, noNaN: true })

describe('laws of the stack', () => {
  it('a taller spacer never gains clearance anywhere above it, and loses just what it is taller', () => {
    fc.assert(
      fc.property(m(0.005, 0.05), m(0.0005, 0.02), (lowM, moreM) => {
        // A rail on the manifold stays; all that stands on the spacer goes up with it, the throttle lever too.
        const rail = { ...emptyPoint('point-rail', 'Fuel rail', 'rail'), rightM: 0.07, aheadM: 0.07, topM: 0.06 }
        const job = withStack({ rockDeg: 0, points: [...rightJob.engineTop.stack.points, rail] })
        const gapsOf = (h: number) => new Map(stackOf(withPiece('spacer', h, job)).clearance.corners.map((x) => [x.id, x.gapM!])) // prettier-ignore
        const [low, high] = [gapsOf(lowM), gapsOf(lowM + moreM)]
        for (const [id, gapM] of low) expect(high.get(id)).toBeCloseTo(id === 'point-rail' ? gapM : gapM - moreM, 9)
      }),
      { seed: 241, numRuns: 40 },
    )
  })
  it('the tallest spacer that it names just fits, and a millimetre more does not', () => {
    fc.assert(
      fc.property(m(0.05, 0.1), m(0, 4), (bodyM, rockDeg) => {
        const job = withStack({ rockDeg }, withPiece('throttle-body', bodyM))
        const tallestM = stackOf(job).tallestSpacerM
        fc.pre(tallestM !== null && tallestM > 0.002)
        const worst = (h: number) => Math.min(...stackOf(withPiece('spacer', h, job)).clearance.corners.map((x) => x.gapM!)) // prettier-ignore
        // Rocking farther from its axis a taller stack goes a little further sideways, under a bonnet that slopes.
        expect(worst(tallestM!)).toBeGreaterThan(0.005 - 1e-3)
        expect(worst(tallestM! + 0.002)).toBeLessThan(0.005)
      }),
      { seed: 242, numRuns: 60 },
    )
  })
  it('more rock never gains clearance', () => {
    fc.assert(
      fc.property(m(0, 3), m(0.1, 3), (deg, more) => {
        const of = (rockDeg: number) => stackOf(withStack({ rockDeg })).clearance.corners
        const [less, far] = [of(deg), new Map(of(deg + more).map((x) => [x.id, x.gapM!]))]
        for (const x of less) expect(far.get(x.id)).toBeLessThanOrEqual(x.gapM! + 1e-12)
      }),
      { seed: 243, numRuns: 40 },
    )
  })
  it('beside the mount axis the engine goes up and down: an axis to one side costs the other side more', () => {
    const gapOf = (axisRightM: number, id: string) => stackOf(withStack({ axisRightM, clay: rightJob.engineTop.stack.clay.map((c) => ({ ...c, clayM: 0.2 - c.topM! })) })).clearance.corners.find((x) => x.id === id)!.gapM! // prettier-ignore
    // Under a level bonnet by hand: x sin q + h cos q - h, with the rim 0.11 m to the left and 0.153 m above the pad.
    const h = 0.153 + 0.34
    const q = (2 * Math.PI) / 180
    const rise = (x: number) => x * Math.sin(q) + h * Math.cos(q) - h
    expect(gapOf(0, 'rim-left')).toBeCloseTo(0.2 - 0.153 - rise(0.11), 9)
    expect(gapOf(0.15, 'rim-left')).toBeCloseTo(0.2 - 0.153 - rise(0.26), 9)
    expect(gapOf(0.15, 'rim-right')).toBeCloseTo(0.2 - 0.153 - rise(0.04), 9)
  })
  it('no stretch of a rim between two corners that are known is farther from clay at both than clay reaches', () => {
    fc.assert(
      fc.property(m(0.1, 0.5), (rimM) => {
        const corners = rimCorners(rimM, 0.1)
        const gapM = Math.max(...corners.map((a, i) => {
          const b = corners[(i + 1) % corners.length]!
          return Math.hypot(a.rightM - b.rightM, a.aheadM - b.aheadM)
        })) // prettier-ignore
        // Half way between two corners is the farthest from both.
        expect(gapM / 2).toBeLessThan(0.05)
        expect(corners.length === 8 || corners.length === 16).toBe(true)
        for (const c of corners) expect(Math.hypot(c.rightM, c.aheadM)).toBeCloseTo(rimM / 2, 12)
      }),
      { seed: 247, numRuns: 60 },
    )
    const wide = withStack({ rimM: 0.3 })
    expect(assessEngineTop(wide).verdicts.find((v) => v.id === 'bonnet')).toMatchObject({ state: 'unknown', title: 'Bonnet not known over the rim of the air cleaner, between front and front right' }) // prettier-ignore
  })
  it('pieces add up in any order; a piece that nobody has measured leaves all above it open', () => {
    fc.assert(
      fc.property(fc.array(m(-0.03, 0.1), { minLength: 1, maxLength: 12 }), fc.nat(11), (heights, at) => {
        const of = (hs: readonly (number | null)[]) => levelsOf(hs.map((heightM) => ({ kind: 'x', heightM })))
        expect(of(heights).at(-1)!.toM).toBeCloseTo(of([...heights].reverse()).at(-1)!.toM!, 12)
        const open = heights.map((h, i) => (i === at ? null : h))
        expect(of(open).map((l) => l.toM === null)).toEqual(heights.map((_, i) => at < heights.length && i >= at))
      }),
      { seed: 244, numRuns: 100 },
    )
  })
  it('room at the sides: against the rock stepped through by hand', () => {
    const face: fc.Arbitrary<SideFace> = fc.oneof(
      fc.record({ id: fc.constant('f'), kind: fc.constantFrom('behind', 'ahead', 'left', 'right'), atM: m(0.05, 0.4), onEngine: fc.boolean() }),
      fc.record({ id: fc.constant('f'), kind: fc.constant('round'), rightM: m(-0.3, 0.3), aheadM: m(-0.3, 0.3), radiusM: m(0.02, 0.1), onEngine: fc.boolean() }),
    ) // prettier-ignore
    const point: fc.Arbitrary<SidePoint> = fc.record({ id: fc.constant('p'), rightM: m(-0.2, 0.2), aheadM: m(-0.2, 0.2), topM: m(-0.1, 0.2), reachM: m(0, 0.06) }) // prettier-ignore
    fc.assert(
      fc.property(point, face, m(0, 0.08), m(-0.6, -0.15), (p, f, rockRad, axisUpM) => {
        const [gap] = besideStack([p], [f], rockRad, axisUpM)
        let least = Infinity
        for (let i = -400; i <= 400; i++) {
          const rad = f.onEngine ? 0 : (rockRad * i) / 400
          const x = p.rightM * Math.cos(rad) - (p.topM - axisUpM) * Math.sin(rad)
          const d = f.kind === 'round' ? Math.hypot(f.rightM - x, f.aheadM - p.aheadM) - f.radiusM : { behind: f.atM + p.aheadM, ahead: f.atM - p.aheadM, left: f.atM + x, right: f.atM - x }[f.kind] // prettier-ignore
          least = Math.min(least, d - p.reachM)
        }
        expect(Math.abs(gap!.gapM - least)).toBeLessThan(3e-4)
      }),
      { seed: 245, numRuns: 300 },
    )
  })
  it('the section draws every piece at its height, and the tightest place as it is judged', () => {
    for (const view of ['tightest', 'along', 'across'] as const) {
      const s = stackOf(rightJob)
      const { marks, topMm, bottomMm } = sectionOf(s, view)!
      const tops = marks.flatMap((k) => (k.kind === 'shape' && k.what === 'piece' ? [Math.max(...k.at.map((a) => a[1]))] : [])) // prettier-ignore
      expect(Math.max(...tops)).toBeCloseTo(s.totalM! * 1e3, 9)
      const gap = marks.find((k) => k.kind === 'gap')!
      expect(gap.kind === 'gap' && gap.toMm - gap.fromMm).toBeCloseTo(s.clearance.corners[0]!.gapM! * 1e3, 9)
      expect(topMm).toBeGreaterThan(bottomMm)
    }
    expect(sectionOf(stackOf(withPiece('lid', null)), 'along')).toBeNull()
  })
})

describe('laws of bolts and throttle', () => {
  it('a longer bolt never loses engagement until it bottoms, and then it stays so', () => {
    const fits = [0.03, 0.035, 0.04, 0.045, 0.05, 0.055, 0.06].map((lengthM) => assessEngineTop(withBolts({ lengthM })).c.bolts[0]!.answer!.fit!) // prettier-ignore
    fits.slice(1).forEach((fit, i) => {
      expect(fit.engagementM).toBeGreaterThanOrEqual(fits[i]!.engagementM)
      if (fits[i]!.bottoms) expect(fit.bottoms).toBe(true)
    })
    expect(fits.map((f) => f.bottoms).filter(Boolean).length).toBeGreaterThan(0)
  })
  it.each([
    // ASME B1.20.1, table 2: pitch diameter at the small end, effective thread, minor diameter there; inches.
    ['NPT1/8', 0.36351, 0.2639, 0.3339],
    ['NPT1/4', 0.47739, 0.4018, 0.43295],
    ['NPT3/8', 0.61201, 0.4078, 0.56757],
    ['NPT1/2', 0.75843, 0.5337, 0.70129],
  ])('%s as the table of the standard has it', (id, pitchIn, usefulIn, minorIn) => {
    const g = taperedGeometry(TAPERED_THREADS.find((t) => t.id === id)!)
    expect(g.smallPitchM / 0.0254).toBeCloseTo(pitchIn, 4)
    expect(g.usefulM / 0.0254).toBeCloseTo(usefulIn, 3)
    expect(g.drillM / 0.0254).toBeCloseTo(minorIn, 3)
  })
  it.each([
    // ISO 7-1, table: at the gauge plane d2 and d1, useful thread; mm.
    ['R1/8', 9.147, 8.566, 6.5],
    ['R3/8', 15.806, 14.95, 10.1],
    ['R1/2', 19.793, 18.631, 13.2],
  ])('%s as the table of the standard has it', (id, pitchMm, minorMm, usefulMm) => {
    const t = TAPERED_THREADS.find((x) => x.id === id)!
    const g = taperedGeometry(t)
    expect((g.smallPitchM + t.handM / 16) * 1e3).toBeCloseTo(pitchMm, 2)
    expect((g.drillM + t.handM / 16) * 1e3).toBeCloseTo(minorMm, 2)
    expect(g.usefulM * 1e3).toBeCloseTo(usefulMm, 6)
  })
  it('the arm and the angle that it names give the gearbox maker’s travel', () => {
    fc.assert(
      fc.property(m(0.01, 0.05), m(0.3, 1.5), m(1, 1.6), m(0.005, 0.06), (armM, restRad, plateRad, travelM) => {
        const a = kickdownTravel({ armM, restRad, plateRad, closedM: 0.002, wantsClosedM: 0.002, wantsOpenM: 0.002 + travelM }) // prettier-ignore
        if (a.armM !== null) expect(kickdownPullM(a.armM, restRad, plateRad)).toBeCloseTo(travelM, 9)
        if (a.restRad !== null) expect(kickdownPullM(armM, a.restRad, plateRad)).toBeCloseTo(travelM, 9)
        // A pin on a circle, followed along the cable.
        const pulled = armM * Math.cos(restRad) - armM * Math.cos(restRad + plateRad)
        expect(a.openM).toBeCloseTo(0.002 + pulled, 12)
      }),
      { seed: 246, numRuns: 200 },
    )
  })
  it('the linkage as it is drawn keeps its rod, and its plate stands where it is judged', () => {
    const t = assessEngineTop(rightJob).c.throttle
    const link = t.solved!.links[0]!
    for (const share of [0, 0.3, 0.7, 1]) {
      const [pose] = linkagePose(t, share)!
      const [a, b] = [pose!.driver[1], pose!.driven![1]]
      expect(Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2])).toBeCloseTo(link.kind === 'rod' ? link.rodM : NaN, 9)
    }
    const [rest, open] = [0, 1].map((s) => linkagePose(t, s)![0]!.driven!)
    const turn = (p: typeof rest) => Math.atan2(-(p![1][1] - p![0][1]), p![1][2] - p![0][2])
    expect((turn(open) - turn(rest)) / t.plateRad).toBeCloseTo(t.answer!.share, 6)
  })
  it('force at the pad: work of the pad is work of springs and drag', () => {
    const t = assessEngineTop(withThrottle({ springOpenNm: 0.6 })).c.throttle
    const { points } = t.answer!
    const moment = 2 * 0.6 + 0.2
    const [a, b] = [points[0]!, points[8]!]
    expect(t.padN![0] * (b.padM - a.padM)).toBeCloseTo(moment * (b.plateRad - a.plateRad), 9)
  })
})
