import { randomUUID } from 'node:crypto'
import type { LogRecord } from '@lochmoor/core'
import Papa from 'papaparse'
import sharp from 'sharp'
import request from 'supertest'
import { DataSource } from 'typeorm'
import { DEMO_JOBS } from '../demo/demoJobs.ts'
import { demoCaller, type Caller } from '../test/callers.ts'
import { testServer, type TestServer } from '../test/testServer.ts'
import { RecordsRepository } from './records.repository.ts'

let server: TestServer
let owner: Caller
let installer: Caller
let job: string
beforeAll(async () => {
  server = await testServer()
  owner = await demoCaller(server, 'owner')
  installer = await demoCaller(server, 'installer')
})
beforeEach(async () => {
  job = `/api/jobs/${(await owner.post('/api/jobs', { title: 'Book' }).expect(201)).body.id}`
})
afterAll(() => server.close())

const AT = '2026-02-01T08:00:00.000Z'
const note = (text: string, more: object = {}) => ({ id: randomUUID(), at: AT, body: { kind: 'note', text }, ...more })
const measurement = (si: number, more: object = {}) => ({
  id: randomUUID(),
  at: AT,
  body: {
    kind: 'measurement',
    quantity: 'At rest',
    si,
    family: 'voltage',
    text: `${si} V`,
    field: 'walkAround.tests.restingV',
    place: 'posts',
    condition: 'cold',
    instrument: 'meter',
  },
  ...more,
})

describe('job log', () => {
  it('keeps every kind of entry as it was written, with who and when', async () => {
    const entries = [
      note('Blows at the joint.'),
      measurement(12.4),
      { id: randomUUID(), at: AT, body: { kind: 'decision', text: 'Ports', reason: 'Separate runners.' } },
      { id: randomUUID(), at: AT, body: { kind: 'change', text: 'Plug gap', from: '0.8', to: '0.7', why: 'misfire' } },
    ]
    for (const e of entries) await installer.post(`${job}/records`, e).expect(201)
    const { body } = await owner.get(`${job}/records`).expect(200)
    expect(body.total).toBe(4)
    expect(body.records.map((r: { body: object }) => r.body)).toEqual(entries.map((e) => e.body).reverse())
    expect(body.records[0]).toMatchObject({ who: 'Tobin Raithe', at: AT, corrects: null, withdraws: false })
  })

  it('the same entry sent twice stands once; another under its id is refused', async () => {
    const e = note('once')
    await owner.post(`${job}/records`, e).expect(201)
    await owner.post(`${job}/records`, e).expect(200)
    expect((await owner.get(`${job}/records`)).body.total).toBe(1)
    await owner.post(`${job}/records`, { ...note('other'), id: e.id }).expect(409)
    await installer.post(`${job}/records`, e).expect(409)
  })

  it('the same entry sent many times at once stands once, and every sender hears that it is stored', async () => {
    const entries = Array.from({ length: 5 }, (_, i) => note(`at once ${i}`))
    const answers = await Promise.all(
      entries.flatMap((e) => Array.from({ length: 8 }, () => owner.post(`${job}/records`, e).then((r) => [r.status, r.body.id] as const))), // prettier-ignore
    )
    for (const e of entries)
      expect(answers.filter(([, id]) => id === e.id).map(([status]) => status).sort()).toEqual([...Array(7).fill(200), 201]) // prettier-ignore
    expect((await owner.get(`${job}/records`)).body.total).toBe(5)
  })

  it('a correction is a new entry that points at the old one of the same book', async () => {
    const e = note('thirteen')
    await owner.post(`${job}/records`, e).expect(201)
    const c = note('twelve', { corrects: e.id })
    expect((await owner.post(`${job}/records`, c).expect(201)).body).toMatchObject({ corrects: e.id })
    const { records } = (await owner.get(`${job}/records`)).body
    expect(records.map((r: { body: { text: string } }) => r.body.text)).toEqual(['twelve', 'thirteen'])
    await owner.post(`${job}/records`, note('x', { corrects: randomUUID() })).expect(409)
  })

  it('there is no way to change or delete an entry', async () => {
    const { body } = await owner.get('/api/docs/json')
    expect(Object.keys(body.paths['/api/jobs/{id}/records'] as object).sort()).toEqual(['get', 'post'])
  })

  it('filters by kind, field and words, and pages', async () => {
    for (let i = 0; i < 7; i++) await owner.post(`${job}/records`, note(`seen ${i} under the car`)).expect(201)
    await owner.post(`${job}/records`, measurement(12.1)).expect(201)
    const of = async (q: string) => (await owner.get(`${job}/records?${q}`).expect(200)).body
    expect((await of('kind=measurement')).total).toBe(1)
    expect((await of('field=walkAround.tests.restingV')).total).toBe(1)
    expect((await of('search=CAR under 3')).total).toBe(1)
    expect((await of('search=100%25')).total).toBe(0)
    const first = await of('size=5')
    const second = await of(`size=5&before=${first.next}`)
    expect([first.records.length, second.records.length, second.next]).toEqual([5, 3, null])
    const ids = [...first.records, ...second.records].map((r: { id: string }) => r.id)
    expect(new Set(ids).size).toBe(8)
  })

  it('finds by words what stands in an entry, page by page, however many entries lie between', async () => {
    let seed = 23
    const random = () => (seed = (seed * 16_807) % 2_147_483_647) / 2_147_483_647
    const words = ['pump', 'hums', 'earth', 'lug', 'at 4', 'x', 'under-seal', 'Größe', '12.4']
    const drawn = () => words[Math.floor(random() * words.length)]!
    // In the order of the log, and not one lot after the other: other jobs' entries lie between.
    const other = `/api/jobs/${(await owner.post('/api/jobs', { title: 'Beside' }).expect(201)).body.id}`
    const texts: string[] = []
    for (let i = 0; i < 150; i++) {
      texts.push([drawn(), i % 40 === 7 ? 'rare' : drawn(), drawn()].join(' '))
      await owner.post(`${job}/records`, note(texts.at(-1)!)).expect(201)
      if (i % 3 === 0) await owner.post(`${other}/records`, note('pump rare')).expect(201)
    }
    for (const search of [
      'pump',
      'rare',
      'um',
      'pump earth',
      'größe',
      'x 12',
      'lug rare x',
      'nowhere',
      'lug lug',
      '%',
      "'",
    ]) {
      const found: string[] = []
      let next: string | null = ''
      while (next !== null) {
        const page: { records: { body: { text: string } }[]; next: string | null } = (
          await owner
            .get(`${job}/records?size=7&search=${encodeURIComponent(search)}${next && `&before=${next}`}`)
            .expect(200)
        ).body
        found.push(...page.records.map((r) => r.body.text))
        next = page.next
      }
      const wanted = texts.filter((t) =>
        search
          .toLowerCase()
          .split(' ')
          .every((w) => `note ${t}`.toLowerCase().includes(w)),
      )
      expect([search, found]).toEqual([search, wanted.reverse()])
    }
  })

  it('finds the last word of the longest entries, stored together', async () => {
    const [, , , id] = job.split('/')
    const [row] = await server.app.get(DataSource).query('select workshop_id as workshopId from job where id = ?', [id])
    const records = Array.from({ length: 130 }, (_, i) => ({
      ...note(`${'ß€𝄞 '.repeat(990)} end${i}x`),
      who: 'Tobin Raithe',
      importedBy: null,
      storedAt: AT,
      corrects: null,
      withdraws: false,
    }))
    await server.app.get(RecordsRepository).add(row.workshopId, id!, records as LogRecord[])
    for (const i of [0, 63, 64, 100, 129])
      expect((await owner.get(`${job}/records?search=end${i}x`).expect(200)).body.total).toBe(1)
  })

  it('of very many entries says that there are more than it has counted', async () => {
    const [, , , id] = job.split('/')
    const database = server.app.get(DataSource)
    await database.query(
      `insert into record (id, workshop_id, job_id, kind, at, who, body, search)
       select uuid(), j.workshop_id, j.id, 'note', now(), 'Tobin Raithe', '{"kind":"note","text":"one of many"}', 'tobin raithe note one of many'
       from job j join seq_1_to_1001 where j.id = ?`,
      [id],
    )
    expect((await owner.get(`${job}/records`)).body.total).toBeNull()
    await database.query('delete from record where job_id = ? limit 1', [id])
    expect((await owner.get(`${job}/records`)).body.total).toBe(1000)
  })

  it.each([
    ['an empty note', { kind: 'note', text: '  ' }, /body\.text is " {2}"; allowed: 1 to 4000/],
    ['a kind that is none', { kind: 'rumour', text: 'x' }, /body\.kind/],
    ['a deviation without its reason', { kind: 'deviation', text: 'x', risk: '' }, /body\.reason is nothing/],
    ['hearsay of nobody', { kind: 'hearsay', text: 'x', by: ' ' }, /body\.by is " "; allowed: 1 to 200/],
    ['a danger that is neither yes nor no', { kind: 'for-now', text: 'x', until: '', danger: 'perhaps' }, /body\.danger is "perhaps"; allowed: true or false/], // prettier-ignore
    [
      'a fact of the owner',
      { ...measurement(1).body, field: 'facts.odometerM' },
      /body\.field is "facts\.odometerM"; allowed: a field that is no fact/,
    ],
    ['a decision without reason', { kind: 'decision', text: 'x' }, /body\.reason is nothing/],
    [
      'a measurement that is no number',
      { ...measurement(1).body, si: 'much' },
      /body\.si is "much"; allowed: a finite number/,
    ],
    ['a family that is none', { ...measurement(1).body, family: 'colour' }, /body\.family is "colour"/],
  ])('refuses %s by name', async (_name, body, said) => {
    const answer = await owner.post(`${job}/records`, { id: randomUUID(), at: AT, body }).expect(400)
    expect(answer.body.message).toMatch(said)
  })

  it('as CSV, oldest first', async () => {
    await owner.post(`${job}/records`, note('=1+1')).expect(201)
    await owner.post(`${job}/records`, measurement(12.3)).expect(201)
    const { text } = await owner.get(`${job}/records.csv`).expect(200)
    const rows = Papa.parse<Record<string, string>>(text, { header: true }).data
    expect(rows[0]!['entered']).toBe("'=1+1")
    expect(rows[1]).toMatchObject({
      quantity: 'At rest',
      'value (SI)': '12.3',
      field: 'walkAround.tests.restingV',
      place: 'posts',
    })
  })
})

describe('a database without room', () => {
  it('is named, nothing is stored, and the same entry is stored once there is room', async () => {
    const database = server.app.get(DataSource)
    // What MariaDB answers where a table cannot grow, at the place where it answers it.
    await database.query(
      "create trigger no_room before insert on record for each row signal sqlstate 'HY000' set mysql_errno = 1114, message_text = 'The table ''record'' is full'",
    )
    const entry = { id: randomUUID(), at: AT, body: { kind: 'note', text: 'while it is full' } }
    const refused = await owner.post(`${job}/records`, entry).expect(507)
    expect(refused.body).toEqual({
      code: 'diskFull',
      message: expect.stringMatching(/^The disk on Lochmoor’s server is full: nothing was saved/),
    })
    await database.query('drop trigger no_room')
    await owner.post(`${job}/records`, entry).expect(201)
  })
})

describe('photographs', () => {
  const put = (bytes: Buffer, type: string, id: string = randomUUID()) =>
    request(server.http)
      .put(`${job}/photos/${id}`)
      .set('cookie', owner.cookie)
      .set('x-lochmoor-csrf', owner.csrf)
      .set('content-type', type)
      .send(bytes)
  const picture = (width: number, height: number) =>
    sharp({ create: { width, height, channels: 3, background: '#557' } }).withExif({
      IFD0: { Make: 'Secret camera', Copyright: 'someone' },
      IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '54/1 27/1 0/1' },
    })

  it.each([
    ['image/jpeg', 'jpeg'],
    ['image/png', 'png'],
    ['image/webp', 'webp'],
  ] as const)(
    '%s is stored as a JPEG of at most 2400 pixels, without camera and place, with a thumbnail',
    async (type, format) => {
      const id = randomUUID()
      const bytes = await picture(3000, 1500).toFormat(format).toBuffer()
      expect((await sharp(bytes).metadata()).exif).toBeDefined()
      expect((await put(bytes, type, id).expect(200)).body).toMatchObject({ photoId: id, width: 2400, height: 1200 })
      const whole = await owner.get(`${job}/photos/${id}`).expect(200).expect('content-type', 'image/jpeg')
      const meta = await sharp(whole.body as Buffer).metadata()
      expect([meta.format, meta.width, meta.exif]).toEqual(['jpeg', 2400, undefined])
      expect((whole.body as Buffer).toString('latin1')).not.toContain('Secret camera')
      const thumb = await owner.get(`${job}/photos/${id}/thumb`).expect(200)
      expect((await sharp(thumb.body as Buffer).metadata()).width).toBe(320)
      const [row] = await server.app.get(DataSource).query('select image from photo where id = ?', [id])
      expect((row.image as Buffer).toString('latin1')).not.toContain('Secret camera')
    },
  )

  it('stands upright, whichever way the camera was held', async () => {
    const id = randomUUID()
    const lying = await sharp({ create: { width: 400, height: 200, channels: 3, background: '#557' } })
      .withMetadata({ orientation: 6 })
      .jpeg()
      .toBuffer()
    expect((await put(lying, 'image/jpeg', id).expect(200)).body).toMatchObject({ width: 200, height: 400 })
  })

  it.each([
    ['text that says it is a JPEG', Buffer.from('not a picture'), 'image/jpeg', 400],
    [
      'a drawing that says it is a PNG',
      Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>'),
      'image/png',
      400,
    ],
    ['nothing', Buffer.alloc(0), 'image/jpeg', 400],
    ['another kind of file', Buffer.from('GIF89a'), 'image/gif', 415],
    ['more than ten megabytes', Buffer.alloc(10 * 1024 * 1024 + 1), 'image/jpeg', 413],
  ])('refuses %s', async (_name, bytes, type, status) => {
    const { body } = await put(bytes, type).expect(status)
    expect(body.message).toMatch(status === 415 ? /allowed: image\/jpeg, image\/png, image\/webp/ : /10 MB/)
  })

  it('a broken picture is refused, not stored', async () => {
    const bytes = await picture(600, 400).jpeg().toBuffer()
    await put(bytes.subarray(0, bytes.length / 2), 'image/jpeg').expect(400)
  })

  it('an entry of a photograph that is not there is refused', async () => {
    const body = { kind: 'photo', text: 'gap', photoId: randomUUID() }
    await owner.post(`${job}/records`, { id: randomUUID(), at: AT, body }).expect(404)
  })

  it('the demo has one, and says that it is drawn', async () => {
    const { records } = (await owner.get(`/api/jobs/${DEMO_JOBS[3]!.id}/records?kind=photo`)).body
    await owner.get(`/api/jobs/${DEMO_JOBS[3]!.id}/photos/${records[0].body.photoId}/thumb`).expect(200)
  })
})
