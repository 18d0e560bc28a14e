import {
  emptyCandidate,
  emptyCorridor,
  emptyDevice,
  emptyKitLead,
  emptyOwnCircuit,
  emptyStretch,
} from '../../sections/index.ts'
import type { JobDocument } from '../../job/index.ts'
import { withChange } from '../../job/index.ts'
import { assessHarness } from './assessHarness.ts'
import { harnessLadders } from './harnessLadders.ts'
import { HARNESS_WORKINGS, harnessWorking } from './harnessWorkings.ts'
import { harnessCase } from './harnessCase.ts'
import { partsOfHarness } from './partsOfHarness.ts'
import { accepted, controller, plannedJob, withCorridor, withHarness } from './test/jobs.ts'

const verdict = (job: JobDocument, id: string) => assessHarness(job).verdicts.find((v) => v.id === id)
const said = (job: JobDocument, id: string): string => JSON.stringify(verdict(job, id)?.reason ?? null)
const plain = plannedJob()
const done = accepted(plain, 'ecu-toe-board')
const design = (change: Partial<JobDocument['harness']['design']>) => ({
  design: { ...done.harness.design, ...change },
})
const batch = (job: JobDocument, firingOrder: string | null): JobDocument => ({
  ...job,
  system: { ...job.system, chosen: { ...job.system.chosen!, injection: 'port', firing: 'batch' } },
  walkAround: { ...job.walkAround, engine: { ...job.walkAround.engine, firingOrder } },
})
const wanting = (job: JobDocument): JobDocument => ({ ...job, system: { ...job.system, signals: ['road-speed'] } })
const device = (id: string, change: object) => ({ devices: [{ ...emptyDevice(id), ...change }] })

describe('bad input is named', () => {
  it.each<[string, JobDocument, string]>([
    ['a device without a place', withHarness(plain, { plan: 'unitary', devices: [{ ...emptyDevice('injector-1'), at: 'nowhere-at-all' }] }), 'Injector 1: no place'],
    ['a corridor of no length', withHarness(plain, { corridors: [...plain.harness.corridors, emptyCorridor('own-one', 'Own way', 'wing-left', 'wing-right')] }), 'Own way”: length is not known'],
    ['a corridor to no place', withCorridor(plain, 'slam-panel', { to: 'moon-base' }), 'Slam panel”: to names no place'],
    ['a corridor from a place to itself', withCorridor(plain, 'slam-panel', { to: 'front-left' }), 'from a place to itself'],
    ['a hole without a bore', withHarness(plain, { corridors: [...plain.harness.corridors, { ...emptyCorridor('own-one', 'Own hole', 'wing-left', 'wing-right'), lengthM: 1, panel: 'grommet' }] }), 'Own hole”: bore is not known'],
    ['beyond the end of a corridor', withHarness(plain, device('relay-box', { at: 'slam-panel', alongM: 9 })), 'distance along'],
    ['an ECU place nowhere', withHarness(plain, { candidates: [emptyCandidate('own-place', 'Roof', 'moon-base')] }), 'Roof”: it is at no place'],
    ['two ECU places at one place', withHarness(plain, { candidates: [...plain.harness.candidates, emptyCandidate('own-place', 'Twin', 'wing-left')] }), 'Twin”: another candidate'],
  ])('%s', (_, job, words) => {
    expect(verdict(job, 'plan')!.state).toBe('stop')
    expect(said(job, 'plan')).toContain(words)
  }) // prettier-ignore

  it('an island: its circuits have no way, in words', () => {
    const island = withHarness(done, { corridors: done.harness.corridors.filter((c) => c.to !== 'tank-top') })
    expect(said(island, 'loom')).toContain('no way from end to end')
  })

  it('an ECU pin used twice, a pin that is nonsense, a function without a pin', () => {
    const of = (pinout: string | null) => ({ ...plain, system: { ...plain.system, controller: controller(pinout) } })
    expect(said(of('A1 battery-feed; A1 power-earth'), 'pins')).toContain('Pin A1 stands there twice')
    expect(said(of('A1'), 'pins')).toContain('A1')
    expect(said(of('A1 battery-feed'), 'pins')).toContain('No pin for “power earth”')
    expect(verdict(of(null), 'pins')!.state).toBe('unknown')
  })
})

describe('each entry changes a verdict', () => {
  it.each<[string, string, JobDocument, string | undefined]>([
    ['no plan', 'plan', withHarness(plain, { plan: null, corridors: [] }), 'unknown'],
    ['a plan', 'plan', plain, 'ok'],
    ['no loom', 'loom', plain, 'unknown'],
    ['nothing measured', 'measured', done, 'unknown'],
    ['everything measured', 'measured', withHarness(done, { corridors: done.harness.corridors.map((c) => ({ ...c, lengthM: 0.5 })) }), 'ok'],
    ['holes as planned', 'hole', done, 'ok'],
    ['a hole too full', 'hole', withCorridor(done, 'hole-left', { boreM: 0.009 }), 'stop'],
    ['a hole full of what is in it', 'hole', withCorridor(done, 'hole-left', { boreM: 0.022, takenM: 0.0145 }), 'stop'],
    ['no room in a corridor', 'room', withCorridor(done, 'bulkhead-left-run', { roomM: 0.005 }), 'stop'],
    ['a corridor against the exhaust', 'heat', withCorridor(done, 'bulkhead-left-run', { heat: 'exhaust' }), 'stop'],
    ['measured hotter than its insulation', 'heat', withCorridor(done, 'bulkhead-left-run', { hottestK: 420 }), 'stop'],
    ['something that moves', 'motion', withCorridor(done, 'bulkhead-left-run', { moving: true }), 'stop'],
    ['classes without room', 'classes', withCorridor(done, 'bulkhead-left-run', { apart: false }), 'stop'],
    ['beside the HT leads', 'exposure', withCorridor(done, 'bulkhead-left-run', { near: 'plug-leads', lengthM: 5 }), 'stop'],
    ['an ECU place too hot', 'ecu-place', withHarness(done, { candidates: done.harness.candidates.map((c) => ({ ...c, hottestK: 380 })) }), 'stop'],
    ['a place too wet', 'ecu-place', withHarness(done, { candidates: done.harness.candidates.map((c) => ({ ...c, wet: true })), unit: { ...done.harness.unit, sealed: false } }), 'stop'],
    ['wet, but sealed', 'ecu-place', withHarness(done, { candidates: done.harness.candidates.map((c) => ({ ...c, wet: true })) }), 'ok'],
    ['a lower limit', 'ecu-place', withHarness(done, { unit: { ...done.harness.unit, limitK: 320 } }), 'stop'],
    ['over a bare edge', 'crossing', withCorridor(done, 'hole-left', { panel: 'bare-edge' }), 'stop'],
    ['clips too far apart', 'clips', withCorridor(done, 'bulkhead-left-run', { clipM: 0.5 }), 'caution'],
    ['tied first', 'tied-first', withHarness(done, design({ tiedAtBack: true })), 'ok'],
    ['not tied', 'tied-first', withHarness(done, design({ tiedAtBack: false })), 'caution'],
    ['a tuning cable left in', 'tuning-cable', withHarness(done, design({ tuningCable: false })), 'caution'],
    ['an adapter nobody has counted', 'road-speed', withHarness(done, design({ roadSpeed: 'adapter' })), 'unknown'],
    ['one that was counted', 'road-speed', withHarness(done, design({ roadSpeed: 'adapter', pulsesPerRev: 8 })), 'ok'],
    ['road speed wanted, no source decided', 'road-speed', wanting(done), 'unknown'],
    ['road speed wanted, and none to come', 'road-speed', wanting(withHarness(done, design({ roadSpeed: 'none' }))), 'caution'],
    ['road speed wanted and brought by a sensor', 'road-speed', wanting(withHarness(done, design({ roadSpeed: 'sensor' }))), undefined],
    ['batch in the ports, firing order not known', 'drivers', batch(plain, null), 'unknown'],
    ['batch in the ports by the firing order', 'drivers', batch(plain, '1-3-4-2'), 'ok'],
    ['batch in the ports, an order nobody can read', 'drivers', batch(plain, '1-3-4'), 'unknown'],
    ['one driver each', 'drivers', plain, undefined],
    ['a heavy plug', 'plug-weight', withHarness(done, device('cooling-fan', { plugKg: 0.3 })), 'caution'],
    ['a display too large', 'display-room', withHarness(done, device('warning-lamp', { longestM: 0.2, placeRoomM: 0.1 })), 'stop'],
    ['an open plug in the wet', 'weather', withHarness(done, device('fuel-pump', { sealed: false })), 'caution'],
    ['booted', 'weather', withHarness(done, device('fuel-pump', { sealed: false, booted: true })), 'ok'],
    ['a plug that fits two sockets', 'keying', withHarness(done, device('coolant-sensor', { alsoFits: 'air-sensor' })), 'caution'],
    ['pins moved', 'moved-pins', withHarness(done, device('distributor', { movedPins: '2 to 3' })), 'ok'],
    ['a box that fits', 'fixing', withHarness(done, { unit: { ...done.harness.unit, lengthM: 0.16, widthM: 0.12, depthM: 0.04, plugRoomM: 0.09 }, candidates: done.harness.candidates.map((c) => ({ ...c, roomLengthM: 0.3, roomWidthM: 0.05, roomDepthM: 0.14 })) }), 'ok'],
    ['one whose plug stands out', 'fixing', withHarness(done, { unit: { ...done.harness.unit, lengthM: 0.16, widthM: 0.12, depthM: 0.04, plugRoomM: 0.09 }, candidates: done.harness.candidates.map((c) => ({ ...c, roomLengthM: 0.2, roomWidthM: 0.05, roomDepthM: 0.14 })) }), 'stop'],
  ])('%s', (_, id, job, state) => expect(verdict(job, id)?.state).toBe(state)) // prettier-ignore

  it.each([
    ['hole', 'boreM', 0.022],
    ['heat', 'heat', 'bay'],
    ['motion', 'moving', false],
    ['clips', 'clipM', 0.25],
  ])('%s says that it stands on the plan’s estimates until somebody has looked', (id, field, value) => {
    const looked = withHarness(done, {
      corridors: done.harness.corridors.map((c) =>
        field === 'boreM' && c.panel === null && !c.id.includes('hole') ? c : { ...c, [field]: value },
      ),
    })
    expect(said(done, id)).toContain('Estimates of the plan')
    expect(said(looked, id)).not.toContain('Estimates of the plan')
  })

  it('a lead out through one hole and in through another is flagged', () => {
    const tight = withHarness(plain, {
      circuits: [
        { ...emptyOwnCircuit('own-wire', 'Old lead'), from: 'key-switch', to: 'display-unit', flexible: true },
      ],
      stretches: ['hole-left', 'hole-right'].map((id) => emptyStretch(`rule-${id}`, 'own-wire', id, 'through')),
      design: { ...plain.harness.design, displayFitted: true },
    })
    const job = accepted(tight, 'ecu-left-wing')
    expect(verdict(job, 'crossing')!.state).toBe('caution')
    expect(said(job, 'crossing')).toContain('Old lead')
  })

  it('a kit: a lead too short, a plug too large, a lead that is not used', () => {
    const kit = (reachM: number, more: object = {}) =>
      withHarness(plain, {
        design: { ...plain.harness.design, build: 'kit' },
        kitLeads: [{ ...emptyKitLead('lead-one', 'coolant-sensor'), reachM, extend: 'must-not', ...more }],
      })
    expect(verdict(accepted(kit(0.5), 'ecu-toe-board'), 'reach')!.state).toBe('stop')
    expect(verdict(accepted(kit(6), 'ecu-toe-board'), 'reach')!.state).toBe('ok')
    const unused = accepted(kit(2, { unused: true, waitsFor: 'a second sensor' }), 'ecu-toe-board')
    expect(verdict(unused, 'unused-leads')!.state).toBe('caution')
    expect(said(unused, 'unused-leads')).toContain('a second sensor')
    expect(verdict(accepted(kit(2, { unused: true, capped: true }), 'ecu-toe-board'), 'unused-leads')!.state).toBe('ok')
  })
})

describe('remedies', () => {
  it.each<[string, JobDocument]>([
    ['hole', withCorridor(done, 'hole-left', { boreM: 0.009 })],
    ['crossing', withCorridor(done, 'hole-left', { panel: 'bare-edge' })],
    ['clips', withCorridor(done, 'bulkhead-left-run', { clipM: 0.5 })],
    ['tied-first', done],
    ['weather', withHarness(done, device('fuel-pump', { sealed: false }))],
  ])('one of %s cures it in the whole job', (id, job) => {
    const bad = verdict(job, id)!
    expect(bad.state).not.toBe('ok')
    const trials = harnessLadders(job)
      .filter((l) => l.cures.includes(id))
      .flatMap((l) => [...l.trials(bad)])
    expect(trials.some((t) => verdict(withChange(job, t.change), id)!.state === 'ok')).toBe(true)
  })
})

describe('workings and parts', () => {
  const c = harnessCase(done)
  it.each(HARNESS_WORKINGS)('the working “%s” has steps whose formulas give their results', (id) => {
    const { steps } = harnessWorking(c, id)
    expect(steps.length).toBeGreaterThan(0)
    for (const s of steps) {
      const names = Object.keys(s.inputs)
      const values = names.map((n) => s.inputs[n]!.value)

      const compute = new Function(...names, `return ${s.formula}`) as (...v: number[]) => number
      expect(compute(...values)).toBeCloseTo(s.result, 9)
    }
  })

  it('parts are those of the loom: spools as long as its wires and a tenth over, nothing before one is accepted', () => {
    expect(partsOfHarness(harnessCase(plain))).toEqual([])
    const wire = partsOfHarness(c)
      .filter((l) => l.what === 'Wire')
      .reduce((sum, l) => sum + l.quantity.si, 0)
    const cut = done.harness.loom!.wires.reduce((sum, w) => sum + w.lengthM!, 0)
    expect(wire).toBeCloseTo(1.1 * cut, 6)
  })
})
