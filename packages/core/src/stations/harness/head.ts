import { stationHead } from '../station.ts'

export const HARNESS_HEAD = stationHead({
  id: 'harness',
  path: 'harness',
  key: 'a',
  title: 'Harness',
  short: 'Harness',
  inSentence: 'harness',
  phase: 'design',
  sections: ['harness'],
  tabs: [
    { path: '', title: 'Car', judges: null },
    { path: 'circuits', title: 'Circuits', judges: ['pins', 'drivers', 'tuning-cable', 'road-speed', 'unused-leads'] },
    { path: 'routes', title: 'Routes', judges: ['loom', 'hole', 'room', 'heat', 'motion', 'plug', 'reach', 'locked', 'classes', 'exposure', 'crossing', 'measured', 'clips'] },
    { path: 'ecu-place', title: 'ECU place', judges: ['ecu-place', 'fixing', 'reach', 'plug', 'surplus', 'crossing', 'unused-leads'] },
    { path: 'noise', title: 'Noise', judges: ['boxes', 'exposure', 'classes', 'shield', 'suppressed', 'pick-up', 'pick-up-polarity', 'crossing-angle', 'returns', 'shared-supply'] },
    { path: 'cut', title: 'Cut and label', judges: ['loom', 'cavities', 'splices', 'spool', 'pinned-last', 'sleeve', 'body-off', 'old-wires'] },
    { path: 'board', title: 'Form board', judges: ['loom', 'cavities', 'splices', 'measured'] },
    { path: 'proof', title: 'Proof and order', judges: ['proof', 'keying', 'loom', 'cavities'] },
  ],
}) // prettier-ignore
