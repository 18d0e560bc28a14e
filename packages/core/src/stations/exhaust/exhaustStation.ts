import { isUntouched } from '../../job/index.ts'
import { station } from '../station.ts'
import { assessExhaust } from './assessExhaust.ts'
import { exhaustCase } from './exhaustCase.ts'
import { exhaustLadders } from './exhaustLadders.ts'
import { partsOfExhaust } from './partsOfExhaust.ts'
import { exhaustCautions } from './cautions.ts'
import { EXHAUST_WORKINGS } from './exhaustWorkings.ts'

export const EXHAUST_STATION = station({
  id: 'exhaust',
  path: 'exhaust',
  key: 'e',
  title: 'Exhaust sensor',
  short: 'Exhaust',
  inSentence: 'exhaust sensor',
  phase: 'design',
  sections: ['exhaust'],
  reads: ['exhaust', 'vehicle.aspiration', 'vehicle.powerBasis', 'vehicle.cylinders'],
  stock: ['bungs'],
  tabs: [
    { path: '', title: 'Pipe', judges: null },
    { path: 'spots', title: 'Position', judges: ['spot', 'obstacles', 'room-around', 'tail', 'gas', 'hexagon'] },
    { path: 'heat', title: 'Heat and delay', judges: ['gas', 'hexagon', 'tail', 'response', 'water'] },
    { path: 'reading', title: 'False readings', judges: ['leaks', 'steering', 'foreign-air', 'fuel'] },
    { path: 'banks', title: 'How many', judges: ['count', 'crossing', 'foreign-air'] },
    { path: 'fitting', title: 'Fitting', judges: ['way', 'bung', 'cable', 'sensor-type', 'spot'] },
    { path: 'order', title: 'Leaks and order', judges: ['leaks', 'ground'] },
  ],
  workings: EXHAUST_WORKINGS,
  cautions: (job) => exhaustCautions(job).map((c) => c.says),
  untouched: (job, empty) => isUntouched('exhaust', job, empty),
  assess: assessExhaust,
  ladders: exhaustLadders,
  parts: (job) => partsOfExhaust(exhaustCase(job)),
})
