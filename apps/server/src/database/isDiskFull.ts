/** Table or file could not grow: ER_DISK_FULL, ER_RECORD_FILE_FULL; and the operating system's own "no space left". */
const FULL = new Set([1021, 1114])
const NO_SPACE = /\berrno: 28\b|error 28\b|no space left/i

/** Whether a write failed because the database has no room left. */
export const isDiskFull = (error: unknown): boolean => {
  if (typeof error !== 'object' || error === null) return false
  const { code, errno, message } = error as { code?: unknown; errno?: unknown; message?: unknown }
  return FULL.has(errno as number) || code === 'ENOSPC' || (typeof message === 'string' && NO_SPACE.test(message))
}
