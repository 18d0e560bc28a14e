import { stationHead } from '../station.ts'

export const ENGINE_TOP_HEAD = stationHead({
  id: 'engineTop',
  path: 'engine-top',
  key: 't',
  title: 'Engine top',
  short: 'Engine',
  inSentence: 'engine top',
  phase: 'design',
  sections: ['engineTop'],
  tabs: [
    { path: '', title: 'Stack', judges: null },
    {
      path: 'bolts',
      title: 'Manifold and bolts',
      judges: ['divider', 'bolt', 'taper', 'pattern', 'gasket-hold', 'coolant', 'seals'],
    },
    {
      path: 'throttle',
      title: 'Throttle',
      judges: [
        'linkage',
        'binds',
        'full-throttle',
        'pedal-stop',
        'slack',
        'progression',
        'sticks',
        'springs',
        'kickdown',
        'plate-sensor',
        'lever-side',
      ],
    },
  ],
})
