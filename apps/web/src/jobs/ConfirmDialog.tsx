import { AlertDialog } from 'radix-ui'
import { Button } from '../shell/Button.tsx'

interface Props {
  readonly title: string
  readonly text: string
  /** Without it the dialog only tells. */
  readonly act?: string
  readonly onYes?: () => void
  readonly onClose: () => void
}

/** Asks before what cannot be undone. */
export const ConfirmDialog = ({ title, text, act, onYes, onClose }: Props) => (
  <AlertDialog.Root open onOpenChange={(o) => !o && onClose()}>
    <AlertDialog.Portal>
      <AlertDialog.Overlay className="fixed inset-0 z-30 bg-black/50" />
      <AlertDialog.Content className="fixed top-1/2 left-1/2 z-40 w-[min(30rem,94vw)] -translate-1/2 border-2 border-ink bg-sheet p-5">
        <AlertDialog.Title className="mb-1 text-lg font-bold">{title}</AlertDialog.Title>
        <AlertDialog.Description className="mb-4">{text}</AlertDialog.Description>
        <div className="flex gap-3">
          {act && (
            <Button
              kind="danger"
              onClick={() => {
                onClose()
                onYes?.()
              }}
            >
              {act}
            </Button>
          )}
          <AlertDialog.Cancel asChild>
            <button type="button" className="min-h-9 border border-ink px-3 font-bold hover:bg-wash">
              {act ? 'Cancel' : 'Close'}
            </button>
          </AlertDialog.Cancel>
        </div>
      </AlertDialog.Content>
    </AlertDialog.Portal>
  </AlertDialog.Root>
)
