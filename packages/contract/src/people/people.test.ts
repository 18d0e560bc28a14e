import { emptyJob } from '@lochmoor/core'
import type { z } from 'zod'
import { JOB_SCHEMA_VERSION } from '../job/jobDocument.ts'
import { BoardQuery, NewJob } from '../job/jobRequests.ts'
import { JobFileHead } from '../records/jobFile.ts'
import { NewRecord, RecordQuery } from '../records/records.ts'
import { Email, FirstOwner, LinkToken, NewGuestLink, NewPassword, PersonName, SignIn } from './people.ts'

const says = (schema: z.ZodType, value: unknown): string | null => {
  const parsed = schema.safeParse(value)
  return parsed.success ? null : parsed.error.issues[0]!.message
}

describe('what people may send', () => {
  it('an address is trimmed and lower case, so that one person has one account', () =>
    expect(Email.parse('  Maren@Skerrow-Bank.Example ')).toBe('maren@skerrow-bank.example'))
  it.each([
    ['no address', Email, 'maren', /e-mail address/],
    ['an address that is too long', Email, `${'a'.repeat(200)}@x.example`, /at most 190/],
    ['a short password', NewPassword, 'eleven char', /12 to 200/],
    ['a very long one', NewPassword, 'x'.repeat(201), /12 to 200/],
    ['an empty name', PersonName, '   ', /1 to 80/],
    ['a token with a path in it', LinkToken, '../../etc/passwd/aaaaaaaaaa', /token of a link/],
    ['half a day', NewGuestLink, { days: 0.5 }, /1 to 90/],
    [
      'a role nobody has',
      FirstOwner,
      { workshop: 'w', name: 'n', email: 'a@b.example', password: 'long enough today', role: 'king' },
      /Unrecognized/,
    ],
    ['a password that is no text', SignIn, { email: 'a@b.example', password: 7 }, /expected string/],
  ] as const)('refuses %s', (_name, schema, value, said) => expect(says(schema, value)).toMatch(said))
})

describe('what the board and the book may be asked', () => {
  it('nothing asked means the first page of what changed last', () =>
    expect(BoardQuery.parse({})).toEqual({
      search: '',
      archived: 'no',
      sort: 'changed',
      direction: 'down',
      page: 1,
      size: 25,
    }))
  it('numbers in an address are text', () =>
    expect(BoardQuery.parse({ page: '3', size: '50' })).toMatchObject({ page: 3, size: 50 }))
  it.each([
    [BoardQuery, { size: '101' }, /1 to 100/],
    [BoardQuery, { page: 'two' }, /1 to 100000/],
    [BoardQuery, { sort: 'colour' }, /"changed", "title"/],
    [RecordQuery, { before: 'yesterday' }, /gave as next/],
    [RecordQuery, { kind: 'rumour' }, /"note", "measurement"/],
  ] as const)('refuses %#', (schema, value, said) => expect(says(schema, value)).toMatch(said))
})

describe('entries, jobs and files', () => {
  const id = '5d1b8f0a-2c64-4b1e-8a7f-0e9d3c5b1a41'
  const at = '2026-02-01T08:00:00.000Z'
  it('an entry that corrects nothing withdraws nothing', () =>
    expect(NewRecord.parse({ id, at, body: { kind: 'note', text: ' seen ' } })).toEqual({
      id,
      at,
      body: { kind: 'note', text: 'seen' },
      corrects: null,
      withdraws: false,
    }))
  it.each([
    ['no time', { id, at: 'noon', body: { kind: 'note', text: 'x' } }],
    ['no id', { id: '7', at, body: { kind: 'note', text: 'x' } }],
    [
      'a figure that is not finite',
      {
        id,
        at,
        body: {
          kind: 'measurement',
          quantity: 'q',
          si: Infinity,
          family: null,
          text: 't',
          field: null,
          place: '',
          condition: '',
          instrument: '',
        },
      },
    ],
  ])('refuses an entry with %s', (_name, value) => expect(NewRecord.safeParse(value).success).toBe(false))
  it('a job is begun by a name and perhaps one of the templates', () => {
    expect(says(NewJob, { title: 'x', template: 'port-return' })).toBeNull()
    expect(says(NewJob, { title: 'x', template: 'rotary' })).toMatch(/throttle-body-return/)
  })
  it('the head of a file says what it is before anything else is read', () => {
    const head = { format: 'lochmoor-job', schemaVersion: 1, sections: emptyJob('x'), anything: 'else' }
    expect(says(JobFileHead, head)).toBeNull()
    expect(says(JobFileHead, { ...head, schemaVersion: 0 })).toContain(`1 to ${JOB_SCHEMA_VERSION};`)
    expect(says(JobFileHead, { ...head, schemaVersion: '1' })).toMatch(/whole number/)
  })
})
