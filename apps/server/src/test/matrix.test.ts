import { randomUUID } from 'node:crypto'
import { emptyJob, STATION_LIST } from '@lochmoor/core'
import { DEMO_JOBS } from '../demo/demoJobs.ts'
import { DEMO_PEOPLE } from '../demo/demoPeople.ts'
import { demoCaller, holderOf, nobody, strangerOf, withoutToken, type Caller } from './callers.ts'
import { testServer, type TestServer } from './testServer.ts'

/**
 * Every endpoint of the OpenAPI document against everybody who may knock. Numbers are the statuses that are right:
 * for nobody, an owner, an installer, a guest of this job, a guest asking for another job, and the owner of another
 * workshop naming this workshop's ids.
 */
const [job, otherJob] = [DEMO_JOBS[3]!, DEMO_JOBS[0]!]
const ID = job.id
const PHOTO = 'a1f3c2d4-5e6b-4708-9a1b-c2d3e4f50617'
const NO_LINK = '00000000-0000-4000-8000-000000000001'
const note = () => ({ id: randomUUID(), at: '2026-02-01T08:00:00.000Z', body: { kind: 'note', text: 'seen' } })
const guest = { days: 3 }

interface Row {
  readonly method: 'get' | 'post' | 'put' | 'patch' | 'delete'
  readonly path: string
  readonly as?: string
  readonly body?: () => object
  /** nobody, owner, installer, guest, guest elsewhere, stranger; null: does not apply. */
  readonly wants: readonly [number, number, number, number, number | null, number]
}

const ROWS: readonly Row[] = [
  { method: 'get', path: '/api/health', wants: [200, 200, 200, 200, null, 200] },
  { method: 'get', path: '/api/session', wants: [200, 200, 200, 200, null, 200] },
  {
    method: 'post',
    path: '/api/session',
    body: () => ({ email: 'no@body.example', password: 'x' }),
    wants: [403, 403, 403, 403, null, 403],
  },
  {
    method: 'post',
    path: '/api/session/guest',
    body: () => ({ token: 'nosuchtokennosuchtoken' }),
    wants: [410, 410, 410, 410, null, 410],
  },
  {
    method: 'post',
    path: '/api/session/first-owner',
    body: () => ({ workshop: 'W', name: 'N', email: 'n@w.example', password: 'long enough today' }),
    wants: [409, 409, 409, 409, null, 409],
  },
  {
    method: 'put',
    path: '/api/session/preferences',
    body: () => ({ units: {}, theme: null }),
    wants: [401, 200, 200, 403, null, 200],
  },
  {
    method: 'post',
    path: '/api/session/password',
    body: () => ({ current: 'x', next: 'long enough today' }),
    wants: [401, 403, 403, 403, null, 403],
  },
  {
    method: 'post',
    path: '/api/session/second-factor',
    body: () => ({ code: '123456' }),
    wants: [409, 409, 409, 409, null, 409],
  },
  { method: 'post', path: '/api/session/passkey/options', wants: [409, 409, 409, 409, null, 409] },
  {
    method: 'post',
    path: '/api/session/passkey',
    body: () => ({ response: { id: 'x', rawId: 'x', type: 'public-key', response: {} } }),
    wants: [409, 409, 409, 409, null, 409],
  },
  { method: 'post', path: '/api/session/authenticator', wants: [401, 200, 200, 403, null, 200] },
  {
    method: 'put',
    path: '/api/session/authenticator',
    body: () => ({ password: 'x', secret: 'A'.repeat(32), code: '123456' }),
    wants: [401, 403, 403, 403, null, 403],
  },
  { method: 'post', path: '/api/session/new-passkey', wants: [401, 200, 200, 403, null, 200] },
  {
    method: 'put',
    path: '/api/session/new-passkey',
    body: () => ({ password: 'x', name: 'key', response: { id: 'x', rawId: 'x', type: 'public-key', response: {} } }),
    wants: [401, 403, 403, 403, null, 403],
  },
  {
    method: 'post',
    path: '/api/session/second-factor/removal',
    body: () => ({ password: 'x' }),
    wants: [401, 403, 403, 403, null, 403],
  },
  { method: 'get', path: '/api/workshop/invitations', wants: [401, 200, 403, 403, null, 200] },
  {
    method: 'delete',
    path: '/api/workshop/invitations/{invitationId}',
    as: `/api/workshop/invitations/${NO_LINK}`,
    wants: [401, 410, 403, 403, null, 410],
  },
  { method: 'get', path: '/api/workshop/colleagues', wants: [401, 200, 200, 403, null, 200] },
  { method: 'get', path: '/api/workshop/people', wants: [401, 200, 403, 403, null, 200] },
  {
    method: 'patch',
    path: '/api/workshop',
    body: () => ({ name: 'Skerrow Bank Garage' }),
    wants: [401, 200, 403, 403, null, 200],
  },
  {
    method: 'patch',
    path: '/api/workshop/people/{personId}',
    as: `/api/workshop/people/${DEMO_PEOPLE[2].id}`,
    body: () => ({ active: true }),
    wants: [401, 200, 403, 403, null, 404],
  },
  {
    method: 'post',
    path: '/api/workshop/invitations',
    body: () => ({ email: `${randomUUID()}@new.example`, role: 'installer' }),
    wants: [401, 201, 403, 403, null, 201],
  },
  { method: 'get', path: '/api/workshop/mailbox', wants: [401, 200, 403, 403, null, 200] },
  { method: 'get', path: '/api/workshop/audit', wants: [401, 200, 403, 403, null, 200] },
  {
    method: 'get',
    path: '/api/invitations/{token}',
    as: '/api/invitations/nosuchtokennosuchtoken',
    wants: [410, 410, 410, 410, null, 410],
  },
  {
    method: 'post',
    path: '/api/invitations',
    body: () => ({ token: 'nosuchtokennosuchtoken', name: 'N', password: 'long enough today' }),
    wants: [410, 410, 410, 410, null, 410],
  },
  { method: 'get', path: '/api/catalogue', wants: [401, 200, 200, 200, null, 200] },
  { method: 'get', path: '/api/catalogue/{kind}', as: '/api/catalogue/pumps', wants: [401, 200, 200, 403, null, 200] },
  {
    method: 'get',
    path: '/api/catalogue/{kind}/parts.csv',
    as: '/api/catalogue/pumps/parts.csv',
    wants: [401, 200, 200, 403, null, 200],
  },
  {
    method: 'get',
    path: '/api/catalogue/{kind}/{id}/uses',
    as: '/api/catalogue/pumps/quarrie-q170/uses',
    wants: [401, 200, 200, 403, null, 200],
  },
  {
    method: 'post',
    path: '/api/catalogue/{kind}/import',
    as: '/api/catalogue/hoses/import',
    body: () => ({ parts: [] }),
    wants: [401, 400, 400, 403, null, 400],
  },
  {
    method: 'put',
    path: '/api/catalogue/{kind}/{id}',
    as: '/api/catalogue/hoses/own-none',
    body: () => ({}),
    wants: [401, 400, 400, 403, null, 400],
  },
  {
    method: 'delete',
    path: '/api/catalogue/{kind}/{id}',
    as: '/api/catalogue/hoses/own-none',
    wants: [401, 404, 404, 403, null, 404],
  },
  { method: 'get', path: '/api/jobs', wants: [401, 200, 200, 403, null, 200] },
  { method: 'get', path: '/api/jobs/board.csv', wants: [401, 200, 200, 403, null, 200] },
  { method: 'post', path: '/api/jobs', body: () => ({ title: 'New' }), wants: [401, 201, 201, 403, null, 201] },
  {
    method: 'post',
    path: '/api/jobs/import',
    body: () => ({ format: 'nothing' }),
    wants: [401, 400, 400, 403, null, 400],
  },
  { method: 'get', path: '/api/jobs/{id}', wants: [401, 200, 200, 200, 404, 404] },
  {
    method: 'put',
    path: '/api/jobs/{id}/sections/{section}',
    as: '/api/jobs/{id}/sections/fuel',
    body: () => ({ baseVersion: 999, value: emptyJob('x').fuel }),
    wants: [401, 409, 409, 403, 403, 404],
  },
  { method: 'post', path: '/api/jobs/{id}/archive', wants: [401, 200, 200, 403, 403, 404] },
  { method: 'post', path: '/api/jobs/{id}/restore', wants: [401, 200, 200, 403, 403, 404] },
  { method: 'delete', path: '/api/jobs/{id}', wants: [401, 409, 403, 403, 403, 404] },
  { method: 'get', path: '/api/jobs/{id}/history', wants: [401, 200, 200, 403, 403, 404] },
  {
    method: 'get',
    path: '/api/jobs/{id}/history/{section}/{version}',
    as: '/api/jobs/{id}/history/fuel/1',
    wants: [401, 200, 200, 403, 403, 404],
  },
  { method: 'get', path: '/api/jobs/{id}/export', wants: [401, 200, 200, 403, 403, 404] },
  { method: 'get', path: '/api/jobs/{id}/drill-template.pdf', wants: [401, 200, 200, 200, 404, 404] },
  { method: 'get', path: '/api/jobs/{id}/tightening-card.pdf', wants: [401, 200, 200, 200, 404, 404] },
  { method: 'get', path: '/api/jobs/{id}/continuity-sheet.pdf', wants: [401, 200, 200, 200, 404, 404] },
  { method: 'get', path: '/api/jobs/{id}/survey.csv', wants: [401, 200, 200, 200, 404, 404] },
  { method: 'get', path: '/api/jobs/{id}/entries.csv', wants: [401, 200, 200, 403, 404, 404] },
  { method: 'get', path: '/api/jobs/{id}/purchases.csv', wants: [401, 200, 200, 403, 404, 404] },
  { method: 'get', path: '/api/jobs/{id}/thermistors.csv', wants: [401, 409, 409, 409, 404, 404] },
  { method: 'get', path: '/api/jobs/{id}/drill-template.svg', wants: [401, 200, 200, 200, 404, 404] },
  // The demo's first job has no loom; a file that nobody knows is refused by name.
  {
    method: 'get',
    path: '/api/jobs/{id}/loom/{file}',
    as: '/api/jobs/{id}/loom/wires.csv',
    wants: [401, 409, 409, 409, 404, 404],
  },
  // Of every station that has them: those without are refused alike.
  ...STATION_LIST.flatMap(({ path, parts }): Row[] =>
    (['sheet.pdf', 'parts.csv'] as const).map((paper) => ({
      method: 'get',
      path: `/api/jobs/{id}/{station}/${paper}`,
      as: `/api/jobs/{id}/${path}/${paper}`,
      wants: parts || paper === 'sheet.pdf' ? [401, 200, 200, 200, 404, 404] : [401, 404, 404, 404, 404, 404],
    })),
  ),
  { method: 'get', path: '/api/jobs/{id}/records', wants: [401, 200, 200, 200, 404, 404] },
  { method: 'get', path: '/api/jobs/{id}/records.csv', wants: [401, 200, 200, 200, 404, 404] },
  { method: 'post', path: '/api/jobs/{id}/records', body: note, wants: [401, 201, 201, 403, 403, 404] },
  {
    method: 'put',
    path: '/api/jobs/{id}/photos/{photoId}',
    as: `/api/jobs/{id}/photos/${NO_LINK}`,
    wants: [401, 400, 400, 403, 403, 404],
  },
  {
    method: 'get',
    path: '/api/jobs/{id}/photos/{photoId}',
    as: `/api/jobs/{id}/photos/${PHOTO}`,
    wants: [401, 200, 200, 200, 404, 404],
  },
  {
    method: 'get',
    path: '/api/jobs/{id}/photos/{photoId}/thumb',
    as: `/api/jobs/{id}/photos/${PHOTO}/thumb`,
    wants: [401, 200, 200, 200, 404, 404],
  },
  { method: 'get', path: '/api/jobs/{id}/guest-links', wants: [401, 200, 200, 403, 403, 404] },
  { method: 'post', path: '/api/jobs/{id}/guest-links', body: () => guest, wants: [401, 201, 201, 403, 403, 404] },
  {
    method: 'delete',
    path: '/api/jobs/{id}/guest-links/{linkId}',
    as: `/api/jobs/{id}/guest-links/${NO_LINK}`,
    wants: [401, 404, 404, 403, 403, 404],
  },
  { method: 'delete', path: '/api/session/all', wants: [401, 200, 200, 403, null, 200] },
  { method: 'delete', path: '/api/session', wants: [200, 200, 200, 200, null, 200] },
  // Last: whoever signs in anew has left the session that was there.
  {
    method: 'post',
    path: '/api/session/demo',
    body: () => ({ as: 'installer' }),
    wants: [200, 200, 200, 200, null, 200],
  },
]

let server: TestServer
beforeAll(async () => {
  server = await testServer()
})
afterAll(() => server.close())

const ask = (caller: Caller, { method, path, as, body }: Row, id: string) =>
  caller[method]((as ?? path).replace('{id}', id), body?.())

describe('who may do what', () => {
  const callers = {} as Record<'nobody' | 'owner' | 'installer' | 'guest' | 'stranger', () => Promise<Caller>>
  beforeAll(async () => {
    const owner = await demoCaller(server, 'owner')
    const link = (await owner.post(`/api/jobs/${ID}/guest-links`, guest).expect(201)).body.path as string
    const { caller: stranger } = await strangerOf(server)
    const installer = await demoCaller(server, 'installer')
    const asGuest = async () =>
      holderOf(server, await nobody(server).post('/api/session/guest', { token: link.split('/').at(-1)! }))
    const theGuest = await asGuest()
    callers.nobody = () => Promise.resolve(nobody(server))
    callers.owner = () => Promise.resolve(owner)
    callers.installer = () => Promise.resolve(installer)
    callers.guest = () => Promise.resolve(theGuest)
    callers.stranger = () => Promise.resolve(stranger)
  })

  it('the matrix has a row for every endpoint', async () => {
    const { body } = await nobody(server).get('/api/docs/json').expect(200)
    const documented = Object.entries(body.paths as Record<string, object>).flatMap(([path, methods]) =>
      Object.keys(methods).map((m) => `${m} ${path}`),
    )
    expect([...new Set(ROWS.map((r) => `${r.method} ${r.path}`))].sort()).toEqual(documented.sort())
  })

  it.each(ROWS.map((r) => [`${r.method.toUpperCase()} ${r.as ?? r.path}`, r] as const))('%s', async (_name, row) => {
    const [no, owner, installer, asGuest, elsewhere, stranger] = row.wants
    const got = [
      (await ask(await callers.nobody(), row, ID)).status,
      (await ask(await callers.owner(), row, ID)).status,
      (await ask(await callers.installer(), row, ID)).status,
      (await ask(await callers.guest(), row, ID)).status,
      elsewhere === null ? null : (await ask(await callers.guest(), row, otherJob.id)).status,
      (await ask(await callers.stranger(), row, ID)).status,
    ]
    expect(got).toEqual([no, owner, installer, asGuest, elsewhere, stranger])
  })
})

describe('forged changes', () => {
  it.each(
    ROWS.filter((r) => r.method !== 'get' && r.wants[0] === 401).map(
      (r) => [`${r.method.toUpperCase()} ${r.path}`, r] as const,
    ),
  )('%s is refused without the session’s token, and from another site', async (_name, row) => {
    const owner = await demoCaller(server, 'owner')
    const without = await ask(withoutToken(server, owner), row, ID)
    expect([without.status, without.body.code]).toEqual([403, 'noCsrf'])
    const foreign = await ask(owner, row, ID).set('sec-fetch-site', 'cross-site')
    expect([foreign.status, foreign.body.code]).toEqual([403, 'foreignSite'])
  })
})
