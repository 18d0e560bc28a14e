import { stackPiece } from '../../sections/index.ts'
import { emptyJob, withChange, type JobDocument } from '../../job/index.ts'
import { sentenceText } from '../../verdict/index.ts'
import { remediesOf } from '../remedies.ts'
import { assessEngineTop } from './assessEngineTop.ts'
import { evaluateStep } from '../../verdict/test/evaluateStep.ts'
import { ENGINE_TOP_WORKINGS, engineTopWorking } from './engineTopWorkings.ts'
import { ENGINE_TOP_STATION } from './engineTopStation.ts'
import { comesOff } from './comesOff.ts'
import { partsOfEngineTop } from './partsOfEngineTop.ts'
import { rightJob, withBolts, withLink, withManifold, withPiece, withStack, withThrottle, withTop, withWalk } from './test/jobs.ts' // prettier-ignore

const NO_PARTS = { pumps: [], injectors: [], hoses: [], fittings: [], filters: [], regulators: [], controllers: [], sensors: [], bungs: [] } as never // prettier-ignore
const unsound = (job: JobDocument): string[] =>
  assessEngineTop(job)
    .verdicts.filter((v) => v.state !== 'ok')
    .map((v) => `${v.id} ${v.state}`)
const verdict = (job: JobDocument, id: string) => assessEngineTop(job).verdicts.find((v) => v.id === id)
const { stack, throttle } = rightJob.engineTop
const [lever, inlet] = stack.points
const link = throttle.links[0]!
const kick = (change: Partial<typeof throttle.kickdown>) =>
  withThrottle({ kickdown: { ...throttle.kickdown, ...change } })
/** A level bonnet so far above the pad. */
const levelAt = (upM: number) => withStack({ clay: stack.clay.map((c) => ({ ...c, clayM: upM - c.topM! })) })
const off = (id: string, change: object) =>
  withStack({ off: stack.off.map((o) => (o.id === id ? { ...o, ...change } : o)) })

describe('the engine top of a job', () => {
  it('on which everything is right: nothing is said against it', () => {
    expect(unsound(rightJob)).toEqual([])
    expect(assessEngineTop(rightJob)).toMatchObject({ state: 'ok', action: null, assumptions: [] })
  })
  it('of which nothing is known asks for the stack, and says nothing of bolts nobody has', () => {
    const a = assessEngineTop(emptyJob('New'))
    expect(a.verdicts.map((v) => v.id)).toEqual(['bonnet'])
    expect(a.action).toBe('Measure the bonnet clearance and enter the new stack')
  })

  it.each<[string, string, JobDocument]>([
    ['a bonnet that hits', 'bonnet stop', withPiece('throttle-body', 0.11)],
    ['a bonnet too close', 'bonnet caution', levelAt(0.164)],
    ['no clay within 50 mm of the fuel inlet', 'bonnet unknown', withStack({ points: [lever!, { ...inlet!, rightM: -0.2, aheadM: 0.2 }] })],
    ['a piece nobody has measured', 'bonnet unknown', withStack({ pieces: stack.pieces.map((p) => (p.kind === 'gasket' ? { ...p, heightM: null } : p)), points: [] , around: [] })],
    ['pieces that do not add up', 'old-stack caution', withStack({ old: stack.old.slice(1) })],
    ['an element too low', 'air-cleaner caution', withStack({ elementM: 0.15 })],
    ['a restriction too high', 'air-cleaner caution', withStack({ dropPa: 4000, dropHeightM: 0.06 })],
    ['a lid on the mouth', 'mouth caution', withPiece('base', -0.04, withStack({ points: [lever!, inlet!].map((p) => ({ ...p, topM: -0.01 })) }))],
    ['a base on the lever', 'base-under stop', withStack({ points: [{ ...lever!, topM: 0.065 }, inlet!] })],
    ['no room to the bulkhead', 'sides stop', withStack({ around: [{ ...stack.around[0]!, atM: 0.12 }, stack.around[1]!] })],
    ['too close to the bulkhead', 'sides caution', withStack({ around: [{ ...stack.around[0]!, atM: 0.138 }, stack.around[1]!] })],
    ['a neighbour that nobody has entered', 'sides unknown', withStack({ around: [] })],
    ['a throttle body the other way round', 'lever-side stop', withStack({ facingDeg: 180 })],
    ['an old air meter left', 'air-meter caution', withStack({ airMeter: 'kept' })],
    ['a gap where the air meter was', 'air-meter stop', withStack({ airMeterDuct: false })],
    ['an old part nobody has decided on', 'comes-off unknown', off('old-carburettor', { fate: null })],
    ['an open end without a tag', 'tags caution', off('old-breather', { tag: '' })],
    ['a blank without paint', 'blanks caution', off('old-mechanical-pump', { painted: false })],
    ['a divider left', 'divider caution', withManifold({ divider: 'leave' })],
    ['how it fires is not known', 'divider unknown', withManifold({ fires: null })],
    ['a cut that is too shallow', 'divider caution', withManifold({ divider: 'cut', cutM: 0.01 })],
    ['a cut that cannot be undone', 'divider caution', withChange(withManifold({ divider: 'cut', cutM: 0.025 }), { system: { originality: 'can-be-undone' } })],
    ['silicone on a gasket', 'gasket-hold stop', withManifold({ gasketHeld: 'silicone' })],
    ['coolant left in', 'coolant stop', withManifold({ coolantOut: false })],
    ['seals fitted dry', 'seals stop', withChange(withManifold({ sealsOiled: false }), { system: { chosen: { ...rightJob.system.chosen!, injection: 'port' } } })],
    ['a bolt that bottoms', 'bolt-bolts-manifold stop', withBolts({ lengthM: 0.055 })],
    ['a bolt too short', 'bolt-bolts-manifold stop', withBolts({ lengthM: 0.04 })],
    ['no bolt that is sold', 'bolt-bolts-manifold stop', withBolts({ holeDepthM: 0.013, threadDepthM: 0.0125 })],
    ['no sealant into coolant', 'bolt-bolts-manifold caution', withBolts({ sealed: false, state: 'dry' })],
    ['sealant and a dry torque', 'bolt-bolts-manifold caution', withBolts({ state: 'dry' })],
    ['a thread deeper than its hole', 'bolt-bolts-manifold unknown', withBolts({ threadDepthM: 0.03 })],
    ['a bolt nobody has measured', 'bolt-bolts-manifold unknown', withBolts({ flangeM: null })],
    ['no pattern', 'pattern-bolts-manifold unknown', withBolts({ pattern: null })],
    ['a pattern of another number', 'pattern-bolts-manifold caution', withBolts({ many: 6 })],
    ['a thin wall', 'taper-hole-coolant stop', withBolts({ wallM: 0.002 }, 1)],
    ['a shallow hole', 'taper-hole-coolant caution', withBolts({ threadDepthM: 0.01 }, 1)],
    ['slack', 'slack caution', withThrottle({ slackM: 0.006, pedalDeg: 61 })],
    ['one spring', 'springs stop', withThrottle({ springs: 1 })],
    ['a spring that does not close', 'springs stop', withThrottle({ springClosedNm: 0.15 })],
    ['a spring that hardly closes', 'springs caution', withThrottle({ springOpenNm: 0.3 })],
    ['a throttle that sticks', 'sticks stop', withWalk({ tests: { ...rightJob.walkAround.tests, linkagePlay: 'sticks' } })],
    ['a gearbox cable on a long arm', 'kickdown stop', kick({ armM: 0.034 })],
    ['a gearbox cable set wrong', 'kickdown stop', kick({ closedM: 0.006 })],
    ['gearbox pressure not proved', 'kickdown unknown', kick({ pressureProved: null })],
    ['volts of a broken wire', 'plate-sensor stop', withThrottle({ closedV: 0.05 })],
    ['volts that move too little', 'plate-sensor caution', withThrottle({ openV: 2.5 })],
    ['volts that fall', 'plate-sensor caution', withThrottle({ closedV: 4.3, openV: 0.6 })],
    ['a linkage nobody has measured', 'linkage unknown', withThrottle({ padArmM: null })],
    ['a rod that does not reach', 'linkage stop', withLink({ rodM: 0.1 })],
    ['a linkage that binds at the end', 'binds stop', withLink({ driver: { ...link.driver, armM: 0.048 }, driven: { ...link.driven, restDeg: 355 } })],
    ['a pedal that forces the plate', 'pedal-stop stop', withThrottle({ pedalDeg: 66 })],
  ])('%s trips %s, and only that', (_name, id, job) => expect(unsound(job)).toEqual([id])) // prettier-ignore

  it('a point that nobody has measured leaves bonnet and sides open', () => {
    const job = withStack({
      points: [lever!, inlet!, { ...inlet!, id: 'point-other', name: 'Rail', kind: 'rail', turns: null, topM: null }],
    })
    expect(unsound(job)).toEqual(['bonnet unknown', 'sides unknown'])
  })
  it('a rim, or a neighbour, that nobody has measured is never clear', () => {
    expect(unsound(withStack({ rimM: null }))).toEqual(['bonnet unknown'])
    expect(assessEngineTop(withStack({ rimM: null })).c.stack.tallestSpacerM).toBeNull()
    expect(unsound(withStack({ around: stack.around.map((n) => ({ ...n, atM: null })) }))).toEqual(['sides unknown'])
  })
  it('a wide air cleaner over the alternator is no clash; over a bulkhead it is', () => {
    const near = { ...stack.around[1]!, rightM: 0.08, aheadM: 0.08 }
    expect(unsound(withStack({ around: [stack.around[0]!, near], points: [lever!] }))).toEqual([])
    expect(unsound(withStack({ around: [{ ...stack.around[0]!, atM: 0.1 }], points: [lever!] }))).toEqual([
      'sides stop',
    ])
  })
  it('what is taken of clay, points and washers stands among the assumptions', () => {
    const job = withBolts({ washerM: null }, 0, withStack({ clay: stack.clay.map((c) => ({ ...c, spreadM: null })), points: [{ ...lever!, reachM: null }, inlet!] })) // prettier-ignore
    const fields = assessEngineTop(job).assumptions.map((x) => x.field.split('.').at(-1))
    expect(new Set(fields)).toEqual(new Set(['spreadM', 'reachM', 'washerM']))
  })
  it('a plate that opens too little fails; one that binds before it is open says where', () => {
    expect(unsound(withThrottle({ pedalDeg: 45 }))).toEqual(['full-throttle stop'])
    const binds = withLink({ driven: { ...link.driven, restDeg: 20 } })
    expect(unsound(binds)).toEqual(['binds stop', 'full-throttle stop'])
    expect(verdict(binds, 'full-throttle')!.effectOf).toBe('binds')
    expect(verdict(binds, 'binds')!.title).toBe('Linkage binds: Cross shaft rod')
  })
  it('a clearance within what clay can tell is marginal', () => {
    const job = withStack({ clay: stack.clay.map((c) => ({ ...c, clayM: 0.172 - c.topM!, spreadM: 0.008 })) })
    expect(unsound(job)).toEqual(['bonnet caution'])
    expect(verdict(job, 'bonnet')!.title).toMatch(/within what clay can tell/)
  })
  it('the gap of the walk-around stands for the clay over the centre where none was laid there', () => {
    const rim = withStack({ clay: stack.clay.filter((c) => c.place !== 'centre') })
    expect(verdict(rim, 'bonnet')).toMatchObject({ state: 'unknown', title: 'Bonnet not known over the nut of the air cleaner' }) // prettier-ignore
    const walked = withWalk({ bonnet: { stackM: 0.16, gapM: 0.04 } }, rim)
    expect(verdict(walked, 'bonnet')!.state).toBe('ok')
  })
  it('a plenum on the pad is called one, and its air cleaner is none that stands on it', () => {
    const job = withStack({ pieces: [stackPiece('gasket-1', 'gasket', 0.002), stackPiece('plenum-1', 'plenum', 0.21)], points: [], around: [] }) // prettier-ignore
    expect(verdict(job, 'bonnet')).toMatchObject({ state: 'stop', title: 'Bonnet hits the plenum' })
  })
  it('what comes off follows from the car', () => {
    const of = (job: JobDocument) => comesOff(job).map((p) => p.id)
    expect(of(emptyJob('x'))).toEqual([])
    expect(of(rightJob)).toEqual(expect.arrayContaining(['old-carburettor', 'old-kickdown', 'old-air-meter']))
    expect(of(withStack({ airMeter: 'none' }))).not.toContain('old-air-meter')
    expect(of(withWalk({ gearbox: { ...rightJob.walkAround.gearbox, kickdown: 'none' } }))).not.toContain(
      'old-kickdown',
    )
    const crank = withChange(rightJob, { system: { chosen: { ...rightJob.system.chosen!, timing: 'crank-trigger' } } })
    expect(of(crank)).toContain('old-distributor')
  })
  it('a single plane, an open divider or barrels fed at once need nothing', () => {
    for (const intake of [{ manifold: 'single-plane' }, { divider: 'open' }] as const)
      expect(verdict(withWalk({ intake: { ...rightJob.walkAround.intake, ...intake } }, withManifold({ divider: null })), 'divider')).toMatchObject({ state: 'ok', title: 'Divider needs nothing' }) // prettier-ignore
    expect(verdict(withManifold({ fires: 'all-at-once', divider: null }), 'divider')!.title).toBe(
      'Divider needs nothing',
    )
  })
  it('what is bought: bolts that fit, sealant for their holes, blanks, a second spring', () => {
    const ids = (job: JobDocument) => partsOfEngineTop(assessEngineTop(job).c).map((l) => l.id)
    expect(ids(withThrottle({ springs: 1 })).slice(0, 7)).toEqual(['gaskets', 'spacer-new-spacer', 'element', 'bolt-bolts-manifold', 'sealant-coolant', 'blanks', 'springs']) // prettier-ignore
    expect(ids(withBolts({ lengthM: 0.045 }))).not.toContain('bolt-bolts-manifold')
    expect(ids(withBolts({ lengthM: 0.055 }))).toContain('bolt-bolts-manifold')
  })
})

describe('remedies, tried on the whole job', () => {
  const offered = (job: JobDocument, id: string): string[] =>
    (remediesOf(ENGINE_TOP_STATION, job, NO_PARTS).get(id) ?? []).map((r) => `${r.id}: ${sentenceText(r.label, {})}`)
  it('a bonnet that hits: dropped base, lower and wider element, remote cleaner, another manifold, in this order', () => {
    const job = withPiece('throttle-body', 0.106)
    expect(offered(job, 'bonnet').map((x) => x.split(':')[0])).toEqual(['base', 'element', 'remote', 'manifold'])
  })
  it('a thinner spacer is offered only where no divider needs it', () => {
    const job = withManifold({ fires: 'all-at-once', divider: 'leave' }, withPiece('throttle-body', 0.106))
    expect(offered(job, 'bonnet').map((x) => x.split(':')[0])).toContain('spacer')
  })
  it('a base is dropped only as far as nothing under it touches', () => {
    const low = withStack({ points: [{ ...lever!, topM: 0.092 }, inlet!] }, withPiece('throttle-body', 0.106))
    expect(offered(low, 'bonnet').map((x) => x.split(':')[0])).not.toContain('base')
  })
  it.each<[string, string, JobDocument, RegExp]>([
    ['a bolt that bottoms', 'bolt-bolts-manifold', withBolts({ lengthM: 0.055 }), /^bolt-length: Bolts of 45\.0/],
    ['no bolt that is sold', 'bolt-bolts-manifold', withBolts({ holeDepthM: 0.0145, threadDepthM: 0.0135, flangeM: 0.0309 }), /^washer: /],
    ['no sealant', 'bolt-bolts-manifold', withBolts({ sealed: false, state: 'dry' }), /^sealant: /],
    ['a divider left', 'divider', withManifold({ divider: 'leave' }), /^open-spacer: /],
    ['silicone', 'gasket-hold', withManifold({ gasketHeld: 'silicone' }), /^held-by-grease: /],
    ['the wrong way round', 'lever-side', withStack({ facingDeg: 180 }), /^facing: Throttle body facing ahead/],
    ['an inlet at the bulkhead', 'sides', withStack({ around: [{ ...stack.around[0]!, atM: 0.13 }, stack.around[1]!] }), /angled-end: /],
    ['a plate not open', 'full-throttle', withThrottle({ pedalDeg: 52 }), /^driven-arm: Arm on the plate side/],
    ['a forced plate', 'pedal-stop', withThrottle({ pedalDeg: 66 }), /^pedal-stop: Pedal stop at 60/],
    ['a gearbox cable', 'kickdown', kick({ armM: 0.036 }), /^kickdown-arm: Arm of 30/],
  ])('%s', (_name, id, job, wants) => expect(offered(job, id).join('\n')).toMatch(wants)) // prettier-ignore
})

it('a group of bolts by places, rows or circle has one order', () => {
  const places = [
    [-0.05, 0.03],
    [0.05, 0.03],
    [-0.05, -0.03],
    [0.05, -0.03],
  ].map(([rightM, aheadM], i) => ({ id: `bolt-${i}`, rightM: rightM!, aheadM: aheadM! }))
  const orderOf = (job: JobDocument) => assessEngineTop(job).c.bolts[0]!.order!.order
  expect(orderOf(withBolts({ pattern: 'places', places }))).toEqual(orderOf(rightJob))
  expect(orderOf(withBolts({ pattern: 'circle', circleM: 0.1 }))).toHaveLength(4)
  expect(assessEngineTop(withTop({ bolts: [] })).c.bolts).toEqual([])
})

it.each(ENGINE_TOP_WORKINGS)('working %s: every formula gives the figure that the verdict names', (id) => {
  const { c, verdicts } = assessEngineTop(rightJob)
  const { steps } = engineTopWorking(c, id, 0)
  expect(steps.length).toBeGreaterThan(0)
  for (const step of steps) expect(evaluateStep(step)).toBeCloseTo(step.result, 9)
  const named = { 'bonnet-gap': 'bonnet', 'face-velocity': 'air-cleaner', 'kickdown-travel': 'kickdown', 'bolt-torque': null, engagement: null, 'plate-turn': null, 'pressure-signal': null, 'crank-tooth': 'wheel-tooth', 'tooth-frequency': 'wheel-rate', 'crank-signal': 'wheel-signal', 'tapping-drill': null, thermistor: 'thermistor-curve-water', 'rotor-overlap': 'rotor' }[id] // prettier-ignore
  if (named !== null) expect(steps.at(-1)!.result).toBeCloseTo(verdicts.find((v) => v.id === named)!.figure!.si, 9)
})
