import { WORK_STATE_WORDS, type JobDocument, type OpenPoints, type OrderItem, type PartLine } from '@lochmoor/core'
import { useId, useState } from 'react'
import { Button } from '../../../shell/Button.tsx'
import { run, setWork } from '../../../store/commands.ts'
import { enterRecord } from '../../../store/records.ts'
import { useMayWrite } from '../../../store/sessionStore.ts'
import { holdsOf, listWithin, stoodOpen } from './holds.ts'

const MOST_REASON = 1000
const MOST_LIST = 2900

interface Props {
  readonly job: JobDocument
  readonly lines: readonly PartLine[]
  readonly items: readonly OrderItem[]
  readonly open: OpenPoints
}

/**
 * Marks the job as ordered, and writes down with what judgement it was. In spite of a hold only with a reason, and the
 * log book keeps what stood open.
 */
export const Ordering = ({ job, lines, items, open }: Props) => {
  const mayWrite = useMayWrite()
  const id = useId()
  const [reason, setReason] = useState('')
  const [asked, setAsked] = useState(false)
  if (lines.length === 0) return null
  const { state } = job.work
  if (state !== 'asked' && state !== 'surveyed' && state !== 'designed')
    return <p className="mt-3 font-semibold">This job stands at “{WORK_STATE_WORDS[state].toLowerCase()}”.</p>
  const holds = holdsOf(open, items)
  const held = holds.length > 0
  const given = reason.trim()
  const order = () => {
    if (held && given === '') return setAsked(true)
    if (!run(setWork({ state: 'parts-ordered' }, 'parts ordered'))) return
    const points = stoodOpen(open, items)
    const kept = points.length === 0 ? 'Nothing stood open.' : `Stood open: ${listWithin(points, MOST_LIST)}.`
    enterRecord(
      {
        kind: 'decision',
        text: `Fuel parts ordered, ${lines.length} lines${held ? `, in spite of ${holds.length} point${holds.length > 1 ? 's' : ''} against it` : ''}`,
        reason: held ? `${given}\n${kept}` : kept,
      },
      { of: 'work.state' },
    )
  }
  return (
    <section aria-label="Ordering" className="mt-5">
      {held && (
        <>
          <p className="mb-1.5 font-semibold text-stop">
            {holds.length === 1 ? 'One point speaks' : `${holds.length} points speak`} against ordering now: what is
            ordered may be the wrong part, or go onto an engine that has to be repaired first.
          </p>
          <label htmlFor={id} className="block leading-tight">
            Why it is ordered all the same
          </label>
          <textarea
            id={id}
            rows={2}
            maxLength={MOST_REASON}
            value={reason}
            disabled={!mayWrite}
            aria-invalid={asked && given === ''}
            aria-describedby={`${id}-note`}
            onChange={(e) => setReason(e.target.value)}
            className={`mt-0.5 mb-1 w-full max-w-xl border bg-sheet px-1.5 py-1 ${asked && given === '' ? 'border-2 border-stop' : 'border-soft/60'}`}
          />
          <p id={`${id}-note`} role="alert" className="mb-1.5 font-semibold text-stop">
            {asked && given === '' && 'Say why, in a few words: the log book keeps it with what stood open.'}
          </p>
        </>
      )}
      <Button kind="main" disabled={!mayWrite} onClick={order}>
        {held ? 'Order all the same' : 'Mark these parts as ordered'}
      </Button>
    </section>
  )
}
