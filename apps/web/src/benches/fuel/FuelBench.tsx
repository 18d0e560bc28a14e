import { fuelWorking, type OperatingPoint, type WorkingId, stationOf } from '@lochmoor/core'
import { useCallback, useState, type ComponentType } from 'react'
import { useNavigate, useParams } from 'react-router'
import { NotFound } from '../../shell/Misses.tsx'
import { selectFuel } from '../../store/assessments.ts'
import { useCatalogue } from '../../store/catalogueStore.ts'
import { useJobStore } from '../../store/jobStore.ts'
import { ChooseSheet } from './choose/ChooseSheet.tsx'
import { useFuelCommands } from './fuelCommands.ts'
import { InjectorSheet } from './injectors/InjectorSheet.tsx'
import { Headline } from './judgement/Headline.tsx'
import { WorkingDialog } from '../bench/judgement/WorkingDialog.tsx'
import { LinesSheet } from './lines/LinesSheet.tsx'
import { LoopSheet } from './loop/LoopSheet.tsx'
import { OrderSheet } from './order/OrderSheet.tsx'
import { PressureSheet } from './pressure/PressureSheet.tsx'
import type { SheetProps } from './sheetProps.ts'
import { SheetTabs } from '../bench/SheetTabs.tsx'
import { SuctionSheet } from './suction/SuctionSheet.tsx'
import { TankSheet } from './tank/TankSheet.tsx'
import { pointOfView, viewOfPoint, type View } from './view.ts'

interface AskedWorking {
  readonly id: WorkingId
  readonly point: OperatingPoint
}

const STATION = stationOf('fuel')

/** A screen for each tab, by its address. */
export const FUEL_SCREENS: Readonly<Record<string, ComponentType<SheetProps>>> = {
  '': PressureSheet,
  choose: ChooseSheet,
  injectors: InjectorSheet,
  loop: LoopSheet,
  suction: SuctionSheet,
  lines: LinesSheet,
  tank: TankSheet,
  order: OrderSheet,
}

/** The fuel station: its headline, its sheets, and the working that is asked for. */
export const FuelBench = () => {
  const job = useJobStore((s) => s.document)!
  const catalogue = useCatalogue((s) => s.catalogue)!
  const { sheet = '' } = useParams()
  const navigate = useNavigate()
  const assessment = selectFuel(job, catalogue)
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
  const Screen = Object.hasOwn(FUEL_SCREENS, sheet) ? FUEL_SCREENS[sheet] : undefined
  if (!Screen) return <NotFound />
  return (
    <div className="flex min-h-0 flex-1 flex-col">
      <Headline verdicts={verdicts} assumed={assessment.assumptions.length} />
      <SheetTabs station={STATION} verdicts={verdicts} />
      <Screen {...{ job, catalogue, assessment, view, setView, showPoint, ask, askAt }} />
      {asked && (
        <WorkingDialog
          working={fuelWorking(job, engine, asked.point, asked.id)}
          moment={asked.point.label}
          nothing="At this moment this figure does not exist: nothing flows there, or the circuit is not complete or starved."
          onClose={() => setAsked(null)}
        />
      )}
    </div>
  )
}
