import type { JobDocument } from '@lochmoor/core'
import { useCatalogue } from './catalogueStore.ts'
import { useJobStore } from './jobStore.ts'
import { allStations } from './allStations.ts'
import { giveWay } from './giveWay.ts'
import { countTurn, isTyping, lastTurn, shownIs } from './shownJob.ts'

/** So long no key has come before what was typed is judged: as long as that took the last time, within these. */
const REST_MS = { least: 60, most: 400 }

let tookMs = 0
let judged: { readonly job: JobDocument; readonly fromMs: number } | null = null
const restMs = (): number => Math.min(REST_MS.most, Math.max(REST_MS.least, tookMs))

/** Tells that a job is shown now: how long it took to judge and draw it is how long the next one waits. */
export const isShown = (job: JobDocument): void => {
  shownIs(job)
  if (judged?.job !== job) return
  tookMs = performance.now() - judged.fromMs
  judged = null
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
  const judge = async (mine: number): Promise<void> => {
    const job = useJobStore.getState().document
    const { catalogue } = useCatalogue.getState()
    if (!job) return
    judged = { job, fromMs: performance.now() }
    try {
      if (catalogue) {
        const { judging } = await allStations()
        for (const _ of judging(job, catalogue)) {
          await giveWay()
          // The next key has come: what it makes of the job is judged instead.
          if (ended || lastTurn() !== mine) return
        }
      }
    } catch (e) {
      // It fails again where it is shown, and is said there.
      console.error('the stations could not be worked out', e)
    }
    show(job, false)
  }
  const unsubscribe = useJobStore.subscribe(({ document }, before) => {
    if (document === before.document || document === null) return
    const mine = countTurn(document)
    clearTimeout(timer)
    if (!isTyping()) return show(document, true)
    timer = setTimeout(() => void judge(mine), restMs())
  })
  const { document: now } = useJobStore.getState()
  if (now) countTurn(now)
  if (now && now !== first) show(now, true)
  return () => {
    ended = true
    clearTimeout(timer)
    unsubscribe()
  }
}
