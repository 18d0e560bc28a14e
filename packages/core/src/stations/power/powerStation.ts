import { isUntouched } from '../../job/index.ts'
import { station } from '../station.ts'
import { assessPower, preparePower } from './assessPower.ts'
import { powerCautions } from './cautions.ts'
import { partsOfPower } from './partsOfPower.ts'
import { powerCase } from './powerCase.ts'
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
    'fuel.safety',
    'harness.loom',
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
        'jump-posts',
        'wire-drop',
        'old-path',
        'old-wiring',
        'bare',
        'collapse',
      ],
    },
    {
      path: 'conditions',
      title: 'Conditions',
      judges: ['crank-sag', 'keyed', 'cranking', 'generator', 'fan-dip', 'pump-volts', 'relay', 'device', 'bare', 'collapse'],
    },
    {
      path: 'feeds',
      title: 'Feeds and relays',
      judges: [
        'ecu-feed',
        'keyed',
        'keyed-wires',
        'relay',
        'shared-relay',
        'stop-logic',
        'pump-cut',
        'fan-feed',
        'fan-dip',
        'heater',
        'gauges-feed',
        'noise-path',
      ],
    },
    {
      path: 'wires',
      title: 'Wires and fuses',
      judges: ['thin-lead', 'fuse-load', 'fuse-short', 'fuse-inrush', 'wire-drop', 'fuse-plan', 'pump-volts', 'ecu-feed', 'starter-circuit'],
    },
    {
      path: 'earths',
      title: 'Earths',
      judges: ['earth-block', 'earth-body', 'measured-leg', 'ecu-earth', 'sensor-earth', 'pump-volts', 'starter-circuit'],
    },
    { path: 'charging', title: 'Charging', judges: ['generator', 'output-points', 'measured-charging', 'rest', 'old-path'] },
    { path: 'order', title: 'Order', judges: ['jump-posts', 'fuse-plan'] },
  ],
  workings: POWER_WORKINGS,
  cautions: powerCautions,
  untouched: (job, empty) => isUntouched('power', job, empty),
  prepare: preparePower,
  assess: assessPower,
  ladders: powerLadders,
  parts: (job) => partsOfPower(powerCase(job)),
}) // prettier-ignore
