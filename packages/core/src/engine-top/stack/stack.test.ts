import fc from 'fast-check'
import { airCleaner, MOST_FACE_MS, type AirCleanerCase } from './airCleaner.ts'
import { bonnetClearance, bonnetM, rocked, type ClayPoint, type ClearanceCase } from './bonnetClearance.ts'

const deg = Math.PI / 180
const clay = (id: string, rightM: number, aheadM: number, oldTopM: number, clayM: number): ClayPoint => ({ id, rightM, aheadM, oldTopM, clayM, spreadM: 0.001 }) // prettier-ignore
const base: ClearanceCase = {
  clay: [clay('centre', 0, 0, 0.18, 0.03), clay('left', -0.16, 0, 0.16, 0.035), clay('right', 0.16, 0, 0.16, 0.035), clay('front', 0, 0.16, 0.16, 0.02)], // prettier-ignore
  corners: [{ id: 'nut', rightM: 0, aheadM: 0, topM: 0.195 }],
  rock: { rockRad: 0, axisUpM: -0.35 },
  wantedM: 0.01,
}

describe('bonnet clearance', () => {
  it('an engine that does not rock: clay less what the new stack stands higher', () => {
    const [nut] = bonnetClearance(base).corners
    expect(nut).toMatchObject({ clayId: 'centre', gapM: expect.closeTo(0.015, 9), upM: expect.closeTo(0, 9) })
    expect(bonnetClearance(base).tallerByM).toBeCloseTo(0.005, 9)
  })
  it('a place beside the axis goes up by its distance times the sine; one above it goes sideways', () => {
    expect(rocked({ rightM: 0.16, topM: 0.15 }, 0.15, 3 * deg).topM - 0.15).toBeCloseTo(0.16 * Math.sin(3 * deg), 12)
    const over = rocked({ rightM: 0, topM: 0.2 }, -0.35, 3 * deg)
    expect(over.rightM).toBeCloseTo(-0.55 * Math.sin(3 * deg), 12)
    expect(over.topM).toBeLessThan(0.2)
  })
  it('farther than 50 mm from any clay nothing is known, and nothing is promised', () => {
    const a = bonnetClearance({ ...base, corners: [...base.corners, { id: 'rail', rightM: 0.08, aheadM: 0.1, topM: 0.1 }] })
    expect(a.corners[0]).toMatchObject({ id: 'rail', gapM: null })
    expect(a.tallerByM).toBeNull()
    expect(bonnetClearance({ ...base, clay: [] }).corners[0]).toMatchObject({ clayId: null, gapM: null })
  }) // prettier-ignore
  it('a flat sloping bonnet is known exactly near its clay', () => {
    const bonnet = (r: number, a: number) => 0.2 + 0.1 * r - 0.3 * a
    const at = (id: string, r: number, a: number) => clay(id, r, a, 0.1, bonnet(r, a) - 0.1)
    const c = { ...base, clay: [at('a', 0, 0), at('b', 0.15, 0), at('c', 0, 0.2), at('d', -0.15, 0.1)], corners: [{ id: 'x', rightM: 0.03, aheadM: 0.02, topM: 0.15 }] } // prettier-ignore
    expect(bonnetClearance(c).corners[0]!.gapM).toBeCloseTo(bonnet(0.03, 0.02) - 0.15, 5)
  })

  const f = (min: number, max: number) => fc.double({ min, max, noNaN: true })
  const arbClay = fc.record({ rightM: f(-0.3, 0.3), aheadM: f(-0.3, 0.3), oldTopM: f(0.1, 0.2), clayM: f(0.005, 0.08), spreadM: f(0, 0.003) }) // prettier-ignore
  const arbCase = fc.record({ clay: fc.array(arbClay, { minLength: 1, maxLength: 8 }), beside: f(-0.03, 0.03), topM: f(0.05, 0.3), rockRad: f(0, 6 * deg), axisUpM: f(-0.5, -0.1) }).map(({ beside, clay: all, topM, ...rock }): ClearanceCase => ({ ...base, clay: all.map((p, i) => ({ ...p, id: `c${i}` })), corners: [{ id: 'x', rightM: all[0]!.rightM + beside, aheadM: all[0]!.aheadM, topM }], rock })) // prettier-ignore
  it('no rock between its ends comes nearer than what is told, by trying a thousand', () => {
    fc.assert(
      fc.property(arbCase, (c) => {
        const [told] = bonnetClearance(c).corners
        const at = (rad: number) => bonnetClearance({ ...c, rock: { ...c.rock, rockRad: 0 }, corners: [{ ...c.corners[0]!, ...rockedCorner(c, rad) }] }) // prettier-ignore
        for (let i = -10; i <= 10; i++) {
          const { corners } = at((c.rock.rockRad * i) / 10)
          // Where it has rocked over to other clay the plane is another one.
          if (corners[0]!.clayId !== told!.clayId || corners[0]!.gapM === null) continue
          expect(told!.gapM!).toBeLessThanOrEqual(corners[0]!.gapM + 1e-9)
        }
      }),
      { seed: 88, numRuns: 200 },
    )
  })
  it('a taller spacer never gains clearance, more rock never either', () => {
    fc.assert(
      fc.property(arbCase, f(0, 0.03), f(1, 2), (c, spacerM, more) => {
        const gap = (x: ClearanceCase) => bonnetClearance(x).corners[0]!.gapM!
        // As long as the bonnet is not steeper than one in one.
        const steep = c.clay.some((p) => c.clay.some((q) => p !== q && Math.abs(bonnetM(p) - bonnetM(q)) > Math.hypot(p.rightM - q.rightM, p.aheadM - q.aheadM))) // prettier-ignore
        if (steep) return
        const taller = { ...c, corners: c.corners.map((k) => ({ ...k, topM: k.topM + spacerM })) }
        expect(gap(taller)).toBeLessThanOrEqual(gap(c) + 1e-12)
        expect(gap({ ...c, rock: { ...c.rock, rockRad: more * c.rock.rockRad } })).toBeLessThanOrEqual(gap(c) + 1e-12)
      }),
      { seed: 89, numRuns: 300 },
    )
  })
})

const rockedCorner = (c: ClearanceCase, rad: number) => rocked(c.corners[0]!, c.rock.axisUpM, rad)

describe('an air cleaner', () => {
  const engine: AirCleanerCase = { displacementM3: 4.2e-3, speedHz: 5000 / 60, volumetricEfficiency: 0.85, boostRatio: 1, diameterM: 0.3, heightM: 0.06, openShare: 1, lidM2: 0, mostFaceMS: MOST_FACE_MS, measured: null, mostDropPa: 1500 } // prettier-ignore
  it('4.2 litres at 5000 a minute: 149 litres of air a second, 52.6 mm of a 300 mm element', () => {
    const a = airCleaner(engine)
    expect(a.airM3S).toBeCloseTo(0.14875, 5)
    expect(a.leastHeightM).toBeCloseTo(0.14875 / (3 * Math.PI * 0.3), 9)
    expect(a.faceMS).toBeCloseTo(0.14875 / (Math.PI * 0.3 * 0.06), 9)
    expect(a.dropPa).toBeNull()
  })
  it('what was measured is scaled by the square of flow over face', () => {
    const measured = { dropPa: 800, flowM3S: 0.1, heightM: 0.06 }
    const a = airCleaner({ ...engine, measured })
    expect(a.dropPa).toBeCloseTo(800 * 1.4875 ** 2, 6)
    expect(airCleaner({ ...engine, measured, heightM: a.leastHeightByDropM! }).dropPa).toBeCloseTo(1500, 6)
  })
  it('the least height and the least diameter just do, and a lid that breathes takes off both', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.15, max: 0.4, noNaN: true }), fc.double({ min: 0.3, max: 1, noNaN: true }), fc.double({ min: 0, max: 0.03, noNaN: true }), (diameterM, openShare, lidM2) => {
        const c = { ...engine, diameterM, openShare, lidM2 }
        const a = airCleaner(c)
        expect(airCleaner({ ...c, heightM: a.leastHeightM }).faceMS).toBeCloseTo(MOST_FACE_MS, 9)
        expect(airCleaner({ ...c, diameterM: a.leastDiameterM }).faceMS).toBeCloseTo(MOST_FACE_MS, 9)
        expect(airCleaner({ ...c, lidM2: lidM2 + 0.01 }).leastHeightM).toBeLessThan(a.leastHeightM)
      }),
      { seed: 90, numRuns: 100 },
    ) // prettier-ignore
  })
})
