import { doSpotTask, type SpotTask } from '../benches/exhaust/background/exhaustWork.ts'
import { doFuelTask, type FuelTask } from '../benches/fuel/background/fuelWork.ts'
import { remedySeeker, type RemedyTask } from '../benches/bench/background/remedyWork.ts'

type Reply = (data: unknown) => void
const later = (work: () => void) => void setTimeout(work)

const fuel = (reply: Reply) => (task: FuelTask) =>
  later(() => {
    const answer = doFuelTask(task, (share) => reply({ kind: 'progress', share }))
    reply({ kind: 'done', answer, tookMs: 12 })
  })
const spots = (reply: Reply) => (task: SpotTask) =>
  later(() => reply({ kind: 'done', answer: doSpotTask(task, () => 0), tookMs: 12 }))
const remedies = (reply: Reply) => {
  const take = remedySeeker(reply, () => new Promise((resolve) => setTimeout(resolve)))
  return (task: RemedyTask) => later(() => take(task))
}
const WORK: Readonly<Record<string, (reply: Reply) => (task: never) => void>> = {
  fuelWorker: fuel,
  exhaustWorker: spots,
  remedyWorker: remedies,
}

/** A worker that does its work in this thread, after the page had a turn; what was ended never answers. */
export class WorkerHere {
  /** How many of each were started, and ended before they were asked to. */
  static readonly started: Record<string, number> = {}
  static readonly ended: Record<string, number> = {}
  onmessage: ((e: { data: unknown }) => void) | null = null
  onerror: unknown = null
  private alive = true
  private readonly name: string
  private readonly take: (task: never) => void
  constructor(url: URL) {
    this.name = /(\w+)\.ts$/.exec(url.pathname)?.[1] ?? ''
    const work = WORK[this.name]
    if (!work) throw new Error(`no work is known for ${url.pathname}`)
    this.take = work((data) => {
      if (this.alive) this.onmessage?.({ data })
    })
    WorkerHere.started[this.name] = (WorkerHere.started[this.name] ?? 0) + 1
  }
  postMessage(task: unknown): void {
    if (this.alive) this.take(task as never)
  }
  terminate(): void {
    if (this.alive) WorkerHere.ended[this.name] = (WorkerHere.ended[this.name] ?? 0) + 1
    this.alive = false
  }
}

globalThis.Worker = WorkerHere as unknown as typeof Worker
