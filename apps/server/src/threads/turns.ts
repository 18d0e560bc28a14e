/** Somebody has more waiting than they may. */
export class TooBusy extends Error {
  constructor(readonly retryAfterS: number) {
    super('too much is waiting')
  }
}

/**
 * Lets work of one kind run a few at a time, first come first served, with a limit of what may wait. Each name has turns
 * of its own; without names all share them.
 */
export class Turns {
  private readonly running = new Map<string, number>()
  private readonly waiting = new Map<string, (() => void)[]>()

  /** @param mostAtOnce per name  @param mostWaiting per name, beside those that run */
  constructor(
    private readonly mostAtOnce: number,
    private readonly mostWaiting: number,
    private readonly retryAfterS = 5,
  ) {}

  async take<T>(work: () => Promise<T>, name = ''): Promise<T> {
    await this.turn(name)
    try {
      return await work()
    } finally {
      this.giveBack(name)
    }
  }

  private turn(name: string): Promise<void> {
    const running = this.running.get(name) ?? 0
    if (running < this.mostAtOnce) {
      this.running.set(name, running + 1)
      return Promise.resolve()
    }
    const queue = this.waiting.get(name) ?? []
    if (queue.length >= this.mostWaiting) return Promise.reject(new TooBusy(this.retryAfterS))
    return new Promise((resolve) => this.waiting.set(name, [...queue, resolve]))
  }

  private giveBack(name: string): void {
    const [next, ...rest] = this.waiting.get(name) ?? []
    if (rest.length > 0) this.waiting.set(name, rest)
    else this.waiting.delete(name)
    // The turn goes on to the next; it is not free in between.
    if (next) return next()
    const running = (this.running.get(name) ?? 1) - 1
    if (running > 0) this.running.set(name, running)
    else this.running.delete(name)
  }
}
