import loadSolver from 'highs'
import runtimeUrl from 'highs/runtime?url'
import { prove, readReport, type ProofTask } from '@lochmoor/core'
import type { ProofReply } from './proofReply.ts'

const reply = (message: ProofReply): void => postMessage(message)

addEventListener('message', ({ data }: MessageEvent<ProofTask>) => {
  const startedMs = performance.now()
  let bound: number | null = null
  const hear = (line: string): void => {
    const report = readReport(line)
    if (!report) return
    bound = report.bound
    reply({ kind: 'progress', share: Math.max(0.05, 1 - report.gapShare) })
  }
  const run = async (): Promise<void> => {
    const solver = await loadSolver({ locateFile: () => runtimeUrl, print: hear, printErr: hear })
    const answer = prove(data, solver, () => bound)
    reply({ kind: 'done', answer, tookMs: performance.now() - startedMs })
  }
  run().catch((error: unknown) => {
    reply({ kind: 'failed', message: error instanceof Error ? error.message : String(error) })
  })
})
