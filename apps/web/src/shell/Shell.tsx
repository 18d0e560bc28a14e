import { Fragment, useEffect } from 'react'
import { Link, Outlet } from 'react-router'
import { usePreferences } from '../store/preferences.ts'
import { useSession } from '../store/sessionStore.ts'
import { PaletteButton } from '../palette/PaletteButton.tsx'
import { AccountMenu } from '../account/AccountMenu.tsx'
import { KeptNotice } from './KeptNotice.tsx'
import { PreferencesMenu } from './PreferencesMenu.tsx'
import { useShellCommands } from './shellCommands.ts'
import { SkipLink } from './SkipLink.tsx'
import { ThemeSwitch, useAppliedTheme } from './ThemeSwitch.tsx'

/** The frame of every screen: name, what the open screen puts there, units and theme. */
export const Shell = () => {
  const theme = usePreferences((s) => s.theme)
  const applied = useAppliedTheme(theme)
  const unitsKey = usePreferences((s) => JSON.stringify(s.units))
  const signedOut = useSession((s) => s.session?.state === 'signed-out')
  useShellCommands(applied)
  useEffect(() => {
    document.documentElement.dataset['theme'] = applied
  }, [applied])
  return (
    <div className="flex min-h-dvh flex-col lg:h-dvh print:block print:h-auto">
      <SkipLink />
      <header className="flex print:hidden min-h-12 shrink-0 flex-wrap items-center gap-x-1.5 border-b-2 border-ink px-2 sm:gap-x-2 lg:h-12 lg:flex-nowrap lg:px-4">
        <Link to="/jobs" className="flex items-center gap-2 text-lg font-extrabold tracking-tight">
          <Ridge />
          <span className="sr-only sm:not-sr-only">Lochmoor</span>
        </Link>
        <div
          id="header-middle"
          className={`order-last flex min-w-0 basis-full items-center gap-3 lg:order-none lg:flex-1 lg:basis-0 ${signedOut ? 'invisible' : ''}`}
        />
        <span className="flex-1 lg:hidden" />
        <PaletteButton />
        <PreferencesMenu />
        <ThemeSwitch applied={applied} />
        <AccountMenu />
      </header>
      <KeptNotice />
      <main
        id="main"
        tabIndex={-1}
        className="flex min-h-0 flex-1 flex-col outline-none lg:overflow-y-auto print:overflow-visible"
      >
        {/* Texts name figures in the units of the reader: other units make the screen anew. */}
        <Fragment key={unitsKey}>
          <Outlet />
        </Fragment>
      </main>
    </div>
  )
}

const Ridge = () => (
  <svg viewBox="0 0 30 22" className="h-5 w-7" aria-hidden>
    <path
      d="M2 17 L9 8 L14 12 L20 3 L28 17"
      fill="none"
      stroke="var(--accent)"
      strokeWidth="2.6"
      strokeLinejoin="round"
    />
    <path d="M2 20.5 H28" stroke="var(--ink)" strokeWidth="2" />
  </svg>
)
