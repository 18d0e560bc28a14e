import {
  CONDITION_WORDS,
  NODE,
  sensorError,
  SENSORS,
  type ConditionId,
  type SensorId,
  type SolvedCar,
} from '../../power/index.ts'
import type { PowerSection, SensorReturn } from '../../sections/index.ts'
import { fig, plain, say, type Figure } from '../../verdict/index.ts'
import type { PowerCase, PowerVerdict } from './powerCase.ts'

export const SENSOR_WORDS: Readonly<Record<SensorId, string>> = {
  coolant: 'Coolant temperature',
  air: 'Intake air temperature',
  manifold: 'Manifold pressure',
  throttle: 'Throttle position',
  oxygen: 'Oxygen sensor',
}
/** Conditions in which a reading steers the engine. */
export const SENSED_IN = ['crank-cold', 'idle', 'fan-inrush', 'night-rain', 'full-load'] as const satisfies readonly ConditionId[] // prettier-ignore

const RETURN_NODE: Readonly<Record<Exclude<SensorReturn, 'ecu' | 'reference'>, string>> = {
  block: NODE.block,
  head: NODE.head,
  body: NODE.bodyFront,
  battery: NODE.earth,
}
/** 1 % of a 5 V sensor running, twice that cranking. Proposed, typical. */
export const SENSED_LIMIT_V = (condition: ConditionId): number => (condition === 'crank-cold' ? 0.1 : 0.05)

/** Potential of a sensor's return above the ECU's sensor earth, signed, V. One returned to the ECU has none, whatever lifts. */
export const returnLiftV = (solved: SolvedCar, returns: SensorReturn, condition: ConditionId): number => {
  if (returns === 'ecu' || returns === 'reference') return 0
  const { nodesV } = solved.at[condition]
  return (nodesV[RETURN_NODE[returns]] ?? 0) - (nodesV[NODE.ecuEarth] ?? 0)
}

/** An error in the unit that its reader knows. */
export const errorFigure = (sensor: SensorId, error: number): Figure => {
  switch (sensor) {
    case 'coolant':
    case 'air':
      return fig(error, 'warming', 1)
    case 'manifold':
      return fig(error, 'pressure', 1)
    case 'throttle':
      return fig(error, 'share', 1)
    case 'oxygen':
      return fig(error, 'lambda', 3)
  }
}

export interface SensedError {
  readonly sensor: SensorId
  readonly returns: SensorReturn
  readonly at: readonly { readonly condition: ConditionId; readonly liftV: number; readonly error: number | null }[]
}

/** What each sensor reads wrongly in each condition, by where its return goes. */
export const sensedErrors = (solved: SolvedCar, returns: PowerSection['sensors']): SensedError[] =>
  SENSORS.map((sensor) => ({
    sensor,
    returns: returns[sensor],
    at: SENSED_IN.map((condition) => {
      const liftV = returnLiftV(solved, returns[sensor], condition)
      return { condition, liftV, error: returns[sensor] === 'reference' ? null : sensorError(sensor, liftV) }
    }),
  }))

/** Do all sensors return to the ECU, and what does one read that does not? */
export const judgeSensorEarth = (c: PowerCase): PowerVerdict => {
  const all = sensedErrors(c.solved, c.power.sensors)
  const base = { ...plain, id: 'sensor-earth', source: 'solved network; sensors: typical; 50 mV running, 100 mV cranking: proposed' } // prettier-ignore
  const wrong = all.find((s) => s.returns === 'reference')
  if (wrong)
    return {
      ...base,
      title: `${SENSOR_WORDS[wrong.sensor]} returned to 5 V`,
      state: 'stop',
      next: say`Return it to the ECU’s sensor earth`,
      reason: say`Both ends of the thermistor are then at 5 V: it reads the end of its range, whatever the drawing shows.`,
    }
  const off = all.filter((s) => s.returns !== 'ecu')
  if (off.length === 0)
    return {
      ...base,
      title: 'Sensors returned to the ECU',
      state: 'ok',
      reason: say`Their return rides with the ECU’s own sensor earth: a lifted power earth shifts none of them. Pick-up shields earthed at the ECU’s end only.`,
    }
  const [worst] = off
    .flatMap((s) => s.at.map((a) => ({ ...s, ...a, over: Math.abs(a.liftV) / SENSED_LIMIT_V(a.condition) })))
    .sort((a, b) => b.over - a.over)
  const { condition, error, liftV, over, sensor, returns } = worst!

  return {
    ...base,
    title: `${SENSOR_WORDS[sensor]} returned to ${RETURN_WORDS[returns]}`,
    state: over > 1 ? 'stop' : 'caution',
    figureName: `return ${liftV < 0 ? 'below' : 'above'} the ECU’s sensor earth`,
    figure: fig(Math.abs(liftV), 'voltage', 3),
    limitName: 'at most, either way',
    limit: fig(SENSED_LIMIT_V(condition), 'voltage', 3),
    margin: fig(SENSED_LIMIT_V(condition) - Math.abs(liftV), 'voltage', 3),
    next: say`Return every sensor to the ECU’s sensor earth, and to nothing else`,
    reason:
      error === null
        ? say`${CONDITION_WORDS[condition]}: outside what the ECU can read.`
        : say`${CONDITION_WORDS[condition]}: it reads ${errorFigure(sensor, Math.abs(error))} too ${error < 0 ? 'low' : 'high'}, and shifts with every load that is switched.`,
    pointId: condition,
  }
}
const RETURN_WORDS: Readonly<Record<SensorReturn, string>> = {
  ecu: 'the ECU',
  block: 'the engine block',
  head: 'the cylinder head',
  body: 'the body',
  battery: 'the battery terminal',
  reference: '5 V',
}
