import { randomUUID } from 'node:crypto'
import { JOB_SCHEMA_VERSION, type JobFile } from '@lochmoor/contract'
import { DEMO_JOBS } from '../demo/demoJobs.ts'
import { demoCaller, strangerOf, type Caller } from '../test/callers.ts'
import { testServer, type TestServer } from '../test/testServer.ts'

let server: TestServer
let owner: Caller
beforeAll(async () => {
  server = await testServer()
  owner = await demoCaller(server, 'owner')
})
afterAll(() => server.close())

const ID = DEMO_JOBS[3]!.id
const exported = async (id = ID): Promise<JobFile> =>
  (await owner.get(`/api/jobs/${id}/export`).expect(200)).body as JobFile
const VERSION_1_FUEL = [
  'ethanolShare',
  'fuelTemperatureK',
  'systemType',
  'injectionPlace',
  'setPressurePa',
  'referenced',
  'pump',
  'strainer',
  'filter',
  'filterPosition',
  'regulator',
  'feed',
  'return',
  'injector',
  'injectorCount',
  'openingsPerCycle',
  'lowV',
  'runningV',
  'highV',
] as const satisfies readonly (keyof JobFile['sections']['fuel'])[]
const same = ({ exportedAt: _, ...file }: JobFile) => file

describe('a job as a file', () => {
  it('out, deleted and in again is the same, with book, photographs and history', async () => {
    const { sections } = (await owner.get(`/api/jobs/${ID}`)).body
    await owner
      .put(`/api/jobs/${ID}/sections/fuel`, { baseVersion: 1, value: { ...sections.fuel.value, lowV: 11.7 } })
      .expect(200)
    const before = await exported()
    expect(before).toMatchObject({ format: 'lochmoor-job', schemaVersion: JOB_SCHEMA_VERSION, id: ID })
    expect([before.records.length, before.photos.length, before.history.length]).toEqual([7, 1, 7])
    await owner.post(`/api/jobs/${ID}/archive`).expect(200)
    await owner.delete(`/api/jobs/${ID}`).expect(200)
    const { body } = await owner.post('/api/jobs/import', before).expect(201)
    expect(body).toEqual({ id: ID, keptId: true, migratedFrom: null })
    expect(same(await exported())).toEqual(same(before))
    const photo = before.photos[0]!.id
    await owner.get(`/api/jobs/${ID}/photos/${photo}/thumb`).expect(200)
    const next = (await owner.get(`/api/jobs/${ID}`)).body.sections.fuel
    await owner.put(`/api/jobs/${ID}/sections/fuel`, { baseVersion: next.version, value: next.value }).expect(200)
  })

  it('in beside the job that is still there it is another job with ids of its own', async () => {
    const file = await exported()
    const { body } = await owner.post('/api/jobs/import', file).expect(201)
    expect(body.keptId).toBe(false)
    const other = await exported(body.id as string)
    expect(other.sections).toEqual(file.sections)
    expect(other.records.map((r) => r.body.kind)).toEqual(file.records.map((r) => r.body.kind))
    const [old, correction] = [other.records[1]!, other.records[2]!]
    expect(correction.corrects).toBe(old.id)
    const photo = other.records.find((r) => r.body.kind === 'photo')!
    expect(other.photos[0]!.id).toBe(photo.body.kind === 'photo' ? photo.body.photoId : '')
  })

  it('in another workshop nobody of this one has it', async () => {
    const { caller } = await strangerOf(server)
    const { body } = await caller.post('/api/jobs/import', await exported()).expect(201)
    expect((await caller.get(`/api/jobs/${body.id}`)).body.sections.work.value.personId).toBeNull()
    await owner.get(`/api/jobs/${body.id}`).expect(404)
  })

  it('a file of version 1 is brought up to today', async () => {
    const { sections } = await exported()
    const old = {
      format: 'lochmoor-job',
      schemaVersion: 1,
      exportedAt: '2026-01-01T00:00:00.000Z',
      id: randomUUID(),
      createdAt: '2026-01-01T00:00:00.000Z',
      stateSince: '2026-01-01T00:00:00.000Z',
      sections: {
        vehicle: sections.vehicle,
        // Of what a section had then; the rest is added on the way up.
        fuel: Object.fromEntries(VERSION_1_FUEL.map((f) => [f, sections.fuel[f]])),
      },
    }
    const { body } = await owner.post('/api/jobs/import', old).expect(201)
    expect(body.migratedFrom).toBe(1)
    const now = await exported(body.id as string)
    const { fuel } = now.sections
    expect([fuel.lowV, fuel.pump?.id, fuel.pumpCount]).toEqual([sections.fuel.lowV, sections.fuel.pump?.id, 1])
    expect([fuel.feed.lengthM, fuel.feed.legs, fuel.tank.lowerM]).toEqual([sections.fuel.feed.lengthM, [], null])
    expect(now.sections.work.state).toBe('asked')
  })

  it.each([
    ['another format', { format: 'song' }, /format is "song"; allowed: "lochmoor-job"/],
    ['a newer version', { schemaVersion: 99 }, /schemaVersion is 99.*a newer file needs a newer Lochmoor/],
    ['no sections', { sections: undefined }, /sections is nothing/],
    [
      'a figure out of range',
      { sections: { fuel: { lowV: 99 } } },
      /sections\.fuel\.lowV is 99; allowed: a number, 6 to 16 V/,
    ],
    ['an unknown field', { paint: 'red' }, /paint is "red"; allowed: no field of this name/],
    [
      'a photograph that is none',
      { photos: [{ id: randomUUID(), type: 'image/jpeg', width: 9, height: 9, base64: 'bm90' }] },
      /photos: .* allowed: a JPEG/,
    ],
  ])('refuses %s by name and stores nothing', async (_name, change, said) => {
    const file = await exported()
    const broken = {
      ...file,
      ...change,
      ...('sections' in change && change.sections
        ? { sections: { ...file.sections, fuel: { ...file.sections.fuel, ...change.sections.fuel } } }
        : {}),
    }
    const before = (await owner.get('/api/jobs')).body.total
    expect((await owner.post('/api/jobs/import', broken).expect(400)).body.message).toMatch(said)
    expect((await owner.get('/api/jobs')).body.total).toBe(before)
  })

  it('names every problem, not only the first', async () => {
    const file = await exported()
    const fuel = { ...file.sections.fuel, lowV: 99, runningV: 'much' }
    const { body } = await owner.post('/api/jobs/import', { ...file, sections: { ...file.sections, fuel } }).expect(400)
    expect(body.problems.map((p: { field: string }) => p.field)).toEqual([
      'sections.fuel.lowV',
      'sections.fuel.runningV',
    ])
  })
})
