import { emptyBoxPosition, emptyKeyedWire, type BoxPosition, type KeyedWire } from '../../sections/index.ts'
import { sentenceText } from '../../verdict/index.ts'
import { assessPower } from './assessPower.ts'
import { diagramsOf } from './diagrams/diagramsOfJob.ts'
import { partsOfDiagram } from './diagrams/partsOfDiagram.ts'
import { layOutDiagram } from './diagrams/diagram.ts'
import { fusePlanOf, newCircuits } from './fusePlan.ts'
import { findKeyed, keyedFind } from './keyedFinder.ts'
import { partsOfPower } from './partsOfPower.ts'
import { powerCase } from './powerCase.ts'
import { proofTestsOf } from './proofTests.ts'
import { poweredJob } from './test/powered.ts'

const wire = (name: string, more: Partial<KeyedWire>): KeyedWire => ({
  ...emptyKeyedWire(`wire-${name}`, name),
  ...more,
})
const at = (offV: number, runV: number, startV: number, postsV: number | null) => ({ offV, runV, startV, postsV })
const verdict = (job: ReturnType<typeof poweredJob>, id: string) => assessPower(job).verdicts.find((v) => v.id === id)!

describe('the finder of the keyed feed', () => {
  it.each([
    ['holds', at(0, 12.4, 10.1, 10.4), 'run-and-start'],
    ['dead in start, terminals sound', at(0, 12.4, 0.1, 10.4), 'run-only'],
    ['a weak battery is no wrong wire', at(0, 12.2, 6.1, 6.4), 'run-and-start'],
    ['loses too much in start', at(0, 12.4, 7.9, 10.4), 'sags'],
    ['the solenoid’s own', at(0, 0, 10, 10.4), 'start-only'],
    ['a coil behind its resistor', at(0, 7.4, 9.8, 10.4), 'after-ballast'],
    ['the horn', at(12.5, 12.4, 10.1, 10.4), 'always'],
    ['fed back by a lamp', at(3.1, 12.4, 10.1, 10.4), 'back-fed'],
    ['a spare', at(0, 0, 0, 10.4), 'dead'],
    ['terminals not measured in that start', at(0, 12.4, 10.1, null), 'not-measured'],
  ] as const)('%s', (_name, volts, kind) => expect(findKeyed(wire('a', volts)).kind).toBe(kind))
  it('a dead wire is told from a weak battery by the terminals in the same start', () => {
    const says = (postsV: number | null) => sentenceText(findKeyed(wire('a', at(0, 12.4, 0.1, postsV))).says, {})
    expect(says(10.4)).toMatch(/terminals hold 10\.4\sV: the wrong wire, not a weak battery/)
    expect(says(null)).toMatch(/Measure the terminals in the same start too/)
  })
  it('takes the best whole wire, or two halves for a relay, or says that there are none', () => {
    const radio = wire('radio', at(0, 12.3, 0, 10.4))
    const solenoid = wire('solenoid', at(0, 0, 10.2, 10.4))
    const choke = wire('choke', at(0, 12.2, 10, 10.4))
    const coil = wire('coil', at(0, 12.3, 10.3, 10.4))
    expect(keyedFind([radio, choke, coil]).direct?.name).toBe('coil')
    const halves = keyedFind([radio, solenoid])
    expect([halves.direct, halves.forRelay?.run.name, halves.forRelay?.start.name]).toEqual([null, 'radio', 'solenoid'])
    expect(keyedFind([radio]).forRelay).toBeNull()
  })
  it('holds the choice against what was measured', () => {
    const places = { 'power.old.keyedWires': [wire('radio', at(0, 12.3, 0, 10.4))] }
    expect(verdict(poweredJob({ ...places, 'power.design.keyedFeed': 'run-and-start' }), 'keyed-wires').title).toBe('No old wire holds in run and in start') // prettier-ignore
    expect(verdict(poweredJob(places), 'keyed-wires').title).toBe('No two old wires for the keyed relay')
    const both = {
      'power.old.keyedWires': [wire('radio', at(0, 12.3, 0, 10.4)), wire('solenoid', at(0, 0, 10.2, 10.4))],
    }
    expect(verdict(poweredJob(both), 'keyed-wires').state).toBe('ok')
    expect(verdict(poweredJob({ 'power.old.keyedWires': [wire('choke', {})] }), 'keyed-wires').state).toBe('unknown')
  })
})

const position = (name: string, more: Partial<BoxPosition>): BoxPosition => ({ ...emptyBoxPosition(`pos-${name}`, name), ...more }) // prettier-ignore

describe('the fuse plan', () => {
  const plan = (box: readonly BoxPosition[], more: Readonly<Record<string, unknown>> = {}) =>
    fusePlanOf(powerCase(poweredJob({ 'power.old.box': box, ...more })))
  const HALF = { 'power.design.keyedFeed': 'run-and-start' }
  it('ECU, pump, fan and keyed relay are fused at the battery, never in the old box', () => {
    const box = ['always', 'run', 'run-and-start'].map((live, i) => position(String(i), { live: live as 'run' }))
    const { atBattery, box: taken } = plan(box, { 'walkAround.cooling.fan': 'electric', 'power.design.fan': 'relay' })
    expect(atBattery.map((x) => x.id)).toEqual(['ecuFeed', 'keyed', 'pumpFeed', 'fanFeed'])
    expect(taken.map((t) => t.takes?.id ?? null)).toEqual([null, 'gauges', null])
  })
  it('a position that is taken, dead in run or of unknown kind takes nothing', () => {
    const box = [position('1', { live: 'run', feeds: 'wipers' }), position('2', { live: 'lights' }), position('3', {})]
    expect(plan(box).subPanel.map((x) => x.id)).toEqual(['gauges'])
  })
  it('takes as many circuits as any assignment could: tried against every one', () => {
    const lives = ['always', 'run', 'run-and-start', 'lights'] as const
    for (let n = 0; n < 81; n++) {
      const box = [0, 1, 2].map((i) => position(String(i), { live: lives[Math.floor(n / 3 ** i) % 3 === 0 ? 1 : Math.floor(n / 3 ** i) % 3 === 1 ? 3 : 2]!, feeds: n % 2 === i ? 'horn' : '' })) // prettier-ignore
      const { box: taken } = plan(box, HALF)
      const free = box.filter((p) => p.feeds === '' && (p.live === 'run' || p.live === 'run-and-start')).length
      expect(taken.filter((t) => t.takes).length).toBe(Math.min(2, free))
    }
  })
  it('where the box is full a sub-panel has a feed of its own, and its fuse carries all of it', () => {
    const { subPanel, subPanelA } = plan([position('1', { live: 'run', feeds: 'wipers' })], HALF)
    expect(subPanel.map((x) => x.id)).toEqual(['heater', 'gauges'])
    expect(subPanelA!).toBeGreaterThanOrEqual(subPanel.reduce((sum, x) => sum + x.continuousA, 0) / 0.75)
  })
  it('every circuit has a fuse that carries it', () => {
    for (const x of newCircuits(powerCase(poweredJob(HALF)))) expect(x.fuseA).toBeGreaterThan(x.continuousA)
  })
})

describe('drawings, tests and parts follow from the choices', () => {
  const DESIGNS = [
    {},
    { keyedFeed: 'run-and-start', fanTrigger: 'positive', damping: 'diode' },
    { relays: 'shared', pumpFeed: 'starter-stud' },
    { pumpCut: 'oil-pressure', damping: 'resistor', lampDiode: true },
  ] as const
  const FAN = { 'walkAround.cooling.fan': 'electric', 'power.design.fan': 'relay', 'fuel.safety.inertiaSwitch': true, 'power.old.killSwitch': 'full' } // prettier-ignore
  it.each(DESIGNS)(
    '%j: every relay has coil and contact, with its numbers; nothing lies outside the drawing',
    (design) => {
      const all = diagramsOf(powerCase(poweredJob(FAN, design)))
      expect(new Set(all.map((d) => d.id)).size).toBe(all.length)
      for (const d of all) {
        const items = d.paths.flatMap((p) => p.items)
        for (const coil of items.filter((i) => i.kind === 'coil')) {
          expect([coil.left, coil.right]).toEqual(['86', '85'])
          const contact = items.find((i) => i.kind === 'contact' && i.relay === coil.relay)
          expect([d.id, contact?.left, contact?.right]).toEqual([d.id, '30', '87'])
        }
        const laid = layOutDiagram(d, 600, 120)
        for (const p of laid.paths)
          for (const i of p.placed) expect(i.x > laid.fromX && i.x < laid.toX && p.y < laid.height).toBe(true)
      }
    },
  )
  it('both trigger senses of the fan are drawn, the one of the ECU first', () => {
    const ids = (fanTrigger: 'earth' | 'positive') =>
      diagramsOf(powerCase(poweredJob(FAN, { fanTrigger }))).map((d) => d.id).filter((id) => id.startsWith('fan')) // prettier-ignore
    expect(ids('earth')).toEqual(['fan-earth', 'fan-positive'])
    expect(ids('positive')).toEqual(['fan-positive', 'fan-earth'])
  })
  it('relays, fuses and diodes to buy are those of the drawings', () => {
    for (const design of DESIGNS) {
      const c = powerCase(poweredJob(FAN, design))
      const items = diagramsOf(c).filter((d) => !d.title.includes('comparison')).flatMap((d) => d.paths.flatMap((p) => p.items)) // prettier-ignore
      const lines = partsOfPower(c)
      const quantity = (id: string) => lines.find((l) => l.id === id)?.quantity.si ?? 0
      const relays = new Set(items.filter((i) => i.kind === 'coil').map((i) => i.relay))
      expect([design, quantity('relays')]).toEqual([design, relays.size])
      expect([design, quantity('diodes')]).toEqual([design, items.filter((i) => i.kind === 'diode').length])
    }
  })
  it('a fuse above 40 A is no blade', () => {
    const name = (fuseA: number) => partsOfPower(powerCase(poweredJob({ 'power.wires.ecuFeed.fuseA': fuseA }))).find((l) => l.id === 'fuse ecuFeed')!.name // prettier-ignore
    expect([name(40), name(50)]).toEqual(['Blade fuse 40 A with sealed holder', 'Bolt-in fuse 50 A with sealed holder'])
  })
  it('what a drawing lists is what it shows', () => {
    const all = diagramsOf(powerCase(poweredJob(FAN, { damping: 'diode' })))
    const parts = (id: string) => partsOfDiagram(all.find((d) => d.id === id)!)
    expect(parts('keyed')).toEqual([
      'fuse of 10 A with holder',
      'relay with socket',
      '2 diodes',
      'diode across the coil',
    ])
    expect(parts('pump')).toEqual(['fuse of 15 A with holder', 'relay with socket', 'diode across the coil', 'inertia switch']) // prettier-ignore
    expect(parts('constant')).toEqual(['fuse of 20 A with holder'])
    expect(parts('stop')).toEqual(['kill switch', 'kill switch, keyed', 'kill switch, field'])
  })
  it('a test for each thing that must stop', () => {
    const ids = proofTestsOf(powerCase(poweredJob(FAN))).map((t) => t.id)
    expect(ids).toEqual(expect.arrayContaining(['inertia', 'stall', 'key-stop', 'kill', 'fan', 'ecu-crank', 'keyed-crank'])) // prettier-ignore
    expect(proofTestsOf(powerCase(poweredJob())).some((t) => t.id === 'kill')).toBe(false)
  })
})
