import { WORK_STATE_WORDS } from '@lochmoor/core'
import { Dialog, Popover } from 'radix-ui'
import { useJobStore } from '../store/jobStore.ts'
import { WorkForm } from './WorkForm.tsx'

/** State, owner and hold of the job, from its header. */
export const WorkPopover = () => {
  const state = useJobStore((s) => s.document!.work.state)
  return (
    <Popover.Root>
      <Popover.Trigger
        aria-label={`State: ${WORK_STATE_WORDS[state]}`}
        className="hidden h-7 shrink-0 items-center border border-hair px-2 font-semibold hover:bg-wash sm:flex"
      >
        {WORK_STATE_WORDS[state]}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          aria-label="State"
          align="start"
          sideOffset={6}
          className="z-20 max-h-(--radix-popover-content-available-height) w-80 overflow-y-auto border-2 border-ink bg-sheet p-4"
        >
          <WorkForm />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}

/** The same over the page: on a phone the header has no room for it, and the menu of the job opens it. */
export const WorkDialog = ({ onClose }: { onClose: () => void }) => (
  <Dialog.Root open onOpenChange={(o) => !o && onClose()}>
    <Dialog.Portal>
      <Dialog.Overlay className="fixed inset-0 z-30 bg-black/50" />
      <Dialog.Content
        aria-describedby={undefined}
        className="fixed top-1/2 left-1/2 z-40 max-h-[85dvh] w-[min(24rem,94vw)] -translate-1/2 overflow-auto border-2 border-ink bg-sheet p-4"
      >
        <Dialog.Title className="mb-1 text-lg font-bold">State of the job</Dialog.Title>
        <WorkForm />
        <Dialog.Close asChild>
          <button type="button" className="mt-3 min-h-[44px] border border-ink px-3 font-bold hover:bg-wash">
            Close
          </button>
        </Dialog.Close>
      </Dialog.Content>
    </Dialog.Portal>
  </Dialog.Root>
)
