import { SECTION_NAMES, type SectionName } from '@lochmoor/contract'
import { JOB, mergeThree, type JobDocument, type RecordBody } from '@lochmoor/core'
import { create } from 'zustand'
import type { SectionEntry } from './outboxEntries.ts'

/**
 * Where the edits stand: all stored, on their way, kept in this browser because nobody answers, nowhere but on this page
 * because the browser keeps nothing either, or in need of a decision.
 */
export type SaveState = 'saved' | 'saving' | 'kept-here' | 'not-kept' | 'conflict' | 'refused'

/** An entry of the log book that was made of an edit. */
export interface Made {
  readonly key: string
  readonly jobId: string
  readonly body: RecordBody
  /** Path of the edit, and what it put there. */
  readonly of: string
  readonly value: unknown
  /** The entry that it withdraws. */
  readonly withdraws?: string
}

export interface Step {
  /** The job before and after it: what differs is what it did, and all that undoing it takes back. */
  readonly before: JobDocument
  readonly after: JobDocument
  readonly label: string
  /** Entries of the book that the step has made, and those that it has taken back. */
  readonly entered?: readonly Made[]
  readonly withdrew?: readonly Made[]
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
  /** Raised whenever it may have grown by a photograph. */
  readonly photoTurn: number
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
  photoTurn: 0,
}

/** The open job. Views read it through selectors and change it only through the commands beside this file. */
export const useJobStore = create<JobState>(() => initialJobState)

export const changedSections = (a: JobDocument, b: JobDocument): SectionName[] =>
  SECTION_NAMES.filter((s) => a[s] !== b[s])

/** State after a committed step; consecutive steps of one label within the same burst of typing count as one. */
export const afterCommit = (state: JobState, next: JobDocument, label: string, merge: boolean): JobState => {
  const { document, past } = state
  if (!document || changedSections(document, next).length === 0) return state
  const last = past.at(-1)
  const merged = merge && last?.label === label && last.after === document
  return {
    ...state,
    document: next,
    past: merged
      ? [...past.slice(0, -1), { ...last, after: next }]
      : [...past, { before: document, after: next, label }].slice(-MOST_STEPS),
    future: [],
  }
}

/**
 * The job with what leads from one state of it to another done to it, and nothing else: what anybody has changed there
 * since stays.
 */
const withWay = (job: JobDocument, from: JobDocument, to: JobDocument): JobDocument => ({
  ...job,
  ...Object.fromEntries(
    changedSections(from, to).map((s) => [s, mergeThree<unknown>(JOB.fields[s], from[s], job[s], to[s]).merged]),
  ),
})

const travel = (state: JobState, from: 'past' | 'future', to: 'past' | 'future'): JobState => {
  const step = state[from].at(-1)
  if (!step || !state.document) return state
  const { after, before } = step
  return {
    ...state,
    document: from === 'past' ? withWay(state.document, after, before) : withWay(state.document, before, after),
    [from]: state[from].slice(0, -1),
    [to]: [...state[to], step],
  }
}

export const afterUndo = (state: JobState): JobState => travel(state, 'past', 'future')
export const afterRedo = (state: JobState): JobState => travel(state, 'future', 'past')
