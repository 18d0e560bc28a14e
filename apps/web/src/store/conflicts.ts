import { withChoice } from '@lochmoor/core'
import { afterTakingIn, useJobStore } from './jobStore.ts'
import { outbox } from './outbox.ts'
import { sendNow } from './sending.ts'

export type Choice = 'mine' | 'theirs'

/**
 * Ends the conflict of the open job: for each clashing field the chosen value, everything else as both sides left it.
 * One step of undo brings back what was mine.
 */
export const settleConflict = (choices: Readonly<Record<string, Choice>>): void => {
  const state = useJobStore.getState()
  const { conflict: entry, document } = state
  if (!entry?.conflict || !document) return
  const { clashes, merged, theirs, theirVersion } = entry.conflict
  const value = clashes.reduce<unknown>(
    (v, c) => (choices[c.path] === 'theirs' ? withChoice(v, c.path, c.theirs) : v),
    merged,
  )
  outbox.put({
    ...entry,
    baseVersion: theirVersion,
    baseValue: theirs,
    value,
    unanswered: [],
    conflict: null,
  })
  const taken = afterTakingIn(state, entry.section, entry.baseValue, theirs, value)
  useJobStore.setState(
    {
      ...taken,
      acknowledged: { ...state.acknowledged, [entry.section]: { version: theirVersion, value: theirs } },
      past: [...taken.past, { document: { ...document, [entry.section]: merged }, label: 'what was mine' }],
      future: [],
      save: 'saving',
      conflict: null,
    },
    true,
  )
  sendNow()
}

/** Gives up an entry that the server will not take. */
export const discard = (key: string): void => {
  outbox.remove(key)
  sendNow()
}
