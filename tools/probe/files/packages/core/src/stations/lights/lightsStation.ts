import { isUntouched } from '../../job/index.ts'
import { say } from '../../verdict/index.ts'
import { station } from '../station.ts'
import { assessLights } from './assessLights.ts'

export const LIGHTS_STATION = station({
  id: 'lights',
  path: 'lights',
  key: 'g',
  title: 'Lights',
  short: 'Lights',
  inSentence: 'lights',
  phase: 'design',
  sections: ['lights'],
  reads: ['lights'],
  stock: [],
  tabs: [{ path: '', title: 'Headlamps', judges: null }],
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
