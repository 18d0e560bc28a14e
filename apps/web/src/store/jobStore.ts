import { SECTION_NAMES, type SectionName } from '@lochmoor/contract'
import { JOB, mergeThree, type JobDocument } from '@lochmoor/core'
import { create } from 'zustand'
import type { SectionEntry } from './outboxEntries.ts'

/**
 * Where the edits stand: all stored, on their way, kept in this browser because nobody answers, nowhere but on this page
 * because the browser keeps nothing either, or in need of a decision.
 */
export type SaveState = 'saved' | 'saving' | 'kept-here' | 'not-kept' | 'conflict' | 'refused'

export interface Step {
  readonly document: JobDocument
  readonly label: string
}

/** What the server has of a section. */
export interface Acknowledged {
  readonly version: number
  readonly value: unknown
}

export interface JobState {
  readonly jobId: string | null
  readonly document: JobDocument | null
  readonly acknowledged: Readonly<Record<SectionName, Acknowledged>>
  readonly past: readonly Step[]
  readonly future: readonly Step[]
  readonly save: SaveState
  /** What the server said last, where the save state needs an explanation. */
  readonly saveNote: string | null
  /** Why nobody takes the edits just now. */
  readonly awayNote: string | null
  readonly savedAt: string | null
  readonly archivedAt: string | null
  readonly stateSince: string | null
  /** The first section of this job in need of a decision. */
  readonly conflict: SectionEntry | null
  /** Entries of this and other jobs that wait to be sent. */
  readonly waiting: number
  /** Raised whenever the log book of the open job may have grown. */
  readonly bookTurn: number
}

const MOST_STEPS = 300

export const nothingAcknowledged = Object.fromEntries(
  SECTION_NAMES.map((s) => [s, { version: 0, value: null }]),
) as Record<SectionName, Acknowledged>

export const initialJobState: JobState = {
  jobId: null,
  document: null,
  acknowledged: nothingAcknowledged,
  past: [],
  future: [],
  save: 'saved',
  saveNote: null,
  awayNote: null,
  savedAt: null,
  archivedAt: null,
  stateSince: null,
  conflict: null,
  waiting: 0,
  bookTurn: 0,
}

/** The open job. Views read it through selectors and change it only through the commands beside this file. */
export const useJobStore = create<JobState>(() => initialJobState)

export const changedSections = (a: JobDocument, b: JobDocument): SectionName[] =>
  SECTION_NAMES.filter((s) => a[s] !== b[s])

/** State after a committed step; consecutive steps of one label within the same burst of typing count as one. */
export const afterCommit = (state: JobState, next: JobDocument, label: string, merge: boolean): JobState => {
  const { document, past } = state
  if (!document || changedSections(document, next).length === 0) return state
  const merged = merge && past.at(-1)?.label === label
  return {
    ...state,
    document: next,
    past: merged ? past : [...past, { document, label }].slice(-MOST_STEPS),
    future: [],
  }
}

const travel = (state: JobState, from: 'past' | 'future', to: 'past' | 'future'): JobState => {
  const step = state[from].at(-1)
  if (!step || !state.document) return state
  return {
    ...state,
    document: step.document,
    [from]: state[from].slice(0, -1),
    [to]: [...state[to], { document: state.document, label: step.label }],
  }
}

export const afterUndo = (state: JobState): JobState => travel(state, 'past', 'future')
export const afterRedo = (state: JobState): JobState => travel(state, 'future', 'past')

/**
 * State after somebody else's changes of a section were taken in. The steps of undo take them in too: undoing one's own
 * step must not undo another's.
 */
export const afterTakingIn = (
  state: JobState,
  section: SectionName,
  base: unknown,
  theirs: unknown,
  now: unknown,
): JobState => {
  if (!state.document) return state
  const withTheirs = (step: Step): Step => ({
    ...step,
    document: {
      ...step.document,
      [section]: mergeThree<unknown>(JOB.fields[section], base, step.document[section], theirs).merged,
    },
  })
  return {
    ...state,
    document: { ...state.document, [section]: now },
    past: state.past.map(withTheirs),
    future: state.future.map(withTheirs),
  }
}
