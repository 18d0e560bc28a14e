import { emptyJob, type JobDocument } from '../../../job/index.ts'
import { withValueAt } from '../../../shape/index.ts'
import { sentenceText } from '../../../verdict/index.ts'
import { exhaustCautions } from '../../exhaust/index.ts'
import { stillToMeasure } from '../stillToMeasure.ts'
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
    [
      'battery-cranking',
      'a lead switched off in start is no repair',
      { 'tests.crankingPostV': 10.4, 'tests.crankingRemoteV': 0 },
      'watch',
    ],
    [
      'battery-cranking',
      'a dead lead does not hide a weak battery',
      { 'tests.crankingPostV': 8.9, 'tests.crankingRemoteV': 0 },
      'repair',
    ],
    [
      'battery-cranking',
      'a joint that loses much still passes something',
      { 'tests.crankingPostV': 10.4, 'tests.crankingRemoteV': 4 },
      'repair',
    ],
    ['starter', 'current alone says nothing', { 'tests.crankingA': 380 }, 'not-tested'],
    ['starter', 'speed alone says nothing', { 'tests.crankingRpm': 80 }, 'not-tested'],
    ['starter', 'turns well', { 'tests.crankingA': 200, 'tests.crankingRpm': 207 }, 'fit'],
    ['starter', 'turns well and takes much', { 'tests.crankingA': 300, 'tests.crankingRpm': 190 }, 'watch'],
    ['starter', 'slow with much', { 'tests.crankingA': 380, 'tests.crankingRpm': 80 }, 'repair'],
    ['starter', 'slow with little', { 'tests.crankingA': 90, 'tests.crankingRpm': 80 }, 'repair'],
    ['starter', 'a little slow', { 'tests.crankingA': 200, 'tests.crankingRpm': 120 }, 'watch'],
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

  it.each([
    ['12 V, positive earth', { 'battery.earth': 'positive', 'battery.systemV': '12' }, 'Convert to negative earth'],
    ['positive earth, volts unknown', { 'battery.earth': 'positive' }, 'Convert to negative earth'],
    ['6 V, negative earth', { 'battery.earth': 'negative', 'battery.systemV': '6' }, 'Convert to 12 V'],
    ['6 V, positive earth', { 'battery.earth': 'positive', 'battery.systemV': '6' }, 'Convert to 12 V, negative earth'],
    [
      'slow with much',
      { 'tests.crankingA': 380, 'tests.crankingRpm': 80 },
      'Repair the starter, or whatever makes the engine hard to turn',
    ],
    [
      'slow with little, posts sunk',
      { 'tests.crankingA': 90, 'tests.crankingRpm': 80, 'tests.crankingPostV': 9.2 },
      'Replace the battery',
    ],
    [
      'slow with little, posts hold',
      { 'tests.crankingA': 90, 'tests.crankingRpm': 80, 'tests.crankingPostV': 11.4 },
      'Repair cables, joints or brushes',
    ],
    [
      'slow with little, posts unknown',
      { 'tests.crankingA': 90, 'tests.crankingRpm': 80 },
      'Check battery, cables and joints',
    ],
  ])('what to do first: %s', (_car, entries, step) =>
    expect(repairsFirst(job(entries)).map((r) => r.step)).toEqual([step]),
  )

  it('a lead dead in “start” is called the wrong lead, and nothing is repaired for it', () => {
    const j = job({ 'tests.crankingPostV': 10.4, 'tests.crankingRemoteV': 0 })
    const said = fitnessOf(j).find((r) => r.test.id === 'battery-cranking')!
    expect(sentenceText(said.reason, {})).toMatch(/dead in “start”.*wrong lead/)
    expect(repairsFirst(j)).toEqual([])
  })

  it('a dynamo has no diodes: its car has no ripple test and no ripple figure to measure', () => {
    const dynamo = job({ 'charging.kind': 'dynamo', 'tests.rippleV': 0.9 })
    expect(fitnessOf(dynamo).map((r) => r.test.id)).not.toContain('ripple')
    expect(repairsFirst(dynamo).map((r) => r.testId)).toEqual(['charging'])
    expect(stillToMeasure(job({ 'charging.kind': 'dynamo' })).map((e) => e.path)).not.toContain(
      'walkAround.tests.rippleV',
    )
    expect(stillToMeasure(job({ 'charging.kind': 'alternator' })).map((e) => e.path)).toContain(
      'walkAround.tests.rippleV',
    )
  })

  it.each([
    ['positive', /The earthed terminal \(positive\) comes off first/, /negative/],
    ['negative', /The earthed terminal \(negative\) comes off first/, /positive/],
    [null, /which one is not entered/, /positive|negative/],
  ])('the earthed terminal comes off first: %s', (earth, says, never) => {
    const j = job({ 'battery.earth': earth })
    for (const id of ['supply', 'battery-resting', 'battery-cranking', 'chain-slack']) {
      const text = fitnessOf(j)
        .find((r) => r.test.id === id)!
        .cautions.join(' ')
      expect([id, text]).toEqual([id, expect.stringMatching(says)])
      expect(text).not.toMatch(never)
    }
    expect(exhaustCautions(j).find((c) => c.where === 'welding')!.says).toMatch(says)
  })

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
