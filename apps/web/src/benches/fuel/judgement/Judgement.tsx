import type { FuelAssessment, JobDocument, WorkingId } from '@lochmoor/core'
import { BuiltSwitch } from '../../bench/BuiltSwitch.tsx'
import { StillToMeasure } from '../../bench/judgement/StillToMeasure.tsx'
import { NO_SINGLE_PART, tryRemedy } from './tryRemedy.ts'
import { PartsThatFollow } from './PartsThatFollow.tsx'
import { VerdictCard } from '../../bench/judgement/VerdictCard.tsx'

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
        <VerdictCard
          key={v.id}
          verdict={v}
          onTry={tryRemedy}
          whenStuck={NO_SINGLE_PART}
          onPoint={onPoint}
          onWorking={(id, at) => onWorking(id as WorkingId, at ?? 'idle')}
        />
      ))}
    </ol>
    <PartsThatFollow job={job} />
    <StillToMeasure assumptions={assumptions} />
    <BuiltSwitch station="fuel" />
    <p className="mt-4 text-sm text-soft">
      This tool computes and records. Local law, makers’ instructions and licensed trades come first. Fuel is opened on
      a cold engine, without flame, lamp or heater near, with an extinguisher in reach.
    </p>
  </>
)
