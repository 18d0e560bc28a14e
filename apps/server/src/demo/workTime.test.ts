import fc from 'fast-check'
import { workTime } from './workTime.ts'

describe('times of the demo', () => {
  it.each<[string, number, number, string]>([
    ['2026-11-28T17:00:00Z', 0, 0, '2026-11-27T08:00:00.000Z'],
    ['2026-11-30T17:00:00Z', 1, 2, '2026-11-27T08:46:00.000Z'],
    ['2026-11-26T03:10:00Z', 0, 0, '2026-11-26T03:10:00.000Z'],
  ])('%s, %d days before, the %dth thing: %s', (now, days, n, at) =>
    expect(workTime(new Date(now), days, n).toISOString()).toBe(at),
  )
  it('somebody is there: a weekday between eight and four, never in time to come', () =>
    fc.assert(
      fc.property(
        fc.date({ min: new Date('2025-01-01'), max: new Date('2030-01-01'), noInvalidDate: true }),
        fc.integer({ min: 1, max: 200 }),
        fc.nat(20),
        (now, days, n) => {
          const at = workTime(now, days, n)
          expect(at.getTime()).toBeLessThanOrEqual(now.getTime())
          expect([0, 6]).not.toContain(at.getUTCDay())
          expect(at.getUTCHours()).toBeGreaterThanOrEqual(8)
          expect(at.getUTCHours()).toBeLessThan(16)
        },
      ),
      { seed: 22 },
    ))
})
