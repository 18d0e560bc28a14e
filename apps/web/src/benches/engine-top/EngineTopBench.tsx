import {
  ENGINE_TOP_STATION,
  ENGINE_TOP_WORKINGS,
  engineTopWorking,
  type EngineTopAssessment,
  type EngineTopWorkingId,
} from '@lochmoor/core'
import { useState } from 'react'
import { laterPart } from '../../shell/later.tsx'
import { makeBench } from '../bench/StationBench.tsx'
import { BoltsSheet } from './bolts/BoltsSheet.tsx'
import { IgnitionSheet } from './ignition/IgnitionSheet.tsx'
import { SensorsSheet } from './sensors/SensorsSheet.tsx'
import type { EngineTopView } from './sheetProps.ts'
import { StackSheet } from './stack/StackSheet.tsx'
import { ThrottleSheet } from './throttle/ThrottleSheet.tsx'
import { VacuumSheet } from './vacuum/VacuumSheet.tsx'

const isWorking = (id: string): id is EngineTopWorkingId => (ENGINE_TOP_WORKINGS as readonly string[]).includes(id)

/** Fetched when it is opened. */
const OrderSheet = laterPart(() => import('./order/laterOrder.ts'))

/** The engine top station. */
export const EngineTopBench = makeBench<EngineTopAssessment, EngineTopView>({
  station: ENGINE_TOP_STATION,
  screens: {
    '': StackSheet,
    bolts: BoltsSheet,
    throttle: ThrottleSheet,
    vacuum: VacuumSheet,
    sensors: SensorsSheet,
    ignition: IgnitionSheet,
    order: OrderSheet,
  },
  useExtra: () => {
    const [group, setGroup] = useState(0)
    return { group, setGroup }
  },
  headline: () => ({}),
  working: (id, _point, index) => (assessment) => {
    if (!isWorking(id)) return null
    const { bolts, sensors } = assessment.c
    const group =
      id === 'engagement' || id === 'bolt-torque'
        ? bolts[index]?.group.name
        : id === 'tapping-drill'
          ? sensors.holes[index]?.hole.name
          : id === 'thermistor'
            ? sensors.thermistors[index]?.entry.name
            : undefined
    return { working: engineTopWorking(assessment.c, id, index), moment: group ?? 'the car as entered' }
  },
  noSteps: 'There is no figure before what it is made of is measured.',
})
