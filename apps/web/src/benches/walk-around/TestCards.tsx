import type { FitnessResult, JobDocument } from '@lochmoor/core'
import { useState } from 'react'
import { SentenceText } from '../../fields/FigureText.tsx'
import { PhotoAt } from '../../records/PhotoAt.tsx'
import { KeptDetails } from '../bench/KeptDetails.tsx'
import { FitnessMark } from './FitnessMark.tsx'
import { EntryField } from './EntryField.tsx'

/** The tests of "fit to convert?": limit, way, time, cautions, and the entry of what came out. */
export const TestCards = ({ job, results }: { job: JobDocument; results: readonly FitnessResult[] }) => (
  <>
    {results.map((r) => (
      <TestCard key={r.test.id} job={job} result={r} />
    ))}
  </>
)

const TestCard = ({ job, result: { state, test, cautions } }: { job: JobDocument; result: FitnessResult }) => {
  // Only to begin with: a card must not fold under the hand that types into it.
  const [open] = useState(state !== 'fit' && test.entries.length > 0)
  return (
    <KeptDetails
      id={`test-${test.id}`}
      atFirst={open}
      className="scroll-mt-28 border-b border-hair"
      summaryClass="flex items-baseline gap-2 py-1.5"
      summary={
        <>
          <span className="min-w-0 flex-1 font-bold">{test.title}</span>
          <FitnessMark state={state} />
        </>
      }
    >
      <div className="pb-2">
        {test.entries.map((entry) => (
          <EntryField key={entry.path} entry={entry} job={job} />
        ))}
        {test.entries[0] && <PhotoAt field={test.entries[0].path} label={test.title} />}
        <p className="mt-1 leading-snug">
          <span className="font-semibold">Limit: </span>
          <SentenceText sentence={test.limit} />.
        </p>
        <details>
          <summary className="text-accent underline">How to test it, about {test.minutes} min</summary>
          <p className="leading-snug">{test.how}</p>
          <ul className="mt-1 border-l-4 border-caution pl-2">
            {cautions.map((c) => (
              <li key={c} className="leading-snug">
                {c}
              </li>
            ))}
          </ul>
          <p className="mt-1 text-sm text-soft">Source of the limit: {test.source}.</p>
        </details>
      </div>
    </KeptDetails>
  )
}
