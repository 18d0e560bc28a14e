import { isUntouched } from '../../job/index.ts'
import { station } from '../station.ts'
import { EXHAUST_HEAD } from './head.ts'
import { assessExhaust } from './assessExhaust.ts'
import { exhaustCase } from './exhaustCase.ts'
import { exhaustLadders } from './exhaustLadders.ts'
import { partsOfExhaust } from './partsOfExhaust.ts'
import { exhaustCautions } from './cautions.ts'
import { EXHAUST_WORKINGS } from './exhaustWorkings.ts'

export const EXHAUST_STATION = station({
  ...EXHAUST_HEAD,
  reads: [
    'exhaust',
    'vehicle.aspiration',
    'vehicle.powerBasis',
    'vehicle.cylinders',
    'walkAround.exhaust',
    'walkAround.body.steering',
    'walkAround.means.drillM',
  ],
  stock: ['bungs'],
  workings: EXHAUST_WORKINGS,
  cautions: (job) => exhaustCautions(job).map((c) => c.says),
  untouched: (job, empty) => isUntouched('exhaust', job, empty),
  assess: assessExhaust,
  ladders: exhaustLadders,
  parts: (job) => partsOfExhaust(exhaustCase(job)),
})
