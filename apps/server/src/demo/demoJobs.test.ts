import {
  assessFuel,
  assessSystem,
  assessWalkAround,
  cutListOf,
  emptyJob,
  isWorse,
  type FuelAssessment,
} from '@lochmoor/core'
import { JobDocumentSchema } from '@lochmoor/contract'
import { STOCK_CATALOGUE } from '../catalogue/stock/index.ts'
import { DEMO_JOBS } from './demoJobs.ts'

const jobOf = (title: string) => DEMO_JOBS.find((j) => j.document.vehicle.title === title)!.document
const assess = (title: string): FuelAssessment => assessFuel(jobOf(title), STOCK_CATALOGUE)
const pointOf = (a: FuelAssessment, id: string) => a.solved.find((s) => s.point.id === id)!.answer

describe('demo jobs', () => {
  it('are valid documents', () => {
    for (const { document } of DEMO_JOBS) expect(JobDocumentSchema.parse(document)).toEqual(document)
  })

  it.each([
    ['Aldmoor Curlew GT', 'watch', ['oil-smoke', 'tank-inside'], []],
    ['Hesket Warden saloon', 'fit', [], []],
    [
      'Brindle Carrier van',
      'repair',
      ['battery-resting', 'tank-inside'],
      ['cranking-drops', 'compression', 'exhaust-leak', 'charging'],
    ],
    ['Thornkeld Plover tourer', 'not-tested', [], []],
  ])('%s: walk-around says %s', (title, state, watched, repaired) => {
    const { fitness, state: said } = assessWalkAround(jobOf(title))
    const of = (s: string) => fitness.filter((f) => f.state === s).map((f) => f.test.id)
    expect([said, of('watch'), of('repair')]).toEqual([state, watched, repaired])
  })

  it.each(['Aldmoor Curlew GT', 'Hesket Warden saloon', 'Brindle Carrier van'])('%s: its system suits it', (title) => {
    const { chosen, state } = assessSystem(jobOf(title), STOCK_CATALOGUE)
    expect([state, chosen?.controller]).toEqual(['chosen', expect.anything()])
  })

  it('the grand tourer: the return lifts the rail at idle', () => {
    const a = assess('Aldmoor Curlew GT')
    expect(pointOf(a, 'idle')).toMatchObject({ state: 'lifted', cause: 'return' })
    expect(a.verdicts[0]).toMatchObject({ id: 'not-lifted', state: 'stop', pointId: 'cold-idle' })
    expect(a.verdicts[0]!.remedies.map((r) => r.id)).toEqual(expect.arrayContaining(['return', 'pump']))
  })

  it('the saloon: sound in every respect', () => {
    const a = assess('Hesket Warden saloon')
    expect(a.state).toBe('ok')
    expect(a.solved.map((s) => s.answer.state)).toEqual(Array(11).fill('in-control'))
    expect(a.assumptions).toEqual([])
    expect(cutListOf(jobOf('Hesket Warden saloon'))).toMatchObject({ ok: true })
  })

  it('the van: the pump is enough with the engine charging and short at low voltage', () => {
    const a = assess('Brindle Carrier van')
    expect(pointOf(a, 'full').state).toBe('in-control')
    expect(pointOf(a, 'full-low')).toMatchObject({ state: 'not-held', cause: 'pump' })
    expect(a.verdicts[0]).toMatchObject({ id: 'held', state: 'stop', pointId: 'full-low' })
    expect(a.verdicts[0]!.remedies.map((r) => r.id)).toEqual(expect.arrayContaining(['voltage', 'pump']))
  })

  it.each(['Aldmoor Curlew GT', 'Brindle Carrier van'])('%s: every remedy offered cures it', (title) => {
    const job = jobOf(title)
    const before = assess(title)
    for (const verdict of before.verdicts)
      for (const { change } of verdict.remedies) {
        const after = assessFuel({ ...job, fuel: { ...job.fuel, ...change } }, STOCK_CATALOGUE)
        expect(after.verdicts.find((v) => v.id === verdict.id)?.state).toBe('ok')
        for (const { id, state } of after.verdicts)
          expect(isWorse(state, before.verdicts.find((v) => v.id === id)?.state ?? 'ok')).toBe(false)
      }
  })

  it('a job of which nothing is known asks for a pump and lists what to measure', () => {
    const a = assessFuel(emptyJob('New'), STOCK_CATALOGUE)
    expect(a.verdicts[0]).toMatchObject({ id: 'circuit', state: 'unknown', reason: ['', 'Choose a pump.', ''] })
    expect(a.assumptions.length).toBeGreaterThan(10)
  })
})
