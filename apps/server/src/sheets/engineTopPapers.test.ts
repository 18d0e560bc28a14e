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
const [curlew, plover, carrier, turnstone] = [jobOf('Curlew'), jobOf('Plover'), jobOf('Carrier'), jobOf('Turnstone')]
const get = (id: string, path: string) => owner.get(`/api/jobs/${id}/${path}`)
const bytes = async (id: string, path: string) => (await asBytes(get(id, path)).expect(200)).body as Buffer
/** Circles are four curves each. */
const circlesOf = (page: string) => [...page.matchAll(/ c\n/g)].length / 4
/** Corners of every closed outline, points. */
const outlines = (page: string) =>
  [...page.matchAll(/((?:-?[\d.]+ -?[\d.]+ [ml]\n){4})h\n/g)].map((m) =>
    [...m[1]!.matchAll(/(-?[\d.]+) (-?[\d.]+) [ml]/g)].map((p) => [Number(p[1]), Number(p[2])] as const),
  )

/** Closed outlines about the shaft of the rotor: how wide they are and where their middle lies, degrees from straight up. */
const arcs = (page: string) => {
  // Four curves each; the cap is the largest circle.
  const circles = [...page.matchAll(/(?:(?:-?[\d.]+ ){6}c\n){4}/g)].map((m) =>
    [...m[0].matchAll(/(-?[\d.]+) (-?[\d.]+) c\n/g)].map((p) => [Number(p[1]), Number(p[2])] as const),
  )
  const wide = (ends: (typeof circles)[number]) =>
    Math.max(...ends.map((e) => e[0])) - Math.min(...ends.map((e) => e[0]))
  const cap = circles.sort((a, b) => wide(b) - wide(a))[0]
  if (!cap) return []
  const centre = [0, 1].map((k) => cap.reduce((n, e) => n + e[k]!, 0) / cap.length) as [number, number]
  return [...page.matchAll(/((?:-?[\d.]+ -?[\d.]+ [ml]\n){5,})h\n/g)].map((m) => {
    const at = [...m[1]!.matchAll(/(-?[\d.]+) (-?[\d.]+) [ml]/g)].map(
      // Down is more on a page.
      (p) => (Math.atan2(Number(p[1]) - centre[0], centre[1] - Number(p[2])) * 180) / Math.PI,
    )
    const first = at[0]!
    const turned = at.map((d) => ((d - first + 540) % 360) - 180)
    const [least, most] = [Math.min(...turned), Math.max(...turned)]
    return { spanDeg: most - least, middleDeg: first + (least + most) / 2 }
  })
}

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

  it('the rotor is drawn to scale: every tip and terminal as wide as it is, about the shaft', async () => {
    const { rotor, rotorCase } = engineTopCase(carrier.document).ignition
    const page = streams(await bytes(carrier.id, 'engine-top/sheet.pdf')).find((s) => arcs(s).length >= 7)!
    const spans = arcs(page).map((a) => Math.round(a.spanDeg * 10) / 10)
    expect(spans.filter((x) => x === rotorCase!.tipDeg)).toHaveLength(3)
    expect(spans.filter((x) => x === rotorCase!.terminalDeg)).toHaveLength(4)
    // Anticlockwise: past its terminal is to the left of straight up.
    const tips = arcs(page).filter((a) => Math.abs(a.spanDeg - rotorCase!.tipDeg) < 0.05)
    expect(tips.map((a) => Math.round(a.middleDeg * 10) / 10)).toEqual(rotor!.ends.map((e) => -e.pastDeg))
  })
  it('the continuity sheet has a line and two boxes for every wire', async () => {
    const { wires } = engineTopCase(carrier.document).ignition
    const pdf = await bytes(carrier.id, 'continuity-sheet.pdf?paper=letter')
    expect([...boxes(pdf)]).toEqual(['0 0 612 792'])
    const ticks = streams(pdf).reduce((n, s) => n + [...s.matchAll(/ re\n/g)].length, 0)
    // Two steps after it.
    expect(ticks).toBe(2 * wires.length + 2)
    expect((await get(plover.id, 'continuity-sheet.pdf').expect(409)).body).toMatchObject({ code: 'noWires' })
  })
  it('thermistor tables come in the reader’s temperature, figures without units, and read back', async () => {
    const csv = (await get(turnstone.id, 'thermistors.csv?units=temperature:°F').expect(200)).text
    const [head, ...rows] = csv
      .trim()
      .split('\r\n')
      .map((line) => line.split(','))
    expect(head).toEqual([
      'thermistor',
      '"temperature',
      ' °F"',
      '"resistance',
      ' Ω"',
      '"voltage',
      ' V"',
      'counts',
      'assumed',
    ])
    const { table } = engineTopCase(turnstone.document).sensors.thermistors[0]!
    expect(rows.map((r) => r.slice(1, 5).map(Number))).toEqual(
      table!.map((r) => [Math.round(((r.temperatureK - 273.15) * 9) / 5 + 32), Math.round(r.ohm), Number(r.voltageV.toFixed(3)), r.counts]), // prettier-ignore
    )
    expect((await get(plover.id, 'thermistors.csv').expect(409)).body).toMatchObject({ code: 'noThermistor' })
  })
})
