import { emptyJob, type JobDocument } from '../../job/index.ts'
import { sentenceText } from '../../verdict/index.ts'
import { assessFuel } from './assessFuel.ts'
import { soundJob } from './test/jobs.ts'

const withVehicle = (job: JobDocument, vehicle: Partial<JobDocument['vehicle']>): JobDocument => ({
  ...job,
  vehicle: { ...job.vehicle, ...vehicle },
})
const empty = emptyJob('Fellside pickup')
const unmeasured = { powerW: null, powerSpeedRpm: null, displacementM3: null }

describe('an assumed figure is nobody’s mistake', () => {
  it.each<[string, JobDocument]>([
    ['nothing entered', empty],
    ['a power the assumed speed cannot be right for', withVehicle(empty, { powerW: 250e3 })],
    ['a small engine and nothing else', withVehicle(empty, { displacementM3: 0.8e-3 })],
    ['a slow engine and nothing else', withVehicle(empty, { powerSpeedRpm: 2500 })],
  ])('%s: the first thing to do is to choose a pump', (_what, job) => {
    const { verdicts } = assessFuel(job)
    expect(verdicts[0]).toMatchObject({ title: 'Fuel circuit incomplete', state: 'unknown' })
    expect(sentenceText(verdicts[0]!.reason, {})).toBe('Choose a pump.')
    expect(verdicts.filter((v) => v.state === 'caution' || v.state === 'stop')).toEqual([])
  })

  const demandOf = (job: JobDocument) => assessFuel(job).verdicts.find((v) => v.id === 'demand')!
  it.each<[string, Partial<JobDocument['vehicle']>, string]>([
    ['power', { powerW: null, displacementM3: 6e-3, powerSpeedRpm: 2000 }, 'Enter the target power'],
    ['speed', { powerW: 300e3, displacementM3: 1e-3, powerSpeedRpm: null }, 'Enter the speed at that power'],
    ['displacement', { powerW: 300e3, displacementM3: null, powerSpeedRpm: 3000 }, 'Enter the displacement'],
  ])('where fuel by power and by air differ and the %s is assumed, it is asked for', (_what, vehicle, next) => {
    const job = withVehicle(soundJob(), { ...unmeasured, ...vehicle })
    const measured = { ...job, walkAround: { ...job.walkAround, engine: { ...job.walkAround.engine, boreM: null } } }
    const demand = demandOf(measured)
    expect(demand.state).toBe('unknown')
    expect(sentenceText(demand.next!, {})).toBe(next)
    expect(sentenceText(demand.reason, {})).toContain('it is assumed so far')
  })
  it('where all of them were entered and still differ, one of them is to be checked', () => {
    const demand = demandOf(withVehicle(soundJob(), { powerW: 300e3, powerSpeedRpm: 3000, displacementM3: 1e-3 }))
    expect(demand.state).toBe('caution')
    expect(sentenceText(demand.reason, {})).toContain('Check displacement, speed, boost')
  })
})
