import { designOf } from '../../stations/fuel/fuelDesign.ts'
import { engineOfJob } from '../../moments/index.ts'
import fc from 'fast-check'
import { drawNormal, seededRandom } from '../../numeric/seededRandom.ts'
import {
  assessFuel,
  choiceOf,
  combinationCaseOf,
  isSolved,
  solvePoint,
  spreadInputsOf,
  tightestPoint,
} from '../../stations/fuel/index.ts'
import { catalogue, soundJob } from '../../stations/fuel/test/jobs.ts'
import { pumpAtVoltage } from '../pumpAtVoltage.ts'
import { solveFuelCircuit } from '../solveFuelCircuit.ts'
import { fuelProperties } from '../../engine/fuelProperties.ts'
import type { FuelCircuit } from '../circuitTypes.ts'
import { emptyLeg } from '../../sections/index.ts'
import { withHose } from '../lines/withHose.ts'
import { rankCombinations } from './combinations.ts'
import { pumpSanity } from './pumpSanity.ts'
import { railBandOf, SPREAD_TARGETS, spreadCircuit, spreadOverMoments, type SpreadInput } from './spread.ts'

const solvedOf = (job: ReturnType<typeof soundJob>) =>
  engineOfJob(job)
    .points.map((p) => solvePoint(designOf(job), p))
    .filter(isSolved)

describe('random draws', () => {
  it('are the same for the same seed and even over the interval', () => {
    const [a, b] = [seededRandom(7), seededRandom(7)]
    const drawn = Array.from({ length: 20_000 }, a)
    expect(Array.from({ length: 20_000 }, b)).toEqual(drawn)
    for (let k = 0; k < 10; k++)
      expect(drawn.filter((x) => Math.floor(10 * x) === k).length / 20_000).toBeCloseTo(0.1, 1)
  })
  it('normal: mean 0, deviation 1', () => {
    const r = seededRandom(11)
    const z = Array.from({ length: 40_000 }, () => drawNormal(r))
    const mean = z.reduce((s, x) => s + x, 0) / z.length
    expect(Math.abs(mean)).toBeLessThan(0.02)
    expect(Math.sqrt(z.reduce((s, x) => s + (x - mean) ** 2, 0) / z.length)).toBeCloseTo(1, 1)
  })
})

/** A circuit of a pump, a feed, a regulator and a return, and nothing else. */
const plain = (of: {
  readonly type: 'return' | 'single-line'
  readonly setPressurePa: number
  readonly feedM: number
  readonly returnM: number
  readonly demandM3S: number
}): FuelCircuit => {
  const line = (boreM: number) => ({ boreM, lengthM: 4, riseM: 0, minorK: 0, roughnessM: 1.5e-6 })
  const curve = [
    { pressurePa: 0, flowM3S: 5e-5 },
    { pressurePa: 7e5, flowM3S: 0 },
  ]
  return {
    fluid: fuelProperties({ ethanolShare: 0, temperatureK: 293.15 }),
    strainer: null,
    pump: { curve },
    filter: null,
    feed: line(of.feedM),
    return: line(of.returnM),
    regulator: { type: of.type, setPressurePa: of.setPressurePa, fullOpen: { flowM3S: 5e-5, dropPa: 2e3 } },
    demandM3S: of.demandM3S,
  }
}

describe('spread of a circuit', () => {
  const worst = tightestPoint(solvedOf(soundJob({ lowV: 10.4 })))!
  const inputs: SpreadInput[] = [
    { id: 'pump', target: 'pumpFlow', relativeSd: 0.1 },
    { id: 'demand', target: 'demand', relativeSd: 0.02 },
    { id: 'bore', target: 'feedBore', relativeSd: 0.001 },
  ]
  const options = { draws: 4000, seed: 5 }

  it('gives the same for the same seed, and names the input that matters most', () => {
    const a = spreadCircuit(worst.circuit, inputs, options)
    expect(spreadCircuit(worst.circuit, inputs, options)).toEqual(a)
    expect(a.inputs[0]!.id).toBe('pump')
    expect(a.histogram.counts.reduce((s, n) => s + n, 0)).toBeGreaterThan(3900)
  })
  it('without spread it is certain one way or the other, and the rail is the solved one', () => {
    const none = inputs.map((i) => ({ ...i, relativeSd: 0 }))
    const at = spreadCircuit(worst.circuit, none, options)
    const solved = solveFuelCircuit(worst.circuit)
    const railPa = solved.ok ? (solved.value.railPa ?? 0) : NaN
    const { lowPa, highPa } = railBandOf(worst.circuit)
    expect(at.probability).toBe(railPa >= lowPa && railPa <= highPa ? 1 : 0)
    expect([at.lowPa, at.highPa]).toEqual([railPa, railPa])
  })
  it('with one normal input agrees with the normal distribution', () => {
    // Only the set pressure wanders and the rail follows it: 5 % of it spread against -9.75 and +10.25 %.
    const circuit = plain({ type: 'single-line', setPressurePa: 300e3, feedM: 0.02, returnM: 0.02, demandM3S: 1e-6 })
    const at = spreadCircuit(circuit, [{ id: 's', target: 'setPressure', relativeSd: 0.05 }], {
      draws: 20_000,
      seed: 3,
    })
    // Phi(2.05) - Phi(-1.95) = 0.9798 - 0.0256
    expect(Math.abs(at.probability - 0.9542)).toBeLessThan(4 * 0.0015)
    expect(at.inputs).toEqual([{ id: 's', share: 1 }])
  })
  it('the injectors pass 5 % more or less at the ends of the band', () => {
    const { setPressurePa, referencePa = 0 } = worst.circuit.regulator
    const { lowPa, highPa } = railBandOf(worst.circuit)
    expect(Math.sqrt((lowPa - referencePa) / setPressurePa)).toBeCloseTo(0.95, 9)
    expect(Math.sqrt((highPa - referencePa) / setPressurePa)).toBeCloseTo(1.05, 9)
  })
  it('blown over a regulator without a hose, 5 % of flow is less of the rail than it is over one with', () => {
    const { regulator } = worst.circuit
    const at = { ...worst.circuit, regulator: { ...regulator, setPressurePa: 300e3, referencePa: 0 } }
    const { lowPa, highPa } = railBandOf(at, 80e3)
    // 220 kPa over the injectors instead of 300: 0.95² and 1.05² of them.
    expect([lowPa, highPa].map((p) => Math.round(p / 100) / 10)).toEqual([278.6, 322.6])
    expect(railBandOf(at).highPa - railBandOf(at).lowPa).toBeGreaterThan(highPa - lowPa)
  })
  // Two that the pressure before the feed, or the regulator's set figure, says nothing of.
  it.each([
    [
      'a single line that starves behind its regulator',
      { type: 'single-line' as const, setPressurePa: 300e3, feedM: 0.002, returnM: 0.008, demandM3S: 2e-5 },
    ],
    [
      'a return that lifts the rail to many times its set pressure',
      { type: 'return' as const, setPressurePa: 80e3, feedM: 0.008, returnM: 0.002, demandM3S: 2e-6 },
    ],
  ])('never holds: %s', (_name, of) => {
    const all = SPREAD_TARGETS.map((target) => ({ id: target, target, relativeSd: 0.05 }))
    expect(spreadCircuit(plain(of), all, options).probability).toBeLessThan(0.01)
  })
  it('where the rail of the figures lies outside its band by more than its spread, it holds in less than half', () => {
    for (const lowV of [8, 9, 9.5, 10, 10.4, 11])
      for (const { circuit, point } of solvedOf(soundJob({ lowV }))) {
        if (point.demandM3S === 0) continue
        const a = spreadCircuit(circuit, inputs, { draws: 1000, seed: 8 })
        const solved = solveFuelCircuit(circuit)
        const railPa = solved.ok ? (solved.value.railPa ?? 0) : NaN
        const outside = Math.max(a.band.lowPa - railPa, railPa - a.band.highPa)
        if (outside > a.highPa - a.lowPa) expect(a.probability).toBeLessThan(0.5)
      }
  })
  it('the share of an input is what the variance loses when that input is known exactly', () => {
    const { circuit } = worst
    const at = (of: readonly SpreadInput[]) => spreadCircuit(circuit, of, { draws: 2000, seed: 5 })
    const width = (a: ReturnType<typeof at>) => a.highPa - a.lowPa
    const { inputs: shares } = at(inputs)
    const first = inputs.find((i) => i.id === shares[0]!.id)!
    const frozen = at(inputs.map((i) => (i === first ? { ...i, relativeSd: 0 } : i)))
    // Nine tenths of the rail's range shrink with the root of the variance, near enough.
    expect((width(frozen) / width(at(inputs))) ** 2).toBeLessThan(1 - shares[0]!.share + 0.15)
    for (const { id, share } of shares) expect([id, share >= 0 && share <= 1]).toEqual([id, true])
  })
  it('over several moments it holds as often as at all of them at once', () => {
    const solved = solvedOf(soundJob({ lowV: 10.4 })).filter((s) => s.point.demandM3S > 0)
    const cases = solved.map((s) => ({ circuit: s.circuit, inputs, tipPa: s.point.tipPa }))
    const over = spreadOverMoments(cases, options)!
    expect(over.probability).toBeLessThanOrEqual(Math.min(...over.probabilities))
    expect(over.probabilities[over.worst]).toBe(Math.min(...over.probabilities))
    expect(over.probability).toBeGreaterThanOrEqual(1 - over.probabilities.reduce((n, p) => n + 1 - p, 0))
    expect(spreadOverMoments([], options)).toBeNull()
  })
  it('of a job: what is assumed is less sure than what was measured', () => {
    const sd = (measured: boolean) =>
      spreadInputsOf(designOf(soundJob({ lowV: measured ? 12 : null })), worst).find((i) => i.id === 'voltage')!
        .relativeSd
    expect(sd(false)).toBeCloseTo(5 * sd(true), 9)
  })
})

describe('combinations', () => {
  const job = soundJob()
  const c = combinationCaseOf(job, choiceOf(job, catalogue))
  const answer = rankCombinations(c)

  it('tries every one, and passing ones stand first, the cheapest ahead', () => {
    expect(answer.tried).toBe(3 * 4 * 4 * 1 * 1)
    const passes = answer.ranked.map((r) => r.fails === null)
    expect(passes.lastIndexOf(true)).toBe(answer.passing - 1)
    const prices = answer.ranked.slice(0, answer.passing).map((r) => r.price)
    expect(prices).toEqual([...prices].sort((a, b) => a - b))
    expect(answer.passing).toBeGreaterThan(0)
  })

  it('shares solutions, and says the same of each as solving every circuit on its own', () => {
    expect(answer.solved).toBeLessThan(answer.tried * c.points.length)
    for (const r of answer.ranked) {
      const pump = c.pumps.find((p) => p.id === r.pumpId)!
      const feed = c.feeds.find((h) => h.id === r.feedId)!
      const back = c.returns.find((h) => h.id === r.returnId)!
      const filter = c.filters.find((f) => f.id === r.filterId)!
      const regulator = c.regulators[0]!
      const states = c.points.map((p) => {
        const at = pumpAtVoltage(pump.tables, p.voltageV)
        if (!at.ok) throw new Error('stalls')
        const solved = solveFuelCircuit({
          fluid: p.fluid,
          strainer: c.strainer,
          suction: c.suction,
          pump: { curve: at.value.curve },
          filter: { flowM3S: filter.flowM3S, dropPa: filter.dropPa * p.filterFactor, linearShare: filter.linearShare },
          feed: { boreM: feed.boreM, roughnessM: feed.roughnessM, ...c.feedPath },
          return: { boreM: back.boreM, roughnessM: back.roughnessM, ...c.returnPath },
          demandM3S: p.demandM3S,
          regulator: {
            type: 'return',
            setPressurePa: c.setPressurePa,
            referencePa: p.referencePa,
            fullOpen: regulator.fullOpen,
            slopePaPerM3S: regulator.slopePaPerM3S,
          },
        })
        if (!solved.ok) throw new Error('refused')
        return { state: solved.value.state, demand: p.demandM3S }
      })
      const lifted = states.some((s) => s.state === 'lifted' && s.demand > 0)
      const held = states.every((s) => s.state !== 'not-held' && s.state !== 'starved')
      if (r.fails === null) expect(r.headroom).toBeGreaterThanOrEqual(0.1)
      if (r.fails === null || r.fails === 'reserve below 15 %')
        expect({ lifted, held }).toEqual({ lifted: false, held: true })
      if (r.fails === 'pressure not maintained') expect(held).toBe(false)
      if (r.fails === 'rail pressure above set') expect(lifted).toBe(true)
    }
  })

  it('nothing that passes beats one of the best in price, noise and reserve at once', () => {
    const passing = answer.ranked.filter((r) => r.fails === null)
    const best = passing.filter((r) => r.best)
    expect(best.length).toBeGreaterThan(0)
    for (const b of best)
      for (const p of passing)
        expect(
          p.price <= b.price &&
            p.noiseClass <= b.noiseClass &&
            p.reserve >= b.reserve &&
            (p.price < b.price || p.noiseClass < b.noiseClass || p.reserve > b.reserve),
        ).toBe(false)
  })

  it.each([
    ['a regulator out of range', { setPressurePa: 700e3 }, 'regulator cannot be set to it'],
    [
      'no reference port',
      { referenced: true, regulators: c.regulators.map((r) => ({ ...r, referencePort: false })) },
      'regulator has no reference port',
    ],
    [
      'fuel the hoses do not stand',
      { feeds: c.feeds.map((h) => ({ ...h, mostEthanolShare: 0 })) },
      'hose is not rated for the fuel',
    ],
    [
      'weak hoses',
      { feeds: c.feeds.map((h) => ({ ...h, mostPressurePa: 1e5 })) },
      'hose is not rated for the pressure',
    ],
    ['too little voltage', { points: c.points.map((p) => ({ ...p, voltageV: 0 })) }, 'pump stalls at a voltage'],
  ] as const)('says why: %s', (_n, change, why) => {
    const all = rankCombinations({ ...c, ...change }).ranked
    expect(all.every((r) => r.fails !== null)).toBe(true)
    expect(all[0]!.fails).toBe(why)
  })

  it('what passes still passes after it was taken, also on lines described leg by leg', () => {
    const { feed } = soundJob().fuel
    const [end] = catalogue.fittings
    const legs = [1, 2, 0.8].map((lengthM, i) => ({
      ...emptyLeg(`leg-${i}`, `leg ${i}`),
      lengthM,
      bends90: 1,
      start: end!,
      end: end!,
    }))
    const inLegs = soundJob({ feed: { ...feed, legs } })
    const passing = rankCombinations(combinationCaseOf(inLegs, choiceOf(inLegs, catalogue))).ranked.filter(
      (r) => r.fails === null,
    )
    expect(passing.length).toBeGreaterThan(3)
    for (const r of passing) {
      const hoseOf = (id: string) => catalogue.hoses.find((h) => h.id === id)!
      const taken = {
        ...inLegs,
        fuel: {
          ...inLegs.fuel,
          pump: catalogue.pumps.find((p) => p.id === r.pumpId)!,
          feed: withHose(inLegs.fuel.feed, hoseOf(r.feedId)),
          return: withHose(inLegs.fuel.return, hoseOf(r.returnId!)),
        },
      }
      const states = assessFuel(taken).verdicts.filter((v) => ['held', 'not-lifted'].includes(v.id))
      expect(states.map((v) => v.state)).toEqual(['ok', 'ok'])
    }
  })

  it('a single line has no return to choose', () => {
    const single = soundJob({ systemType: 'single-line', regulator: catalogue.regulators[1]! })
    const all = rankCombinations(combinationCaseOf(single, choiceOf(single, catalogue)))
    expect(all.tried).toBe(3 * 4 * 1)
    expect(all.ranked.every((r) => r.returnId === null)).toBe(true)
  })

  it('two pumps side by side have more reserve than one, and cost more', () => {
    fc.assert(
      fc.property(fc.constantFrom(...catalogue.pumps), (pump) => {
        const at = (pumpCount: number) => rankCombinations({ ...c, pumps: [pump], pumpCount }).ranked[0]!
        expect(at(2).reserve).toBeGreaterThan(at(1).reserve)
      }),
      { seed: 1, numRuns: 3 },
    )
  })
})

describe('sanity of a pump entered by hand', () => {
  const LH = 1 / 3.6e6
  const table = (points: readonly (readonly [kPa: number, lh: number, a: number])[]) => ({
    voltageV: 13.5,
    points: points.map(([kPa, lh, a]) => ({ pressurePa: kPa * 1e3, flowM3S: lh * LH, currentA: a })),
  })
  it.each([
    [
      'a sound one',
      table([
        [0, 160, 4],
        [300, 110, 6],
        [600, 10, 8],
      ]),
      [],
    ],
    [
      'flow that rises',
      table([
        [0, 100, 4],
        [300, 110, 6],
      ]),
      ['wrong'],
    ],
    [
      'pressure out of order',
      table([
        [300, 100, 4],
        [100, 90, 6],
      ]),
      ['wrong'],
    ],
    // 110 L/min instead of per hour: 550 W out of 81
    [
      'litres a minute taken for litres an hour',
      table([
        [0, 9600, 4],
        [300, 6600, 6],
        [600, 600, 8],
      ]),
      ['doubtful', 'doubtful'],
    ],
    [
      'current that falls',
      table([
        [0, 160, 6],
        [300, 110, 4],
      ]),
      ['doubtful'],
    ],
    [
      'no current',
      table([
        [0, 160, 0],
        [300, 110, 0],
      ]),
      ['doubtful'],
    ],
    [
      'bar taken for ten',
      table([
        [0, 160, 4],
        [3000, 5, 8],
      ]),
      ['doubtful'],
    ],
  ] as const)('%s', (_n, t, severities) =>
    expect(
      pumpSanity({ tables: [t], reliefPa: null })
        .map((d) => d.severity)
        .sort(),
    ).toEqual([...severities].sort()),
  )
})
