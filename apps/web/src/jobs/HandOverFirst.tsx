import { ACCEPTANCE_WORDS, acceptanceOf, doneForNow, type AcceptanceTest } from '@lochmoor/core'
import { useEffect, useMemo } from 'react'
import { Link } from 'react-router'
import { HoldGate, type HoldWords } from '../benches/fuel/order/HoldGate.tsx'
import { SentenceText } from '../fields/FigureText.tsx'
import { useBook } from '../records/useBook.ts'
import { run, setWork } from '../store/commands.ts'
import { useJobStore } from '../store/jobStore.ts'
import { enterRecord } from '../store/records.ts'
import { useMayWrite } from '../store/sessionStore.ts'

const WANTED = { kind: 'for-now', search: '' } as const
/** As long as an entry may be; that there was more is seen. */
const MOST_TEXT = 1000
const shortened = (text: string): string => (text.length > MOST_TEXT ? `${text.slice(0, MOST_TEXT - 1)}…` : text)

const WORDS: HoldWords = {
  free: 'Hand over',
  held: 'Hand over anyway',
  against: 'against handing over now.',
  reason: 'Reason for handing over anyway',
}

/**
 * Handed over once every acceptance test has passed and what was done for now is put right, or with a reason in the job
 * log. A danger is never handed over.
 */
export const HandOverFirst = ({ onFree }: { onFree: () => void }) => {
  const jobId = useJobStore((s) => s.jobId)!
  const job = useJobStore((s) => s.document!)
  const tests = useMemo(() => acceptanceOf(job), [job])
  // With what still waits in this browser to be sent.
  const { more, records, state, why } = useBook(WANTED)
  useEffect(() => more?.(), [more])
  if (state === 'trouble')
    return <p className="text-stop">The job log could not be asked what was done for now: {why}</p>
  if (state !== 'there' || more !== null) return <p className="text-soft">Looking through the job log…</p>
  const open = doneForNow(records)
  const dangers = open.filter((r) => r.body.danger)
  const against = [
    ...open.map((r) => `done for now: ${r.body.text}`),
    ...tests.flatMap((t) => (t.passed ? [] : [`not passed: ${ACCEPTANCE_WORDS[t.id]}`])),
  ]
  return (
    <div className="border-b border-hair py-2">
      {dangers.length > 0 ? (
        <p className="leading-snug font-semibold text-stop">
          Not handed over: {dangers.map((r) => r.body.text).join('; ')}. A danger is put right first.
        </p>
      ) : (
        <>
          {tests.length > 0 && <Tests tests={tests} />}
          {open.length > 0 && (
            <ul aria-label="Done for now" className="list-disc pb-1 pl-5 leading-snug">
              {open.map((r) => (
                <li key={r.id}>Done for now: {r.body.text}</li>
              ))}
            </ul>
          )}
          <HoldGate
            holds={against}
            words={WORDS}
            onGo={(reason) => {
              if (against.length > 0)
                enterRecord({
                  kind: 'decision',
                  text: shortened(`Handed over in spite of: ${against.join('; ')}`),
                  reason,
                })
              onFree()
            }}
          />
        </>
      )}{' '}
      <Link to={`/jobs/${jobId}/log`} className="text-accent underline">
        Job log
      </Link>
    </div>
  )
}

/** What the owner wanted, and the baseline: ticked as each passes. */
const Tests = ({ tests }: { tests: readonly AcceptanceTest[] }) => {
  const passed = useJobStore((s) => s.document!.work.passed)
  const mayWrite = useMayWrite()
  return (
    <fieldset className="pb-3">
      <legend className="font-bold">Tried and passed</legend>
      {tests.map((t) => (
        <label key={t.id} className="flex items-baseline gap-2 border-b border-hair/70 py-1 leading-snug">
          <input
            type="checkbox"
            checked={t.passed}
            disabled={!mayWrite}
            className="size-5 shrink-0 self-start accent-accent"
            onChange={(e) =>
              run(
                setWork(
                  { passed: e.target.checked ? [...passed, t.id] : passed.filter((p) => p !== t.id) },
                  'tried and passed',
                ),
              )
            }
          />
          <span>
            <SentenceText sentence={t.tries} />
          </span>
        </label>
      ))}
    </fieldset>
  )
}
