import { randomUUID } from 'node:crypto'
import { JOB_SCHEMA_VERSION, SECTION_NAMES, type JobFile, type SectionName } from '@lochmoor/contract'
import { DataSource } from 'typeorm'
import { DEMO_JOBS } from '../demo/demoJobs.ts'
import { JobsRepository } from '../jobs/jobs.repository.ts'
import { demoCaller, strangerOf, type Caller } from '../test/callers.ts'
import {
  asVersion1,
  asVersion11,
  asVersion13,
  asVersion2,
  asVersion3,
  asVersion4,
  asVersion5,
  asVersion7,
} from '../test/oldDocuments.ts'
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
/** With the ids that items of lists got; parts keep theirs. */
/** A negative nought is none once it was written. */
const asStored = (value: unknown): unknown => JSON.parse(JSON.stringify(value))
const withoutIds = (value: unknown): unknown => {
  if (Array.isArray(value))
    return value.map((v: object) =>
      withoutIds(typeof v === 'object' && v !== null && 'id' in v ? { ...v, id: undefined } : v),
    )
  if (typeof value !== 'object' || value === null) return value
  return Object.fromEntries(Object.entries(value).map(([k, v]) => [k, withoutIds(v)]))
}
/** All that a file says, but for the moment and for who brought it in. */
const same = ({ exportedAt: _, ...file }: JobFile) => ({
  ...file,
  records: file.records.map((r) => ({ ...r, importedBy: null })),
  history: file.history.map((h) => ({ ...h, importedBy: null })),
})

describe('a job as a file', () => {
  it('out, deleted and in again is the same, with book, photographs and history', async () => {
    const { sections } = (await owner.get(`/api/jobs/${ID}`)).body
    await owner
      .put(`/api/jobs/${ID}/sections/fuel`, { baseVersion: 1, value: { ...sections.fuel.value, lowV: 11.7 } })
      .expect(200)
    const before = await exported()
    expect(before).toMatchObject({ format: 'lochmoor-job', schemaVersion: JOB_SCHEMA_VERSION, id: ID })
    expect([before.records.length, before.photos.length, before.history.length]).toEqual([
      7,
      1,
      SECTION_NAMES.length + 1,
    ])
    await owner.post(`/api/jobs/${ID}/archive`).expect(200)
    await owner.delete(`/api/jobs/${ID}`).expect(200)
    const { body } = await owner.post('/api/jobs/import', before).expect(201)
    expect(body).toEqual({ id: ID, keptId: true, migratedFrom: null })
    const after = await exported()
    expect(same(after)).toEqual(same(before))
    // It does not speak in the name of anybody here: who brought it in is said of every entry and version.
    expect([...after.records, ...after.history].map((e) => e.importedBy)).toEqual(
      Array(8 + SECTION_NAMES.length).fill('Maren Skell'),
    )
    const { records } = (await owner.get(`/api/jobs/${ID}/records`)).body
    expect(records[0]).toMatchObject({ who: before.records.at(-1)!.who, importedBy: 'Maren Skell' })
    expect((await owner.get(`/api/jobs/${ID}/records.csv`)).text).toContain('Maren Skell')
    const { entries } = (await owner.get(`/api/jobs/${ID}/history`)).body
    expect(entries.every((e: { importedBy: string }) => e.importedBy === 'Maren Skell')).toBe(true)
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

  it('without its history it is the same but for the earlier versions, and goes in again', async () => {
    const whole = await exported()
    const { body: file } = await owner.get(`/api/jobs/${ID}/export?history=none`).expect(200)
    expect({ ...file, exportedAt: '' }).toEqual({ ...whole, exportedAt: '', history: [] })
    const { body } = await owner.post('/api/jobs/import', file).expect(201)
    const other = (await owner.get(`/api/jobs/${body.id}`)).body.sections.fuel
    expect([other.version, other.value]).toEqual([1, whole.sections.fuel])
    await owner.get(`/api/jobs/${ID}/export?history=some`).expect(400)
  })

  it('comes as it is read, however much there is, each version and entry once', async () => {
    const { body: made } = await owner.post('/api/jobs', { title: 'Long lived' }).expect(201)
    const database = server.app.get(DataSource)
    // Many of one moment: the places where one reading ends and the next begins lie among them.
    await database.query(
      `insert into job_section_history (job_id, section, version, schema_version, value, at, who)
       select h.job_id, h.section, q.seq, h.schema_version, h.value, h.at, 'Tobin Raithe'
       from job_section_history h join seq_2_to_40 q where h.job_id = ?`,
      [made.id],
    )
    await database.query(
      `insert into record (id, workshop_id, job_id, kind, at, who, body, search)
       select uuid(), j.workshop_id, j.id, 'note', now(), 'Tobin Raithe', json_object('kind', 'note', 'text', concat('n', q.seq)), 'x'
       from job j join seq_1_to_1203 q where j.id = ?`,
      [made.id],
    )
    const file = await exported(made.id as string)
    const versions = file.history.map((h) => `${h.section} ${h.version}`)
    expect([versions.length, new Set(versions).size]).toEqual([40 * SECTION_NAMES.length, 40 * SECTION_NAMES.length])
    expect(file.records.map((r) => (r.body.kind === 'note' ? r.body.text : ''))).toEqual(
      Array.from({ length: 1203 }, (_, i) => `n${i + 1}`),
    )
  })

  it('that cannot be read to its end is broken off, and does not look whole', async () => {
    const jobs = server.app.get(JobsRepository)
    const honest = jobs.historyTexts.bind(jobs)
    jobs.historyTexts = async function* (...asked) {
      for await (const text of honest(...asked)) {
        yield text
        throw new Error('the store has gone')
      }
    }
    try {
      await expect(owner.get(`/api/jobs/${ID}/export`)).rejects.toThrow(/aborted|socket hang up/)
    } finally {
      jobs.historyTexts = honest
    }
    expect((await exported()).id).toBe(ID)
  })

  it('in another workshop nobody of this one has it', async () => {
    const { caller } = await strangerOf(server)
    const { body } = await caller.post('/api/jobs/import', await exported()).expect(201)
    expect((await caller.get(`/api/jobs/${body.id}`)).body.sections.work.value.personId).toBeNull()
    await owner.get(`/api/jobs/${body.id}`).expect(404)
  })

  describe('of a released version', () => {
    const head = (schemaVersion: number, sections: object) => ({
      format: 'lochmoor-job',
      schemaVersion,
      exportedAt: '2026-01-01T00:00:00.000Z',
      id: randomUUID(),
      createdAt: '2026-01-01T00:00:00.000Z',
      stateSince: '2026-01-01T00:00:00.000Z',
      sections,
    })
    const job = DEMO_JOBS[3]!.document
    const takenIn = async (file: object) => {
      const { body } = await owner.post('/api/jobs/import', file).expect(201)
      return { body, now: await exported(body.id as string) }
    }
    const names = (items: readonly { name: string }[]) => items.map((i) => i.name)

    it.each([
      [1, asVersion1(job)],
      [2, asVersion2(job)],
      [3, asVersion3(job)],
      [4, asVersion4(job)],
      [5, asVersion5(job)],
      [7, asVersion7(job)],
      [11, asVersion11(job)],
      [13, asVersion13(job)],
    ])('version %d opens with nothing lost that it held', async (version, sections) => {
      const { body, now } = await takenIn(head(version, sections))
      expect(body.migratedFrom).toBe(version)
      for (const [name, held] of Object.entries(sections))
        expect(withoutIds(now.sections[name as SectionName])).toMatchObject(withoutIds(asStored(held)) as object)
      expect(now.sections.work.state).toBe(version === 1 ? 'asked' : job.work.state)
    })
    it('items of lists get their ids, and entries of the book follow them', async () => {
      const fuel = asVersion4(job)['fuel']
      const at = '2026-02-01T08:00:00.000Z'
      const entry = (n: number, field: string) => ({
        id: `d2e4d3c5-6f7c-4819-8b2c-00000000000${n}`,
        at,
        storedAt: at,
        who: 'Tobin Raithe',
        body: {
          kind: 'measurement',
          quantity: 'Length',
          si: 0.45,
          family: 'distance',
          text: '0.45 m',
          field,
          place: '',
          condition: '',
          instrument: '',
        },
        corrects: null,
        withdraws: false,
      })
      const { now } = await takenIn({
        ...head(4, asVersion4(job)),
        records: [entry(1, 'fuel.feed.legs.0.lengthM'), entry(2, 'exhaust.common.1.lengthM')],
        history: [
          {
            section: 'fuel',
            version: 1,
            at: '2026-01-01T00:00:00.000Z',
            who: 'Tobin Raithe',
            schemaVersion: 4,
            value: fuel,
          },
        ],
      })
      expect(now.sections.fuel.feed.legs.map((l) => l.id)).toEqual(['feed-leg-0', 'feed-leg-1', 'feed-leg-2'])
      expect(names(now.sections.exhaust.common)).toEqual(names(job.exhaust.common))
      expect(now.records.map((r) => (r.body.kind === 'measurement' ? r.body.field : ''))).toEqual([
        'fuel.feed.legs.feed-leg-0.lengthM',
        // Its section's history is not in the file: nobody knows whether it was moved.
        'exhaust.common.1.lengthM',
      ])
    })
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
