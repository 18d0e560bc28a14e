import request from 'supertest'
import { DataSource } from 'typeorm'
import { DEMO_PASSWORD, DEMO_PEOPLE } from '../demo/demoPeople.ts'
import { DEMO_JOBS } from '../demo/demoJobs.ts'
import { demoCaller, holderOf, nobody, type Caller } from '../test/callers.ts'
import { testServer, type TestServer } from '../test/testServer.ts'

let server: TestServer
beforeAll(async () => {
  server = await testServer()
})
afterAll(() => server.close())

const [maren, tobin, ishbel] = DEMO_PEOPLE
const signIn = (email: string, password: string) => nobody(server).post('/api/session', { email, password })
const mailbox = async (owner: Caller) => (await owner.get('/api/workshop/mailbox').expect(200)).body

describe('signing in', () => {
  it('sets a cookie that scripts and other sites cannot have', async () => {
    const answer = await signIn(' Maren@Skerrow-Bank.example ', DEMO_PASSWORD).expect(200)
    const [cookie] = answer.headers['set-cookie'] as unknown as string[]
    expect(cookie).toMatch(/^lochmoor=[\w-]{40,}; /)
    expect(cookie).toMatch(/HttpOnly/)
    expect(cookie).toMatch(/SameSite=Strict/)
    const { body } = await (await holderOf(server, answer)).get('/api/session')
    expect(body).toMatchObject({ state: 'signed-in', role: 'owner', name: maren.name, workshop: 'Skerrow Bank Garage' })
  })
  it('stores neither password nor token as they are', async () => {
    const caller = await demoCaller(server, 'owner')
    const database = server.app.get(DataSource)
    const token = caller.cookie.split('=')[1]!
    const dump = JSON.stringify([
      await database.query('select * from session'),
      await database.query('select * from person'),
    ])
    expect(dump).not.toContain(token)
    expect(dump).not.toContain(DEMO_PASSWORD)
    expect(dump).toContain('$argon2id$')
  })
  it('a wrong password and an unknown address are answered alike, and noted', async () => {
    const wrong = await signIn(tobin.email, 'not this one').expect(403)
    const unknown = await signIn('nobody@skerrow-bank.example', 'not this one').expect(403)
    expect(wrong.body).toEqual(unknown.body)
    const trail = (await (await demoCaller(server, 'owner')).get('/api/workshop/audit')).body
    expect(
      trail.some((a: { event: string; who: string }) => a.event === 'sign-in-failed' && a.who === tobin.email),
    ).toBe(true)
  })
  it.each([
    ['no address', { email: 'nonsense', password: 'x' }, /email is "nonsense"; allowed: an e-mail address/],
    ['no password', { email: 'a@b.example' }, /password is nothing/],
    ['an unknown field', { email: 'a@b.example', password: 'x', admin: true }, /admin is true; allowed: no field/],
  ])('refuses %s by name', async (_name, body, said) => {
    expect((await nobody(server).post('/api/session', body).expect(400)).body.message).toMatch(said)
  })
})

describe('behind a proxy', () => {
  it('the cookie is for HTTPS only, and the trail has the address of who asked', async () => {
    const behind = await testServer({ proxies: 1 })
    const answer = await request(behind.http)
      .post('/api/session/demo')
      .set('x-forwarded-proto', 'https')
      .set('x-forwarded-for', '203.0.113.7')
      .send({ as: 'owner' })
      .expect(200)
    expect((answer.headers['set-cookie'] as unknown as string[])[0]).toMatch(/; Secure/)
    const [set] = answer.headers['set-cookie'] as unknown as string[]
    expect(set).toMatch(/^__Host-lochmoor=.*; Path=\/;/)
    expect(set).not.toMatch(/Domain/)
    const trail = (secure: boolean) =>
      request(behind.http)
        .get('/api/workshop/audit')
        .set('cookie', set!.split(';')[0]!)
        .set('x-forwarded-proto', secure ? 'https' : 'http')
    expect((await trail(true)).body[0]).toMatchObject({ event: 'signed-in', address: '203.0.113.7' })
    // On a plain connection that name lets nobody in, nor does the plain name on a secure one.
    await trail(false).expect(401)
    await behind.close()
  })
  it('without one such headers are not believed', async () => {
    const answer = await request(server.http)
      .post('/api/session/demo')
      .set('x-forwarded-proto', 'https')
      .set('x-forwarded-for', '203.0.113.7')
      .send({ as: 'owner' })
    expect((answer.headers['set-cookie'] as unknown as string[])[0]).not.toMatch(/; Secure/)
    const trail = (await (await holderOf(server, answer)).get('/api/workshop/audit')).body
    expect(trail[0].address).toMatch(/127\.0\.0\.1/)
  })
})

describe('signing out', () => {
  it('ends the session at the server, not only in the browser', async () => {
    const caller = await demoCaller(server, 'installer')
    await caller.get('/api/jobs').expect(200)
    await caller.delete('/api/session').expect(200)
    await caller.get('/api/jobs').expect(401)
  })
  it('everywhere ends all of this person’s and nobody else’s', async () => {
    const [here, there, other] = [
      await demoCaller(server, 'installer'),
      await demoCaller(server, 'installer'),
      await demoCaller(server, 'owner'),
    ]
    await here.delete('/api/session/all').expect(200)
    await there.get('/api/jobs').expect(401)
    await other.get('/api/jobs').expect(200)
  })
  it('an expired session is none', async () => {
    const caller = await demoCaller(server, 'installer')
    await server.app
      .get(DataSource)
      .query('update session set expires_at = now() - interval 1 second where person_id = ?', [tobin.id])
    await caller.get('/api/jobs').expect(401)
  })
})

describe('a session that rests', () => {
  const rest = (hours: number) =>
    server.app
      .get(DataSource)
      .query('update session set seen_at = now(6) - interval ? minute where person_id = ?', [hours * 60 + 1, tobin.id])
  it('ends after the hours that the workshop has set, twelve where it has set none; used, it goes on', async () => {
    const caller = await demoCaller(server, 'installer')
    await rest(11)
    await caller.get('/api/jobs').expect(200)
    await rest(11)
    await caller.get('/api/jobs').expect(200)
    await rest(12)
    await caller.get('/api/jobs').expect(401)
    const owner = await demoCaller(server, 'owner')
    await owner.patch('/api/workshop', { idleHours: 2 }).expect(200)
    const again = await demoCaller(server, 'installer')
    await rest(2)
    await again.get('/api/jobs').expect(401)
    const { body } = await owner.patch('/api/workshop', { idleHours: 0 }).expect(400)
    expect(body.message).toBe('idleHours is 0; allowed: a whole number of hours, 1 to 720')
    await owner.patch('/api/workshop', { idleHours: 12 }).expect(200)
  })
  it('whoever signs in anew in the same browser leaves no session behind', async () => {
    const before = await demoCaller(server, 'installer')
    const answer = await before.post('/api/session', { email: tobin.email, password: DEMO_PASSWORD }).expect(200)
    await before.get('/api/jobs').expect(401)
    await (await holderOf(server, answer)).get('/api/jobs').expect(200)
  })
})

describe('a password that everybody would try', () => {
  it.each([
    ['one of the lists', '1qaz2wsx3edc', /lists of common passwords/],
    ['a word of the lists, twice', 'dragondragon', /lists of common passwords/],
    ['a word of the lists with figures behind it', 'sunshine123456', /lists of common passwords/],
    ['one letter', 'aaaaaaaaaaaaaa', /lists of common passwords/],
    ['their own name', 'for-tobin-alone', /without your own name/],
    ['their own address', 'skerrow tobin x', /without your own name/],
  ])('is refused: %s', async (_name, next, said) => {
    const caller = await demoCaller(server, 'installer')
    const { body } = await caller.post('/api/session/password', { current: DEMO_PASSWORD, next }).expect(400)
    expect(body.problems).toEqual([{ field: 'next', value: '(not shown)', allowed: expect.stringMatching(said) }])
    expect(JSON.stringify(body)).not.toContain(next)
  })
})

describe('password', () => {
  it('changes only with the present one, ends other sessions, never says a password back', async () => {
    const [here, there] = [await demoCaller(server, 'installer'), await demoCaller(server, 'installer')]
    const wrong = await here.post('/api/session/password', { current: 'wrong', next: 'a new long one' }).expect(403)
    expect(wrong.body.message).toMatch(/current password is wrong/)
    const short = await here.post('/api/session/password', { current: DEMO_PASSWORD, next: 'brief' }).expect(400)
    expect(short.body.message).toBe('next is "(not shown)"; allowed: 12 to 200 characters')
    const answer = await here
      .post('/api/session/password', { current: DEMO_PASSWORD, next: 'a new long one' })
      .expect(200)
    // A new token for this browser; the one from before is worth nothing, wherever else it may be.
    const now = await holderOf(server, answer)
    expect(now.cookie).not.toBe(here.cookie)
    await now.get('/api/jobs').expect(200)
    await here.get('/api/jobs').expect(401)
    await there.get('/api/jobs').expect(401)
    await signIn(tobin.email, DEMO_PASSWORD).expect(403)
    await signIn(tobin.email, 'a new long one').expect(200)
    await now.post('/api/session/password', { current: 'a new long one', next: DEMO_PASSWORD }).expect(200)
    const trail = (await (await demoCaller(server, 'owner')).get('/api/workshop/audit')).body as { event: string }[]
    expect(trail.map((a) => a.event)).toEqual(expect.arrayContaining(['password-wrong', 'password-changed']))
  })
})

describe('people', () => {
  it('an owner asks somebody in by a link that works once', async () => {
    const owner = await demoCaller(server, 'owner')
    await owner.post('/api/workshop/invitations', { email: 'New@Hand.example', role: 'installer' }).expect(201)
    const box = await mailbox(owner)
    expect(box).toMatchObject({ standIn: true, says: expect.stringMatching(/stand-in: no mail leaves this machine/) })
    const token = (box.letters[0].link as string).split('/').at(-1)!
    expect((await nobody(server).get(`/api/invitations/${token}`).expect(200)).body).toEqual({
      email: 'new@hand.example',
      workshop: 'Skerrow Bank Garage',
      known: false,
    })
    const accept = { token, name: 'New Hand', password: 'a long enough one' }
    const answer = await nobody(server).post('/api/invitations', accept).expect(201)
    await (await holderOf(server, answer)).get('/api/jobs').expect(200)
    await nobody(server).post('/api/invitations', accept).expect(410)
    await signIn('new@hand.example', 'a long enough one').expect(200)
  })
  it('a link for somebody known sets a new password and keeps the role', async () => {
    const owner = await demoCaller(server, 'owner')
    await owner.post('/api/workshop/invitations', { email: ishbel.email, role: 'owner' }).expect(201)
    const token = ((await mailbox(owner)).letters[0].link as string).split('/').at(-1)!
    await nobody(server)
      .post('/api/invitations', { token, name: ishbel.name, password: 'another long one' })
      .expect(201)
    const people = (await owner.get('/api/workshop/people')).body as { email: string; role: string }[]
    expect(people.find((p) => p.email === ishbel.email)?.role).toBe('installer')
    await signIn(ishbel.email, 'another long one').expect(200)
  })
  it('changes roles, notes it, and keeps the last owner', async () => {
    const owner = await demoCaller(server, 'owner')
    await owner.patch(`/api/workshop/people/${maren.id}`, { role: 'installer' }).expect(409)
    await owner.patch(`/api/workshop/people/${maren.id}`, { active: false }).expect(409)
    await owner.patch(`/api/workshop/people/${ishbel.id}`, { role: 'owner' }).expect(200)
    await owner.patch(`/api/workshop/people/${ishbel.id}`, { role: 'installer' }).expect(200)
    const { body } = await owner.get('/api/workshop/audit')
    expect(body[0]).toMatchObject({
      event: 'role-changed',
      who: maren.email,
      about: `${ishbel.email}: owner to installer`,
    })
  })
  it('who is shut out is out at once', async () => {
    const owner = await demoCaller(server, 'owner')
    const caller = await holderOf(server, await signIn('new@hand.example', 'a long enough one'))
    const people = (await owner.get('/api/workshop/people')).body as { id: string; email: string }[]
    const { id } = people.find((p) => p.email === 'new@hand.example')!
    await owner.patch(`/api/workshop/people/${id}`, { active: false }).expect(200)
    await caller.get('/api/jobs').expect(401)
    await signIn('new@hand.example', 'a long enough one').expect(403)
  })
  it('preferences go with the person to another browser', async () => {
    const preferences = { units: { pressure: 'psi' }, theme: 'dark', english: 'american' }
    await (await demoCaller(server, 'installer')).put('/api/session/preferences', preferences).expect(200)
    expect((await (await demoCaller(server, 'installer')).get('/api/session')).body.preferences).toEqual(preferences)
    expect((await (await demoCaller(server, 'owner')).get('/api/session')).body.preferences).toEqual({
      units: {},
      theme: null,
      english: null,
    })
  })
  it('preferences of before there were two Englishes name none, and another English is refused by name', async () => {
    const owner = await demoCaller(server, 'owner')
    await owner.put('/api/session/preferences', { units: {}, theme: null }).expect(200)
    expect((await owner.get('/api/session')).body.preferences.english).toBeNull()
    const refused = await owner
      .put('/api/session/preferences', { units: {}, theme: null, english: 'welsh' })
      .expect(400)
    expect(refused.body.message).toMatch(/english is "welsh"/)
  })
})

describe('guests', () => {
  const job = `/api/jobs/${DEMO_JOBS[0]!.id}`
  it('read one job until the link ends', async () => {
    const owner = await demoCaller(server, 'owner')
    const made = (await owner.post(`${job}/guest-links`, { days: 2 }).expect(201)).body
    const token = (made.path as string).split('/').at(-1)!
    const answer = await nobody(server).post('/api/session/guest', { token }).expect(200)
    expect(answer.body).toEqual({ jobId: DEMO_JOBS[0]!.id })
    const guest = await holderOf(server, answer)
    expect((await guest.get('/api/session')).body).toMatchObject({
      state: 'guest',
      jobId: DEMO_JOBS[0]!.id,
      workshop: 'Skerrow Bank Garage',
    })
    await guest.get(job).expect(200)
    await owner.delete(`${job}/guest-links/${made.id}`).expect(200)
    await guest.get(job).expect(401)
    await nobody(server).post('/api/session/guest', { token }).expect(410)
  })
  it('an expired link opens nothing', async () => {
    const owner = await demoCaller(server, 'owner')
    const token = ((await owner.post(`${job}/guest-links`, { days: 1 })).body.path as string).split('/').at(-1)!
    const guest = await holderOf(server, await nobody(server).post('/api/session/guest', { token }))
    await server.app.get(DataSource).query('update guest_link set expires_at = now() - interval 1 second')
    await guest.get(job).expect(401)
    await nobody(server).post('/api/session/guest', { token }).expect(410)
  })
  it('somebody of the workshop who follows a link stays who they are', async () => {
    const owner = await demoCaller(server, 'owner')
    const token = ((await owner.post(`${job}/guest-links`, { days: 1 })).body.path as string).split('/').at(-1)!
    const answer = await owner.post('/api/session/guest', { token }).expect(200)
    expect(answer.headers['set-cookie']).toBeUndefined()
  })
  it.each([0, 91, 1.5, '7'])('refuses %j days by its range', async (days) => {
    const owner = await demoCaller(server, 'owner')
    expect((await owner.post(`${job}/guest-links`, { days }).expect(400)).body.message).toMatch(/1 to 90/)
  })
})

describe('a server that is no demo', () => {
  let own: TestServer
  beforeAll(async () => {
    own = await testServer({ demo: false })
  })
  afterAll(() => own.close())
  it('asks for its owner once, and signs nobody in by a click', async () => {
    const first = {
      workshop: 'Fellgate Motors',
      name: 'Una Brock',
      email: 'una@fellgate.example',
      password: 'sheep on the hill',
    }
    expect((await nobody(own).get('/api/session')).body).toEqual({ state: 'needs-owner' })
    await nobody(own).post('/api/session/demo', { as: 'owner' }).expect(404)
    const answers = await Promise.all(
      [1, 2, 3].map((n) =>
        nobody(own).post('/api/session/first-owner', { ...first, email: `una${n}@fellgate.example` }),
      ),
    )
    expect(answers.map((a) => a.status).sort()).toEqual([201, 409, 409])
    expect((await nobody(own).get('/api/session')).body).toEqual({ state: 'signed-out', demo: false })
    const owner = await holderOf(
      own,
      answers.find((a) => a.status === 201)!,
    )
    expect((await owner.get('/api/session')).body).toMatchObject({
      role: 'owner',
      workshop: 'Fellgate Motors',
      demo: false,
    })
    await request(own.http).get('/api/jobs').expect(401)
  })
})
