import { counted } from '@lochmoor/core'
import { useId, useState } from 'react'
import { Button } from '../../../shell/Button.tsx'
import { useMayWrite } from '../../../store/sessionStore.ts'

const MOST_REASON = 1000

export interface HoldWords {
  readonly free: string
  readonly held: string
  /** After “3 points are”. */
  readonly against: string
  /** Of the field for the reason. */
  readonly reason: string
}

export const ORDER_WORDS = {
  against: 'against ordering now: you may order the wrong part, or fit it to an engine that needs repair first.',
  reason: 'Reason for ordering anyway',
} as const

interface Props {
  /** What speaks against it; with none, one press is enough. */
  readonly holds: readonly string[]
  readonly words: HoldWords
  /** The reason that was given; empty where none was asked for. */
  readonly onGo: (reason: string) => void
}

/** A step that is hard to take back: in spite of what speaks against it only with a reason. */
export const HoldGate = ({ holds, words, onGo }: Props) => {
  const mayWrite = useMayWrite()
  const id = useId()
  const [reason, setReason] = useState('')
  const [asked, setAsked] = useState(false)
  const held = holds.length > 0
  const given = reason.trim()
  const lacking = asked && given === ''
  return (
    <>
      {held && (
        <>
          <p className="mb-1.5 font-semibold text-stop">
            {counted(holds.length, 'point is', 'points are')} {words.against}
          </p>
          <label htmlFor={id} className="block leading-tight">
            {words.reason}
          </label>
          <textarea
            id={id}
            rows={2}
            maxLength={MOST_REASON}
            value={reason}
            disabled={!mayWrite}
            aria-invalid={lacking}
            aria-describedby={`${id}-note`}
            onChange={(e) => setReason(e.target.value)}
            className={`mt-0.5 mb-1 w-full max-w-xl border bg-sheet px-1.5 py-1 ${lacking ? 'border-2 border-stop' : 'border-soft/60'}`}
          />
          <p id={`${id}-note`} role="alert" className="mb-1.5 font-semibold text-stop">
            {lacking && 'Say why in a few words: the job log keeps it with what was still open.'}
          </p>
        </>
      )}
      <Button kind="main" disabled={!mayWrite} onClick={() => (held && given === '' ? setAsked(true) : onGo(given))}>
        {held ? words.held : words.free}
      </Button>
    </>
  )
}
