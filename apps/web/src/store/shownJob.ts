import { STATION_LIST, type Catalogue, type JobDocument } from '@lochmoor/core'
import { assessmentOf, readinessNow } from './assessments.ts'
import { useCatalogue } from './catalogueStore.ts'
import { useJobStore } from './jobStore.ts'

/**
 * The benches show the job a little after it has changed while a figure is typed: the field shows each key at once, and
 * what follows from it is judged when the hand rests, a station at a time, so that the next key never waits for it. Any
 * other change is shown at once.
 */

/** So long no key has come before what was typed is judged: as long as that took the last time, within these. */
const REST_MS = { least: 60, most: 400 }

let turns = 0
const turnByJob = new WeakMap<JobDocument, number>()
/** Which state of the open job this is, counted up; of one that was never followed, the last of all. */
export const turnOf = (job: JobDocument): number => turnByJob.get(job) ?? Infinity

let typing = false
/** Makes a change as one of a figure that is being typed; which state of the job it has led to. */
export const asTyped = (act: () => void): number => {
  typing = true
  try {
    act()
  } finally {
    typing = false
  }
  return turns
}

let tookMs = 0
let judged: { readonly job: JobDocument; readonly fromMs: number } | null = null
const restMs = (): number => Math.min(REST_MS.most, Math.max(REST_MS.least, tookMs))

let shown: JobDocument | null = null
/** The job as the benches show it, and as whatever is clicked there was made from; null where that is the job itself. */
export const shownNow = (): JobDocument | null => shown
export const shownIs = (job: JobDocument | null): void => {
  shown = job
  if (judged === null || judged.job !== job) return
  tookMs = performance.now() - judged.fromMs
  judged = null
}

/** Lets everything go first that the page has to do: keys, clicks, drawing. */
const giveWay = (): Promise<void> =>
  new Promise((resolve) => {
    setTimeout(resolve, 0)
  })

/** Judges a job, a station a step; what it found is remembered and costs nothing when it is shown. */
function* judging(job: JobDocument, catalogue: Catalogue): Generator<void> {
  for (const station of STATION_LIST) {
    if (!assessmentOf.knows(station, job, catalogue)) yield* station.prepare?.(job) ?? []
    assessmentOf(station, job, catalogue)
    yield
  }
  readinessNow(job, catalogue)
}

/**
 * Tells each state of the open job that is to be shown.
 * @param first what is shown already
 * @param show atOnce: together with what changed it; else whenever there is time
 * @returns ends it
 */
export const followJob = (
  first: JobDocument | null,
  show: (job: JobDocument, atOnce: boolean) => void,
): (() => void) => {
  let timer: ReturnType<typeof setTimeout> | undefined
  let ended = false
  const count = (job: JobDocument): number => {
    turnByJob.set(job, ++turns)
    return turns
  }
  const judge = async (mine: number): Promise<void> => {
    const job = useJobStore.getState().document
    const { catalogue } = useCatalogue.getState()
    if (!job) return
    judged = { job, fromMs: performance.now() }
    if (catalogue)
      for (const _ of judging(job, catalogue)) {
        await giveWay()
        // The next key has come: what it makes of the job is judged instead.
        if (ended || turns !== mine) return
      }
    show(job, false)
  }
  const unsubscribe = useJobStore.subscribe(({ document }, before) => {
    if (document === before.document || document === null) return
    const mine = count(document)
    clearTimeout(timer)
    if (!typing) return show(document, true)
    timer = setTimeout(() => void judge(mine), restMs())
  })
  const { document: now } = useJobStore.getState()
  if (now) count(now)
  if (now && now !== first) show(now, true)
  return () => {
    ended = true
    clearTimeout(timer)
    unsubscribe()
  }
}
