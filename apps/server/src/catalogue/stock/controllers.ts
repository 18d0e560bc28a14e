import type { ControllerPart } from '@lochmoor/core'

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
    Pick<ControllerPart, 'idleValve' | 'tachOutput' | 'sequential' | 'gearbox' | 'leastV' | 'rideThroughS'>
  > = {},
): ControllerPart => ({
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
})

/** Classes of controllers: injector drivers, ignition and switched outputs, trigger and analogue inputs, oxygen sensors. */
export const CONTROLLERS: readonly ControllerPart[] = [
  controller('thwaite-t1', 'Thwaite T1, fuel only', 1, [2, 0, 2, 1, 4, 1], {
    tachOutput: false,
    leastV: 7.5,
    rideThroughS: 0.002,
  }),
  controller('thwaite-t2', 'Thwaite T2, fuel and one coil', 2, [4, 1, 3, 1, 5, 1]),
  controller('garth-g4', 'Garth G4, batch and wasted spark', 3, [4, 4, 5, 2, 6, 2], {
    leastV: 6.5,
    rideThroughS: 0.005,
  }),
  controller('garth-g8', 'Garth G8, sequential', 4, [8, 8, 8, 2, 10, 2], {
    sequential: true,
    leastV: 6,
    rideThroughS: 0.01,
  }),
  controller('garth-g8a', 'Garth G8A, sequential with gearbox', 5, [8, 8, 12, 3, 12, 2], {
    sequential: true,
    gearbox: true,
    leastV: 6,
    rideThroughS: 0.01,
  }),
]
