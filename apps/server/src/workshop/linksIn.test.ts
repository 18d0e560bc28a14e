import type { JobResponse } from '@lochmoor/contract'
import { STATION_LIST, type Catalogue, type JobDocument } from '@lochmoor/core'
import { STOCK_CATALOGUE } from '../catalogue/stock/index.ts'
import { DEMO_JOBS } from '../demo/demoJobs.ts'
import { DEMO_PASSWORD, DEMO_PEOPLE } from '../demo/demoPeople.ts'
import { demoCaller, holderOf, nobody, strangerOf, type Caller } from '../test/callers.ts'
import { testServer, type TestServer } from '../test/testServer.ts'

let server: TestServer
let owner: Caller
beforeAll(async () => {
  server = await testServer()
  owner = await demoCaller(server, 'owner')
})
afterAll(() => server.close())

const [, tobin, ishbel] = DEMO_PEOPLE
const documentIn = (job: JobResponse) =>
  Object.fromEntries(Object.entries(job.sections).map(([s, { value }]) => [s, value])) as unknown as JobDocument
const LONG = 'quiet heron over the tarn'
const invite = async (email: string): Promise<string> => {
  await owner.post('/api/workshop/invitations', { email, role: 'installer' }).expect(201)
  const { letters } = (await owner.get('/api/workshop/mailbox')).body as { letters: { to: string; link: string }[] }
  return letters
    .find((l) => l.to === email)!
    .link.split('/')
    .at(-1)!
}
const accept = (token: string) => nobody(server).post('/api/invitations', { token, name: 'Somebody', password: LONG })
const open = async () =>
  (await owner.get('/api/workshop/invitations').expect(200)).body as { id: string; email: string }[]
const remove = (id: string, active = false) => owner.patch(`/api/workshop/people/${id}`, { active }).expect(200)
const signIn = (email: string, password: string) => nobody(server).post('/api/session', { email, password })

describe('a link to a password', () => {
  it('is listed until it is followed, and void once it is revoked', async () => {
    const token = await invite('one@new.example')
    const [first] = await open()
    expect(first).toMatchObject({ email: 'one@new.example', role: 'installer' })
    const stranger = (await strangerOf(server)).caller
    await stranger.delete(`/api/workshop/invitations/${first!.id}`).expect(410)
    await nobody(server).get(`/api/invitations/${token}`).expect(200)
    await owner.delete(`/api/workshop/invitations/${first!.id}`).expect(200)
    expect(await open()).toEqual([])
    await nobody(server).get(`/api/invitations/${token}`).expect(410)
    await accept(token).expect(410)
    await owner.delete(`/api/workshop/invitations/${first!.id}`).expect(410)
  })
  it('is void when a newer one is made', async () => {
    const older = await invite('two@new.example')
    const newer = await invite('two@new.example')
    expect((await open()).filter((i) => i.email === 'two@new.example')).toHaveLength(1)
    await accept(older).expect(410)
    await accept(newer).expect(201)
    expect(await open()).toEqual([])
  })
  it('followed in a browser where somebody is signed in, their session ends with it', async () => {
    const token = await invite('three@new.example')
    const here = await demoCaller(server, 'installer')
    const answer = await here.post('/api/invitations', { token, name: 'Third', password: LONG }).expect(201)
    await here.get('/api/jobs').expect(401)
    await (await holderOf(server, answer)).get('/api/jobs').expect(200)
  })
  it('is void when its person is removed, and lets nobody back in', async () => {
    const token = await invite(ishbel.email)
    await remove(ishbel.id)
    await accept(token).expect(410)
    await signIn(ishbel.email, LONG).expect(403)
    await signIn(ishbel.email, DEMO_PASSWORD).expect(403)
    const { body } = await owner.post('/api/workshop/invitations', { email: ishbel.email, role: 'owner' }).expect(409)
    expect(body.code).toBe('removed')
    await remove(ishbel.id, true)
    await accept(token).expect(410)
  })
  it('a link and a removal at the same moment: whichever comes first, a removed person stays out', async () => {
    for (let i = 0; i < 8; i++) {
      const token = await invite(ishbel.email)
      const [accepted] = await Promise.all([accept(token), remove(ishbel.id)])
      const { body } = await owner.get('/api/workshop/people')
      expect((body as { id: string; active: boolean }[]).find((p) => p.id === ishbel.id)!.active).toBe(false)
      if (accepted.status === 201) await (await holderOf(server, accepted)).get('/api/jobs').expect(401)
      await remove(ishbel.id, true)
    }
  })
  it('is void when its person changes the password', async () => {
    const token = await invite(tobin.email)
    const caller = await demoCaller(server, 'installer')
    await caller.post('/api/session/password', { current: DEMO_PASSWORD, next: LONG }).expect(200)
    await accept(token).expect(410)
    await signIn(tobin.email, LONG).expect(200)
  })
})

describe('a guest link', () => {
  it('ends with the installer who made it', async () => {
    const caller = await holderOf(server, await signIn(tobin.email, LONG))
    const job = `/api/jobs/${DEMO_JOBS[0]!.id}`
    const link = async (by: Caller) =>
      ((await by.post(`${job}/guest-links`, { days: 3 }).expect(201)).body.path as string).split('/').at(-1)!
    const [his, hers] = [await link(caller), await link(owner)]
    const visit = async (token: string) => holderOf(server, await nobody(server).post('/api/session/guest', { token }))
    const [guestOfHis, guestOfHers] = [await visit(his), await visit(hers)]
    await guestOfHis.get(job).expect(200)
    await remove(tobin.id)
    await guestOfHis.get(job).expect(401)
    await nobody(server).post('/api/session/guest', { token: his }).expect(410)
    await guestOfHers.get(job).expect(200)
    await remove(tobin.id, true)
  })
  it('shows what ships with Lochmoor and of the workshop’s own only what is in its job; a photograph only while it holds', async () => {
    const job = DEMO_JOBS[3]!
    const made = (await owner.post(`/api/jobs/${job.id}/guest-links`, { days: 3 }).expect(201)).body as { id: string; path: string } // prettier-ignore
    const guest = await holderOf(
      server,
      await nobody(server).post('/api/session/guest', { token: made.path.split('/').at(-1)! }),
    )
    const [inJob, elsewhere] = ['own-in-the-job', 'own-elsewhere'].map((id) => ({ ...STOCK_CATALOGUE.hoses[5]!, id, name: id })) // prettier-ignore
    for (const part of [inJob!, elsewhere!]) await owner.put(`/api/catalogue/hoses/${part.id}`, part).expect(200)
    const { version, value } = (await owner.get(`/api/jobs/${job.id}`)).body.sections.fuel
    const feed = { ...value.feed, hose: inJob }
    await owner
      .put(`/api/jobs/${job.id}/sections/fuel`, { baseVersion: version, value: { ...value, feed } })
      .expect(200)
    const { body } = await guest.get('/api/catalogue').expect(200)
    const shown = Object.values(body as Record<string, { id: string }[]>).flat()
    const stock = Object.values(STOCK_CATALOGUE).flatMap((parts: readonly { id: string }[]) => parts.map((p) => p.id))
    expect(shown.map((p) => p.id).sort()).toEqual([...stock, 'own-in-the-job'].sort())
    // And so the guest is told the same of the job as the workshop.
    const document = documentIn((await guest.get(`/api/jobs/${job.id}`)).body as JobResponse)
    const theirs = (await owner.get('/api/catalogue')).body as Catalogue
    for (const station of STATION_LIST) {
      const said = (catalogue: Catalogue) => JSON.stringify(station.assess(document, catalogue))
      expect(said(body as Catalogue)).toEqual(said(theirs))
    }
    await guest.get('/api/catalogue/pumps').expect(403)
    await guest.get(`/api/jobs/${job.id}/fuel/sheet.pdf`).expect(200)

    const photo = `/api/jobs/${job.id}/photos/a1f3c2d4-5e6b-4708-9a1b-c2d3e4f50617`
    const { headers } = await guest.get(photo).expect(200)
    expect(headers['cache-control']).toBe('private, no-cache')
    await guest
      .get(photo)
      .set('if-none-match', headers['etag'] as string)
      .expect(304)
    for (const path of [`/api/jobs/${job.id}`, `/api/jobs/${job.id}/records`])
      expect((await guest.get(path)).headers['cache-control']).toBe('no-store')
    expect((await owner.get('/api/workshop/mailbox')).headers['cache-control']).toBe('no-store')
    await owner.delete(`/api/jobs/${job.id}/guest-links/${made.id}`).expect(200)
    await guest
      .get(photo)
      .set('if-none-match', headers['etag'] as string)
      .expect(401)
  })
})

describe('rights', () => {
  it('that rise or fall end every session that had the old ones', async () => {
    const caller = await holderOf(server, await signIn(tobin.email, LONG))
    await owner.patch(`/api/workshop/people/${tobin.id}`, { role: 'owner' }).expect(200)
    await caller.get('/api/jobs').expect(401)
    const risen = await holderOf(server, await signIn(tobin.email, LONG))
    await risen.get('/api/workshop/people').expect(200)
    await owner.patch(`/api/workshop/people/${tobin.id}`, { role: 'installer' }).expect(200)
    await risen.get('/api/workshop/people').expect(401)
    const trail = (await owner.get('/api/workshop/audit')).body as { event: string }[]
    expect(trail.map((a) => a.event)).toEqual(
      expect.arrayContaining(['role-changed', 'deactivated', 'invitation-revoked', 'guest-link-made']),
    )
  })
})
