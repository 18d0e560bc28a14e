import type { JobDocument } from '@lochmoor/core'
import { useBench } from '../../bench/benchContext.ts'
import { BuiltSwitch } from '../../bench/BuiltSwitch.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import { StillToMeasure } from '../../bench/judgement/StillToMeasure.tsx'
import { PartsThatFollow } from './PartsThatFollow.tsx'

/** Verdicts, worst first, and what is still to be measured. */
export const Judgement = ({ job }: { job: JobDocument }) => {
  const { assessment } = useBench()
  return (
    <SheetJudgement sheet="">
      <PartsThatFollow job={job} />
      <StillToMeasure assumptions={assessment.assumptions} />
      <BuiltSwitch station="fuel" />
      <p className="mt-4 text-sm text-soft">
        Lochmoor calculates and records. Local law, makers’ instructions and licensed trades come first. Open fuel lines
        on a cold engine only, with no flame, hot lamp or heater near and an extinguisher within reach.
      </p>
    </SheetJudgement>
  )
}
