import { designOf, partsOfFuel, type JobDocument } from '@lochmoor/core'
import { FigureText } from '../../../fields/FigureText.tsx'

/** What must be ordered for the design as it stands. */
export const PartsThatFollow = ({ job }: { job: JobDocument }) => {
  const lines = partsOfFuel(designOf(job))
  return (
    <div className="mt-4">
      <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">Parts needed</h2>
      {lines.length === 0 ? (
        <p className="py-1 text-soft">None chosen yet.</p>
      ) : (
        <ul>
          {lines.map((l) => (
            <li key={l.id} className="flex justify-between gap-3 border-b border-hair/70 py-1 leading-tight">
              <span>
                {l.name}
                <span className="block text-sm text-soft">{l.what}</span>
              </span>
              <span className={`whitespace-nowrap ${l.assumed ? 'text-soft italic' : 'font-semibold'}`}>
                {l.assumed && 'assumed '}
                <FigureText figure={l.quantity} />
              </span>
            </li>
          ))}
        </ul>
      )}
    </div>
  )
}
