import { isUntouched } from '../../job/index.ts'
import { station } from '../station.ts'
import { assessFuel } from './assessFuel.ts'
import { designOf } from './fuelDesign.ts'
import { fuelLadders } from './fuelLadders.ts'
import { partsOfFuel } from './partsOfFuel.ts'
import { fuelCautions } from './cautions.ts'
import { WORKING_IDS } from './workings.ts'

export const FUEL_STATION = station({
  id: 'fuel',
  path: 'fuel',
  key: 'f',
  title: 'Fuel system',
  short: 'Fuel',
  inSentence: 'fuel system',
  phase: 'design',
  sections: ['fuel', 'vehicle'],
  reads: ['fuel', 'vehicle', 'walkAround.lines', 'walkAround.tank', 'system.chosen', 'system.powerLaterW'],
  stock: [],
  tabs: [
    { path: '', title: 'Pressure', judges: null },
    {
      path: 'choose',
      title: 'Choose parts',
      judges: ['held', 'not-lifted', 'by-pass', 'regulator', 'circuit', 'filter', 'strainer', 'reach'],
    },
    { path: 'injectors', title: 'Injectors', judges: ['duty', 'idle-pulse', 'injector-pressure', 'reference'] },
    { path: 'loop', title: 'Return or single', judges: ['not-lifted', 'feed-loss', 'by-pass', 'old-line'] },
    { path: 'suction', title: 'Suction and heat', judges: ['suction', 'hot-soak', 'tank-heat', 'prime'] },
    { path: 'lines', title: 'Lines', judges: ['hoses', 'legs', 'old-line', 'reach'] },
    {
      path: 'tank',
      title: 'Tank',
      judges: ['module-above', 'module-below', 'starvation', 'vent', 'sender', 'tank-lining'],
    },
    { path: 'order', title: 'Order', judges: ['safety'] },
  ],
  workings: WORKING_IDS,
  cautions: (job) => fuelCautions(job).map((c) => c.says),
  untouched: (job, empty) => isUntouched('fuel', job, empty),
  assess: assessFuel,
  ladders: fuelLadders,
  parts: (job) => partsOfFuel(designOf(job)),
})
