import { exhaustWorking, EXHAUST_WORKINGS, type ExhaustWorkingId, stationOf } from '@lochmoor/core'
import { useCallback, useState, type ComponentType } from 'react'
import { useNavigate, useParams } from 'react-router'
import { NotFound } from '../../shell/Misses.tsx'
import { selectExhaust } from '../../store/assessments.ts'
import { useCatalogue } from '../../store/catalogueStore.ts'
import { useJobStore } from '../../store/jobStore.ts'
import { WorkingDialog } from '../bench/judgement/WorkingDialog.tsx'
import { SheetTabs } from '../bench/SheetTabs.tsx'
import { BanksSheet } from './banks/BanksSheet.tsx'
import { useExhaustCommands } from './exhaustCommands.ts'
import { FittingSheet } from './fitting/FittingSheet.tsx'
import { HeatSheet } from './heat/HeatSheet.tsx'
import { Headline } from './judgement/Headline.tsx'
import { OrderSheet } from './order/OrderSheet.tsx'
import { PipeSheet } from './pipe/PipeSheet.tsx'
import { ReadingSheet } from './reading/ReadingSheet.tsx'
import type { SheetProps } from './sheetProps.ts'
import { SpotsSheet } from './spots/SpotsSheet.tsx'

const STATION = stationOf('exhaust')

/** A screen for each tab, by its address. */
export const EXHAUST_SCREENS: Readonly<Record<string, ComponentType<SheetProps>>> = {
  '': PipeSheet,
  spots: SpotsSheet,
  heat: HeatSheet,
  reading: ReadingSheet,
  banks: BanksSheet,
  fitting: FittingSheet,
  order: OrderSheet,
}
const isWorking = (id: string): id is ExhaustWorkingId => (EXHAUST_WORKINGS as readonly string[]).includes(id)

interface Asked {
  readonly id: ExhaustWorkingId
  readonly sensorIndex: number
  readonly momentId: string | null
}

/** The exhaust sensor station: its headline, its sheets, and the working that is asked for. */
export const ExhaustBench = () => {
  const job = useJobStore((s) => s.document)!
  const catalogue = useCatalogue((s) => s.catalogue)!
  const { sheet = '' } = useParams()
  const navigate = useNavigate()
  const assessment = selectExhaust(job, catalogue)
  const { c, verdicts } = assessment
  const [asked, setAsked] = useState<Asked | null>(null)
  const [wanted, setSensor] = useState<0 | 1>(0)
  const sensorIndex = c.sensorCount < 2 ? 0 : wanted
  const ask = useCallback<SheetProps['ask']>(
    (id, index, momentId) => {
      if (isWorking(id)) setAsked({ id, sensorIndex: index, momentId })
    },
    [setAsked],
  )
  useExhaustCommands({ assessment, ask, navigate })
  const Screen = Object.hasOwn(EXHAUST_SCREENS, sheet) ? EXHAUST_SCREENS[sheet] : undefined
  if (!Screen) return <NotFound />
  const working = asked && exhaustWorking(c, asked.id, asked.sensorIndex, asked.momentId)
  return (
    <div className="flex min-h-0 flex-1 flex-col">
      <Headline verdicts={verdicts} assumed={assessment.assumptions.length} sensors={c.sensorCount} />
      <SheetTabs station={STATION} verdicts={verdicts} />
      <Screen {...{ job, catalogue, assessment, sensorIndex, setSensor, ask }} />
      {working && (
        <WorkingDialog
          working={working}
          moment={working.moment}
          nothing="This figure needs a sensor with a spot, and for the band a clamp."
          onClose={() => setAsked(null)}
        />
      )}
    </div>
  )
}
