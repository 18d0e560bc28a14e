import { isUntouched } from '../../job/index.ts'
import { station } from '../station.ts'
import { assessHarness } from './assessHarness.ts'
import { harnessCautions } from './cautions.ts'
import { harnessCase } from './harnessCase.ts'
import { harnessLadders } from './harnessLadders.ts'
import { HARNESS_WORKINGS } from './harnessWorkings.ts'
import { partsOfHarness } from './partsOfHarness.ts'

export const HARNESS_STATION = station({
  id: 'harness',
  path: 'harness',
  key: 'a',
  title: 'Harness',
  short: 'Harness',
  inSentence: 'harness',
  phase: 'design',
  sections: ['harness'],
  reads: [
    'harness',
    'power',
    'system.chosen',
    'system.controller',
    'system.gearboxControl',
    'vehicle.cylinders',
    'walkAround.battery.place',
    'walkAround.cooling.fan',
    'walkAround.ignition',
    'fuel.safety.inertiaSwitch',
  ],
  stock: [],
  tabs: [
    { path: '', title: 'Car', judges: null },
    { path: 'circuits', title: 'Circuits', judges: ['pins', 'tuning-cable', 'road-speed', 'unused-leads'] },
    { path: 'routes', title: 'Routes', judges: ['loom', 'hole', 'room', 'heat', 'motion', 'plug', 'reach', 'locked', 'classes', 'exposure', 'crossing', 'measured', 'clips'] },
    { path: 'ecu-place', title: 'ECU place', judges: ['ecu-place', 'fixing', 'reach', 'plug', 'surplus', 'crossing', 'unused-leads'] },
    { path: 'noise', title: 'Noise', judges: ['exposure', 'classes', 'shield', 'suppressed', 'pick-up', 'pick-up-polarity', 'crossing-angle', 'returns', 'shared-supply'] },
    { path: 'cut', title: 'Cut and label', judges: ['loom', 'cavities', 'splices', 'spool', 'pinned-last', 'sleeve', 'body-off', 'old-wires'] },
    { path: 'board', title: 'Form board', judges: ['loom', 'cavities', 'splices', 'measured'] },
    { path: 'proof', title: 'Proof and order', judges: ['proof', 'keying', 'loom', 'cavities'] },
  ],
  workings: HARNESS_WORKINGS,
  cautions: harnessCautions,
  untouched: (job, empty) => isUntouched('harness', job, empty),
  assess: assessHarness,
  ladders: harnessLadders,
  parts: (job) => partsOfHarness(harnessCase(job)),
}) // prettier-ignore
