import { designOf, FUEL_STATION, fuelWorking, WORKING_IDS, type FuelAssessment, type WorkingId } from '@lochmoor/core'
import { useCallback, useState } from 'react'
import { useNavigate, useParams } from 'react-router'
import { makeBench } from '../bench/StationBench.tsx'
import { ChooseSheet } from './choose/ChooseSheet.tsx'
import { fuelCommands } from './fuelCommands.ts'
import { InjectorSheet } from './injectors/InjectorSheet.tsx'
import { LinesSheet } from './lines/LinesSheet.tsx'
import { LoopSheet } from './loop/LoopSheet.tsx'
import { laterPart } from '../../shell/later.tsx'
import { PressureSheet } from './pressure/PressureSheet.tsx'
import type { FuelView } from './sheetProps.ts'
import { SuctionSheet } from './suction/SuctionSheet.tsx'
import { TankSheet } from './tank/TankSheet.tsx'
import { pointOfView, viewOfPoint, type View } from './view.ts'

const isWorking = (id: string): id is WorkingId => (WORKING_IDS as readonly string[]).includes(id)

/** Fetched when it is opened. */
const OrderSheet = laterPart(() => import('./order/laterOrder.ts'))

/** The fuel station. */
export const FuelBench = makeBench<FuelAssessment, FuelView>({
  station: FUEL_STATION,
  screens: {
    '': PressureSheet,
    choose: ChooseSheet,
    injectors: InjectorSheet,
    loop: LoopSheet,
    suction: SuctionSheet,
    lines: LinesSheet,
    tank: TankSheet,
    order: OrderSheet,
  },
  useExtra: ({ assessment }) => {
    const { sheet = '' } = useParams()
    const navigate = useNavigate()
    const [view, setView] = useState<View>(() => viewOfPoint(assessment.verdicts[0]?.pointId ?? 'idle'))
    const showPoint = useCallback(
      (pointId: string) => {
        setView(viewOfPoint(pointId))
        if (sheet !== '') void navigate('../fuel')
      },
      [sheet, navigate],
    )
    return { view, setView, showPoint }
  },
  headline: ({ state, assumptions }) =>
    state === 'ok'
      ? {
          says: 'Rail pressure OK from idle to full load',
          ...(assumptions.length === 0 && { next: 'Next: order the parts' }),
        }
      : {},
  working: (id, pointId) => (assessment, job) => {
    if (!isWorking(id)) return null
    const point = pointOfView(assessment.engine, viewOfPoint(pointId ?? 'idle'))
    return { working: fuelWorking(designOf(job), assessment.engine, point, id), moment: point.label }
  },
  noSteps: 'No such figure in this condition: nothing flows there, or the circuit is incomplete or starved.',
  commands: fuelCommands,
  showPoint: ({ showPoint }) => showPoint,
})
