import { pressureProfile, type WorkingId } from '@lochmoor/core'
import { useCallback, useMemo, useState } from 'react'
import { useCatalogue } from '../../store/catalogueStore.ts'
import { useJobStore } from '../../store/jobStore.ts'
import { Columns } from '../bench/Columns.tsx'
import { Headline } from './judgement/Headline.tsx'
import { Judgement } from './judgement/Judgement.tsx'
import { WorkingDialog, type AskedWorking } from './judgement/WorkingDialog.tsx'
import { FuelInputs } from './inputs/FuelInputs.tsx'
import { FigureTable } from './picture/FigureTable.tsx'
import { PointPicker } from './picture/PointPicker.tsx'
import { ProfileChart } from './picture/ProfileChart.tsx'
import { PumpChart } from './picture/PumpChart.tsx'
import { useFuelCommands } from './fuelCommands.ts'
import { pointOfView, viewOfPoint, type View } from './view.ts'
import { selectAssessment, selectSolved } from './selectors.ts'

/** The fuel station: what was measured, the picture, the judgement. */
export const FuelBench = () => {
  const job = useJobStore((s) => s.document)!
  const catalogue = useCatalogue((s) => s.catalogue)!
  const assessment = selectAssessment(job, catalogue)
  const { engine, verdicts } = assessment
  const [view, setView] = useState<View>(() => viewOfPoint(verdicts[0]?.pointId ?? 'idle'))
  const [asked, setAsked] = useState<AskedWorking | null>(null)
  const point = useMemo(() => pointOfView(engine, view), [engine, view])
  const solved = useMemo(() => selectSolved(job, engine, point), [job, engine, point])
  const pieces = useMemo(() => (solved ? pressureProfile(solved) : []), [solved])
  const ask = useCallback(
    (id: WorkingId, pointId: string) => setAsked({ id, point: pointOfView(engine, viewOfPoint(pointId)) }),
    [engine],
  )
  const showPoint = useCallback((pointId: string) => setView(viewOfPoint(pointId)), [])
  useFuelCommands({ assessment, view, setView, ask })

  return (
    <div className="flex min-h-0 flex-1 flex-col">
      <Headline verdicts={verdicts} assumed={assessment.assumptions.length} />
      <Columns
        measured={<FuelInputs job={job} catalogue={catalogue} />}
        picture={
          <>
            <PointPicker engine={engine} view={view} onView={setView} />
            <ProfileChart pieces={pieces} solved={solved} title={job.vehicle.title} point={point} />
            <div className="mt-3 grid grid-cols-1 items-start gap-4 xl:grid-cols-[minmax(0,1fr)_15.5rem]">
              <PumpChart solved={solved} />
              <FigureTable solved={solved} point={point} onWorking={(id) => setAsked({ id, point })} />
            </div>
          </>
        }
        judgement={<Judgement job={job} assessment={assessment} onPoint={showPoint} onWorking={ask} />}
      />
      {asked && <WorkingDialog job={job} engine={engine} asked={asked} onClose={() => setAsked(null)} />}
    </div>
  )
}
