import { exhaustAssumptions, exhaustCase, judgeExhaust, partsOfExhaust } from '../exhaust/index.ts'
import { isUntouched } from '../job/index.ts'
import { worstFirst, worstState } from '../verdict/index.ts'
import { station } from './station.ts'

export const EXHAUST_STATION = station({
  id: 'exhaust',
  path: 'exhaust',
  key: 'e',
  title: 'Exhaust sensor',
  short: 'Exhaust',
  inSentence: 'exhaust sensor station',
  phase: 'design',
  sections: ['exhaust'],
  tabs: [
    { path: '', title: 'Pipe', judges: null },
    { path: 'spots', title: 'Spots', judges: ['spot', 'obstacles', 'tail', 'gas', 'hexagon'] },
    { path: 'heat', title: 'Heat and delay', judges: ['gas', 'hexagon', 'tail', 'response', 'water'] },
    { path: 'reading', title: 'False readings', judges: ['leaks', 'steering', 'foreign-air', 'fuel'] },
    { path: 'banks', title: 'How many', judges: ['count', 'crossing', 'foreign-air'] },
    { path: 'fitting', title: 'Fitting', judges: ['way', 'bung', 'cable', 'sensor-type', 'spot'] },
    { path: 'order', title: 'Leaks and order', judges: ['leaks', 'ground'] },
  ],
  untouched: (job, empty) => isUntouched('exhaust', job, empty),
  caseOf: (job, catalogue) => {
    const c = exhaustCase(job)
    return { c, verdicts: worstFirst(judgeExhaust(c, catalogue)) }
  },
  state: ({ verdicts }) => worstState(verdicts.map((v) => v.state)),
  verdicts: ({ verdicts }) => verdicts.map((v) => ({ ...v, kind: v.subject?.kind ?? v.id })),
  assumptions: ({ c }) => exhaustAssumptions(c),
  action: (_, state) =>
    state === 'stop'
      ? 'Cure what fails at the exhaust sensor'
      : state === 'unknown'
        ? 'Measure the exhaust and place its sensor'
        : null,
  parts: (job) => partsOfExhaust(exhaustCase(job)),
})
