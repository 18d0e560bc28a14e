import { CatalogueSchema } from '@lochmoor/contract'
import { pumpAtVoltage, type PumpPart } from '@lochmoor/core'
import { DataSource } from 'typeorm'
import { demoCaller, strangerOf, type Caller } from '../test/callers.ts'
import { testServer, type TestServer } from '../test/testServer.ts'
import { STOCK_CATALOGUE } from './stock/index.ts'

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
})
