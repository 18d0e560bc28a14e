import { fuelCase, judgeFuel, partsOfFuel } from '../fuel/index.ts'
import { assumptionsOf, isUntouched } from '../job/index.ts'
import { worstFirst, worstState } from '../verdict/index.ts'
import { station } from './station.ts'

export const FUEL_STATION = station({
  id: 'fuel',
  path: 'fuel',
  key: 'f',
  title: 'Fuel',
  short: 'Fuel',
  inSentence: 'fuel station',
  phase: 'design',
  sections: ['fuel', 'vehicle'],
  tabs: [
    { path: '', title: 'Pressure', judges: null },
    {
      path: 'choose',
      title: 'Choose parts',
      judges: ['held', 'not-lifted', 'by-pass', 'regulator', 'circuit', 'filter', 'strainer'],
    },
    { path: 'injectors', title: 'Injectors', judges: ['duty', 'idle-pulse', 'injector-pressure', 'reference'] },
    { path: 'loop', title: 'Return or single', judges: ['not-lifted', 'feed-loss', 'by-pass', 'old-line'] },
    { path: 'suction', title: 'Suction and heat', judges: ['suction', 'hot-soak', 'tank-heat', 'prime'] },
    { path: 'lines', title: 'Lines', judges: ['hoses', 'legs', 'old-line'] },
    {
      path: 'tank',
      title: 'Tank',
      judges: ['module-above', 'module-below', 'starvation', 'vent', 'sender', 'tank-lining'],
    },
    { path: 'order', title: 'Order', judges: ['safety'] },
  ],
  untouched: (job, empty) => isUntouched('fuel', job, empty),
  caseOf: (job) => ({ job, verdicts: worstFirst(judgeFuel(fuelCase(job))) }),
  state: ({ verdicts }) => worstState(verdicts.map((v) => v.state)),
  verdicts: ({ verdicts }) => verdicts.map((v) => ({ ...v, kind: v.id })),
  assumptions: ({ job }) => assumptionsOf(job),
  action: (_, state) =>
    state === 'stop'
      ? 'Cure what fails at the fuel station'
      : state === 'unknown'
        ? 'Choose pump, lines and regulator'
        : null,
  parts: partsOfFuel,
})
