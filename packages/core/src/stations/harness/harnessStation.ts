import { isUntouched } from '../../job/index.ts'
import { station } from '../station.ts'
import { HARNESS_HEAD } from './head.ts'
import { assessHarness } from './assessHarness.ts'
import { harnessCautions } from './cautions.ts'
import { harnessCase } from './harnessCase.ts'
import { harnessLadders } from './harnessLadders.ts'
import { HARNESS_WORKINGS } from './harnessWorkings.ts'
import { partsOfHarness } from './partsOfHarness.ts'

export const HARNESS_STATION = station({
  ...HARNESS_HEAD,
  reads: [
    'harness',
    'power',
    'system.chosen',
    'system.controller',
    'system.gearboxControl',
    'system.signals',
    'vehicle.cylinders',
    'walkAround.engine.firingOrder',
    'engineTop.ignition.intervals',
    'walkAround.battery.place',
    'walkAround.cooling.fan',
    'walkAround.ignition',
    'walkAround.gearbox',
    'walkAround.cabin.controllerPlace',
    'fuel.safety.inertiaSwitch',
  ],
  stock: [],
  workings: HARNESS_WORKINGS,
  cautions: harnessCautions,
  untouched: (job, empty) => isUntouched('harness', job, empty),
  assess: assessHarness,
  ladders: harnessLadders,
  parts: (job) => partsOfHarness(harnessCase(job)),
})
