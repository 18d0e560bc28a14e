import { X } from 'lucide-react'
import { Dialog } from 'radix-ui'
import type { ReactNode } from 'react'

const WIDE = {
  /** As wide as what is in it, a picture. */
  fit: '',
  text: 'w-[min(36rem,95vw)]',
  figures: 'w-[min(46rem,95vw)]',
  table: 'w-[min(58rem,95vw)]',
} as const

interface Props {
  readonly title: ReactNode
  /** What it is about, read out when it opens. */
  readonly about?: ReactNode
  readonly wide: keyof typeof WIDE
  /** Left out where it has to be answered. */
  readonly onClose?: () => void
  readonly children: ReactNode
}

/** Lies over the page, and holds the keyboard, until it is closed or answered. */
export const OverPage = ({ title, about, wide, onClose, children }: Props) => (
  <Dialog.Root open onOpenChange={(open) => !open && onClose?.()}>
    <Dialog.Portal>
      <Dialog.Overlay className="fixed inset-0 z-30 bg-black/50" />
      <Dialog.Content
        {...(about === undefined && { 'aria-describedby': undefined })}
        className={`fixed top-1/2 left-1/2 z-40 max-h-[92dvh] max-w-[95vw] -translate-1/2 overflow-y-auto border-2 border-ink bg-sheet p-5 ${WIDE[wide]}`}
      >
        <div className="mb-2 flex items-start justify-between gap-4">
          <Dialog.Title className="text-lg font-extrabold">{title}</Dialog.Title>
          {onClose && (
            <Dialog.Close aria-label="Close" className="grid size-9 shrink-0 place-items-center hover:bg-wash">
              <X size={20} aria-hidden />
            </Dialog.Close>
          )}
        </div>
        {about !== undefined && <Dialog.Description className="mb-3">{about}</Dialog.Description>}
        {children}
      </Dialog.Content>
    </Dialog.Portal>
  </Dialog.Root>
)
