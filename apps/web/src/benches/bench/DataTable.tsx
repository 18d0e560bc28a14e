import type { ReactNode } from 'react'

export interface TableColumn<R> {
  readonly head: string
  /** The heading is for those who do not see the column. */
  readonly unseenHead?: boolean
  readonly cell: (row: R) => ReactNode
  readonly right?: boolean
  /** Text that wants room to be read. */
  readonly wide?: boolean
}

interface Props<R> {
  readonly name: string
  readonly columns: readonly TableColumn<R>[]
  readonly rows: readonly R[]
  readonly keyOf: (row: R) => string
  /** The row that stands out, in words for those who do not see it. */
  readonly marked?: (row: R) => boolean
  readonly onRow?: (row: R) => void
}

/** A table of figures that scrolls by itself where the page is narrow. */
export const DataTable = <R,>({ name, columns, rows, keyOf, marked, onRow }: Props<R>) => (
  <div className="relative overflow-x-auto" role="region" aria-label={name} tabIndex={0}>
    <table className="w-full border-collapse text-left">
      <thead>
        <tr className="border-b-2 border-ink align-bottom">
          {columns.map((c) => (
            <th
              key={c.head}
              scope="col"
              className={`px-1.5 py-1 leading-tight font-bold ${c.right ? 'text-right' : ''} ${c.wide ? 'min-w-44' : ''}`}
            >
              {c.unseenHead ? <span className="sr-only">{c.head}</span> : c.head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <tr
            key={keyOf(row)}
            onClick={onRow && (() => onRow(row))}
            className={`border-b border-hair/70 align-top ${onRow ? 'cursor-pointer hover:bg-wash' : ''} ${marked?.(row) ? 'bg-wash font-semibold outline-1 -outline-offset-1 outline-ink' : ''}`}
          >
            {columns.map((c) => (
              <td key={c.head} className={`px-1.5 py-1 leading-snug ${c.right ? 'text-right whitespace-nowrap' : ''}`}>
                {c.cell(row)}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  </div>
)
