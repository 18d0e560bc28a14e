import { FuelCircuitInput } from '../calculators/fuelCircuit.ts'
import { emptyJob, figureAt } from '@lochmoor/core'
import { SECTION_SCHEMAS } from '../job/jobDocument.ts'
import { explainProblem, explainProblems } from './explainProblems.ts'

const circuit = {
  fluid: { densityKgM3: 745, kinematicViscosityM2S: 6e-7 },
  strainer: null,
  pump: {
    curve: [
      { pressurePa: 0, flowM3S: 5e-5 },
      { pressurePa: 4e5, flowM3S: 3e-5 },
    ],
  },
  filter: null,
  feed: { boreM: 0.008, lengthM: 4, roughnessM: 1.5e-6, minorK: 4, riseM: 0.4 },
  return: null,
  demandM3S: 1e-5,
  regulator: { type: 'return', setPressurePa: 3e5, fullOpen: null },
}

const problemsOf = (input: unknown) => {
  const parsed = FuelCircuitInput.safeParse(input)
  return parsed.success ? [] : explainProblems(parsed.error, input).map(explainProblem)
}

describe('problems of an input', () => {
  it.each([
    [
      'a number too small',
      { ...circuit, feed: { ...circuit.feed, boreM: 0 } },
      'feed.boreM is 0; allowed: a number, 0.0005 to 0.1 m',
    ],
    ['a number too large', { ...circuit, demandM3S: 9 }, 'demandM3S is 9; allowed: a number, 0 to 0.05 m³/s'],
    ['text for a number', { ...circuit, demandM3S: '1' }, 'demandM3S is "1"; allowed: a number, 0 to 0.05 m³/s'],
    [
      'something missing',
      { ...circuit, fluid: { densityKgM3: 745 } },
      'fluid.kinematicViscosityM2S is nothing; allowed: a number, 1e-8 to 0.0001 m²/s (it is missing)',
    ],
    ['an unknown field', { ...circuit, pressure: 3 }, 'pressure is 3; allowed: no field of this name here'],
    [
      'a word not in its list',
      { ...circuit, regulator: { ...circuit.regulator, type: 'loop' } },
      'regulator.type is "loop"; allowed: "return", "single-line"',
    ],
    [
      'a rough thin line',
      { ...circuit, feed: { ...circuit.feed, roughnessM: 0.9e-3, boreM: 1e-3 } },
      'feed.roughnessM is 0.0009; allowed: at most half of boreM',
    ],
    [
      'a curve of one point',
      { ...circuit, pump: { curve: [{ pressurePa: 0, flowM3S: 5e-5 }] } },
      'pump.curve is [{"pressurePa":0,"flowM3S":0.00005}]; allowed: 2 to 200 points',
    ],
    ['not an object at all', null, /^input is null; allowed:/],
  ])('%s', (_name, input, expected) =>
    expect(problemsOf(input)[0]).toEqual(typeof expected === 'string' ? expected : expect.stringMatching(expected)),
  )

  it('names every problem at once', () =>
    expect(problemsOf({ ...circuit, demandM3S: -1, feed: { ...circuit.feed, boreM: 5 } })).toHaveLength(2))

  it('fills in defaults for what is missing or null', () => {
    const parsed = FuelCircuitInput.parse({ ...circuit, tankPressurePa: null, vapourPressurePa: null })
    expect(parsed).toMatchObject({
      tankPressurePa: 0,
      ambientPa: 101_325,
      regulator: { referencePa: 0, slopePaPerM3S: 0 },
    })
    expect(parsed.vapourPressurePa).toBeUndefined()
  })

  it('NaN and infinity never pass', () => {
    for (const bad of [NaN, Infinity, -Infinity]) expect(problemsOf({ ...circuit, demandM3S: bad })).toHaveLength(1)
  })
})

describe('ranges of the job document', () => {
  it('are those the section schema refuses by', () => {
    const at = (lowV: number) => SECTION_SCHEMAS.fuel.safeParse({ ...emptyJob('x').fuel, lowV }).success
    const { min, max } = figureAt('fuel.lowV')!.range
    expect([at(min), at(max), at(min - 1e-6), at(max + 1e-6)]).toEqual([true, true, false, false])
  })
})
