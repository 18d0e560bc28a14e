import { emptyLeg, type FuelSection, type LineLeg } from '../../sections/index.ts'
import { sentenceText } from '../../verdict/index.ts'
import { designOf } from './fuelDesign.ts'
import { orderItems } from './orderItems.ts'
import { catalogue, soundJob } from './test/jobs.ts'

const { fuel } = soundJob()
const end = catalogue.fittings[0]!
const leg = (name: string, more: Partial<LineLeg> = {}) => ({
  ...emptyLeg(name, name),
  lengthM: 1,
  start: end,
  end,
  ...more,
})
const item = (change: Partial<FuelSection>, id: string) => {
  const found = orderItems(designOf(soundJob(change))).find((i) => i.id === id)
  return found && [found.state, sentenceText(found.says, {})]
}

describe('what the order needs', () => {
  it('names every part and line of a return system with a pump in the line, in the order of the flow', () =>
    expect(orderItems(designOf(soundJob())).map((i) => i.id)).toEqual(['strainer', 'pump', 'filter', 'regulator', 'injectors', 'feed', 'return', 'suction', 'vent', 'relay', 'inertia', 'roll-over'])) // prettier-ignore
  it('a single line asks for no return, a hanging pump for no suction line', () => {
    const single = soundJob({
      systemType: 'single-line',
      regulator: catalogue.regulators[1]!,
      pump: { ...catalogue.pumps[1]!, mount: 'in-tank' },
    })
    const ids = orderItems(designOf(single)).map((i) => i.id)
    expect([ids.includes('return'), ids.includes('suction')]).toEqual([false, false])
  })
  it.each<[string, Partial<FuelSection>, string, string, RegExp]>([
    ['a pump', {}, 'pump', 'ok', /Pump middle/],
    ['no pump', { pump: null }, 'pump', 'stop', /not chosen/],
    ['no pump, no relay', { pump: null }, 'relay', 'stop', /set by the pump/],
    ['injectors of a number nobody gave', { injectorCount: null }, 'injectors', 'unknown', /quantity assumed/],
    ['a line without hose', { vent: { ...fuel.vent, hose: null } }, 'vent', 'stop', /no hose or tube/],
    ['a line of assumed length', { feed: { ...fuel.feed, lengthM: null } }, 'feed', 'unknown', /length is assumed/],
    ['a line in one figure', {}, 'feed', 'unknown', /once it is described leg by leg/],
    ['a leg without hose', { feed: { ...fuel.feed, hose: null, legs: [leg('a', { hose: catalogue.hoses[1]! }), leg('b')] } }, 'feed', 'stop', /for b$/], // prettier-ignore
    ['a leg nobody measured', { feed: { ...fuel.feed, legs: [leg('a'), leg('b', { lengthM: null })] } }, 'feed', 'unknown', /^b: not measured/], // prettier-ignore
    ['a leg without an end', { feed: { ...fuel.feed, legs: [leg('a', { end: null }), leg('b')] } }, 'feed', 'stop', /end of a is not chosen/], // prettier-ignore
    ['every leg whole', { feed: { ...fuel.feed, legs: [leg('a'), leg('b')] } }, 'feed', 'ok', /every leg/],
    [
      'a line of the car’s own',
      { oldLine: { ...fuel.oldLine, keeps: 'return' } },
      'return',
      'ok',
      /existing line reused/,
    ],
    ['a switch nobody looked for', { safety: { ...fuel.safety, inertiaSwitch: null } }, 'inertia', 'unknown', /not entered/], // prettier-ignore
    ['a switch that is missing is on the list', { safety: { ...fuel.safety, inertiaSwitch: false } }, 'inertia', 'ok', /on the list/], // prettier-ignore
  ])('%s', (_what, change, id, state, says) => expect(item(change, id)).toEqual([state, expect.stringMatching(says)]))
})
