import { headOf, type PartLine, type StationHead } from '@lochmoor/core'
import { FigureText, SentenceText } from '../../fields/FigureText.tsx'
import { DataTable } from './DataTable.tsx'

interface Props {
  /** Stations: who needs it, where the list is of several. */
  readonly lines: readonly (PartLine & { readonly stations?: readonly StationHead['id'][] })[]
  readonly nothing: string
  readonly name?: string
}

/** What to order, by what it is ordered, and what it follows from. */
export const PartsTable = ({ lines, nothing, name = 'Parts to order' }: Props) =>
  lines.length === 0 ? (
    <p className="py-2 text-soft">{nothing}</p>
  ) : (
    <DataTable
      name={name}
      rows={lines}
      keyOf={(l) => l.id}
      columns={[
        {
          head: 'Part',
          wide: true,
          cell: (l) => (
            <>
              <span className="block font-semibold">{l.name}</span>
              <span className="block text-sm font-normal text-soft">{l.what}</span>
            </>
          ),
        },
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
        { head: 'Specification', wide: true, cell: (l) => <SentenceText sentence={l.specification} /> },
        { head: 'Reason', cell: (l) => l.why },
        ...(lines.some((l) => l.stations)
          ? [
              {
                head: 'Station',
                cell: (l: Props['lines'][number]) => (l.stations ?? []).map((s) => headOf(s).title).join(', '),
              },
            ]
          : []),
      ]}
    />
  )
