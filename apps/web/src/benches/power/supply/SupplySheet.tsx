import { Caution } from '../../bench/Caution.tsx'
import { Columns } from '../../bench/Columns.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import type { PowerSheetProps } from '../sheetProps.ts'
import { BatteryTable } from './BatteryTable.tsx'
import { GeneratorChart } from './GeneratorChart.tsx'
import { RefusedFirst } from './RefusedFirst.tsx'
import { StarterLegs } from './StarterLegs.tsx'
import { SupplyFields } from './SupplyFields.tsx'

/** Battery, generator, starter, straps and old wiring as found. */
export const SupplySheet = ({ job, assessment }: PowerSheetProps) => {
  const { c } = assessment
  return (
    <Columns
      measured={<SupplyFields job={job} />}
      picture={
        <>
          <Caution>
            Never disconnect the battery with the engine running: an old alternator can jump to 80 to 100 V. No sparks
            near a battery that has been on charge.
          </Caution>
          {c.refusedBy !== null ? (
            <RefusedFirst refusedBy={c.refusedBy} />
          ) : (
            <>
              <BatteryTable c={c} />
              <StarterLegs c={c} />
              <GeneratorChart c={c} />
            </>
          )}
        </>
      }
      judgement={<SheetJudgement sheet="" />}
    />
  )
}
