import { fig, NARROWED_BY, oddsOfJob, type JobDocument } from '@lochmoor/core'
import { useMemo, useState } from 'react'
import { FigureText } from '../../../fields/FigureText.tsx'
import { Button } from '../../../shell/Button.tsx'
import { WorkProgress } from '../../bench/background/WorkProgress.tsx'
import { usePowerWork } from '../background/usePowerWork.ts'

const DRAWS = 1000
const SEED = 20261

/** How likely it starts at its coldest, with the spread of what is not known, and what to measure next. */
export const StartOdds = ({ job }: { job: JobDocument }) => {
  const task = useMemo(() => oddsOfJob(job), [job])
  const { state, start, cancel } = usePowerWork()
  const [madeFor, setMadeFor] = useState('')
  const now = useMemo(() => JSON.stringify([task.supply, task.spread, task.needs]), [task])
  const compute = () => {
    setMadeFor(now)
    start({ ...task, draws: DRAWS, seed: SEED })
  }
  const odds = state.kind === 'done' ? state.answer : null
  const open = odds?.follows.filter((f) => !task.known.includes(f.input) && Math.abs(f.rank) > 0.1) ?? []
  const [next] = open
  const share = (x: number) => <FigureText figure={fig(x, 'share', 1)} />
  return (
    <section aria-label="Probability that it starts" className="mb-4">
      <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Probability that it starts, coldest morning</h2>
      <p className="py-1 text-sm leading-snug text-soft">
        ECU supply and keyed input above the minimum, the crank at{' '}
        <FigureText figure={fig(task.needs.leastRpm, 'engineSpeed', 0)} /> or more
        {task.needs.railLeastV === null
          ? '; the rail is left out until a pump is chosen'
          : ', the rail at its pressure'}
        . Battery, terminals, temperature, starter and friction are drawn at random within their spreads (rules of
        thumb).
      </p>
      {state.kind !== 'running' && (
        <Button onClick={compute}>{odds ? 'Work it out again' : `Work it out from ${DRAWS} starts`}</Button>
      )}
      <WorkProgress state={state} name="Probability that it starts" onCancel={cancel} />
      {odds && (
        <div role="status" className="mt-2 border border-ink bg-sheet p-3 leading-snug">
          {madeFor !== now && (
            <p className="font-semibold text-caution">The design has changed since: work it out again.</p>
          )}
          <p className="text-lg font-extrabold">
            {share(odds.share)}{' '}
            <span className="text-base font-normal">
              ({share(odds.lowShare)} to {share(odds.highShare)}, 95 % interval of {odds.draws} draws)
            </span>
          </p>
          {odds.starts < odds.draws && (
            <p className="py-1">
              Failed by: ECU {share(odds.failedBy.ecu / odds.draws)}, cranking speed{' '}
              {share(odds.failedBy.speed / odds.draws)}
              {task.needs.railLeastV === null ? '' : <>, rail pressure {share(odds.failedBy.rail / odds.draws)}</>};
              some by several.
            </p>
          )}
          <p className="py-1">
            {next ? (
              <>
                <strong>Measure next:</strong> {NARROWED_BY[next.input].words}. It decides most of what is still open.
              </>
            ) : (
              'What matters is measured.'
            )}
          </p>
        </div>
      )}
    </section>
  )
}
