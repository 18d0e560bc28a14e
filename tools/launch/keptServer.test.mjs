// @ts-check
import { patience } from './keptServer.mjs'

describe('what ends by itself is started again', () => {
  it('with pauses that grow, and is given up after ten ends within a minute', () => {
    const next = patience()
    const pauses = Array.from({ length: 11 }, (_, i) => next(1000 + i * 100))
    expect(pauses.slice(0, 8)).toEqual([250, 500, 1000, 2000, 4000, 8000, 15_000, 15_000])
    expect(pauses.slice(8)).toEqual([15_000, 15_000, null])
  })
  it('an end now and then is forgotten', () => {
    const next = patience()
    for (let i = 0; i < 100; i++) expect(next(i * 61_000)).toBe(250)
  })
})
