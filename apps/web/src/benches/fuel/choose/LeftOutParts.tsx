import { counted, type CombinationChoice, type PartsLeftOut } from '@lochmoor/core'
import { FigureText } from '../../../fields/FigureText.tsx'

const KINDS: Readonly<Record<PartsLeftOut['kind'], string>> = {
  pumps: 'Pumps',
  hoses: 'Hose and tube',
  filters: 'Filters',
  regulators: 'Regulators',
}

/** What of the catalogue was not tried, and why. */
export const LeftOutParts = ({ choice }: { choice: CombinationChoice }) => {
  const { leftOut, notJudged } = choice
  const count = leftOut.reduce((n, g) => n + g.parts.length, 0)
  if (count === 0 && notJudged === null) return null
  return (
    <section aria-label="Left out" className="mt-5">
      <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">Left out</h2>
      {notJudged && <p className="py-1 leading-snug font-semibold">{notJudged}</p>}
      {count > 0 && (
        <details className="py-1">
          <summary className="cursor-pointer">
            {counted(count, 'part in the catalogue was', 'parts in the catalogue were')} not tried
          </summary>
          <ul className="leading-snug">
            {leftOut.map(({ kind, why, parts }) => (
              <li key={`${kind} ${why}`} className="border-b border-hair/70 py-1">
                <span className="font-semibold">
                  {KINDS[kind]}: {why}
                </span>
                <span className="block text-soft">
                  {parts.map(({ name, by }, i) => (
                    <span key={name}>
                      {i > 0 && ', '}
                      {name}
                      {by && (
                        <>
                          {' '}
                          (by <FigureText figure={by} />)
                        </>
                      )}
                    </span>
                  ))}
                </span>
              </li>
            ))}
          </ul>
        </details>
      )}
    </section>
  )
}
