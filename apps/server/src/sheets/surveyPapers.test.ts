import { DEMO_JOBS } from '../demo/demoJobs.ts'
import { demoCaller, holderOf, nobody, type Caller } from '../test/callers.ts'
import { STATION_LIST } from '@lochmoor/core'
import { STOCK_CATALOGUE } from '../catalogue/stock/index.ts'
import { forGuests } from '../jobs/forGuests.ts'
import { asBytes, streams } from '../test/pdf.ts'
import { testServer, type TestServer } from '../test/testServer.ts'
import { STATION_SHEETS } from './stationSheets.ts'

let server: TestServer
let owner: Caller
let guest: Caller
const curlew = DEMO_JOBS.find((j) => j.document.vehicle.title.includes('Curlew'))!
const job = `/api/jobs/${curlew.id}`
beforeAll(async () => {
  server = await testServer()
  owner = await demoCaller(server, 'owner')
  const { path } = (await owner.post(`${job}/guest-links`, { days: 3 }).expect(201)).body as { path: string }
  guest = await holderOf(server, await nobody(server).post('/api/session/guest', { token: path.split('/').at(-1)! }))
})
afterAll(() => server.close())

/** Every text that goes onto a sheet, as it is asked for in the reader's English. */
const printed = async (station: (typeof STATION_LIST)[number], document: typeof curlew.document): Promise<string> => {
  const texts: string[] = []
  const inEnglish = (text: string) => {
    texts.push(text)
    return text
  }
  const head = { workshop: 'Skerrow Bank Garage', madeAt: new Date('2026-05-01'), version: '1', inEnglish }
  await STATION_SHEETS[station.id]!(document, STOCK_CATALOGUE, head, 'a4', {})
  return texts.join('\n').replace(/[\u2009\u202f\u00a0]/g, ' ')
}
const stationOf = (id: string) => STATION_LIST.find((s) => s.id === id)!
const textsOf = async (by: Caller, path: string): Promise<number> => {
  const pdf = (await asBytes(by.get(`${job}/${path}`)).expect(200)).body as Buffer
  return streams(pdf).reduce((n, page) => n + [...page.matchAll(/\bTJ\b|\bTj\b/g)].length, 0)
}
const { facts, orders } = curlew.document
const CHOSEN = [facts.owner, facts.registration, facts.chassis]
const KEPT = [facts.phone, facts.address, facts.engine, facts.keyNumber]
describe('papers of the survey', () => {
  it.each(STATION_LIST.map((s) => [s.id, s] as const))('%s prints what was chosen of the facts, nothing else of them, and for guests none', async (_id, station) => {
    const own = await printed(station, curlew.document)
    for (const fact of CHOSEN) expect(own).toContain(fact)
    for (const fact of KEPT) expect(own).not.toContain(fact)
    const theirs = await printed(station, forGuests(curlew.document))
    for (const fact of [...CHOSEN, ...KEPT]) expect(theirs).not.toContain(fact)
    // And so it is sent: a guest's paper is shorter by that line.
    expect(await textsOf(guest, `${station.path}/sheet.pdf`)).toBeLessThan(await textsOf(owner, `${station.path}/sheet.pdf`))
  }) // prettier-ignore
  it('nothing that a guest gets of the job has a fact or a price in it', async () => {
    const { text } = await guest.get(job).expect(200)
    const { supplier, weakness } = orders.purchases[0]!
    for (const secret of [...CHOSEN, ...KEPT, supplier, weakness]) expect(text).not.toContain(secret)
    expect((await owner.get(job).expect(200)).text).toContain(supplier)
    await guest.get(`${job}/purchases.csv`).expect(403)
    for (const file of ['survey.csv', 'walk-around/parts.csv', 'fuel/parts.csv', 'records.csv']) {
      const csv = (await guest.get(`${job}/${file}`).expect(200)).text
      for (const secret of [...CHOSEN, ...KEPT, supplier]) expect([file, csv.includes(secret)]).toEqual([file, false])
    }
  })
  it('the survey has what was found, what comes out first and what is tried at hand-over', async () => {
    const text = await printed(stationOf('walkAround'), curlew.document)
    for (const words of [
      'Baseline, carburettor still on',
      '810 rpm',
      'Brake servo, Crankcase breather, Vacuum advance',
      'Comes out first, goes back last',
      'Glove box and its shelf',
      '25 min',
      'Tried and signed at hand-over',
      'Two hours at cruising speed',
      'Down pipe flange nut',
    ])
      // prettier-ignore
      expect(text).toContain(words)
  })
  it('as CSV in the reader’s unit and in SI; empty entries are left out', async () => {
    const csv = (await owner.get(`${job}/survey.csv?units=vacuum:inHg`).expect(200)).text
    const row = csv.split('\r\n').find((l) => l.includes('walkAround.baseline.idleVacuumPa'))!
    // 62 kPa over 3.386 kPa an inch of mercury.
    expect(row).toMatch(/,18\.3\s+in\s+Hg,62000,/)
    expect(csv).not.toContain('walkAround.gearbox.lockUp')
  })
  it('everything entered at every station, in SI too, without owner and orders', async () => {
    const csv = (await owner.get(`${job}/entries.csv?units=vacuum:inHg`).expect(200)).text
    const rows = csv.split('\r\n')
    const rowOf = (path: string) => rows.find((l) => l.endsWith(`,${path}`))
    expect(rowOf('walkAround.baseline.idleVacuumPa')).toMatch(/^Walk-around,.*,18\.3\s+in\s+Hg,62000,/)
    expect(rowOf('vehicle.cylinders')).toMatch(/^Vehicle,Cylinders,6,6,/)
    for (const path of ['system.uses', 'fuel.pump', 'exhaust.sensor'])
      expect([path, rowOf(path)]).not.toEqual([path, undefined])

    for (const secret of ['Wharfe', '01632', 'CRL 69', 'GT6-004417', 'Fellside Fuel Parts']) expect(csv).not.toContain(secret) // prettier-ignore
  })
  it('what is bought, line by line', async () => {
    const csv = (await owner.get(`${job}/purchases.csv`).expect(200)).text
    expect(csv).toMatch(/Quarrie Q170,1,given,.*now,Fellside Fuel Parts,138,EUR,right,passed,yes,Those before batch 40/)
  })
  it('the system with its inputs and what no box contains', async () => {
    const text = await printed(stationOf('system'), curlew.document)
    for (const words of ['Inputs and outputs', 'Not in the box: rule of thumb', 'ECU not chosen']) expect(text).toContain(words) // prettier-ignore
  })
})
