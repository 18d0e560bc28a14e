import { doPowerTask, type PowerReply, type PowerTask } from './powerWork.ts'

const reply = (message: PowerReply): void => postMessage(message)

addEventListener('message', ({ data }: MessageEvent<PowerTask>) => {
  const startedMs = performance.now()
  try {
    const answer = doPowerTask(data, (share) => reply({ kind: 'progress', share }))
    reply({ kind: 'done', answer, tookMs: performance.now() - startedMs })
  } catch (error) {
    reply({ kind: 'failed', message: error instanceof Error ? error.message : String(error) })
  }
})
