import fc from 'fast-check'
import { emptyJob, JOB, type JobDocument } from '../job/index.ts'
import { NO_PARTS } from '../parts/test/noParts.ts'
import { leavesOf, valueAt, withValueAt } from '../shape/index.ts'
import { arbValue } from '../shape/test/arbitraries.ts'
import { soundExhaust } from './exhaust/test/exhausts.ts'
import { soundJob } from './fuel/test/jobs.ts'
import { arbWalkedJob } from './walk-around/test/randomWalk.ts'
import { assessor } from './assessor.ts'
import { STATION_LIST } from './registry.ts'

const arbJob = arbValue(JOB) as fc.Arbitrary<JobDocument>
const START = fc.oneof(fc.constant(emptyJob('x')), fc.constant(soundJob()), fc.constant(soundExhaust()), arbWalkedJob)

/** Places where two jobs may differ: entries of sections and of their groups; lists, parts and seats as a whole. */
const places = (job: JobDocument): string[] =>
  leavesOf(JOB)
    .map(([path]) => path.split('.*')[0]!)
    .filter((path, i, all) => all.indexOf(path) === i && valueAt(job, path) !== undefined)

/** The first job on its way to the second: an edit at one place after the other. */
const edits = (from: JobDocument, to: JobDocument): JobDocument[] => {
  const jobs: JobDocument[] = []
  places(from).reduce((job, path) => {
    const value = valueAt(to, path)
    if (value === undefined) return job
    const next = withValueAt(job, path, value)
    jobs.push(next)
    return next
  }, from)
  return jobs
}
const said = (value: unknown): string => JSON.stringify(value)

describe('an assessment that is remembered', () => {
  it('says after any edit what a fresh one says: nothing that a station looks at is left undeclared', () => {
    fc.assert(
      fc.property(START, arbJob, (from, to) => {
        const assess = assessor()
        const all = edits(from, to)
        const step = Math.max(1, Math.floor(all.length / 12))
        for (const [i, job] of [from, ...all].entries()) {
          const now = STATION_LIST.map((s) => assess(s, job, NO_PARTS))
          if (i % step !== 0) continue
          STATION_LIST.forEach((s, k) => {
            const fresh = s.assess(job, NO_PARTS)
            const old = (Object.keys(fresh) as (keyof typeof fresh)[]).filter(
              (key) => said(now[k]![key]) !== said(fresh[key]),
            )
            if (old.length > 0) throw new Error(`${s.id} remembers ${old.join(', ')} that are no longer so`)
          })
        }
      }),
      { seed: 71, numRuns: 5 },
    )
  })
  it('is made again only where something it looks at has changed', () => {
    const counted = STATION_LIST.map((s) => {
      let times = 0
      return { of: { ...s, assess: (j: JobDocument) => (times++, s.assess(j, NO_PARTS)) }, times: () => times }
    })
    const assess = assessor()
    const at = (job: JobDocument) => {
      const before = counted.map((c) => c.times())
      for (const { of } of counted) assess(of, job, NO_PARTS)
      return STATION_LIST.flatMap((s, i) => (counted[i]!.times() > before[i]! ? [s.id] : []))
    }
    const job = soundExhaust()
    expect(at(job)).toEqual(['walkAround', 'system', 'fuel', 'exhaust', 'engineTop', 'power', 'harness'])
    expect(at(job)).toEqual([])
    expect(at(withValueAt(job, 'work.heldBy', 'paint'))).toEqual([])
    const longer = [0.7, 0.8, 0.9].map((m) => withValueAt(job, 'exhaust.cablePathM', m)) as [
      typeof job,
      typeof job,
      typeof job,
    ]
    expect(at(longer[0])).toEqual(['exhaust'])
    // What was shown before that is remembered too; of three the oldest is not.
    expect([at(job), at(longer[0])]).toEqual([[], []])
    expect(at(longer[1])).toEqual(['exhaust'])
    expect(at(longer[2])).toEqual(['exhaust'])
    expect([at(longer[1]), at(longer[2])]).toEqual([[], []])
    expect(at(longer[0])).toEqual(['exhaust'])
    expect(at(withValueAt(job, 'fuel.primeS', 2.5))).toEqual(['system', 'fuel', 'exhaust'])
    expect(at(withValueAt(job, 'fuel.primeS', 2.6))).toEqual(['system', 'fuel'])
    expect(at(withValueAt(job, 'walkAround.cabin.controllerPlace', 'boot'))).toEqual([
      'walkAround',
      'system',
      'fuel',
      'harness',
    ])
  })
})
