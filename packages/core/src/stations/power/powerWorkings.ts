import {
  batteryState,
  COPPER,
  REFERENCE_K,
  WARM_START_K,
  type ConditionId,
  CONDITIONS,
  CONDITION_WORDS,
} from '../../power/index.ts'
import type { WireRole } from '../../sections/index.ts'
import { collectWorking, type Trace, type Working } from '../../verdict/index.ts'
import { midSentence } from '../../words/index.ts'
import type { PowerCase } from './powerCase.ts'

export const POWER_WORKINGS = ['battery', 'starter-wires', 'ecu-wires', 'pump-wires'] as const
export type PowerWorkingId = (typeof POWER_WORKINGS)[number]

const TITLES: Readonly<Record<PowerWorkingId, string>> = {
  battery: 'Battery while cranking',
  'starter-wires': 'Voltage drop of the starter circuit',
  'ecu-wires': 'Voltage drop of ECU feed and earth',
  'pump-wires': 'Voltage drop of pump feed and earth',
}

/** The wires of each. */
const WIRES_OF: Readonly<Record<Exclude<PowerWorkingId, 'battery'>, readonly WireRole[]>> = {
  'starter-wires': ['starterCable', 'batteryEarth'],
  'ecu-wires': ['ecuFeed', 'ecuEarth'],
  'pump-wires': ['pumpFeed', 'pumpEarth'],
}

/** Resistance and drop of one wire, at the current that the network gave. */
export const traceWire = (c: PowerCase, role: WireRole, condition: ConditionId, trace: Trace): void => {
  const w = c.supply.wires[role]
  const f = c.solved.at[condition].parts[role] as
    { resistanceOhm?: number; currentA: number; dropV: number } | undefined
  if (!f || f.resistanceOhm === undefined || w.measuredOhm !== null) return
  trace.step({
    symbol: 'R',
    meaning: `resistance of the ${midSentence(c.labels[role]!)}, one way, with its terminals`,
    formula: 'r * l * (1 + a * (T - T0)) + Rj',
    inputs: {
      r: { value: w.ohmPerM, unit: 'Ω/m at 20 °C' },
      l: { value: w.lengthM, unit: 'm' },
      a: { value: COPPER.coefficientPerK, unit: '1/K' },
      T: { value: w.temperatureK, unit: 'K' },
      T0: { value: REFERENCE_K, unit: 'K' },
      Rj: { value: w.jointOhm, unit: 'Ω' },
    },
    result: f.resistanceOhm,
    unit: 'Ω',
    source: `${w.sizeWords}: typical, from memory of the standard; IEC 60028 for its temperature`,
  })
  trace.step({
    symbol: 'dU',
    meaning: 'voltage drop at the current that the network gives',
    formula: 'I * R',
    inputs: { I: { value: f.currentA, unit: 'A' }, R: { value: f.resistanceOhm, unit: 'Ω' } },
    result: f.dropV,
    unit: 'V',
    source: 'Ohm’s law',
  })
}

const isCondition = (id: string | null): id is ConditionId => (CONDITIONS as readonly (string | null)[]).includes(id)

/** How a figure came about, told by the code that computes it. */
export const powerWorking = (
  c: PowerCase,
  id: PowerWorkingId,
  conditionId: string | null,
): Working & { readonly moment: string } => {
  const condition: ConditionId = isCondition(conditionId) ? conditionId : 'crank-cold'
  const working = collectWorking(TITLES[id], (trace) => {
    if (id === 'battery') {
      const temperatureK = condition === 'crank-warm' ? WARM_START_K : c.supply.coldestK
      batteryState({ ...c.supply.battery, temperatureK }, trace)
    } else for (const role of WIRES_OF[id]) traceWire(c, role, condition, trace)
  })
  return { ...working, moment: CONDITION_WORDS[condition] }
}
