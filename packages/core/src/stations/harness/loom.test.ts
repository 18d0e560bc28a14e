import { checkLoom } from '../../harness/test/checkLoom.ts'
import { carSupplyOf, loomLengthM } from '../../figures/index.ts'
import { PLAN_IDS, emptyDevice, emptyKitLead, emptyStretch } from '../../sections/index.ts'
import { loomEffects, withLoom } from '../../effects/index.ts'
import { wireSizeOf } from '../../parts/index.ts'
import { withChange } from '../../job/index.ts'
import { powerLadders } from '../power/powerLadders.ts'
import { acceptedLoom } from './acceptedLoom.ts'
import { lengthIsAssumed } from './assumedLength.ts'
import { assessHarness } from './assessHarness.ts'
import { circuitsOfJob } from './circuitsOfJob.ts'
import { exposureOfLoom } from './exposureOfLoom.ts'
import { LoomFinder } from './loomFinder.ts'
import { planOfJob } from './planOfJob.ts'
import { grommetSaving, relaxationsOf } from './relaxations.ts'
import { accepted, offered, plannedJob, withCorridor, withHarness } from './test/jobs.ts'

describe.each(PLAN_IDS)('the loom on plan %s', (plan) => {
  const job = plannedJob(plan)
  const finder = new LoomFinder(job)
  const first = finder.proposals()
  finder.improve(80)
  const proposals = finder.proposals()

  it('has a way for every circuit, from every place of the ECU, by a checker of its own', () => {
    const wires = circuitsOfJob(job).list.length
    expect(proposals.length).toBeGreaterThanOrEqual(3)
    for (const p of [...first, ...proposals]) {
      const checked = checkLoom(p.input, p.route)
      expect(checked.torn).toEqual([])
      expect(p.route.broken.map((b) => `${b.constraint} ${b.id}`).sort()).toEqual(checked.broken)
      expect(p.route.cost.total).toBeCloseTo(checked.total, 6)
      expect(p.unplaced).toEqual([])
      expect(p.loom.wires).toHaveLength(wires)
    }
  })

  it('is ranked by faults, then by minutes, and improving makes nothing worse', () => {
    for (let n = 1; n < proposals.length; n++) {
      const [x, y] = [proposals[n - 1]!, proposals[n]!]
      expect(x.faults < y.faults || (x.faults === y.faults && x.route.cost.total <= y.route.cost.total)).toBe(true)
    }
    for (const before of first) {
      const after = proposals.find((p) => p.place.id === before.place.id)!
      expect(after.faults).toBeLessThanOrEqual(before.faults)
      if (after.faults === before.faults) expect(after.route.cost.total).toBeLessThanOrEqual(before.route.cost.total)
    }
  })

  it('is the same loom for the same steps, on a slow machine as on a quick one', () => {
    const again = new LoomFinder(job)
    again.improve(80)
    expect(again.proposals().map((p) => p.loom)).toEqual(proposals.map((p) => p.loom))
  })

  it('accepted and read again it is the same loom, and fits', () => {
    const best = proposals[0]!
    const after = withLoom(job, best)
    const read = acceptedLoom(after, planOfJob(after), circuitsOfJob(after))!
    expect(read.missing).toEqual([])
    expect(read.torn).toEqual([])
    expect(read.lengths).toEqual([])
    expect(read.route.cost.total).toBeCloseTo(best.route.cost.total, 6)
    expect(assessHarness(after).verdicts.find((v) => v.id === 'loom')!.state).toBe('ok')
  })
})

describe('what an accepted loom is for the other stations', () => {
  const job = plannedJob()
  const after = accepted(job, 'ecu-toe-board')
  const wire = (id: string) => after.harness.loom!.wires.find((w) => w.id === id)!

  it('gives power its lengths, sizes, heat and bundles, and wins over what was entered', () => {
    const entered = { ...after, power: { ...after.power, wires: { ...after.power.wires, ecuFeed: { ...after.power.wires.ecuFeed, lengthM: 9, size: 'mm2-1' } } } } // prettier-ignore
    const feed = carSupplyOf(entered).wires.ecuFeed
    expect(feed.lengthM).toBe(wire('ecu-feed').lengthM)
    expect(feed.sizeWords).toBe(wireSizeOf(wire('ecu-feed').size!).words)
    expect(feed.ambientK).toBe(wire('ecu-feed').hottestK)
    expect(feed.loadedWires).toBe(wire('ecu-feed').loadedWires)
    expect(feed.assumed).not.toContain('length')
    expect(loomLengthM(after, 'pumpFeed')).toBeCloseTo(wire('pump-supply').lengthM! + wire('pump-feed').lengthM!, 9)
  })

  it('leaves the starter cable alone', () => {
    expect(carSupplyOf(after).wires.starterCable).toEqual(carSupplyOf(job).wires.starterCable)
  })

  it('says beforehand what it does: the same volts that the network has once it is accepted', () => {
    const p = offered(job, 'ecu-toe-board')
    const effects = loomEffects(job, p)
    const again = loomEffects(withLoom(job, p), p)
    expect(effects).toEqual(again)
    expect(effects.ecuLeastV).toBeGreaterThan(5)
    expect(effects.wireM).toBeCloseTo(
      p.route.routes.reduce((sum, r) => sum + r.wireM!, 0),
      9,
    )
    const far = loomEffects(job, offered(job, 'ecu-right-seat'))
    expect(far.minutes).toBeGreaterThan(effects.minutes)
    expect(far.wireM).toBeGreaterThan(effects.wireM)
  })
})

describe('a length that stands on estimates', () => {
  it('is marked until every corridor of its way and both its leads are measured', () => {
    const job = accepted(plannedJob(), 'ecu-toe-board')
    const way = job.harness.loom!.wires.find((w) => w.id === 'coolant-signal')!.way
    const circuit = { from: 'coolant-sensor', to: 'ecu' }
    const measured = withHarness(job, {
      corridors: job.harness.corridors.map((c) => (way.includes(c.id) ? { ...c, lengthM: 1 } : c)),
    })
    const lead = withHarness(measured, { devices: [{ ...emptyDevice('coolant-sensor'), leadM: 0.1 }] })
    expect([job, measured, lead].map((j) => lengthIsAssumed(planOfJob(j), circuit, way))).toEqual([true, true, false])
  })
})

describe('what no longer fits is said', () => {
  const job = plannedJob()
  const after = accepted(job, 'ecu-toe-board')
  const verdict = (of: typeof job, id = 'loom') => assessHarness(of).verdicts.find((v) => v.id === id)!

  it('a circuit more', () => {
    const more = withHarness(after, { design: { ...after.harness.design, displayFitted: true } })
    expect(verdict(more)).toMatchObject({ state: 'stop', title: 'Loom no longer fits the car' })
    expect(JSON.stringify(verdict(more).reason)).toContain('Display')
  })

  it('a corridor that is gone', () => {
    const taken = after.harness.loom!.wires.find((w) => w.id === 'coolant-signal')!.way[1]!
    const gone = withHarness(after, { corridors: after.harness.corridors.filter((c) => c.id !== taken) })
    expect(verdict(gone).state).toBe('stop')
    expect(offered(gone, 'ecu-toe-board').loom.wires.every((w) => !w.way.includes(taken))).toBe(true)
  })

  it('a length that was measured since', () => {
    const taken = after.harness.loom!.wires.find((w) => w.id === 'coolant-signal')!.way[1]!
    expect(verdict(withCorridor(after, taken, { lengthM: 3 }))).toMatchObject({ state: 'caution', title: 'Cut lengths are no longer right' }) // prettier-ignore
  })

  it('its place', () => {
    const moved = withHarness(after, { candidates: after.harness.candidates.filter((c) => c.id !== 'ecu-toe-board') })
    expect(verdict(moved).state).toBe('stop')
  })
})

describe('rules of one’s own', () => {
  it('are kept at once: a corridor ruled out, and one laid down', () => {
    const job = plannedJob()
    const way = (of: typeof job) => offered(of, 'ecu-toe-board').loom.wires.find((w) => w.id === 'coolant-signal')!.way
    const taken = way(job)[0]!
    const out = withHarness(job, { stretches: [emptyStretch('r-1', 'coolant-signal', taken, 'keep-out')] })
    expect(way(out)).not.toContain(taken)
    const through = withHarness(job, { stretches: [emptyStretch('r-1', 'coolant-signal', 'hole-right', 'through')] })
    expect(way(through)).toContain('hole-right')
  })
})

describe('a device along a corridor', () => {
  it('joins it where it sits: both parts together are as long as the whole', () => {
    const job = withHarness(plannedJob(), {
      devices: [{ ...emptyDevice('relay-box'), at: 'wing-left-back', alongM: 0.2, leadM: 0.1 }],
    })
    const p = offered(job, 'ecu-toe-board')
    const pieces = p.input.corridors.filter((c) => c.id.split('/')[0] === 'wing-left-back')
    expect(pieces).toHaveLength(2)
    expect(pieces.reduce((sum, c) => sum + c.lengthM, 0)).toBeCloseTo(
      planOfJob(job).corridors.find((c) => c.id === 'wing-left-back')!.lengthM!,
      9,
    )
    expect(checkLoom(p.input, p.route).torn).toEqual([])
    const after = withLoom(job, p)
    expect(acceptedLoom(after, planOfJob(after), circuitsOfJob(after))!.torn).toEqual([])
  })
})

describe('what would make it possible', () => {
  const tight = withCorridor(withCorridor(plannedJob(), 'hole-left', { boreM: 0.008 }), 'hole-right', { boreM: 0.008 })

  it('is one change for each rule that is broken, and enough', () => {
    const p = offered(tight, 'ecu-toe-board')
    expect(p.route.feasible).toBe(false)
    const { changes, enough } = relaxationsOf(tight, p)
    expect(changes.length).toBeLessThanOrEqual(p.route.broken.length)
    expect(enough).toBe(true)
    expect(JSON.stringify(changes)).toContain('grommet')
  })

  it('the grommet that is named does it: fitted, the whole loom keeps its rules', () => {
    const p = offered(tight, 'ecu-toe-board')
    const hole = relaxationsOf(tight, p).changes.find((c) => c.constraint === 'hole')!
    const boreM = hole.words.flatMap((x) => (typeof x === 'string' ? [] : [x.si]))[0]!
    const id = p.route.broken.find((b) => b.constraint === 'hole')!.id
    expect(offered(withCorridor(tight, id, { boreM }), 'ecu-toe-board').route.broken).toEqual([])
  })

  it('the smallest grommet that saves work saves what it says', () => {
    const kit = withHarness(plannedJob(), {
      design: { ...plannedJob().harness.design, build: 'kit' },
      kitLeads: ['injector-1', 'injector-2', 'idle-valve'].map((d) => ({ ...emptyKitLead(`lead-${d}`, d), reachM: 3 })),
    })
    const job = withCorridor(withCorridor(kit, 'hole-left', { boreM: 0.022 }), 'hole-right', { boreM: 0.02 })
    const p = offered(job, 'ecu-toe-board')
    const saving = grommetSaving(job, p, 30)!
    expect(saving.minutes).toBeGreaterThan(2)
    const fitted = offered(withCorridor(job, saving.corridor, { boreM: saving.boreM }), 'ecu-toe-board')
    expect(p.route.cost.total - fitted.route.cost.total).toBeGreaterThan(0.8 * saving.minutes)
  })
})

describe('noise', () => {
  it('a wire over its budget is a fault, and what adds most is named', () => {
    const p = offered(plannedJob(), 'ecu-right-seat')
    const [worst] = exposureOfLoom(p.input, p.route, p.circuits)
    expect(worst!.total).toBeGreaterThan(0)
    const over = p.exposed.filter((x) => x.total > x.budget).length
    expect(p.faults).toBe(p.route.broken.length + over)
  })

  it('the practice of keeping clean from dirty costs at least what the other does', () => {
    const job = plannedJob('van')
    const loose = withHarness(job, { design: { ...job.harness.design, separation: 'by-exposure' } })
    expect(offered(job).route.cost.total).toBeGreaterThanOrEqual(offered(loose).route.cost.total * 0.98)
  })
})

describe('one size for a wire', () => {
  it('a remedy of the power station changes it in the accepted loom', () => {
    const job = accepted(plannedJob(), 'ecu-toe-board')
    const known = {
      ...job,
      walkAround: {
        ...job.walkAround,
        battery: { ...job.walkAround.battery, systemV: '12' as const, earth: 'negative' as const },
      },
    }
    const ladder = powerLadders(known).find((l) => l.cures.includes('pump-volts'))!
    const trial = [...ladder.trials({} as never)].find((t) => t.change.harness !== undefined)!
    const after = withChange(known, trial.change)
    expect(carSupplyOf(after).wires.pumpFeed.sectionM2).toBeGreaterThan(carSupplyOf(known).wires.pumpFeed.sectionM2)
  })
})
