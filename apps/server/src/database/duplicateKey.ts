/** Whether a write failed because a row of that key is there already. */
export const isDuplicateKey = (error: unknown): boolean =>
  typeof error === 'object' && error !== null && 'errno' in error && error.errno === 1062

const isDeadlock = (error: unknown): boolean =>
  typeof error === 'object' && error !== null && 'errno' in error && (error.errno === 1213 || error.errno === 1020)
const TIMES = 5

/** Does work again that the store gave up because others wanted the same rows at the same time. */
export const againAtDeadlock = async <T>(work: () => Promise<T>): Promise<T> => {
  for (let i = 1; ; i++) {
    try {
      return await work()
    } catch (error) {
      if (!isDeadlock(error) || i === TIMES) throw error
    }
  }
}
