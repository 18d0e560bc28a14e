import {
  grommetSaving,
  LoomFinder,
  loomEffects,
  relaxationsOf,
  type GrommetSaving,
  type JobDocument,
  type LoomEffects,
  type Proposal,
  type Relaxation,
} from '@lochmoor/core'
import type { WorkReply } from '../../bench/background/useWork.ts'

/** Looms of all places of the ECU, looked for beside the page. */
export interface LoomTask {
  readonly job: JobDocument
  /** How many rounds they are improved: the same answer on a slow machine as on a quick one. */
  readonly rounds: number
  /** After so long it ends whatever is left to do, ms. */
  readonly mostMs: number
}

/** One loom that is offered, with what it would do and what it lacks. */
export interface Offer {
  readonly proposal: Proposal
  /** Null until they are worked out. */
  readonly effects: LoomEffects | null
  readonly lacks: { readonly changes: readonly Relaxation[]; readonly enough: boolean }
  /** The smallest grommet that saves work, for the best places; null: none, or not worked out. */
  readonly saving: GrommetSaving | null
}

export interface Looms {
  /** Best first. */
  readonly offers: readonly Offer[]
  /** Whether this is the first answer, not improved yet. */
  readonly first: boolean
  /** Whether time ended it before its last round. */
  readonly cutShort: boolean
}
export type LoomReply = WorkReply<Looms>

const STEPS = 200
const PROVE_STEPS = 6
const SAVING_STEPS = 30
/** Places for which a wider hole is tried. */
const SAVINGS = 2
/** Between two answers on the way, ms. */
const TELL_MS = 250

const offersOf = (job: JobDocument, proposals: readonly Proposal[], withEffects: boolean): Offer[] =>
  proposals.map((proposal) => ({
    proposal,
    effects: withEffects ? loomEffects(job, proposal) : null,
    lacks: relaxationsOf(job, proposal),
    saving: null,
  }))

/**
 * The worker's whole work: a first answer at once, then better ones, and at the end what each would do.
 * @param nowMs the caller's clock
 */
export const doLoomTask = (
  { job, rounds, mostMs }: LoomTask,
  tell: (share: number, soFar?: Looms) => void,
  nowMs: () => number,
): Looms => {
  const startedMs = nowMs()
  const finder = new LoomFinder(job)
  let round = 0
  const answer = (withEffects: boolean, first: boolean): Looms => ({
    offers: offersOf(job, finder.proposals(), withEffects),
    first,
    cutShort: nowMs() - startedMs >= mostMs && round < rounds,
  })
  tell(0.05, answer(false, true))
  tell(0.08, answer(true, true))
  let toldMs = nowMs()
  while (round < rounds && nowMs() - startedMs < mostMs) {
    round++
    finder.improve(STEPS)
    finder.prove(PROVE_STEPS)
    if (nowMs() - toldMs < TELL_MS) continue
    toldMs = nowMs()
    tell(0.08 + 0.8 * (round / rounds), answer(true, false))
  }
  const last = answer(true, false)
  tell(0.9, last)
  const offers = last.offers.map((o, n) =>
    n < SAVINGS ? { ...o, saving: grommetSaving(job, o.proposal, SAVING_STEPS) } : o,
  )
  return { ...last, offers }
}
