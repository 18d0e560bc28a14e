import type { JobResponse } from '@lochmoor/contract'
import { emptyJob } from '@lochmoor/core'
import request from 'supertest'
import { DataSource } from 'typeorm'
import { DEMO_JOBS } from '../demo/demoJobs.ts'
import { testServer, type TestServer } from '../test/testServer.ts'
import { JobsRepository } from './jobs.repository.ts'

let server: TestServer
beforeAll(async () => {
  server = await testServer()
})
afterAll(() => server.close())

const [curlew] = DEMO_JOBS
const jobUrl = (id: string = curlew!.id) => `/api/jobs/${id}`
const open = async (id?: string): Promise<JobResponse> =>
  (await request(server.http).get(jobUrl(id)).expect(200)).body as JobResponse
const newJob = async (title: string): Promise<JobResponse> =>
  (await request(server.http).post('/api/jobs').send({ title }).expect(201)).body as JobResponse

describe('jobs', () => {
  it('lists the demo jobs with their three outcomes', async () => {
    const { body } = await request(server.http).get('/api/jobs').expect(200)
    const states = Object.fromEntries(
      body.jobs.map((j: { title: string; fuelState: string }) => [j.title, j.fuelState]),
    )
    expect(body.workshop).toBe('Skerrow Bank Garage')
    expect(states).toEqual({ 'Aldmoor Curlew GT': 'stop', 'Hesket Warden saloon': 'ok', 'Brindle Carrier van': 'stop' })
  })

  it('opens a job exactly as it was stored', async () => {
    const { sections } = await open()
    expect(sections.vehicle).toMatchObject({ version: 1, value: curlew!.document.vehicle })
    expect(sections.fuel.value).toEqual(curlew!.document.fuel)
  })

  it('makes a job of which nothing is known', async () => {
    const { id, sections } = await newJob('Fellside pickup')
    expect(sections.vehicle.value).toEqual(emptyJob('Fellside pickup').vehicle)
    expect((await open(id)).sections.fuel.value).toEqual(emptyJob('').fuel)
  })

  it('stores a section, raises its version and the list title with it', async () => {
    const { id, sections } = await newJob('Before')
    const value = { ...sections.vehicle.value, title: 'After', year: 1961 }
    const { body } = await request(server.http)
      .put(`${jobUrl(id)}/sections/vehicle`)
      .send({ baseVersion: 1, value })
      .expect(200)
    expect(body.version).toBe(2)
    expect((await open(id)).sections.vehicle).toMatchObject({ version: 2, value })
    const { body: list } = await request(server.http).get('/api/jobs')
    expect(list.jobs.find((j: { id: string }) => j.id === id)).toMatchObject({ title: 'After', year: 1961 })
  })

  it('refuses a write based on an older version, shows the current value and changes nothing', async () => {
    const { id, sections } = await newJob('Two people')
    const url = `${jobUrl(id)}/sections/fuel`
    const first = { ...sections.fuel.value, lowV: 11.9 }
    await request(server.http).put(url).send({ baseVersion: 1, value: first }).expect(200)
    const { body } = await request(server.http)
      .put(url)
      .send({ baseVersion: 1, value: { ...first, lowV: 12.4 } })
      .expect(409)
    expect(body).toMatchObject({ code: 'stale', current: { version: 2, value: { lowV: 11.9 } } })
    expect((await open(id)).sections.fuel.value.lowV).toBe(11.9)
  })

  it('lets one of many simultaneous writes through', async () => {
    const { id, sections } = await newJob('Rush')
    const outcomes = await Promise.all(
      Array.from({ length: 12 }, (_, i) =>
        request(server.http)
          .put(`${jobUrl(id)}/sections/fuel`)
          .send({ baseVersion: 1, value: { ...sections.fuel.value, lowV: 10 + i / 10 } }),
      ),
    )
    const codes = outcomes.map((o) => o.status).sort()
    expect(codes).toEqual([200, ...Array<number>(11).fill(409)])
    expect((await open(id)).sections.fuel.version).toBe(2)
  })

  it.each([
    { name: 'a figure out of range', change: { lowV: 99 }, field: 'value.lowV', allowed: '6 to 16 V' },
    {
      name: 'text for a figure',
      change: { setPressurePa: '3 bar' },
      field: 'value.setPressurePa',
      allowed: '20000 to 1000000 Pa',
    },
    {
      name: 'a word outside its list',
      change: { systemType: 'loop' },
      field: 'value.systemType',
      allowed: '"return", "single-line"',
    },
    { name: 'an unknown field', change: { colour: 'red' }, field: 'value.colour', allowed: 'no field of this name' },
    { name: 'a missing part of a line', change: { feed: {} }, field: 'value.feed.lengthM', allowed: 'it is missing' },
  ])('refuses $name, naming field, value and range', async ({ change, field, allowed }) => {
    const { sections } = await open()
    const value = { ...sections.fuel.value, ...change }
    const { body } = await request(server.http)
      .put(`${jobUrl()}/sections/fuel`)
      .send({ baseVersion: 1, value })
      .expect(400)
    expect(body.code).toBe('badInput')
    const problem = body.problems.find((p: { field: string }) => p.field === field)
    expect(problem.allowed).toContain(allowed)
    expect(body.message).toContain(field)
  })

  it('answers 404 for unknown ids and 400 for what is no id', async () => {
    await request(server.http).get(jobUrl('00000000-0000-4000-8000-000000000000')).expect(404)
    const { body } = await request(server.http).get(jobUrl('nonsense')).expect(400)
    expect(body.message).toMatch(/id is "nonsense"/)
  })

  it('answers 400 for what is not JSON and 404 for an unknown address', async () => {
    const { body } = await request(server.http)
      .post('/api/jobs')
      .set('content-type', 'application/json')
      .send('{"title":')
      .expect(400)
    expect(body.message).toMatch(/JSON/)
    await request(server.http).get('/api/nothing').expect(404)
  })

  it("never shows or writes another workshop's job", async () => {
    const database = server.app.get(DataSource)
    const other = '11111111-1111-4111-8111-111111111111'
    await database.query("insert into workshop (id, name) values (?, 'Another')", [
      'ffffffff-ffff-4fff-8fff-ffffffffffff',
    ])
    const hidden = await server.app
      .get(JobsRepository)
      .create('ffffffff-ffff-4fff-8fff-ffffffffffff', emptyJob('Hidden'), other)
    await request(server.http).get(jobUrl(hidden)).expect(404)
    const value = emptyJob('Taken').vehicle
    await request(server.http)
      .put(`${jobUrl(hidden)}/sections/vehicle`)
      .send({ baseVersion: 1, value })
      .expect(404)
    await request(server.http)
      .put(`${jobUrl(hidden)}/sections/fuel`)
      .send({ baseVersion: 1, value: emptyJob('').fuel })
      .expect(404)
    const { body } = await request(server.http).get('/api/jobs')
    expect(JSON.stringify(body)).not.toContain('Hidden')
  })
})
