import { stationHead } from '../station.ts'

export const LIGHTS_HEAD = stationHead({
  id: 'lights',
  path: 'lights',
  key: 'g',
  title: 'Lights',
  short: 'Lights',
  inSentence: 'lights',
  phase: 'design',
  sections: ['lights'],
  tabs: [{ path: '', title: 'Headlamps', judges: null }],
})
