/** Whether a write failed because a row of that key is there already. */
export const isDuplicateKey = (error: unknown): boolean =>
  typeof error === 'object' && error !== null && 'errno' in error && error.errno === 1062
