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
    {
      path: 'spots',
      title: 'Position',
      judges: ['spot', 'found', 'obstacles', 'room-around', 'steering-side', 'tail', 'gas', 'hexagon'],
    },
    { path: 'heat', title: 'Heat and delay', judges: ['gas', 'hexagon', 'tail', 'response', 'water'] },
    {
      path: 'reading',
      title: 'False readings',
      judges: ['leaks', 'steering', 'foreign-air', 'air-pump', 'poisons', 'fuel'],
    },
    { path: 'banks', title: 'How many', judges: ['count', 'crossing', 'foreign-air'] },
    {
      path: 'fitting',
      title: 'Fitting',
      judges: [
        'way',
        'bung',
        'drill',
        'comes-apart',
        'coating',
        'trip',
        'cable',
        'sensor-lead',
        'surplus-lead',
        'sensor-type',
        'spot',
      ],
    },
    { path: 'order', title: 'Leaks and order', judges: ['leaks', 'ground'] },
  ],
})
