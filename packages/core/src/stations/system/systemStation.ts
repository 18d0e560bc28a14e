import { isUntouched } from '../../job/index.ts'
import { station } from '../station.ts'
import { SYSTEM_HEAD } from './head.ts'
import { assessSystem } from './assessSystem.ts'

export const SYSTEM_STATION = station({
  ...SYSTEM_HEAD,
  reads: [
    'system',
    'walkAround',
    'vehicle',
    'fuel',
    'exhaust.sensor',
    'exhaust.sensorCount',
    'power.design.fan',
    'harness.design.roadSpeed',
    'work.state',
  ],
  stock: ['controllers'],
  workings: [],
  cautions: () => [],
  untouched: (job, empty) => isUntouched('system', job, empty),
  assess: assessSystem,
  ladders: () => [],
  parts: null,
})
