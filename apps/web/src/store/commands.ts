import { JOB_SCHEMA_VERSION } from '@lochmoor/contract'
import {
  fuelLoopOf,
  JOB,
  mergeThree,
  valueAt,
  withChange,
  withValueAt,
  type ExhaustSection,
  type FuelLoop,
  type FuelSection,
  type JobChange,
  type JobDocument,
  type LineDesign,
  type LineLeg,
  type LineName,
  type SystemSection,
  type VehicleSection,
  type WorkSection,
} from '@lochmoor/core'
import { afterCommit, afterRedo, afterUndo, changedSections, useJobStore, type JobState } from './jobStore.ts'
import { heldSinceMs } from './heldPress.ts'
import { newId } from './newId.ts'
import { outbox } from './outbox.ts'
import { crossAgain, crossBack } from './records.ts'
import { send, sendNow, sendSoon } from './sending.ts'
import { personNow } from './sessionStore.ts'
import { atOnce, shownNow } from './shownJob.ts'

/**
 * The one door for changes. A command says whether it can run; with `commit` it runs. Keys, buttons and their disabled
 * states all use the same command.
 */
export interface Command {
  readonly label: string
  can(job: JobDocument): boolean
  apply(job: JobDocument): JobDocument
  /** Consecutive runs with the same label become one step of undo: those in quick succession, and all of one drag. */
  readonly merges?: boolean
  /** Puts something there whatever stands elsewhere: nothing of it was made from the job as it was. */
  readonly standsAlone?: boolean
}

const always = () => true

/** A value that stands for itself, whatever else the job holds. */
const isPlain = (value: unknown): boolean => typeof value !== 'object' || value === null

export const setVehicle = (change: Partial<VehicleSection>, label: string, merges = true): Command => ({
  label,
  merges,
  standsAlone: Object.values(change).every(isPlain),
  can: always,
  apply: (job) => ({ ...job, vehicle: { ...job.vehicle, ...change } }),
})

export const setFuel = (change: Partial<FuelSection>, label: string, merges = true): Command => ({
  label,
  merges,
  standsAlone: Object.values(change).every(isPlain),
  can: always,
  apply: (job) => ({ ...job, fuel: { ...job.fuel, ...change } }),
})

export const setExhaust = (change: Partial<ExhaustSection>, label: string, merges = true): Command => ({
  label,
  merges,
  standsAlone: Object.values(change).every(isPlain),
  can: always,
  apply: (job) => ({ ...job, exhaust: { ...job.exhaust, ...change } }),
})

export const setSystem = (change: Partial<SystemSection>, label: string, merges = true): Command => ({
  label,
  merges,
  standsAlone: Object.values(change).every(isPlain),
  can: always,
  apply: (job) => ({ ...job, system: { ...job.system, ...change } }),
})

export const setWork = (change: Partial<WorkSection>, label: string, merges = false): Command => ({
  label,
  merges,
  standsAlone: Object.values(change).every(isPlain),
  can: always,
  apply: (job) => ({ ...job, work: { ...job.work, ...change } }),
})

/** A change of several sections at once, as a remedy is one. */
export const applyChange = (change: JobChange, label: string): Command => ({
  label,
  merges: false,
  can: always,
  apply: (job) => withChange(job, change),
})

/** One entry of the document by its path; a path that leads nowhere, as an old log book may hold, changes nothing. */
export const setAt = (path: string, value: unknown, label: string): Command => ({
  label,
  merges: true,
  standsAlone: isPlain(value),
  can: (job) => valueAt(job, path) !== undefined,
  apply: (job) => withValueAt(job, path, value),
})

/** A whole section as it once was. */
export const putBack = <S extends keyof JobDocument>(section: S, value: JobDocument[S], label: string): Command => ({
  label,
  can: always,
  apply: (job) => ({ ...job, [section]: value }),
})

export const setLine = (which: LineName, change: Partial<LineDesign>, label: string): Command => ({
  label,
  merges: true,
  standsAlone: Object.values(change).every(isPlain),
  can: always,
  apply: (job) => ({ ...job, fuel: { ...job.fuel, [which]: { ...job.fuel[which], ...change } } }),
})

/** One leg of a line; the others stay. */
export const setLeg = (which: LineName, id: string, change: Partial<LineLeg>, label: string): Command => ({
  label,
  merges: true,
  standsAlone: Object.values(change).every(isPlain),
  can: (job) => job.fuel[which].legs.some((leg) => leg.id === id),
  apply: (job) => {
    const line = job.fuel[which]
    const legs = line.legs.map((leg) => (leg.id === id ? { ...leg, ...change } : leg))
    return { ...job, fuel: { ...job.fuel, [which]: { ...line, legs } } }
  },
})

/** All legs of a line: one more, one less, or in another order. */
export const setLegs = (which: LineName, legs: readonly LineLeg[], label: string): Command => ({
  label,
  can: always,
  apply: (job) => ({ ...job, fuel: { ...job.fuel, [which]: { ...job.fuel[which], legs } } }),
})

/** The other kind of system keeps what fits it: the regulator goes, being made for one kind, and the filter moves. */
export const setSystemType = (systemType: FuelLoop | null): Command => ({
  label: 'system type',
  can: (job) => job.fuel.systemType !== systemType,
  apply: (job) => {
    const next = { ...job, fuel: { ...job.fuel, systemType } }
    const loop = fuelLoopOf(next)
    const { regulator, filterPosition, referenced } = job.fuel
    return {
      ...next,
      fuel: {
        ...next.fuel,
        regulator: regulator?.type === loop ? regulator : null,
        filterPosition: loop === 'return' ? 'before-regulator' : filterPosition,
        referenced: loop === 'return' && referenced,
      },
    }
  },
})

const MERGE_WITHIN_MS = 1200
let lastRun = { label: '', atMs: 0 }

/** Whether the last run was within the same drag: however long somebody pauses in it, it is one. */
const isSameDrag = (): boolean => {
  const sinceMs = heldSinceMs()
  return sinceMs !== null && sinceMs <= lastRun.atMs
}

/** Puts every section that differs from what the server has into the outbox. */
const keep = (before: JobState, after: JobState): void => {
  const { acknowledged, document, jobId } = after
  const personId = personNow()
  if (!before.document || !document || !jobId || !personId) return
  for (const section of changedSections(before.document, document)) {
    const waiting = outbox.section(personId, jobId, section)
    const base = acknowledged[section]
    const value = document[section]
    outbox.put({
      key: waiting?.key ?? newId(),
      kind: 'section',
      schemaVersion: JOB_SCHEMA_VERSION,
      personId,
      jobId,
      section,
      seq: waiting?.seq ?? outbox.nextSeq(),
      baseVersion: waiting?.baseVersion ?? base.version,
      baseValue: waiting?.baseValue ?? base.value,
      unanswered: waiting?.unanswered ?? [],
      conflict: waiting?.conflict
        ? {
            ...waiting.conflict,
            ...mergeThree<unknown>(JOB.fields[section], waiting.baseValue, value, waiting.conflict.theirs),
          }
        : null,
      value,
    })
  }
  sendSoon()
}

/** Where nobody sits, or a guest, nothing is changed: it could not be kept. */
const move = (next: (state: JobState) => JobState): boolean => {
  if (personNow() === null) return false
  const before = useJobStore.getState()
  const after = next(before)
  if (after === before) return false
  useJobStore.setState(after, true)
  keep(before, after)
  return true
}

/**
 * The job with a command done to it. What was clicked was made from the job as it was shown: where something has been
 * typed since, both are joined, so that no key is lost.
 */
const changed = (job: JobDocument, command: Command): JobDocument => {
  const shown = shownNow()
  if (shown === null || shown === job || command.standsAlone) return command.apply(job)
  const next = command.apply(shown)
  return {
    ...job,
    ...Object.fromEntries(
      changedSections(shown, next).map((s) => [
        s,
        mergeThree<unknown>(JOB.fields[s], shown[s], next[s], job[s]).merged,
      ]),
    ),
  }
}

/** Runs a command on the open job; returns whether it ran. Guests change nothing. */
export const run = (command: Command): boolean => {
  const state = useJobStore.getState()
  if (!state.document || personNow() === null || !command.can(state.document)) return false
  const atMs = performance.now()
  const merge =
    command.merges === true &&
    lastRun.label === command.label &&
    (atMs - lastRun.atMs < MERGE_WITHIN_MS || isSameDrag())
  lastRun = { label: command.label, atMs }
  const next = changed(state.document, command)
  const go = () => void move((s) => afterCommit(s, next, command.label, merge))
  // What was made from the job as it is shown must not wait: the next change would be made without it.
  if (command.standsAlone) go()
  else atOnce(go)
  return true
}

export const undo = (): void => {
  lastRun = { label: '', atMs: 0 }
  const step = useJobStore.getState().past.at(-1)
  if (move(afterUndo) && step) crossBack(step)
}

export const redo = (): void => {
  lastRun = { label: '', atMs: 0 }
  const step = useJobStore.getState().future.at(-1)
  if (move(afterRedo) && step) crossAgain(step)
}

/** Sends what waits when the connection is back, and before the page is hidden. */
export const watchConnection = (): (() => void) => {
  const onHidden = () => {
    if (document.visibilityState === 'hidden') void send()
  }
  addEventListener('online', sendNow)
  document.addEventListener('visibilitychange', onHidden)
  return () => {
    removeEventListener('online', sendNow)
    document.removeEventListener('visibilitychange', onHidden)
  }
}
