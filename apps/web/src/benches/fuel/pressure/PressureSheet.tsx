import { designOf, fuelWorking, pressureProfile } from '@lochmoor/core'
import { useMemo } from 'react'
import { Columns } from '../../bench/Columns.tsx'
import { FuelInputs } from '../inputs/FuelInputs.tsx'
import { Judgement } from '../judgement/Judgement.tsx'
import { FigureTable } from '../picture/FigureTable.tsx'
import { PointPicker } from '../picture/PointPicker.tsx'
import { ProfileChart } from '../picture/ProfileChart.tsx'
import { PumpChart } from '../picture/PumpChart.tsx'
import { selectSolved } from '../selectors.ts'
import type { SheetProps } from '../sheetProps.ts'
import { pointOfView } from '../view.ts'
import { Moments } from './Moments.tsx'
import { Probability } from './Probability.tsx'

/** What was measured, the circuit at a moment and over all of them, the judgement. */
export const PressureSheet = ({ job, catalogue, assessment, view, setView, showPoint, open }: SheetProps) => {
  const { engine } = assessment
  const point = useMemo(() => pointOfView(engine, view), [engine, view])
  const solved = useMemo(() => selectSolved(job, point), [job, point])
  const pieces = useMemo(() => (solved ? pressureProfile(solved) : []), [solved])
  return (
    <Columns
      measured={<FuelInputs job={job} catalogue={catalogue} />}
      picture={
        <>
          <PointPicker engine={engine} view={view} onView={setView} />
          <ProfileChart pieces={pieces} solved={solved} title={job.vehicle.title} point={point} />
          <div className="mt-3 grid grid-cols-1 items-start gap-4 xl:grid-cols-[minmax(0,1fr)_15.5rem]">
            <PumpChart solved={solved} />
            <FigureTable
              solved={solved}
              point={point}
              onWorking={(id) =>
                open((a, now) => ({ working: fuelWorking(designOf(now), a.engine, point, id), moment: point.label }))
              }
            />
          </div>
          <Moments assessment={assessment} shownId={point.id} onPoint={showPoint} />
          <Probability job={job} solved={assessment.solved} />
        </>
      }
      judgement={<Judgement job={job} />}
    />
  )
}
