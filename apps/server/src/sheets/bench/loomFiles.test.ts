import { boardOfLoom, harnessCase, wireListOf, type HarnessCase } from '@lochmoor/core'
import dxfParser, { type DxfParser } from 'dxf-parser'
import Papa from 'papaparse'
import { DEMO_JOBS } from '../../demo/demoJobs.ts'
import { demoCaller, type Caller } from '../../test/callers.ts'
import { asBytes, boxes, streams } from '../../test/pdf.ts'
import { testServer, type TestServer } from '../../test/testServer.ts'

let server: TestServer
let owner: Caller
beforeAll(async () => {
  server = await testServer()
  owner = await demoCaller(server, 'owner')
})
afterAll(() => server.close())

const CARRIER = DEMO_JOBS.find((j) => j.document.harness.loom !== null)!
const NO_LOOM = DEMO_JOBS.find((j) => j.document.harness.loom === null)!
const get = (file: string, id = CARRIER.id) => owner.get(`/api/jobs/${id}/loom/${file}`)
const bytes = async (file: string) => (await asBytes(get(file)).expect(200)).body as Buffer
const text = async (file: string) => (await bytes(file)).toString('utf8')

/** The package says of itself that it has a default; as it is loaded here it is the class itself. */
const Reader = dxfParser as unknown as new () => DxfParser
const MM = 72 / 25.4
type Spot = readonly [x: number, y: number]
const lengthMm = (points: readonly Spot[]): number =>
  points.slice(1).reduce((sum, [x, y], n) => sum + Math.hypot(x - points[n]![0], y - points[n]![1]), 0)

/** Lengths of the branches, mm, as the loom has them, with what each is. */
const branches = (c: HarnessCase): readonly number[] =>
  boardOfLoom(c).boards.flatMap((b) => b.branches.map((x) => 1e3 * x.lengthM))
let lengths: readonly number[]
let wires: ReturnType<typeof wireListOf>
beforeAll(() => {
  const c = harnessCase(CARRIER.document)
  lengths = branches(c)
  wires = wireListOf(c)
})

/** Every length of the one is among those of the other, to a tenth of a millimetre, as often as it must. */
const holds = (drawn: readonly number[]): void => {
  const left = [...drawn]
  for (const want of lengths) {
    const at = left.findIndex((x) => Math.abs(x - want) < 0.1)
    expect({ want, found: at >= 0 }).toEqual({ want, found: true })
    left.splice(at, 1)
  }
}

describe('the form board', () => {
  it('on paper: every branch measures its length in the PDF, nothing is scaled but the map of the sheets', async () => {
    const pdf = await bytes('board.pdf?paper=a4')
    expect([...boxes(pdf)]).toEqual(['0 0 841.89 595.28'])
    const pages = streams(pdf).filter((s) => s.includes('BT'))
    const scale = (page: string) =>
      [...page.matchAll(/(-?[\d.]+) (-?[\d.]+) (-?[\d.]+) (-?[\d.]+) (-?[\d.]+) (-?[\d.]+) cm/g)].map((m) =>
        Math.abs(Number(m[1]) * Number(m[4]) - Number(m[2]) * Number(m[3])),
      )
    const full = pages.filter((p) => scale(p).every((k) => Math.abs(k - 1) < 1e-9))
    expect(pages.length - full.length).toBe(boardOfLoom(harnessCase(CARRIER.document)).boards.length)
    const paths = full.flatMap((page) =>
      [...page.matchAll(/(-?[\d.]+ -?[\d.]+ m\n(?:-?[\d.]+ -?[\d.]+ l\n)+)/g)].map((m) =>
        m[1]!
          .trim()
          .split('\n')
          .map((l): Spot => {
            const [x, y] = l.split(' ')
            return [Number(x) / MM, Number(y) / MM]
          }),
      ),
    )
    // A branch is drawn on each sheet that it lies on: at least once in all.
    const drawn = [...new Map(paths.map((p) => [p.map((s) => s.map((x) => x.toFixed(2)).join()).join(' '), lengthMm(p)])).values()] // prettier-ignore
    holds(drawn)
    // The ruler of every sheet.
    for (const page of full)
      expect(
        [...page.matchAll(/(-?[\d.]+) (-?[\d.]+) m\n(-?[\d.]+) (-?[\d.]+) l\n/g)].some((m) => Math.abs(Math.abs(Number(m[3]) - Number(m[1])) / MM - 100) < 0.01),
      ).toBe(true) // prettier-ignore
  })

  it('as DXF: a reader of its own finds the same lengths, in millimetres, on layers of their own', async () => {
    const drawing = new Reader().parseSync(await text('board.dxf'))!
    expect(drawing.header['$INSUNITS']).toBe(4)
    const lines = drawing.entities.filter((e) => e.layer === 'BRANCHES' || e.layer === 'LEADS') as unknown as { vertices: { x: number; y: number }[] }[] // prettier-ignore
    expect(lines).toHaveLength(lengths.length)
    holds(lines.map((l) => lengthMm(l.vertices.map((v): Spot => [v.x, v.y]))))
    expect(new Set(drawing.entities.map((e) => e.layer))).toEqual(new Set(['BRANCHES', 'LEADS', 'CONNECTORS', 'NODES', 'SPLICES', 'LOOPS', 'TEXT'])) // prettier-ignore
  })

  it('as SVG, in millimetres', async () => {
    const svg = await text('board.svg')
    expect(svg).toMatch(/^<svg [^>]*width="[\d.]+mm"/)
    const lines = [...svg.matchAll(/<polyline class="(?:branch|lead)"[^>]* points="([^"]+)"/g)].map((m) =>
      lengthMm(m[1]!.split(' ').map((p): Spot => p.split(',').map(Number) as unknown as Spot)),
    )
    expect(lines).toHaveLength(lengths.length)
    holds(lines)
  })
})

describe('lists', () => {
  it('the wire list has every wire with both ends, its length and its labels', async () => {
    const { data } = Papa.parse<Record<string, string>>(await text('wires.csv'), { header: true })
    expect(data.map((row) => [Number(row['number']), row['wire']])).toEqual(
      wires.map((w) => [w.number, w.circuit.name]),
    )
    data.forEach((row, n) => {
      expect(Number.parseFloat(row['length']!)).toBeCloseTo(wires[n]!.lengthM, 3)
      expect(row['label at from']).toBe(wires[n]!.labels.from.join(' '))
      expect(row['from terminal']).toMatch(/terminal|contact|crimp/)
    })
  })
  it('the cut list cuts every wire once', async () => {
    const { data } = Papa.parse<Record<string, string>>(await text('cuts.csv'), { header: true })
    expect(data.map((row) => Number(row['number'])).sort((a, b) => a - b)).toEqual(wires.map((w) => w.number))
  })
  it('labels: one for each end of each wire', async () => {
    const pages = streams(await bytes('labels.pdf?paper=letter')).filter((s) => s.includes('BT'))
    expect(pages.flatMap((p) => [...p.matchAll(/ re\n/g)])).toHaveLength(2 * wires.length)
  })
  it('the test sheet is a paper of the reader’s size', async () => {
    expect([...boxes(await bytes('tests.pdf?paper=letter'))]).toEqual(['0 0 612 792'])
    expect([...boxes(await bytes('tests.pdf?paper=a4'))]).toEqual(['0 0 595.28 841.89'])
  })
  it('in the reader’s units and English', async () => {
    const csv = await text('wires.csv?units=bore:in,distance:ft&english=american')
    expect(csv).toMatch(/\sft,/)
    expect(csv).toContain('ECU ground')
  })
})

describe('refused by name', () => {
  it('before a loom is accepted', async () => {
    const { body } = await get('board.pdf', NO_LOOM.id).expect(409)
    expect(body).toMatchObject({ code: 'noLoom', message: expect.stringMatching(/accept one on tab/) as string })
  })
  it('a file that nobody knows', async () => {
    const { body } = await get('board.step').expect(400)
    expect((body as { message: string }).message).toMatch(/"board\.step"; allowed: "wires\.csv"/)
  })
})
