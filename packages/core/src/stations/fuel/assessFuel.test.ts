import { emptyJob, withChange } from '../../job/index.ts'
import { isWorse } from '../../verdict/index.ts'
import { FUEL_STATION, remediesOf } from '../index.ts'
import { type FuelSection, type VehicleSection } from '../../sections/index.ts'
import { assessFuel } from './assessFuel.ts'
import type { FuelVerdict } from './solvedPoint.ts'
import { catalogue, soundJob } from './test/jobs.ts'

const judge = (fuel: Partial<FuelSection> = {}, vehicle: Partial<VehicleSection> = {}) =>
  assessFuel(soundJob(fuel, vehicle))
const verdictOf = (a: { verdicts: readonly FuelVerdict[] }, id: string) => a.verdicts.find((v) => v.id === id)
const [small, , large] = catalogue.pumps
const [five, seven, , weak] = catalogue.hoses
const { feed } = soundJob().fuel

describe('fuel system', () => {
  it('finds nothing wrong with a sound system', () => {
    const a = judge()
    expect(a.verdicts.filter((v) => v.state !== 'ok').map((v) => v.title)).toEqual([])
    expect(a.state).toBe('ok')
    expect(assessFuel(soundJob()).state).toBe('ok')
  })

  it.each<{ name: string; fuel?: Partial<FuelSection>; vehicle?: Partial<VehicleSection>; id: string; state: string }>([
    { name: 'a small pump', fuel: { pump: small! }, id: 'held', state: 'stop' },
    {
      name: 'a thin return behind a large pump',
      fuel: { pump: large!, setPressurePa: 100e3, return: { ...feed, hose: five! } },
      id: 'not-lifted',
      state: 'stop',
    },
    {
      name: 'a hose below the shut-off pressure',
      fuel: { feed: { ...feed, hose: weak! } },
      id: 'hoses',
      state: 'stop',
    },
    {
      name: 'an old line known only by its bore',
      fuel: { return: { ...feed, hose: null, measuredBoreM: 0.007 } },
      id: 'hoses',
      state: 'unknown',
    },
    {
      name: 'a hose that ethanol swells',
      fuel: { ethanolShare: 0.7, feed: { ...feed, hose: { ...seven!, mostEthanolShare: 0.1 } } },
      id: 'hoses',
      state: 'stop',
    },
    { name: 'no fine filter', fuel: { filter: null }, id: 'filter', state: 'stop' },
    { name: 'a coarse filter', fuel: { filter: catalogue.filters[2]! }, id: 'filter', state: 'caution' },
    { name: 'no strainer', fuel: { strainer: null }, id: 'strainer', state: 'caution' },
    {
      name: 'vacuum reference above the throttle plate',
      fuel: { injectionPlace: 'above-plate' },
      id: 'reference',
      state: 'stop',
    },
    {
      name: 'boost without reference',
      fuel: { referenced: false },
      vehicle: { aspiration: 'turbocharged', boostPa: 40e3 },
      id: 'reference',
      state: 'caution',
    },
    { name: 'small injectors', fuel: { injectorCount: 3 }, id: 'duty', state: 'stop' },
    {
      name: 'large injectors fired often',
      fuel: { injector: catalogue.injectors[2]!, openingsPerCycle: 4 },
      id: 'idle-pulse',
      state: 'caution',
    },
    { name: 'power the displacement cannot give', vehicle: { powerW: 250e3 }, id: 'demand', state: 'caution' },
    {
      name: 'a single line through a thin feed',
      fuel: {
        systemType: 'single-line',
        regulator: catalogue.regulators[1]!,
        referenced: false,
        feed: { ...feed, hose: { ...five!, boreM: 0.0032 } },
      },
      id: 'feed-loss',
      state: 'stop',
    },
    { name: 'a set pressure the regulator has not', fuel: { setPressurePa: 650e3 }, id: 'regulator', state: 'stop' },
    {
      name: 'a reference hose without a port',
      fuel: { regulator: { ...catalogue.regulators[0]!, referencePort: false } },
      id: 'regulator',
      state: 'stop',
    },
    {
      name: 'port injectors on a throttle body',
      fuel: { injectionPlace: 'below-plate' },
      id: 'injector-use',
      state: 'stop',
    },
    {
      name: 'a single line whose feed leaves nothing at the rail',
      fuel: {
        systemType: 'single-line',
        regulator: catalogue.regulators[1]!,
        referenced: false,
        feed: { ...feed, hose: { ...five!, boreM: 0.002 } },
      },
      id: 'feed-loss',
      state: 'stop',
    },
    { name: 'no regulator', fuel: { regulator: null }, id: 'circuit', state: 'unknown' },
    {
      name: 'the other kind of regulator',
      fuel: { regulator: catalogue.regulators[1]! },
      id: 'circuit',
      state: 'stop',
    },
  ])('$name: $id is $state', ({ fuel, vehicle, id, state }) => {
    const found = verdictOf(judge(fuel, vehicle), id)
    expect(found?.state).toBe(state)
    expect(found?.reason.some((part) => typeof part === 'string' && part.length > 10)).toBe(true)
  })

  it('lists the worst first', () => {
    const states = judge({ pump: small!, strainer: null }).verdicts.map((v) => v.state)
    const rank = { stop: 0, caution: 1, unknown: 2, ok: 3 }
    expect(states).toEqual([...states].sort((a, b) => rank[a] - rank[b]))
  })

  it.each([
    { name: 'small pump', fuel: { pump: small! }, id: 'held', kinds: ['pump'] },
    { name: 'weak hose', fuel: { feed: { ...feed, hose: weak! } }, id: 'hoses', kinds: ['feed'] },
    { name: 'no filter', fuel: { filter: null }, id: 'filter', kinds: ['filter'] },
    { name: 'no strainer', fuel: { strainer: null }, id: 'strainer', kinds: ['strainer'] },
    { name: 'small injectors', fuel: { injectorCount: 4 }, id: 'duty', kinds: ['injector'] },
  ])('offers remedies for $name that cure it and harm nothing', ({ fuel, id, kinds }) => {
    const job = soundJob(fuel)
    const before = assessFuel(job)
    expect(verdictOf(before, id)!.state).not.toBe('ok')
    const remedies = remediesOf(FUEL_STATION, job, catalogue).get(id) ?? []
    expect(remedies.map((r) => r.id)).toEqual(expect.arrayContaining(kinds))
    for (const { change } of remedies) {
      const after = assessFuel(withChange(job, change))
      expect(verdictOf(after, id)?.state).toBe('ok')
      for (const v of after.verdicts)
        expect([v.id, isWorse(v.state, verdictOf(before, v.id)?.state ?? 'ok')]).toEqual([v.id, false])
    }
  })

  it('offers the least of each kind: the next bore, not the largest', () => {
    const job = soundJob({ pump: large!, referenced: false, setPressurePa: 150e3, return: { ...feed, hose: five! } })
    const [remedy] = remediesOf(FUEL_STATION, job, catalogue).get('not-lifted')!
    expect(remedy?.change.fuel?.return?.hose?.boreM).toBe(0.007)
  })

  it('offers nothing where no single part would do', () => {
    const job = soundJob({ pump: small! }, { powerW: 900e3, displacementM3: 20e-3 })
    expect(verdictOf(assessFuel(job), 'held')?.state).toBe('stop')
    expect(remediesOf(FUEL_STATION, job, catalogue).get('held')).toBeUndefined()
  })

  it('names what is assumed, and nothing once all is measured', () => {
    const empty = assessFuel(emptyJob('x'))
    expect(empty.assumptions.map((a) => a.field)).toContain('vehicle.displacementM3')
    expect(judge().assumptions.map((a) => a.field)).not.toContain('vehicle.displacementM3')
  })

  it('never shares a figure between power and pump by accident: more power lowers the reserve', () => {
    const reserve = (powerW: number) => verdictOf(judge({}, { powerW }), 'held')!.margin!.si
    expect(reserve(120e3)).toBeLessThan(reserve(92e3))
  })
})
