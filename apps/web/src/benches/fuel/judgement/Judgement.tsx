import type { Assumption, FuelAssessment, JobDocument, WorkingId } from '@lochmoor/core'
import { FigureText } from '../../../fields/FigureText.tsx'
import { BuiltSwitch } from '../../bench/BuiltSwitch.tsx'
import { PartsThatFollow } from './PartsThatFollow.tsx'
import { VerdictCard } from './VerdictCard.tsx'

interface Props {
  readonly job: JobDocument
  readonly assessment: FuelAssessment
  readonly onPoint: (pointId: string) => void
  readonly onWorking: (id: WorkingId, pointId: string) => void
}

/** Verdicts, worst first, and what is still to be measured. */
export const Judgement = ({ job, assessment: { verdicts, assumptions }, onPoint, onWorking }: Props) => (
  <>
    <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">Judgement</h2>
    <ol>
      {verdicts.map((v) => (
        <VerdictCard key={v.id} verdict={v} onPoint={onPoint} onWorking={onWorking} />
      ))}
    </ol>
    <PartsThatFollow job={job} />
    {assumptions.length > 0 && <StillToMeasure assumptions={assumptions} />}
    <BuiltSwitch station="fuel" />
    <p className="mt-4 text-sm text-soft">
      This tool computes and records. Local law, makers’ instructions and licensed trades come first. Fuel is opened on
      a cold engine, without flame, lamp or heater near, with an extinguisher in reach.
    </p>
  </>
)

const StillToMeasure = ({ assumptions }: { assumptions: readonly Assumption[] }) => (
  <div className="mt-4">
    <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">Still to measure</h2>
    <p className="py-1 text-sm text-soft">Until then the judgement stands on these:</p>
    <ul>
      {assumptions.map((a) => (
        <li key={a.field} className="flex justify-between gap-3 border-b border-hair/70 py-1 leading-tight">
          <span>
            {a.label}
            <span className="block text-sm text-soft">{a.why}</span>
          </span>
          <span className="whitespace-nowrap text-soft italic">
            <FigureText figure={a} />
          </span>
        </li>
      ))}
    </ul>
  </div>
)
