import type { StationValue } from '@lochmoor/core'
import { NavLink } from 'react-router'
import { StateMark } from '../../marks/StateMark.tsx'
import { useActiveInSight } from '../../shell/useActiveInSight.ts'
import { tabsWithStates } from './tabs.ts'

interface Props {
  readonly station: StationValue
  readonly verdicts: Parameters<typeof tabsWithStates>[1]
}

/** The sheets of a station with the worst that is judged on each. */
export const SheetTabs = ({ station, verdicts }: Props) => {
  const row = useActiveInSight()
  return (
    <nav
      ref={row}
      aria-label={`Tabs of the ${station.inSentence}`}
      className="relative flex shrink-0 overflow-x-auto border-b border-hair px-1 lg:px-2"
    >
      {tabsWithStates(station, verdicts).map(({ path, title, state }) => (
        <NavLink
          key={path}
          to={path === '' ? `../${station.path}` : `../${station.path}/${path}`}
          end
          className={({ isActive }) =>
            `flex shrink-0 items-center gap-1.5 border-b-[3px] px-2 py-1.5 whitespace-nowrap hover:bg-wash ${isActive ? 'border-accent font-bold' : 'border-transparent'}`
          }
        >
          {state && state !== 'ok' && <StateMark state={state} wordless />}
          {title}
        </NavLink>
      ))}
    </nav>
  )
}
