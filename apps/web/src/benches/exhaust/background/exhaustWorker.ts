import { doSpotTask, type SpotReply, type SpotTask } from './exhaustWork.ts'

const reply = (message: SpotReply): void => postMessage(message)

addEventListener('message', ({ data }: MessageEvent<SpotTask>) => {
  const startedMs = performance.now()
  try {
    const answer = doSpotTask(data, () => performance.now())
    reply({ kind: 'done', answer, tookMs: performance.now() - startedMs })
  } catch (error) {
    reply({ kind: 'failed', message: error instanceof Error ? error.message : String(error) })
  }
})
