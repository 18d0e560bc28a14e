import type { JobDocument, Proof, ProofTask } from '@lochmoor/core'
import { useEffect, useMemo, useRef } from 'react'
import { useWork, type Work } from '../../bench/background/useWork.ts'
import type { Looms, LoomTask } from './loomWork.ts'

const makeLoomWorker = () => new Worker(new URL('./loomWorker.ts', import.meta.url), { type: 'module' })
const makeProofWorker = () => new Worker(new URL('./proofWorker.ts', import.meta.url), { type: 'module' })

/** Rounds of improving; on demo cars nothing is found after the ninth. */
const ROUNDS = 10
/** Very large looms end here, ms. */
const MOST_MS = 20_000
/** A change waits so long for the next one. */
const QUIET_MS = 250

export interface FoundLooms {
  readonly looms: Looms | null
  readonly running: boolean
  readonly share: number
  readonly failed: string | null
}

/** What a loom follows from: the accepted one and what is only entered of a lead are no part of it. */
const seedOf = (job: JobDocument): string =>
  JSON.stringify([{ ...job.harness, loom: null }, job.system, job.power, job.vehicle, job.fuel, job.walkAround])

/** The looms that are offered for a job, found beside the page while a tab shows them; each change begins anew. */
export const useLooms = (job: JobDocument, shown: boolean): FoundLooms => {
  const { state, start, cancel } = useWork<LoomTask, Looms>(makeLoomWorker)
  const seed = useMemo(() => seedOf(job), [job])
  /** The first search waits for nothing. */
  const begun = useRef(false)
  useEffect(() => {
    if (!shown) {
      begun.current = false
      cancel()
      return
    }
    const soon = setTimeout(() => start({ job: { ...job, harness: { ...job.harness, loom: null } }, rounds: ROUNDS, mostMs: MOST_MS }), begun.current ? QUIET_MS : 0)
    begun.current = true
    return () => clearTimeout(soon)
    // The job as the seed says it: another accepted loom asks for nothing.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [seed, shown])
  const looms = state.kind === 'done' ? state.answer : state.kind === 'running' ? (state.soFar ?? null) : null
  return {
    looms,
    running: state.kind === 'running',
    share: state.kind === 'running' ? state.share : 0,
    failed: state.kind === 'failed' ? state.message : null,
  }
} // prettier-ignore

/** The exact run, with progress and a way to end it. */
export const useProof = (): Work<ProofTask, Proof> => useWork(makeProofWorker)
