import { TooBusy, Turns } from './turns.ts'

const soon = () => new Promise<void>((resolve) => setTimeout(resolve, 2))

describe('turns', () => {
  it('run so many at a time as they may and no more, in the order in which they came', async () => {
    const turns = new Turns(2, 100)
    let [now, most] = [0, 0]
    const begun: number[] = []
    await Promise.all(
      Array.from({ length: 20 }, (_, i) =>
        turns.take(async () => {
          begun.push(i)
          most = Math.max(most, ++now)
          await soon()
          now--
        }),
      ),
    )
    expect([most, begun]).toEqual([2, Array.from({ length: 20 }, (_, i) => i)])
  })
  it('refuse what would wait beyond the limit, by name; others are not concerned', async () => {
    const turns = new Turns(1, 1, 7)
    const results = await Promise.allSettled([
      turns.take(soon, 'a'),
      turns.take(soon, 'a'),
      turns.take(soon, 'a'),
      turns.take(soon, 'b'),
    ])
    expect(results.map((r) => r.status)).toEqual(['fulfilled', 'fulfilled', 'rejected', 'fulfilled'])
    expect((results[2] as PromiseRejectedResult).reason).toEqual(new TooBusy(7))
  })
  it('a turn is given back by work that fails', async () => {
    const turns = new Turns(1, 0)
    await expect(turns.take(() => Promise.reject(new Error('no')))).rejects.toThrow('no')
    await expect(turns.take(() => Promise.resolve(1))).resolves.toBe(1)
  })
})
