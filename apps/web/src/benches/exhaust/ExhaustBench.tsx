import {
  EXHAUST_STATION,
  exhaustWorking,
  EXHAUST_WORKINGS,
  type ExhaustAssessment,
  type ExhaustWorkingId,
} from '@lochmoor/core'
import { useState } from 'react'
import { makeBench } from '../bench/StationBench.tsx'
import { BanksSheet } from './banks/BanksSheet.tsx'
import { FittingSheet } from './fitting/FittingSheet.tsx'
import { HeatSheet } from './heat/HeatSheet.tsx'
import { OrderSheet } from './order/OrderSheet.tsx'
import { PipeSheet } from './pipe/PipeSheet.tsx'
import { ReadingSheet } from './reading/ReadingSheet.tsx'
import type { SensorView } from './sheetProps.ts'
import { SpotsSheet } from './spots/SpotsSheet.tsx'

const isWorking = (id: string): id is ExhaustWorkingId => (EXHAUST_WORKINGS as readonly string[]).includes(id)

const soundNext = (sensors: number) => (sensors === 0 ? 'Next: the engine top' : 'Next: print the template and drill')

/** The exhaust sensor station. */
export const ExhaustBench = makeBench<ExhaustAssessment, SensorView>({
  station: EXHAUST_STATION,
  screens: {
    '': PipeSheet,
    spots: SpotsSheet,
    heat: HeatSheet,
    reading: ReadingSheet,
    banks: BanksSheet,
    fitting: FittingSheet,
    order: OrderSheet,
  },
  useExtra: ({ assessment }) => {
    const [wanted, setSensor] = useState<0 | 1>(0)
    return { sensorIndex: assessment.c.sensorCount < 2 ? 0 : wanted, setSensor }
  },
  headline: ({ state, assumptions, c }) =>
    state === 'ok'
      ? {
          says: c.sensorCount === 0 ? 'No sensor, no closed loop: tune by the table' : 'Sensor position and fitting OK',
          ...(assumptions.length === 0 && { next: soundNext(c.sensorCount) }),
        }
      : {},
  working:
    (id, pointId, sensor) =>
    ({ c }) => {
      if (!isWorking(id)) return null
      const working = exhaustWorking(c, id, sensor, pointId)
      return { working, moment: working.moment }
    },
  noSteps: 'This figure needs a sensor position, and a clamp-on bung for the band.',
})
