import { STATION_LIST, withValueAt, type JobDocument } from '@lochmoor/core'
import { catalogue, soundJob } from '../test/jobs.ts'
import { exhaustJob } from '../test/exhaustBench.tsx'
import { assessmentOf } from './assessments.ts'
import { engineNow } from './engineNow.ts'
import { readinessNow } from './judgeInSlices.ts'
import { useCatalogue } from './catalogueStore.ts'

/** How often each station is assessed while this is done. */
const counted = (work: () => void): Record<string, number> => {
  const spies = STATION_LIST.map((s) => [s.id, jest.spyOn(s, 'assess')] as const)
  work()
  const times = Object.fromEntries(spies.map(([id, spy]) => [id, spy.mock.calls.length]))
  for (const [, spy] of spies) spy.mockRestore()
  return times
}
/** What a page asks for when it is drawn: rail, headline, tabs, sheet, engine. */
const drawn = (job: JobDocument) => {
  readinessNow(job, catalogue)
  for (const station of STATION_LIST) assessmentOf(station, job, catalogue)
  engineNow(job)
  for (const station of STATION_LIST) assessmentOf(station, job, catalogue)
  readinessNow(job, catalogue)
}

describe('one assessment a change', () => {
  beforeAll(() => useCatalogue.setState({ catalogue }))
  it('serves readiness, rail, headline, tabs and sheets', () => {
    const job = { ...soundJob(), exhaust: exhaustJob().exhaust }
    expect(counted(() => drawn(job))).toEqual({
      walkAround: 1,
      system: 1,
      fuel: 1,
      exhaust: 1,
      engineTop: 1,
      power: 1,
      harness: 1,
    })
    expect(counted(() => drawn(job))).toEqual({
      walkAround: 0,
      system: 0,
      fuel: 0,
      exhaust: 0,
      engineTop: 0,
      power: 0,
      harness: 0,
    })
  })
  it.each([
    [
      'a cable path',
      'exhaust.cablePathM',
      0.91,
      { walkAround: 0, system: 0, fuel: 0, exhaust: 1, engineTop: 0, power: 0, harness: 0 },
    ],
    [
      'a set pressure',
      'fuel.setPressurePa',
      290e3,
      { walkAround: 0, system: 1, fuel: 1, exhaust: 0, engineTop: 0, power: 1, harness: 0 },
    ],
    [
      'who has the job',
      'work.heldBy',
      'paint',
      { walkAround: 0, system: 0, fuel: 0, exhaust: 0, engineTop: 0, power: 0, harness: 0 },
    ],
  ])('%s is judged only where it is looked at', (_name, path, value, times) => {
    const job = { ...soundJob(), exhaust: exhaustJob().exhaust }
    drawn(job)
    expect(counted(() => drawn(withValueAt(job, path, value)))).toEqual(times)
  })
})
