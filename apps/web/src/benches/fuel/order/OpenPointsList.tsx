import { headOf, type OpenPoints } from '@lochmoor/core'
import { Link } from 'react-router'
import { StateMark } from '../../../marks/StateMark.tsx'

/** What still stands against the work: repairs first, then what every station judges, each with the way to it. */
export const OpenPointsList = ({ open }: { open: OpenPoints }) => {
  const { repairs, verdicts, notBegun } = open
  const nothing = repairs.length + verdicts.length + notBegun.length === 0
  return (
    <section aria-label="Still open on this job" className="mt-5">
      <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">Still open on this job</h2>
      {nothing && <p className="py-1 leading-snug">Nothing: no repairs, and every station is OK.</p>}
      <ul className="leading-snug">
        {repairs.map((r) => (
          <li key={r.testId} className="border-b border-hair/70 py-1">
            <StateMark state="stop" />{' '}
            <Link to="../walk-around/tests" className="font-semibold text-accent underline">
              Repair first: {r.step}
            </Link>
          </li>
        ))}
        {verdicts.map(({ station, tab, verdict }) => (
          <li key={`${station} ${verdict.id}`} className="border-b border-hair/70 py-1">
            <StateMark state={verdict.state} />{' '}
            <Link
              to={`../${headOf(station).path}${tab === '' ? '' : `/${tab}`}`}
              className="font-semibold text-accent underline"
            >
              {verdict.title}
            </Link>{' '}
            <span className="text-soft">{headOf(station).title.toLowerCase()}</span>
          </li>
        ))}
        {notBegun.map((id) => (
          <li key={id} className="border-b border-hair/70 py-1">
            <StateMark state="unknown" />{' '}
            <Link to={`../${headOf(id).path}`} className="font-semibold text-accent underline">
              {headOf(id).title}
            </Link>
            : not started
          </li>
        ))}
      </ul>
    </section>
  )
}
