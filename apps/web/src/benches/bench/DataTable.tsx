import type { ReactNode } from 'react'
import { useTableLayout } from './useTableLayout.ts'

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
  /** The first names the row. */
  readonly columns: readonly TableColumn<R>[]
  readonly rows: readonly R[]
  readonly keyOf: (row: R) => string
  /** The row that stands out, in words for those who do not see it. */
  readonly marked?: (row: R) => boolean
  readonly onRow?: (row: R) => void
}

const MARKED = 'bg-wash font-semibold outline-1 -outline-offset-1 outline-ink'

/** A table of figures. Where it does not fit, few rows go side by side, many become blocks: nothing is pushed sideways. */
export const DataTable = <R,>(props: Props<R>) => {
  const [place, layout] = useTableLayout(props.rows.length)
  return (
    <div ref={place} className="relative overflow-x-auto" role="region" aria-label={props.name} tabIndex={0}>
      {layout === 'rows' ? <Rows {...props} /> : layout === 'turned' ? <Turned {...props} /> : <Blocks {...props} />}
    </div>
  )
}

const headOf = <R,>(c: TableColumn<R>) => (c.unseenHead ? <span className="sr-only">{c.head}</span> : c.head)

const Rows = <R,>({ columns, rows, keyOf, marked, onRow }: Props<R>) => (
  <table className="w-full border-collapse text-left">
    <thead>
      <tr className="border-b-2 border-ink align-bottom">
        {columns.map((c) => (
          <th
            key={c.head}
            scope="col"
            className={`px-1 py-1 leading-tight font-bold ${c.right ? 'text-right' : ''} ${c.wide ? 'min-w-44' : ''}`}
          >
            {headOf(c)}
          </th>
        ))}
      </tr>
    </thead>
    <tbody>
      {rows.map((row) => (
        <tr
          key={keyOf(row)}
          onClick={onRow && (() => onRow(row))}
          className={`border-b border-hair/70 align-top ${onRow ? 'cursor-pointer hover:bg-wash' : ''} ${marked?.(row) ? MARKED : ''}`}
        >
          {columns.map((c) => (
            <td key={c.head} className={`px-1 py-1 leading-snug ${c.right ? 'text-right whitespace-nowrap' : ''}`}>
              {c.cell(row)}
            </td>
          ))}
        </tr>
      ))}
    </tbody>
  </table>
)

const Turned = <R,>({ columns: [first, ...figures], rows, keyOf, marked, onRow }: Props<R>) => (
  <table className="w-full border-collapse text-left">
    <thead>
      <tr className="border-b-2 border-ink align-bottom">
        <th scope="col" className="px-1.5 py-1 leading-tight font-bold">
          {first && headOf(first)}
        </th>
        {rows.map((row) => (
          <th
            key={keyOf(row)}
            scope="col"
            className={`px-1.5 py-1 text-right leading-tight font-bold ${marked?.(row) ? 'bg-wash' : ''}`}
          >
            {first?.cell(row)}
          </th>
        ))}
      </tr>
    </thead>
    <tbody>
      {figures.map((c) => (
        <tr key={c.head} className="border-b border-hair/70 align-top">
          <th scope="row" className="px-1.5 py-1 leading-snug font-normal text-soft">
            {headOf(c)}
          </th>
          {rows.map((row) => (
            <td
              key={keyOf(row)}
              onClick={onRow && (() => onRow(row))}
              className={`px-1.5 py-1 text-right leading-snug ${onRow ? 'cursor-pointer hover:bg-wash' : ''} ${marked?.(row) ? 'bg-wash font-semibold' : ''}`}
            >
              {c.cell(row)}
            </td>
          ))}
        </tr>
      ))}
    </tbody>
  </table>
)

const Blocks = <R,>({ columns: [first, ...figures], rows, keyOf, marked, onRow }: Props<R>) => (
  <ul className="border-t-2 border-ink">
    {rows.map((row) => (
      <li
        key={keyOf(row)}
        onClick={onRow && (() => onRow(row))}
        className={`border-b border-hair/70 px-1.5 py-1.5 leading-snug ${onRow ? 'cursor-pointer hover:bg-wash' : ''} ${marked?.(row) ? MARKED : ''}`}
      >
        <div className="font-semibold">{first?.cell(row)}</div>
        <dl className="flex flex-wrap gap-x-4 gap-y-0.5">
          {/* Without a column above it, a name with nothing behind it says nothing. */}
          {figures
            .map((c) => [c, c.cell(row)] as const)
            .filter(([, cell]) => cell !== '')
            .map(([c, cell]) => (
              <div key={c.head} className={`flex min-w-0 items-baseline gap-1.5 ${c.wide ? 'w-full' : ''}`}>
                <dt className={c.unseenHead ? 'sr-only' : 'shrink-0 text-soft'}>{c.head}</dt>
                <dd className="min-w-0">{cell}</dd>
              </div>
            ))}
        </dl>
      </li>
    ))}
  </ul>
)
