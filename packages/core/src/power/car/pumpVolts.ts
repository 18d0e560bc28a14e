import { compileNetwork, solveMoments } from '../network/index.ts'
import type { LoadFigures } from '../network/networkResult.ts'
import { carNetwork } from './carNetwork.ts'
import type { CarSupply } from './carSupply.ts'
import { conditionMoment } from './conditions.ts'

/** Volts at the fuel pump's own terminals. */
export interface PumpVolts {
  /** Idle with everything on. */
  readonly lowV: number
  /** Full load by day. */
  readonly runningV: number
  /** The same with a regulator that is still cold. */
  readonly highV: number
}

const COLD_MORNING_K = 273.15
const NO_CRANK = { 'crank-warm': 0, 'crank-cold': 0 } as const

const MOST_KEPT = 64
/** By the supply as text: fuel designs are tried by the hundred on one and the same supply. */
const kept = new Map<string, PumpVolts>()

/** From the solved network of the car. */
export const pumpVolts = (supply: CarSupply): PumpVolts => {
  const key = JSON.stringify(supply)
  const known = kept.get(key)
  if (known) return known
  const { network } = carNetwork(supply)
  const full = conditionMoment(supply, network, 'full-load', NO_CRANK)
  const [low, running, high] = solveMoments(compileNetwork(network), [
    conditionMoment(supply, network, 'night-rain', NO_CRANK),
    full,
    { id: 'cold', changes: [...full.changes!, { id: 'generator', temperatureK: COLD_MORNING_K }] },
  ]).map((m) => (m.parts['pump'] as LoadFigures).voltageV)
  const found = { lowV: low!, runningV: running!, highV: high! }
  if (kept.size >= MOST_KEPT) kept.clear()
  kept.set(key, found)
  return found
}
