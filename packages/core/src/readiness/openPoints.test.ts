import { emptyJob } from '../job/index.ts'
import { STATION_LIST } from '../stations/index.ts'
import { catalogue, soundJob } from '../stations/fuel/test/jobs.ts'
import { openPointsOf } from './openPoints.ts'

describe('what speaks against building now', () => {
  it('an empty job: no repair, no verdict, and no station begun', () =>
    expect(openPointsOf(emptyJob('x'), catalogue)).toEqual({
      repairs: [],
      verdicts: [],
      notBegun: STATION_LIST.map((s) => s.id),
    }))
  it('has the open verdicts of every begun station with the tab that shows each, and none that stands', () => {
    const sound = soundJob({ pump: catalogue.pumps[0]! })
    const job = {
      ...sound,
      walkAround: { ...sound.walkAround, tests: { ...sound.walkAround.tests, compressionPa: [1.2e6, 1.2e6, 0.3e6, 1.2e6, 1.2e6, 1.2e6] } }, // prettier-ignore
      system: { ...sound.system, reason: 'cheap' },
    }
    const { repairs, verdicts, notBegun } = openPointsOf(job, catalogue)
    expect(repairs.map((r) => r.testId)).toEqual(['compression'])
    const begun = new Set(['walkAround', 'system', 'fuel'])
    expect(notBegun).toEqual(STATION_LIST.map((s) => s.id as string).filter((id) => !begun.has(id)))
    const all = STATION_LIST.filter((s) => begun.has(s.id)).flatMap((s) =>
      s
        .assess(job, catalogue)
        .verdicts.filter((v) => v.state !== 'ok')
        .map((v) => `${s.id} ${v.id}`),
    )
    expect(all).toContain('walkAround compression')
    expect(verdicts.map((v) => `${v.station} ${v.verdict.id}`)).toEqual(
      all.filter((v) => v !== 'walkAround compression'),
    )
    const held = verdicts.find((v) => v.verdict.id === 'held')!
    expect([held.station, held.tab, held.verdict.state]).toEqual(['fuel', 'choose', 'stop'])
    for (const { station, tab } of verdicts)
      expect(STATION_LIST.find((s) => s.id === station)!.tabs.map((t) => t.path)).toContain(tab)
  })
})
