import { seekRemedies, stationOf, type Catalogue, type JobDocument, type Remedy, type Station } from '@lochmoor/core'

/** What the page tells the worker: the parts once, then each version of the job that is looked at. */
export type RemedyTask =
  | { readonly kind: 'parts'; readonly catalogue: Catalogue }
  | { readonly kind: 'seek'; readonly turn: number; readonly station: Station; readonly job: JobDocument }

export type RemedyReply =
  | {
      readonly kind: 'found'
      readonly turn: number
      readonly remedies: readonly (readonly [verdictId: string, remedies: readonly Remedy[]])[]
      readonly tookMs: number
    }
  | { readonly kind: 'failed'; readonly turn: number; readonly message: string }

/** So long the worker seeks before it looks whether something newer is asked. */
const SLICE_MS = 25

/** Seeks remedies for one version of the job after another; a newer one ends the search for the one before. */
export const remedySeeker = (reply: (message: RemedyReply) => void, pause: () => Promise<void>) => {
  let catalogue: Catalogue | null = null
  let current = 0
  const seek = async ({ turn, station, job }: Extract<RemedyTask, { kind: 'seek' }>): Promise<void> => {
    current = turn
    if (!catalogue) throw new Error('asked for remedies before it had the parts')
    const startedMs = performance.now()
    const seeking = seekRemedies(stationOf(station), job, catalogue)
    let sliceMs = startedMs
    let step = seeking.next()
    while (!step.done) {
      if (performance.now() - sliceMs > SLICE_MS) {
        await pause()
        if (current !== turn) return
        sliceMs = performance.now()
      }
      step = seeking.next()
    }
    reply({ kind: 'found', turn, remedies: [...step.value], tookMs: performance.now() - startedMs })
  }
  return (task: RemedyTask): void => {
    if (task.kind === 'parts') {
      catalogue = task.catalogue
      return
    }
    seek(task).catch((error: unknown) =>
      reply({ kind: 'failed', turn: task.turn, message: error instanceof Error ? error.message : String(error) }),
    )
  }
}
