import { emptyJob, STATION_LIST } from '@lochmoor/core'
import { exhaustJob } from '../../test/exhaustBench.tsx'
import { catalogue, shortJob, soundJob } from '../../test/jobs.ts'
import { headlineOf } from './headline.tsx'

const JOBS = [emptyJob('Empty'), soundJob(), shortJob(), exhaustJob()]

describe('the headline of a bench', () => {
  it.each(STATION_LIST.map((s) => [s.id, s] as const))(
    '%s: says the same as the rail and the board',
    (_id, station) => {
      for (const job of JOBS) {
        const assessment = station.assess(job, catalogue)
        for (const remedies of [{ kind: 'looking' }, { kind: 'found', remedies: new Map() }] as const) {
          const { state, says } = headlineOf(assessment, remedies)
          expect([state, says.length > 5]).toEqual([assessment.state, true])
        }
      }
    },
  )
  it('names the least change that cures the worst, once it is found', () => {
    const station = STATION_LIST.find((s) => s.id === 'fuel')!
    const assessment = station.assess(shortJob(), catalogue)
    const remedy = { id: 'pump', label: ['Another pump'], becomes: null, change: {} }
    const remedies = new Map([[assessment.verdicts[0]!.id, [remedy]]])
    expect(JSON.stringify(headlineOf(assessment, { kind: 'found', remedies }).next)).toContain('Another pump')
    expect(JSON.stringify(headlineOf(assessment, { kind: 'looking' }).next)).toContain('see the assessment')
  })
})
