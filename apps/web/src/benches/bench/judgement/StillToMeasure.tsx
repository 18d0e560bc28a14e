import type { Assumption } from '@lochmoor/core'
import { FigureText } from '../../../fields/FigureText.tsx'

/** What the judgement stands on and nobody has measured. */
export const StillToMeasure = ({ assumptions }: { assumptions: readonly Assumption[] }) =>
  assumptions.length === 0 ? null : (
    <div className="mt-4">
      <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">Still to measure</h2>
      <p className="py-1 text-sm text-soft">Until then the assessment relies on these:</p>
      <ul>
        {assumptions.map((a) => (
          <li key={a.field} className="flex justify-between gap-3 border-b border-hair/70 py-1 leading-tight">
            <span>
              {a.label}
              <span className="block text-sm text-soft">{a.why}</span>
            </span>
            <span className="whitespace-nowrap text-soft italic">
              <FigureText figure={a} />
            </span>
          </li>
        ))}
      </ul>
    </div>
  )
