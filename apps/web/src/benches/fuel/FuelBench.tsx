import type { WorkingId } from '@lochmoor/core'
import { useCallback, useState, type ComponentType } from 'react'
import { useNavigate, useParams } from 'react-router'
import { NotFound } from '../../shell/Misses.tsx'
import { useCatalogue } from '../../store/catalogueStore.ts'
import { useJobStore } from '../../store/jobStore.ts'
import { ChooseSheet } from './choose/ChooseSheet.tsx'
import { useFuelCommands } from './fuelCommands.ts'
import { InjectorSheet } from './injectors/InjectorSheet.tsx'
import { Headline } from './judgement/Headline.tsx'
import { WorkingDialog, type AskedWorking } from './judgement/WorkingDialog.tsx'
import { LinesSheet } from './lines/LinesSheet.tsx'
import { LoopSheet } from './loop/LoopSheet.tsx'
import { OrderSheet } from './order/OrderSheet.tsx'
import { PressureSheet } from './pressure/PressureSheet.tsx'
import { selectAssessment } from './selectors.ts'
import type { SheetProps } from './sheetProps.ts'
import type { SheetPath } from './sheets.ts'
import { SheetTabs } from './SheetTabs.tsx'
import { SuctionSheet } from './suction/SuctionSheet.tsx'
import { TankSheet } from './tank/TankSheet.tsx'
import { pointOfView, viewOfPoint, type View } from './view.ts'

const SCREENS: Readonly<Record<SheetPath, ComponentType<SheetProps>>> = {
  '': PressureSheet,
  choose: ChooseSheet,
  injectors: InjectorSheet,
  loop: LoopSheet,
  suction: SuctionSheet,
  lines: LinesSheet,
  tank: TankSheet,
  order: OrderSheet,
}
const isSheet = (path: string): path is SheetPath => Object.hasOwn(SCREENS, path)

/** The fuel station: its headline, its sheets, and the working that is asked for. */
export const FuelBench = () => {
  const job = useJobStore((s) => s.document)!
  const catalogue = useCatalogue((s) => s.catalogue)!
  const { sheet = '' } = useParams()
  const navigate = useNavigate()
  const assessment = selectAssessment(job, catalogue)
  const { engine, verdicts } = assessment
  const [view, setView] = useState<View>(() => viewOfPoint(verdicts[0]?.pointId ?? 'idle'))
  const [asked, setAsked] = useState<AskedWorking | null>(null)
  const ask = useCallback(
    (id: WorkingId, pointId: string) => setAsked({ id, point: pointOfView(engine, viewOfPoint(pointId)) }),
    [engine],
  )
  const askAt = useCallback<SheetProps['askAt']>((id, point) => setAsked({ id, point }), [])
  const showPoint = useCallback(
    (pointId: string) => {
      setView(viewOfPoint(pointId))
      if (sheet !== '') void navigate('../fuel')
    },
    [sheet, navigate],
  )
  useFuelCommands({ assessment, view, setView, ask, navigate })
  if (!isSheet(sheet)) return <NotFound />
  const Screen = SCREENS[sheet]
  return (
    <div className="flex min-h-0 flex-1 flex-col">
      <Headline verdicts={verdicts} assumed={assessment.assumptions.length} />
      <SheetTabs verdicts={verdicts} />
      <Screen {...{ job, catalogue, assessment, view, setView, showPoint, ask, askAt }} />
      {asked && <WorkingDialog job={job} engine={engine} asked={asked} onClose={() => setAsked(null)} />}
    </div>
  )
}
