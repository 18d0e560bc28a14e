import { carSupplyOf } from '../../figures/index.ts'
import { poweredJob } from '../../stations/power/test/powered.ts'
import type { CarSupply } from '../car/carSupply.ts'
import { mustBe, singleStops, STOPPED, stopCases, stopTable, stopWords, type StopCase, type Stopped } from './stopTable.ts' // prettier-ignore

const base = carSupplyOf(poweredJob({ 'walkAround.cooling.fan': 'electric', 'fuel.safety.inertiaSwitch': true }))
const car = (
  more: Partial<CarSupply>,
  old: Partial<CarSupply['old']> = {},
  design: Partial<CarSupply['design']> = {},
): CarSupply => ({
  // prettier-ignore
  ...base,
  ...more,
  old: { ...base.old, ...old },
  design: { ...base.design, ...design },
})
const wrongOf = (s: CarSupply) => stopTable(s).filter((o) => o.wrong.length > 0)

/** Who gets current at all, by who joins whom: no volts, no network; relays and switches as a person would follow them. */
const followed = (s: CarSupply, c: StopCase): Readonly<Record<Stopped, boolean>> => {
  const kill = c.kill === 'open'
  const [cutsBattery, cutsKeyed] = [['battery', 'full'].includes(s.old.killSwitch), ['ignition', 'full'].includes(s.old.killSwitch)] // prettier-ignore
  const generator = c.turning && !(kill && s.old.killSwitch === 'full')
  // The generator hangs on the starter stud, behind a switch in the battery cable.
  const main = !(kill && cutsBattery) || generator
  const key = main && !(kill && cutsKeyed)
  const ignition = key && c.key !== 'off'
  const start = key && c.key === 'start'
  const keyed = ignition
  const ecu = keyed
  const pump = keyed && ecu && c.turning && !(c.inertia === 'tripped')
  return { ignition, pump, starter: start }
}

describe('key, kill switch, inertia switch: every combination', () => {
  const KILLS = ['none', 'battery', 'ignition', 'full'] as const
  const KEYED = ['relay', 'run-and-start'] as const
  it.each(KILLS.flatMap((k) => KEYED.map((f) => [k, f] as const)))(
    'kill switch %s, keyed feed %s: the network says what following the wires says',
    (killSwitch, keyedFeed) => {
      const s = car({ fan: 'relay' }, { killSwitch }, { keyedFeed })
      for (const o of stopTable(s)) {
        const expected = followed(s, o.when)
        for (const d of STOPPED) expect([stopWords(o.when), d, o.is[d]]).toEqual([stopWords(o.when), d, expected[d] ? 'live' : 'dead']) // prettier-ignore
      }
    },
  )
  it('a switch that cuts battery, keyed feed and field stops everything that must, in every line', () => {
    for (const keyedFeed of KEYED)
      for (const pumpCut of ['ecu', 'oil-pressure'] as const)
        expect(wrongOf(car({ fan: 'relay' }, { killSwitch: 'full' }, { keyedFeed, pumpCut }))).toEqual([])
  })
  it('one in the battery cable alone leaves the engine to its generator', () => {
    const wrong = wrongOf(car({ fan: 'relay' }, { killSwitch: 'battery' }))
    expect(wrong.length).toBeGreaterThan(0)
    for (const o of wrong) expect([o.when.kill, o.when.turning, o.is.ignition]).toEqual(['open', true, 'live'])
  })
  it('the charging lamp holds a keyed relay where nothing else draws on the ignition; a diode in its lead lets it fall', () => {
    const fed = { keyedFeed: 'relay', coilFeed: 'relay' } as const
    const bare = { fan: 'none', loads: { ...base.loads, gaugesA: 0 } } as const
    const wrong = wrongOf(car(bare, { chargeLamp: true }, fed))
    expect(wrong.map((o) => stopWords(o.when))).toContain('Key off, engine turning')
    expect(wrongOf(car(bare, { chargeLamp: true }, { ...fed, lampDiode: true }))).toEqual([])
    expect(wrongOf(car(bare, { chargeLamp: false }, fed))).toEqual([])
  })
  it('a fan in the wind feeds the old circuit, one on its relay does not', () => {
    const wrong = wrongOf(car({ fan: 'old-switch' }))
    expect(wrong.length).toBeGreaterThan(0)
    expect(wrong.every((o) => o.when.wind)).toBe(true)
    expect(wrongOf(car({ fan: 'relay' }))).toEqual([])
  })
  it('one relay for ECU and pump: the pump runs on when the engine stalls', () =>
    expect(wrongOf(car({ fan: 'none' }, {}, { relays: 'shared' })).map((o) => [o.when.turning, o.wrong])).toContainEqual([false, ['pump']])) // prettier-ignore
  it('where single steps are right the whole table is', () => {
    for (const fan of ['relay', 'old-switch', 'none'] as const)
      for (const killSwitch of KILLS)
        for (const relays of ['separate', 'shared'] as const)
          for (const coilFeed of ['key', 'relay'] as const) {
            const s = car({ fan }, { killSwitch }, { relays, coilFeed })
            const single = singleStops(s).some((o) => o.wrong.length > 0)
            expect([fan, killSwitch, relays, coilFeed, single]).toEqual([fan, killSwitch, relays, coilFeed, wrongOf(s).length > 0]) // prettier-ignore
          }
  })
  it('nothing is asked of a switch that is not there, and every case is there once', () => {
    const cases = stopCases(car({ fan: 'none', inertiaSwitch: false }, { killSwitch: 'none' }))
    // Key off and on, engine turning or not; key in start, turning.
    expect(cases).toHaveLength(5)
    const all = stopCases(car({ fan: 'relay' }, { killSwitch: 'full' }))
    expect(new Set(all.map((c) => JSON.stringify(c))).size).toBe(all.length)
  })
  it('the rules: nothing burns and nothing pumps with the key off, whatever else', () => {
    for (const c of stopCases(car({ fan: 'relay' }, { killSwitch: 'full' })))
      if (c.key === 'off' || c.kill === 'open')
        expect(mustBe(c)).toEqual({ ignition: 'dead', pump: 'dead', starter: 'dead' })
  })
})
