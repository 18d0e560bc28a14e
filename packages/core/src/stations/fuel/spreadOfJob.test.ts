import { designOf } from './fuelDesign.ts'
import { spreadCircuit } from '../../fuel/choose/spread.ts'
import { assessFuel } from './assessFuel.ts'
import { measureNext, spreadInputsOf, tightestPoint } from './spreadOfJob.ts'
import { catalogue, soundJob } from './test/jobs.ts'

const worstOf = (job: ReturnType<typeof soundJob>) => tightestPoint(assessFuel(job).solved)!
const sdOf = (job: ReturnType<typeof soundJob>, id: string) =>
  spreadInputsOf(designOf(job), worstOf(job)).find((i) => i.id === id)!.relativeSd

describe('how sure a design is', () => {
  it('the tightest moment is the one with the least reserve, never one that takes nothing', () => {
    expect(worstOf(soundJob()).point.id).toBe('full-low')
    expect(worstOf(soundJob({ lowV: 14, runningV: 11, highV: 14 })).point.id).not.toBe('full-low')
    expect(tightestPoint([])).toBeNull()
  })
  it.each([
    ['a voltage that was measured', 'voltage', soundJob({ lowV: 12 }), soundJob({ lowV: null })],
    ['a length that was laid out', 'feed-length', soundJob(), soundJob({ feed: { ...soundJob().fuel.feed, lengthM: null } })], // prettier-ignore
    ['a bore that was measured', 'feed-bore', soundJob({ feed: { ...soundJob().fuel.feed, measuredBoreM: 0.007 } }), soundJob()], // prettier-ignore
    ['an engine that is known', 'demand', soundJob(), soundJob({}, { displacementM3: null })],
  ] as const)('%s is surer than one that is not', (_n, id, known, unknown) =>
    expect(sdOf(known, id)).toBeLessThan(sdOf(unknown, id)),
  )
  it('what to measure next is what matters most, in words', () => {
    const job = soundJob({ lowV: null })
    const worst = worstOf(job)
    const inputs = spreadInputsOf(designOf(job), worst)
    const answer = spreadCircuit(worst.circuit, inputs, { draws: 3000, seed: 9 })
    const next = measureNext(inputs, answer.inputs)!
    expect(next.id).toBe(answer.inputs[0]!.id)
    expect(next.measure.length).toBeGreaterThan(10)
    expect(measureNext(inputs, [])).toBeNull()
    // A rail that starves whatever is known better: nothing to measure helps, and nothing is named.
    expect(
      measureNext(
        inputs,
        inputs.map(({ id }) => ({ id, share: 0 })),
      ),
    ).toBeNull()
  })
  it('progress is told to the end, and a weaker pump holds less often', () => {
    const at = (pumpIndex: number) => {
      const told: number[] = []
      const worst = worstOf(soundJob({ pump: catalogue.pumps[pumpIndex]! }))
      const inputs = spreadInputsOf(designOf(soundJob()), worst)
      const { probability } = spreadCircuit(worst.circuit, inputs, { draws: 2000, seed: 4 }, (n) => told.push(n))
      expect(told).toEqual([1000, 2000])
      return probability
    }
    expect(at(0)).toBeLessThan(at(1))
  })
})
