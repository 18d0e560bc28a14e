import type { LogRecord, RecordBody, RecordKind } from '@lochmoor/core'
import { useState } from 'react'
import { TextEntry, useEntries } from '../fields/TextEntry.tsx'
import { Button } from '../shell/Button.tsx'
import { enterRecord } from '../store/records.ts'

type Told = Extract<RecordBody, { kind: 'deviation' | 'hearsay' | 'altered' | 'delivered' | 'for-now' }>
export type ToldKind = Told['kind']

/** What is asked for an entry of each kind: what it is, and what must stand beside it. */
const ASKS: Readonly<
  Record<
    ToldKind,
    {
      readonly text: string
      readonly more: string
      readonly wanted: boolean
      readonly third?: string
      readonly note: string
      readonly make: (text: string, more: string, third: string, danger: boolean) => Told
    }
  >
> = {
  deviation: {
    text: 'What is done otherwise than the leaflet says',
    more: 'Because',
    wanted: true,
    third: 'What it risks',
    note: 'Whoever works on the car next must be able to read why.',
    make: (text, reason, risk) => ({ kind: 'deviation', text, reason, risk }),
  },
  hearsay: {
    text: 'What was said',
    more: 'By whom',
    wanted: true,
    note: 'It counts for nothing until somebody has measured it.',
    make: (text, by) => ({ kind: 'hearsay', text, by }),
  },
  altered: {
    text: 'What was altered permanently',
    more: 'Where on the car',
    wanted: false,
    note: 'Fuse out, hole cut, lead capped, divider cut: photograph it before and after.',
    make: (text, where) => ({ kind: 'altered', text, where }),
  },
  delivered: {
    text: 'What was delivered',
    more: 'Revision, switch positions, map, settings',
    wanted: true,
    note: 'As it came out of the box, before anything was set.',
    make: (text, state) => ({ kind: 'delivered', text, state }),
  },
  'for-now': {
    text: 'What is fixed for now',
    more: 'Until what is done',
    wanted: false,
    note: 'It holds up hand-over. Correct or void the entry once it is put right.',
    make: (text, until, _, danger) => ({ kind: 'for-now', text, until, danger }),
  },
}

export const isTold = (kind: RecordKind): kind is ToldKind => kind in ASKS

const first = (body: RecordBody | undefined) => {
  switch (body?.kind) {
    case 'deviation':
      return { text: body.text, more: body.reason, third: body.risk }
    case 'hearsay':
      return { text: body.text, more: body.by, third: '' }
    case 'altered':
      return { text: body.text, more: body.where, third: '' }
    case 'delivered':
      return { text: body.text, more: body.state, third: '' }
    case 'for-now':
      return { text: body.text, more: body.until, third: '' }
    default:
      return { text: '', more: '', third: '' }
  }
}

interface Props {
  readonly kind: ToldKind
  readonly corrects: LogRecord | null
  readonly onDone: () => void
}

/** An entry that is told: a deviation, hearsay, something altered for good, as delivered, or done for now. */
export const ToldForm = ({ kind, corrects, onDone }: Props) => {
  const asks = ASKS[kind]
  const { entries, set, reset } = useEntries(first(corrects?.body))
  const [danger, setDanger] = useState(corrects?.body.kind === 'for-now' && corrects.body.danger)
  const [text, more, third] = [entries.text.trim(), entries.more.trim(), entries.third.trim()]
  const ready = text !== '' && (!asks.wanted || more !== '')
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault()
        if (!ready) return
        enterRecord(asks.make(text, more, third, danger), corrects ? { corrects: corrects.id } : {})
        reset()
        onDone()
      }}
    >
      <TextEntry label={asks.text} lines={2} most={kind === 'delivered' ? 400 : 1000} value={entries.text} onChange={set('text')} />
      <TextEntry label={asks.more} lines={2} most={kind === 'hearsay' || kind === 'altered' ? 200 : kind === 'for-now' ? 400 : 2000} value={entries.more} onChange={set('more')} />
      {asks.third && <TextEntry label={asks.third} lines={2} most={1000} value={entries.third} onChange={set('third')} />}
      {kind === 'for-now' && (
        <label className="flex min-h-9 items-center gap-2">
          <input type="checkbox" checked={danger} onChange={(e) => setDanger(e.target.checked)} className="size-4 accent-accent" />
          A danger: not driven before it is put right
        </label>
      )}
      <p className="text-sm text-soft">{asks.note}</p>
      <div className="mt-1 flex">
        <Button kind="main" type="submit" disabled={!ready}>
          Add entry
        </Button>
      </div>
    </form>
  )
} // prettier-ignore
