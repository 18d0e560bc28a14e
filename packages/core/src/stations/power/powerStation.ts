import { isUntouched } from '../../job/index.ts'
import { station } from '../station.ts'
import { POWER_HEAD } from './head.ts'
import { assessPower, preparePower } from './assessPower.ts'
import { powerCautions } from './cautions.ts'
import { partsOfPower } from './partsOfPower.ts'
import { powerCase } from './powerCase.ts'
import { powerLadders } from './powerLadders.ts'
import { POWER_WORKINGS } from './powerWorkings.ts'

export const POWER_STATION = station({
  ...POWER_HEAD,
  reads: [
    'power',
    'walkAround.battery',
    'walkAround.charging',
    'walkAround.earths',
    'walkAround.wiring',
    'walkAround.tests',
    'walkAround.ignition.coilResistor',
    'walkAround.cooling.fan',
    'walkAround.engine',
    'system.controller',
    'fuel.pump',
    'fuel.pumpCount',
    'fuel.safety',
    'harness.loom',
  ],
  stock: [],
  workings: POWER_WORKINGS,
  cautions: powerCautions,
  untouched: (job, empty) => isUntouched('power', job, empty),
  prepare: preparePower,
  assess: assessPower,
  ladders: powerLadders,
  parts: (job) => partsOfPower(powerCase(job)),
})
