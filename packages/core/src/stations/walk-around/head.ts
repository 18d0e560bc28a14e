import { stationHead } from '../station.ts'

export const WALK_AROUND_HEAD = stationHead({
  id: 'walkAround',
  path: 'walk-around',
  key: 'w',
  title: 'Walk-around',
  short: 'Walk',
  inSentence: 'walk-around',
  phase: 'survey',
  sections: ['walkAround', 'vehicle', 'facts'],
  tabs: [
    { path: '', title: 'The car', judges: null },
    { path: 'tests', title: 'Tests', judges: null },
  ],
})
