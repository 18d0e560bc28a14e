import fc from 'fast-check'
import { camTurnRad, cablePullM } from './cableCam.ts'
import { ballAt, closures, rodAtRestM, sweepRod, type Lever, type RodLinkage } from './rodLinkage.ts'
import { minus, size, type Vector } from './space.ts'
import { throttle, type ThrottleCase, type ThrottleLink } from './throttle.ts'

const deg = Math.PI / 180
const ALONG: Vector = [0, 1, 0]
const lever = (right: number, up: number, armM: number, restDeg: number, shaft: Vector = ALONG): Lever => ({
  at: [right, 0, up],
  shaft,
  armM,
  restRad: restDeg * deg,
})
const joined = (driver: Lever, driven: Lever): RodLinkage => ({
  kind: 'rod',
  driver,
  driven,
  rodM: rodAtRestM({ driver, driven }),
})

describe('a rod between two levers', () => {
  it('equal levers and a rod as long as their shafts are apart turn alike', () => {
    const { bindsAtRad, points } = sweepRod(joined(lever(0, 0, 0.05, 20), lever(0.3, 0, 0.05, 20)), 60 * deg, 1)
    expect(bindsAtRad).toBeNull()
    for (const p of points) {
      expect(p.drivenRad).toBeCloseTo(p.driverRad, 9)
      expect(p.ratio).toBeCloseTo(1, 5)
    }
  })
  it('a crank with its rocker: the rocker swings between the two positions in which crank and rod lie in line', () => {
    const [a, b, d, l] = [0.03, 0.08, 0.1, 0.09]
    const swing = Math.acos((b * b + d * d - (l + a) ** 2) / (2 * b * d)) - Math.acos((b * b + d * d - (l - a) ** 2) / (2 * b * d)) // prettier-ignore
    const crank = lever(0, 0, a, 0)
    const rest = closures({ kind: 'rod', driver: crank, driven: lever(d, 0, b, 0), rodM: l }, ballAt(crank, 0))[0]!
    const { bindsAtRad, points } = sweepRod({ kind: 'rod', driver: crank, driven: lever(d, 0, b, rest / deg), rodM: l }, 2 * Math.PI, 1) // prettier-ignore
    expect(bindsAtRad).toBeNull()
    const turns = points.map((p) => p.drivenRad)
    expect(Math.max(...turns) - Math.min(...turns)).toBeCloseTo(swing, 4)
    expect(turns.at(-1)).toBeCloseTo(0, 9)
  })
  it('binds where rod and driven lever lie in line, by the law of cosines', () => {
    const [a, b, d, l] = [0.09, 0.04, 0.12, 0.06]
    // The driver stands at most so far from the line between the shafts.
    const most = Math.acos((a * a + d * d - (l + b) ** 2) / (2 * a * d))
    const driver = { ...lever(0, 0, a, 90), restRad: Math.PI / 2 }
    const rest = closures(
      { kind: 'rod', driver, driven: lever(d, 0, b, 0), rodM: l },
      ballAt(driver, driver.restRad),
    )[0]!
    for (const sense of [1, -1] as const) {
      const { bindsAtRad } = sweepRod({ kind: 'rod', driver, driven: lever(d, 0, b, rest / deg), rodM: l }, sense * 150 * deg, 1) // prettier-ignore
      expect(bindsAtRad).toBeCloseTo(most, 6)
    }
  })

  const arbShaft = fc.tuple(fc.double({ min: -1, max: 1, noNaN: true }), fc.double({ min: 0.2, max: 1, noNaN: true }), fc.double({ min: -1, max: 1, noNaN: true })) // prettier-ignore
  const arbLever = fc.record({ right: fc.double({ min: 0.15, max: 0.4, noNaN: true }), up: fc.double({ min: -0.1, max: 0.1, noNaN: true }), armM: fc.double({ min: 0.02, max: 0.06, noNaN: true }), restDeg: fc.double({ min: 0, max: 360, noNaN: true }), shaft: arbShaft }) // prettier-ignore
  it('agrees to 0.01° with a mechanism traced by itself: plane by circles that intersect, in space by the least correction', () => {
    let traced = 0
    fc.assert(
      fc.property(arbLever, arbLever, fc.boolean(), fc.integer({ min: 20, max: 90 }), (a, b, plane, travelDeg) => {
        const driver = lever(0, 0, a.armM, a.restDeg, plane ? ALONG : a.shaft)
        const driven = lever(b.right, b.up, b.armM, b.restDeg, plane ? ALONG : b.shaft)
        const linkage = joined(driver, driven)
        const { points } = sweepRod(linkage, travelDeg * deg, 1)
        const trace = plane ? tracePlane(linkage) : traceSpace(linkage)
        let worstDeg = 0
        for (const p of points) {
          // Beside a dead centre both ways to close lie together: no tracer tells them apart.
          if (Math.abs(p.ratio) > 20) break
          const own = trace(p.driverRad)
          if (own === null) break
          traced++
          worstDeg = Math.max(worstDeg, Math.abs(own - p.drivenRad) / deg)
        }
        expect(worstDeg).toBeLessThan(0.01)
      }),
      { seed: 85, numRuns: 120 },
    )
    expect(traced).toBeGreaterThan(5000)
  })
  it('keeps the rod as long as it is', () => {
    fc.assert(
      fc.property(arbLever, arbLever, (a, b) => {
        const driver = lever(0, 0, a.armM, a.restDeg, a.shaft)
        const linkage = joined(driver, lever(b.right, b.up, b.armM, b.restDeg, b.shaft))
        for (const p of sweepRod(linkage, deg * 60, 1).points) {
          const balls = [ballAt(driver, driver.restRad + p.driverRad), ballAt(linkage.driven, linkage.driven.restRad + p.drivenRad)] as const // prettier-ignore
          expect(size(minus(...balls))).toBeCloseTo(linkage.rodM, 9)
        }
      }),
      { seed: 86, numRuns: 100 },
    )
  })
})

/** Driven angle by the intersection of two circles in the levers' plane, the one nearer to the step before. */
const tracePlane = ({ driven, driver, rodM }: RodLinkage) => {
  let last: [number, number] = [ballAt(driven, driven.restRad)[0], ballAt(driven, driven.restRad)[2]]
  const start = Math.atan2(last[0] - driven.at[0], last[1] - driven.at[2])
  let turned = 0
  return (rad: number): number | null => {
    const angle = driver.restRad + rad
    const ball = [driver.at[0] + driver.armM * Math.sin(angle), driver.at[2] + driver.armM * Math.cos(angle)] as const
    const [dx, dy] = [driven.at[0] - ball[0], driven.at[2] - ball[1]]
    const distance = Math.hypot(dx, dy)
    const along = (distance ** 2 + rodM ** 2 - driven.armM ** 2) / (2 * distance)
    const square = rodM ** 2 - along ** 2
    if (square < 0) return null
    const off = Math.sqrt(square)
    const both = [1, -1].map((s): [number, number] => [
      ball[0] + (along * dx - s * off * dy) / distance,
      ball[1] + (along * dy + s * off * dx) / distance,
    ])
    const next = both.sort((p, q) => Math.hypot(p[0] - last[0], p[1] - last[1]) - Math.hypot(q[0] - last[0], q[1] - last[1]))[0]! // prettier-ignore
    last = next
    const now = Math.atan2(next[0] - driven.at[0], next[1] - driven.at[2]) - start
    turned = now - 2 * Math.PI * Math.round((now - turned) / (2 * Math.PI))
    return turned
  }
}

/** Driven angle by Newton on the rod's length, from the step before. */
const traceSpace = ({ driven, driver, rodM }: RodLinkage) => {
  let at = driven.restRad
  return (rad: number): number | null => {
    const ball = ballAt(driver, driver.restRad + rad)
    const off = (x: number) => size(minus(ballAt(driven, x), ball)) - rodM
    for (let i = 0; i < 40; i++) {
      const slope = (off(at + 1e-7) - off(at - 1e-7)) / 2e-7
      const step = off(at) / slope
      if (!Number.isFinite(step)) return null
      at -= Math.max(-0.05, Math.min(0.05, step))
      if (Math.abs(step) < 1e-12) break
    }
    return Math.abs(off(at)) < 1e-9 ? at - driven.restRad : null
  }
}

describe('a cable on a cam', () => {
  it('a round cam turns by pull over radius; one that grows by the integral of its radius', () => {
    expect(camTurnRad({ closedRadiusM: 0.02, openRadiusM: 0.02, camRad: 1.5 }, 0.03)).toBeCloseTo(1.5, 12)
    const cam = { closedRadiusM: 0.015, openRadiusM: 0.03, camRad: 1.4 }
    // Pull that turns it all the way: mean radius times angle.
    expect(camTurnRad(cam, 0.0225 * 1.4)).toBeCloseTo(1.4, 9)
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1.4, noNaN: true }), (turn) => {
        let pull = 0
        for (let i = 0; i < 2000; i++) pull += (0.015 + (0.015 * turn * (i + 0.5)) / 2000 / 1.4) * (turn / 2000)
        expect(camTurnRad(cam, pull)).toBeCloseTo(turn, 6)
      }),
      { seed: 87, numRuns: 50 },
    )
  })
  it('a lever square to its cable pulls arm times sine', () => {
    const driver = lever(0, 0, 0.06, 0)
    // A sheath far away lies in one direction all the time.
    expect(cablePullM({ driver, sheath: [-1000, 0, 0.06] }, 30 * deg)).toBeCloseTo(0.06 * Math.sin(30 * deg), 5)
  })
})

describe('from the pedal to the plate', () => {
  const rod = (drivenArmM: number): ThrottleLink => ({ ...joined(lever(0, 0, 0.06, -20), lever(0.3, 0, drivenArmM, -40)), sense: { drives: 1, opens: 1 } }) // prettier-ignore
  const base: ThrottleCase = { padArmM: 0.2, pedalRad: 40 * deg, slackM: 0, links: [rod(0.03)], plateRad: 80 * deg }
  it('opens all the way, or says by how much it does not; a shorter lever on the plate opens it further', () => {
    const shares = [0.045, 0.04, 0.035, 0.03, 0.026].map((m) => throttle({ ...base, links: [rod(m)] }).share)
    shares.slice(1).forEach((s, i) => expect(s).toBeGreaterThan(shares[i]!))
    const full = throttle(base)
    expect(full.fullAtM === null).toBe(full.share < 1)
  })
  it('slack is lost at the pad, and the rest of it moves the plate', () => {
    const loose = throttle({ ...base, slackM: 0.02 })
    expect(loose.points[0]).toMatchObject({ padM: 0.02, plateRad: expect.closeTo(0, 9) })
    expect(loose.share).toBeLessThan(throttle(base).share)
    const same = throttle({ ...base, pedalRad: base.pedalRad - 0.1 })
    expect(loose.share).toBeCloseTo(same.share, 9)
  })
  it('two pairs of equal levers pass on what they get', () => {
    const equal: ThrottleLink = {
      ...joined(lever(0, 0, 0.05, 0), lever(0.2, 0, 0.05, 0)),
      sense: { drives: 1, opens: 1 },
    }
    const a = throttle({ ...base, links: [equal, equal], plateRad: 80 * deg })
    expect(a.share).toBeCloseTo(0.5, 6)
    expect(a).toMatchObject({ fullAtM: null, leftAtPadM: null, binds: null })
    expect(throttle({ ...base, links: [equal], plateRad: 20 * deg })).toMatchObject({ share: expect.closeTo(2, 6), fullAtM: expect.closeTo(0.2 * 20 * deg, 6), leftAtPadM: expect.closeTo(0.2 * 20 * deg, 6) }) // prettier-ignore
  })
  it('names the link that binds, and no plate turns on behind it', () => {
    const short: ThrottleLink = {
      ...joined(lever(0, 0, 0.09, 60), lever(0.12, 0, 0.03, 100)),
      sense: { drives: -1, opens: -1 },
    }
    const a = throttle({ ...base, pedalRad: 120 * deg, links: [short] })
    expect(a.binds).toMatchObject({ link: 0 })
    const stuck = a.points.filter((p) => p.padM > a.binds!.padM + 0.01).map((p) => p.plateRad)
    expect(new Set(stuck).size).toBe(1)
  })
})
