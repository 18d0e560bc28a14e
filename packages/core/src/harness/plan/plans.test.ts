import { PLAN_IDS } from '../../sections/index.ts'
import { PLANS } from './index.ts'

describe.each(PLAN_IDS)('plan %s', (id) => {
  const plan = PLANS[id]
  const places = new Set(plan.places.map((p) => p.id))

  it('joins places that are there, each id once', () => {
    const ids = [...plan.places, ...plan.corridors, ...plan.candidates].map((x) => x.id)
    expect(new Set(ids).size).toBe(ids.length)
    for (const c of plan.corridors) {
      expect({ id: c.id, from: places.has(c.from), to: places.has(c.to), joins: c.from !== c.to }).toEqual({
        id: c.id,
        from: true,
        to: true,
        joins: true,
      })
      expect(c.lengthM).toBeGreaterThan(0)
    }
    for (const at of [...Object.values(plan.deviceAt), ...plan.candidates.map((c) => c.at)])
      expect({ at, known: places.has(at) }).toEqual({ at, known: true })
  })

  it('hangs together: every place can be reached from every other', () => {
    const reached = new Set([plan.places[0]!.id])
    for (let n = 0; n < plan.corridors.length; n++)
      for (const c of plan.corridors) {
        if (reached.has(c.from)) reached.add(c.to)
        if (reached.has(c.to)) reached.add(c.from)
      }
    expect([...places].filter((p) => !reached.has(p))).toEqual([])
  })

  it('lies within the car, corridors no shorter than their places lie apart', () => {
    for (const p of plan.places) {
      expect(p.fromFrontM).toBeGreaterThanOrEqual(0)
      expect(p.fromFrontM).toBeLessThanOrEqual(plan.lengthM)
      expect(Math.abs(p.fromMiddleM)).toBeLessThanOrEqual(plan.widthM / 2)
    }
    for (const c of plan.corridors.filter((x) => x.panel === 'none')) {
      const [a, b] = [c.from, c.to].map((p) => plan.places.find((x) => x.id === p)!)
      expect(c.lengthM).toBeGreaterThanOrEqual(
        Math.hypot(a!.fromFrontM - b!.fromFrontM, a!.fromMiddleM - b!.fromMiddleM) - 1e-9,
      )
    }
  })

  it('has at least two holes, two ECU places, and one of them dry and cool', () => {
    expect(plan.corridors.filter((c) => c.panel !== 'none').length).toBeGreaterThanOrEqual(2)
    expect(plan.candidates.length).toBeGreaterThanOrEqual(2)
    expect(plan.candidates.some((c) => !c.wet && c.hottestK < 358)).toBe(true)
  })
})
