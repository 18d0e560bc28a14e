import { stationHead } from '../station.ts'

export const EXHAUST_HEAD = stationHead({
  id: 'exhaust',
  path: 'exhaust',
  key: 'e',
  title: 'Exhaust sensor',
  short: 'Exhaust',
  inSentence: 'exhaust sensor',
  phase: 'design',
  sections: ['exhaust'],
  tabs: [
    { path: '', title: 'Pipe', judges: null },
    { path: 'spots', title: 'Position', judges: ['spot', 'obstacles', 'room-around', 'tail', 'gas', 'hexagon'] },
    { path: 'heat', title: 'Heat and delay', judges: ['gas', 'hexagon', 'tail', 'response', 'water'] },
    { path: 'reading', title: 'False readings', judges: ['leaks', 'steering', 'foreign-air', 'fuel'] },
    { path: 'banks', title: 'How many', judges: ['count', 'crossing', 'foreign-air'] },
    { path: 'fitting', title: 'Fitting', judges: ['way', 'bung', 'cable', 'sensor-type', 'spot'] },
    { path: 'order', title: 'Leaks and order', judges: ['leaks', 'ground'] },
  ],
})
