import { remedySeeker, type RemedyTask } from './remedyWork.ts'

const take = remedySeeker(
  (message) => postMessage(message),
  () => new Promise((resolve) => setTimeout(resolve, 0)),
)

addEventListener('message', ({ data }: MessageEvent<RemedyTask>) => take(data))
