import { DataSource } from 'typeorm'
import { DEMO_PASSWORD, DEMO_PEOPLE } from '../demo/demoPeople.ts'
import { demoCaller, nobody } from '../test/callers.ts'
import { testServer, type TestServer } from '../test/testServer.ts'
import { PACES } from './attempts.service.ts'
import request from 'supertest'

let server: TestServer
beforeAll(async () => {
  server = await testServer({ proxies: 1 })
})
afterAll(() => server.close())

const [maren, tobin, ishbel] = DEMO_PEOPLE
const signIn = (email: string, password: string, from = '203.0.113.9') =>
  request(server.http).post('/api/session').set('x-forwarded-for', from).send({ email, password })
const forget = () => server.app.get(DataSource).query('delete from attempt')
const later = (s: number) =>
  server.app.get(DataSource).query('update attempt set free_at = free_at - interval ? second', [s])

/** How many guesses the waits leave room for: 1, 3, 7, 15 s and so on after the free ones. */
const freeWithin = (startMs: number): number =>
  PACES.accountHere.free + 1 + Math.floor(Math.log2((Date.now() - startMs) / 1000 + 2))

describe('guesses at a password', () => {
  beforeEach(forget)

  it('300 at once: only the free ones are tried, the right one among them or not', async () => {
    const start = Date.now()
    const answers = await Promise.all(Array.from({ length: 300 }, (_, i) => signIn(ishbel.email, `wrong ${i}`)))
    const tried = answers.filter((a) => a.status === 403).length
    expect(tried).toBeLessThanOrEqual(freeWithin(start))
    expect(answers.filter((a) => a.status === 429)).toHaveLength(300 - tried)
    const last = await signIn(ishbel.email, DEMO_PASSWORD)
    expect([last.status, last.body.code]).toEqual([429, 'tooManyTries'])
    expect(last.headers['retry-after']).toBe(String(last.body.retryAfterS))
  })

  it('each wait is about twice the one before, and is waited out', async () => {
    const waits: number[] = []
    for (let i = 0; i < 9; i++) {
      await signIn(ishbel.email, `wrong ${i}`).expect(403)
      const probe = await signIn(ishbel.email, 'wrong again')
      if (probe.status === 429) waits.push(probe.body.retryAfterS as number)
      await later(1000)
    }
    expect(waits.length).toBeGreaterThan(4)
    for (const [i, s] of waits.slice(1).entries()) expect(s).toBeGreaterThan(waits[i]! * 1.5)
    await signIn(ishbel.email, DEMO_PASSWORD).expect(200)
    // Signed in, the count begins anew.
    for (let i = 0; i < PACES.accountHere.free; i++) await signIn(ishbel.email, `wrong ${i}`).expect(403)
  })

  it('nobody can lock an owner out: where they have signed in before, only their own failures count', async () => {
    await signIn(maren.email, DEMO_PASSWORD, '203.0.113.50').expect(200)
    for (let i = 0; i < 60; i++) await signIn(maren.email, `wrong ${i}`, `198.51.100.${i}`)
    // From somewhere new the account waits now, a minute at most.
    const fresh = await signIn(maren.email, DEMO_PASSWORD, '192.0.2.77')
    expect(fresh.status).toBe(429)
    expect(fresh.body.retryAfterS).toBeLessThanOrEqual(60)
    await signIn(maren.email, DEMO_PASSWORD, '203.0.113.50').expect(200)
  })

  it('a machine that tries many accounts waits as well, others do not', async () => {
    const answers = []
    for (let i = 0; i < PACES.address.free + 10; i++) answers.push(await signIn(`a${i}@b.example`, 'x', '203.0.113.99'))
    expect(answers.at(-1)!.status).toBe(429)
    await signIn(tobin.email, DEMO_PASSWORD, '203.0.113.98').expect(200)
  })

  it('the present password is guessed at no faster by somebody who found a browser open, and it is noted', async () => {
    const owner = await demoCaller(server, 'owner')
    const start = Date.now()
    const answers = await Promise.all(
      Array.from({ length: 60 }, (_, i) =>
        owner.post('/api/session/password', { current: `wrong ${i}`, next: 'a new long one' }),
      ),
    )
    expect(answers.filter((a) => a.status === 403).length).toBeLessThanOrEqual(freeWithin(start))
    expect(answers.some((a) => a.status === 429 && Number(a.headers['retry-after']) > 0)).toBe(true)
    const trail = (await owner.get('/api/workshop/audit')).body as { event: string }[]
    expect(trail.some((a) => a.event === 'password-wrong')).toBe(true)
    await nobody(server).get('/api/session').expect(200)
  })
})
