import type { FuelChange, JobDocument, LineDesign, VehicleSection } from '@lochmoor/core'
import { afterCommit, afterRedo, afterUndo, useJobStore } from './jobStore.ts'
import { keepAndSend, sendNow } from './saving.ts'

/**
 * The one door for changes. A command says whether it can run; with `commit` it runs. Keys, buttons and their disabled
 * states all use the same command.
 */
export interface Command {
  readonly label: string
  can(job: JobDocument): boolean
  apply(job: JobDocument): JobDocument
  /** Consecutive runs with the same label become one step of undo. */
  readonly merges?: boolean
}

export const setVehicle = (change: Partial<VehicleSection>, label: string, merges = true): Command => ({
  label,
  merges,
  can: () => true,
  apply: (job) => ({ ...job, vehicle: { ...job.vehicle, ...change } }),
})

export const setFuel = (change: FuelChange, label: string, merges = true): Command => ({
  label,
  merges,
  can: () => true,
  apply: (job) => ({ ...job, fuel: { ...job.fuel, ...change } }),
})

export const setLine = (which: 'feed' | 'return', change: Partial<LineDesign>, label: string): Command => ({
  label,
  merges: true,
  can: () => true,
  apply: (job) => ({ ...job, fuel: { ...job.fuel, [which]: { ...job.fuel[which], ...change } } }),
})

/** The other kind of system keeps what fits it: the regulator goes, being made for one kind, and the filter moves. */
export const setSystemType = (systemType: 'return' | 'single-line'): Command => ({
  label: 'kind of system',
  can: (job) => job.fuel.systemType !== systemType,
  apply: (job) => ({
    ...job,
    fuel: {
      ...job.fuel,
      systemType,
      regulator: job.fuel.regulator?.type === systemType ? job.fuel.regulator : null,
      filterPosition: systemType === 'return' ? 'before-regulator' : job.fuel.filterPosition,
      referenced: systemType === 'return' && job.fuel.referenced,
    },
  }),
})

const MERGE_WITHIN_MS = 1200
let lastRun = { label: '', atMs: 0 }

/** Runs a command on the open job; returns whether it ran. */
export const run = (command: Command): boolean => {
  const state = useJobStore.getState()
  if (!state.document || !command.can(state.document)) return false
  const atMs = performance.now()
  const merge = command.merges === true && lastRun.label === command.label && atMs - lastRun.atMs < MERGE_WITHIN_MS
  lastRun = { label: command.label, atMs }
  useJobStore.setState(afterCommit(state, command.apply(state.document), command.label, merge), true)
  keepAndSend()
  return true
}

export const undo = (): void => {
  lastRun = { label: '', atMs: 0 }
  useJobStore.setState(afterUndo(useJobStore.getState()), true)
  keepAndSend()
}

export const redo = (): void => {
  lastRun = { label: '', atMs: 0 }
  useJobStore.setState(afterRedo(useJobStore.getState()), true)
  keepAndSend()
}

/** Sends what waits when the connection is back. */
export const watchConnection = (): (() => void) => {
  const onHidden = () => {
    if (document.visibilityState === 'hidden') sendNow()
  }
  addEventListener('online', sendNow)
  document.addEventListener('visibilitychange', onHidden)
  return () => {
    removeEventListener('online', sendNow)
    document.removeEventListener('visibilitychange', onHidden)
  }
}
