import request from 'supertest'
import { pino } from 'pino'
import express from 'express'
import { errorInLog, requestLog, withoutSecrets } from './requestLog.ts'

const logged = async (ask: (app: express.Express) => Promise<unknown>): Promise<string> => {
  const lines: string[] = []
  const app = express()
    .use(requestLog(pino({}, { write: (line: string) => void lines.push(line) })))
    .use((_request, response) => {
      response.setHeader('set-cookie', 'lochmoor=SECRET-SET')
      response.json({})
    })
  await ask(app)
  return lines.join('')
}

describe('the log', () => {
  it('has a line for a call, and nothing in it that lets anybody in', async () => {
    const text = await logged((app) =>
      request(app)
        .post('/api/invitations/SECRET-LINK?token=SECRET-QUERY')
        .set('cookie', 'lochmoor=SECRET-COOKIE')
        .set('x-lochmoor-csrf', 'SECRET-CSRF')
        .set('authorization', 'Bearer SECRET-BEARER')
        .send({ password: 'SECRET-PASSWORD' }),
    )
    expect(text).toContain('"url":"/api/invitations/…"')
    expect(text).toContain('"status":200')
    expect(text).not.toContain('SECRET')
  })
  it.each([
    ['/api/invitations/abc', '/api/invitations/…'],
    ['/invitation/abc/', '/invitation/…/'],
    ['/guest/abc?x=1', '/guest/…'],
    ['/api/jobs?search=x', '/api/jobs'],
  ])('%s is written as %s', (url, said) => expect(withoutSecrets(url)).toBe(said))
  it('of a failed statement it has the reason, not what it was made with', () => {
    const failed = Object.assign(new Error('Duplicate entry'), {
      code: 'ER_DUP_ENTRY',
      errno: 1062,
      query: 'insert SECRET',
      parameters: ['SECRET'],
      driverError: { sql: 'SECRET' },
    })
    const text = JSON.stringify(errorInLog(failed))
    expect(text).toContain('ER_DUP_ENTRY')
    expect(text).not.toContain('"SECRET')
    expect(text).not.toContain('insert')
  })
})
