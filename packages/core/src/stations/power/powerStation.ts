import { isUntouched } from '../../job/index.ts'
import { station } from '../station.ts'
import { assessPower } from './assessPower.ts'
import { powerCautions } from './cautions.ts'
import { powerLadders } from './powerLadders.ts'
import { POWER_WORKINGS } from './powerWorkings.ts'

export const POWER_STATION = station({
  id: 'power',
  path: 'power',
  key: 'p',
  title: 'Power',
  short: 'Power',
  inSentence: 'power',
  phase: 'design',
  sections: ['power'],
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
  ],
  stock: [],
  tabs: [
    { path: '', title: 'Supply', judges: null },
    {
      path: 'network',
      title: 'Network',
      judges: [
        'ecu-feed',
        'ecu-earth',
        'keyed',
        'pump-volts',
        'earth-block',
        'earth-body',
        'starter-circuit',
        'thin-lead',
        'shared-relay',
        'heater',
        'gauges-feed',
        'noise-path',
        'jump-posts',
        'kill-switch',
        'old-path',
        'bare',
        'collapse',
      ],
    },
    {
      path: 'conditions',
      title: 'Conditions',
      judges: ['crank-sag', 'keyed', 'cranking', 'generator', 'pump-volts', 'relay', 'device', 'bare', 'collapse'],
    },
  ],
  workings: POWER_WORKINGS,
  cautions: powerCautions,
  untouched: (job, empty) => isUntouched('power', job, empty),
  assess: assessPower,
  ladders: powerLadders,
  parts: null,
}) // prettier-ignore
