import type { LogRecord } from '@lochmoor/core'
import fc from 'fast-check'
import { foldedRecords } from './foldedRecords.ts'

const record = (n: number, more: Partial<LogRecord> = {}, body: object = {}): LogRecord =>
  ({
    id: `r${n}`,
    at: '2026-03-04T10:00:00.000Z',
    storedAt: '2026-03-04T10:00:00.000Z',
    importedBy: null,
    who: 'Maren Skell',
    corrects: null,
    withdraws: false,
    body: { kind: 'measurement', quantity: 'Compression', text: '9 bar', si: 9e5, family: 'compression', field: 'walkAround.tests.compressionPa.0', place: '', condition: '', instrument: '', ...body },
    ...more,
  }) // prettier-ignore

const lengths = (records: readonly LogRecord[], open = false) =>
  foldedRecords(records, open).map((p) => (p.kind === 'one' ? 1 : p.records.length))

describe('measurements that stations entered', () => {
  it('fold from three in a row on', () => {
    expect(lengths([record(1), record(2)])).toEqual([1, 1])
    expect(lengths([record(1), record(2), record(3)])).toEqual([3])
  })
  it.each<[string, LogRecord]>([
    ['a note', record(9, {}, { kind: 'note' })],
    ['one with its instrument', record(9, {}, { instrument: 'gauge' })],
    ['one that belongs to no field', record(9, {}, { field: null })],
    ['a correction', record(9, { corrects: 'r1' })],
    ['one that is not sent yet', record(9, { storedAt: null })],
  ])('%s stands by itself', (_name, other) =>
    expect(lengths([record(1), record(2), record(3), other, record(4), record(5), record(6)])).toEqual([3, 1, 3]),
  )
  it('another person or day begins another fold', () => {
    const others = [4, 5, 6].map((n) => record(n, { who: 'Tobin Raithe' }))
    expect(lengths([record(1), record(2), record(3), ...others])).toEqual([3, 3])
  })
  it('are all shown to somebody who looks for one', () =>
    expect(lengths([record(1), record(2), record(3)], true)).toEqual([1, 1, 1]))
  it('no entry is lost or moved', () =>
    fc.assert(
      fc.property(
        fc.array(fc.record({ who: fc.constantFrom('a', 'b'), note: fc.boolean() }), { maxLength: 30 }),
        (list) => {
          const records = list.map((x, n) => record(n, { who: x.who }, x.note ? { kind: 'note' } : {}))
          expect(foldedRecords(records, false).flatMap((p) => (p.kind === 'one' ? [p.record] : p.records))).toEqual(
            records,
          )
        },
      ),
      { seed: 22 },
    ))
})
