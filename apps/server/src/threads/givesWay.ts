import { constants, setPriority } from 'node:os'
import { isMainThread } from 'node:worker_threads'

/** Lets the thread that answers go first where there are more threads than cores. On the answering thread itself nothing changes. */
export const giveWay = (): void => {
  // On Linux the number 0 stands for the thread that asks, not for the whole process.
  if (!isMainThread && process.platform === 'linux') setPriority(0, constants.priority.PRIORITY_LOW)
}
