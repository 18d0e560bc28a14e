import { emptyJob, type JobDocument } from '../../../job/index.ts'
import { withValueAt } from '../../../shape/index.ts'
import { FITNESS_TESTS, fitnessOf, repairsFirst } from './index.ts'

const job = (entries: Record<string, unknown>): JobDocument =>
  Object.entries(entries).reduce((j, [path, value]) => withValueAt(j, `walkAround.${path}`, value), emptyJob('x'))
const stateOf = (id: string, entries: Record<string, unknown>) =>
  fitnessOf(job(entries)).find((r) => r.test.id === id)!.state

const MONTH_S = (365.25 * 24 * 3600) / 12

describe('fit to convert', () => {
  it('says of an untouched car that nothing was tested', () => {
    expect(new Set(fitnessOf(emptyJob('x')).map((r) => r.state))).toEqual(new Set(['not-tested']))
    expect(repairsFirst(emptyJob('x'))).toEqual([])
  })

  it.each([
    ['supply', 'positive earth', { 'battery.earth': 'positive' }, 'repair'],
    ['supply', '6 V', { 'battery.systemV': '6' }, 'repair'],
    ['supply', 'half known', { 'battery.earth': 'negative' }, 'not-tested'],
    ['supply', '12 V negative', { 'battery.earth': 'negative', 'battery.systemV': '12' }, 'fit'],
    ['battery-resting', 'at the limit', { 'tests.restingV': 12.4 }, 'fit'],
    ['battery-resting', 'below it', { 'tests.restingV': 12.39 }, 'watch'],
    ['battery-resting', 'flat', { 'tests.restingV': 12.1 }, 'repair'],
    ['battery-cranking', 'holds', { 'tests.crankingPostV': 9.6 }, 'fit'],
    ['battery-cranking', 'sinks', { 'tests.crankingPostV': 8.9 }, 'repair'],
    ['battery-cranking', 'lost on the way', { 'tests.crankingPostV': 10.5, 'tests.crankingRemoteV': 9.6 }, 'repair'],
    ['battery-cranking', 'one point alone says nothing of the way', { 'tests.crankingRemoteV': 9.6 }, 'not-tested'],
    ['cranking-drops', 'ground bright', { 'tests.crankingGroundDropV': 0.1 }, 'fit'],
    ['cranking-drops', 'ground lifted', { 'tests.crankingGroundDropV': 0.21 }, 'repair'],
    [
      'cranking-drops',
      'the worse one counts',
      { 'tests.crankingGroundDropV': 0.05, 'tests.crankingPlusDropV': 0.4 },
      'watch',
    ],
    ['compression', 'even', { 'tests.compressionPa': [1e6, 0.95e6, 0.98e6] }, 'fit'],
    ['compression', '15 % spread', { 'tests.compressionPa': [1e6, 0.85e6] }, 'watch'],
    ['compression', '25 % spread', { 'tests.compressionPa': [1e6, 0.75e6] }, 'repair'],
    ['compression', 'one cylinder alone has no spread', { 'tests.compressionPa': [null, 1e6] }, 'not-tested'],
    ['compression', 'leak-down alone', { 'tests.leakDownShare': [0.08, 0.31] }, 'repair'],
    ['idle-vacuum', 'mild', { 'tests.idleVacuumPa': 60e3 }, 'fit'],
    ['idle-vacuum', 'sporting', { 'tests.idleVacuumPa': 40e3 }, 'watch'],
    [
      'idle-vacuum',
      'a flick outweighs a good figure',
      { 'tests.idleVacuumPa': 60e3, 'tests.idleNeedle': 'flicks-regularly' },
      'repair',
    ],
    ['exhaust-leak', 'open joint', { 'tests.exhaustLeak': 'open-joint' }, 'repair'],
    ['oil-smoke', 'on start', { 'tests.smoke': 'on-start' }, 'watch'],
    ['misfire', 'at idle', { 'tests.misfire': 'at-idle', 'tests.plugs': 'even-tan' }, 'repair'],
    ['chain-slack', '5°', { 'tests.chainSlackDeg': 5 }, 'fit'],
    ['chain-slack', '12°', { 'tests.chainSlackDeg': 12 }, 'repair'],
    ['fuel-age', 'two months', { 'tests.fuelAgeS': 2 * MONTH_S }, 'fit'],
    ['fuel-age', 'a year', { 'tests.fuelAgeS': 12 * MONTH_S }, 'repair'],
    ['charging', 'charges', { 'tests.idleChargingV': 13.5 }, 'fit'],
    ['charging', 'a dynamo, whatever it reads', { 'tests.idleChargingV': 13.5, 'charging.kind': 'dynamo' }, 'repair'],
    ['ripple', 'a dead diode', { 'tests.rippleV': 0.6 }, 'repair'],
    ['coolant', 'stuck', { 'tests.coolantFlow': 'brisk', 'tests.thermostatOpens': 'stuck' }, 'repair'],
    ['throttle', 'a sticking linkage', { 'tests.linkagePlay': 'sticks' }, 'repair'],
    ['throttle', 'a worn shaft leaves with the carburettor', { 'tests.shaftPlayM': 0.4e-3 }, 'watch'],
    ['tank-inside', 'old sealant', { 'tests.tankInside': 'old-sealant' }, 'repair'],
  ])('%s, %s', (id, _name, entries, state) => expect(stateOf(id, entries)).toBe(state))

  it('every test says how, why, what to do, how long and with which cautions', () => {
    for (const t of FITNESS_TESTS) {
      for (const text of [t.how, t.because, t.repair, t.source]) expect(text.length).toBeGreaterThan(5)
      expect(t.minutes).toBeGreaterThan(0)
      expect(t.cautions.length).toBeGreaterThan(0)
    }
  })

  it('every choice of every test is judged', () => {
    for (const t of FITNESS_TESTS)
      for (const e of t.entries)
        if (e.kind === 'choice')
          for (const [value] of e.options) {
            const found = t.find(withValueAt(emptyJob('x'), e.path, value))
            expect([e.path, value, found?.state]).toEqual([e.path, value, expect.any(String)])
          }
  })

  it('repairs stand in the order of the tests', () => {
    const j = job({ 'tests.tankInside': 'rust', 'tests.restingV': 11.8, 'tests.exhaustLeak': 'open-joint' })
    expect(repairsFirst(j).map((r) => r.testId)).toEqual(['battery-resting', 'exhaust-leak', 'tank-inside'])
  })
})
