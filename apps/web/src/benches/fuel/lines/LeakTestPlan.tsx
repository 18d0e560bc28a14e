import { designOf, fig, leakTestOf, type JobDocument } from '@lochmoor/core'
import { useMemo } from 'react'
import { FigureText, SentenceText } from '../../../fields/FigureText.tsx'
import { FuelCautions } from '../FuelCautions.tsx'

/** How the joints are proved before the engine runs, and again after. */
export const LeakTestPlan = ({ job }: { job: JobDocument }) => {
  const plan = useMemo(() => leakTestOf(designOf(job)), [job])
  return (
    <section aria-label="Leak test" className="mt-4">
      <h2 className="mb-2 border-b-2 border-ink pb-0.5 font-extrabold">Leak test</h2>
      <FuelCautions where={['pressure', 'fuel-opened']} />
      <p>
        At <FigureText figure={fig(plan.testPa, 'pressure')} />
        {plan.weakestPa !== null && (
          <>
            ; the weakest of feed, filter, regulator and gauge is rated for{' '}
            <FigureText figure={fig(plan.weakestPa, 'pressure', 0)} />
          </>
        )}
        . Test at 1.5 times set pressure, losing no more than 5 % of it: rules of thumb.
      </p>
      <ol className="list-decimal py-1 pl-6 leading-snug">
        {plan.steps.map((step, i) => (
          <li key={i}>
            <SentenceText sentence={step} />
          </li>
        ))}
      </ol>
    </section>
  )
}
