import { RUN_WORDS, fig, JOINT_WORDS, type LaidPiece, type Run } from '@lochmoor/core'
import { FigureText } from '../../../fields/FigureText.tsx'
import { DataTable } from '../../bench/DataTable.tsx'
import { KIND_WORDS } from '../words.ts'

/** Which cylinders have met in a piece, in words. */
const metWords = (run: Run, p: LaidPiece): string => {
  const all = run.cylinders.length
  if (all === 0) return 'cylinders not named'
  if (p.cylindersEach >= all)
    return p.piece.kind === 'log' ? `${run.cylinders.join(', ')}, one by one` : run.cylinders.join(', ')
  const each = Number(p.cylindersEach.toFixed(2))
  return each <= 1 ? 'one in each' : `${each} in each`
}

/** The chain in figures, and which cylinders have met where. */
export const PipeTable = ({ runs }: { runs: readonly Run[] }) => (
  <>
    {runs.map((run) => (
      <section key={run.id} aria-label={RUN_WORDS[run.id]} className="mt-4">
        <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">{RUN_WORDS[run.id]}</h2>
        <DataTable
          name={`Pieces of ${RUN_WORDS[run.id].toLowerCase()}`}
          rows={run.pieces}
          keyOf={(p) => String(p.index)}
          columns={[
            { head: 'Piece', cell: (p) => `${p.count > 1 ? `${p.count} × ` : ''}${p.piece.name}` },
            { head: 'Type', cell: (p) => KIND_WORDS[p.piece.kind] },
            { head: 'From the merge', right: true, cell: (p) => <FigureText figure={fig(p.fromM, 'bore', 0)} /> },
            {
              head: 'Outside diameter',
              right: true,
              cell: (p) => (
                <span className={p.assumed.includes('diameter') ? 'text-soft italic' : ''}>
                  <FigureText figure={fig(p.outsideM, 'bore')} />
                </span>
              ),
            },
            { head: 'Cylinders met', cell: (p) => metWords(run, p) },
            { head: 'Joined by', cell: (p) => JOINT_WORDS[p.piece.joint] },
          ]}
        />
      </section>
    ))}
  </>
)
