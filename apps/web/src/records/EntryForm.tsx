import { RECORD_KINDS, type LogRecord, type RecordKind } from '@lochmoor/core'
import { useState } from 'react'
import { Button } from '../shell/Button.tsx'
import { enterRecord } from '../store/records.ts'
import { TextEntry, useEntries } from '../fields/TextEntry.tsx'
import { MeasurementForm } from './MeasurementForm.tsx'
import { PhotoForm } from './PhotoForm.tsx'
import { isTold, ToldForm } from './ToldForm.tsx'
import { KIND_WORDS, plainText } from './RecordRow.tsx'
import { withdraw } from './measure.ts'

interface Props {
  /** The older entry that the new one corrects. */
  readonly corrects: LogRecord | null
  readonly onDone: () => void
}

/** Writes a new entry; a correction is a new entry that points at the old one. */
export const EntryForm = ({ corrects, onDone }: Props) => {
  const [kind, setKind] = useState<RecordKind>(corrects?.body.kind ?? 'note')
  const [trouble, setTrouble] = useState<string | null>(null)
  return (
    <>
      <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">{corrects ? 'Correction' : 'New entry'}</h2>
      {corrects ? (
        <div className="my-2 border-l-4 border-caution pl-2">
          <p>
            Of: <span className="font-semibold">{plainText(corrects.body)}</span>. The old entry stays readable.
          </p>
          <div className="mt-1 flex gap-2">
            <Button
              onClick={() =>
                void withdraw(corrects).then((why) => {
                  setTrouble(why)
                  if (why === null) onDone()
                })
              }
            >
              Void entry
            </Button>
            <Button kind="quiet" onClick={onDone}>
              Cancel
            </Button>
          </div>
          {trouble && (
            <p role="alert" className="mt-1 font-semibold text-stop">
              {trouble}
            </p>
          )}
        </div>
      ) : (
        <div role="group" aria-label="Kind" className="my-2 flex flex-wrap gap-1">
          {RECORD_KINDS.map((k) => (
            <button
              key={k}
              type="button"
              aria-pressed={kind === k}
              onClick={() => setKind(k)}
              className={`min-h-9 border px-2 font-semibold ${kind === k ? 'border-accent bg-accent text-on-accent' : 'border-hair hover:bg-wash'}`}
            >
              {KIND_WORDS[k]}
            </button>
          ))}
        </div>
      )}
      {kind === 'note' && <NoteForm corrects={corrects} onDone={onDone} />}
      {kind === 'decision' && <DecisionForm corrects={corrects} onDone={onDone} />}
      {kind === 'change' && <ChangeForm corrects={corrects} onDone={onDone} />}
      {kind === 'measurement' && <MeasurementForm corrects={corrects} onDone={onDone} />}
      {isTold(kind) && <ToldForm key={kind} kind={kind} corrects={corrects} onDone={onDone} />}
      {kind === 'photo' && <PhotoForm corrects={corrects} onDone={onDone} />}
    </>
  )
}

const Enter = ({ disabled }: { disabled: boolean }) => (
  <div className="mt-1 flex">
    <Button kind="main" type="submit" disabled={disabled}>
      Add entry
    </Button>
  </div>
)

const pointing = (corrects: LogRecord | null) => (corrects ? { corrects: corrects.id } : {})

const NoteForm = ({ corrects, onDone }: Props) => {
  const { entries, set, reset } = useEntries({ text: '' })
  const filled = entries.text.trim() !== ''
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault()
        if (!filled) return
        enterRecord({ kind: 'note', text: entries.text.trim() }, pointing(corrects))
        reset()
        onDone()
      }}
    >
      <TextEntry label="What was seen or said" lines={4} most={4000} value={entries.text} onChange={set('text')} />
      <Enter disabled={!filled} />
    </form>
  )
}

const DecisionForm = ({ corrects, onDone }: Props) => {
  const { entries, set, reset } = useEntries({ text: '', reason: '' })
  const filled = entries.text.trim() !== '' && entries.reason.trim() !== ''
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault()
        if (!filled) return
        enterRecord({ kind: 'decision', text: entries.text.trim(), reason: entries.reason.trim() }, pointing(corrects))
        reset()
        onDone()
      }}
    >
      <TextEntry label="Decided" lines={2} most={1000} value={entries.text} onChange={set('text')} />
      <TextEntry label="Because" lines={3} most={4000} value={entries.reason} onChange={set('reason')} />
      <Enter disabled={!filled} />
    </form>
  )
}

const ChangeForm = ({ corrects, onDone }: Props) => {
  const { entries, set, reset } = useEntries({ text: '', from: '', to: '', why: '' })
  const filled = entries.text.trim() !== ''
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault()
        if (!filled) return
        const { from, text, to, why } = entries
        enterRecord(
          { kind: 'change', text: text.trim(), from: from.trim(), to: to.trim(), why: why.trim() },
          pointing(corrects),
        )
        reset()
        onDone()
      }}
    >
      <TextEntry label="What was changed" most={400} value={entries.text} onChange={set('text')} />
      <TextEntry label="From" most={200} value={entries.from} onChange={set('from')} />
      <TextEntry label="To" most={200} value={entries.to} onChange={set('to')} />
      <TextEntry label="Why" lines={2} most={2000} value={entries.why} onChange={set('why')} />
      <p className="text-sm text-soft">One change at a time, or nobody knows which one helped.</p>
      <Enter disabled={!filled} />
    </form>
  )
}
