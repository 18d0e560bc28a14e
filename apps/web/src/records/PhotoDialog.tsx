import { Dialog } from 'radix-ui'

/** A photograph at full size. */
export const PhotoDialog = ({
  jobId,
  photoId,
  name,
  onClose,
}: {
  jobId: string
  photoId: string
  name: string
  onClose: () => void
}) => (
  <Dialog.Root open onOpenChange={(o) => !o && onClose()}>
    <Dialog.Portal>
      <Dialog.Overlay className="fixed inset-0 z-30 bg-black/70" />
      <Dialog.Content
        aria-describedby={undefined}
        className="fixed top-1/2 left-1/2 z-40 max-h-[94dvh] max-w-[94vw] -translate-1/2 overflow-auto border-2 border-ink bg-sheet p-3"
      >
        <Dialog.Title className="mb-2 font-bold">{name}</Dialog.Title>
        <img src={`/api/jobs/${jobId}/photos/${photoId}`} alt={name} className="max-h-[78dvh] max-w-full" />
        <Dialog.Close asChild>
          <button type="button" className="mt-2 min-h-9 border border-ink px-3 font-bold hover:bg-wash">
            Close
          </button>
        </Dialog.Close>
      </Dialog.Content>
    </Dialog.Portal>
  </Dialog.Root>
)
