import { batteryState } from '../battery/batteryModel.ts'
import type { NetworkCase, NetworkMoment, PartChange } from '../network/index.ts'
import { starterShare } from '../starter/crankTrace.ts'
import { dutyOf } from './carNetwork.ts'
import type { CarSupply } from './carSupply.ts'

/** Operating conditions in which every device has its volts. */
export const CONDITIONS = [
  'prime',
  'crank-warm',
  'crank-cold',
  'release',
  'idle',
  'fan-inrush',
  'full-load',
  'night-rain',
  'key-off',
] as const
export type ConditionId = (typeof CONDITIONS)[number]

export const CONDITION_WORDS: Readonly<Record<ConditionId, string>> = {
  prime: 'Key on, priming',
  'crank-warm': 'Cranking, warm',
  'crank-cold': 'Cranking, cold',
  release: 'Key let go, engine firing',
  idle: 'Idle',
  'fan-inrush': 'Idle, fan starts',
  'full-load': 'Full load',
  'night-rain': 'Idle, night in rain',
  'key-off': 'Key off',
}

/** Warm start, a mild day, a hot bay: K. */
export const WARM_START_K = 298.15
const COLD_REGULATOR_K = 283.15

/** Battery of a supply at a temperature, as a change of the network. */
export const batteryAt = (s: CarSupply, temperatureK: number): PartChange => ({
  id: 'battery',
  ...batteryState({ ...s.battery, temperatureK }),
})

/** How the engine runs, for a moment of the network. */
export interface Running {
  readonly engineRpm: number
  readonly regulatorK: number
  readonly duty: number
}
export const partsOn = (...ids: readonly string[]): PartChange[] => ids.map((id) => ({ id, on: true }))
export const partsClosed = (...ids: readonly string[]): PartChange[] => ids.map((id) => ({ id, closed: true }))
const [on, closed] = [partsOn, partsClosed]

/** Key on, engine turning by itself, generator charging. */
export const runningChanges = (s: CarSupply, { engineRpm, regulatorK, duty }: Running): PartChange[] => [
  ...closed('key-run', 'ecu-drives-pump', 'key-acc', 'oil-switch', 'field-fed'),
  ...on('ecu', 'ignition'),
  { id: 'generator', speedRpm: Math.min(30_000, engineRpm * s.generator.pulleyRatio), temperatureK: regulatorK },
  { id: 'injectors', on: true, duty },
]
export const FAN_ON: readonly PartChange[] = closed('ecu-drives-fan', 'fan-switch')
export const NIGHT_ON: readonly PartChange[] = [
  ...closed('light-switch'),
  ...on('headlamps', 'side-lamps', 'blower', 'wipers'),
]
export const HOT_REGULATOR_K = 343.15

/** Changes of parts that a network has; a design leaves some out. */
export const changesWithin = (network: NetworkCase, changes: readonly PartChange[]): PartChange[] => {
  const there = new Set(
    [network.wires, network.contacts, network.sources, network.loads, network.relays].flatMap((list) =>
      (list ?? []).map((p) => p.id),
    ),
  )
  return changes.filter((c) => there.has(c.id))
}

/**
 * Changes that make a condition of a network; parts that a design has not are left out.
 * @param crankRadS speed of the crank while cranking, by warm and cold start
 */
export const conditionMoment = (
  s: CarSupply,
  network: NetworkCase,
  id: ConditionId,
  crankRadS: Readonly<Record<'crank-warm' | 'crank-cold', number>>,
): NetworkMoment => {
  const engineOn = [...closed('key-run', 'ecu-drives-pump'), ...on('ecu', 'ignition')]
  const acc = closed('key-acc')
  const run = (running: Running): PartChange[] => runningChanges(s, running)
  const idle: Running = { engineRpm: s.speeds.idleRpm, regulatorK: HOT_REGULATOR_K, duty: dutyOf('idle') }
  const crank = (which: 'crank-warm' | 'crank-cold'): PartChange[] => [
    ...engineOn,
    ...closed('key-start'),
    ...on('solenoid', 'field'),
    { id: 'injectors', on: true, duty: dutyOf('idle') },
    { id: 'starter', on: true, speed: Math.min(2, starterShare(s.starter, crankRadS[which])) },
    batteryAt(s, which === 'crank-warm' ? WARM_START_K : s.coldestK),
  ]
  const changes = ((): PartChange[] => {
    switch (id) {
      case 'prime':
        return [...engineOn, ...acc, ...on('field')]
      case 'crank-warm':
      case 'crank-cold':
        return crank(id)
      case 'release':
        // The engine fires, the generator gives nothing yet.
        return [
          ...engineOn,
          ...acc,
          ...closed('oil-switch'),
          ...on('field'),
          { id: 'injectors', on: true, duty: dutyOf('idle') },
        ]
      case 'idle':
        return run({ ...idle, regulatorK: COLD_REGULATOR_K })
      case 'fan-inrush':
        return [...run(idle), ...FAN_ON, { id: 'fan', speed: 0 }]
      case 'full-load':
        return run({ engineRpm: s.speeds.fullRpm, regulatorK: HOT_REGULATOR_K, duty: dutyOf('full') })
      case 'night-rain':
        return [...run(idle), ...FAN_ON, ...NIGHT_ON]
      case 'key-off':
        return []
    }
  })()
  return { id, changes: changesWithin(network, changes) }
}
