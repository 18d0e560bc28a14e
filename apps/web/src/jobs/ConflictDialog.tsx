import { Dialog } from 'radix-ui'
import { useJobStore } from '../store/jobStore.ts'
import { differences } from '../store/sameValue.ts'
import { settleConflict } from '../store/saving.ts'
import { showValue } from './showValue.ts'

/** Two versions of one section: what differs side by side, and whose to keep. Nothing is overwritten unasked. */
export const ConflictDialog = () => {
  const conflict = useJobStore((s) => s.conflict)
  if (!conflict) return null
  return (
    <Dialog.Root open>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-30 bg-black/50" />
        <Dialog.Content
          aria-describedby="conflict-text"
          className="fixed top-1/2 left-1/2 z-40 max-h-[85dvh] w-[min(42rem,94vw)] -translate-1/2 overflow-auto border-2 border-ink bg-sheet p-5"
        >
          <Dialog.Title className="mb-1 text-lg font-bold">
            The {conflict.section} section was changed elsewhere
          </Dialog.Title>
          <p id="conflict-text" className="mb-3">
            Nothing was overwritten. Compare (figures in SI) and choose whose version stays; the other can be had back
            with undo.
          </p>
          <table className="mb-4 w-full text-left">
            <thead>
              <tr className="border-b-2 border-ink">
                <th className="py-1">Field</th>
                <th>Mine</th>
                <th>Theirs</th>
              </tr>
            </thead>
            <tbody>
              {differences(conflict.mine, conflict.theirs).map((d) => (
                <tr key={d.path} className="border-b border-hair">
                  <td className="py-1 pr-3">{d.path}</td>
                  <td className="pr-3 font-semibold">{showValue(d.mine)}</td>
                  <td className="font-semibold">{showValue(d.theirs)}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <div className="flex gap-3">
            <button
              type="button"
              onClick={() => settleConflict('mine')}
              className="bg-accent px-4 py-2 font-bold text-on-accent"
            >
              Keep mine
            </button>
            <button
              type="button"
              onClick={() => settleConflict('theirs')}
              className="border border-ink px-4 py-2 font-bold hover:bg-wash"
            >
              Take theirs
            </button>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
