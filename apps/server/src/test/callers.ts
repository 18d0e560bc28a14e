import request, { type Test } from 'supertest'
import type { TestServer } from './testServer.ts'

/** Somebody who asks the server: signed in or not, with or without the session's token. */
export interface Caller {
  get(path: string): Test
  post(path: string, body?: object): Test
  put(path: string, body?: object): Test
  patch(path: string, body?: object): Test
  delete(path: string): Test
  readonly csrf: string
  readonly cookie: string
}

const callerWith = (server: TestServer, cookie: string, csrf: string): Caller => {
  const dressed = (test: Test): Test => {
    if (cookie) void test.set('cookie', cookie)
    if (csrf) void test.set('x-lochmoor-csrf', csrf)
    return test
  }
  const sending = (test: Test, body?: object) => dressed(body === undefined ? test : test.send(body))
  return {
    csrf,
    cookie,
    get: (path) => dressed(request(server.http).get(path)),
    post: (path, body) => sending(request(server.http).post(path), body),
    put: (path, body) => sending(request(server.http).put(path), body),
    patch: (path, body) => sending(request(server.http).patch(path), body),
    delete: (path) => dressed(request(server.http).delete(path)),
  }
}

export const nobody = (server: TestServer): Caller => callerWith(server, '', '')

/** Who holds the cookie that an answer set. */
export const holderOf = async (server: TestServer, answer: { headers: Record<string, unknown> }): Promise<Caller> => {
  const [set] = answer.headers['set-cookie'] as string[]
  const cookie = set!.split(';')[0]!
  const session = (await callerWith(server, cookie, '').get('/api/session')).body as { csrf: string }
  return callerWith(server, cookie, session.csrf)
}

export const withoutToken = (server: TestServer, caller: Caller): Caller => callerWith(server, caller.cookie, '')

export const demoCaller = async (server: TestServer, as: 'owner' | 'installer'): Promise<Caller> =>
  holderOf(server, await request(server.http).post('/api/session/demo').send({ as }).expect(200))

/** A second workshop with an owner of its own, in the same store. */
export const strangerOf = async (server: TestServer): Promise<{ caller: Caller; workshopId: string }> => {
  const { DataSource } = await import('typeorm')
  const { hashOfPassword } = await import('../workshop/secrets.ts')
  const workshopId = 'ffffffff-ffff-4fff-8fff-ffffffffffff'
  const database = server.app.get(DataSource)
  await database.query("insert into workshop (id, name) values (?, 'Another')", [workshopId])
  await database.query(
    "insert into person (id, workshop_id, email, name, role, password_hash, preferences) values (?, ?, ?, 'Stranger', 'owner', ?, '{\"units\":{},\"theme\":null}')",
    [
      'eeeeeeee-eeee-4eee-8eee-eeeeeeeeeeee',
      workshopId,
      'stranger@elsewhere.example',
      await hashOfPassword('far away and long'),
    ],
  )
  const answer = await request(server.http)
    .post('/api/session')
    .send({ email: 'stranger@elsewhere.example', password: 'far away and long' })
    .expect(200)
  return { caller: await holderOf(server, answer), workshopId }
}
