import { exhaustState } from '../exhaust/index.ts'
import { fuelState } from '../fuel/index.ts'
import {
  emptyJob,
  isUntouched,
  STATION_WORDS,
  STATIONS,
  type Catalogue,
  type JobDocument,
  type Station,
} from '../job/index.ts'
import { assessSystem } from '../system/index.ts'
import { assessWalkAround, repairsFirst, type RepairFirst } from '../walk-around/index.ts'
import type { VerdictState } from '../verdict/index.ts'

/** How far a station has come. */
export type StationStage = 'not-begun' | 'measuring' | 'judged' | 'built'

export const STAGE_WORDS: Readonly<Record<StationStage, string>> = {
  'not-begun': 'Not begun',
  measuring: 'Measuring',
  judged: 'Judged',
  built: 'Built',
}

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

const WALK_VERDICT = { fit: 'ok', watch: 'caution', repair: 'stop', 'not-tested': 'unknown' } as const
const SYSTEM_VERDICT = { open: 'unknown', chosen: 'ok', doubtful: 'stop' } as const

/** Engine figures that the walk-around gathers outside its own section. */
const engineUntouched = (job: JobDocument): boolean => {
  const { layout, cylinders, displacementM3 } = job.vehicle
  return layout === null && cylinders === null && displacementM3 === null
}

const nextActionOf = (
  job: JobDocument,
  stations: readonly StationReadiness[],
  repairs: readonly RepairFirst[],
): string => {
  const [repair] = repairs
  if (repair) return `Repair first: ${repair.step}`
  const at = (station: Station) => stations.find((s) => s.station === station)!
  const walk = assessWalkAround(job)
  const [missing] = walk.stillToMeasure
  if (at('walkAround').verdict === 'unknown' && missing && missing.need === 3) return `Measure: ${missing.label}`
  const untested = walk.fitness.find((f) => f.state === 'not-tested')
  if (at('walkAround').verdict === 'unknown' && untested) return `Test: ${untested.test.title}`
  if (at('system').verdict === 'unknown') return 'Choose the system'
  if (at('system').verdict === 'stop') return 'Choose the system again: the car has changed under it'
  if (at('fuel').verdict === 'stop') return 'Cure what fails at the fuel station'
  if (at('fuel').verdict === 'unknown') return 'Choose pump, lines and regulator'
  if (at('exhaust').verdict === 'stop') return 'Cure what fails at the exhaust sensor'
  if (at('exhaust').verdict === 'unknown') return 'Measure the exhaust and place its sensor'
  const open = STATIONS.find((s) => !job.work.built.includes(s))
  return open ? `Order and build: ${STATION_WORDS[open].toLowerCase()}` : 'All stations built'
}

/** How far a job has come: a pure function of the document and the catalogue. For lists, rails and every station. */
export const readinessOf = (job: JobDocument, catalogue: Pick<Catalogue, 'controllers' | 'bungs'>): Readiness => {
  const empty = emptyJob(job.vehicle.title)
  const untouched: Readonly<Record<Station, boolean>> = {
    walkAround: isUntouched('walkAround', job, empty) && engineUntouched(job),
    system: isUntouched('system', job, empty),
    fuel: isUntouched('fuel', job, empty),
    exhaust: isUntouched('exhaust', job, empty),
  }
  const verdicts: Readonly<Record<Station, VerdictState>> = {
    walkAround: WALK_VERDICT[assessWalkAround(job).state],
    system: SYSTEM_VERDICT[assessSystem(job, catalogue).state],
    fuel: fuelState(job),
    exhaust: exhaustState(job, catalogue),
  }
  const stations = STATIONS.map((station) => ({
    station,
    stage: stageOf(job, station, verdicts[station], untouched[station]),
    verdict: verdicts[station],
  }))
  const repairs = repairsFirst(job)
  return { stations, repairs, nextAction: nextActionOf(job, stations, repairs) }
}
