import { NO_PARTS } from '../parts/test/noParts.ts'
import fc from 'fast-check'
import { differences } from '../shape/index.ts'
import { arbValue } from '../shape/test/arbitraries.ts'
import { emptyJob, JOB, type JobDocument } from '../job/index.ts'
import { describePath } from '../meaning/index.ts'
import { readinessOf } from '../readiness/index.ts'
import type { Figure, Sentence } from '../verdict/index.ts'
import { STATION_LIST } from './registry.ts'

/** Any document that the schema lets in, without parts: whatever somebody has entered, in whatever order. */
const arbJob = arbValue(JOB) as fc.Arbitrary<JobDocument>

const isFigure = (part: unknown): part is Figure => typeof part === 'object' && part !== null && 'si' in part
/** What a person would stumble over in a sentence. */
const faultsIn = (sentence: Sentence): string[] =>
  sentence.flatMap((part) => {
    if (isFigure(part)) return Number.isFinite(part.si) ? [] : [`a figure that is ${part.si}`]
    return /NaN|Infinity|undefined|\[object/.test(String(part)) ? [String(part)] : []
  })

describe.each(STATION_LIST.map((s) => [s.id, s] as const))('%s on any document', (_id, station) => {
  it('judges it without a fault, and says only what can be read', () => {
    fc.assert(
      fc.property(arbJob, (job) => {
        const { verdicts, assumptions, action } = station.assess(job, NO_PARTS)
        for (const v of verdicts) expect([v.id, faultsIn(v.reason), faultsIn([v.title])]).toEqual([v.id, [], []])
        for (const a of assumptions) expect([a.field, Number.isFinite(a.si)]).toEqual([a.field, true])
        expect(action ?? '').not.toMatch(/NaN|undefined/)
      }),
      { seed: 21, numRuns: 60 },
    )
  })
  it('lists its parts without a fault', () => {
    fc.assert(
      fc.property(arbJob, (job) => {
        for (const line of station.parts?.(job) ?? [])
          expect([
            line.id,
            faultsIn([line.quantity, line.name, line.what, line.why]),
            faultsIn(line.specification),
          ]).toEqual([line.id, [], []])
      }),
      { seed: 22, numRuns: 60 },
    )
  })
  it('says the same of the same document, and changes nothing of it', () => {
    fc.assert(
      fc.property(arbJob, (job) => {
        const before = JSON.stringify(job)
        const said = JSON.stringify(station.assess(job, NO_PARTS))
        expect(JSON.stringify(station.assess(JSON.parse(before) as JobDocument, NO_PARTS))).toBe(said)
        expect(JSON.stringify(job)).toBe(before)
      }),
      { seed: 23, numRuns: 20 },
    )
  })
})

describe('a whole job, whatever was entered', () => {
  it('has a next action, and no station is begun by nobody', () => {
    fc.assert(
      fc.property(arbJob, (job) => {
        const ready = readinessOf(job, NO_PARTS)
        expect(ready.nextAction.length).toBeGreaterThan(3)
        expect(ready.stations.map((s) => s.station)).toEqual(STATION_LIST.map((s) => s.id))
        for (const s of ready.stations)
          if (job.work.built.includes(s.station)) expect([s.station, s.stage]).toEqual([s.station, 'built'])
      }),
      { seed: 24, numRuns: 60 },
    )
  })
  it('every difference between two of them has a name that is no path', () => {
    fc.assert(
      fc.property(arbJob, (job) => {
        for (const { path } of differences(JOB, emptyJob('x'), job)) {
          expect([path, describePath(path, job).label === path]).toEqual([path, false])
        }
      }),
      { seed: 25, numRuns: 40 },
    )
  })
})
