import { seededRandom } from '../../numeric/seededRandom.ts'
import {
  areNeighbours,
  byCavity,
  continuityPlan,
  loomNets,
  LoomDoctor,
  MadeLoom,
  type LoomFault,
  type NetWire,
  type Reading,
  type Taken,
} from './index.ts'

const OPTIONS = { supply: ['w1', 'w4'], earth: ['w2'], grouped: true }

/** A loom of one control unit with so many plugs: plain wires, and nets of three to five pins with a splice. */
const drawLoom = (seed: number, wires = 14): NetWire[] => {
  const random = seededRandom(seed)
  const list: NetWire[] = []
  let cavity = 0
  const plug = () => `p${1 + Math.floor(random() * 6)}`
  const taken = new Map<string, number>()
  const pin = (of: string) => {
    taken.set(of, (taken.get(of) ?? 0) + 1)
    return `${of}:${taken.get(of)}`
  }
  while (list.length < wires) {
    const unit = `unit:${'ABC'[cavity % 3]!}${1 + Math.floor(cavity++ / 3)}`
    const legs = random() < 0.25 ? 2 + Math.floor(random() * 3) : 1
    const id = `w${list.length}`
    if (legs === 1) list.push({ id, from: unit, to: pin(plug()) })
    else {
      list.push({ id, from: unit, to: `splice:${id}` })
      for (let n = 0; n < legs; n++) list.push({ id: `${id}-${n}`, from: pin(plug()), to: `splice:${id}` })
    }
  }
  return list
}

const benches = new WeakMap<object, ReturnType<typeof makeBench>>()
const makeBench = (wires: readonly NetWire[]) => {
  const loom = loomNets(wires)
  return { loom, made: new MadeLoom(loom), plan: continuityPlan(loom, OPTIONS), doctor: new LoomDoctor(loom) }
}
const benchFor = (wires: readonly NetWire[]) => {
  const own = benches.get(wires) ?? makeBench(wires)
  benches.set(wires, own)
  return own
}

/** An installer with a meter: takes the plan's readings, then what is asked for, until there is an answer. */
const findOut = (wires: readonly NetWire[], faults: readonly LoomFault[]) => {
  const { doctor, loom, made, plan } = benchFor(wires)
  const joined = made.joined(faults)
  const read = (reading: Reading): Taken => ({ reading, rang: made.reads(joined, reading) })
  const taken = plan.readings.map(read)
  for (let asked = 0; asked < 60; asked++) {
    const answer = doctor.diagnose([...taken])
    if (answer.state !== 'ask') return { ...answer, asked, made, truth: joined, taken, loom }
    taken.push(read(answer.next!))
  }
  throw new Error('no answer after sixty readings')
}

describe('nets', () => {
  it('join what wires and splices join; the clip goes to the plug that most end in', () => {
    const { nets } = loomNets([
      { id: 'a', from: 'sensor:1', to: 'unit:A2' },
      { id: 'b', from: 'unit:A1', to: 'splice:s' },
      { id: 'c', from: 'splice:s', to: 'sensor:2' },
      { id: 'd', from: 'lamp:1', to: 'splice:s' },
      { id: 'e', from: 'unit:A3', to: 'lamp:2' },
    ])
    expect(nets.map((n) => n.pins)).toEqual([
      ['unit:A1', 'lamp:1', 'sensor:2'],
      ['unit:A2', 'sensor:1'],
      ['unit:A3', 'lamp:2'],
    ])
  })
  it.each([
    ['p:1', 'p:2', true],
    ['p:1', 'p:3', false],
    ['p:A1', 'p:B2', true],
    ['p:A1', 'p:C1', false],
    ['p:1', 'q:2', false],
    ['p:left', 'p:7', true],
  ])('%s and %s side by side: %s', (a, b, is) => {
    expect(areNeighbours(a, b)).toBe(is)
    expect(areNeighbours(b, a)).toBe(is)
  })
  it('cavities are counted as they are read: 2 before 10, A10 before B1', () =>
    expect(['B1', '10', 'A10', '2', 'A9'].sort(byCavity)).toEqual(['2', '10', 'A9', 'A10', 'B1']))
})

describe('the plan of readings', () => {
  it('by hand: three wires of one plug and a supply', () => {
    const loom = loomNets([
      { id: 'one', from: 'unit:1', to: 'x:1' },
      { id: 'two', from: 'unit:2', to: 'y:1' },
      { id: 'nine', from: 'unit:9', to: 'z:1' },
      { id: 'feed', from: 'unit:20', to: 'battery:1' },
    ])
    const plan = continuityPlan(loom, { supply: ['feed'], earth: [], grouped: true })
    const says = plan.readings.map((r) => `${r.clip.join('+')} ${r.probe.join('+')} ${r.rings ? 'rings' : (r.because ?? 'bars')}`) // prettier-ignore
    expect(says).toEqual([
      'unit:1 x:1 rings',
      'unit:1 unit:2 neighbours',
      'unit:1 unit:20 supply',
      'unit:2 y:1 rings',
      'unit:2 unit:20 supply',
      'unit:9 z:1 rings',
      'unit:9 unit:20 supply',
      'unit:20 battery:1 rings',
      // One and nine, two and nine are left: the nets are 0 to 3.
      'unit:1+unit:9 unit:2+unit:20 bars',
      'unit:1+unit:2 unit:9+unit:20 bars',
    ])
    expect(plan).toMatchObject({ clips: 4, reclips: 4 + 2, pairsUnproved: 0 })
    expect(plan.minutes).toBeCloseTo(8 * 0.1 + (4 + 6) * 0.3 + 2 * 0.5, 9)
    expect(continuityPlan(loom, { supply: ['feed'], earth: [], grouped: false })).toMatchObject({ pairsUnproved: 2 })
  })

  it('touches every pin, holds every two nets apart, and moves the clip once for each net', () => {
    for (let seed = 1; seed <= 20; seed++) {
      const loom = loomNets(drawLoom(seed, 30))
      const { clips, pairsUnproved, readings } = continuityPlan(loom, OPTIONS)
      const touched = new Set(readings.filter((r) => r.rings).flatMap((r) => [...r.clip, ...r.probe]))
      expect([...touched].sort()).toEqual(loom.nets.filter((n) => n.pins.length > 1).flatMap((n) => n.pins).sort()) // prettier-ignore
      expect(pairsUnproved).toBe(0)
      for (let a = 0; a < loom.nets.length; a++)
        for (let b = 0; b < a; b++)
          expect(
            readings.some((r) => {
              if (r.rings) return false
              const side = (n: number, pins: readonly string[]) => pins.some((p) => loom.netOfPin.get(p) === n)
              return (side(a, r.clip) && side(b, r.probe)) || (side(b, r.clip) && side(a, r.probe))
            }),
          ).toBe(true)
      const moves = readings.filter((r) => r.kind !== 'group').filter((r, n, all) => r.clip[0] !== all[n - 1]?.clip[0])
      expect(moves).toHaveLength(clips)
      // Each net has to be clipped once: fewer cannot do.
      expect(clips).toBe(loom.nets.length)
    }
  })
})

describe('a loom that is right', () => {
  it('reads right, whatever it is', () => {
    for (let seed = 1; seed <= 10; seed++) expect(findOut(drawLoom(seed), []).state).toBe('right')
  })
  it('so does one whose wires of one net are in each other’s place: nobody could tell', () => {
    const wires = drawLoom(3)
    const leg = wires.filter((w) => w.to === wires.find((x) => x.to.startsWith('splice'))!.to)
    const swap: LoomFault = { kind: 'swap', one: leg[1]!.id, oneEnd: 'from', other: leg[2]!.id, otherEnd: 'from' }
    expect(findOut(wires, [swap]).state).toBe('right')
  })
})

describe('every single fault', () => {
  it.each([1, 2, 3])('of loom %d is found and named', (seed) => {
    const wires = drawLoom(seed, 9)
    for (const fault of new MadeLoom(loomNets(wires)).everyFault()) {
      const { explanations, made, state, truth } = findOut(wires, [fault])
      expect(state).toBe('found')
      expect(explanations).toContainEqual([fault])
      // All that are named join the same pins: no meter tells them apart.
      for (const e of explanations) expect([...made.joined(e)]).toEqual([...truth])
    }
  })
})

describe('two faults at once', () => {
  it('are found and named, or what is named explains every reading', () => {
    const random = seededRandom(17)
    let both = 0
    const rounds = 40
    const looms = [1, 2, 3, 4].map((seed) => drawLoom(seed, 11))
    for (let n = 0; n < rounds; n++) {
      const wires = looms[n % 4]!
      const every = new MadeLoom(loomNets(wires)).everyFault()
      const pick = () => every[Math.floor(random() * every.length)]!
      const faults = [pick(), pick()]
      const found = findOut(wires, faults)
      if (found.state === 'right') continue
      expect(found.state).toBe('found')
      const same = found.explanations.every((e) => [...found.made.joined(e)].join() === [...found.truth].join())
      if (same) both++
      // Otherwise every reading that was taken fits what is named: the second fault hides behind it.
      for (const e of found.explanations)
        for (const t of found.taken) expect(found.made.reads(found.made.joined(e), t.reading)).toBe(t.rang)
    }
    expect(both / rounds).toBeGreaterThan(0.9)
  })
})

describe('what goes wrong at benches', () => {
  const INJECTORS: NetWire[] = [1, 2, 3, 4].map((n) => ({
    id: `injector-${n}`,
    from: `ecu:${n}`,
    to: `injector ${n}:1`,
  }))
  const SENSORS: NetWire[] = [
    { id: 'coolant', from: 'ecu:11', to: 'coolant:1' },
    { id: 'five-volt', from: 'ecu:12', to: 'splice:five' },
    { id: 'five-throttle', from: 'throttle:1', to: 'splice:five' },
    { id: 'five-manifold', from: 'manifold:1', to: 'splice:five' },
    { id: 'return', from: 'ecu:13', to: 'splice:return' },
    { id: 'return-coolant', from: 'coolant:2', to: 'splice:return' },
    { id: 'return-throttle', from: 'throttle:2', to: 'splice:return' },
    { id: 'earth', from: 'ecu:14', to: 'earth:1' },
    { id: 'air', from: 'ecu:15', to: 'air:1' },
  ]
  const all = [...INJECTORS, ...SENSORS]
  const named = (faults: readonly LoomFault[]) => findOut(all, faults).explanations

  it('number one at the wrong end: both exchanges are named', () => {
    const wrong: LoomFault[] = [
      { kind: 'swap', one: 'injector-1', oneEnd: 'to', other: 'injector-4', otherEnd: 'to' },
      { kind: 'swap', one: 'injector-2', oneEnd: 'to', other: 'injector-3', otherEnd: 'to' },
    ]
    const pairs = named(wrong).map((e) => e.map((f) => (f.kind === 'swap' ? `${f.one} ${f.other}` : f.kind)).sort())
    for (const p of pairs) expect(p).toEqual(['injector-1 injector-4', 'injector-2 injector-3'])
  })
  it('a thermistor returned to 5 V', () =>
    expect(named([{ kind: 'astray', wire: 'return-coolant', end: 'to', to: 'five-volt' }])).toContainEqual([
      { kind: 'astray', wire: 'return-coolant', end: 'to', to: 'five-volt' },
    ]))
  it('a return to the wrong earth', () =>
    expect(named([{ kind: 'astray', wire: 'return-coolant', end: 'to', to: 'earth' }])).toContainEqual([
      { kind: 'astray', wire: 'return-coolant', end: 'to', to: 'earth' },
    ]))
  it('two plugs that fit one socket', () =>
    expect(named([{ kind: 'swap', one: 'coolant', oneEnd: 'to', other: 'air', otherEnd: 'to' }])).toContainEqual([
      { kind: 'swap', one: 'coolant', oneEnd: 'to', other: 'air', otherEnd: 'to' },
    ]))
  it('more than two faults are not guessed at', () => {
    const opens: LoomFault[] = ['coolant', 'air', 'injector-1', 'injector-3'].map((wire) => ({ kind: 'open', wire }))
    const answer = findOut(all, opens)
    expect(answer.state).toBe('beyond')
    expect(answer.wrong).toEqual(expect.arrayContaining(['coolant:1', 'air:1', 'injector 1:1', 'injector 3:1']))
  })
})
