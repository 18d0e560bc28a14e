import { emptyJob, type JobDocument } from '../job/index.ts'
import { type Station } from '../sections/index.ts'
import type { Catalogue } from '../parts/index.ts'
import { STATION_LIST, type Assess, type StationAssessment } from '../stations/index.ts'
import type { StationStage } from './stage.ts'
import type { VerdictState } from '../verdict/index.ts'
import { repairsFirst, type RepairFirst } from '../stations/walk-around/index.ts'

export interface StationReadiness {
  readonly station: Station
  readonly stage: StationStage
  /** What the station's judgement says, in the four states that every screen knows. */
  readonly verdict: VerdictState
}

export interface Readiness {
  readonly stations: readonly StationReadiness[]
  /** Ahead of everything else. */
  readonly repairs: readonly RepairFirst[]
  /** What to do next, computed. */
  readonly nextAction: string
}

const stageOf = (job: JobDocument, station: Station, verdict: VerdictState, untouched: boolean): StationStage => {
  if (job.work.built.includes(station)) return 'built'
  if (untouched) return 'not-begun'
  return verdict === 'unknown' ? 'measuring' : 'judged'
}

/** Repairs first, then what the first station asks for that has something to ask, then what is not built. */
const nextActionOf = (
  job: JobDocument,
  judgements: readonly StationAssessment[],
  repairs: readonly RepairFirst[],
): string => {
  const [repair] = repairs
  if (repair) return `Repair first: ${repair.step}`
  const asked = judgements.find((j) => j.action !== null)
  if (asked) return asked.action!
  const open = STATION_LIST.find((s) => !job.work.built.includes(s.id))
  return open ? `Order and build: ${open.title.toLowerCase()}` : 'All stations built'
}

/**
 * How far a job has come: a pure function of the document and the catalogue. For lists, rails and every station.
 * @param assess one that remembers what it said, where stations are assessed beside
 */
export const readinessOf = (
  job: JobDocument,
  catalogue: Catalogue,
  assess: Assess = (station, j, c) => station.assess(j, c),
): Readiness => {
  const empty = emptyJob(job.vehicle.title)
  const judgements = STATION_LIST.map((s) => assess(s, job, catalogue))
  const stations = STATION_LIST.map((s, i): StationReadiness => {
    const verdict = judgements[i]!.state
    return { station: s.id, stage: stageOf(job, s.id, verdict, s.untouched(job, empty)), verdict }
  })
  const repairs = repairsFirst(job)
  return { stations, repairs, nextAction: nextActionOf(job, judgements, repairs) }
}
