import { doneForNow } from '@lochmoor/core'
import { useEffect } from 'react'
import { Link } from 'react-router'
import { HoldGate } from '../benches/fuel/order/HoldGate.tsx'
import { useBook } from '../records/useBook.ts'
import { useJobStore } from '../store/jobStore.ts'
import { enterRecord } from '../store/records.ts'

const WANTED = { kind: 'for-now', search: '' } as const

/** Handed over only with what was done for now put right, or with a reason in the job log. A danger is never handed over. */
export const HandOverFirst = ({ onFree }: { onFree: () => void }) => {
  const jobId = useJobStore((s) => s.jobId)!
  // With what still waits in this browser to be sent.
  const { more, records, state, why } = useBook(WANTED)
  useEffect(() => more?.(), [more])
  if (state === 'trouble')
    return <p className="text-stop">The job log could not be asked what was done for now: {why}</p>
  if (state !== 'there' || more !== null) return <p className="text-soft">Looking through the job log…</p>
  const open = doneForNow(records)
  const dangers = open.filter((r) => r.body.danger)
  return (
    <div className="border-b border-hair py-2">
      {dangers.length > 0 ? (
        <p className="leading-snug font-semibold text-stop">
          Not handed over: {dangers.map((r) => r.body.text).join('; ')}. A danger is put right first.
        </p>
      ) : (
        <HoldGate
          holds={open.map((r) => `done for now: ${r.body.text}`)}
          words={{ free: 'Hand over', held: 'Hand over anyway' }}
          onGo={(reason) => {
            if (open.length > 0)
              enterRecord({
                kind: 'decision',
                text: `Handed over with ${open.map((r) => r.body.text).join('; ')}`.slice(0, 1000),
                reason,
              })
            onFree()
          }}
        />
      )}{' '}
      <Link to={`/jobs/${jobId}/log`} className="text-accent underline">
        the job log
      </Link>
    </div>
  )
}
