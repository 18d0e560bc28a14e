import { listWithin } from './holds.ts'

describe('a list that an entry of the job log holds', () => {
  const points = ['one', 'two', 'three', 'four']
  it.each([
    [100, 'one; two; three; four'],
    [21, 'one; two; three; four'],
    [20, 'one; two; and 2 more'],
    [16, 'one; and 3 more'],
  ])('within %d characters: %s', (most, list) => expect(listWithin(points, most)).toBe(list))
  it('whatever the length, every point is written or counted, and it fits', () => {
    for (let most = 16; most < 40; most++) {
      const list = listWithin(points, most)
      expect(list.length).toBeLessThanOrEqual(most)
      const more = / (\d) more$/.exec(list)
      expect(list.split('; ').length - (more ? 1 : 0) + (more ? Number(more[1]) : 0)).toBe(4)
    }
  })
})
