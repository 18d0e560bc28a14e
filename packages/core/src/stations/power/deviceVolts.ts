import {
  CONDITIONS,
  type CarSupply,
  type ConditionId,
  type DeviceId,
  type LoadFigures,
  type SolvedCar,
} from '../../power/index.ts'

/** What a device is called, in a list and in a sentence. */
export const DEVICE_WORDS: Readonly<Record<DeviceId, string>> = {
  ecu: 'ECU',
  keyed: 'ECU keyed input',
  pump: 'Fuel pump',
  injectors: 'Injectors',
  ignition: 'Ignition coil',
  heater: 'Oxygen sensor heater',
  fan: 'Radiator fan',
  headlamps: 'Headlamps',
  'side-lamps': 'Side and panel lamps',
  blower: 'Heater blower',
  wipers: 'Wipers',
  gauges: 'Added gauges',
  starter: 'Starter',
  solenoid: 'Starter solenoid',
}

/** Conditions in which a device must work. */
export const WORKS_IN: Readonly<Record<DeviceId, readonly ConditionId[]>> = {
  ecu: ['prime', 'crank-warm', 'crank-cold', 'release', 'idle', 'fan-inrush', 'full-load', 'night-rain'],
  keyed: ['prime', 'crank-warm', 'crank-cold', 'release', 'idle', 'fan-inrush', 'full-load', 'night-rain'],
  pump: ['prime', 'crank-warm', 'crank-cold', 'release', 'idle', 'fan-inrush', 'full-load', 'night-rain'],
  injectors: ['crank-warm', 'crank-cold', 'release', 'idle', 'fan-inrush', 'full-load', 'night-rain'],
  ignition: ['crank-warm', 'crank-cold', 'release', 'idle', 'fan-inrush', 'full-load', 'night-rain'],
  heater: ['idle', 'fan-inrush', 'full-load', 'night-rain'],
  fan: ['night-rain'],
  headlamps: ['night-rain'],
  'side-lamps': ['night-rain'],
  blower: ['night-rain'],
  wipers: ['night-rain'],
  gauges: ['idle', 'full-load', 'night-rain'],
  starter: ['crank-warm', 'crank-cold'],
  solenoid: ['crank-warm', 'crank-cold'],
}

/** The same for a design: a pump cut by oil pressure does not prime. */
export const worksIn = ({ design }: Pick<CarSupply, 'design'>, device: DeviceId): readonly ConditionId[] =>
  device === 'pump' && design.pumpCut === 'oil-pressure' && design.relays === 'separate'
    ? WORKS_IN.pump.filter((id) => id !== 'prime')
    : WORKS_IN[device]

export const loadAt = (c: SolvedCar, condition: ConditionId, device: string): LoadFigures | null =>
  (c.at[condition].parts[device] as LoadFigures | undefined) ?? null

/** A device at one condition. */
export interface DeviceVolts {
  readonly condition: ConditionId
  readonly volts: number
  readonly liftV: number | null
  readonly amps: number
}

/** A device in every condition in which it must work. */
export const voltsOfDevice = (c: SolvedCar, device: DeviceId): DeviceVolts[] =>
  CONDITIONS.filter((id) => worksIn(c.supply, device).includes(id)).flatMap((condition) => {
    const f = loadAt(c, condition, device)
    return f ? [{ condition, volts: f.voltageV, liftV: f.liftV, amps: f.currentA }] : []
  })
