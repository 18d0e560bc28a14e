import { doLoomTask, type LoomReply, type LoomTask } from './loomWork.ts'

const reply = (message: LoomReply): void => postMessage(message)

addEventListener('message', ({ data }: MessageEvent<LoomTask>) => {
  const startedMs = performance.now()
  try {
    const answer = doLoomTask(
      data,
      (share, soFar) => reply({ kind: 'progress', share, ...(soFar && { soFar }) }),
      () => performance.now(),
    )
    reply({ kind: 'done', answer, tookMs: performance.now() - startedMs })
  } catch (error) {
    reply({ kind: 'failed', message: error instanceof Error ? error.message : String(error) })
  }
})
