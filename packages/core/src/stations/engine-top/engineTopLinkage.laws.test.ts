import fc from 'fast-check'
import type { JobDocument } from '../../job/index.ts'
import { emptyLink, type EngineTopSection, type LeverEntry } from '../../sections/index.ts'
import { sentenceText } from '../../verdict/index.ts'
import { assessEngineTop } from './assessEngineTop.ts'
import { linkagePose } from './linkagePose.ts'
import { rightJob, withThrottle } from './test/jobs.ts'
import { throttleOfJob } from './throttleOfJob.ts'

type Link = EngineTopSection['throttle']['links'][number]
type Spot = readonly [right: number, ahead: number, up: number]

const RAD = Math.PI / 180
const RUNS = { seed: 41, numRuns: 40 }
const rod = rightJob.engineTop.throttle.links[0]!
const answerOf = (links: readonly Link[], more: Partial<EngineTopSection['throttle']> = {}) =>
  throttleOfJob(withThrottle({ links: [...links], ...more })).answer!
const verdict = (job: JobDocument, id: string) => assessEngineTop(job).verdicts.find((v) => v.id === id)

/** Levers that follow each other over some of the pedal, wherever they stand. */
const arbLever = (aheadM: number): fc.Arbitrary<LeverEntry> =>
  fc.record({
    rightM: fc.double({ min: -0.12, max: -0.06, noNaN: true }),
    aheadM: fc.constant(aheadM),
    upM: fc.double({ min: 0.02, max: 0.08, noNaN: true }),
    shaft: fc.constant('across' as const),
    swungDeg: fc.constant(null),
    armM: fc.double({ min: 0.03, max: 0.06, noNaN: true }),
    restDeg: fc.double({ min: 305, max: 335, noNaN: true }),
    opens: fc.constant('clockwise' as const),
  })
const arbRod = fc.tuple(arbLever(-0.29), arbLever(0)).map(([driver, driven]): Link => ({ ...rod, driver, driven }))

/** Every lever and sheath of a link taken to another place. */
const moved = (link: Link, to: (at: Spot) => Spot, lies: Partial<LeverEntry>): Link => {
  const lever = (l: LeverEntry): LeverEntry => {
    const [rightM, aheadM, upM] = to([l.rightM!, l.aheadM!, l.upM!])
    return { ...l, rightM, aheadM, upM, ...lies }
  }
  return { ...link, driver: lever(link.driver), driven: lever(link.driven) }
}
const same = (a: ReturnType<typeof answerOf>, b: ReturnType<typeof answerOf>): void => {
  expect(a.share).toBeCloseTo(b.share, 6)
  expect(a.atHalf).toBeCloseTo(b.atHalf, 6)
  expect(a.binds === null).toBe(b.binds === null)
  if (a.binds && b.binds) expect(a.binds.padM).toBeCloseTo(b.binds.padM, 6)
}

describe('a linkage opens the plate alike wherever and whichever way it lies', () => {
  it('taken somewhere else as a whole', () => {
    fc.assert(
      fc.property(arbRod, fc.tuple(...([1, 2, 3].map(() => fc.double({ min: -0.5, max: 0.5, noNaN: true })) as [fc.Arbitrary<number>, fc.Arbitrary<number>, fc.Arbitrary<number>])), (link, by) => {
        same(answerOf([link]), answerOf([moved(link, ([r, a, u]) => [r + by[0], a + by[1], u + by[2]], {})]))
      }),
      RUNS,
    )
  }) // prettier-ignore
  it('swung round an upright axis, by as much as its shafts are said to be swung', () => {
    fc.assert(
      fc.property(arbRod, fc.double({ min: -90, max: 90, noNaN: true }), (link, swungDeg) => {
        // Clockwise from above: what points right turns to the rear.
        const [c, s] = [Math.cos(swungDeg * RAD), Math.sin(swungDeg * RAD)]
        same(answerOf([link]), answerOf([moved(link, ([r, a, u]) => [r * c + a * s, a * c - r * s, u], { swungDeg })]))
      }),
      RUNS,
    )
  })
  it('from across the car to along it', () => {
    fc.assert(
      // A quarter anticlockwise from above: what points right points ahead then, and the levers are looked at from behind.
      fc.property(arbRod, (link) => same(answerOf([link]), answerOf([moved(link, ([r, a, u]) => [-a, r, u], { shaft: 'along' })]))), // prettier-ignore
      RUNS,
    )
  })
  it('laid down, from shafts along the car to upright ones', () => {
    fc.assert(
      fc.property(arbRod, (link) => {
        const along = moved(link, ([r, a, u]) => [-a, r, u], { shaft: 'along' })
        // What pointed up points ahead; what was looked at from behind is looked at from above.
        same(answerOf([along]), answerOf([moved(along, ([r, a, u]) => [r, u, -a], { shaft: 'upright' })]))
      }),
      RUNS,
    )
  })
  it('seen from the other side, where clockwise is the other way', () => {
    fc.assert(
      fc.property(arbRod, (link) => {
        const other = (l: LeverEntry): LeverEntry => ({ ...l, aheadM: -l.aheadM!, restDeg: 360 - l.restDeg!, opens: 'anticlockwise' }) // prettier-ignore
        same(answerOf([link]), answerOf([{ ...link, driver: other(link.driver), driven: other(link.driven) }]))
      }),
      RUNS,
    )
  })
})

describe('a cable and its cam', () => {
  const driver: LeverEntry = { rightM: 0, aheadM: 0, upM: 0, shaft: 'across', swungDeg: null, armM: 0.05, restDeg: 330, opens: 'clockwise' } // prettier-ignore
  const cable: Link = {
    ...emptyLink('link-cable', 'Pedal cable', 'cable'),
    driver,
    sheathRightM: 0,
    sheathAheadM: 0.4,
    sheathUpM: 0.04,
    closedRadiusM: 0.02,
    openRadiusM: 0.02,
    camDeg: 90,
  }
  /** From the left, clockwise from straight up: the ball stands ahead by minus the sine. */
  const pulledM = (restDeg: number, turnDeg: number): number => {
    const far = (deg: number) => Math.hypot(-0.05 * Math.sin(deg * RAD) - 0.4, 0.05 * Math.cos(deg * RAD) - 0.04)
    return far(restDeg + turnDeg) - far(restDeg)
  }
  it('on an even cam the plate turns by the cable drawn over the radius', () => {
    const { points } = answerOf([cable], { slackM: 0, pedalDeg: 40 })
    expect(points.length).toBeGreaterThan(50)
    for (const p of points.filter((_, i) => i % 20 === 0))
      expect(p.plateRad).toBeCloseTo(Math.max(0, pulledM(330, p.pedalRad / RAD)) / 0.02, 9)
  })
  it('on a cam that grows, the cable drawn is the area under the radius over the angle, summed step by step', () => {
    const grown = { ...cable, closedRadiusM: 0.014, openRadiusM: 0.03 }
    for (const { padM, plateRad } of answerOf([grown], { slackM: 0, pedalDeg: 30 }).points.filter((_, i) => i % 40 === 0)) {
      const steps = 20_000
      let drawnM = 0
      for (let i = 0; i < steps; i++) {
        const a = ((i + 0.5) / steps) * plateRad
        drawnM += (a >= Math.PI / 2 ? 0.03 : 0.014 + (0.016 * a) / (Math.PI / 2)) * (plateRad / steps)
      }
      expect(drawnM).toBeCloseTo(Math.max(0, pulledM(330, padM / 0.21 / RAD)), 8)
    }
  }) // prettier-ignore
  it('a cam that grows opens less in the first half than an even one of the same cable', () => {
    const even = answerOf([{ ...cable, closedRadiusM: 0.022, openRadiusM: 0.022 }])
    const grown = answerOf([{ ...cable, closedRadiusM: 0.032, openRadiusM: 0.012 }])
    expect(grown.atHalf / grown.share).toBeLessThan(even.atHalf / even.share)
  })
  it('stands with its ball where the pedal has taken it, its sheath where it is fixed', () => {
    const t = throttleOfJob(withThrottle({ links: [cable], slackM: 0, pedalDeg: 40 }))
    const [pose] = linkagePose(t, 0.5)!
    expect(pose).toMatchObject({ name: 'Pedal cable', driven: null, sheath: [0, 0.4, 0.04] })
    const [, [, ahead, up]] = pose!.driver
    expect([Math.abs(ahead), up]).toEqual([expect.closeTo(0.05 * Math.sin(10 * RAD), 9), expect.closeTo(0.05 * Math.cos(10 * RAD), 9)]) // prettier-ignore
  })
  it.each<[string, Partial<Link>, RegExp]>([
    ['the lever of the pedal', { driver: { ...driver, armM: null } }, /lever on the pedal side of “Pedal cable”/],
    ['the end of the sheath', { sheathUpM: null }, /end of the sheath of “Pedal cable”/],
    ['a radius of the cam', { openRadiusM: null }, /cam of “Pedal cable”/],
    ['the turn of the cam', { camDeg: null }, /cam of “Pedal cable”/],
  ])('without %s nothing is said of it but that', (_name, change, wants) => {
    const v = verdict(withThrottle({ links: [{ ...cable, ...change }] }), 'linkage')!
    expect([v.state, sentenceText(v.reason, {})]).toEqual(['unknown', expect.stringMatching(wants)])
  })
  it('of a rod the lever at the plate is asked for', () => {
    const v = verdict(withThrottle({ links: [{ ...rod, driven: { ...rod.driven, armM: null } }] }), 'linkage')!
    expect([v.state, sentenceText(v.reason, {})]).toEqual([
      'unknown',
      expect.stringMatching(/lever on the plate side of/),
    ])
  })
})

describe('the pad, by energy', () => {
  it('what the foot puts in on the way is what springs and drag take at the plate', () => {
    const t = throttleOfJob(withThrottle({ slackM: 0 }))
    const { dragNm, springClosedNm, springOpenNm, springs } = t.entry
    const [leaving, open] = t.padN!
    const momentNm = (share: number) => springs! * (springClosedNm! + share * (springOpenNm! - springClosedNm!)) + dragNm!
    // Virtual work over the first and the last step of the solved travel.
    const { points } = t.answer!
    const rate = (a: number, b: number) => (points[b]!.plateRad - points[a]!.plateRad) / (points[b]!.padM - points[a]!.padM)
    expect(leaving / (momentNm(0) * rate(0, 1))).toBeCloseTo(1, 1)
    expect(open / (momentNm(1) * rate(points.length - 2, points.length - 1))).toBeCloseTo(1, 1)
  }) // prettier-ignore
})

describe('states of the throttle that nothing else tries', () => {
  const kick = (change: Partial<EngineTopSection['throttle']['kickdown']>) =>
    withThrottle({ kickdown: { ...rightJob.engineTop.throttle.kickdown, ...change } })
  it.each<[string, JobDocument, string, RegExp]>([
    ['no spring at all', withThrottle({ springs: 0 }), 'springs stop', /^No return spring$/],
    ['one spring', withThrottle({ springs: 1 }), 'springs stop', /^Only one return spring$/],
    ['springs nobody has measured', withThrottle({ springOpenNm: null }), 'springs unknown', /^Return springs not measured$/],
    ['a gearbox cable nobody has measured', kick({ armM: null }), 'kickdown unknown', /^Gearbox cable not measured$/],
    ['a gearbox cable on a short arm', kick({ armM: 0.026 }), 'kickdown stop', /pulled too little at full throttle$/],
    ['a gearbox cable on a long arm', kick({ armM: 0.034 }), 'kickdown stop', /pulled too far at full throttle$/],
    ['a gearbox cable wrong where it starts', kick({ closedM: 0.006, wantsOpenM: 0.0455 }), 'kickdown stop', /^Gearbox cable wrong at closed throttle$/],
    ['a throttle sensor nobody has measured', withThrottle({ openV: null }), 'plate-sensor unknown', /^Throttle sensor not measured$/],
    ['a throttle sensor at its supply', withThrottle({ openV: 4.9 }), 'plate-sensor stop', /^Throttle sensor reads like a broken wire$/],
    ['a throttle sensor that falls to nothing', withThrottle({ closedV: 4.3, openV: 0.1 }), 'plate-sensor stop', /^Throttle sensor reads like a broken wire$/],
    ['a pedal a little too far', withThrottle({ pedalDeg: 62 }), 'pedal-stop caution', /^Pedal forces the plate’s stop$/],
  ])('%s', (_name, job, state, title) => {
    const v = verdict(job, state.split(' ')[0]!)!
    expect([`${v.id} ${v.state}`, v.title]).toEqual([state, expect.stringMatching(title)])
  }) // prettier-ignore
})
