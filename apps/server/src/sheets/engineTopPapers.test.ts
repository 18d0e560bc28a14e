import { engineTopCase } from '@lochmoor/core'
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

const jobOf = (title: string) => DEMO_JOBS.find((j) => j.document.vehicle.title.includes(title))!
const [curlew, plover] = [jobOf('Curlew'), jobOf('Plover')]
const get = (id: string, path: string) => owner.get(`/api/jobs/${id}/${path}`)
const bytes = async (id: string, path: string) => (await asBytes(get(id, path)).expect(200)).body as Buffer
/** Circles are four curves each. */
const circlesOf = (page: string) => [...page.matchAll(/ c\n/g)].length / 4
/** Corners of every closed outline, points. */
const outlines = (page: string) =>
  [...page.matchAll(/((?:-?[\d.]+ -?[\d.]+ [ml]\n){4})h\n/g)].map((m) =>
    [...m[1]!.matchAll(/(-?[\d.]+) (-?[\d.]+) [ml]/g)].map((p) => [Number(p[1]), Number(p[2])] as const),
  )

describe('papers of the engine top', () => {
  it('the card numbers every bolt of every pattern, on A4 and on Letter', async () => {
    const bolts = engineTopCase(curlew.document).bolts.filter((b) => b.order !== null)
    const wanted = bolts.reduce((n, b) => n + b.places!.length, 0)
    for (const [paper, box] of [
      ['a4', '0 0 595.28 841.89'],
      ['letter', '0 0 612 792'],
    ] as const) {
      const pdf = await bytes(curlew.id, `tightening-card.pdf?paper=${paper}`)
      expect([...boxes(pdf)]).toEqual([box])
      const pages = streams(pdf).filter((s) => s.includes('BT'))
      expect(pages.reduce((n, p) => n + circlesOf(p), 0)).toBe(wanted)
    }
  })
  it('the section is to scale: each piece as wide to its height as it is', async () => {
    const page = streams(await bytes(curlew.id, 'engine-top/sheet.pdf')).find((s) => outlines(s).length > 5)!
    const { elementM, pieces } = curlew.document.engineTop.stack
    const element = pieces.find((p) => p.kind === 'element')!
    const shapes = outlines(page).map((at) => {
      const [xs, ys] = [at.map((p) => p[0]), at.map((p) => p[1])]
      return { wide: Math.max(...xs) - Math.min(...xs), high: Math.max(...ys) - Math.min(...ys) }
    })
    const ratio = elementM! / element.heightM!
    expect(shapes.filter((s) => Math.abs(s.wide / s.high - ratio) < 0.01 * ratio)).not.toEqual([])
  })
  it('a job without a pattern is told what is wanted; what is no paper is named', async () => {
    expect((await get(plover.id, 'tightening-card.pdf').expect(409)).body).toMatchObject({ code: 'noOrder' })
    expect((await get(curlew.id, 'tightening-card.pdf?paper=a5').expect(400)).body.message).toMatch(/paper is "a5"/)
  })
})
