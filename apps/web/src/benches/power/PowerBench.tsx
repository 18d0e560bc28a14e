import {
  CONDITIONS,
  POWER_STATION,
  POWER_WORKINGS,
  powerWorking,
  type ConditionId,
  type PowerAssessment,
  type PowerWorkingId,
} from '@lochmoor/core'
import { useState } from 'react'
import { makeBench } from '../bench/StationBench.tsx'
import { ChargingSheet } from './charging/ChargingSheet.tsx'
import { ConditionsSheet } from './conditions/ConditionsSheet.tsx'
import { EarthsSheet } from './earths/EarthsSheet.tsx'
import { FeedsSheet } from './feeds/FeedsSheet.tsx'
import { NetworkSheet } from './network/NetworkSheet.tsx'
import { PowerOrderSheet } from './order/PowerOrderSheet.tsx'
import type { PowerView } from './sheetProps.ts'
import { SupplySheet } from './supply/SupplySheet.tsx'
import { WiresSheet } from './wires/WiresSheet.tsx'

const isWorking = (id: string): id is PowerWorkingId => (POWER_WORKINGS as readonly string[]).includes(id)
const isCondition = (id: string): id is ConditionId => (CONDITIONS as readonly string[]).includes(id)
const NONE: readonly string[] = []

/** The power station. */
export const PowerBench = makeBench<PowerAssessment, PowerView>({
  station: POWER_STATION,
  screens: {
    '': SupplySheet,
    network: NetworkSheet,
    conditions: ConditionsSheet,
    feeds: FeedsSheet,
    wires: WiresSheet,
    earths: EarthsSheet,
    charging: ChargingSheet,
    order: PowerOrderSheet,
  },
  useExtra: () => {
    const [condition, setCondition] = useState<ConditionId>('crank-cold')
    const [out, setOut] = useState<readonly string[]>(NONE)
    const [wire, setWire] = useState<string | null>(null)
    return { condition, setCondition, out, setOut, wire, setWire }
  },
  headline: ({ state, assumptions }) =>
    state === 'ok'
      ? { says: 'Every device has its volts', ...(assumptions.length === 0 && { next: 'Next: build it as drawn' }) }
      : {},
  working:
    (id, pointId) =>
    ({ c }) => {
      if (!isWorking(id)) return null
      const working = powerWorking(c, id, pointId)
      return { working, moment: working.moment }
    },
  noSteps: 'This wire was measured: its resistance is the drop over the current.',
  showPoint:
    ({ setCondition }) =>
    (id) => {
      if (isCondition(id)) setCondition(id)
    },
})
