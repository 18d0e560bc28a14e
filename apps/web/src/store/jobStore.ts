import { SECTION_NAMES, type SectionName } from '@lochmoor/contract'
import type { JobDocument } from '@lochmoor/core'
import { create } from 'zustand'

/** Where the edits stand: all stored, on their way, kept here because nobody answers, or in need of a decision. */
export type SaveState = 'saved' | 'saving' | 'kept-here' | 'conflict' | 'refused'

export interface Conflict {
  readonly section: SectionName
  readonly mine: unknown
  readonly theirs: unknown
  readonly theirVersion: number
}

export interface Step {
  readonly document: JobDocument
  readonly label: string
}

export interface JobState {
  readonly jobId: string | null
  readonly document: JobDocument | null
  /** Version of each section that the server has acknowledged. */
  readonly versions: Readonly<Record<SectionName, number>>
  /** Sections with edits that are not acknowledged. */
  readonly dirty: ReadonlySet<SectionName>
  readonly past: readonly Step[]
  readonly future: readonly Step[]
  readonly save: SaveState
  /** What the server said last, where the save state needs an explanation. */
  readonly saveNote: string | null
  readonly savedAt: string | null
  readonly conflict: Conflict | null
}

const MOST_STEPS = 300

export const noVersions = Object.fromEntries(SECTION_NAMES.map((s) => [s, 0])) as Record<SectionName, number>

export const initialJobState: JobState = {
  jobId: null,
  document: null,
  versions: noVersions,
  dirty: new Set(),
  past: [],
  future: [],
  save: 'saved',
  saveNote: null,
  savedAt: null,
  conflict: null,
}

/** The open job. Views read it through selectors and change it only through the commands beside this file. */
export const useJobStore = create<JobState>(() => initialJobState)

const changedSections = (a: JobDocument, b: JobDocument): SectionName[] => SECTION_NAMES.filter((s) => a[s] !== b[s])

/** State after a committed step; consecutive steps of one label within the same burst of typing count as one. */
export const afterCommit = (state: JobState, next: JobDocument, label: string, merge: boolean): JobState => {
  const { document, past } = state
  if (!document) return state
  const changed = changedSections(document, next)
  if (changed.length === 0) return state
  const merged = merge && past.at(-1)?.label === label
  return {
    ...state,
    document: next,
    dirty: new Set([...state.dirty, ...changed]),
    past: merged ? past : [...past, { document, label }].slice(-MOST_STEPS),
    future: [],
    save: state.save === 'conflict' ? 'conflict' : 'saving',
  }
}

const travel = (state: JobState, from: 'past' | 'future', to: 'past' | 'future'): JobState => {
  const step = state[from].at(-1)
  if (!step || !state.document) return state
  return {
    ...state,
    document: step.document,
    dirty: new Set([...state.dirty, ...changedSections(state.document, step.document)]),
    [from]: state[from].slice(0, -1),
    [to]: [...state[to], { document: state.document, label: step.label }],
    save: state.save === 'conflict' ? 'conflict' : 'saving',
  }
}

export const afterUndo = (state: JobState): JobState => travel(state, 'past', 'future')
export const afterRedo = (state: JobState): JobState => travel(state, 'future', 'past')
