import { CatalogueSchema, PART_KINDS, partFromCells, type PartKind, type SectionName } from '@lochmoor/contract'
import { emptyLeg, PARTS_HELD, pumpAtVoltage, type PumpPart } from '@lochmoor/core'
import Papa from 'papaparse'
import { DataSource } from 'typeorm'
import { DEMO_JOBS } from '../demo/demoJobs.ts'
import { demoCaller, strangerOf, type Caller } from '../test/callers.ts'
import { testServer, type TestServer } from '../test/testServer.ts'
import { STOCK_CATALOGUE } from './stock/index.ts'

/** A section with a part at a place; a list gets an item to hold it. */
const withPart = (value: unknown, [key, ...rest]: readonly string[], part: object): unknown => {
  if (key === undefined) return part
  if (key === '*') return [withPart(emptyLeg('leg-0', 'Leg'), rest, part)]
  const tree = value as Record<string, unknown>
  return { ...tree, [key]: withPart(tree[key], rest, part) }
}

describe('stock catalogue', () => {
  it('holds the promised breadth', () => {
    const count = (parts: readonly unknown[]) => parts.length
    expect(count(STOCK_CATALOGUE.pumps)).toBeGreaterThanOrEqual(12)
    expect(count(STOCK_CATALOGUE.injectors)).toBeGreaterThanOrEqual(10)
    expect(count(STOCK_CATALOGUE.hoses)).toBeGreaterThanOrEqual(8)
    expect(count(STOCK_CATALOGUE.filters)).toBeGreaterThanOrEqual(6)
    expect(count(STOCK_CATALOGUE.regulators)).toBeGreaterThanOrEqual(5)
    expect(count(STOCK_CATALOGUE.controllers)).toBeGreaterThanOrEqual(5)
  })

  it.each(STOCK_CATALOGUE.pumps.map((p) => [p.name, p] as [string, PumpPart]))(
    '%s: falls strictly at every voltage and gives more with more',
    (_n, pump) => {
      const flowAt100kPa = [9, 10.5, 12, 13.5, 14.8].map((v) => {
        const at = pumpAtVoltage(pump.tables, v)
        if (!at.ok) throw new Error(JSON.stringify(at.error))
        return at.value.curve.find((p) => p.pressurePa >= 100e3)!.flowM3S
      })
      expect([...flowAt100kPa].sort((a, b) => a - b)).toEqual(flowAt100kPa)
    },
  )
})

describe('catalogue endpoint', () => {
  let server: TestServer
  let owner: Caller
  beforeAll(async () => {
    server = await testServer()
    owner = await demoCaller(server, 'owner')
  })
  afterAll(() => server.close())

  it('gives all parts, and one kind', async () => {
    const { body } = await owner.get('/api/catalogue').expect(200)
    expect(CatalogueSchema.parse(body)).toEqual(STOCK_CATALOGUE)
    const { body: hoses } = await owner.get('/api/catalogue/hoses').expect(200)
    expect(hoses).toEqual(STOCK_CATALOGUE.hoses)
  })

  it('refuses an unknown kind by naming the known ones', async () => {
    const { body } = await owner.get('/api/catalogue/carburettors').expect(400)
    expect(body.message).toMatch(/carburettors.*"pumps", "injectors"/)
  })

  it("does not show another workshop's own part", async () => {
    const database = server.app.get(DataSource)
    const { caller } = await strangerOf(server)
    await database.query(
      "insert into part (id, workshop_id, kind, name, position, data) values ('own', 'ffffffff-ffff-4fff-8fff-ffffffffffff', 'hoses', 'Own', 0, ?)",
      [JSON.stringify({ ...STOCK_CATALOGUE.hoses[0], id: 'own' })],
    )
    expect((await owner.get('/api/catalogue/hoses')).body).toEqual(STOCK_CATALOGUE.hoses)
    expect((await caller.get('/api/catalogue/hoses')).body).toHaveLength(STOCK_CATALOGUE.hoses.length + 1)
  })

  describe('own parts', () => {
    const own = { ...STOCK_CATALOGUE.hoses[5]!, id: 'own-braided', name: 'Braided, from the reel' }
    const hoses = async (caller = owner) => (await caller.get('/api/catalogue/hoses')).body as { id: string }[]

    it('stand behind the stock for this workshop alone, are changed by writing again, and go', async () => {
      await owner.put('/api/catalogue/hoses/own-braided', own).expect(200)
      expect((await hoses()).at(-1)).toEqual(own)
      await owner.put('/api/catalogue/hoses/own-braided', { ...own, priceClass: 5 }).expect(200)
      expect((await hoses()).filter((h) => h.id === own.id)).toEqual([{ ...own, priceClass: 5 }])
      await owner.delete('/api/catalogue/hoses/own-braided').expect(200)
      expect((await hoses()).map((h) => h.id)).not.toContain(own.id)
      await owner.delete('/api/catalogue/hoses/own-braided').expect(404)
    })

    it.each([
      ['an id of the stock', 'wath-lined-6', { ...own, id: 'wath-lined-6' }, /id is "wath-lined-6"; allowed: "own-"/],
      ['another id than its address', 'own-x', own, /id is "own-braided"; allowed: "own-x"/],
      ['a bore out of range', 'own-braided', { ...own, boreM: 8 }, /boreM is 8; allowed: a number, 0\.0005 to 0\.1 m/],
      ['a field nobody knows', 'own-braided', { ...own, colour: 'red' }, /colour is "red"/],
    ])('refuses %s', async (_n, id, part, said) => {
      const { body } = await owner.put(`/api/catalogue/hoses/${id}`, part).expect(400)
      expect(body.message).toMatch(said)
    })

    it.each([
      ['pumps', ['works', 'reliefPa']],
      ['filters', ['mount']],
      ['regulators', ['sits', 'mostPressurePa']],
      ['controllers', ['leastV', 'rideThroughS']],
    ] as const)(
      'one of our own %s that an older version stored says nothing of what is asked since',
      async (kind, since) => {
        const part = { ...STOCK_CATALOGUE[kind][0]!, id: 'own-older', name: 'Older' }
        await owner.put(`/api/catalogue/${kind}/own-older`, part).expect(200)
        const older = Object.fromEntries(
          Object.entries(part).filter(([k]) => !(since as readonly string[]).includes(k)),
        )
        await server.app.get(DataSource).query("update part set data = ? where name = 'Older'", [JSON.stringify(older)])
        const { body } = await owner.get(`/api/catalogue/${kind}`).expect(200)
        const nothing = Object.fromEntries(since.map((field) => [field, null]))
        expect((body as { id: string }[]).find((p) => p.id === 'own-older')).toEqual({ ...part, ...nothing })
        await owner.delete(`/api/catalogue/${kind}/own-older`).expect(200)
      },
    )

    it('refuses a pump whose flow rises, by the point', async () => {
      const [pump] = STOCK_CATALOGUE.pumps
      const tables = [{ voltageV: 13.5, points: [...pump!.tables[0]!.points].reverse() }]
      const { body } = await owner.put('/api/catalogue/pumps/own-p', { ...pump, id: 'own-p', tables }).expect(400)
      expect(body.message).toMatch(/tables\.0\.points\.1\.pressurePa/)
    })

    it('many at once: all or none', async () => {
      const many = [1, 2, 3].map((n) => ({ ...own, id: `own-${n}` }))
      const bad = [...many.slice(0, 2), { ...many[2]!, boreM: -1 }]
      const refused = await owner.post('/api/catalogue/hoses/import', { parts: bad }).expect(400)
      expect(refused.body.message).toMatch(/parts\.2\.boreM is -1/)
      expect((await hoses()).some((h) => h.id === 'own-1')).toBe(false)
      expect((await owner.post('/api/catalogue/hoses/import', { parts: many }).expect(200)).body).toEqual({ stored: 3 })
      for (const { id } of many) await owner.delete(`/api/catalogue/hoses/${id}`).expect(200)
    })

    it('one that a job uses cannot vanish, and it is told when the job’s copy is another', async () => {
      await owner.put('/api/catalogue/hoses/own-braided', own).expect(200)
      const job = DEMO_JOBS[3]!
      const path = `/api/jobs/${job.id}/sections/fuel`
      const { fuel } = (await owner.get(`/api/jobs/${job.id}`)).body.sections
      const feed = { ...fuel.value.feed, hose: own }
      await owner.put(path, { baseVersion: fuel.version, value: { ...fuel.value, feed } }).expect(200)
      const uses = async () => (await owner.get('/api/catalogue/hoses/own-braided/uses').expect(200)).body.jobs
      expect(await uses()).toEqual([{ id: job.id, title: job.document.vehicle.title, differs: false }])
      const kept = await owner.delete('/api/catalogue/hoses/own-braided').expect(409)
      expect(kept.body.message).toMatch(/Aldmoor Curlew GT.*cannot be removed/)
      await owner.put('/api/catalogue/hoses/own-braided', { ...own, mostPressurePa: 1e6 }).expect(200)
      expect((await uses())[0].differs).toBe(true)
      expect((await owner.get(`/api/jobs/${job.id}`)).body.sections.fuel.value.feed.hose).toEqual(own)
      await owner.put(path, { baseVersion: fuel.version + 1, value: fuel.value }).expect(200)
      await owner.delete('/api/catalogue/hoses/own-braided').expect(200)
    })

    it.each(PARTS_HELD.map(({ kind, path }) => [kind as PartKind, path] as const))(
      'one of %s cannot vanish while a job holds it at %s',
      async (kind, path) => {
        const job = DEMO_JOBS[3]!
        const own = { ...STOCK_CATALOGUE[kind][0]!, id: `own-${kind}`, name: `Our own of ${kind}` }
        await owner.put(`/api/catalogue/${kind}/${own.id}`, own).expect(200)
        const [section, ...rest] = path.split('.') as [SectionName, ...string[]]
        const stored = (await owner.get(`/api/jobs/${job.id}`)).body.sections[section]
        const holding = withPart(stored.value, rest, own)
        await owner
          .put(`/api/jobs/${job.id}/sections/${section}`, { baseVersion: stored.version, value: holding })
          .expect(200)
        await owner.delete(`/api/catalogue/${kind}/${own.id}`).expect(409)
        await owner
          .put(`/api/jobs/${job.id}/sections/${section}`, { baseVersion: stored.version + 1, value: stored.value })
          .expect(200)
        await owner.delete(`/api/catalogue/${kind}/${own.id}`).expect(200)
      },
    )

    it('the id of a leg, or of a part of another kind, is no use of it', async () => {
      const job = DEMO_JOBS[3]!
      const { fuel } = (await owner.get(`/api/jobs/${job.id}`)).body.sections
      const named = { ...fuel.value, feed: { ...fuel.value.feed, legs: [emptyLeg('own-braided', 'Leg')] } }
      const path = `/api/jobs/${job.id}/sections/fuel`
      await owner.put('/api/catalogue/hoses/own-braided', own).expect(200)
      await owner.put(path, { baseVersion: fuel.version, value: named }).expect(200)
      expect((await owner.get('/api/catalogue/hoses/own-braided/uses').expect(200)).body.jobs).toEqual([])
      await owner.delete('/api/catalogue/hoses/own-braided').expect(200)
      await owner.put(path, { baseVersion: fuel.version + 1, value: fuel.value }).expect(200)
    })

    it('the list as CSV reads back as the same parts', async () => {
      for (const kind of PART_KINDS) {
        const { text } = await owner.get(`/api/catalogue/${kind}/parts.csv`).expect(200)
        const { data } = Papa.parse<Record<string, string>>(text, { header: true })
        const read = data.map((row) => partFromCells(kind, row))
        expect(read.every((r) => r.ok)).toBe(true)
        expect(read.map((r) => (r.ok ? r.part.id : ''))).toEqual(STOCK_CATALOGUE[kind].map((p) => p.id))
      }
      const { text } = await owner.get('/api/catalogue/hoses/parts.csv')
      expect(text).toContain('wath-lined-6,Wath lined hose dash 6,4,lined-hose,8,1.5,1800,100,6,13,75,6,no,yes')
    })
  })
})
