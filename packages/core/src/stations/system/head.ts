import { stationHead } from '../station.ts'

export const SYSTEM_HEAD = stationHead({
  id: 'system',
  path: 'system',
  key: 's',
  title: 'System',
  short: 'System',
  inSentence: 'choice of system',
  phase: 'survey',
  sections: ['system'],
  tabs: [{ path: '', title: 'System', judges: null }],
})
