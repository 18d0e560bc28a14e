import { figureOf, fuelLoopOf, injectionPlaceOf } from '../../figures/index.ts'
import { emptyJob, jobFromTemplate, type JobDocument } from '../../job/index.ts'
import type { ControllerPart } from '../../parts/index.ts'
import { withValueAt } from '../../shape/index.ts'
import {
  architectureId,
  architecturesFor,
  assessSystem,
  candidatesFor,
  leastController,
  leftOutFor,
  terminalsFor,
  type Candidate,
  type WorkScope,
} from './index.ts'

const controller = (
  id: string,
  priceClass: number,
  n: readonly number[],
  sequential = false,
  gearbox = false,
): ControllerPart => ({
  id,
  name: id,
  priceClass,
  injectorDrivers: n[0]!,
  ignitionOutputs: n[1]!,
  switchedOutputs: n[2]!,
  triggerInputs: n[3]!,
  analogueInputs: n[4]!,
  oxygenSensors: n[5]!,
  idleValve: true,
  tachOutput: true,
  sequential,
  gearbox,
  leastV: null,
  rideThroughS: null,
  pinout: null,
  digitalInputs: null,
  knockInput: null,
  connectors: null,
  revision: null,
  pumpSwitch: null,
  marketSwitch: null,
})
const controllers = [
  controller('small', 1, [2, 0, 2, 1, 4, 1]),
  controller('middle', 3, [4, 4, 5, 2, 6, 2]),
  controller('large', 5, [8, 8, 12, 3, 12, 2], true, true),
]
const job = (entries: Record<string, unknown> = {}): JobDocument =>
  Object.entries(entries).reduce((j, [path, value]) => withValueAt(j, path, value), emptyJob('x'))
const best = (entries: Record<string, unknown>) => candidatesFor(job(entries), controllers)[0]!

describe('candidates', () => {
  it('names each way of building once', () => {
    const ids = candidatesFor(job(), controllers).map((c) => c.id)
    expect(new Set(ids).size).toBe(ids.length)
    expect(ids.length).toBe(architecturesFor(job()).length)
  })
  it.each([
    ['a car that must look stock gets a body', { 'system.originality': 'looks-stock' }, 'throttle-body'],
    ['planned boost rules the low-pressure body out', { 'system.boostLaterPa': 70e3 }, 'throttle-body-high'],
  ])('%s', (_name, entries, injection) => expect(best(entries).architecture.injection).toContain(injection))

  it('timing that is wanted is in every candidate that can be', () => {
    const possible = candidatesFor(job({ 'system.timingControl': 'wanted' }), controllers).filter(
      (c) => c.objections.length === 0,
    )
    expect(possible.length).toBeGreaterThan(0)
    expect(possible.every((c) => c.architecture.timing !== 'none')).toBe(true)
  })
  it.each([
    ['separate runners', { 'walkAround.intake.manifold': 'separate-runners' }],
    ['a side-draught pad', { 'walkAround.intake.pad': 'side-draught' }],
  ])('%s: no throttle body on that manifold, but on another one', (_name, entries) => {
    const bodies = candidatesFor(job(entries), controllers).filter((c) => c.architecture.injection !== 'port')
    expect(new Set(bodies.map((c) => c.architecture.build))).toEqual(new Set(['from-parts', 'other-manifold']))
    for (const c of bodies)
      expect([c.id, c.objections.length > 0]).toEqual([c.id, c.architecture.build === 'from-parts'])
  })
  it('nobody who welds and a log manifold: ports only as a kit that is made for the engine', () => {
    const all = candidatesFor(job({ 'system.welder': 'none', 'walkAround.intake.manifold': 'log' }), controllers)
    for (const c of all.filter((x) => x.architecture.injection === 'port'))
      expect([c.id, c.objections.length > 0]).toEqual([c.id, c.architecture.build === 'from-parts'])
  })
  it('a manifold that suits a throttle body is not changed', () =>
    expect(
      architecturesFor(
        job({ 'walkAround.intake.manifold': 'single-plane', 'walkAround.intake.pad': 'four-barrel' }),
      ).filter((a) => a.build === 'other-manifold'),
    ).toEqual([]))
  // Told by installers: a body without its fuel lines under five hours, a ready port kit about a day, a built-up port
  // manifold a week.
  const hoursOf = (match: (c: Candidate) => boolean, scope: WorkScope) =>
    candidatesFor(job({ 'walkAround.exhaust.merge': 'per-bank' }), controllers)
      .filter(match)
      .map((c) => c.scopes.find((s) => s.scope === scope)?.hours)
  it('a throttle body, without fuel lines, takes under five hours', () => {
    for (const h of hoursOf((c) => c.architecture.injection !== 'port', 'engine')) expect(h![1]).toBeLessThan(5)
  })
  it('a ready port kit takes about a day, and no manifold is built', () => {
    const kit = (c: Candidate) => c.architecture.build === 'ready-kit'
    for (const h of hoursOf(kit, 'engine')) {
      expect(h![0]).toBeGreaterThanOrEqual(6)
      expect(h![1]).toBeLessThanOrEqual(10)
    }
    expect(new Set(hoursOf(kit, 'manifold'))).toEqual(new Set([undefined]))
  })
  it('a built-up port manifold takes about a week of forty hours', () => {
    const built = (c: Candidate) => c.architecture.injection === 'port' && c.architecture.build === 'from-parts'
    for (const h of hoursOf(built, 'manifold')) {
      expect(h![0]).toBeLessThanOrEqual(40)
      expect(h![1]).toBeGreaterThanOrEqual(40)
    }
  })
  it('the scopes make up the whole, in hours and in money', () => {
    for (const c of candidatesFor(job({ 'walkAround.intake.manifold': 'two-plane' }), controllers)) {
      for (const end of [0, 1] as const)
        expect(c.scopes.reduce((s, x) => s + x.hours[end], 0)).toBeCloseTo(c.hours[end], 9)
      expect(c.scopes.reduce((s, x) => s + x.costShare, 0)).toBeCloseTo(1, 9)
    }
  })
  it('the kit costs less work and money than the same built up', () => {
    const all = candidatesFor(job(), controllers)
    for (const kit of all.filter((c) => c.architecture.build === 'ready-kit')) {
      const built = all.find((c) => c.id === kit.id.replace('/ready-kit', ''))!
      expect(kit.hours[1]).toBeLessThan(built.hours[0])
      expect(kit.costClass).toBeLessThanOrEqual(built.costClass)
    }
  })
  it('a shallow tank or a small gap put the pump in line, and hearing it is given up', () => {
    for (const entries of [{ 'walkAround.tank.depthM': 0.1 }, { 'walkAround.tank.gapAboveM': 0.02 }]) {
      const c = best(entries)
      expect(c.architecture.pumpPlace).toBe('in-line')
      expect(c.consequences.map((x) => x.id)).toContain('quiet')
    }
  })
  it('two sensors only for ports with a pipe for each bank', () => {
    const two = candidatesFor(job({ 'walkAround.exhaust.merge': 'per-bank' }), controllers)
    expect(two.every((c) => (c.architecture.oxygenSensors === 2) === (c.architecture.injection === 'port'))).toBe(true)
  })
  it('what can be stands before what cannot, in the order of the points', () => {
    const all = candidatesFor(job({ 'system.timingControl': 'wanted', 'system.boostLaterPa': 90e3 }), controllers)
    const keys = all.map((c) => (c.objections.length > 0 ? 1000 : 0) + c.points)
    expect(keys).toEqual([...keys].sort((a, b) => a - b))
    for (const c of all) expect(c.points).toBe(c.against.reduce((s, a) => s + a.points, 0))
  })
  it('every candidate has hours and a cost class in range', () => {
    for (const c of candidatesFor(job(), controllers)) {
      expect(c.hours[0]).toBeLessThanOrEqual(c.hours[1])
      expect(c.costClass).toBeGreaterThanOrEqual(1)
      expect(c.costClass).toBeLessThanOrEqual(5)
    }
  })
})

describe('inputs and outputs against controllers', () => {
  const sequential = architecturesFor(job()).find((a) => a.firing === 'sequential' && a.timing === 'crank-trigger')!
  const simple = architecturesFor(job()).find((a) => a.injection === 'throttle-body-low' && a.timing === 'none')!
  it.each([
    {
      name: 'sequential eight',
      j: job({ 'vehicle.cylinders': 8 }),
      a: sequential,
      drivers: 8,
      coils: 4,
      switched: 2,
      triggers: 2,
    },
    { name: 'body on four injectors', j: job(), a: simple, drivers: 2, coils: 0, switched: 2, triggers: 1 },
    {
      name: 'with gearbox, fan on its belt',
      j: job({ 'system.gearboxControl': true, 'system.fanControl': false }),
      a: simple,
      drivers: 2,
      coils: 0,
      switched: 5,
      triggers: 1,
    },
  ])('$name', ({ j, a, drivers, coils, switched, triggers }) =>
    expect(terminalsFor(j, a)).toMatchObject({
      injectorDrivers: drivers,
      ignitionOutputs: coils,
      switchedOutputs: switched,
      triggerInputs: triggers,
    }),
  )
  it('wants an idle valve always, and a tachometer output where the coil no longer drives it', () => {
    const trigger = architecturesFor(job()).find((a) => a.timing === 'crank-trigger' && a.firing === 'batch')!
    const bare = [{ ...controllers[2]!, idleValve: false, tachOutput: false }]
    const lacks = (a: typeof trigger) =>
      candidatesFor(job(), bare).find((c) => c.id === architectureId(a))!.lacks[0]!.lacks
    expect(lacks(simple)).toEqual(['no idle valve'])
    expect(lacks(trigger)).toEqual(['no idle valve', 'no tachometer output'])
  })
  it('picks the cheapest that takes everything, or none', () => {
    expect(leastController(controllers, job(), simple)?.id).toBe('small')
    expect(leastController(controllers, job({ 'vehicle.cylinders': 8 }), sequential)?.id).toBe('large')
    expect(leastController(controllers, job({ 'vehicle.cylinders': 12 }), sequential)).toBeNull()
  })
  it('a car that no controller takes has no candidate of that kind', () => {
    const all = candidatesFor(job({ 'vehicle.cylinders': 12 }), controllers)
    expect(all.filter((c) => c.architecture.firing === 'sequential').every((c) => c.objections.length > 0)).toBe(true)
  })
})

describe('what a choice sets', () => {
  const chosen = (template: Parameters<typeof jobFromTemplate>[1]) => jobFromTemplate('x', template)
  it.each([
    ['throttle-body-return', 'above-plate', 'return', 100e3, 2],
    ['throttle-body-single-line', 'above-plate', 'single-line', 400e3, 2],
    ['port-return', 'port', 'return', 300e3, 2],
  ] as const)('%s', (template, place, loop, setPa, openings) => {
    const j = chosen(template)
    expect([injectionPlaceOf(j), fuelLoopOf(j)]).toEqual([place, loop])
    expect(figureOf(j, 'fuel.setPressurePa')).toBe(setPa)
    expect(figureOf(j, 'fuel.openingsPerCycle')).toBe(openings)
    expect(j.fuel.systemType).toBeNull()
  })
  it('shows defaults as defaults and decisions as decisions', () => {
    const j = withValueAt(chosen('port-return'), 'fuel.setPressurePa', 350e3)
    const { downstream } = assessSystem(j, { controllers })
    expect(downstream.find((d) => d.label === 'Set pressure')).toMatchObject({
      isDefault: false,
      figure: { si: 350e3 },
    })
    expect(downstream.find((d) => d.label === 'Fuel enters')).toMatchObject({ isDefault: true, text: 'in the ports' })
  })
  it('a choice that the car no longer allows is doubtful', () => {
    const j = chosen('throttle-body-return')
    expect(assessSystem(j, { controllers }).choice).toBe('chosen')
    expect(assessSystem(withValueAt(j, 'walkAround.intake.manifold', 'separate-runners'), { controllers }).choice).toBe(
      'doubtful',
    )
    expect(assessSystem(emptyJob('x'), { controllers }).choice).toBe('open')
  })
  it('another manifold that was chosen stays chosen when it stands on the engine', () => {
    const hindered = job({ 'walkAround.intake.manifold': 'separate-runners', 'walkAround.intake.pad': 'side-draught' })
    const way = candidatesFor(hindered, controllers).find((c) => c.architecture.build === 'other-manifold')!
    const chosen = { ...hindered, system: { ...hindered.system, chosen: way.architecture } }
    const fitted = withValueAt(
      withValueAt(chosen, 'walkAround.intake.manifold', 'single-plane'),
      'walkAround.intake.pad',
      'four-barrel',
    )
    for (const j of [chosen, fitted])
      expect(assessSystem(j, { controllers })).toMatchObject({ choice: 'chosen', chosen: { id: way.id } })
  })
  it('nothing is cut or adapted on a manifold that leaves the car', () => {
    const car = job({
      'walkAround.intake.manifold': 'two-plane',
      'walkAround.intake.divider': 'full',
      'walkAround.intake.pad': 'two-barrel',
    })
    const idsOf = (build: string) =>
      leftOutFor(
        car,
        architecturesFor(car).find((a) => a.injection !== 'port' && a.build === build)!,
      ).map((l) => l.id)
    const gone = idsOf('from-parts').filter((id) => !idsOf('other-manifold').includes(id))
    expect(gone).toEqual(['spacer', 'adapter'])
  })
  it('the box leaves out what this car needs, and not what it does not', () => {
    const ids = (entries: Record<string, unknown>) =>
      leftOutFor(
        job(entries),
        architecturesFor(job()).find((a) => a.injection === 'throttle-body-high' && a.fuelLoop === 'return')!,
      ).map((l) => l.id)
    expect(ids({})).toContain('return-fitting')
    expect(ids({ 'walkAround.lines.returnLine': true })).not.toContain('return-fitting')
    expect(ids({ 'walkAround.gearbox.kickdown': 'throttle-valve-cable' })).toContain('tv-bracket')
    expect(ids({ 'walkAround.ignition.coilResistor': true })).toContain('keyed-relay')
    expect(ids({})).not.toContain('power-leads')
  })
})
