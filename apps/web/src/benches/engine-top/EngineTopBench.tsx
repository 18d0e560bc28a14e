import {
  ENGINE_TOP_STATION,
  ENGINE_TOP_WORKINGS,
  engineTopWorking,
  type EngineTopAssessment,
  type EngineTopWorkingId,
} from '@lochmoor/core'
import { useState } from 'react'
import { makeBench } from '../bench/StationBench.tsx'
import { BoltsSheet } from './bolts/BoltsSheet.tsx'
import type { EngineTopView } from './sheetProps.ts'
import { StackSheet } from './stack/StackSheet.tsx'
import { ThrottleSheet } from './throttle/ThrottleSheet.tsx'

const isWorking = (id: string): id is EngineTopWorkingId => (ENGINE_TOP_WORKINGS as readonly string[]).includes(id)

/** The engine top station. */
export const EngineTopBench = makeBench<EngineTopAssessment, EngineTopView>({
  station: ENGINE_TOP_STATION,
  screens: { '': StackSheet, bolts: BoltsSheet, throttle: ThrottleSheet },
  useExtra: () => {
    const [group, setGroup] = useState(0)
    return { group, setGroup }
  },
  headline: () => ({}),
  working: (id, _point, index) => (assessment) => {
    if (!isWorking(id)) return null
    const group = id === 'engagement' || id === 'bolt-torque' ? assessment.c.bolts[index]?.group.name : undefined
    return { working: engineTopWorking(assessment.c, id, index), moment: group ?? 'the car as entered' }
  },
  noSteps: 'There is no figure before what it is made of is measured.',
})
