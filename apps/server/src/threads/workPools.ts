import { availableParallelism } from 'node:os'
import { fileURLToPath } from 'node:url'
import { Injectable, type OnModuleDestroy } from '@nestjs/common'
import { Piscina } from 'piscina'
import type { JobFileTask, JobFileRead } from '../exports/jobFileWorker.ts'
import type { JudgeTask } from '../jobs/judgeWorker.ts'
import type { PaperTask } from '../sheets/paperWorker.ts'

/** A worker's file as it was built; workers run nothing else, also where the server itself runs from its sources. */
const built = (path: string): string =>
  fileURLToPath(new URL(`../${path}`, import.meta.url))
    .replace(/\/apps\/server\/src\//, '/apps/server/dist/')
    .replace(/\.ts$/, '.js')

const IDLE_MS = 30_000
const JUDGE_IDLE_MS = 15 * 60_000

/** One thread less than the machine has cores, four at most; it ends when nothing has come for a while. */
const pool = (file: string, more: Partial<ConstructorParameters<typeof Piscina>[0]> = {}): Piscina =>
  new Piscina({
    filename: built(file),
    minThreads: 0,
    maxThreads: Math.min(4, Math.max(1, availableParallelism() - 1)),
    idleTimeout: IDLE_MS,
    resourceLimits: { maxOldGenerationSizeMb: 512 },
    ...more,
  })

/** Threads beside the one that answers: papers are drawn, jobs judged for the board and job files read there. */
@Injectable()
export class WorkPools implements OnModuleDestroy {
  private readonly papers = pool('sheets/paperWorker.ts')
  /** The board is looked at now and then all day: starting a thread takes longer than judging a job. */
  private readonly judges = pool('jobs/judgeWorker.ts', { idleTimeout: JUDGE_IDLE_MS })
  /** One at a time: a job file may be large. What it needs beyond its limit ends this thread and nothing else. */
  private readonly files = pool('exports/jobFileWorker.ts', {
    maxThreads: 1,
    resourceLimits: { maxOldGenerationSizeMb: 1024 },
  })

  paper(task: PaperTask): Promise<Uint8Array> {
    return this.papers.run(task) as Promise<Uint8Array>
  }

  judge(task: JudgeTask): Promise<string[]> {
    return this.judges.run(task) as Promise<string[]>
  }

  jobFile(task: JobFileTask): Promise<JobFileRead> {
    return this.files.run(task) as Promise<JobFileRead>
  }

  async onModuleDestroy(): Promise<void> {
    await Promise.all([this.papers.destroy(), this.judges.destroy(), this.files.destroy()])
  }
}
