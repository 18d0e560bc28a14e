import type { FuelVerdict } from '@lochmoor/core'
import { NavLink } from 'react-router'
import { StateMark } from '../../marks/StateMark.tsx'
import { SHEETS, stateOfSheet } from './sheets.ts'

/** The sheets of the station with the worst that is judged on each. */
export const SheetTabs = ({ verdicts }: { verdicts: readonly FuelVerdict[] }) => (
  <nav
    aria-label="Sheets of the fuel station"
    className="relative flex shrink-0 overflow-x-auto border-b border-hair px-1 lg:px-2"
  >
    {SHEETS.map(({ path, title }) => {
      const state = stateOfSheet(path, verdicts)
      return (
        <NavLink
          key={path}
          to={path === '' ? '../fuel' : `../fuel/${path}`}
          end
          className={({ isActive }) =>
            `flex shrink-0 items-center gap-1.5 border-b-[3px] px-2 py-1.5 whitespace-nowrap hover:bg-wash ${isActive ? 'border-accent font-bold' : 'border-transparent'}`
          }
        >
          {state && state !== 'ok' && <StateMark state={state} wordless />}
          {title}
        </NavLink>
      )
    })}
  </nav>
)
