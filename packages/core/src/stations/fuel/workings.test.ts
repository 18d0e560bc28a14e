import { designOf } from './fuelDesign.ts'
import { type JobDocument } from '../../job/index.ts'
import { emptyLeg } from '../../sections/index.ts'
import { evaluateStep } from '../../verdict/test/evaluateStep.ts'
import { engineOfJob } from '../../moments/index.ts'
import { catalogue, soundJob } from './test/jobs.ts'
import { fuelWorking, WORKING_IDS } from './workings.ts'

const single = {
  systemType: 'single-line',
  regulator: catalogue.regulators[1]!,
  referenced: false,
  filterPosition: 'after-regulator',
} as const
function measuredTank(): JobDocument {
  const { tank, oldLine, feed } = soundJob().fuel
  const job = soundJob({
    pump: { ...catalogue.pumps[1]!, mount: 'module' },
    tank: { ...tank, hingeToHatM: 0.4, tiltDeg: 10, bendRadiusM: 0.03, lowM3: 2e-3 },
    oldLine: { ...oldLine, keeps: 'return', outsideM: 8e-3, wallM: 0.7e-3 },
    feed: {
      ...feed,
      legs: [0.5, 2, 1].map((lengthM, i) => ({ ...emptyLeg(`leg-${i}`, `leg ${i}`), lengthM, bends90: 1 })),
    },
  })
  return {
    ...job,
    walkAround: { ...job.walkAround, tank: { ...job.walkAround.tank, depthM: 0.22, gapAboveM: 0.07 } },
  }
}

const jobs = [
  ['return system', soundJob()],
  ['returnless', soundJob(single)],
  [
    'lifted',
    soundJob({
      pump: catalogue.pumps[2]!,
      setPressurePa: 100e3,
      return: { ...soundJob().fuel.return, hose: catalogue.hoses[0]! },
    }),
  ],
  ['not maintained', soundJob({ pump: catalogue.pumps[0]! })],
  ['viscous', soundJob({ ethanolShare: 1, fuelTemperatureK: 263 })],
  ['measured tank with a module, an old line and little fuel', measuredTank()],
] as const

describe('workings', () => {
  it.each(jobs)('every formula of a %s gives its own result with its own numbers', (_name, job) => {
    const engine = engineOfJob(job)
    let steps = 0
    for (const point of [...engine.points, ...[0.1, 0.2, 0.3, 0.7].map((s) => engine.pointAt(s, 'running'))])
      for (const id of WORKING_IDS)
        for (const step of fuelWorking(designOf(job), engine, point, id).steps) {
          steps++
          const value = evaluateStep(step)
          expect({
            step: step.meaning,
            close: Math.abs(value - step.result) <= 2e-6 * Math.abs(step.result) + 1e-12,
          }).toEqual({ step: step.meaning, close: true })
          expect(step.source.length).toBeGreaterThan(3)
        }
    expect(steps).toBeGreaterThan(100)
  })

  it('the last step of the rail working is the solved rail pressure', () => {
    const job = soundJob(single)
    const engine = engineOfJob(job)
    const { steps } = fuelWorking(designOf(job), engine, engine.points[3]!, 'rail')
    expect(steps.at(-1)!.symbol).toBe('p_rail')
    expect(steps.at(-1)!.result).toBeGreaterThan(250e3)
  })

  it('module, old line and the last tenth of the fuel are told where they are known', () => {
    const job = measuredTank()
    const engine = engineOfJob(job)
    const symbols = (id: (typeof WORKING_IDS)[number]) =>
      fuelWorking(designOf(job), engine, engine.points[3]!, id).steps.map((s) => s.symbol)
    expect([symbols('module').at(-1), symbols('old-line'), symbols('tank-heat').at(-1)]).toEqual(['s', ['p'], 'T'])
    // Three legs, each with velocity, Reynolds number, friction and loss.
    expect(symbols('feed').filter((s) => s === 'dp')).toHaveLength(3)
  })

  it('is empty where a figure does not exist', () => {
    const job = soundJob({ pump: null })
    const engine = engineOfJob(job)
    expect(fuelWorking(designOf(job), engine, engine.points[0]!, 'pump').steps).toEqual([])
  })
})
