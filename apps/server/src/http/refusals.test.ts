import { BadRequestException, HttpException, type ArgumentMetadata, type ArgumentsHost } from '@nestjs/common'
import { pino } from 'pino'
import { z } from 'zod'
import { isDatabaseAway } from '../database/isDatabaseAway.ts'
import { isDiskFull } from '../database/isDiskFull.ts'
import { RefusalFilter } from './refusal.filter.ts'
import { SchemaPipe } from './schema.pipe.ts'

const answerTo = (thrown: unknown) => {
  const answer = { status: 0, body: {} as Record<string, unknown> }
  const response = {
    status: (s: number) => ((answer.status = s), response),
    type: () => response,
    removeHeader: () => undefined,
    setHeader: () => undefined,
    json: (b: Record<string, unknown>) => (answer.body = b),
  }
  const host = {
    switchToHttp: () => ({ getResponse: () => response, getRequest: () => ({ method: 'POST', path: '/api/jobs' }) }),
  } as unknown as ArgumentsHost
  new RefusalFilter(pino({ level: 'silent' })).catch(thrown, host)
  return answer
}
const withCode = (code: string) => Object.assign(new Error('x'), { code })

describe('refusals', () => {
  it.each([
    [
      'a refusal of ours keeps what it says',
      new HttpException({ code: 'stale', message: 'm', current: 1 }, 409),
      409,
      { code: 'stale', message: 'm', current: 1 },
    ],
    ['a plain one gets a code', new HttpException('gone', 410), 410, { code: 'refused', message: 'gone' }],
    [
      'too large says how much',
      new HttpException('request entity too large', 413),
      413,
      { code: 'tooLarge', message: 'The request is larger than 64 kB; allowed: at most 64 kB.' },
    ],
    ['a lost database is 503', withCode('ECONNREFUSED'), 503, { code: 'databaseAway' }],
  ])('%s', (_name, thrown, status, body) => expect(answerTo(thrown)).toMatchObject({ status, body }))

  it('what is not ours to tell becomes a 500 with an id and without its message', () => {
    const { status, body } = answerTo(new Error('secret of the house'))
    expect(status).toBe(500)
    expect(JSON.stringify(body)).not.toContain('secret')
    expect(body['message']).toMatch(/server log as [0-9a-f-]{36}/)
  })
})

describe('a database out of reach', () => {
  it.each([
    ['a refused connection', withCode('ECONNREFUSED'), true],
    ['a lost one, wrapped', Object.assign(new Error('q'), { driverError: withCode('PROTOCOL_CONNECTION_LOST') }), true],
    ['a closed pool', new Error('Pool is closed.'), true],
    ['a wrong statement', withCode('ER_PARSE_ERROR'), false],
    ['a duplicate key', withCode('ER_DUP_ENTRY'), false],
    ['anything else', new Error('no'), false],
    ['nothing', undefined, false],
  ])('%s: %#', (_name, error, away) => expect(isDatabaseAway(error)).toBe(away))
})

describe('a full disk', () => {
  it.each([
    ['a table that cannot grow', Object.assign(new Error('q'), { errno: 1114 }), true],
    ['no space for a temporary file', Object.assign(new Error('q'), { errno: 1021 }), true],
    ['the system’s own word', new Error('Error writing file (Errcode: 28 "No space left on device")'), true],
    ['a file of our own', withCode('ENOSPC'), true],
    ['a duplicate key', Object.assign(new Error('q'), { errno: 1062 }), false],
    ['nothing', undefined, false],
  ])('%s: %#', (_name, error, full) => expect(isDiskFull(error)).toBe(full))
})

describe('the pipe at the door', () => {
  const pipe = new SchemaPipe()
  const metadata = (schema: z.ZodType | undefined, type: 'body' | 'param', data?: string) =>
    ({ schema, type, data }) as unknown as ArgumentMetadata
  it('lets through what the schema made of it', () => {
    expect(pipe.transform(' x ', metadata(z.string().trim(), 'body'))).toBe('x')
    expect(pipe.transform({ any: 1 }, metadata(undefined, 'body'))).toEqual({ any: 1 })
  })
  it('names a parameter by its own name', () => {
    expect(() => pipe.transform('x', metadata(z.uuid({ error: 'allowed: an id' }), 'param', 'id'))).toThrow(
      new BadRequestException('id is "x"; allowed: an id'),
    )
  })
})
