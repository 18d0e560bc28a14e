import fc from 'fast-check'
import { engineOfJob } from './index.ts'
import { AMBIENT_PA } from '../engine/index.ts'
import { soundJob } from '../stations/fuel/test/jobs.ts'

describe('operating points', () => {
  it('names every moment, with the corners of the design among them', () => {
    const { points } = engineOfJob(soundJob())
    expect(points.map((p) => `${p.id} ${p.voltage}`)).toEqual([
      'prime low',
      'overrun high',
      'cold-idle running',
      'idle running',
      'hot-idle low',
      'cruise running',
      'full running',
      'full-low low',
      'full-due running',
      'full-hot running',
      'full-high running',
    ])
    const at = (id: string) => points.find((p) => p.id === id)!
    expect([at('prime').demandKgS, at('prime').referencePa, at('overrun').demandKgS]).toEqual([0, 0, 0])
    for (const id of ['full-low', 'full-due', 'full-hot']) expect(at(id).demandKgS).toBe(at('full').demandKgS)
    // Cold fuel is denser, hot fuel lighter; the cold engine takes more, thin air asks for less.
    expect(at('cold-idle').fuel.densityKgM3).toBeGreaterThan(at('idle').fuel.densityKgM3)
    expect(at('full-hot').demandM3S).toBeGreaterThan(at('full').demandM3S)
    expect(at('cold-idle').demandKgS).toBeGreaterThan(1.2 * at('idle').demandKgS)
    // 1500 m: 84.56 kPa of air, so 0.8345 of the demand.
    expect(at('full-high').demandKgS / at('full').demandKgS).toBeCloseTo(0.8345, 3)
  })

  it('takes the larger route at full load and the air route at idle and cruise', () => {
    const engine = engineOfJob(soundJob({}, { powerW: 130e3 }))
    expect(engine.demand.byPowerKgS.typical).toBeGreaterThan(engine.demand.byAirKgS.typical)
    expect(engine.pointAt(1, 'running').demandKgS).toBeCloseTo(engine.demand.designKgS, 12)
    const less = engineOfJob(soundJob({}, { powerW: 60e3 }))
    expect(less.pointAt(0, 'running').demandKgS).toBeCloseTo(engine.pointAt(0, 'running').demandKgS, 12)
    expect(less.pointAt(0.5, 'running').demandKgS).toBeCloseTo(engine.pointAt(0.5, 'running').demandKgS, 12)
  })

  it('is sized for the larger of the power now and the planned power, and says which', () => {
    const wanting = (powerLaterW: number | null, powerW: number | null = 92e3) => {
      const job = soundJob({}, { powerW })
      return engineOfJob({ ...job, system: { ...job.system, powerLaterW } })
    }
    const now = wanting(null)
    const later = wanting(150e3)
    // By power the fuel goes with the power: what 150 kW take is 150/92 of what 92 do.
    const laterKgS = (now.demand.byPowerKgS.typical * 150) / 92
    expect([now.laterKgS, later.laterKgS]).toEqual([null, expect.closeTo(laterKgS, 9)])
    expect(later.demand.designKgS).toBeCloseTo(laterKgS, 9)
    for (const id of ['full', 'full-low', 'full-due', 'full-hot'])
      expect(later.points.find((p) => p.id === id)!.demandKgS).toBeCloseTo(laterKgS, 9)
    // Today's routes are still compared with each other, and the gentle moments are today's.
    expect(later.demand.byPowerKgS).toEqual(now.demand.byPowerKgS)
    for (const id of ['idle', 'cruise'])
      expect(later.points.find((p) => p.id === id)).toEqual(now.points.find((p) => p.id === id))
    expect(wanting(60e3).points).toEqual(now.points)
    // Where today's is not known, the power later stands for both.
    expect(wanting(150e3, null).laterKgS).toBeNull()
    expect(wanting(150e3, null).demand.designKgS).toBeCloseTo(laterKgS, 9)
  })

  it('demand rises all the way from idle to full load', () => {
    const engine = engineOfJob(soundJob())
    fc.assert(
      fc.property(fc.double({ min: 0, max: 0.99, noNaN: true }), (s) => {
        expect(engine.pointAt(s + 0.01, 'running').demandKgS).toBeGreaterThan(engine.pointAt(s, 'running').demandKgS)
      }),
      { seed: 91, numRuns: 300 },
    )
  })

  it.each([
    { place: 'port', boostPa: 0, load: 0, tip: 'vacuum' },
    { place: 'below-plate', boostPa: 0, load: 0, tip: 'vacuum' },
    { place: 'above-plate', boostPa: 0, load: 0, tip: 'ambient' },
    { place: 'above-plate', boostPa: 60e3, load: 1, tip: 'boost' },
    { place: 'port', boostPa: 60e3, load: 1, tip: 'boost' },
  ] as const)(
    'an injector $place at load $load with $boostPa Pa of boost sprays into $tip',
    ({ place, boostPa, load, tip }) => {
      const job = soundJob(
        { injectionPlace: place },
        { aspiration: boostPa > 0 ? 'turbocharged' : 'natural', boostPa, idleManifoldPa: 40e3 },
      )
      const { tipPa } = engineOfJob(job).pointAt(load, 'running')
      const expected = { vacuum: 40e3 - AMBIENT_PA, ambient: 0, boost: boostPa }[tip]
      expect(tipPa).toBeCloseTo(expected, 6)
    },
  )

  it('the reference follows the manifold only where a hose is fitted', () => {
    const reference = (referenced: boolean) =>
      engineOfJob(soundJob({ referenced }, { idleManifoldPa: 40e3 })).points.find((p) => p.id === 'idle')!.referencePa
    expect(reference(true)).toBeCloseTo(40e3 - AMBIENT_PA, 6)
    expect(reference(false)).toBe(0)
  })
})
