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
        This tool computes and records. Local law, makers’ instructions and licensed trades come first. Fuel is opened
        on a cold engine, without flame, lamp or heater near, with an extinguisher in reach.
      </p>
    </SheetJudgement>
  )
}
