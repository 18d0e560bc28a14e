import {
  BEFORE_CUTTING,
  designOf,
  cutListOf,
  CUT_WIDTH_M,
  formatCut,
  formatQuantity,
  sentenceText,
  type HoseOrder,
  type HosePiece,
  type JobDocument,
} from '@lochmoor/core'
import { useMemo } from 'react'
import { usePreferences, useUnit } from '../../../store/preferences.ts'
import { widthOfText } from '../../bench/clearLabels.ts'
import { DataTable } from '../../bench/DataTable.tsx'
import { useWidth } from '../../bench/useWidth.ts'

/** Every piece to cut, packed on the lengths hose and tube are sold in. */
export const CutList = ({ job }: { job: JobDocument }) => {
  const list = useMemo(() => cutListOf(designOf(job)), [job])
  const units = usePreferences((s) => s.units)
  return (
    <section aria-label="Cut list" className="mt-4">
      <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">Cut list</h2>
      {!list.ok ? (
        list.error.map((e) => (
          <p key={e.field} role="alert" className="py-1 font-semibold text-stop">
            {sentenceText(e.says, units)}
          </p>
        ))
      ) : list.value.length === 0 ? (
        <p className="py-1 text-soft">Nothing to cut yet: describe a line leg by leg.</p>
      ) : (
        list.value.map((order) => <Order key={order.key} order={order} />)
      )}
    </section>
  )
}

const Order = ({ order }: { order: HoseOrder }) => {
  const distance = useUnit('distance')
  const bore = useUnit('bore')
  const m = (v: number) => formatQuantity(v, distance)
  const mm = (v: number) => formatCut(v, bore)
  // Nobody cuts by a figure that nobody measured.
  const cut = (p: HosePiece) => (p.assumed ? BEFORE_CUTTING[p.assumed] : mm(p.cutM))
  const { packing, pieces, stockM, hose } = order
  const [ref, width] = useWidth<HTMLUListElement>(560)
  /** What would not go into a piece is in the table alone. */
  const fits = (text: string, lengthM: number) => widthOfText(text, 13) + 8 < (width * lengthM) / stockM
  return (
    <div className="py-2">
      <p className="font-semibold">
        {hose.name}: {packing.bars.length} × {m(stockM)}
        <span className="font-normal text-soft">
          {packing.proved
            ? ', the fewest possible'
            : `, at most ${packing.bars.length - packing.leastBars} more than the fewest possible`}
        </span>
      </p>
      <ul ref={ref} aria-label={`Lengths of ${hose.name}`} className="my-1">
        {packing.bars.map((bar, i) => (
          <li
            key={i}
            className="flex h-9 border-x border-ink"
            aria-label={`Length ${i + 1}: ${bar.pieces.map((k) => `${pieces[k]!.leg.name} ${cut(pieces[k]!)}`).join(', ')}; ${m(bar.offcutM)} left`}
          >
            {bar.pieces.map((k) => (
              <span
                key={k}
                className={`grid min-w-0 place-items-center overflow-hidden border-y border-r border-ink text-sm whitespace-nowrap ${pieces[k]!.assumed ? 'border-dashed text-soft italic' : 'bg-wash'}`}
                style={{ width: `${(100 * (pieces[k]!.cutM + CUT_WIDTH_M)) / stockM}%` }}
              >
                {fits(cut(pieces[k]!), pieces[k]!.cutM) && cut(pieces[k]!)}
              </span>
            ))}
            <span className="grid flex-1 place-items-center overflow-hidden border-y border-dashed border-soft text-sm whitespace-nowrap text-soft">
              {fits(`${m(bar.offcutM)} left`, bar.offcutM) && `${m(bar.offcutM)} left`}
            </span>
          </li>
        ))}
      </ul>
      <DataTable
        name={`Pieces of ${hose.name}`}
        rows={pieces}
        keyOf={(p) => `${p.line} ${p.index}`}
        columns={[
          { head: 'Piece', cell: (p) => `${p.line}: ${p.leg.name}` },
          {
            head: 'Path',
            right: true,
            cell: (p) => (p.assumed === 'length' ? <em className="text-soft">assumed {m(p.pathM)}</em> : m(p.pathM)),
          },
          { head: 'Slack', right: true, cell: (p) => mm(p.slackM) },
          { head: 'Ends take up', right: true, cell: (p) => mm(p.takesUpM) },
          {
            head: 'Cut',
            right: true,
            cell: (p) => (p.assumed ? <em className="text-soft">{cut(p)}</em> : <strong>{cut(p)}</strong>),
          },
          { head: 'Ends', cell: (p) => `${p.leg.start?.name ?? 'open'}; ${p.leg.end?.name ?? 'open'}` },
        ]}
      />
    </div>
  )
}
