import { fig, oddsOfJob, withLoom, type JobDocument } from '@lochmoor/core'
import { FigureText } from '../../../fields/FigureText.tsx'
import { Button } from '../../../shell/Button.tsx'
import { WorkProgress } from '../../bench/background/WorkProgress.tsx'
import { usePowerWork as useStartOdds } from '../../power/background/usePowerWork.ts'
import type { Offer } from '../background/loomWork.ts'

const DRAWS = 300
const SEED = 20261

/** The probability that it starts, with the ECU at either place. */
export const PlaceOdds = ({ job, offers }: { job: JobDocument; offers: readonly Offer[] }) => {
  const works = [useStartOdds(), useStartOdds()] as const
  const running = works.some((w) => w.state.kind === 'running')
  const compute = () =>
    offers.forEach((o, n) => works[n]!.start({ ...oddsOfJob(withLoom(job, o.proposal)), draws: DRAWS, seed: SEED }))
  return (
    <div className="py-1">
      {!running && <Button onClick={compute}>Probability that it starts, {DRAWS} starts each</Button>}
      {works.map((w, n) => (
        <div key={n}>
          <WorkProgress
            state={w.state}
            name={`Probability, ${offers[n]?.proposal.place.name ?? ''}`}
            onCancel={w.cancel}
          />
          {w.state.kind === 'done' && (
            <p role="status" className="py-0.5">
              {offers[n]?.proposal.place.name}:{' '}
              <strong>
                <FigureText figure={fig(w.state.answer.share, 'share', 1)} />
              </strong>{' '}
              (<FigureText figure={fig(w.state.answer.lowShare, 'share', 1)} /> to{' '}
              <FigureText figure={fig(w.state.answer.highShare, 'share', 1)} />)
            </p>
          )}
        </div>
      ))}
    </div>
  )
}
