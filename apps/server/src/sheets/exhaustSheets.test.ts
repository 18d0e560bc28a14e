import { emptyBank, emptyPiece, type ExhaustSection, type JobDocument } from '@lochmoor/core'
import { DEMO_JOBS } from '../demo/demoJobs.ts'
import { demoCaller, type Caller } from '../test/callers.ts'
import { asBytes, boxes, streams } from '../test/pdf.ts'
import { testServer, type TestServer } from '../test/testServer.ts'

let server: TestServer
let owner: Caller
beforeAll(async () => {
  server = await testServer()
  owner = await demoCaller(server, 'owner')
})
afterAll(() => server.close())

const [PLOVER, CARRIER, WARDEN, CURLEW] = DEMO_JOBS
const get = (id: string, path: string) => owner.get(`/api/jobs/${id}/${path}`)
const bytes = async (id: string, path: string) => (await asBytes(get(id, path)).expect(200)).body as Buffer

/** A job of its own with this exhaust. */
const jobWith = async (exhaust: ExhaustSection, title: string): Promise<string> => {
  const { id } = (await owner.post('/api/jobs', { title }).expect(201)).body as { id: string }
  const { body } = await owner.get(`/api/jobs/${id}`).expect(200)
  const { version } = (body as { sections: { exhaust: { version: number } } }).sections.exhaust
  await owner.put(`/api/jobs/${id}/sections/exhaust`, { baseVersion: version, value: exhaust }).expect(200)
  return id
}
const straight = (roundM: number): ExhaustSection => {
  const { exhaust } = CURLEW!.document satisfies JobDocument
  return {
    ...exhaust,
    common: [],
    obstacles: [],
    banks: [
      {
        ...emptyBank,
        cylinders: [1, 2, 3, 4, 5, 6],
        pieces: [
          { ...emptyPiece('piece-0', 'log', 'Manifold'), lengthM: 0.4, outsideM: 0.06 },
          { ...emptyPiece('piece-1', 'pipe', 'Pipe'), lengthM: 2, roundM },
          { ...emptyPiece('piece-2', 'open-end', 'Open end'), lengthM: 0.01 },
        ],
      },
    ],
    spots: [{ run: 'a', alongM: 0.09, clockDeg: 45 }],
  }
}
const MM = 72 / 25.4
/** Widths of the rectangles drawn on a page, mm; those that only clip are left out. */
const widthsMm = (page: string) =>
  [...page.matchAll(/-?[\d.]+ -?[\d.]+ (-?[\d.]+) -?[\d.]+ re\nS/g)].map((m) => Number(m[1]) / MM)
const lines = (page: string) =>
  [...page.matchAll(/(-?[\d.]+) (-?[\d.]+) m\n(-?[\d.]+) (-?[\d.]+) l\nS/g)].map((m) => {
    const [x1, y1, x2, y2] = m.slice(1, 5).map((n) => Number(n) / MM)
    return { lengthMm: Math.hypot(x2! - x1!, y2! - y1!), x1, y1, x2, y2 }
  })
/** Scale of every change of coordinates on the page: 1 is true to size. */
const scales = (page: string) =>
  [...page.matchAll(/(-?[\d.]+) (-?[\d.]+) (-?[\d.]+) (-?[\d.]+) (-?[\d.]+) (-?[\d.]+) cm/g)].map((m) =>
    Math.abs(Number(m[1]) * Number(m[4]) - Number(m[2]) * Number(m[3])),
  )

describe('drill template', () => {
  it('the strip of a 63.5 mm pipe measures 199.5 mm in the PDF, the ruler 100, nothing is scaled', async () => {
    const id = await jobWith(straight(Math.PI * 0.0635), 'Pipe of 63.5')
    const pdf = await bytes(id, 'drill-template.pdf')
    expect([...boxes(pdf)]).toEqual(['0 0 841.89 595.28'])
    const pages = streams(pdf).filter((s) => s.includes('BT'))
    expect(pages).toHaveLength(1)
    const [page] = pages
    expect(scales(page!).every((k) => Math.abs(k - 1) < 1e-9)).toBe(true)
    expect(widthsMm(page!)).toHaveLength(1)
    expect(widthsMm(page!)[0]).toBeCloseTo(199.49, 2)
    expect(lines(page!).some((l) => Math.abs(l.lengthMm - 100) < 0.01)).toBe(true)
    // The upper edge, the merge: as long as the strip.
    expect(lines(page!).filter((l) => Math.abs(l.lengthMm - 199.491) < 0.01)).toHaveLength(1)
  })
  it('a strip longer than the paper goes on on a second sheet, still to size', async () => {
    const id = await jobWith(straight(Math.PI * 0.11), 'Pipe of 110')
    const pages = streams(await bytes(id, 'drill-template.pdf?paper=letter')).filter((s) => s.includes('BT'))
    expect(pages).toHaveLength(2)
    for (const page of pages) expect(lines(page).some((l) => Math.abs(l.lengthMm - Math.PI * 110) < 0.02)).toBe(true)
  })
  it('as SVG in millimetres', async () => {
    const id = await jobWith(straight(Math.PI * 0.0635), 'Pipe of 63.5 again')
    const answer = await asBytes(get(id, 'drill-template.svg')).expect(200)
    expect(answer.headers['content-type']).toMatch(/^image\/svg\+xml/)
    const svg = (answer.body as Buffer).toString('utf8')
    expect(svg).toMatch(/<rect id="strip"[^>]*width="199\.49\d*"/)
    expect(svg).toMatch(/^<svg [^>]*width="[\d.]+mm"/)
  })
  it('in the reader’s English; another is refused by name', async () => {
    const id = await jobWith(straight(Math.PI * 0.0635), 'Centre of the bonnet')
    const svgIn = async (english: string) =>
      ((await asBytes(get(id, `drill-template.svg?english=${english}`)).expect(200)).body as Buffer).toString('utf8')
    expect(await svgIn('british')).toMatch(/Centre \d+\smm after the merge/)
    const american = await svgIn('american')
    expect(american).toMatch(/Center \d+\smm after the merge/)
    // What its owner calls the car stays.
    expect(american).toContain('<title>Centre of the bonnet: drill template')
    expect((await get(id, 'drill-template.svg?english=welsh').expect(400)).body.message).toMatch(/english is "welsh"/)
  })
  it('is refused with what is still wanted', async () => {
    const none = await get(PLOVER!.id, 'drill-template.pdf').expect(409)
    expect(none.body).toMatchObject({ code: 'noSpot', message: expect.stringMatching(/choose a position/) as string })
    const id = await jobWith({ ...straight(0.15), bung: null }, 'No boss')
    expect((await get(id, 'drill-template.svg').expect(409)).body).toMatchObject({ code: 'noBung' })
    const before = await jobWith({ ...straight(0.15), spots: [{ run: 'a', alongM: -0.1, clockDeg: 0 }] }, 'Before')
    expect((await get(before, 'drill-template.pdf').expect(409)).body).toMatchObject({ code: 'beforeMerge' })
    expect((await get(CURLEW!.id, 'drill-template.pdf?sensor=c').expect(400)).body.message).toMatch(/sensor is "c"/)
  })
})

describe('working sheet of the exhaust sensor', () => {
  it.each(DEMO_JOBS.map((j) => [j.document.vehicle.title, j.id] as const))(
    '%s: is a PDF of A4 pages',
    async (_t, id) => {
      const pdf = await bytes(id, 'exhaust/sheet.pdf')
      expect([...boxes(pdf)]).toEqual(['0 0 595.28 841.89'])
      expect(streams(pdf).filter((s) => s.includes('BT')).length).toBeGreaterThan(0)
    },
  )
  it('in Letter and in inches', async () =>
    expect([...boxes(await bytes(WARDEN!.id, 'exhaust/sheet.pdf?paper=letter&units=bore:in'))]).toEqual([
      '0 0 612 792',
    ]))
  it('parts as CSV', async () => {
    const { text } = await get(CARRIER!.id, 'exhaust/parts.csv').expect(200)
    expect(text.split('\r\n')[0]).toBe('quantity,quantity is,part,name,specification,reason')
    expect(text).toContain('oxygen sensor,"Ember W2 wideband, high temperature"')
    expect(text).toContain('Band clamp for a slip joint')
  })
})
