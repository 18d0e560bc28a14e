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
import { midSentence } from './midSentence.ts'
import type { PowerCase } from './powerCase.ts'

export const POWER_WORKINGS = ['battery', 'wire-drop'] as const
export type PowerWorkingId = (typeof POWER_WORKINGS)[number]

const TITLES: Readonly<Record<PowerWorkingId, string>> = {
  battery: 'Battery while cranking',
  'wire-drop': 'Voltage drop of a wire',
}

/** Wires that a verdict speaks of, where it speaks of any. */
const WIRES_OF: Readonly<Record<string, readonly WireRole[]>> = {
  'starter-circuit': ['starterCable', 'batteryEarth'],
  'pump-volts': ['pumpFeed', 'pumpEarth'],
  'ecu-feed': ['ecuFeed', 'ecuEarth'],
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
  verdictId: string,
  conditionId: string | null,
): Working & { readonly moment: string } => {
  const condition: ConditionId = isCondition(conditionId) ? conditionId : 'crank-cold'
  const working = collectWorking(TITLES[id], (trace) => {
    if (id === 'battery') {
      const temperatureK = condition === 'crank-warm' ? WARM_START_K : c.supply.coldestK
      batteryState({ ...c.supply.battery, temperatureK }, trace)
    } else for (const role of WIRES_OF[verdictId] ?? ['ecuFeed']) traceWire(c, role, condition, trace)
  })
  return { ...working, moment: CONDITION_WORDS[condition] }
}
