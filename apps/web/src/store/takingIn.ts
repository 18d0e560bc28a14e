import { SECTION_SCHEMAS, type SectionName } from '@lochmoor/contract'
import { differences, JOB, mergeThree, ORDER, sameValue, valueAt, withChoice } from '@lochmoor/core'
import type { JobState } from './jobStore.ts'
import { changesAt, madeBelow, outbox } from './outbox.ts'
import type { SectionEntry } from './outboxEntries.ts'
import { personNow } from './sessionStore.ts'

export interface Stored {
  readonly version: number
  readonly value: unknown
}

/** What does not fit this version is kept, and neither laid over anything nor edited on. */
const fits = (e: SectionEntry): boolean => SECTION_SCHEMAS[e.section].safeParse(e.value).success
const isSound = (e: SectionEntry): boolean => e.refused === undefined && fits(e)

/**
 * What the server has of a section, with what waits laid over it. What is edited on stands before all; what stands apart is
 * shown as far as it contradicts nothing.
 */
export const shownOver = (jobId: string, section: SectionName, stored: unknown): unknown => {
  const personId = personNow()
  if (personId === null) return stored
  const current = outbox.section(personId, jobId, section)
  const own = outbox.sections(personId, jobId, section).filter(fits)
  const over = (value: unknown, e: SectionEntry): unknown => {
    const { clashes, merged } = mergeThree<unknown>(JOB.fields[section], e.baseValue, e.value, value)
    return e === current ? merged : clashes.reduce<unknown>((v, c) => withChoice(v, c.path, c.theirs), merged)
  }
  const apart = own.filter((e) => e !== current).reduce(over, stored)
  return current && fits(current) ? over(apart, current) : apart
}

/**
 * What an edit starts from, with that of it which the server has although no answer came: it is nobody else's change. The
 * order of a list is not told apart so.
 */
const baseOf = ({ baseValue, section, unanswered }: SectionEntry, stored: unknown): unknown =>
  unanswered
    .flatMap((sent) => differences(JOB.fields[section], baseValue, sent))
    .filter((d) => d.path !== '' && !d.path.split('.').includes(ORDER) && sameValue(valueAt(stored, d.path), d.after))
    .reduce<unknown>((value, d) => withChoice(value, d.path, d.after), baseValue)

/**
 * A waiting edit as a change of what is stored now: what somebody else has changed is in it, and in what it starts from,
 * except where both changed the same. There it still starts from what both knew, and waits for a decision.
 */
export const rebased = (entry: SectionEntry, stored: Stored): SectionEntry => {
  const { section, value } = entry
  const { clashes, merged } = mergeThree<unknown>(JOB.fields[section], baseOf(entry, stored.value), value, stored.value)
  if (clashes.length === 0)
    return {
      ...entry,
      baseVersion: stored.version,
      baseValue: stored.value,
      value: merged,
      unanswered: [],
      conflict: null,
    }
  return {
    ...entry,
    baseValue: clashes.reduce<unknown>((v, c) => withChoice(v, c.path, c.base), stored.value),
    value: merged,
    // Judged against what is stored now; against what comes after they would say nothing.
    unanswered: [],
    conflict: { clashes, merged, theirs: stored.value, theirVersion: stored.version },
  }
}

/** The latest that is known of a section: to the page, or to edits that it has taken over. */
export const newestOf = (acknowledged: Stored, taken: readonly SectionEntry[]): Stored =>
  taken
    .map(({ baseValue, baseVersion, conflict }) =>
      conflict
        ? { version: conflict.theirVersion, value: conflict.theirs }
        : { version: baseVersion, value: baseValue },
    )
    .reduce((newest, known) => (known.version > newest.version ? known : newest), acknowledged)

/** One edit that holds what two hold, or null where they contradict each other or what is stored. */
const joined = (earlier: SectionEntry, current: SectionEntry, stored: Stored): SectionEntry | null => {
  const [a, b] = [rebased(earlier, stored), rebased(current, stored)]
  if (a.conflict || b.conflict) return null
  const { clashes, merged } = mergeThree<unknown>(JOB.fields[current.section], stored.value, b.value, a.value)
  if (clashes.length > 0) return null
  const seq = Math.min(a.seq, b.seq)
  return { ...b, seq, value: merged, unanswered: [...earlier.unanswered, ...current.unanswered] }
}

/**
 * Leaves one edit of a section that is edited on: what closed pages have left goes into it, or, where it contradicts, stands
 * apart and waits for a decision.
 */
export const gather = (
  jobId: string,
  section: SectionName,
  stored: Stored,
  taken: readonly SectionEntry[] = [],
): void => {
  const personId = personNow()
  if (personId === null) return
  const open = outbox.sections(personId, jobId, section).filter((e) => isSound(e) && !outbox.isApart(e.key))
  for (const e of open) if (e.conflict || e.baseVersion < stored.version) bringUp(e, stored)
  // What stands on the page is edited on; else the latest of what was left.
  const key = (open.findLast((e) => !taken.some((t) => t.key === e.key)) ?? open.at(-1))?.key
  for (const other of open) {
    const [e, current] = [outbox.get(other.key), key === undefined ? undefined : outbox.get(key)]
    if (other.key === key || e?.kind !== 'section' || current?.kind !== 'section') continue
    const one = joined(e, current, stored)
    if (!one) {
      outbox.setApart(e.key)
      continue
    }
    outbox.put(one)
    for (const made of madeBelow(e, section)) outbox.put({ ...made, of: { ...made.of, edit: one.key } })
    outbox.remove(e.key)
  }
}

/**
 * Keeps a waiting edit as a change of what is stored now. Where nothing is left of it and somebody else's figure stands,
 * what waits for the book of it goes with it. What was refused, or fits no version, stays as it is.
 */
export const bringUp = (entry: SectionEntry, stored: Stored): void => {
  if (!isSound(entry)) return
  const next = rebased(entry, stored)
  outbox.put(next)
  for (const { key, of, record, sent } of madeBelow(next, next.section)) {
    const stands = valueAt({ [next.section]: stored.value }, of.path)
    if (!sent && !record.withdraws && !changesAt(next, of.path) && !sameValue(stands, of.value)) outbox.remove(key)
  }
}

/** State of the open job after it was heard what the server has of a section. Steps of undo know only what they did. */
export const afterStored = (state: JobState, section: SectionName, stored: Stored): JobState => {
  const { acknowledged, document, jobId } = state
  // Signed out in the middle of the work the page stays as it is behind the sign-in: what waits is not known to be shown.
  if (!document || jobId === null || personNow() === null) return state
  return {
    ...state,
    document: { ...document, [section]: shownOver(jobId, section, stored.value) },
    acknowledged: { ...acknowledged, [section]: stored },
  }
}
