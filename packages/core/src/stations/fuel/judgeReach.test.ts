import type { FuelSection } from '../../sections/index.ts'
import type { PumpPart } from '../../parts/index.ts'
import { sentenceText } from '../../verdict/index.ts'
import { assessFuel } from './assessFuel.ts'
import { fuelLadders } from './fuelLadders.ts'
import { catalogue, soundJob } from './test/jobs.ts'

const { fuel: sound } = soundJob()
/** Shut-off 700 kPa at 12 V by its only table; 1064.8 at 14.8 V by the square. */
const single: PumpPart = {
  ...catalogue.pumps[1]!,
  tables: [
    {
      voltageV: 12,
      points: [
        { pressurePa: 0, flowM3S: 4.4e-5, currentA: 3 },
        { pressurePa: 400e3, flowM3S: 3e-5, currentA: 5 },
        { pressurePa: 700e3, flowM3S: 0, currentA: 6 },
      ],
    },
  ],
}
const roller: PumpPart = { ...single, works: 'positive-displacement' }
const hose = (mostPressurePa: number) => ({ ...catalogue.hoses[1]!, mostPressurePa })
const withHoses = (mostPressurePa: number): Partial<FuelSection> => ({
  feed: { ...sound.feed, hose: hose(mostPressurePa) },
  return: { ...sound.return, hose: hose(mostPressurePa) },
})
const verdict = (fuel: Partial<FuelSection>, id: string) => {
  const job = soundJob({ highV: 14.8, pump: single, ...fuel })
  const found = assessFuel(job).verdicts.find((v) => v.id === id)
  return found && { ...found, says: sentenceText(found.reason, {}) }
}

describe('what must stand the pump’s reach at the highest voltage', () => {
  it.each<[string, Partial<FuelSection>, string, string, RegExp]>([
    ['a 701 kPa hose at 14.8 V', withHoses(701e3), 'hoses', 'stop', /701.*1065/],
    ['a hose a little above the estimate', withHoses(1066e3), 'hoses', 'ok', /upper estimate/],
    ['a roller pump with its relief valve', { ...withHoses(860e3), pump: { ...roller, reliefPa: 850e3 } }, 'hoses', 'ok', /relief valve opens there/],
    ['a roller pump without one on its sheet', { ...withHoses(5e6), pump: roller }, 'hoses', 'stop', /shut-off pressure is not known/],
    ['a pump of unknown kind', { pump: { ...single, works: null } }, 'hoses', 'unknown', /its data sheet does not say/],
    ['an old line known by its bore, and a roller pump', { pump: roller, feed: { ...sound.feed, hose: null, measuredBoreM: 0.007 }, return: { ...sound.return, hose: null, measuredBoreM: 0.007 } }, 'hoses', 'stop', /shut-off pressure is not known/],
    ['a filter rated below', { filter: { ...sound.filter!, mostPressurePa: 1e6 } }, 'reach', 'stop', /Filter ten is rated 1000/],
    ['a filter that nobody rated', { filter: { ...sound.filter!, mostPressurePa: null } }, 'reach', 'unknown', /gives no pressure rating/],
    ['a regulator rated below', { filter: null, regulator: { ...sound.regulator!, mostPressurePa: 900e3 } }, 'reach', 'stop', /Regulator r is rated 900/],
    ['a gauge that ends below', { filter: null, gaugeMostPa: 1e6 }, 'reach', 'caution', /gauge reads up to 1000/],
    ['all of it strong enough', { filter: { ...sound.filter!, mostPressurePa: 2e6 }, gaugeMostPa: 1.6e6 }, 'reach', 'ok', /filter, regulator and gauge take the most the pump can build/],
    ['nothing to go by', { pump: roller }, 'reach', 'stop', /gives no relief valve/],
    ['a sock on a pump in the line', { strainer: { ...sound.strainer!, mount: 'sock' } }, 'strainer', 'stop', /is a sock/],
    ['a strainer for a line on a hanging pump', { pump: { ...single, mount: 'in-tank' } }, 'strainer', 'stop', /needs a sock/],
    ['a module’s regulator beside a pump in the line', { regulator: { ...sound.regulator!, sits: 'module' } }, 'regulator', 'stop', /inside a pump module/],
  ])('%s', (_what, fuel, id, state, says) => {
    const found = verdict(fuel, id)
    expect([found?.state, found?.says]).toEqual([state, expect.stringMatching(says)])
  }) // prettier-ignore

  it('an old feed line is not trusted with a pump whose reach nobody knows', () => {
    const keeps = { keeps: 'feed', outsideM: 8e-3, wallM: 1e-3, joints: 'flared', provedPa: null } as const
    expect(verdict({ pump: roller, oldLine: keeps }, 'old-line')?.state).toBe('stop')
    expect(verdict({ oldLine: keeps }, 'old-line')?.state).toBe('caution')
  })

  it('remedies offer no sock before a pump in the line and no module’s regulator', () => {
    const sock = { ...sound.strainer!, id: 'sock', name: 'Sock', mount: 'sock' as const }
    const inModule = { ...sound.regulator!, id: 'm', name: 'In a module', sits: 'module' as const }
    const stock = {
      ...catalogue,
      filters: [sock, ...catalogue.filters],
      regulators: [inModule, ...catalogue.regulators],
    }
    const labels = (id: string, fuel: Partial<FuelSection>) => {
      const ladder = fuelLadders(soundJob(fuel), stock).find((l) => l.id === id)!
      return [...ladder.trials({} as never)].map((t) => sentenceText(t.label, {}))
    }
    expect(labels('strainer', { strainer: null })).toEqual(['Fit strainer Filter mesh'])
    expect(labels('strainer', { strainer: sock })).toEqual(['Fit strainer Filter mesh'])
    expect(labels('regulator', { regulator: null })).toEqual(['Fit regulator Regulator r'])
  })
})
