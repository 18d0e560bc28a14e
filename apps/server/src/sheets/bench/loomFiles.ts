import type { LoomFile, Paper } from '@lochmoor/contract'
import {
  boardMarks,
  boardOfLoom,
  boardSvg,
  cutOfLoom,
  endWords,
  fig,
  figureText,
  harnessCase,
  LOOM_SLACK,
  wireListOf,
  wireSizeOf,
  type HarnessCase,
  type JobDocument,
  type UnitChoice,
} from '@lochmoor/core'
import Papa from 'papaparse'
import { FORMULA } from '../../http/csv.ts'
import { boardDxf } from './boardDxf.ts'
import { boardPaper } from './boardPaper.ts'
import { labelPaper } from './labelPaper.ts'
import { testPaper } from './testPaper.ts'

export interface LoomFileHead {
  readonly workshop: string
  readonly madeAt: Date
  readonly version: string
  /** A text of the program in the reader's English. */
  readonly inEnglish: (text: string) => string
}

const TEXT_MM = 3.5

const csv = (fields: readonly string[], data: readonly (readonly (string | number)[])[]): Buffer =>
  Buffer.from(Papa.unparse({ fields: [...fields], data: data.map((row) => [...row]) }, { newline: '\r\n', escapeFormulae: FORMULA }), 'utf8') // prettier-ignore

const WIRE_HEADS = ['number', 'wire', 'from', 'from terminal', 'from seal', 'from strip', 'to', 'to terminal', 'to seal', 'to strip', 'size', 'colour', 'length', 'length is', 'twisted or shielded', 'fuse', 'label at from', 'label at to'] // prettier-ignore

const wiresCsv = (c: HarnessCase, units: UnitChoice, say: (text: string) => string): Buffer =>
  csv(
    WIRE_HEADS,
    wireListOf(c).map((w) => [
      w.number,
      say(w.circuit.name),
      say(endWords(w.from)),
      w.fromWork.terminal,
      w.fromWork.seal ?? '',
      figureText(fig(w.fromWork.stripM, 'bore'), units),
      say(endWords(w.to)),
      w.toWork.terminal,
      w.toWork.seal ?? '',
      figureText(fig(w.toWork.stripM, 'bore'), units),
      w.sizeWords,
      say(w.colour),
      figureText(fig(w.lengthM, 'distance', 3), units),
      w.lengthAssumed ? 'assumed' : 'given',
      w.circuit.shielded ? 'twisted, shielded' : w.circuit.pair ? 'twisted' : '',
      w.fuseA === null ? '' : figureText(fig(w.fuseA, 'current'), units),
      say(w.labels.from.join(' ')),
      say(w.labels.to.join(' ')),
    ]),
  )

const cutsCsv = (c: HarnessCase, units: UnitChoice, say: (text: string) => string): Buffer => {
  const wires = new Map(wireListOf(c).map((w) => [w.circuit.id, w]))
  const length = (si: number) => figureText(fig(si, 'distance', 3), units)
  return csv(
    ['size', 'colour', 'bought length', 'piece of', 'number', 'wire', 'cut', 'left over'],
    cutOfLoom(c).spools.flatMap((s) => [
      ...s.packing.bars.flatMap((bar, n) =>
        bar.pieces.map((p, k) => {
          const w = wires.get(s.wires[p]!.id)!
          const last = k === bar.pieces.length - 1
          return [wireSizeOf(s.size).words, say(s.colour), length(s.spoolM), n + 1, w.number, say(w.circuit.name), length(s.wires[p]!.lengthM), last ? length(bar.offcutM) : ''] // prettier-ignore
        }),
      ),
      ...s.tooLong.map((x) => {
        const w = wires.get(x.id)!
        return [wireSizeOf(s.size).words, say(s.colour), 'longer than is bought', '', w.number, say(w.circuit.name), length(x.lengthM), ''] // prettier-ignore
      }),
    ]),
  )
}

/** What the bench needs of the accepted loom, as a file. The caller has seen to it that there is one. */
export const loomFile = (
  file: LoomFile,
  job: JobDocument,
  { inEnglish: say, madeAt, version, workshop }: LoomFileHead,
  paper: Paper,
  units: UnitChoice,
): Promise<Buffer> | Buffer => {
  const c = harnessCase(job)
  const made = madeAt.toISOString().slice(0, 10)
  const { title } = job.vehicle
  const foot = `${workshop} · ${title} · ${made} · ${version}`
  const stale = c.accepted!.missing.length + c.accepted!.torn.length > 0 || c.accepted!.placeGone
  const warning = stale ? ' THE LOOM NO LONGER FITS THE CAR: accept the next one first.' : ''
  const drawings = (textMm: number) =>
    boardOfLoom(c).boards.map((b) => {
      const d = boardMarks(b, {
        textMm,
        lengthText: (m) => figureText(fig(m, 'bore', 0), units),
        sleeveText: (m) => `sleeve ${figureText(fig(m, 'bore', 0), units)}`,
        faces: true,
      })
      return { ...d, marks: d.marks.map((m) => (m.kind === 'text' ? { ...m, text: say(m.text) } : m)) }
    })
  switch (file) {
    case 'wires.csv':
      return wiresCsv(c, units, say)
    case 'cuts.csv':
      return cutsCsv(c, units, say)
    case 'labels.pdf':
      return labelPaper(paper, wireListOf(c), {
        title: say(`${title}: wire labels${warning}`),
        how: say('One for each end, in the order of the wire list: cut out, under clear heat-shrink. First line: wire and what stands here; second: where it goes.'), // prettier-ignore
        foot: say(foot),
      })
    case 'board.svg':
      return Buffer.from(boardSvg(drawings(TEXT_MM), say(`${title}: form board${warning}`)), 'utf8')
    case 'board.dxf':
      return Buffer.from(boardDxf(drawings(TEXT_MM)), 'utf8')
    case 'board.pdf':
      return boardPaper(paper, drawings(TEXT_MM), {
        title: say(`${title}: form board, 1:1${warning}`),
        foot: say(foot),
        how: say(`Print at 100 %, not “fit to page”; check the ruler. Lay sheets edge on dashed line, crosses on crosses. Lengths have the slack in them; each wire has ${figureText(fig(LOOM_SLACK.perEndM, 'bore', 0), units)} more at both ends.`), // prettier-ignore
        sheetWords: (sheet, of, board) => say(`Sheet ${sheet} of ${of}, board ${board}. Lengths from node to node; faces of the plugs from the wires’ side.`), // prettier-ignore
        mapTitle: say('Where each sheet goes. Sheets with nothing on them are left out.'),
      })
    case 'tests.pdf':
      return testPaper(c, paper, { title: say(`${title}: proof of the loom${warning}`), foot, inEnglish: say }, units)
  }
}
