import { Popover } from 'radix-ui'
import type { ReactNode } from 'react'

/** A few words on how a figure is measured, behind a small mark beside its field. */
export const HowToMeasure = ({ label, children }: { label: string; children: ReactNode }) => (
  <Popover.Root>
    <Popover.Trigger
      aria-label={`How to measure: ${label}`}
      className="grid size-6 shrink-0 place-items-center rounded-full max-lg:size-[44px] border border-hair text-sm text-soft hover:bg-wash"
    >
      ?
    </Popover.Trigger>
    <Popover.Portal>
      <Popover.Content
        aria-label={label}
        side="right"
        sideOffset={6}
        collisionPadding={8}
        className="z-20 w-72 border-2 border-ink bg-sheet p-3 leading-snug"
      >
        <p className="mb-1 font-bold">{label}</p>
        {children}
      </Popover.Content>
    </Popover.Portal>
  </Popover.Root>
)
