import { runCalculator } from './runCalculator.ts'
import { POWER_EXAMPLES } from './test/powerExamples.ts'

type Tree = Record<string, unknown>
const good = POWER_EXAMPLES['dc-network'] as Tree
const wire = { id: 'w', from: 'p', to: 'x', lengthM: 1, sectionM2: 1e-6 }
const motor = { id: 'fan', kind: 'motor', pos: 'x', neg: 'm', ratedV: 12, stallA: 40, runA: 10 }
const relay = { id: 'k', coilPos: 'x', coilNeg: 'm', coilOhm: 80, pullInV: 7, dropOutV: 3, common: 'p', make: 'x' }
const alternator = { id: 'a', kind: 'alternator', pos: 'p', neg: 'm', setV: 14, droopOhm: 0.02, limitA: 40 }
const table = { charges: [0, 1], temperaturesK: [260, 300], values: [[11, 11.5], [12, 12.6]] } // prettier-ignore
const call = (input: unknown) => runCalculator(['dc-network'], () => JSON.stringify(input))
const withPart = (list: string, part: Tree) => ({
  ...good,
  [list]: [...((good[list] as Tree[] | undefined) ?? []), part],
})
const withChange = (...changes: Tree[]) => ({
  ...withPart('loads', motor),
  moments: [{ id: 'one' }, { id: 'two', changes }],
})

describe('dc-network: bad input', () => {
  it.each<[string, unknown, RegExp]>([
    ['a missing field', { ...good, reference: undefined }, /^reference is nothing; allowed: a text of at least one character \(it is missing\)$/],
    ['an unknown field', { ...good, wire: [] }, /^wire is \[\]; allowed: no field of this name here$/],
    ['a figure outside its range', withPart('wires', { ...wire, sectionM2: 2 }), /^wires\[2\]\.sectionM2 is 2; allowed: a number above 0, to 0\.001 m²$/],
    ['no section at all', withPart('wires', { ...wire, sectionM2: 0 }), /^wires\[2\]\.sectionM2 is 0; allowed: a number above 0/],
    ['null for a figure', withPart('wires', { ...wire, lengthM: null }), /^wires\[2\]\.lengthM is null; allowed: a number, 0 to 100 m/],
    ['half a strand', withPart('wires', { ...wire, parallel: 1.5 }), /^wires\[2\]\.parallel is 1\.5; allowed: a whole number, 1 to 20$/],
    ['a duplicate id', withPart('loads', { ...motor, id: 'out' }), /^loads\[1\]\.id is "out"; allowed: an id of its own/],
    ['a reference that nothing touches', { ...good, reference: 'moon' }, /^reference is "moon"; allowed: a node that a part touches$/],
    ['a wire with section and table', withPart('wires', { ...wire, ohmPerM: 0.01 }), /^wires\[2\]\.ohmPerM is 0\.01; allowed: exactly one/],
    ['a wire with neither', withPart('wires', { id: 'w', from: 'p', to: 'x', lengthM: 1 }), /^wires\[2\]\.sectionM2 is nothing; allowed: exactly one/],
    ['a measured wire with a length', withPart('wires', { ...wire, sectionM2: undefined, resistanceOhm: 1 }), /^wires\[2\]\.lengthM is 1; allowed: nothing beside resistanceOhm/],
    ['both ends on one node', withPart('wires', { ...wire, to: 'p' }), /^wires\[2\]\.to is "p"; allowed: another node/],
    ['a relay without a contact', withPart('relays', { ...relay, make: undefined }), /^relays\[0\]\.make is nothing; allowed: a node here or for "break"/],
    ['a drop-out above its pull-in', withPart('relays', { ...relay, dropOutV: 8 }), /^relays\[0\]\.dropOutV is 8; allowed: below pullInV, 7$/],
    ['a table that does not ascend', withPart('sources', { id: 'b2', kind: 'battery', pos: 'p', neg: 'm', openCircuitV: { ...table, charges: [1, 0] }, resistanceOhm: 0.01 }), /^sources\[1\]\.openCircuitV\.charges\[1\] is 0; allowed: above 1/],
    ['a table with a value too few', withPart('sources', { id: 'b2', kind: 'battery', pos: 'p', neg: 'm', openCircuitV: { ...table, values: [[11], [12, 12.6]] }, resistanceOhm: 0.01 }), /^sources\[1\]\.openCircuitV\.values\[0\] is 1; allowed: one value for each of 2/],
    ['a limit table without a speed', withPart('sources', { ...alternator, limitA: [[1000, 10], [3000, 40]] }), /^sources\[1\]\.speedRpm is nothing; allowed: a number, 0 to 30000 rpm/],
    ['dump without its figures', withPart('sources', { ...alternator, mode: 'dump' }), /^sources\[1\]\.dumpV is nothing.*\nsources\[1\]\.dumpOhm is nothing/],
    ['a motor that runs on its stall current', withPart('loads', { ...motor, runA: 40 }), /^loads\[1\]\.runA is 40; allowed: below stallA, 40$/],
    ['a load of no kind', withPart('loads', { ...motor, kind: 'magnet' }), /^loads\[1\]\.kind is "magnet"; allowed: "resistance", "current"/],
    ['a change of an unknown id', withChange({ id: 'ghost', on: true }), /^moments\[1\]\.changes\[0\]\.id is "ghost"; allowed: the id of a part/],
    ['a change of an unknown field', withChange({ id: 'fan', colour: 1 }), /^moments\[1\]\.changes\[0\]\.colour is 1; allowed: no field of this name/],
    ['a change of what must not change', withChange({ id: 'fan', kind: 'lamp' }), /^moments\[1\]\.changes\[0\]\.kind is "lamp"; allowed: a field that may change/],
    ['a change of a node', withChange({ id: 'fan', pos: 'y' }), /^moments\[1\]\.changes\[0\]\.pos is "y"/],
    ['a change that makes the part invalid', withChange({ id: 'fan', on: true }, { id: 'fan', runA: 50 }), /^moments\[1\]\.changes\[1\]\.runA is 50; allowed: below stallA, 40$/],
    ['no moments at all', { ...good, moments: [] }, /^moments is \[\]; allowed: at least one moment/],
    ['a moment twice', { ...good, moments: [{ id: 'a' }, { id: 'a' }] }, /^moments\[1\]\.id is "a"; allowed: an id of its own/],
  ])('refuses %s, beginning with the path of the field', (_n, input, says) => {
    const { code, out, err } = call(input)
    expect({ code, out }).toEqual({ code: 2, out: '' })
    expect(err.trim()).toMatch(says)
  }) // prettier-ignore

  it('tells every fault on a line of its own, those of fields and those between parts', () => {
    const { err } = call({ ...withPart('wires', { ...wire, id: 'out', sectionM2: -1 }), reference: 'moon' })
    expect(
      err
        .trim()
        .split('\n')
        .map((l) => l.split(' ')[0]),
    ).toEqual(['wires[2].sectionM2', 'wires[2].id', 'reference'])
  })

  it('one bad case refuses the whole list, and is named by its place', () => {
    const { code, out, err } = call([good, { ...good, temperatureK: 1 }])
    expect({ code, out }).toEqual({ code: 2, out: '' })
    expect(err).toMatch(/^\[1\]\.temperatureK is 1; allowed: a number, 200 to 500 K\n$/)
  })

  it('a change may follow another that made the part invalid in between', () => {
    const { code } = call(withChange({ id: 'fan', runA: 50 }, { id: 'fan', stallA: 90 }))
    expect(code).toBe(0)
  })

  it('a network without sources is good input', () => expect(call({ ...good, sources: [] }).code).toBe(0))
})
