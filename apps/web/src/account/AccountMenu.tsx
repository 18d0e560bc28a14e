import { counted } from '@lochmoor/core'
import { useJobStore } from '../store/jobStore.ts'
import { CircleUser } from 'lucide-react'
import { Popover } from 'radix-ui'
import { useState } from 'react'
import { Link } from 'react-router'
import { signOut } from '../api/people.ts'
import { Button } from '../shell/Button.tsx'
import { useSession } from '../store/sessionStore.ts'
import { leave } from './leave.ts'

/** Who sits here, and the way out. */
export const AccountMenu = () => {
  const session = useSession((s) => s.session)
  const waiting = useJobStore((s) => s.waiting)
  const kept = useJobStore((s) => s.save !== 'not-kept')
  const [trouble, setTrouble] = useState<string | null>(null)
  if (session?.state !== 'signed-in' && session?.state !== 'guest') return null
  const guest = session.state === 'guest'
  const name = guest ? 'Guest' : session.name
  return (
    <Popover.Root>
      <Popover.Trigger
        aria-label={`Account: ${name}`}
        className="flex h-9 shrink-0 items-center gap-1.5 rounded px-2 hover:bg-wash"
      >
        <CircleUser size={18} aria-hidden />
        <span className="hidden max-w-40 truncate xl:inline">{name}</span>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          aria-label="Account"
          align="end"
          sideOffset={6}
          className="z-20 w-64 border-2 border-ink bg-sheet p-4"
        >
          <p className="font-bold">{name}</p>
          <p className="text-soft">
            {guest ? `can read one job at ${session.workshop}` : `${session.role} at ${session.workshop}`}
          </p>
          <ul className="my-3 border-y border-hair py-2">
            {!guest && (
              <li>
                <Popover.Close asChild>
                  <Link to="/catalogue" className="block py-1 text-accent underline">
                    Catalogue of parts
                  </Link>
                </Popover.Close>
              </li>
            )}
            {!guest && (
              <li>
                <Popover.Close asChild>
                  <Link to="/account" className="block py-1 text-accent underline">
                    My account
                  </Link>
                </Popover.Close>
              </li>
            )}
            {!guest && session.role === 'owner' && (
              <li>
                <Popover.Close asChild>
                  <Link to="/workshop" className="block py-1 text-accent underline">
                    Workshop and people
                  </Link>
                </Popover.Close>
              </li>
            )}
          </ul>
          {trouble && (
            <p role="alert" className="mb-2 font-semibold text-stop">
              {trouble}
            </p>
          )}
          {waiting > 0 && !guest && (
            <p className={`mb-2 leading-snug ${kept ? '' : 'font-semibold text-stop'}`}>
              {counted(waiting, 'edit is', 'edits are')} waiting{' '}
              {kept
                ? 'in this browser. They stay yours after you sign out and are sent when you sign in here again.'
                : 'on this page only: the browser will not keep them. Save them as a file before you sign out.'}
            </p>
          )}
          <Button onClick={() => void leave(signOut).then(setTrouble)}>{guest ? 'Leave' : 'Sign out'}</Button>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}
