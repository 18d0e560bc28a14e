import { isUntouched } from '../../job/index.ts'
import { station } from '../station.ts'
import { FUEL_HEAD } from './head.ts'
import { assessFuel } from './assessFuel.ts'
import { designOf } from './fuelDesign.ts'
import { fuelLadders } from './fuelLadders.ts'
import { partsOfFuel } from './partsOfFuel.ts'
import { fuelCautions } from './cautions.ts'
import { WORKING_IDS } from './workings.ts'

export const FUEL_STATION = station({
  ...FUEL_HEAD,
  reads: [
    'fuel',
    'vehicle',
    'walkAround.lines',
    'walkAround.tank',
    'system.chosen',
    'system.powerLaterW',
    'engineTop.vacuum.consumers',
    'engineTop.vacuum.ports',
  ],
  stock: [],
  workings: WORKING_IDS,
  cautions: (job) => fuelCautions(job).map((c) => c.says),
  untouched: (job, empty) => isUntouched('fuel', job, empty),
  assess: assessFuel,
  ladders: fuelLadders,
  parts: (job) => partsOfFuel(designOf(job)),
})
