import type { VerdictState } from '@lochmoor/core'
import { NavLink } from 'react-router'
import { StateMark } from '../../marks/StateMark.tsx'

export interface SheetTab {
  /** Last part of its address; empty for the first one. */
  readonly path: string
  readonly title: string
  readonly state: VerdictState | null
}

interface Props {
  /** Part of the address that all sheets share. */
  readonly station: string
  /** In a sentence, e.g. "fuel station". */
  readonly name: string
  readonly tabs: readonly SheetTab[]
}

/** The sheets of a station with the worst that is judged on each. */
export const SheetTabs = ({ station, name, tabs }: Props) => (
  <nav
    aria-label={`Sheets of the ${name}`}
    className="relative flex shrink-0 overflow-x-auto border-b border-hair px-1 lg:px-2"
  >
    {tabs.map(({ path, title, state }) => (
      <NavLink
        key={path}
        to={path === '' ? `../${station}` : `../${station}/${path}`}
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
