import { runCalculator } from './runCalculator.ts'
import { HARNESS_EXAMPLES } from './test/harnessExamples.ts'

type Tree = Record<string, unknown>
const good = HARNESS_EXAMPLES['harness-route'] as Tree & {
  corridors: Tree[]
  circuits: Tree[]
  unit: Tree
  rates: Tree
}
const run = (input: unknown) => runCalculator(['harness-route'], () => JSON.stringify(input))
const answer = (name: string) =>
  JSON.parse(runCalculator([name], () => JSON.stringify(HARNESS_EXAMPLES[name])).out) as Tree

describe('harness-route', () => {
  it('answers the case worked by hand', () => {
    expect(JSON.parse(run(good).out)).toMatchObject({
      feasible: true,
      place: 'dash',
      cost: { total: expect.closeTo(27.9, 9) },
    })
  })

  const [w] = good.circuits as [Tree]
  const [c] = good.corridors as [Tree]
  const twin = { ...w, id: 'air' }
  it.each<[string, Tree, string]>([
    ['a field that nobody knows', { ...good, colour: 1 }, 'colour'],
    ['a rate that is missing', { ...good, rates: { ...good.rates, fold: undefined } }, 'rates.fold'],
    ['a corridor without length', { ...good, corridors: [{ ...c, lengthM: 0 }] }, 'corridors[0].lengthM'],
    ['a corridor from a place to itself', { ...good, corridors: [{ ...c, to: 'bay' }] }, 'corridors[0].to'],
    ['a place called unit', { ...good, corridors: [c, { ...c, id: 'x', to: 'unit' }] }, 'corridors[1].to'],
    ['two corridors of one id', { ...good, corridors: [c, c] }, 'corridors[1].id'],
    ['an end that is no place', { ...good, circuits: [{ ...w, from: 'moon' }] }, 'circuits[0].from'],
    ['both ends at the unit', { ...good, circuits: [{ ...w, from: 'unit' }] }, 'circuits[0].to'],
    ['a unit that is not there', { ...good, unit: undefined }, 'circuits[0].to'],
    [
      'candidates at one place',
      {
        ...good,
        unit: {
          ...good.unit,
          candidates: [0, 1].map((n) => ({ id: `d${n}`, place: 'cabin', temperatureK: 318, minutes: 1 })),
        },
      },
      'unit.candidates[1].place',
    ],
    ['a limit and a kit', { ...good, circuits: [{ ...w, mostLengthM: 2, kit: { reachM: 1 } }] }, 'circuits[0].kit'],
    ['folding dearer than laying', { ...good, rates: { ...good.rates, fold: 2.1 } }, 'rates.fold'],
    ['an unknown circuit together', { ...good, together: [['coolant', 'moon']] }, 'together[0][1]'],
    [
      'other ends together',
      { ...good, circuits: [w, { ...twin, to: 'cabin' }], together: [['coolant', 'air']] },
      'together[0][1]',
    ],
    [
      'a circuit in two lists',
      {
        ...good,
        circuits: [w, twin, { ...w, id: 'b' }],
        together: [
          ['coolant', 'air'],
          ['coolant', 'b'],
        ],
      },
      'together[1][0]',
    ],
    ['a class against itself', { ...good, separate: [['quiet', 'quiet']] }, 'separate[0][1]'],
    ['a temperature out of range', { ...good, circuits: [{ ...w, limitK: 100 }] }, 'circuits[0].limitK'],
  ])('refuses %s and names it', (_, input, field) => {
    const { code, out, err } = run(input)
    expect({ code, out }).toEqual({ code: 2, out: '' })
    expect(err.split('\n').some((line) => line.startsWith(field))).toBe(true)
  })

  it('takes a circuit at a place that no corridor reaches: it has no way', () => {
    const input = {
      ...good,
      corridors: [c, { ...c, id: 'far', from: 'x', to: 'y' }],
      circuits: [w, { ...twin, to: 'y' }],
    }
    expect(JSON.parse(run(input).out)).toMatchObject({ feasible: false, broken: [{ constraint: 'way', id: 'air' }] })
  })
})

describe('the smaller calculators', () => {
  it('seven equal wires: 3.17 diameters by the usual formula, 3 ideally packed', () => {
    const d = answer('bundle-diameter') as { bareM: number; idealM: number; coveredM: number }
    expect(d.bareM / 0.002).toBeCloseTo(3.175, 3)
    expect(d.idealM / 0.002).toBe(3)
    expect(d.coveredM).toBeCloseTo(d.bareM + 0.001, 12)
  })

  it('thirty wires of 2 mm in a 20 mm grommet: 30 % of it, and a plug of 22 mm is pinned last', () => {
    expect(answer('pass-through')).toMatchObject({
      wireShare: expect.closeTo(0.3, 9) as number,
      wiresFit: true,
      pinnedLast: [0],
      leastBoreWithPlugsM: 0.022,
      // By the covered bundle: 1.2 * sqrt(30) * 2 mm / 0.83 = 15.8 mm.
      grommetM: 0.016,
    })
  })

  it('a branch that is short says by how much, one that is long what is left to fold', () => {
    const { branches } = answer('kit-reach') as { branches: { shortfallM: number; surplusM: number }[] }
    expect(branches.map((b) => [b.shortfallM, b.surplusM].map((x) => Number(x.toFixed(3))))).toEqual([
      [0.248, 0],
      [0, 0.656],
    ])
  })
})

describe('the calculators of the bench', () => {
  it('a pick-up 0.4 m beside the ignition at 20 mm, shielded: 2; crossing a pump lead squarely: nothing', () => {
    const { victims } = answer('noise-exposure') as { victims: { shares: number[]; withinBudget: boolean }[] }
    expect(victims[0]!.shares[0]).toBeCloseTo(2, 9)
    expect(victims[0]!.shares[1]).toBeCloseTo(0, 9)
    expect(victims[0]!.withinBudget).toBe(true)
  })

  it('a trunk of 0.9 m with two branches: 1.2 m long, every length kept', () => {
    const { boards } = answer('form-board') as { boards: { widthM: number; branches: { lengthM: number }[] }[] }
    expect(boards).toHaveLength(1)
    expect(boards[0]!.widthM).toBeCloseTo(1.2, 9)
    expect(boards[0]!.branches.map((b) => Number(b.lengthM.toFixed(6)))).toEqual([0.9, 0.25, 0.3])
  })

  it('two injectors in each other’s place are named once the meter has been heard at the other plug', () => {
    const { explanations, state } = answer('continuity-plan') as { state: string; explanations: { kind: string; one: string; other: string }[][] } // prettier-ignore
    expect(state).toBe('found')
    for (const [f] of explanations) expect(f).toMatchObject({ kind: 'swap', one: 'injector 1', other: 'injector 2' })
  })

  it.each([
    ['form-board', { branches: [{ id: 'a', from: 'x', to: 'x', lengthM: 1 }] }, /branches\.0\.to is "?x"?; allowed: another node/],
    ['form-board', { branches: [{ id: 'a', from: 'x', to: 'y', lengthM: 0 }] }, /branches\.0\.lengthM is 0; allowed: a number, 0.001 to 50/],
    ['noise-exposure', { victims: [{ id: 'a', class: 'quiet', runs: [] }] }, /victims\.0\.class is "quiet"; allowed: "ignition"/],
    ['continuity-plan', { wires: [{ id: 'a', from: 'x1', to: 'y:1' }] }, /wires\.0\.from is "x1"; allowed: "plug:cavity"/],
    ['continuity-plan', { wires: [{ id: 'a', from: 'x:1', to: 'y:1' }], supply: ['b'] }, /supply\.0 is "?b"?; allowed: the id of a wire/],
    ['continuity-plan', { wires: [{ id: 'a', from: 'x:1', to: 'y:1' }], read: { wrong: ['b'] } }, /read\.wrong\.0 is "?b"?/],
  ])('%s refuses by name: %j', (name, input, says) => {
    const { code, err, out } = runCalculator([name], () => JSON.stringify(input))
    expect({ code, out }).toEqual({ code: 2, out: '' })
    expect(err).toMatch(says)
  }) // prettier-ignore
})
