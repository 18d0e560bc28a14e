import { counted, describePath } from '@lochmoor/core'
import { useId, useState } from 'react'
import { CloudCheck, CloudOff, CloudUpload, TriangleAlert } from 'lucide-react'
import { Popover } from 'radix-ui'
import { Button } from '../shell/Button.tsx'
import { discard } from '../store/conflicts.ts'
import { useJobStore, type SaveState } from '../store/jobStore.ts'
import { outbox } from '../store/outbox.ts'
import type { OutboxEntry } from '../store/outboxEntries.ts'
import { saveWaiting } from '../store/saveWaiting.ts'
import { sendNow } from '../store/sending.ts'
import { personNow, useMayWrite } from '../store/sessionStore.ts'
import { editsIn } from '../store/waitingEdits.ts'
import { readWaiting } from '../store/readWaiting.ts'
import { KIND_WORDS, plainText } from '../records/RecordRow.tsx'
import { showValue, type Reader } from './showValue.ts'
import { shortTime } from './shortTime.ts'
import { useReader } from './useReader.ts'

const SAVE_WORD: Readonly<Record<SaveState, string>> = {
  saved: 'Saved',
  saving: 'Saving',
  'kept-here': 'Saved here, not sent',
  'not-kept': 'Not saved, not sent',
  conflict: 'Needs a decision',
  refused: 'Refused',
}

const SAVE_ICON = {
  saved: CloudCheck,
  saving: CloudUpload,
  'kept-here': CloudOff,
  'not-kept': TriangleAlert,
  conflict: TriangleAlert,
  refused: TriangleAlert,
}

/** Where the edits are, and what waits. */
export const SaveMark = () => {
  const { save, saveNote, savedAt, waiting } = useJobStore((s) => s)
  const mayWrite = useMayWrite()
  const Icon = SAVE_ICON[save]
  const calm = save === 'saved' || save === 'saving'
  const detail = saveNote ?? (savedAt ? `Saved at ${shortTime(savedAt)}` : '')
  return (
    <Popover.Root>
      <Popover.Trigger
        title={detail}
        className={`flex h-9 shrink-0 items-center gap-1.5 rounded px-1 hover:bg-wash ${calm ? 'text-soft' : save === 'not-kept' ? 'font-bold text-stop' : 'font-bold text-caution'}`}
      >
        <Icon size={18} aria-hidden />
        <span
          role="status"
          className={
            calm ? 'sr-only md:not-sr-only' : 'text-left max-md:max-w-[5.5rem] max-md:text-sm max-md:leading-tight'
          }
        >
          {SAVE_WORD[save]}
        </span>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          aria-label="Where your edits are"
          align="end"
          sideOffset={6}
          className="z-20 w-80 border-2 border-ink bg-sheet p-4"
        >
          <p className="font-bold">{SAVE_WORD[save]}</p>
          <p className={save === 'not-kept' ? 'font-semibold text-stop' : 'text-soft'}>{detail}</p>
          {save === 'not-kept' && (
            <p className="mt-1">
              These edits are on this page only: leave it open until they are saved, or save them as a file.
            </p>
          )}
          {waiting > 0 && <WaitingList />}
          {mayWrite && <ReadBack />}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}

const MOST_EDITS = 5

/** What waits, edit by edit: in the units of the reader, at its place in the job. */
const WaitingEntry = ({ entry: e, reader }: { entry: OutboxEntry; reader: Reader }) => {
  const job = useJobStore((s) => s.document)
  if (e.kind === 'photo') return <>Photograph</>
  if (e.kind === 'record') return <>{`${KIND_WORDS[e.record.body.kind]}: ${plainText(e.record.body)}`}</>
  const edits = editsIn(e)
  return (
    <>
      {edits.slice(0, MOST_EDITS).map(({ after, before, path }) => (
        <span key={path} className="block">
          {describePath(path, job).label}: {showValue(before, path, reader)} →{' '}
          <b className="font-semibold">{showValue(after, path, reader)}</b>
        </span>
      ))}
      {edits.length > MOST_EDITS && <span className="block text-soft">and {edits.length - MOST_EDITS} more</span>}
    </>
  )
}

const ReadBack = () => {
  const [said, setSaid] = useState<{ trouble: boolean; text: string } | null>(null)
  const id = useId()
  const read = async (file: File | undefined) => {
    if (!file) return
    const taken = await readWaiting(await file.text())
    setSaid(
      taken.ok
        ? { trouble: false, text: `${counted(taken.value, 'entry', 'entries')} read.` }
        : { trouble: true, text: taken.error },
    )
  }
  return (
    <div className="mt-3 border-t border-hair pt-2 text-sm">
      <label htmlFor={id} className="text-soft">
        Edits saved as a file:
      </label>
      <input
        id={id}
        type="file"
        accept="application/json,.json"
        className="mt-1 block w-full file:mr-2 file:border file:border-ink file:bg-sheet file:px-2 file:py-1 file:font-semibold file:text-ink"
        onChange={(e) => {
          const { files } = e.target
          read(files?.[0]).catch((why: unknown) =>
            setSaid({ trouble: true, text: `It could not be read: ${String(why)}` }),
          )
          e.target.value = ''
        }}
      />
      {said && (
        <p role="alert" className={`mt-1 font-semibold ${said.trouble ? 'text-stop' : ''}`}>
          {said.text}
        </p>
      )}
    </div>
  )
}

const WaitingList = () => {
  const reader = useReader()
  const [trouble, setTrouble] = useState<string | null>(null)
  return (
    <>
      <ol className="my-2 max-h-60 overflow-y-auto border-y border-hair">
        {outbox.of(personNow()).map((e) => (
          <li key={e.key} className="flex items-center gap-2 border-b border-hair/70 py-1">
            <span className="min-w-0 flex-1">
              <WaitingEntry entry={e} reader={reader} />
              {e.refused && <span className="block text-sm font-semibold text-stop">{e.refused}</span>}
            </span>
            {e.refused && (
              <Button kind="danger" onClick={() => discard(e.key)}>
                Discard
              </Button>
            )}
          </li>
        ))}
        {outbox.elsewhere(personNow()).map((e) => (
          <li key={e.key} className="border-b border-hair/70 py-1 text-soft">
            <WaitingEntry entry={e} reader={reader} /> (in another window)
          </li>
        ))}
      </ol>
      <div className="flex gap-2">
        <Button onClick={sendNow}>Send now</Button>
        <Button
          onClick={() =>
            void saveWaiting().catch((e: unknown) => setTrouble(`It could not be saved as a file: ${String(e)}`))
          }
        >
          Save as a file
        </Button>
      </div>
      {trouble && (
        <p role="alert" className="mt-1 font-semibold text-stop">
          {trouble}
        </p>
      )}
    </>
  )
}
