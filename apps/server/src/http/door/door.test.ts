import { gzipSync } from 'node:zlib'
import { connect } from 'node:net'
import type { AddressInfo } from 'node:net'
import type request from 'supertest'
import { DEMO_JOBS } from '../../demo/demoJobs.ts'
import { demoCaller, nobody, withoutToken, type Caller } from '../../test/callers.ts'
import { testServer, type TestServer } from '../../test/testServer.ts'
import { MOST_DEPTH, MOST_VALUES, ShapeCounter, unsoundText } from './jsonShape.ts'

let server: TestServer
let owner: Caller
beforeAll(async () => {
  server = await testServer()
  owner = await demoCaller(server, 'owner')
  await new Promise<void>((resolve) => server.http.listen(0, '127.0.0.1', () => resolve()))
})
afterAll(() => server.close())

const ID = DEMO_JOBS[0]!.id
const OPEN = new Set(['post /api/session', 'post /api/session/demo', 'post /api/session/guest', 'post /api/session/first-owner', 'post /api/session/second-factor', 'post /api/session/passkey', 'post /api/session/passkey/options', 'post /api/invitations', 'delete /api/session']) // prettier-ignore

/** Says the headers of a request that promises a body and sends none of it: what comes back was decided without it. */
const headersOnly = (method: string, path: string, headers: string): Promise<string> =>
  new Promise((resolve, reject) => {
    const socket = connect((server.http.address() as AddressInfo).port, '127.0.0.1')
    let text = ''
    socket.on('error', reject)
    socket.on('data', (d) => {
      text += String(d)
      if (text.includes('\r\n\r\n')) socket.destroy()
    })
    socket.on('close', () => resolve(text.split('\r\n')[0] ?? ''))
    socket.write(`${method} ${path} HTTP/1.1\r\nHost: x\r\n${headers}\r\n\r\n`)
  })

describe('who asks is known before a byte of what they send is read', () => {
  it('on every route that changes something, by the API’s own list', async () => {
    const { body } = await nobody(server).get('/api/docs/json')
    const changing = Object.entries(body.paths as Record<string, object>).flatMap(([path, methods]) =>
      Object.keys(methods)
        .filter((m) => m !== 'get')
        .map((m) => [m, path] as const),
    )
    expect(changing.length).toBeGreaterThan(25)
    for (const [method, path] of changing) {
      const real = path.replace('{id}', ID).replace(/\{\w+\}/g, 'x')
      const type = /photos/.test(path) ? 'image/jpeg' : 'application/json'
      if (OPEN.has(`${method} ${path}`)) continue
      const first = await headersOnly(method.toUpperCase(), real, `Content-Type: ${type}\r\nContent-Length: 500000`)
      expect(`${method} ${path}: ${first}`).toMatch(/HTTP\/1\.1 401/)
    }
  })
  it('a session without its token gets no further', async () => {
    const forged = withoutToken(server, owner)
    const headers = `Cookie: ${forged.cookie}\r\nContent-Type: application/json\r\nContent-Length: 500000`
    expect(await headersOnly('POST', '/api/jobs/import', headers)).toMatch(/403/)
  })
  it('packed bodies are never unpacked', async () => {
    const bomb = gzipSync(Buffer.alloc(50_000_000, ' '))
    const packed = (test: request.Test) =>
      test.set('content-encoding', 'gzip').set('content-type', 'application/json').send(bomb)
    await packed(nobody(server).post('/api/jobs/import')).expect(401)
    for (const path of ['/api/jobs/import', '/api/jobs', `/api/jobs/${ID}/records`])
      expect((await packed(owner.post(path)).expect(415)).body.code).toBe('encoded')
    await packed(nobody(server).post('/api/session')).expect(415)
  })
})

describe('what is sent', () => {
  it.each([
    ['text/plain', 415],
    ['application/x-www-form-urlencoded', 415],
    ['multipart/form-data; boundary=x', 415],
    ['application/json; charset=utf-16', 415],
    ['application/merge-patch+json', 415],
    ['application/json; charset=utf-8', 400],
  ])('of type %s on a JSON route is answered %d', async (type, status) => {
    const { body } = await owner.post('/api/jobs').set('content-type', type).send('[1]').expect(status)
    expect(body.message).toMatch(/allowed: /)
  })
  it('without a type is refused as well', async () => {
    const first = await headersOnly('POST', '/api/session', 'Content-Length: 20')
    expect(first).toMatch(/415/)
  })
  it.each([
    ['a hundred thousand brackets', '['.repeat(100_000), /nested more than 40 deep/],
    ['as many of them closed', '['.repeat(100_000) + ']'.repeat(100_000), /nested more than 40 deep/],
    ['groups within groups', '{"a":'.repeat(5000) + '1' + '}'.repeat(5000), /nested more than 40 deep/],
    ['very many values', `[${'1,'.repeat(60_000)}1]`, /more than 50000 values/],
    ['half a character', '{"title":"\\ud800"}', /title is text with half a character/],
    ['a field named after what all objects inherit', '{"title":"x","__proto__":{"a":1}}', /__proto__/],
    ['half a JSON', '{"title":', /JSON/],
  ])('as %s is a 400 with its reason', async (_name, text, said) => {
    const path = text.length > 60_000 ? '/api/catalogue/hoses/import' : '/api/jobs'
    const { body } = await owner.post(path).set('content-type', 'application/json').send(text).expect(400)
    expect(body.message).toMatch(said)
  })
  it('too much of it ends with the limit of the route, small where nobody is known', async () => {
    const long = (n: number) => JSON.stringify({ email: 'a@b.example', password: 'x'.repeat(n) })
    const post = (n: number) =>
      nobody(server).post('/api/session').set('content-type', 'application/json').send(long(n))
    await post(9000).expect(413)
    const { body } = await post(5000).expect(400)
    expect(JSON.stringify(body).length).toBeLessThan(1000)
  })
  it('however much is wrong, the answer is short', async () => {
    const fuel = Object.fromEntries(Array.from({ length: 3000 }, (_, i) => [`field${i}`, 'x'.repeat(300)]))
    const answer = await owner.put(`/api/jobs/${ID}/sections/fuel`, { baseVersion: 1, value: fuel }).expect(400)
    expect(answer.body.problems).toHaveLength(20)
    expect(answer.text.length).toBeLessThan(16_384)
    // Characters that are told by six each, in names and values alike.
    const odd = Object.fromEntries(
      Array.from({ length: 30 }, (_, i) => [`${i}${'\u0001'.repeat(300)}`, '\u0002'.repeat(300)]),
    )
    const told = await owner.put(`/api/jobs/${ID}/sections/fuel`, { baseVersion: 1, value: odd }).expect(400)
    expect([told.body.problems.length > 0, Buffer.byteLength(told.text) < 16_384]).toEqual([true, true])
    const long = await owner.post('/api/jobs').set('content-type', 'application/json').send(`{"${'x'.repeat(60_000)}":"\\ud800"}`).expect(400) // prettier-ignore
    expect(long.text.length).toBeLessThan(1000)
    const deep = { parts: Array.from({ length: 500 }, () => ({ id: 'x'.repeat(2000) })) }
    const other = await owner.post('/api/catalogue/hoses/import', deep)
    expect(other.text.length).toBeLessThan(16_384)
  })
})

describe('the shape of a JSON text', () => {
  const shape = (text: string, values = MOST_VALUES, depth = MOST_DEPTH) =>
    new ShapeCounter(values, depth).take(Buffer.from(text))
  it('counts brackets, and none within text', () => {
    expect(shape('[[[]]]', 100, 3)).toBeNull()
    expect(shape('[[[[]]]]', 100, 3)).toMatch(/3 deep/)
    expect(shape('["[[[[[[", "\\"[[[[", {"[[[[":1}]', 100, 3)).toBeNull()
    expect(shape('[1,2,3,4]', 4)).toMatch(/4 values/)
    expect(shape('["1,2,3,4,5,6,7"]', 4)).toBeNull()
  })
  it('counts alike however the text is cut into pieces', () => {
    const text = JSON.stringify({ a: ['x\\"[', { b: [1, 2, [3]] }], '"': '\\' })
    for (let at = 0; at <= text.length; at++) {
      const counter = new ShapeCounter(9, 4)
      const bytes = Buffer.from(text)
      expect(
        [counter.take(bytes.subarray(0, at)), counter.take(bytes.subarray(at))].find((w) => w !== null) ?? null,
      ).toBe(new ShapeCounter(9, 4).take(bytes))
    }
  })
  it('finds broken text anywhere, without climbing down the stack', () => {
    expect(unsoundText({ a: [{ b: 'x\udc00' }] })).toMatch(/^a\.0\.b is text/)
    expect(unsoundText({ 'k\ud800': 1 })).toMatch(/names of fields/)
    expect(unsoundText({ a: '\u{1f697}', b: [null, 1, true] })).toBeNull()
    let deep: unknown = 'x'
    for (let i = 0; i < 100_000; i++) deep = [deep]
    expect(unsoundText(deep)).toBeNull()
  })
})
