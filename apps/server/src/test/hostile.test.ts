import { randomUUID } from 'node:crypto'
import fc from 'fast-check'
import type { Test } from 'supertest'
import request from 'supertest'
import { JOB_SCHEMA_VERSION, MOST_VERSIONS, SECTION_NAMES, type JobFile } from '@lochmoor/contract'
import { emptyJob, STATION_LIST } from '@lochmoor/core'
import { STOCK_CATALOGUE } from '../catalogue/stock/index.ts'
import { DEMO_JOBS } from '../demo/demoJobs.ts'
import { DEMO_PEOPLE } from '../demo/demoPeople.ts'
import { demoCaller, nobody, strangerOf, type Caller } from './callers.ts'
import { testServer, type TestServer } from './testServer.ts'

let server: TestServer
let owner: Caller
beforeAll(async () => {
  server = await testServer()
  owner = await demoCaller(server, 'owner')
})
afterAll(() => server.close())

const [job, other] = [DEMO_JOBS[0]!, DEMO_JOBS[3]!]
const SEED = 20_261_128
const RUNS = 2_500

/** Text that somebody sends who wants it to fail. */
const NASTY = ['', ' ', '\0', '\ud800', 'a\udc00b', '\u202e', '‮', '=1+1', "' or 1=1 --", '"; drop table job; --', '%', '_', '%00', '../../etc/passwd', '..%2f..', '{{7*7}}', '<script>alert(1)</script>', 'x'.repeat(5000), '🚗'.repeat(300), 'İ', 'ß', 'null', 'NaN', '__proto__', 'constructor', '-0', '1e999', '0x10', '２０２６', 'true', '[]', '{}'] // prettier-ignore
const TIMES = ['0000-01-01T00:00:00.000Z', '0001-01-01T00:00:00.000Z', '0099-12-31T23:59:59.999Z', '9999-12-31T23:59:59.999Z', '+010000-01-01T00:00:00.000Z', '2026-02-30T00:00:00.000Z', '2026-01-01', '2026-01-01T00:00:00+14:00'] // prettier-ignore
const nastyText = fc.oneof(fc.constantFrom(...NASTY, ...TIMES), fc.string({ unit: 'binary', maxLength: 30 }))
const nastyNumber = fc.oneof(fc.constantFrom(0, -0, -1, 1, 1e-320, 1e308, -1e308, 2 ** 31, 2 ** 53, 99, 0.1), fc.double()) // prettier-ignore
const nastyValue: fc.Arbitrary<unknown> = fc.letrec((tie) => ({
  value: fc.oneof(
    { maxDepth: 3 },
    nastyText,
    nastyNumber,
    fc.constantFrom(null, true, false),
    fc.array(tie('value'), { maxLength: 4 }),
    fc.dictionary(fc.oneof(nastyText, fc.constantFrom('id', 'name', 'kind', 'body')), tie('value'), { maxKeys: 4 }),
  ),
})).value
/** Something sound in which one thing was put somewhere. */
const spoilt = (sound: unknown): fc.Arbitrary<unknown> => {
  const places: (readonly string[])[] = []
  const walk = (value: unknown, path: readonly string[]) => {
    places.push(path)
    if (typeof value === 'object' && value !== null)
      for (const [key, inner] of Object.entries(value)) walk(inner, [...path, key])
  }
  walk(sound, [])
  return fc.tuple(fc.constantFrom(...places), nastyValue).map(([path, wrong]) => put(sound, path, wrong))
}
const put = (value: unknown, [key, ...rest]: readonly string[], wrong: unknown): unknown => {
  if (key === undefined) return wrong
  if (Array.isArray(value)) return value.map((v, i) => (String(i) === key ? put(v, rest, wrong) : v))
  return { ...(value as object), [key]: put((value as Record<string, unknown>)[key], rest, wrong) }
}

const record = { id: randomUUID(), at: '2026-02-01T08:00:00.000Z', body: { kind: 'measurement', quantity: 'Length', si: 1, family: 'distance', text: '1 m', field: 'fuel.lowV', place: '', condition: '', instrument: '' }, corrects: null, withdraws: false } // prettier-ignore
const pathPart = fc.oneof(
  fc.constantFrom(job.id, other.id, randomUUID(), 'fuel', 'exhaust', 'pumps', 'own-x'),
  nastyText,
)
const pathTo = fc
  .tuple(
    fc.constantFrom('/jobs/:', '/jobs/:/records', '/jobs/:/records.csv', '/jobs/:/history', '/jobs/:/history/:/:', '/jobs/:/photos/:', '/jobs/:/photos/:/thumb', '/jobs/:/:/sheet.pdf', '/jobs/:/:/parts.csv', '/jobs/:/drill-template.pdf', '/jobs/:/drill-template.svg', '/jobs/:/tightening-card.pdf', '/jobs/:/continuity-sheet.pdf', '/jobs/:/thermistors.csv', '/jobs/:/survey.csv', '/jobs/:/entries.csv', '/jobs/:/purchases.csv', '/jobs/:/loom/:', '/jobs/:/guest-links', '/catalogue/:', '/catalogue/:/:/uses', '/catalogue/:/parts.csv', '/invitations/:', '/jobs', '/jobs/board.csv', '/workshop/people', '/:'), // prettier-ignore
    fc.array(pathPart, { minLength: 3, maxLength: 3 }),
    fc.dictionary(fc.constantFrom('search', 'state', 'person', 'size', 'page', 'before', 'field', 'kind', 'section', 'paper', 'units', 'english', 'sensor', 'sort', '__proto__'), fc.oneof(nastyText, nastyNumber.map(String)), { maxKeys: 3 }), // prettier-ignore
  )
  .map(([pattern, parts, query]) => {
    let i = 0
    const path = pattern.replace(/:/g, () => encodeURIComponent(parts[i++ % 3]!.toWellFormed()))
    const asked = new URLSearchParams(
      Object.entries(query).map(([k, v]): [string, string] => [k, v.toWellFormed()]),
    ).toString()
    return `/api${path}${asked ? `?${asked}` : ''}`
  })

type Asked = { readonly method: 'get' | 'post' | 'put' | 'patch' | 'delete'; readonly path: string; readonly body?: unknown } // prettier-ignore
const changing: fc.Arbitrary<Asked> = fc.oneof(
  spoilt(record).map((body) => ({ method: 'post' as const, path: `/api/jobs/${job.id}/records`, body })),
  fc
    .constantFrom(...SECTION_NAMES)
    .chain((s) => spoilt({ baseVersion: 1, value: emptyJob('x')[s] }).map((body) => ({ method: 'put' as const, path: `/api/jobs/${other.id}/sections/${s}`, body }))), // prettier-ignore
  fc
    .constantFrom(...SECTION_NAMES)
    .chain((s) => spoilt({ baseVersion: 99, value: other.document[s] }).map((body) => ({ method: 'put' as const, path: `/api/jobs/${other.id}/sections/${s}`, body }))), // prettier-ignore
  spoilt({ title: 'New', template: 'port-return' }).map((body) => ({
    method: 'post' as const,
    path: '/api/jobs',
    body,
  })),
  spoilt({ parts: [{ ...STOCK_CATALOGUE.hoses[0], id: 'own-hose' }] }).map((body) => ({ method: 'post' as const, path: '/api/catalogue/hoses/import', body })), // prettier-ignore
  spoilt({ ...STOCK_CATALOGUE.pumps[0], id: 'own-pump' }).map((body) => ({ method: 'put' as const, path: '/api/catalogue/pumps/own-pump', body })), // prettier-ignore
  spoilt({ days: 3 }).map((body) => ({ method: 'post' as const, path: `/api/jobs/${job.id}/guest-links`, body })),
  spoilt({ email: 'a@b.example', role: 'installer' }).map((body) => ({ method: 'post' as const, path: '/api/workshop/invitations', body })), // prettier-ignore
  spoilt({ name: 'Skerrow Bank Garage' }).map((body) => ({ method: 'patch' as const, path: '/api/workshop', body })),
  spoilt({ units: { pressure: 'bar' }, theme: null, english: null }).map((body) => ({ method: 'put' as const, path: '/api/session/preferences', body })), // prettier-ignore
  spoilt({ email: 'a@b.example', password: 'x' }).map((body) => ({
    method: 'post' as const,
    path: '/api/session',
    body,
  })),
  spoilt({ token: 'x'.repeat(30), name: 'N', password: 'long enough today' }).map((body) => ({ method: 'post' as const, path: '/api/invitations', body })), // prettier-ignore
  spoilt({ code: '123456' }).map((body) => ({ method: 'post' as const, path: '/api/session/second-factor', body })),
  pathTo.map((path) => ({ method: 'delete' as const, path: path.replace('/api/jobs', '/api/catalogue') })),
)
const asked: fc.Arbitrary<Asked> = fc.oneof(
  { arbitrary: pathTo.map((path) => ({ method: 'get' as const, path })), weight: 2 },
  { arbitrary: changing, weight: 5 },
)

const send = ({ body, method, path }: Asked): Test => {
  if (method === 'get' || method === 'delete') return owner[method](path)
  // As text: a lone surrogate goes out as what JSON makes of it.
  return owner[method](path)
    .set('content-type', 'application/json')
    .send(JSON.stringify(body) ?? 'null')
}

describe('a hostile user', () => {
  it(`${RUNS} requests of every kind: each is answered, none with a failure of the server`, async () => {
    const answers = new Map<number, number>()
    await fc.assert(
      fc.asyncProperty(asked, async (one) => {
        const answer = await send(one)
        answers.set(answer.status, (answers.get(answer.status) ?? 0) + 1)
        if (answer.status >= 500) throw new Error(`${answer.status} ${answer.text.slice(0, 300)}`)
        if (answer.status >= 400) {
          if (answer.text.length > 16_384) throw new Error(`${answer.text.length} characters`)
          const said = answer.body as { code?: unknown; message?: unknown }
          if (typeof said.code !== 'string' || typeof said.message !== 'string' || said.message === '')
            throw new Error(`no reason: ${answer.text.slice(0, 300)}`)
        }
      }),
      { seed: SEED, numRuns: RUNS },
    )
    // It has been let in as well as refused: a run that is only turned away at the door proves nothing.
    expect([...answers.keys()]).toEqual(expect.arrayContaining([200, 400, 404]))
    await owner.get('/api/jobs').expect(200)
    await nobody(server).get('/api/health').expect(200)
  })

  const records = `/api/jobs/${job.id}/records`
  it.each([
    ['a field with letters that no path has', { body: { ...record.body, field: 'fuel.größe' } }, /body\.field is "fuel\.größe"; allowed: the path of a field/], // prettier-ignore
    ['a time of the year 1', { at: '0001-01-01T00:00:00.000Z' }, /at is "0001.*allowed: a time, .* of the years 1900 to 2199/], // prettier-ignore
    ['a time of the year 99', { at: '0099-06-01T00:00:00.000Z' }, /at is "0099/],
    ['half a character', { body: { kind: 'note', text: 'x\ud800' } }, /body\.text is text with half a character/],
  ])('an entry with %s is refused by field and reason', async (_name, change, said) => {
    const { body } = await owner.post(records, { ...record, id: randomUUID(), ...change }).expect(400)
    expect(body.message).toMatch(said)
  })
  it('a search for what no text holds finds nothing', async () => {
    for (const word of ['\0', '%', '_', '\\', '‮', '=1'])
      await owner.get(`${records}?search=${encodeURIComponent(word)}`).expect(200)
    await owner.get(`${records}?field=${encodeURIComponent('größe')}`).expect(400)
    await owner.get('/api/jobs/%E0%A4%A').expect(400)
  })
  it('a person of another workshop has no job here', async () => {
    const { caller } = await strangerOf(server)
    const me = (await caller.get('/api/session')).body.personId as string
    const work = { ...other.document.work, personId: me }
    const { body } = await owner.put(`/api/jobs/${other.id}/sections/work`, { baseVersion: 1, value: work }).expect(400)
    expect(body.problems).toEqual([{ field: 'value.personId', value: me, allowed: expect.any(String) }])
    const mine = { ...STOCK_CATALOGUE.hoses[0]!, id: 'own-theirs', name: 'Theirs' }
    await caller.put('/api/catalogue/hoses/own-theirs', mine).expect(200)
    await owner.get('/api/catalogue/hoses/own-theirs/uses').expect(404)
    await owner.delete('/api/catalogue/hoses/own-theirs').expect(404)
    await owner.put('/api/catalogue/hoses/own-theirs', { ...mine, name: 'Ours' }).expect(200)
    expect(((await caller.get('/api/catalogue/hoses')).body as { name: string }[]).at(-1)!.name).toBe('Theirs')
  })
  it('every paper of every station is a file or a refusal', async () => {
    for (const { path } of STATION_LIST)
      for (const paper of ['sheet.pdf', 'parts.csv'])
        expect((await owner.get(`/api/jobs/${job.id}/${path}/${paper}`)).status).toBeLessThan(500)
  })
})

describe('a hostile job file', () => {
  let file: JobFile
  beforeAll(async () => {
    file = (await owner.get(`/api/jobs/${other.id}/export`).expect(200)).body as JobFile
  })
  const take = (body: unknown) =>
    owner.post('/api/jobs/import').set('content-type', 'application/json').send(JSON.stringify(body))
  const version = (n: number, value: unknown = emptyJob('x').fuel) => ({
    section: 'fuel',
    version: n,
    at: '2026-01-01T00:00:00.000Z',
    who: 'Somebody',
    schemaVersion: JOB_SCHEMA_VERSION,
    value,
  })
  const cases: [string, (f: JobFile) => object, RegExp][] = [
    ['an entry twice', (f) => ({ records: [f.records[0], f.records[0]] }), /records is "a list of 2"; allowed: every entry once/],
    ['a photograph twice', (f) => ({ photos: [f.photos[0], f.photos[0]] }), /every photograph once/],
    ['a version twice', () => ({ history: [version(1), version(1)] }), /every version of a section once/],
    ['an overlong name', () => ({ history: [{ ...version(1), who: 'x'.repeat(200) }] }), /history\.0\.who is .*1 to 80 characters/],
    ['an overlong name of who wrote', (f) => ({ records: [{ ...f.records[0], who: 'x'.repeat(200) }] }), /records\.0\.who/],
    ['a version out of range', () => ({ history: [version(4e9)] }), /history\.0\.version is 4000000000; allowed: a whole number, 1 to 1000000/],
    ['a version of no version', () => ({ history: [{ ...version(1), schemaVersion: -3 }] }), /history\.0\.schemaVersion is -3/],
    ['a photograph of negative width', (f) => ({ photos: [{ ...f.photos[0], width: -5 }] }), /photos\.0\.width is -5; allowed: a whole number of pixels/],
    ['a history of nothing', () => ({ history: [version(1, null)] }), /history\.0\.value is null; allowed: a section of a job/],
    ['a history of another shape', () => ({ history: [version(1, { paint: 'red' })] }), /history\.0\.value\S* is not as a fuel section/],
    ['a history of another section', () => ({ history: [version(1, emptyJob('x').vehicle)] }), /not as a fuel section/],
    ['an older history that no version wrote', () => ({ history: [{ ...version(1, { feed: 7 }), schemaVersion: 2 }] }), /history\.0\.value/],
    ['a time before all cars', () => ({ createdAt: '0050-01-01T00:00:00.000Z' }), /createdAt is "0050.*1900 to 2199/],
    ['an older document of another shape', () => ({ schemaVersion: 2, sections: { fuel: null, vehicle: [] } }), /sections/],
    ['sections that are none', () => ({ sections: { fuel: 5 } }), /sections/],
    ['150,000 versions', () => ({ history: Array.from({ length: 150_000 }, () => ({})) }), new RegExp(`history is a list of 150000; allowed: a list of at most ${MOST_VERSIONS}`)],
    ['a million empty entries', () => ({ records: Array.from({ length: 1_000_000 }, () => ({})) }), /records is a list of 1000000; allowed/],
    ['ten thousand empty entries', () => ({ records: Array.from({ length: 10_000 }, () => ({})) }), /records\.0\.id/],
  ] // prettier-ignore
  it.each(cases)('with %s is refused by name, and nothing of it is kept', async (_name, change, said) => {
    const before = (await owner.get('/api/jobs')).body.total as number
    const answer = await take({ ...file, id: randomUUID(), ...change(file) })
    expect([answer.status, answer.body.message]).toEqual([400, expect.stringMatching(said)])
    expect(answer.text.length).toBeLessThan(16_384)
    expect(answer.body.problems?.length ?? 0).toBeLessThanOrEqual(20)
    expect((await owner.get('/api/jobs')).body.total).toBe(before)
  })
  it.each([
    ['nested without end', '['.repeat(200_000), /nested more than 40 deep/],
    ['cut off', '{"format":"lochmoor-job"', /not JSON/],
    ['not text', Buffer.from([0x7b, 0xff, 0xfe, 0x22]), /not text in UTF-8/],
    ['empty text', ' ', /not JSON/],
    ['a number', '5', /./],
  ])('that is %s is refused', async (_name, text, said) => {
    const answer = await owner
      .post('/api/jobs/import')
      .set('content-type', 'application/json')
      .serialize((v) => v as string)
      .send(text)
    expect([answer.status, answer.body.message]).toEqual([400, expect.stringMatching(said)])
  })
  it('spoilt in one place, 300 times: in or refused, never a failure', async () => {
    const small = { ...file, photos: [], records: file.records.slice(0, 2), history: file.history.slice(0, 3) }
    await fc.assert(
      fc.asyncProperty(spoilt(small), async (body) => {
        const answer = await take(body)
        if (![201, 400].includes(answer.status)) throw new Error(`${answer.status} ${answer.text.slice(0, 300)}`)
        if (answer.status === 201) {
          const id = (answer.body as { id: string }).id
          for (const path of ['', '/history', '/records', '/export', '/fuel/parts.csv'])
            await owner.get(`/api/jobs/${id}${path}`).expect(200)
        }
      }),
      { seed: SEED, numRuns: 300 },
    )
  })
  it('nobody is known by a name in a file: it speaks for who brought it in', async () => {
    const said = { ...file.records[0]!, id: randomUUID(), who: DEMO_PEOPLE[0].name, importedBy: null }
    const { body } = await take({ ...file, id: randomUUID(), photos: [], records: [said], history: [] }).expect(201)
    const { records } = (await owner.get(`/api/jobs/${body.id}/records`)).body
    expect(records[0]).toMatchObject({ who: DEMO_PEOPLE[0].name, importedBy: 'Maren Skell' })
  })
  it('larger than any may be is refused before it is sent', async () => {
    const answer = await request(server.http)
      .post('/api/jobs/import')
      .set('cookie', owner.cookie)
      .set('x-lochmoor-csrf', owner.csrf)
      .set('content-type', 'application/json')
      .set('content-length', String(500 * 1024 * 1024))
      .expect(413)
    expect(answer.body.message).toBe('The job file is larger than 120 MB; allowed: at most 120 MB.')
  })
})
