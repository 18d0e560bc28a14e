const AWAY = new Set([
  'ECONNREFUSED',
  'ECONNRESET',
  'EPIPE',
  'ETIMEDOUT',
  'PROTOCOL_CONNECTION_LOST',
  'PROTOCOL_SEQUENCE_TIMEOUT',
  'ER_SERVER_SHUTDOWN',
  'ER_CON_COUNT_ERROR',
])

/** Whether an error means that the database cannot be reached just now. */
export const isDatabaseAway = (error: unknown): boolean => {
  for (
    let e = error as { code?: string; driverError?: unknown; cause?: unknown } | undefined, depth = 0;
    e && depth < 4;
    depth++
  ) {
    if (typeof e.code === 'string' && AWAY.has(e.code)) return true
    e = (e.driverError ?? e.cause) as typeof e
  }
  return (
    error instanceof Error &&
    /closed state|Connection is closed|Pool is closed|Can't add new command|not established|not initialized/i.test(
      error.message,
    )
  )
}
