import { lengthOf, MadeLoom, LoomDoctor, type LoomFault, type Taken } from '../../harness/index.ts'
import { emptyCrossing, emptyOldWire, emptyOwnCircuit, emptyPlugPin, PLAN_IDS } from '../../sections/index.ts'
import type { JobDocument } from '../../job/index.ts'
import { withLoom } from '../../effects/index.ts'
import { assessHarness } from './assessHarness.ts'
import { boardOfLoom } from './boardOfLoom.ts'
import { bodyOffOf, bundlesOfLoom, holesOfLoom } from './bundlesOfLoom.ts'
import { cutOfLoom } from './cutOfLoom.ts'
import { harnessCase } from './harnessCase.ts'
import { partsOfHarness } from './partsOfHarness.ts'
import { askedEntry, proofOfLoom } from './proofOfLoom.ts'
import { faultWords, readingWords } from './proofWords.ts'
import { SLACK } from './routeCaseOfJob.ts'
import { spliceSpots, STAGGER_M } from './spliceSpots.ts'
import { accepted, offered, plannedJob, withCorridor, withHarness } from './test/jobs.ts'
import { circuitEnds } from './wireEnds.ts'
import { wireListOf } from './wireList.ts'

const verdict = (job: JobDocument, id: string) => assessHarness(job).verdicts.find((v) => v.id === id)

describe.each(PLAN_IDS)('from the accepted loom of plan %s', (plan) => {
  const job = accepted(plannedJob(plan))
  const c = harnessCase(job)
  const wires = wireListOf(c)
  const { boards, ways } = boardOfLoom(c)

  it('every wire is listed once, numbered, with what stands at both ends', () => {
    expect(wires.map((w) => w.circuit.id)).toEqual(c.circuits.list.map((x) => x.id))
    expect(wires.map((w) => w.number)).toEqual(wires.map((_, n) => n + 1))
    for (const w of wires)
      for (const line of [...w.labels.from, ...w.labels.to]) expect(line.length).toBeLessThanOrEqual(30)
    const full = wires.filter((w) => w.to.cavity !== null)
    for (const w of full) expect(w.labels.to[0].endsWith(`/${w.to.cavity}`)).toBe(true)
  })

  it('a wire is cut as long as its branches on the board and what is left for both ends', () => {
    const lengths = new Map(boards.flatMap((b) => b.branches.map((x) => [x.id, x.lengthM] as const)))
    for (const w of wires) {
      const onBoard = ways.get(w.circuit.id)!.reduce((sum, id) => sum + lengths.get(id)!, 0)
      // Branches of no length are points: a millimetre stands for them.
      expect(Math.abs(onBoard + 2 * SLACK.perEndM - w.lengthM)).toBeLessThan(0.003)
    }
  })

  it('every wire’s way hangs together on one board, from its first end to its other', () => {
    const cuts = new Map(boards.flatMap((b) => b.cuts.map((x) => [x.branch, x] as const)))
    for (const w of wires) {
      const own = boards.filter((b) => b.branches.some((x) => ways.get(w.circuit.id)!.includes(x.id)))
      expect(own).toHaveLength(1)
      const by = new Map(own[0]!.branches.map((x) => [x.id, x]))
      const steps = ways.get(w.circuit.id)!.map((id) => {
        const x = by.get(id)!
        return [x.from, cuts.get(id)?.node ?? x.to]
      })
      for (let n = 1; n < steps.length; n++) expect(steps[n]!.some((node) => steps[n - 1]!.includes(node))).toBe(true)
    }
  })

  it('the board keeps every length to a tenth of a millimetre', () => {
    for (const b of boards) {
      const drawn = new Map(b.flat.branches.map((x) => [x.id, lengthOf(x.points)]))
      for (const x of b.branches) expect(Math.abs(drawn.get(x.id)! - x.lengthM)).toBeLessThan(1e-4)
    }
  })

  it('every wire leaves the board at its plugs, in the cavity of the list', () => {
    const places = boards.flatMap((b) => b.ends.flatMap((e) => e.pins.map((p) => `${e.device} ${p.wire} ${p.cavity}`)))
    const listed = circuitEnds(c).flatMap((x) => [x.from, x.to].flatMap((e) => (e.termination === 'splice' ? [] : [`${e.device} ${x.number} ${e.cavity}`]))) // prettier-ignore
    expect(places.sort()).toEqual(listed.sort())
  })

  it('no two wires share a cavity unless the ECU does one thing in it', () => {
    const seen = new Map<string, string>()
    for (const { circuit, from, to } of circuitEnds(c))
      for (const e of [from, to]) {
        if (e.termination !== 'plug') continue
        const before = seen.get(e.pin)
        if (before !== undefined) expect(circuit.ecuDoes).not.toBeNull()
        seen.set(e.pin, circuit.id)
      }
  })

  it('splices of one corridor lie at least 50 mm apart, none in a hole or within 80 mm of one', () => {
    const spots = spliceSpots(c)
    expect(spots).toHaveLength(c.circuits.nets.length)
    const corridors = new Map(c.accepted!.input.corridors.map((e) => [e.id, e]))
    // Where each lies in its corridor, from its first place on.
    const laid = spots.flatMap((s) => {
      const e = s.corridor === null ? undefined : corridors.get(s.corridor)
      return e && s.offsetM > 0 ? [{ s, e, atM: e.from === s.place ? s.offsetM : e.lengthM - s.offsetM }] : []
    })
    for (const x of laid) {
      for (const y of laid)
        if (x !== y && x.e === y.e) expect(Math.abs(x.atM - y.atM)).toBeGreaterThanOrEqual(STAGGER_M - 1e-9)
      expect(x.e.hole).toBeUndefined()
      for (const e of corridors.values())
        if (e.hole && [e.from, e.to].includes(x.s.place)) expect(x.s.offsetM).toBeGreaterThanOrEqual(0.08 - 1e-9)
    }
    for (const s of spots) if (!laid.some((x) => x.s === s) && s.corridor !== null) expect(s.against).not.toEqual([])
  })

  it('the cut list holds every wire once, and no more than is bought', () => {
    const { spools, spoolM } = cutOfLoom(c)
    const cut = spools.flatMap((s) => s.packing.bars.flatMap((b) => b.pieces.map((p) => s.wires[p]!)))
    expect(cut.map((w) => w.id).sort()).toEqual(wires.map((w) => w.circuit.id).sort())
    for (const s of spools) {
      expect(s.packing.proved).toBe(true)
      for (const bar of s.packing.bars)
        expect(bar.pieces.reduce((sum, p) => sum + s.wires[p]!.lengthM, 0)).toBeLessThanOrEqual(spoolM + 1e-9)
    }
  })

  it('as made it is right; and any fault that is put into it is named', () => {
    const proof = proofOfLoom(c)!
    const made = new MadeLoom(proof.loom)
    const doctor = new LoomDoctor(proof.loom)
    const every = made.everyFault()
    for (let n = 0; n < 8; n++) {
      const fault = every[Math.floor((every.length * (n + 0.5)) / 8)]!
      const joined = made.joined([fault])
      const taken: Taken[] = proof.plan.readings.map((reading) => ({ reading, rang: made.reads(joined, reading) }))
      let answer = doctor.diagnose(taken)
      for (let asked = 0; answer.state === 'ask' && asked < 40; asked++) {
        taken.push({ reading: answer.next!, rang: made.reads(joined, answer.next!) })
        answer = doctor.diagnose([...taken])
      }
      expect(answer.explanations).toContainEqual([fault])
      expect(faultWords(proof, fault)).toMatch(/is open|is shorted to|are swapped|is wired to/)
    }
    expect(proof.plan.pairsUnproved).toBe(0)
  })
})

describe('what is entered on the bench', () => {
  const job = accepted(plannedJob(), 'ecu-toe-board')
  const c = harnessCase(job)

  it('a cavity as it is moulded moves the label, the board and the readings', () => {
    const moved = withHarness(job, { pins: [{ ...emptyPlugPin('pin-1', 'coolant-signal', 'coolant-sensor'), pin: '2' }] }) // prettier-ignore
    const end = (of: JobDocument) => circuitEnds(harnessCase(of)).find((e) => e.circuit.id === 'coolant-signal')!.from
    expect([end(job).cavity, end(job).cavityKnown]).toEqual(['1', false])
    expect([end(moved).cavity, end(moved).cavityKnown]).toEqual(['2', true])
    expect(proofOfLoom(harnessCase(moved))!.loom.pins).toContain('coolant-sensor:2')
  })

  it('what was read before the loom changed is not taken for what it is now', () => {
    const proof = proofOfLoom(c)!
    const [step] = proof.steps
    const reading = { ...proof.plan.readings[0]!, id: 'x', kind: 'follow-up' as const, rings: false }
    const entry = askedEntry(proof.loom, reading, true)
    const read = withHarness(job, { proof: { done: [step!.id], off: [], asked: [entry] } })
    expect(proofOfLoom(harnessCase(read))).toMatchObject({ done: 1, off: 0, stale: 0 })
    expect(proofOfLoom(harnessCase(read))!.taken.at(-1)).toMatchObject({ rang: true, reading: { clip: reading.clip, probe: reading.probe } }) // prettier-ignore
    const other = withHarness(read, { pins: [{ ...emptyPlugPin('pin-1', 'coolant-signal', 'coolant-sensor'), pin: '9' }] }) // prettier-ignore
    expect(proofOfLoom(harnessCase(other))!.stale).toBe(1)
    expect(readingWords(proof, proof.plan.readings[0]!)).toMatch(/^Clip on .*; probe on /)
  })

  it('a reading that is wrong fails the loom; all of them right proves it', () => {
    const proof = proofOfLoom(c)!
    const done = proof.steps.map((s) => s.id)
    expect(verdict(job, 'proof')).toBeUndefined()
    const with_ = (off: string[], steps = done) => withHarness(job, { proof: { done: steps, off, asked: [] } })
    expect(verdict(with_([]), 'proof')!.state).toBe('ok')
    expect(verdict(with_([], done.slice(0, 3)), 'proof')!.state).toBe('unknown')
    expect(verdict(with_([proof.plan.readings[0]!.id]), 'proof')!.state).toBe('stop')
  })

  it('a thicker covering makes bundles thicker and bends wider; it counts in the holes', () => {
    const with_ = (covering: 'none' | 'conduit') => {
      const own = harnessCase(withHarness(job, { cut: { ...job.harness.cut, covering } }))
      return { bundles: bundlesOfLoom(own), holes: holesOfLoom(own) }
    }
    const [bare, conduit] = [with_('none'), with_('conduit')]
    bare.bundles.forEach((b, n) => {
      expect(conduit.bundles[n]!.coveredM).toBeCloseTo(b.coveredM + 0.0025, 9)
      expect(conduit.bundles[n]!.leastBendM).toBeGreaterThan(b.leastBendM)
      expect(b.leastBendM / b.coveredM).toBeGreaterThanOrEqual(4 - 1e-9)
    })
    expect(conduit.holes[0]!.result.coveredM).toBeGreaterThan(bare.holes[0]!.result.coveredM)
  })

  it('a hole that plugs do not pass has them pinned afterwards, from the side that leaves fewest', () => {
    const wide = withCorridor(withCorridor(job, 'hole-left', { boreM: 0.1 }), 'hole-right', { boreM: 0.1 })
    expect(holesOfLoom(harnessCase(wide)).every((h) => h.pinnedLast.length === 0)).toBe(true)
    const tight = holesOfLoom(c).find((h) => h.pinnedLast.length > 0)!
    expect(tight).toBeDefined()
    expect(verdict(job, 'pinned-last')!.state).toBe('caution')
    expect(verdict(wide, 'pinned-last')!.state).toBe('ok')
  })

  it('a device that moves with the engine is undone when the body comes off', () => {
    const before = bodyOffOf(c)
    expect(before.withBody).toEqual(expect.arrayContaining(['Injector 1', 'Throttle sensor']))
    expect(before.withBody).not.toContain('ECU')
    expect([...before.withBody, ...before.withEngine]).toHaveLength(new Set(circuitEnds(c).flatMap((e) => [e.from, e.to].flatMap((x) => (x.termination === 'splice' ? [] : [x.device])))).size) // prettier-ignore
  })

  it('bought in short lengths, a wire that is longer is refused', () => {
    const short = withHarness(job, { cut: { ...job.harness.cut, spoolM: 1 } })
    expect(verdict(short, 'spool')).toMatchObject({ state: 'stop', title: 'Wire longer than what is bought at once' })
    expect(verdict(job, 'spool')).toBeUndefined()
  })

  it('what is ordered is what is cut: lengths as they are bought, terminals and splices by the wire list', () => {
    const bought = withHarness(job, { cut: { spoolM: 10, covering: 'braid' } })
    const own = harnessCase(bought)
    const lines = partsOfHarness(own)
    const of = (what: string) => lines.filter((l) => l.what === what)
    const { spools } = cutOfLoom(own)
    expect(
      of('Wire')
        .map((l) => l.quantity.si)
        .sort(),
    ).toEqual(spools.map((s) => s.packing.boughtM).sort())
    const ends = wireListOf(own).flatMap((w) => [w.fromWork, w.toWork])
    const crimped = ends.filter((e) => e.termination !== 'splice').length
    expect(of('Terminal').reduce((sum, l) => sum + l.quantity.si, 0)).toBeGreaterThanOrEqual(crimped)
    expect(of('Terminal').reduce((sum, l) => sum + l.quantity.si, 0)).toBeLessThan(
      1.1 * crimped + of('Terminal').length,
    )
    expect(of('Splice')[0]!.quantity.si).toBe(own.circuits.nets.length)
    const sleeved = of('Sleeve').reduce((sum, l) => sum + l.quantity.si, 0)
    expect(sleeved).toBeCloseTo(1.1 * bundlesOfLoom(own).reduce((sum, b) => sum + b.lengthM, 0), 6)
    expect(partsOfHarness(c).some((l) => l.what === 'Sleeve')).toBe(false)
  })

  it('old wires: listed, decided, tagged, proved', () => {
    const own = { ...emptyOldWire('old-1', 'Choke feed') }
    const state = (oldWires: (typeof own)[]) => verdict(withHarness(job, { oldWires }), 'old-wires')!.title
    expect(state([])).toBe('Old wires not listed')
    expect(state([own])).toBe('Old wire undecided')
    expect(state([{ ...own, fate: 'capped' }])).toBe('Old wire capped without a tag')
    expect(state([{ ...own, fate: 'capped', tag: 'choke' }])).toBe('Old wires not proved')
    expect(state([{ ...own, fate: 'capped', tag: 'choke', proved: false }])).toBe('Old wire failed its test')
    expect(state([{ ...own, fate: 'kept', proved: true }])).toBe('Old wires dealt with and proved')
  })
})

describe('noise beside the routes', () => {
  const base = plannedJob('unitary', { trigger: 'crank-wheel' })
  const job = withLoom(base, offered(base, 'ecu-toe-board'))
  const exposed = (of: JobDocument, id: string) => harnessCase(of).accepted!.exposed.find((x) => x.circuit.id === id)!

  it('a pick-up lead beside the ignition picks up more, the nearer the more, and across it nothing', () => {
    const beside = (spacingM: number, angleDeg: number) =>
      exposed(
        withHarness(job, { crossings: [{ ...emptyCrossing('run-1', 'crank-signal'), from: 'ignition', lengthM: 1, spacingM, angleDeg }] }),
        'crank-signal',
      )
    const without = exposed(job, 'crank-signal').total
    expect(beside(0.005, 0).total).toBeGreaterThan(beside(0.01, 0).total)
    expect(beside(0.02, 90).total).toBeCloseTo(without, 9)
    // Strength ten, a metre, 20 mm, shielded a tenth, at a scale of 100 mm: five.
    expect(beside(0.02, 0).total - without).toBeCloseTo(5, 9)
    const bad = withHarness(job, { crossings: [{ ...emptyCrossing('run-1', 'crank-signal'), from: 'ignition', lengthM: 1, spacingM: 0.02 }] }) // prettier-ignore
    expect(verdict(bad, 'exposure')).toMatchObject({ state: 'stop', title: 'Crank sensor, signal picks up too much' })
    expect(verdict(bad, 'crossing-angle')!.state).toBe('caution')
  }) // prettier-ignore

  it('copper HT leads: three times the noise, at every station that counts it', () => {
    const copper = { ...job, walkAround: { ...job.walkAround, ignition: { ...job.walkAround.ignition, suppressedLeads: false } } } // prettier-ignore
    for (const x of harnessCase(job).accepted!.exposed)
      expect(exposed(copper, x.circuit.id).total).toBeGreaterThanOrEqual(x.total - 1e-12)
    expect(verdict(copper, 'suppressed')!.state).toBe('stop')
    expect(verdict(job, 'suppressed')!.state).toBe('unknown')
  })

  it.each([
    ['ecu-end', 'ok'],
    ['device-end', 'caution'],
    ['both-ends', 'stop'],
    ['none', 'stop'],
  ] as const)('shields earthed %s: %s', (shieldEarth, state) =>
    expect(verdict(withHarness(job, { noise: { ...job.harness.noise, shieldEarth } }), 'shield')!.state).toBe(state),
  )

  it.each([
    [0.3, 'stop'],
    [0.7, 'caution'],
    [1.2, 'ok'],
  ] as const)('a pick-up that gives %s V where 0.5 V triggers: %s', (pickUpCrankV, state) =>
    expect(verdict(withHarness(job, { noise: { ...job.harness.noise, pickUpCrankV, pickUpNeedsV: 0.5 } }), 'pick-up')!.state).toBe(state)) // prettier-ignore

  it('a return to the wrong earth, and one to 5 V, are findings of the loom too', () => {
    const to = (coolant: 'block' | 'reference') => ({ ...job, power: { ...job.power, sensors: { ...job.power.sensors, coolant } } }) // prettier-ignore
    expect(verdict(to('block'), 'returns')!.title).toBe('Coolant sensor returned to the wrong earth')
    expect(verdict(to('reference'), 'returns')!.title).toBe('Coolant sensor returned to 5 V')
    expect(verdict(job, 'returns')!.state).toBe('ok')
  })

  it('a pick-up that is fed from the branch of the coils is said; fed by the ECU it is not', () => {
    const fed = (from: string) => withHarness(job, { circuits: [{ ...emptyOwnCircuit('own-supply', 'Hall supply'), from, to: 'crank-sensor', kind: 'supply' }] }) // prettier-ignore
    expect(verdict(fed('relay-box'), 'shared-supply')!.state).toBe('caution')
    expect(verdict(fed('ecu'), 'shared-supply')).toBeUndefined()
    expect(verdict(job, 'shared-supply')).toBeUndefined()
  })

  it('number one at the wrong end is found from the readings of this loom', () => {
    const proof = proofOfLoom(harnessCase(job))!
    const made = new MadeLoom(proof.loom)
    const drive = (n: number) => `injector-drive-${n}`
    const faults: LoomFault[] = [
      { kind: 'swap', one: drive(1), oneEnd: 'to', other: drive(4), otherEnd: 'to' },
      { kind: 'swap', one: drive(2), oneEnd: 'to', other: drive(3), otherEnd: 'to' },
    ]
    const joined = made.joined(faults)
    const taken: Taken[] = proof.plan.readings.map((reading) => ({ reading, rang: made.reads(joined, reading) }))
    const doctor = new LoomDoctor(proof.loom)
    let answer = doctor.diagnose(taken)
    for (let asked = 0; answer.state === 'ask' && asked < 40; asked++) {
      taken.push({ reading: answer.next!, rang: made.reads(joined, answer.next!) })
      answer = doctor.diagnose([...taken])
    }
    expect(answer.state).toBe('found')
    for (const e of answer.explanations) expect([...made.joined(e)]).toEqual([...joined])
  })
})
