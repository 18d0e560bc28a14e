import type { Derived } from '@lochmoor/core'
import { FigureText } from '../../fields/FigureText.tsx'

/** What follows at once from what was entered. */
export const DerivedTable = ({ derived }: { derived: readonly Derived[] }) => (
  <section aria-label="Derived figures" className="mt-4">
    <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">Derived figures</h2>
    <dl>
      {derived.map((d) => (
        <div
          key={d.id}
          className="grid grid-cols-[minmax(9rem,1fr)_fit-content(62%)] gap-x-4 border-b border-hair/70 py-1"
        >
          <dt className="leading-tight">
            {d.label}
            <span className="block text-sm text-soft">{d.from}</span>
          </dt>
          <dd className={`text-right ${d.assumed ? 'text-soft italic' : 'text-lg font-bold'}`}>
            {d.figure ? <FigureText figure={d.figure} /> : d.text}
            {d.assumed && d.figure && <span className="block text-sm">from assumed figures</span>}
          </dd>
        </div>
      ))}
    </dl>
  </section>
)
