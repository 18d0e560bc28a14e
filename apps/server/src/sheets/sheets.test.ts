import { readFileSync } from 'node:fs'
import Papa from 'papaparse'
import { STOCK_CATALOGUE } from '../catalogue/stock/index.ts'
import { DEMO_JOBS } from '../demo/demoJobs.ts'
import { demoCaller, type Caller } from '../test/callers.ts'
import { asBytes, boxes, streams } from '../test/pdf.ts'
import { testServer, type TestServer } from '../test/testServer.ts'
import { sheetText } from './pdf/sheetPaper.ts'
import { STATION_SHEETS } from './stationSheets.ts'

let server: TestServer
let owner: Caller
beforeAll(async () => {
  server = await testServer()
  owner = await demoCaller(server, 'owner')
})
afterAll(() => server.close())

const sheet = async (id: string, query = '') =>
  (await asBytes(owner.get(`/api/jobs/${id}/fuel/sheet.pdf${query}`)).expect(200)).body as Buffer

describe('working sheet of the fuel system', () => {
  it.each(DEMO_JOBS.map((j) => [j.document.vehicle.title, j.id] as const))(
    '%s: is a PDF of A4 pages',
    async (_t, id) => {
      const pdf = await sheet(id)
      expect(pdf.subarray(0, 5).toString()).toBe('%PDF-')
      expect([...boxes(pdf)]).toEqual(['0 0 595.28 841.89'])
      expect(streams(pdf).filter((s) => s.includes('BT')).length).toBeGreaterThan(0)
    },
  )
  it('is of Letter pages where that is wanted, with the profile drawn', async () => {
    const pdf = await sheet(DEMO_JOBS[3]!.id, '?paper=letter&units=pressure:psi,bore:in')
    expect([...boxes(pdf)]).toEqual(['0 0 612 792'])
    // The dashed line of the set pressure is drawn once, in the profile.
    expect(streams(pdf).filter((s) => /\[4 3\] 0 d/.test(s))).toHaveLength(1)
  })
  it.each([
    ['?paper=a0', /paper is "a0"; allowed: "a4", "letter"/],
    ['?units=pressure:furlong', /units is "pressure:furlong"; allowed: pressure:kPa/],
    ['?units=mood:blue', /units is "mood:blue"; allowed: pressure, /],
    ['?units=', null],
  ])('%s', async (query, said) => {
    const answer = await owner.get(`/api/jobs/${DEMO_JOBS[2]!.id}/fuel/sheet.pdf${query}`)
    expect(answer.status).toBe(said === null ? 200 : 400)
    if (said) expect(answer.body.message).toMatch(said)
  })
  it('the letters ship with the server', () =>
    expect(readFileSync(require.resolve('@fontsource/public-sans/package.json'), 'utf8')).toContain('OFL-1.1'))
})

describe('what is printed', () => {
  it.each(DEMO_JOBS.map((j) => [j.document.vehicle.title, j.document] as const))(
    '%s: no sign of any sheet is lost for want of a letter',
    async (_t, job) => {
      const lost: string[] = []
      const inEnglish = (text: string) => {
        const printed = sheetText(text)
        if (printed.split('?').length !== text.split('?').length) lost.push(text)
        return text
      }
      const head = { workshop: 'Shop', madeAt: new Date(0), version: 'v', inEnglish }
      for (const draw of Object.values(STATION_SHEETS)) await draw(job, STOCK_CATALOGUE, head, 'a4', {})
      expect(lost).toEqual([])
    },
  )
  it('ohms are written out', () => expect(sheetText('above 100\u2009kΩ, 5 mΩ')).toBe('above 100 kohm, 5 mohm'))
})

/** What a sheet says, text by text. */
const saidOn = async (station: keyof typeof STATION_SHEETS, title: string, units = {}): Promise<string[]> => {
  const said: string[] = []
  const head = { workshop: 'Shop', madeAt: new Date(0), version: 'v', inEnglish: (t: string) => (said.push(t), t) }
  const { document } = DEMO_JOBS.find((j) => j.document.vehicle.title === title)!
  await STATION_SHEETS[station]!(document, STOCK_CATALOGUE, head, 'a4', units)
  return said
}
const afterFormulas = (said: readonly string[]) => said.slice(said.findIndex((t) => t.startsWith('Appendix.')))

describe('formulas on paper', () => {
  it('only those that this job has: no module of a pump in the line, no return of a returnless system', async () => {
    const curlew = afterFormulas(await saidOn('fuel', 'Aldmoor Curlew GT'))
    const warden = afterFormulas(await saidOn('fuel', 'Hesket Warden saloon'))
    const has = (said: readonly string[]) => ['Pump module fit', 'Return line drop', 'Old line'].map((t) => said.includes(t)) // prettier-ignore
    expect([has(curlew), has(warden)]).toEqual([
      [false, true, true],
      [true, false, false],
    ])
  })
  it.each(['fuel', 'exhaust', 'power', 'harness'] as const)('%s: they come last', async (station) => {
    const said = await saidOn(station, 'Brindle Carrier van')
    expect(said.filter((t) => t.startsWith('Appendix. Formulas'))).toHaveLength(station === 'power' ? 0 : 1)
    const rest = afterFormulas(said)
    for (const heading of ['Parts to order', 'Still assumed', 'Assessment', 'Fixing template, 1:1'])
      expect(rest).not.toContain(heading)
  })
  it('in the units of the reader', async () => {
    const metric = afterFormulas(await saidOn('fuel', 'Aldmoor Curlew GT')).join(' ')
    const customary = afterFormulas(
      await saidOn('fuel', 'Aldmoor Curlew GT', { pressure: 'psi', bore: 'in', distance: 'ft' }),
    ).join(' ')
    expect([/\d\u2009kPa/.test(metric), /\d\u2009mm/.test(metric), /psi/.test(metric)]).toEqual([true, true, false])
    expect([/\d\u2009psi/.test(customary), /\d\u2009in/.test(customary), /\d\u2009kPa/.test(customary)]).toEqual([true, true, false]) // prettier-ignore
  })
})

describe('hoses on paper', () => {
  it('each piece of the cut list is drawn, with both of its lengths', async () => {
    const said = await saidOn('fuel', 'Aldmoor Curlew GT')
    for (const name of ['feed: Pump to filter', 'feed: Filter to bulkhead', 'feed: Bulkhead to throttle body'])
      expect(said.filter((t) => t === name).length).toBeGreaterThanOrEqual(2)
    expect(new Set(said.filter((t) => t.startsWith('seat to seat '))).size).toBe(3)
    expect(new Set(said.filter((t) => /^cut \d+\u2009mm$/.test(t))).size).toBe(3)
  })
})

describe('parts list of the fuel system', () => {
  it('names part, quantity, specification and what it follows from', async () => {
    const { text } = await owner.get(`/api/jobs/${DEMO_JOBS[2]!.id}/fuel/parts.csv`).expect(200)
    const { data } = Papa.parse<Record<string, string>>(text, { header: true })
    expect(data.find((d) => d['part'] === 'pump')).toEqual({
      quantity: '1',
      'quantity is': 'given',
      part: 'pump',
      name: 'Hagg M120 module',
      specification: 'module, must maintain 400\u2009kPa',
      reason: 'demand at full load with a 15 % reserve',
    })
    expect(data.filter((d) => d['part'] === 'hose end').length).toBeGreaterThan(2)
  })
  it('in the reader’s units', async () => {
    const { text } = await owner.get(`/api/jobs/${DEMO_JOBS[2]!.id}/fuel/parts.csv?units=pressure:psi`).expect(200)
    expect(text).toContain('must maintain 58.0\u2009psi')
  })
})
