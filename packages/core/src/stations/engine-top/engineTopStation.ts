import { isUntouched } from '../../job/index.ts'
import { station } from '../station.ts'
import { assessEngineTop } from './assessEngineTop.ts'
import { engineTopCautions } from './cautions.ts'
import { engineTopCase } from './engineTopCase.ts'
import { engineTopLadders } from './engineTopLadders.ts'
import { ENGINE_TOP_WORKINGS } from './engineTopWorkings.ts'
import { ENGINE_TOP_HEAD } from './head.ts'
import { partsOfEngineTop } from './partsOfEngineTop.ts'

export const ENGINE_TOP_STATION = station({
  ...ENGINE_TOP_HEAD,
  reads: [
    'engineTop',
    'exhaust.banks',
    'system.chosen',
    'system.controller',
    'system.originality',
    'system.timingControl',
    'vehicle.aspiration',
    'vehicle.cylinders',
    'vehicle.layout',
    'walkAround.bonnet',
    'walkAround.engine.firingOrder',
    'walkAround.engine.numberedFrom',
    'walkAround.gearbox.kickdown',
    'walkAround.gearbox.kind',
    'walkAround.ignition.advance',
    'walkAround.ignition.coilResistor',
    'walkAround.ignition.kind',
    'walkAround.intake',
    'walkAround.tests.crankingRpm',
    'walkAround.tests.linkagePlay',
  ],
  stock: [],
  workings: ENGINE_TOP_WORKINGS,
  cautions: engineTopCautions,
  untouched: (job, empty) => isUntouched('engineTop', job, empty),
  assess: assessEngineTop,
  ladders: engineTopLadders,
  parts: (job) => partsOfEngineTop(engineTopCase(job)),
})
