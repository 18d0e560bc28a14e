import type { PartLine } from '@lochmoor/core'
import { FigureText, SentenceText } from '../../fields/FigureText.tsx'
import { DataTable } from './DataTable.tsx'

/** What to order, by what it is ordered, and what it follows from. */
export const PartsTable = ({ lines, nothing }: { lines: readonly PartLine[]; nothing: string }) =>
  lines.length === 0 ? (
    <p className="py-2 text-soft">{nothing}</p>
  ) : (
    <DataTable
      name="Parts to order"
      rows={lines}
      keyOf={(l) => l.id}
      columns={[
        {
          head: 'Quantity',
          right: true,
          cell: (l) => (
            <span className={l.assumed ? 'text-soft italic' : 'font-semibold'}>
              {l.assumed && 'assumed '}
              <FigureText figure={l.quantity} />
            </span>
          ),
        },
        {
          head: 'Part',
          cell: (l) => (
            <>
              <span className="block font-semibold">{l.name}</span>
              <span className="block text-sm text-soft">{l.what}</span>
            </>
          ),
        },
        { head: 'Specification', cell: (l) => <SentenceText sentence={l.specification} /> },
        { head: 'Reason', cell: (l) => l.why },
      ]}
    />
  )
