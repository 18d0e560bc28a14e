import { Secret, TOTP } from 'otpauth'
import { DataSource } from 'typeorm'
import { DEMO_PASSWORD, DEMO_PEOPLE } from '../demo/demoPeople.ts'
import { demoCaller, holderOf, nobody, type Caller } from '../test/callers.ts'
import { testServer, type TestServer } from '../test/testServer.ts'

let server: TestServer
beforeAll(async () => {
  server = await testServer()
})
afterAll(() => server.close())

const [, tobin, ishbel] = DEMO_PEOPLE
const signIn = (email: string) => nobody(server).post('/api/session', { email, password: DEMO_PASSWORD }).expect(200)
const codeOf = (secret: string, offS = 0) =>
  new TOTP({ secret: Secret.fromBase32(secret) }).generate({ timestamp: Date.now() + offS * 1000 })
/** As if the last code had been used so many steps of 30 s later. */
const usedLater = (email: string, steps: number) =>
  server.app.get(DataSource).query('update person set totp_step = totp_step + ? where email = ?', [steps, email])

const setUp = async (caller: Caller) => {
  const { secret, qrSvg } = (await caller.post('/api/session/authenticator').expect(200)).body
  expect(qrSvg).toMatch(/^<svg/)
  const answer = await caller
    .put('/api/session/authenticator', { password: DEMO_PASSWORD, secret, code: codeOf(secret as string) })
    .expect(200)
  return { secret: secret as string, codes: answer.body.recoveryCodes as string[], now: await holderOf(server, answer) }
}

describe('an authenticator', () => {
  it('is asked for after the password; each code counts once; a code from paper helps once', async () => {
    const before = await demoCaller(server, 'installer')
    const { codes, now, secret } = await setUp(before)
    expect(codes).toHaveLength(10)
    // Rights have risen: the session from before is worth nothing.
    await before.get('/api/jobs').expect(401)
    await now.get('/api/jobs').expect(200)
    expect((await now.get('/api/session')).body.secondFactor).toMatchObject({ totp: true, recoveryCodes: 10 })

    const halfway = await holderOf(server, await signIn(tobin.email))
    expect((await halfway.get('/api/session')).body).toEqual({ state: 'second-factor', totp: true, passkey: false })
    await halfway.get('/api/jobs').expect(401)
    await halfway.post('/api/session/second-factor', { code: '000000' }).expect(403)
    // A code that was used already.
    await usedLater(tobin.email, 5)
    await halfway.post('/api/session/second-factor', { code: codeOf(secret) }).expect(403)
    await usedLater(tobin.email, -15)
    const code = codeOf(secret)
    const [one, two] = await Promise.all([
      halfway.post('/api/session/second-factor', { code }),
      halfway.post('/api/session/second-factor', { code }),
    ])
    expect([one.status, two.status].sort()).toEqual([200, expect.any(Number)])
    expect([one.status, two.status].filter((s) => s === 200)).toHaveLength(1)
    await (await holderOf(server, one.status === 200 ? one : two)).get('/api/jobs').expect(200)
    // Halfway is no session of its own any more.
    await halfway.post('/api/session/second-factor', { code }).expect(409)

    const again = await holderOf(server, await signIn(tobin.email))
    const entered = await again.post('/api/session/second-factor', { code: codes[3]!.toUpperCase() }).expect(200)
    const third = await holderOf(server, await signIn(tobin.email))
    await third.post('/api/session/second-factor', { code: codes[3] }).expect(403)
    const trail = (await (await demoCaller(server, 'owner')).get('/api/workshop/audit')).body as { event: string }[]
    expect(trail.map((a) => a.event)).toEqual(expect.arrayContaining(['second-factor-set', 'second-factor-failed']))
    const here = await holderOf(server, entered)
    await here.post('/api/session/second-factor/removal', { password: 'wrong' }).expect(403)
    await here.post('/api/session/second-factor/removal', { password: DEMO_PASSWORD }).expect(200)
    expect((await (await holderOf(server, await signIn(tobin.email))).get('/api/session')).body.state).toBe('signed-in')
  })

  it('needs the password and a right code to be set up', async () => {
    const caller = await demoCaller(server, 'installer')
    const { secret } = (await caller.post('/api/session/authenticator')).body
    await caller
      .put('/api/session/authenticator', { password: 'wrong', secret, code: codeOf(secret as string) })
      .expect(403)
    await caller.put('/api/session/authenticator', { password: DEMO_PASSWORD, secret, code: '123456' }).expect(403)
    expect((await caller.get('/api/session')).body.secondFactor.totp).toBe(false)
  })

  it('guesses at codes are slowed like guesses at passwords', async () => {
    await setUp(await holderOf(server, await signIn(ishbel.email)))
    const halfway = await holderOf(server, await signIn(ishbel.email))
    const answers = await Promise.all(
      Array.from({ length: 100 }, (_, i) => halfway.post('/api/session/second-factor', { code: String(100000 + i) })),
    )
    expect(answers.filter((a) => a.status === 403).length).toBeLessThanOrEqual(12)
    expect(answers.some((a) => a.status === 429)).toBe(true)
    // An owner takes it away from somebody who has lost phone and paper.
    const owner = await demoCaller(server, 'owner')
    await owner.patch(`/api/workshop/people/${ishbel.id}`, { secondFactor: 'reset' }).expect(200)
    expect((await (await holderOf(server, await signIn(ishbel.email))).get('/api/session')).body.state).toBe(
      'signed-in',
    )
  })
})

describe('a workshop that asks for a second factor', () => {
  it('lets nobody do anything before they have one, but set it up and leave', async () => {
    const owner = await demoCaller(server, 'owner')
    await owner.patch('/api/workshop', { secondFactor: true }).expect(200)
    const caller = await demoCaller(server, 'installer')
    expect((await caller.get('/api/session')).body.secondFactor.wanting).toBe(true)
    for (const path of ['/api/jobs', '/api/catalogue', '/api/workshop/colleagues'])
      expect((await caller.get(path).expect(403)).body.code).toBe('secondFactor')
    const { now } = await setUp(caller)
    await now.get('/api/jobs').expect(200)
    const { now: ownerNow } = await setUp(owner)
    await ownerNow.patch('/api/workshop', { secondFactor: false }).expect(200)
  })
})

describe('a passkey', () => {
  it('what is no answer of a key is refused and counts for nothing', async () => {
    const caller = await demoCaller(server, 'owner')
    const { challenge } = (await caller.post('/api/session/new-passkey').expect(200)).body
    expect(challenge).toMatch(/^[\w-]{20,}$/)
    const response = {
      id: 'abc',
      rawId: 'abc',
      type: 'public-key',
      response: { clientDataJSON: 'e30', attestationObject: 'oA' },
    }
    await caller.put('/api/session/new-passkey', { password: DEMO_PASSWORD, name: 'Key', response }).expect(403)
    // A challenge is answered once, rightly or not.
    await caller.put('/api/session/new-passkey', { password: DEMO_PASSWORD, name: 'Key', response }).expect(409)
  })
})
