import { isUntouched } from '../../job/index.ts'
import { station } from '../station.ts'
import { assessSystem } from './assessSystem.ts'

export const SYSTEM_STATION = station({
  id: 'system',
  path: 'system',
  key: 's',
  title: 'System',
  short: 'System',
  inSentence: 'choice of system',
  phase: 'survey',
  sections: ['system'],
  reads: ['system', 'walkAround', 'vehicle', 'fuel'],
  stock: ['controllers'],
  tabs: [{ path: '', title: 'System', judges: null }],
  workings: [],
  cautions: () => [],
  untouched: (job, empty) => isUntouched('system', job, empty),
  assess: assessSystem,
  ladders: () => [],
  parts: null,
})
