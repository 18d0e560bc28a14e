import { type JobDocument } from '../../job/index.ts'
import { meetingOf } from '../../figures/index.ts'
import { valueAt } from '../../shape/index.ts'
import { testsFor } from './fitness/index.ts'
import { isRelevant, WALK_GROUPS } from '../../meaning/index.ts'
import type { WalkEntry } from '../../meaning/index.ts'

/** Whether something was entered there. */
export const isKnown = (entry: WalkEntry, job: JobDocument): boolean => {
  const value = valueAt(job, entry.path)
  if (Array.isArray(value)) return value.some((v) => v !== null)
  if (value === '') return false
  return value !== null && value !== undefined
}

/** Entries that another entry makes needless: displacement by bore and stroke, compression by leak-down, both ways. */
const answeredElsewhere = (entry: WalkEntry, job: JobDocument): boolean => {
  const { tests, engine } = job.walkAround
  switch (entry.path) {
    case 'vehicle.displacementM3':
      return engine.boreM !== null && engine.strokeM !== null
    case 'walkAround.engine.boreM':
    case 'walkAround.engine.strokeM':
      return job.vehicle.displacementM3 !== null
    case 'walkAround.tests.compressionPa':
      return tests.leakDownShare.some((v) => v !== null)
    case 'walkAround.tests.leakDownShare':
      return tests.compressionPa.some((v) => v !== null)
    case 'walkAround.tests.exhaustLeak':
      return meetingOf(job, 'walkAround.tests.exhaustLeak') !== null
    default:
      return false
  }
}

/** Everything that can be entered at this station for this car, in the order of the walk. */
export const entriesFor = (job: JobDocument): WalkEntry[] =>
  [...WALK_GROUPS.flatMap((g) => g.entries), ...testsFor(job).flatMap((t) => t.entries)].filter((e) =>
    isRelevant(e, job),
  )

/** Facts of the owner are nobody's to measure, and there may be nothing in the way. */
const isAsked = (e: WalkEntry): boolean =>
  e.kind !== 'fact' &&
  e.path !== 'facts.odometerM' &&
  e.path !== 'facts.onPapers' &&
  !e.path.startsWith('walkAround.reach.')

/** What is not known yet, what most waits for first; equal need keeps the order of the walk. */
export const stillToMeasure = (job: JobDocument): WalkEntry[] =>
  entriesFor(job)
    .filter((e) => isAsked(e) && !isKnown(e, job) && !answeredElsewhere(e, job))
    .sort((a, b) => b.need - a.need)
