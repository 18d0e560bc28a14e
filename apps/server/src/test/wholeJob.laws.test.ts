import { JobDocumentSchema } from '@lochmoor/contract'
import {
  isWorse,
  partsOfJob,
  remediesOf,
  STATION_LIST,
  withChange,
  withValueAt,
  type JobDocument,
  type Remedy,
  type Verdict,
} from '@lochmoor/core'
import fc from 'fast-check'
import { STOCK_CATALOGUE } from '../catalogue/stock/index.ts'
import { DEMO_JOBS } from '../demo/demoJobs.ts'
import { anyJob } from './anyJob.ts'

const DEMO = DEMO_JOBS.map((j) => j.document)

/** What is held at a place; a list is looked through by the ids of its items. */
const held = (job: JobDocument, field: string): unknown =>
  field.split('.').reduce<unknown>((at, key) => {
    if (typeof at !== 'object' || at === null) return undefined
    return Array.isArray(at) ? at.find((i: { id?: string }) => i.id === key) : (at as Record<string, unknown>)[key]
  }, job)

describe('what is assumed', () => {
  const jobs = [...DEMO, ...fc.sample(anyJob(6), { seed: 25, numRuns: 60 })]
  /** An ECU that was chosen but does not say what it stands: its place is filled, its figure is not. */
  const UNSAID = 'system.controller'
  it('has one value, one name and one reason, whichever station works with it; and nobody has entered it', () => {
    let told = 0
    for (const job of jobs) {
      const first = new Map<string, unknown>()
      for (const station of STATION_LIST)
        for (const { field, label, si, why } of station.assess(job, STOCK_CATALOGUE).assumptions) {
          const said = { field, label, si, why }
          if (first.has(field)) {
            expect([station.id, said]).toEqual([station.id, first.get(field)])
            told++
          }
          first.set(field, said)
          if (field !== UNSAID) expect([station.id, field, held(job, field)]).toEqual([station.id, field, null])
        }
    }
    // Enough of them are told by more than one station for the above to mean something.
    expect(told).toBeGreaterThan(200)
  })
})

describe('a remedy, stored and judged afresh', () => {
  const jobs = [...DEMO, ...fc.sample(anyJob(5), { seed: 15, numRuns: 16 })]
  const offered: { job: JobDocument; station: (typeof STATION_LIST)[number]; verdict: string; remedy: Remedy }[] = []
  beforeAll(() => {
    for (const job of jobs)
      for (const station of STATION_LIST)
        for (const [verdict, remedies] of remediesOf(station, job, STOCK_CATALOGUE))
          for (const remedy of remedies) offered.push({ job, station, verdict, remedy })
  })

  /** Sound now; or fails no more, is open no more, or has more to spare than it had. */
  const isBetter = (was: Verdict, is: Verdict): boolean =>
    is.state === 'ok' ||
    (was.state === 'unknown' && is.state === 'caution') ||
    (was.state === 'stop' && is.state === 'caution') ||
    (was.state === is.state && is.margin !== null && was.margin !== null && is.margin.si > was.margin.si)

  const judged = new Map<JobDocument, ReadonlyMap<string, Verdict>>()
  /** All verdicts of a job, by station and id; nothing is remembered from one job to the next. */
  const judge = (job: JobDocument): ReadonlyMap<string, Verdict> =>
    new Map(
      STATION_LIST.flatMap((s) => s.assess(job, STOCK_CATALOGUE).verdicts.map((v) => [`${s.id} ${v.id}`, v] as const)),
    )
  const before = (job: JobDocument): ReadonlyMap<string, Verdict> => {
    if (!judged.has(job)) judged.set(job, judge(job))
    return judged.get(job)!
  }

  it('there are many, at every station that judges what is built', () => {
    expect(offered.length).toBeGreaterThan(60)
    for (const id of ['fuel', 'exhaust', 'engineTop', 'power', 'harness'])
      expect([id, offered.some((o) => o.station.id === id)]).toEqual([id, true])
  })
  it('can be stored, changes something, and no two of a verdict do the same', () => {
    const seen = new Set<string>()
    for (const { job, station, verdict, remedy } of offered) {
      const next = withChange(job, remedy.change)
      const read = JobDocumentSchema.safeParse(next)
      expect([station.id, verdict, remedy.id, read.error?.issues ?? []]).toEqual([station.id, verdict, remedy.id, []])
      expect(read.data).toEqual(next)
      expect(next).not.toEqual(job)
      const all = [jobs.indexOf(job), station.id, verdict, JSON.stringify(read.data)].join()
      expect([station.id, verdict, remedy.id, seen.has(all)]).toEqual([station.id, verdict, remedy.id, false])
      seen.add(all)
    }
  })
  it('its verdict is better for it, with the figure that was promised; nothing that was judged anywhere is worse', () => {
    for (const { job, station, verdict, remedy } of offered) {
      const [was, is] = [before(job), judge(JobDocumentSchema.parse(withChange(job, remedy.change)))]
      const own = `${station.id} ${verdict}`
      const of = [jobs.indexOf(job), own, remedy.id]
      expect([...of, isBetter(was.get(own)!, is.get(own)!)]).toEqual([...of, true])
      if (remedy.becomes) expect([...of, is.get(own)!.figure]).toEqual([...of, remedy.becomes])
      for (const [id, v] of was)
        if (v.state !== 'unknown' && is.has(id))
          expect([...of, id, isWorse(is.get(id)!.state, v.state)]).toEqual([...of, id, false])
    }
  })
})

describe('a part that is ordered', () => {
  /** Where each list of a job stands, and what is in it. */
  const listsOf = (value: unknown, path: string): [path: string, items: readonly { id: string }[]][] =>
    typeof value !== 'object' || value === null
      ? []
      : Array.isArray(value)
        ? value.length > 0 && (value as unknown[]).every((i) => typeof i === 'object' && i !== null && 'id' in i)
          ? [[path, value as { id: string }[]]]
          : []
        : Object.entries(value).flatMap(([key, v]) => listsOf(v, path === '' ? key : `${path}.${key}`))
  /** What each part is, name and bores, by the id that its order goes by. How many of them there are may change. */
  const partsOf = (job: JobDocument): ReadonlyMap<string, string> =>
    new Map(
      partsOfJob(job).map(({ id, line }) => [
        id,
        [
          line.name,
          ...line.specification.flatMap((s) => (typeof s === 'object' && s.family === 'bore' ? [s.si] : [])),
        ].join(' '),
      ]),
    )
  it('has an id of its own in every job, so that no order is for two', () => {
    for (const job of [...DEMO, ...fc.sample(anyJob(6), { seed: 44, numRuns: 60 })]) {
      const ids = partsOfJob(job).map(({ id }) => id)
      expect(ids).toEqual([...new Set(ids)])
    }
  })
  it('is the same thing when others are taken out of the job', () => {
    let kept = 0
    for (const [n, job] of DEMO.entries()) {
      const all = partsOf(job)
      for (const [path, items] of listsOf(job, ''))
        for (const less of fc.sample(fc.subarray([...items], { maxLength: items.length - 1 }), {
          seed: n,
          numRuns: 4,
        })) {
          const left = partsOf(withValueAt(job, path, less))
          for (const [part, was] of all) {
            if (!left.has(part)) continue
            const where = [job.vehicle.title, path, less.map((i) => i.id), part]
            expect([...where, left.get(part)]).toEqual([...where, was])
            kept++
          }
        }
    }
    expect(kept).toBeGreaterThan(1000)
  })
})
