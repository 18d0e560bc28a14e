import fc from 'fast-check'
import { moduleFit } from './moduleFit.ts'
import { senderMatch } from './senderMatch.ts'
import { potVolumeM3, starvation, tiltedDepthM } from './starvation.ts'
import { breathM3S, vent } from './vent.ts'

describe('fit of a pump module', () => {
  const c = {
    tankDepthM: 0.2,
    floorClearanceM: 0.008,
    moduleLengthM: 0.25,
    mostLengthM: 0.25,
    hatHeightM: 0.025,
    fittingHeightM: 0.02,
    bendRadiusM: 0.03,
    hoseOutsideM: 0.014,
    gapAboveM: 0.06,
    airGapM: 0.005,
    tiltDeg: 15,
    hingeToHatM: 0.4,
    swingRoomM: 0.05,
  }
  it('by hand: 192 mm under the hat, cut 58; stack 25 + 20 + 37 = 82, over by 27, a hat of -2 mm would fit', () => {
    const f = moduleFit(c)
    const mm = (m: number) => Math.round(m * 1e4) / 10
    expect([f.wantedLengthM, f.cutOffM, f.shortByM, f.stackAboveM, f.foulsByM, f.hatThatFitsM].map(mm)).toEqual([
      192, 58, 0, 82, 27, -2,
    ])
    // 0.4 cos 15° + 0.282 sin 15° - 0.4 = 59.4 mm
    expect(mm(f.sweepM)).toBe(59.4)
    expect(mm(f.sweepFoulsByM!)).toBe(9.4)
  })
  it('a hose that leaves sideways needs no bend above', () =>
    expect(moduleFit({ ...c, bendRadiusM: 0 }).stackAboveM).toBeCloseTo(0.045, 9))
  it('a short hanger can be drawn out, or falls short', () => {
    expect(moduleFit({ ...c, moduleLengthM: 0.15, mostLengthM: 0.18 }).shortByM).toBeCloseTo(0.012, 9)
    expect(moduleFit({ ...c, moduleLengthM: 0.15, mostLengthM: 0.2 }).shortByM).toBe(0)
  })
  // Depth 200, hat 30, fittings 30, hinge to hat 900, room 20: sqrt(900² + 260²) - 900 - 20 = 16.8 mm, at 16° and beyond.
  it.each([16.2, 20, 28, 60, 90])('fouls on its way to %d° though it hangs clear at the end', (tiltDeg) => {
    const tall = { ...c, hatHeightM: 0.03, fittingHeightM: 0.03, bendRadiusM: 0, hingeToHatM: 0.9, swingRoomM: 0.02 }
    expect(moduleFit({ ...tall, tiltDeg }).sweepFoulsByM! * 1e3).toBeCloseTo(16.8, 1)
  })
  it('a larger tilt never gains room, and the swing is the widest point of the way, walked in small steps', () => {
    fc.assert(
      fc.property(
        fc.record({
          hingeToHatM: fc.double({ min: 0.05, max: 1.5, noNaN: true }),
          tankDepthM: fc.double({ min: 0.05, max: 0.6, noNaN: true }),
          tiltDeg: fc.double({ min: 0, max: 90, noNaN: true }),
        }),
        (more) => {
          const { stackAboveM, sweepM } = moduleFit({ ...c, ...more })
          const [a, z] = [more.hingeToHatM, more.tankDepthM + stackAboveM]
          let widestM = 0
          for (let i = 0; i <= 2000; i++) {
            const t = ((more.tiltDeg * i) / 2000 / 180) * Math.PI
            widestM = Math.max(widestM, a * Math.cos(t) + z * Math.sin(t) - a)
          }
          expect(sweepM).toBeCloseTo(widestM, 6)
          const further = moduleFit({ ...c, ...more, tiltDeg: Math.min(90, more.tiltDeg + 5) })
          expect(further.sweepM).toBeGreaterThanOrEqual(sweepM)
        },
      ),
      { seed: 14, numRuns: 200 },
    )
  })
  it('the hat that fits, fitted, neither fouls nor leaves room', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 0.3, noNaN: true }), (gapAboveM) => {
        const { hatThatFitsM } = moduleFit({ ...c, gapAboveM })
        expect(moduleFit({ ...c, gapAboveM, hatHeightM: hatThatFitsM }).foulsByM).toBeCloseTo(0, 9)
      }),
      { seed: 2 },
    )
  })
})

describe('starvation', () => {
  // 8 L on 0.8 x 0.5 m: 20 mm deep. Braking, pick-up in the middle: wedge 0.4 = 0.8 - w dry at w = sqrt(2 x 0.02 x 0.8/s).
  it('a flat tank with 20 mm in it leaves a pick-up in the middle at s = 0.2 (with no sock height)', () => {
    const at = starvation({
      fuelM3: 8e-3,
      lengthM: 0.8,
      widthM: 0.5,
      fromFrontM: 0.4,
      fromLeftM: 0.25,
      pickUpHeightM: 0,
    })
    expect(at.levelM).toBeCloseTo(0.02, 12)
    expect(at.brakingMS2 / 9.80665).toBeCloseTo(0.2, 6)
    expect(at.acceleratingMS2).toBeCloseTo(at.brakingMS2, 9)
    // Across: 2 x 0.02 x 0.5 / 0.25² = 0.32
    expect(at.leftTurnMS2 / 9.80665).toBeCloseTo(0.32, 6)
    expect(at.angleDeg).toBeCloseTo((Math.atan(0.2) * 180) / Math.PI, 6)
  })
  it('a pick-up at the rear runs dry under braking long before it does under acceleration', () => {
    const at = starvation({
      fuelM3: 8e-3,
      lengthM: 0.8,
      widthM: 0.5,
      fromFrontM: 0.75,
      fromLeftM: 0.25,
      pickUpHeightM: 0.01,
    })
    expect(at.brakingMS2).toBeLessThan(at.acceleratingMS2 / 5)
  })
  it('keeps the volume whatever the tilt', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.005, max: 0.1, noNaN: true }),
        fc.double({ min: 0.2, max: 1.2, noNaN: true }),
        fc.double({ min: 0, max: 2, noNaN: true }),
        (level, length, slope) => {
          const n = 4000
          let area = 0
          for (let i = 0; i < n; i++)
            area += (tiltedDepthM(level, length, ((i + 0.5) * length) / n, slope) * length) / n
          expect(area / (level * length)).toBeCloseTo(1, 2)
        },
      ),
      { seed: 4, numRuns: 100 },
    )
  })
  it('at the acceleration it names the pick-up is just dry, and more fuel never makes it dry sooner', () => {
    fc.assert(
      fc.property(
        fc.record({
          fuelM3: fc.double({ min: 3e-3, max: 30e-3, noNaN: true }),
          fromFrontM: fc.double({ min: 0.01, max: 0.79, noNaN: true }),
          pickUpHeightM: fc.double({ min: 0, max: 0.01, noNaN: true }),
        }),
        (v) => {
          const c = { ...v, lengthM: 0.8, widthM: 0.5, fromLeftM: 0.25 }
          const at = starvation(c)
          if (at.brakingMS2 > 0 && Number.isFinite(at.brakingMS2))
            expect(tiltedDepthM(at.levelM, 0.8, 0.8 - v.fromFrontM, at.brakingMS2 / 9.80665)).toBeCloseTo(
              v.pickUpHeightM,
              6,
            )
          expect(starvation({ ...c, fuelM3: v.fuelM3 * 1.2 }).leastMS2).toBeGreaterThanOrEqual(at.leastMS2 - 1e-9)
        },
      ),
      { seed: 6, numRuns: 300 },
    )
  })
  it('a pot for 60 L/h and 6 s holds 0.15 L', () => expect(potVolumeM3(60 / 3.6e6, 6)).toBeCloseTo(0.15e-3, 12))
})

describe('vent', () => {
  const line = { boreM: 0.006, lengthM: 2, roughnessM: 1e-5, minorK: 3, riseM: 0 }
  // 90 L/h of air through 6 mm: v 0.884 m/s, Re 350, f 0.183; (0.183 x 333 + 3) x 0.4705 = 30 Pa
  it('a 6 mm vent of 2 m loses 30 Pa at 90 L/h', () =>
    expect(vent({ line, valve: null, drawM3S: 90 / 3.6e6 }).vacuumPa).toBeCloseTo(30.1, 0))
  it('the least bore it names keeps just 1 kPa', () => {
    const { leastBoreM } = vent({ line, valve: null, drawM3S: 90 / 3.6e6 })
    expect(vent({ line: { ...line, boreM: leastBoreM! }, valve: null, drawM3S: 90 / 3.6e6 }).vacuumPa).toBeCloseTo(
      1000,
      1,
    )
  })
  it('a valve that is too tight alone has no bore that would do', () =>
    expect(vent({ line, valve: { flowM3S: 1e-5, dropPa: 900 }, drawM3S: 90 / 3.6e6 }).leastBoreM).toBeNull())
  it('the bore it names really cures, a hair less does not, and where it names none the widest does not either', () => {
    const f = (min: number, max: number) => fc.double({ min, max, noNaN: true })
    const seen = { cured: 0, none: 0 }
    fc.assert(
      fc.property(
        f(0.2, 100),
        f(0, 500),
        f(1e-6, 1e-3),
        f(0, 4e-3),
        f(0, 1200),
        (lengthM, minorK, drawM3S, breathM3S, valvePa) => {
          const c = {
            line: { ...line, lengthM, minorK },
            valve: { flowM3S: Math.max(drawM3S, breathM3S), dropPa: valvePa },
            drawM3S,
            breathM3S,
          }
          const worstPa = (boreM: number) => {
            const a = vent({ ...c, line: { ...c.line, boreM } })
            return Math.max(a.vacuumPa, a.pressurePa)
          }
          const { leastBoreM } = vent(c)
          if (leastBoreM === null) {
            seen.none++
            expect(worstPa(0.03)).toBeGreaterThan(1000)
            return
          }
          seen.cured++
          expect(worstPa(leastBoreM)).toBeLessThanOrEqual(1000)
          if (leastBoreM > 0.0005) expect(worstPa(leastBoreM * (1 - 1e-6))).toBeGreaterThan(1000)
        },
      ),
      { seed: 18, numRuns: 500 },
    )
    expect(Math.min(seen.cured, seen.none)).toBeGreaterThan(30)
  })
  it('a wider vent is never worse', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.002, max: 0.012, noNaN: true }),
        fc.double({ min: 1e-6, max: 1e-3, noNaN: true }),
        (bore, q) => {
          const at = (boreM: number) => vent({ line: { ...line, boreM }, valve: null, drawM3S: q }).vacuumPa
          expect(at(bore * 1.1)).toBeLessThan(at(bore))
        },
      ),
      { seed: 8 },
    )
  })
  it('breathes more the nearer it is to boiling, and without end when it boils', () => {
    const c = { fuel: { reidPa: 60e3, ethanolShare: 0 }, ullageM3: 0.04, ambientPa: 101_325, warmingKS: 0.01 }
    const at = (temperatureK: number) => breathM3S({ ...c, temperatureK })
    expect(at(310)).toBeGreaterThan(at(290))
    expect(at(345)).toBe(Infinity)
    // 290 K: 0.04 x 0.01 x (1/290 + 1.15/(101.3 - 31.9)) about 8e-6 m³/s
    expect(at(290)).toBeGreaterThan(6e-6)
    expect(at(290)).toBeLessThan(1e-5)
  })
})

describe('sender and gauge', () => {
  it.each([
    { name: 'made for each other', s: [240, 30], g: [240, 30], shows: [0, 0.5, 1], back: false },
    { name: 'the other way round', s: [10, 180], g: [180, 10], shows: [1, 0.5, 0], back: true },
    { name: 'another range', s: [0, 90], g: [240, 30], shows: [1.143, 0.929, 0.714], back: true },
  ])('$name', ({ s, g, shows, back }) => {
    const at = senderMatch({ senderEmptyOhm: s[0]!, senderFullOhm: s[1]!, gaugeEmptyOhm: g[0]!, gaugeFullOhm: g[1]! })
    expect([at.showsEmpty, at.showsHalf, at.showsFull].map((x) => Math.round(x * 1000) / 1000 + 0)).toEqual(shows)
    expect(at.runsBackwards).toBe(back)
  })
})
