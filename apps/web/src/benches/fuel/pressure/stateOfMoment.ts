import type { SolvedPoint, VerdictState } from '@lochmoor/core'

/** Lifted while fuel is cut harms nothing that is metered: it is only worth a look. */
export const stateOfMoment = ({ answer, point }: SolvedPoint): VerdictState =>
  answer.state === 'in-control' ? 'ok' : answer.state === 'lifted' && point.demandM3S === 0 ? 'caution' : 'stop'
