import { photosAt } from './photosAt.ts'
import type { LogRecord } from './record.ts'

const photo = (id: string, field: string | null, more: Partial<LogRecord> = {}): LogRecord => ({
  id,
  at: '2026-05-01T10:00:00.000Z',
  body: { kind: 'photo', text: id, photoId: `photo-${id}`, field },
  corrects: null,
  withdraws: false,
  who: 'A',
  importedBy: null,
  storedAt: null,
  ...more,
})
const texts = (records: readonly LogRecord[], field: string) =>
  photosAt(records)
    .get(field)
    ?.map((r) => r.body.text)

describe('photographs of a field', () => {
  it('are its own, in the order of the log; those of no field belong to none', () => {
    const log = [photo('c', 'a.b'), photo('b', null), photo('a', 'a.b'), photo('d', 'a.c')]
    expect(texts(log, 'a.b')).toEqual(['c', 'a'])
    expect([...photosAt(log).keys()]).toEqual(['a.b', 'a.c'])
  })
  it('stand as corrected last', () =>
    expect(texts([photo('b', 'a.b', { corrects: 'a' }), photo('a', 'a.b')], 'a.b')).toEqual(['b']))
  it('are gone once voided', () =>
    expect(texts([photo('b', 'a.b', { corrects: 'a', withdraws: true }), photo('a', 'a.b')], 'a.b')).toBeUndefined())
})
