import { get } from 'node:http'
import type { AddressInfo } from 'node:net'
import { brotliDecompressSync, gunzipSync } from 'node:zlib'
import { demoCaller } from '../test/callers.ts'
import { testServer, type TestServer } from '../test/testServer.ts'
import { DEMO_JOBS } from '../demo/demoJobs.ts'

let server: TestServer
let port: number
let cookie: string
beforeAll(async () => {
  server = await testServer()
  await server.app.listen(0, '127.0.0.1')
  port = (server.app.getHttpServer().address() as AddressInfo).port
  ;({ cookie } = await demoCaller(server, 'owner'))
})
afterAll(() => server.close())

interface Answer {
  readonly encoding: string | undefined
  readonly bytes: Buffer
}
const ask = (path: string, accept: string): Promise<Answer> =>
  new Promise((resolve, reject) => {
    get({ host: '127.0.0.1', port, path, headers: { cookie, 'accept-encoding': accept } }, (answer) => {
      const chunks: Buffer[] = []
      answer.on('data', (chunk: Buffer) => chunks.push(chunk))
      answer.on('end', () => resolve({ encoding: answer.headers['content-encoding'], bytes: Buffer.concat(chunks) }))
    }).on('error', reject)
  })

describe('answers', () => {
  const job = `/api/jobs/${DEMO_JOBS[0]!.id}`
  it('travel packed as the browser takes them, and are the same', async () => {
    const plain = await ask(job, 'identity')
    expect(plain.encoding).toBeUndefined()
    const gzip = await ask(job, 'gzip')
    const brotli = await ask(job, 'gzip, deflate, br')
    expect([gzip.encoding, brotli.encoding]).toEqual(['gzip', 'br'])
    expect(gunzipSync(gzip.bytes).equals(plain.bytes)).toBe(true)
    expect(brotliDecompressSync(brotli.bytes).equals(plain.bytes)).toBe(true)
    expect(brotli.bytes.length).toBeLessThan(plain.bytes.length / 3)
  })
  it.each(['/api/session', '/api/Session', '/API/session', '/api/health'])(
    '%s never does: short, or with a token in it',
    async (path) => {
      expect((await ask(path, 'gzip, br')).encoding).toBeUndefined()
    },
  )
  it('lists that are sent as they are made are not held back for packing', async () => {
    const { encoding, bytes } = await ask('/api/jobs/board.csv', 'gzip, br')
    expect(encoding).toBeUndefined()
    expect(bytes.toString('utf8').split('\r\n')).toHaveLength(DEMO_JOBS.length + 1)
  })
})
