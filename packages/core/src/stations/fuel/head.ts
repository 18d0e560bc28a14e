import { stationHead } from '../station.ts'

export const FUEL_HEAD = stationHead({
  id: 'fuel',
  path: 'fuel',
  key: 'f',
  title: 'Fuel system',
  short: 'Fuel',
  inSentence: 'fuel system',
  phase: 'design',
  sections: ['fuel', 'vehicle'],
  tabs: [
    { path: '', title: 'Pressure', judges: null },
    {
      path: 'choose',
      title: 'Choose parts',
      judges: ['held', 'not-lifted', 'by-pass', 'regulator', 'circuit', 'filter', 'strainer', 'reach', 'second-fuel'],
    },
    { path: 'injectors', title: 'Injectors', judges: ['duty', 'idle-pulse', 'injector-pressure', 'reference'] },
    { path: 'loop', title: 'Return or single', judges: ['not-lifted', 'feed-loss', 'by-pass', 'old-line'] },
    { path: 'suction', title: 'Suction and heat', judges: ['suction', 'hot-soak', 'tank-heat', 'prime'] },
    { path: 'lines', title: 'Lines', judges: ['hoses', 'legs', 'old-line', 'reach'] },
    {
      path: 'tank',
      title: 'Tank',
      judges: ['module-above', 'module-below', 'starvation', 'vent', 'sender', 'sender-earth', 'heard', 'tank-lining'],
    },
    { path: 'order', title: 'Order', judges: ['safety'] },
  ],
})
