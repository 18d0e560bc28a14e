import { doFuelTask, type FuelReply, type FuelTask } from './fuelWork.ts'

const reply = (message: FuelReply): void => postMessage(message)

addEventListener('message', ({ data }: MessageEvent<FuelTask>) => {
  const startedMs = performance.now()
  try {
    const answer = doFuelTask(data, (share, soFar) =>
      reply({ kind: 'progress', share, ...(soFar !== undefined && { soFar }) }),
    )
    reply({ kind: 'done', answer, tookMs: performance.now() - startedMs })
  } catch (error) {
    reply({ kind: 'failed', message: error instanceof Error ? error.message : String(error) })
  }
})
