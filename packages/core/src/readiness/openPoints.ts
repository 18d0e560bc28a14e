import { emptyJob, type JobDocument } from '../job/index.ts'
import type { Catalogue } from '../parts/index.ts'
import type { Station } from '../sections/index.ts'
import { STATION_LIST, type Assess } from '../stations/index.ts'
import { repairsFirst, type RepairFirst } from '../stations/walk-around/index.ts'
import { kindOf, type Verdict } from '../verdict/index.ts'

/** A verdict that does not stand, with where it is shown. */
export interface OpenVerdict {
  readonly station: Station
  /** Tab of the station that shows it. */
  readonly tab: string
  readonly verdict: Verdict
}

/** What of a job speaks against building on it now. */
export interface OpenPoints {
  readonly repairs: readonly RepairFirst[]
  /** Every station's, worst first within each, in the order of the work; sound ones are left out. */
  readonly verdicts: readonly OpenVerdict[]
  /** Stations where nobody has entered anything. */
  readonly notBegun: readonly Station[]
}

/** Open repairs, and verdicts of every station beside those that are the repairs themselves. */
export const openPointsOf = (
  job: JobDocument,
  catalogue: Catalogue,
  assess: Assess = (station, j, c) => station.assess(j, c),
): OpenPoints => {
  const empty = emptyJob(job.vehicle.title)
  const repairs = repairsFirst(job)
  const isRepair = (station: Station, id: string) => station === 'walkAround' && repairs.some((r) => r.testId === id)
  const begun = STATION_LIST.filter((s) => !s.untouched(job, empty))
  return {
    repairs,
    verdicts: begun.flatMap((s) =>
      assess(s, job, catalogue)
        .verdicts.filter((v) => v.state !== 'ok' && !isRepair(s.id, v.id))
        .map((verdict) => ({
          station: s.id,
          tab: s.tabs.find((t) => t.judges?.includes(kindOf(verdict)))?.path ?? '',
          verdict,
        })),
    ),
    notBegun: STATION_LIST.filter((s) => !begun.includes(s)).map((s) => s.id),
  }
}
