import request from 'supertest'
import { DataSource } from 'typeorm'
import { demoCaller } from '../test/callers.ts'
import { testServer, type TestServer } from '../test/testServer.ts'

let server: TestServer
beforeAll(async () => {
  server = await testServer()
})
afterAll(() => server.close())

describe('health and manners of the server', () => {
  it('tells database, version and uptime', async () => {
    const { body } = await request(server.http).get('/api/health').expect(200)
    expect(body).toMatchObject({ status: 'up', database: 'up', version: expect.stringMatching(/^\d+\.\d+\.\d+$/) })
    expect(body.uptimeS).toBeGreaterThanOrEqual(0)
  })

  it('sends the content policy and hides what it is built with', async () => {
    const { headers } = await request(server.http).get('/api/health')
    expect(headers['content-security-policy']).toContain("default-src 'none'")
    expect(headers['content-security-policy']).toContain("script-src 'self' 'wasm-unsafe-eval';")
    expect(headers['content-security-policy']).not.toContain("'unsafe-eval'")
    expect(headers['x-powered-by']).toBeUndefined()
    expect(headers['x-content-type-options']).toBe('nosniff')
  })

  it('documents every endpoint with its schemas', async () => {
    const { body } = await request(server.http).get('/api/docs/json').expect(200)
    expect(Object.keys(body.paths as object)).toEqual(expect.arrayContaining(['/api/jobs/{id}', '/api/session']))
    expect(JSON.stringify(body.paths['/api/jobs/{id}/sections/{section}'].put.requestBody)).toContain('setPressurePa')
    await request(server.http).get('/api/docs/').expect(200)
  })

  it('refuses a request larger than its route takes with a sentence', async () => {
    const owner = await demoCaller(server, 'owner')
    const { body } = await owner.post('/api/jobs', { title: 'x'.repeat(70_000) }).expect(413)
    expect(body.message).toBe('The request is larger than 64 kB; allowed: at most 64 kB.')
  })

  it('says 503 while the database is away, on health and on data', async () => {
    const away = await testServer()
    const owner = await demoCaller(away, 'owner')
    await away.app.get(DataSource).destroy()
    const { body } = await request(away.http).get('/api/health').expect(503)
    expect(body).toMatchObject({ status: 'down', database: 'down' })
    const refused = await owner.get('/api/jobs').expect(503)
    expect(refused.body.code).toBe('databaseAway')
    await away.app.get(DataSource).initialize()
    await request(away.http).get('/api/health').expect(200)
    await away.close()
  })
})
