import { sameValue, valueAt, withChoice, type Clash } from '@lochmoor/core'
import { useJobStore, type Made, type Step } from './jobStore.ts'
import { changesAt, madeBelow, outbox } from './outbox.ts'
import type { SectionEntry } from './outboxEntries.ts'
import { dropWaiting, enterAgain } from './records.ts'
import { afterStored } from './takingIn.ts'
import { sendNow } from './sending.ts'
import { personNow } from './sessionStore.ts'

export type Choice = 'mine' | 'theirs'

/**
 * What waits for the book of a settled clash: of theirs it goes with what was mine, of mine it stands as of now, when it
 * was chosen.
 * @returns what was taken out
 */
const settleBook = (edit: SectionEntry, clash: Clash, choice: Choice): Made[] => {
  const place = `${edit.section}.${clash.path}`
  return madeBelow(edit, place).flatMap((e) => {
    const is = (side: unknown) =>
      sameValue(e.of.value, e.of.path === place ? side : valueAt(side, e.of.path.slice(place.length + 1)))
    if (choice === 'theirs') return is(clash.theirs) || is(clash.base) ? [] : [dropWaiting(e)]
    if (!is(clash.mine)) return []
    // The book may have it already as of then: there it is withdrawn, and entered again as of now.
    if (e.sent) enterAgain(dropWaiting(e))
    else outbox.put({ ...e, record: { ...e.record, at: new Date().toISOString() } })
    return []
  })
}

/**
 * Ends the conflict of the open job: for each clashing field the chosen value, everything else as both sides left it.
 * One step of undo brings back what was mine.
 */
export const settleConflict = (choices: Readonly<Record<string, Choice>>): void => {
  const state = useJobStore.getState()
  const { conflict: entry, document } = state
  if (!entry?.conflict || !document || personNow() !== entry.personId) return
  const { clashes, merged, theirs, theirVersion } = entry.conflict
  const value = clashes.reduce<unknown>(
    (v, c) => (choices[c.path] === 'theirs' ? withChoice(v, c.path, c.theirs) : v),
    merged,
  )
  const withdrew = clashes.flatMap((c) => settleBook(entry, c, choices[c.path] ?? 'mine'))
  outbox.put({
    ...entry,
    baseVersion: theirVersion,
    baseValue: theirs,
    value,
    unanswered: [],
    conflict: null,
  })
  const taken = afterStored(state, entry.section, { version: theirVersion, value: theirs })
  const after = taken.document ?? document
  const given = clashes.filter((c) => choices[c.path] === 'theirs')
  const withMine = {
    ...after,
    [entry.section]: given.reduce<unknown>((v, c) => withChoice(v, c.path, c.mine), after[entry.section]),
  }
  const mine = clashes.filter((c) => choices[c.path] !== 'theirs')
  /** Mine stands over theirs from now on: undoing it leads back to theirs, not to what was there before both. */
  const overTheirs = (step: Step): Step => {
    const was = step.before[entry.section]
    const now = mine
      .filter((c) => sameValue(valueAt(was, c.path), c.base))
      .reduce<unknown>((v, c) => withChoice(v, c.path, c.theirs), was)
    return now === was ? step : { ...step, before: { ...step.before, [entry.section]: now } }
  }
  useJobStore.setState(
    {
      ...taken,
      past: [
        ...taken.past.map(overTheirs),
        // What stood apart was never on the screen: there is nothing to go back to.
        ...(outbox.isApart(entry.key) ? [] : [{ before: withMine, after, label: 'what was mine', withdrew }]),
      ],
      future: [],
      save: 'saving',
      conflict: null,
    },
    true,
  )
  sendNow()
}

/** Gives up an entry that the server will not take; of an edit, with what the book was to say of it. */
export const discard = (key: string): void => {
  const entry = outbox.get(key)
  if (entry?.kind === 'section') {
    for (const e of madeBelow(entry, entry.section)) if (changesAt(entry, e.of.path)) dropWaiting(e)
  }
  outbox.remove(key)
  const state = useJobStore.getState()
  // Nothing of it stays on the screen: the job is again what the server has, and what else waits.
  if (entry?.kind === 'section' && state.jobId === entry.jobId)
    useJobStore.setState(afterStored(state, entry.section, state.acknowledged[entry.section]), true)
  sendNow()
}
