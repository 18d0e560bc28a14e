import { correctedIds, measurementInForce, validMeasurements } from './inForce.ts'
import type { LogRecord } from './record.ts'

const field = 'walkAround.tests.restingV'
const entry = (id: string, at: string, si: number, more: Partial<LogRecord> = {}): LogRecord => ({
  id,
  at: `2026-03-${at}T08:00:00.000Z`,
  storedAt: null,
  importedBy: null,
  who: 'T',
  corrects: null,
  withdraws: false,
  body: {
    kind: 'measurement',
    quantity: 'q',
    si,
    family: 'voltage',
    text: '',
    field,
    place: '',
    condition: '',
    instrument: '',
  },
  ...more,
})
const wins = (...records: LogRecord[]) => measurementInForce(records, field)?.id ?? null

describe('the measurement that counts', () => {
  const a = entry('a', '01', 12.1)
  const b = entry('b', '02', 12.4)
  it('none', () => expect(wins()).toBeNull())
  it('the latest wins, whatever the order of storing', () => {
    expect(wins(a, b)).toBe('b')
    expect(wins(b, a)).toBe('b')
  })
  it('of two at the same time the one stored later', () => expect(wins(a, entry('c', '01', 12.2))).toBe('c'))
  it('a corrected one counts no more, its correction does', () =>
    expect(wins(a, b, entry('c', '02', 12.6, { corrects: 'b' }))).toBe('c'))
  it('a correction of the older does not beat the newer', () =>
    expect(wins(a, b, entry('c', '01', 12.0, { corrects: 'a' }))).toBe('b'))
  it('a withdrawal gives way to the one before', () =>
    expect(wins(a, b, entry('c', '03', 12.4, { corrects: 'b', withdraws: true }))).toBe('a'))
  it('with all withdrawn nothing is known', () =>
    expect(wins(a, entry('c', '03', 12.1, { corrects: 'a', withdraws: true }))).toBeNull())
  it('all valid ones stay visible, corrected ones are named', () => {
    const list = [a, b, entry('c', '04', 12.6, { corrects: 'a' })]
    expect(
      validMeasurements(list)
        .get(field)!
        .map((r) => r.id),
    ).toEqual(['c', 'b'])
    expect([...correctedIds(list)]).toEqual(['a'])
  })
  it('a measurement of nothing in the document stands only in the book', () =>
    expect(wins(entry('d', '09', 1, { body: { ...a.body, field: null } as LogRecord['body'] }))).toBeNull())
})
