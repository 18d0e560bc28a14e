import type { CrankRig } from '../starter/crankTrace.ts'
import { DEVICES } from './carNetwork.ts'
import { batteryState } from '../battery/batteryModel.ts'
import { conditionMoment, WARM_START_K } from './conditions.ts'
import { engineAt, type SolvedCar } from './solveCar.ts'

/** Devices whose volts are followed while cranking. */
export const FOLLOWED = ['ecu', 'keyed', 'pump', 'ignition'] as const

/** A car of which the key-on condition is solved. */
export interface Primed extends Pick<SolvedCar, 'supply' | 'car'> {
  readonly at: Pick<SolvedCar['at'], 'prime'>
}

const STANDING = { 'crank-warm': 0, 'crank-cold': 0 } as const

/** A start of the car as a trace takes it: relays as they stood with the key on. */
export const crankRigOf = (c: Primed, which: 'crank-warm' | 'crank-cold'): CrankRig => {
  const { supply: s, car } = c
  const { network } = car
  const there = (id: string): boolean => (network.loads ?? []).some((l) => l.id === id)
  const relays = (network.relays ?? []).map((r) => r.id)
  const primed = c.at.prime.parts
  const { openCircuitV, resistanceOhm } = batteryState({
    ...s.battery,
    temperatureK: which === 'crank-warm' ? WARM_START_K : s.coldestK,
  })
  return {
    network,
    moment: conditionMoment(s, network, which, STANDING),
    energised: new Map(relays.map((id) => [id, (primed[id] as { energised: boolean }).energised])),
    batteryId: 'battery',
    battery: { openCircuitV, resistanceOhm },
    starterId: 'starter',
    starter: s.starter,
    engine: engineAt(s, which),
    ecu: there('ecu') ? { loadId: 'ecu', keyedId: there('keyed') ? 'keyed' : null, ...s.ecu } : null,
    drivenByEcu: ['ecu-drives-pump', 'ecu-drives-fan'].filter((id) =>
      (network.contacts ?? []).some((k) => k.id === id),
    ),
    watch: FOLLOWED.filter((id) => DEVICES.includes(id) && there(id)),
    relays,
  }
}
