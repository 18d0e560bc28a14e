import { SECTION_NAMES, type HistoryPage, type JobBoard, type JobResponse } from '@lochmoor/contract'
import { emptyJob } from '@lochmoor/core'
import Papa from 'papaparse'
import { pino } from 'pino'
import { DataSource } from 'typeorm'
import { createServer } from '../createServer.ts'
import { DEMO_JOBS } from '../demo/demoJobs.ts'
import { DEMO_PEOPLE } from '../demo/demoPeople.ts'
import { demoCaller, type Caller } from '../test/callers.ts'
import { testServer, type TestServer } from '../test/testServer.ts'
import type { PersonCaller } from '../workshop/caller.ts'
import { JobsService } from './jobs.service.ts'

let server: TestServer
let owner: Caller
let installer: Caller
beforeAll(async () => {
  server = await testServer()
  owner = await demoCaller(server, 'owner')
  installer = await demoCaller(server, 'installer')
})
afterAll(() => server.close())

const curlew = DEMO_JOBS[3]!
const jobUrl = (id: string = curlew.id) => `/api/jobs/${id}`
const open = async (id?: string): Promise<JobResponse> => (await owner.get(jobUrl(id)).expect(200)).body as JobResponse
const newJob = async (title: string, more: object = {}): Promise<JobResponse> =>
  (await owner.post('/api/jobs', { title, ...more }).expect(201)).body as JobResponse
const board = async (query = ''): Promise<JobBoard> =>
  (await owner.get(`/api/jobs${query}`).expect(200)).body as JobBoard
const write = (caller: Caller, id: string, section: string, baseVersion: number, value: object) =>
  caller.put(`${jobUrl(id)}/sections/${section}`, { baseVersion, value })

describe('jobs', () => {
  it('opens a job exactly as it was stored', async () => {
    const { sections } = await open()
    expect(sections.vehicle).toMatchObject({ version: 1, value: curlew.document.vehicle })
    for (const section of ['walkAround', 'system', 'fuel', 'work'] as const)
      expect(sections[section].value).toEqual(curlew.document[section])
  })

  it('makes a job of which nothing is known, one from a template, and a copy', async () => {
    const { sections } = await newJob('Fellside pickup')
    expect(sections.vehicle.value).toEqual(emptyJob('Fellside pickup').vehicle)
    expect(sections.walkAround.value).toEqual(emptyJob('').walkAround)
    const made = await newJob('From a template', { template: 'port-return' })
    expect(made.sections.system.value.chosen).toMatchObject({ injection: 'port', fuelLoop: 'return' })
    const copy = await newJob('A copy', { copyOf: curlew.id })
    expect(copy.sections.fuel.value).toEqual(curlew.document.fuel)
    expect(copy.sections.work.value).toEqual(emptyJob('').work)
    await owner.post('/api/jobs', { title: 'x', copyOf: '00000000-0000-4000-8000-000000000000' }).expect(404)
  })

  it('stores a section, raises its version and the list title with it', async () => {
    const { id, sections } = await newJob('Before')
    const value = { ...sections.vehicle.value, title: 'After', year: 1961 }
    const { body } = await write(owner, id, 'vehicle', 1, value).expect(200)
    expect(body.version).toBe(2)
    expect((await open(id)).sections.vehicle).toMatchObject({ version: 2, value })
    expect((await board('?search=aFTER')).jobs.find((j) => j.id === id)).toMatchObject({ title: 'After', year: 1961 })
  })

  it('refuses a write based on an older version, shows the current value and changes nothing', async () => {
    const { id, sections } = await newJob('Two people')
    const first = { ...sections.fuel.value, lowV: 11.9 }
    await write(owner, id, 'fuel', 1, first).expect(200)
    const { body } = await write(installer, id, 'fuel', 1, { ...first, lowV: 12.4 }).expect(409)
    expect(body).toMatchObject({ code: 'stale', current: { version: 2, value: { lowV: 11.9 } } })
    expect((await open(id)).sections.fuel.value.lowV).toBe(11.9)
  })

  it('two people on different stations do not meet', async () => {
    const { id, sections } = await newJob('Two stations')
    const { fuel, walkAround } = sections
    const [a, b] = await Promise.all([
      write(owner, id, 'fuel', 1, { ...fuel.value, lowV: 12.1 }),
      write(installer, id, 'walkAround', 1, { ...walkAround.value, body: { ...walkAround.value.body, massKg: 900 } }),
    ])
    expect([a.status, b.status]).toEqual([200, 200])
  })

  it('lets one of many simultaneous writes through', async () => {
    const { id, sections } = await newJob('Rush')
    const outcomes = await Promise.all(
      Array.from({ length: 12 }, (_, i) => write(owner, id, 'fuel', 1, { ...sections.fuel.value, lowV: 10 + i / 10 })),
    )
    expect(outcomes.map((o) => o.status).sort()).toEqual([200, ...Array<number>(11).fill(409)])
    expect((await open(id)).sections.fuel.version).toBe(2)
  })

  it.each([
    { section: 'fuel', name: 'a figure out of range', change: { lowV: 99 }, field: 'value.lowV', allowed: '6 to 16 V' },
    {
      section: 'fuel',
      name: 'text for a figure',
      change: { setPressurePa: '3 bar' },
      field: 'value.setPressurePa',
      allowed: '20000 to 1000000 Pa',
    },
    {
      section: 'fuel',
      name: 'a word outside its list',
      change: { systemType: 'loop' },
      field: 'value.systemType',
      allowed: '"return", "single-line"',
    },
    {
      section: 'fuel',
      name: 'an unknown field',
      change: { colour: 'red' },
      field: 'value.colour',
      allowed: 'no field of this name',
    },
    {
      section: 'fuel',
      name: 'a missing part of a line',
      change: { feed: {} },
      field: 'value.feed.lengthM',
      allowed: 'it is missing',
    },
    {
      section: 'work',
      name: 'a state that is none',
      change: { state: 'lost' },
      field: 'value.state',
      allowed: '"asked", "surveyed"',
    },
    {
      section: 'system',
      name: 'four candidates side by side',
      change: { compared: ['a', 'b', 'c', 'd'] },
      field: 'value.compared',
      allowed: 'at most 3',
    },
  ])('refuses $name, naming field, value and range', async ({ section, change, field, allowed }) => {
    const { sections } = await open()
    const value = { ...sections[section as 'fuel'].value, ...change }
    const { body } = await write(owner, curlew.id, section, 1, value).expect(400)
    expect(body.code).toBe('badInput')
    expect(body.problems.find((p: { field: string }) => p.field === field).allowed).toContain(allowed)
    expect(body.message).toContain(field)
  })

  it('answers 404 for unknown ids and 400 for what is no id, no section, no JSON', async () => {
    await owner.get(jobUrl('00000000-0000-4000-8000-000000000000')).expect(404)
    expect((await owner.get(jobUrl('nonsense')).expect(400)).body.message).toMatch(/id is "nonsense"/)
    expect((await write(owner, curlew.id, 'paint', 1, {}).expect(400)).body.message).toMatch(/section is "paint"/)
    const broken = await owner.post('/api/jobs').set('content-type', 'application/json').send('{"title":')
    expect([broken.status, /JSON/.test(broken.body.message)]).toEqual([400, true])
    await owner.get('/api/nothing').expect(404)
  })
})

describe('the board', () => {
  it('shows the demo jobs, each with its own readiness', async () => {
    const { jobs } = await board('?size=100')
    const of = (title: string) => jobs.find((j) => j.title === title)!
    const verdicts = (title: string) => of(title).stations.map((s) => `${s.stage} ${s.verdict}`)
    expect(verdicts('Aldmoor Curlew GT')).toEqual([
      'judged caution',
      'judged ok',
      'judged stop',
      'judged stop',
      'judged stop',
      'judged ok',
      'judged stop',
    ])
    expect(verdicts('Hesket Warden saloon')).toEqual([
      'built ok',
      'built ok',
      'judged ok',
      'judged stop',
      'not-begun unknown',
      'judged stop',
      'measuring unknown',
    ])
    expect(verdicts('Brindle Carrier van')).toEqual([
      'judged stop',
      'judged ok',
      'judged stop',
      'judged stop',
      'judged stop',
      'judged stop',
      'judged stop',
    ])
    expect(verdicts('Thornkeld Plover tourer')).toEqual([
      'measuring unknown',
      'not-begun unknown',
      'not-begun unknown',
      'not-begun unknown',
      'not-begun unknown',
      'not-begun unknown',
      'not-begun unknown',
    ])
    expect(of('Brindle Carrier van').nextAction).toMatch(/^Repair first: /)
    expect(of('Brindle Carrier van').repairs).toHaveLength(6)
    expect(of('Hesket Warden saloon').repairs).toEqual([])
    expect(Date.now() - Date.parse(of('Aldmoor Curlew GT').stateSince)).toBeGreaterThan(11 * 86_400_000)
  })

  it('what was computed is computed anew after a change', async () => {
    const { id, sections } = await newJob('Judged again')
    const next = async () => (await board('?search=Judged again')).jobs[0]!.nextAction
    expect(await next()).toMatch(/^(Measure|Enter) /)
    const { value } = sections.walkAround
    await write(owner, id, 'walkAround', 1, { ...value, tests: { ...value.tests, tankInside: 'rust' } }).expect(200)
    expect(await next()).toMatch(/^Repair first/)
  })

  it('moving a job on starts its days again, another change does not', async () => {
    const { id, sections, stateSince } = await newJob('On its way')
    await write(owner, id, 'work', 1, { ...sections.work.value, heldBy: 'paint' }).expect(200)
    expect((await open(id)).stateSince).toBe(stateSince)
    await write(owner, id, 'work', 2, { ...sections.work.value, state: 'in-build' }).expect(200)
    expect((await open(id)).stateSince > stateSince).toBe(true)
  })

  it('filters by state, person and words, and counts by state with the other filters', async () => {
    expect((await board('?state=designed')).jobs.map((j) => j.title).sort()).toEqual([
      'Aldmoor Curlew GT',
      'Marrick Heron estate',
      'Tolland Linnet roadster',
    ])
    expect((await board(`?person=${DEMO_PEOPLE[2].id}`)).jobs.map((j) => j.title).sort()).toEqual([
      'Aldmoor Whimbrel estate',
      'Brindle Carrier van',
    ])
    expect((await board('?person=nobody')).jobs.every((j) => j.work.personId === null)).toBe(true)
    const found = await board('?search=warden&state=asked')
    expect(found).toMatchObject({ total: 0, jobs: [], byState: { 'parts-ordered': 1, asked: 0 } })
    expect((await board('?search=%25')).total).toBe(0)
    expect((await board('?search=_')).total).toBe(0)
  })

  it.each([
    ['title', 'up', (j: JobBoard['jobs'][number]) => j.title.toLowerCase()],
    ['changed', 'up', (j: JobBoard['jobs'][number]) => j.savedAt],
    ['days', 'up', (j: JobBoard['jobs'][number]) => -Date.parse(j.stateSince)],
  ] as const)('sorts by %s %s and pages without losing or doubling', async (sort, direction, key) => {
    const all = (await board(`?sort=${sort}&direction=${direction}&size=100`)).jobs
    const keys = all.map((j): string | number => key(j))
    expect(keys).toEqual([...keys].sort((a, b) => (a < b ? -1 : a > b ? 1 : 0)))
    const paged = []
    for (let page = 1; page <= Math.ceil(all.length / 3); page++)
      paged.push(...(await board(`?sort=${sort}&direction=${direction}&size=3&page=${page}`)).jobs)
    expect(paged.map((j) => j.id)).toEqual(all.map((j) => j.id))
  })

  it.each(['?size=0', '?size=1000', '?page=0', '?sort=colour', '?person=me', '?state=lost', '?shape=round'])(
    'refuses %s by name',
    async (query) => {
      const { body } = await owner.get(`/api/jobs${query}`).expect(400)
      expect(body.problems[0].field).toBe(/\?(\w+)=/.exec(query)![1])
    },
  )

  it('knows at once what another server has changed of titles, states and people', async () => {
    const { id, sections } = await newJob('Elsewhere one')
    const other = await createServer({
      databaseUrl: server.databaseUrl,
      webFolder: null,
      demo: false,
      log: pino({ level: 'silent' }),
    })
    const [row] = await other.get(DataSource).query('select workshop_id as workshopId from job where id = ?', [id])
    const caller = { kind: 'person', workshopId: row.workshopId, name: 'Tobin Raithe' } as PersonCaller
    const jobs = other.get(JobsService)
    const found = async (q: string) => (await board(q)).jobs.some((j) => j.id === id)
    expect(await found('?search=elsewhere%20one')).toBe(true)
    // Only another case: the words are the same, what is shown is not.
    const { vehicle, work } = sections
    await jobs.write(caller, id, 'vehicle', 1, { ...vehicle.value, title: 'ELSEWHERE two' })
    expect([await found('?search=elsewhere%20one'), await found('?search=elsewhere%20two')]).toEqual([false, true])
    expect(await found('?state=started&search=elsewhere')).toBe(false)
    await jobs.write(caller, id, 'work', 1, { ...work.value, state: 'started' })
    expect(await found('?state=started&search=elsewhere')).toBe(true)
    await jobs.archive({ ...caller, email: 'x' }, id, new Date(), 'here')
    expect(await found('?search=elsewhere')).toBe(false)
    const copy = await jobs.create(caller, { title: 'Elsewhere three' })
    expect(copy.ok).toBe(true)
    expect((await board('?search=elsewhere%20three')).total).toBe(1)
    await other.close()
  })

  it('counts and finds as the store itself does, under any filters', async () => {
    const rows = await server.app
      .get(DataSource)
      .query<{ title: string; state: string; personId: string | null }[]>(
        'select title, state, person_id as personId from job where archived_at is null',
      )
    const person = DEMO_PEOPLE[2].id
    for (const search of ['', 'a', 'curlew', 'GT'])
      for (const who of ['', 'nobody', person]) {
        const wanted = rows.filter(
          (r) =>
            r.title.toLowerCase().includes(search.toLowerCase()) &&
            (who === '' || r.personId === (who === 'nobody' ? null : who)),
        )
        const { byState, total } = await board(`?search=${search}${who && `&person=${who}`}`)
        expect([search, who, total]).toEqual([search, who, wanted.length])
        for (const [state, n] of Object.entries(byState))
          expect([state, n]).toEqual([state, wanted.filter((r) => r.state === state).length])
      }
  })

  it('archives, restores, and deletes only what is archived', async () => {
    const { id } = await newJob('To be put away')
    await owner.delete(jobUrl(id)).expect(409)
    await installer.post(`${jobUrl(id)}/archive`).expect(200)
    expect((await board('?search=put away')).total).toBe(0)
    expect((await board('?search=put away&archived=yes')).total).toBe(1)
    await installer.post(`${jobUrl(id)}/restore`).expect(200)
    expect((await board('?search=put away')).total).toBe(1)
    await owner.post(`${jobUrl(id)}/archive`).expect(200)
    await owner.delete(jobUrl(id)).expect(200)
    await owner.get(jobUrl(id)).expect(404)
    expect((await owner.get('/api/workshop/audit')).body[0]).toMatchObject({ event: 'job-deleted' })
  })

  it('as CSV: one line a job, formulas made harmless', async () => {
    await newJob('=HYPERLINK("evil")')
    const { text, headers } = await owner.get('/api/jobs/board.csv?sort=title&direction=up').expect(200)
    expect(headers['content-type']).toBe('text/csv; charset=utf-8')
    const rows = Papa.parse<Record<string, string>>(text, { header: true }).data
    expect(rows.find((r) => r['title']!.includes('HYPERLINK'))!['title']).toBe('\'=HYPERLINK("evil")')
    const carrier = (await board('?search=Brindle Carrier')).jobs[0]!
    const wholeDays = Math.floor((Date.now() - Date.parse(carrier.stateSince)) / 86_400_000)
    expect(wholeDays).toBeGreaterThanOrEqual(5)
    expect(rows.find((r) => r['title'] === 'Brindle Carrier van')).toMatchObject({
      person: 'Ishbel Corrie',
      'held by': 'Owner looks for an alternator bracket',
      'days in state': String(wholeDays),
      'station walkAround': 'judged, stop',
    })
  })
})

describe('history of sections', () => {
  it('tells a move as a move, an item by its name, and one that went by the name it had', async () => {
    const source = DEMO_JOBS.find((j) => j.document.fuel.feed.legs.length === 3)!
    const copy = (await owner.post('/api/jobs', { title: 'Copy for the legs', copyOf: source.id }).expect(201)).body
    const write = (baseVersion: number, legs: readonly object[]) =>
      owner
        .put(`/api/jobs/${copy.id}/sections/fuel`, {
          baseVersion,
          value: { ...source.document.fuel, feed: { ...source.document.fuel.feed, legs } },
        })
        .expect(200)
    const [a, b, c] = source.document.fuel.feed.legs
    await write(1, [b!, { ...a!, lengthM: 0.61 }, c!])
    await write(2, [b!, { ...a!, lengthM: 0.61 }])
    const { body } = await owner.get(`/api/jobs/${copy.id}/history?section=fuel`).expect(200)
    const [gone, moved] = (body.entries as { changes: { path: string; of: string | null }[] }[]).map((e) => e.changes)
    expect(gone).toEqual([{ path: `feed.legs.${c!.id}`, of: c!.name, before: c, after: null }])
    expect(moved!.map((d) => [d.path, d.of])).toEqual([
      [`feed.legs.${a!.id}.lengthM`, a!.name],
      ['feed.legs.order', null],
    ])
  })

  it('tells who changed what and when, latest first, and gives back an older version', async () => {
    const { id, sections } = await newJob('Remembered')
    const { value } = sections.fuel
    await write(owner, id, 'fuel', 1, { ...value, lowV: 11.5 }).expect(200)
    await write(installer, id, 'fuel', 2, { ...value, lowV: 12, feed: { ...value.feed, lengthM: 3 } }).expect(200)
    const { body } = await owner.get(`${jobUrl(id)}/history?section=fuel`).expect(200)
    expect(body.entries.map((e: { who: string; version: number }) => [e.version, e.who])).toEqual([
      [3, 'Tobin Raithe'],
      [2, 'Maren Skell'],
      [1, 'Maren Skell'],
    ])
    expect(body.entries[0].changes).toEqual(
      expect.arrayContaining([
        { path: 'lowV', of: null, before: 11.5, after: 12 },
        { path: 'feed.lengthM', of: null, before: null, after: 3 },
      ]),
    )
    const old = (await owner.get(`${jobUrl(id)}/history/fuel/2`).expect(200)).body
    expect(old.value).toEqual({ ...value, lowV: 11.5 })
    await owner.get(`${jobUrl(id)}/history/fuel/9`).expect(404)
  })
  it('pages back through many versions', async () => {
    const { id, sections } = await newJob('Much edited')
    for (let v = 1; v <= 70; v++)
      await write(owner, id, 'fuel', v, { ...sections.fuel.value, lowV: 10 + (v % 5) }).expect(200)
    const first = (await owner.get(`${jobUrl(id)}/history?section=fuel`)).body
    expect([first.entries.length, typeof first.next]).toEqual([60, 'string'])
    const second = (await owner.get(`${jobUrl(id)}/history?section=fuel&before=${first.next}`)).body
    expect(second.entries.map((e: { version: number }) => e.version)).toEqual([11, 10, 9, 8, 7, 6, 5, 4, 3, 2, 1])
    expect(second.next).toBeNull()
    for (const before of ['yesterday', '2026-13-45T00:00:00.000Z~1~fuel', '2026-02-01T00:00:00.000Z~1~fuel;'])
      await owner.get(`${jobUrl(id)}/history?before=${encodeURIComponent(before)}`).expect(400)
    for (const before of ['0000-01-01T00:00:00.000Z~1~fuel', '9999-12-31T23:59:59.999Z~9999999999~nowhere'])
      await owner.get(`${jobUrl(id)}/history?before=${before}`).expect(200)
  })
  it('pages through versions of one and the same time without losing or doubling one', async () => {
    const { id } = await newJob('Many at once')
    const database = server.app.get(DataSource)
    await database.query(
      `insert into job_section_history (job_id, section, version, schema_version, value, at, who)
       select h.job_id, h.section, q.seq, h.schema_version, h.value, '2026-02-01 08:00:00', 'Tobin Raithe'
       from job_section_history h join seq_2_to_40 q where h.job_id = ?`,
      [id],
    )
    const seen: string[] = []
    let next: string | null = ''
    while (next !== null) {
      const page: HistoryPage = (await owner.get(`${jobUrl(id)}/history${next && `?before=${next}`}`).expect(200)).body
      seen.push(...page.entries.map((e) => `${e.section} ${e.version}`))
      next = page.next
    }
    expect([seen.length, new Set(seen).size]).toEqual([40 * SECTION_NAMES.length, 40 * SECTION_NAMES.length])
  })
})
