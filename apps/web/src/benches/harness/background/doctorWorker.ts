import { doDoctorTask, type DoctorReply, type DoctorTask } from './doctorWork.ts'

const reply = (message: DoctorReply): void => postMessage(message)

addEventListener('message', ({ data }: MessageEvent<DoctorTask>) => {
  const startedMs = performance.now()
  try {
    reply({ kind: 'done', answer: doDoctorTask(data), tookMs: performance.now() - startedMs })
  } catch (error) {
    reply({ kind: 'failed', message: error instanceof Error ? error.message : String(error) })
  }
})
