import { forgetAlong } from '../store/along.ts'
import { outbox } from '../store/outbox.ts'

/** What an earlier test was answered is not there without a server, and nothing of this job waits to be sent. */
export const nothingWaits = async (jobId: string): Promise<void> => {
  await forgetAlong()
  await outbox.load()
  for (const e of outbox.ofJob(jobId)) outbox.remove(e.key)
}
