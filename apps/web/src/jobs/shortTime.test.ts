import { daysSince, shortTime } from './shortTime.ts'

describe('times on the board', () => {
  const now = new Date(2026, 2, 10, 12, 0)
  it('a clock time today, a day else', () => {
    expect(shortTime(new Date(2026, 2, 10, 8, 5).toISOString(), now)).toBe('08:05')
    expect(shortTime(new Date(2026, 1, 1, 8, 5).toISOString(), now)).toBe('1 Feb 2026')
  })
  it.each([
    [0, 0],
    [23.9, 0],
    [24, 1],
    [24 * 12 + 3, 12],
    [-5, 0],
  ])('%s hours ago are %s days', (hours, days) =>
    expect(daysSince(new Date(now.getTime() - hours * 3_600_000).toISOString(), now.getTime())).toBe(days),
  )
})
