import type { LogRecord, ProofTest } from '@lochmoor/core'
import { useState } from 'react'
import { SentenceText, usePlainSentence } from '../../../fields/FigureText.tsx'
import { StateShape } from '../../../marks/StateMark.tsx'
import { enterRecord } from '../../../store/records.ts'
import { useMayWrite } from '../../../store/sessionStore.ts'

/** Under this name its results stand in the job log. */
const quantityOf = (test: ProofTest): string => `Power test: ${test.what}`
const PASSED = 'passed'

/** What the job log has of a test: its latest result; none where nobody has done it. */
export const resultOf = (test: ProofTest, records: readonly LogRecord[]): string | null => {
  const found = records.find((r) => !r.withdraws && r.body.kind === 'measurement' && r.body.quantity === quantityOf(test)) // prettier-ignore
  return found?.body.kind === 'measurement' ? found.body.text : null
}

/** A test on the car: how, with what it passes, and its result into the job log. */
export const ProofOf = ({ test, result }: { test: ProofTest; result: string | null }) => {
  const mayWrite = useMayWrite()
  const passes = usePlainSentence(test.passes)
  const [reading, setReading] = useState('')
  const record = (word: 'passed' | 'failed') => {
    const read = reading.trim()
    enterRecord({
      kind: 'measurement',
      quantity: quantityOf(test),
      si: null,
      family: null,
      text: read === '' ? word : `${word}: ${read}`,
      field: null,
      place: '',
      condition: passes.slice(0, 200),
      instrument: '',
    })
    setReading('')
  }
  const passed = result?.startsWith(PASSED) === true
  return (
    <li className="border-b border-hair py-2">
      <div className="flex flex-wrap items-baseline gap-x-3">
        <span className="w-[7.6rem] shrink-0 whitespace-nowrap">
          <StateShape
            state={result === null ? 'unknown' : passed ? 'ok' : 'stop'}
            word={result === null ? 'Not checked' : passed ? 'Passed' : 'Failed'}
          />
        </span>
        <span className="min-w-0 flex-1 leading-snug font-semibold">{test.what}</span>
        {result !== null && result.includes(':') && <span className="text-soft">{result.split(': ').slice(1).join(': ')}</span>}
      </div>
      <p className="leading-snug">
        <SentenceText sentence={test.does} />
      </p>
      <p className="leading-snug text-soft">
        Passes with: <SentenceText sentence={test.passes} />
      </p>
      {mayWrite && (
        <div className="mt-1 flex flex-wrap items-center gap-1.5">
          <input
            aria-label={`Reading: ${test.what}`}
            placeholder="reading"
            value={reading}
            maxLength={60}
            autoComplete="off"
            onChange={(e) => setReading(e.target.value)}
            className="h-9 w-36 border border-soft/60 bg-sheet px-1.5"
          />
          {(['passed', 'failed'] as const).map((word) => (
            <button
              key={word}
              type="button"
              aria-label={`${test.what}: ${word}`}
              onClick={() => record(word)}
              className="min-h-9 border border-soft/60 px-3 font-semibold capitalize hover:bg-wash"
            >
              {word}
            </button>
          ))}
        </div>
      )}
    </li>
  )
} // prettier-ignore
