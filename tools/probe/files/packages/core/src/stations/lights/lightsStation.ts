import { isUntouched } from '../../job/index.ts'
import { say } from '../../verdict/index.ts'
import { station } from '../station.ts'
import { assessLights } from './assessLights.ts'
import { LIGHTS_HEAD } from './head.ts'

export const LIGHTS_STATION = station({
  ...LIGHTS_HEAD,
  reads: ['lights'],
  stock: [],
  workings: [],
  cautions: () => [],
  untouched: (job, empty) => isUntouched('lights', job, empty),
  assess: assessLights,
  ladders: () => [
    {
      id: 'relay',
      cures: ['switch'],
      trials: () => [{ label: say`Headlamps on relays`, change: { lights: { relayed: true } } }],
    },
  ],
  parts: null,
})
