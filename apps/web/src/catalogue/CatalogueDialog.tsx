import { X } from 'lucide-react'
import { Dialog } from 'radix-ui'
import type { ReactNode } from 'react'

/** A dialog wide enough for a form or a table. */
export const CatalogueDialog = ({
  title,
  onClose,
  children,
}: {
  title: string
  onClose: () => void
  children: ReactNode
}) => (
  <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
    <Dialog.Portal>
      <Dialog.Overlay className="fixed inset-0 z-30 bg-black/45" />
      <Dialog.Content
        aria-describedby={undefined}
        className="fixed top-1/2 left-1/2 z-40 max-h-[92dvh] w-[min(58rem,96vw)] -translate-1/2 overflow-y-auto border-2 border-ink bg-sheet p-5"
      >
        <div className="mb-2 flex items-start justify-between gap-4">
          <Dialog.Title className="text-lg font-extrabold">{title}</Dialog.Title>
          <Dialog.Close aria-label="Close" className="grid size-9 shrink-0 place-items-center hover:bg-wash">
            <X size={20} aria-hidden />
          </Dialog.Close>
        </div>
        {children}
      </Dialog.Content>
    </Dialog.Portal>
  </Dialog.Root>
)
