import { NO_PARTS } from '../parts/test/noParts.ts'
import { emptyJob } from '../job/index.ts'
import { STATIONS } from '../sections/index.ts'
import { arbWalkedJob } from './walk-around/test/randomWalk.ts'
import { soundExhaust } from './exhaust/test/exhausts.ts'
import { soundJob } from './fuel/test/jobs.ts'
import fc from 'fast-check'
import { headAt, headOf, STATION_HEADS } from './heads.ts'
import { PARTS_HELD, STATION_LIST, stationAt, stationOf } from './registry.ts'
import { PHASES } from './station.ts'

const only = <T>(list: readonly T[]) => expect(new Set(list).size).toBe(list.length)
const JOBS = [emptyJob('Empty'), soundJob(), soundExhaust()]

describe('the registry of stations', () => {
  it('has every station of the document once, in the order of the work', () => {
    expect(STATION_LIST.map((s) => s.id)).toEqual([...STATIONS])
    const phases = STATION_LIST.map((s) => PHASES.indexOf(s.phase))
    expect(phases).toEqual([...phases].sort((a, b) => a - b))
    for (const s of STATION_LIST) expect([stationOf(s.id), stationAt(s.path)]).toEqual([s, s])
    expect(stationAt('nowhere')).toBeNull()
  })
  it('goes by the heads that the board and addresses know', () => {
    expect(STATION_LIST.map((s) => s.id)).toEqual(STATION_HEADS.map((s) => s.id))
    for (const head of STATION_HEADS) {
      expect(stationOf(head.id)).toMatchObject(head)
      expect([headOf(head.id), headAt(head.path)]).toEqual([head, head])
    }
    expect(headAt('nowhere')).toBeNull()
  })
  it('no two share an address, a key or a name', () => {
    only(STATION_LIST.map((s) => s.path))
    only([...STATION_LIST.map((s) => s.key), 'l', 'h'])
    only(STATION_LIST.map((s) => s.title))
    only(STATION_LIST.map((s) => s.short))
    for (const s of STATION_LIST) expect(s.key).toMatch(/^[a-z]$/)
  })
  it.each(STATION_LIST.map((s) => [s.id, s] as const))(
    '%s: its tabs have addresses of their own, the first none',
    (_id, s) => {
      only(s.tabs.map((t) => t.path))
      expect([s.tabs[0]!.path, s.tabs[0]!.judges]).toEqual(['', null])
      expect(s.sections.length).toBeGreaterThan(0)
    },
  )
  it.each(STATION_LIST.map((s) => [s.id, s] as const))(
    '%s: begun by nobody in an empty job, and says what to do there',
    (_id, s) => {
      const job = emptyJob('x')
      expect(s.untouched(job, emptyJob('x'))).toBe(true)
      const { state, action } = s.assess(job, NO_PARTS)
      expect([state, typeof action]).toEqual(['unknown', 'string'])
    },
  )
  it.each(STATION_LIST.map((s) => [s.id, s] as const))(
    '%s: its state is the worst of its verdicts; ids tell them apart',
    (_id, s) => {
      for (const job of JOBS) {
        const { state, verdicts, assumptions } = s.assess(job, NO_PARTS)
        only(verdicts.map((v) => v.id))
        if (verdicts.some((v) => v.state === 'stop')) expect(state).toBe('stop')
        if (state === 'stop') expect(verdicts.some((v) => v.state === 'stop')).toBe(true)
        for (const a of assumptions) expect(Number.isFinite(a.si)).toBe(true)
        for (const line of s.parts?.(job) ?? []) expect(line.name).not.toMatch(/NaN|undefined/)
      }
    },
  )
  it.each(STATION_LIST.map((s) => [s.id, s] as const))(
    '%s: a verdict points to no working that it has not',
    (_id, s) => {
      for (const job of JOBS)
        for (const v of s.assess(job, NO_PARTS).verdicts)
          for (const id of v.workings) expect([v.id, s.workings.includes(id)]).toEqual([v.id, true])
      for (const caution of s.cautions(soundJob())) expect(caution).toMatch(/^[A-Z].{8,}\.$/)
    },
  )
  it('judges whatever was measured, without a fault and without asking for nothing', () => {
    fc.assert(
      fc.property(arbWalkedJob, (job) => {
        for (const s of STATION_LIST) {
          const { state, action } = s.assess(job, NO_PARTS)
          expect([s.id, state === 'stop' && action === null && s.id !== 'walkAround']).toEqual([s.id, false])
        }
      }),
      { seed: 3, numRuns: 60 },
    )
  })
  it('every kind of part that a job keeps stands in the NO_PARTS', () => {
    for (const { kind } of PARTS_HELD) expect(Object.keys(NO_PARTS)).toContain(kind)
    expect(new Set(PARTS_HELD.map((p) => p.section))).toEqual(new Set(['system', 'fuel', 'exhaust']))
  })
})
