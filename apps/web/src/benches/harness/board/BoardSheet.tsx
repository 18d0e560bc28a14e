import {
  boardKeyOf,
  boardLines,
  boardMarks,
  boardOfLoom,
  fig,
  LOOM_SLACK,
  SHEET_WINDOWS_M,
  sheetsOf,
  USUAL_BOARD_M,
} from '@lochmoor/core'
import { useMemo, useState } from 'react'
import { FigureText } from '../../../fields/FigureText.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { SelectEntry } from '../../../fields/SelectEntry.tsx'
import { Columns } from '../../bench/Columns.tsx'
import { DataTable } from '../../bench/DataTable.tsx'
import { Group } from '../../bench/Group.tsx'
import { PaperLinks } from '../../bench/PaperLinks.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import { LoomNow } from '../LoomNow.tsx'
import type { HarnessSheetProps } from '../sheetProps.ts'
import { BoardPicture } from './BoardPicture.tsx'

const SCALES = [
  ['', 'the whole board'],
  ['0.2', '1:5'],
  ['0.5', '1:2'],
  ['1', '1:1'],
] as const

/** The loom laid flat at true length, to build on. */
export const BoardSheet = ({ job, assessment }: HarnessSheetProps) => {
  const { c } = assessment
  const { boards } = useMemo(() => boardOfLoom(c), [c])
  const [index, setIndex] = useState(0)
  const sheets = useMemo(() => {
    const lines = boards.map((b) => boardLines(boardMarks(b, { textMm: 3.5, lengthText: () => '000 mm', faces: true })))
    const count = (paper: 'a4' | 'letter') => lines.reduce((sum, l) => sum + sheetsOf(l, SHEET_WINDOWS_M[paper]).length, 0)
    return { a4: count('a4'), letter: count('letter') }
  }, [boards])
  const [scale, setScale] = useState<(typeof SCALES)[number][0]>('')
  const [branch, setBranch] = useState<string | null>(null)
  const widthM = job.harness.board.widthM ?? USUAL_BOARD_M
  const board = boards[Math.min(index, Math.max(0, boards.length - 1))]
  const nameOf = (id: string | null) => (id === null ? 'lead' : (c.plan.corridors.find((x) => x.id === id)?.name ?? id))
  const numbers = new Map(c.circuits.list.map((x, n) => [x.id, n + 1]))
  return (
    <Columns
      names={['Board', 'Form board', 'Assessment']}
      measured={
        <>
          <Group title="Board">
            <PathField job={job} path="harness.board.widthM" label="Board width" assumed={USUAL_BOARD_M} decided />
            {boards.length > 1 && (
              <SelectEntry label="Loom" value={String(index)} options={boards.map((b, n) => [String(n), `${n + 1}: ${b.ends.length} ends`] as const)} onChange={(n) => setIndex(Number(n))} />
            )}
            <SelectEntry label="Shown" value={scale} options={SCALES} onChange={setScale} />
          </Group>
          <p className="mb-2 text-sm leading-snug text-soft">
            A trunk longer than the board turns back at its edge. Where bundles part and meet again there is a loop: it is
            opened at its thinnest branch, and both points carry one letter.
          </p>
          <p className="mb-2 text-sm leading-snug text-soft">
            Lengths have the slack in them; each wire has{' '}
            <FigureText figure={fig(LOOM_SLACK.perEndM, 'bore', 0)} /> more at both ends, which is cut off at its plug.
          </p>
        </>
      }
      picture={
        <>
          <LoomNow c={c} what="The form board" />
          {board && (
            <>
              <PaperLinks
                papers={[
                  { file: 'loom/board.pdf?paper=a4', words: `Board 1:1, ${sheets.a4} sheets of A4` },
                  { file: 'loom/board.pdf?paper=letter', words: `Board 1:1, ${sheets.letter} of Letter` },
                  { file: 'loom/board.svg', words: 'SVG' },
                  { file: 'loom/board.dxf', words: 'DXF' },
                ]}
              />
              <BoardPicture board={board} name={`Board ${index + 1}: the loom laid flat`} scale={scale === '' ? null : Number(scale)} branch={branch} onBranch={setBranch} />
              <p className="mt-1 text-sm leading-snug text-soft">
                Board <FigureText figure={fig(board.flat.width, 'distance', 2)} /> by <FigureText figure={fig(board.flat.height, 'distance', 2)} />{board.flat.width > widthM * 1.0001 ? ', wider than the board that was entered' : ''}; rings are plugs and terminals by their keys, S splices, points nodes, letters opened loops. Faces of the plugs with their cavities are on paper.
              </p>
              <section aria-label="Ends of the board" className="mt-4">
                <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Plugs and terminals</h2>
                <DataTable
                  name="Plugs and terminals by key"
                  rows={board.ends.map((e, n) => ({ ...e, key: boardKeyOf(n) }))}
                  keyOf={(e) => e.key}
                  columns={[
                    { head: 'Key', cell: (e) => <strong>{e.key}</strong> },
                    { head: 'End', wide: true, cell: (e) => e.name },
                    { head: 'Cavity: wire', wide: true, cell: (e) => e.pins.map((p) => `${p.cavity === null ? '' : `${p.cavity}${p.known ? '' : '?'}: `}${p.wire}`).join(', ') },
                  ]}
                />
                <p className="py-1 text-sm text-soft">A question mark: counted in the order of the list, not looked up.</p>
              </section>
              <section aria-label="Branches of the board" className="mt-4">
                <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Branches</h2>
                <DataTable
                  name="Branches with their lengths"
                  rows={board.branches}
                  keyOf={(b) => b.id}
                  onRow={(b) => setBranch(b.id)}
                  marked={(b) => b.id === branch}
                  columns={[
                    { head: 'Branch', wide: true, cell: (b) => <button type="button" className="text-left underline" onClick={() => setBranch(b.id)}>{b.corridor === null ? `Lead: ${board.ends.find((e) => e.node === b.to)?.name ?? ''}` : nameOf(b.corridor)}</button> },
                    { head: 'Length', right: true, cell: (b) => <FigureText figure={fig(b.lengthM, 'bore', 0)} /> },
                    { head: 'Covered', right: true, cell: (b) => <FigureText figure={fig(b.coveredM, 'bore', 1)} /> },
                    { head: 'Heat sleeve', cell: (b) => (b.heatSleeve ? 'yes' : '–') },
                    { head: 'Wires', wide: true, cell: (b) => b.wireIds.map((id) => numbers.get(id)).join(', ') },
                  ]}
                />
              </section>
            </>
          )}
        </>
      }
      judgement={<SheetJudgement sheet="board" />}
    />
  )
} // prettier-ignore
