import type { ControllerPart } from '@lochmoor/core'

/** Pins of invented connectors: A has what is heavy, B the sensors, C what the larger ones add. */
const pinout = (c: Omit<ControllerPart, 'pinout' | 'connectors'>): readonly [pinout: string, connectors: string] => {
  const upTo = (n: number, what: string): string[] => Array.from({ length: n }, (_, i) => `${what}-${i + 1}`)
  const sides = c.oxygenSensors === 2 ? ['a', 'b'] : ['a']
  const heavy = [
    'battery-feed',
    'power-earth',
    'keyed-feed',
    ...upTo(c.injectorDrivers, 'injector'),
    ...upTo(c.ignitionOutputs, 'coil'),
    'pump-relay',
    ...(c.switchedOutputs > 2 ? ['fan-relay'] : []),
    'lamp',
    ...(c.idleValve ? upTo(4, 'idle') : []),
    ...sides.map((s) => `heater-${s}`),
    ...(c.tachOutput ? ['tachometer'] : []),
    ...(c.switchedOutputs > 3 ? ['fan-relay-2', 'lock-up', 'speedometer'] : []),
  ]
  const light = [
    'sensor-supply',
    'sensor-earth',
    'coolant',
    'air',
    'manifold',
    'throttle',
    'crank',
    'crank-return',
    ...(c.triggerInputs > 1 ? ['cam', 'cam-return'] : []),
    ...sides.flatMap((s) => [`oxygen-${s}`, `oxygen-${s}-return`]),
    'bus-high',
    'bus-low',
    ...(c.analogueInputs > 4 ? ['road-speed'] : []),
    ...['brake', 'cooling-request'].slice(0, Math.max(0, (c.digitalInputs ?? 0) - 1)),
    ...['oil-pressure', 'ambient-pressure'].slice(0, Math.max(0, c.analogueInputs - 4)),
    ...(c.knockInput === true ? ['knock', 'knock-return'] : []),
  ]
  const more = c.gearbox ? upTo(4, 'shift') : []
  const plug = (letter: string, list: readonly string[]): string[] => list.map((does, i) => `${letter}${i + 1} ${does}`)
  const connectors = [`A ${heavy.length}`, `B ${light.length}`, ...(more.length > 0 ? [`C ${more.length}`] : [])].join(
    '; ',
  )
  return [[...plug('A', heavy), ...plug('B', light), ...plug('C', more)].join('; '), connectors]
}

const controller = (
  id: string,
  name: string,
  priceClass: number,
  [injectorDrivers, ignitionOutputs, switchedOutputs, triggerInputs, analogueInputs, oxygenSensors]: readonly [
    number,
    number,
    number,
    number,
    number,
    number,
  ],
  has: Partial<
    Pick<
      ControllerPart,
      | 'idleValve'
      | 'tachOutput'
      | 'sequential'
      | 'gearbox'
      | 'leastV'
      | 'rideThroughS'
      | 'digitalInputs'
      | 'knockInput'
      | 'revision'
      | 'pumpSwitch'
      | 'marketSwitch'
    >
  > = {},
): ControllerPart => {
  const part = {
    id,
    name,
    priceClass,
    injectorDrivers,
    ignitionOutputs,
    switchedOutputs,
    triggerInputs,
    analogueInputs,
    oxygenSensors,
    idleValve: has.idleValve ?? true,
    tachOutput: has.tachOutput ?? true,
    sequential: has.sequential ?? false,
    gearbox: has.gearbox ?? false,
    leastV: has.leastV ?? null,
    rideThroughS: has.rideThroughS ?? null,
    digitalInputs: has.digitalInputs ?? null,
    knockInput: has.knockInput ?? null,
    revision: has.revision ?? null,
    pumpSwitch: has.pumpSwitch ?? null,
    marketSwitch: has.marketSwitch ?? null,
  }
  const [pins, connectors] = pinout(part)
  return { ...part, pinout: pins, connectors }
}

/** Classes of controllers: injector drivers, ignition and switched outputs, trigger and analogue inputs, oxygen sensors. */
export const CONTROLLERS: readonly ControllerPart[] = [
  controller('thwaite-t1', 'Thwaite T1, fuel only', 1, [2, 0, 2, 1, 4, 1], {
    tachOutput: false,
    leastV: 7.5,
    rideThroughS: 0.002,
    digitalInputs: 0,
    knockInput: false,
    pumpSwitch: '1 return; 2 single-line',
  }),
  controller('thwaite-t2', 'Thwaite T2, fuel and one coil', 2, [4, 1, 3, 1, 5, 1], {
    digitalInputs: 2,
    knockInput: false,
    revision: 'hardware C',
    pumpSwitch: '1 return; 2 single-line',
    marketSwitch: '1 10; 2 85',
  }),
  controller('garth-g4', 'Garth G4, batch and wasted spark', 3, [4, 4, 5, 2, 6, 2], {
    leastV: 6.5,
    rideThroughS: 0.005,
    digitalInputs: 2,
    knockInput: false,
    revision: 'program 3.2',
    marketSwitch: 'E 10; F 85',
  }),
  controller('garth-g8', 'Garth G8, sequential', 4, [8, 8, 8, 2, 10, 2], {
    sequential: true,
    leastV: 6,
    rideThroughS: 0.01,
    digitalInputs: 3,
    knockInput: true,
    revision: 'program 5.0',
  }),
  controller('garth-g8a', 'Garth G8A, sequential with gearbox', 5, [8, 8, 12, 3, 12, 2], {
    sequential: true,
    gearbox: true,
    leastV: 6,
    rideThroughS: 0.01,
    digitalInputs: 4,
    knockInput: true,
    revision: 'program 5.0',
  }),
]
