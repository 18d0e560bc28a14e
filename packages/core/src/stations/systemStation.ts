import { isUntouched } from '../job/index.ts'
import { assessSystem } from '../system/index.ts'
import { say } from '../verdict/index.ts'
import { station } from './station.ts'

const VERDICT = { open: 'unknown', chosen: 'ok', doubtful: 'stop' } as const

export const SYSTEM_STATION = station({
  id: 'system',
  path: 'system',
  key: 's',
  title: 'System',
  short: 'System',
  inSentence: 'choice of system',
  phase: 'survey',
  sections: ['system'],
  tabs: [{ path: '', title: 'System', judges: null }],
  untouched: (job, empty) => isUntouched('system', job, empty),
  caseOf: assessSystem,
  state: (c) => VERDICT[c.state],
  verdicts: ({ chosen }) =>
    (chosen?.objections ?? []).map((objection, i) => ({
      id: `objection-${i}`,
      kind: 'objection',
      title: 'The chosen system no longer suits',
      state: 'stop',
      reason: say`${objection}`,
    })),
  assumptions: () => [],
  action: (_, state) =>
    state === 'unknown'
      ? 'Choose the system'
      : state === 'stop'
        ? 'Choose the system again: the car has changed under it'
        : null,
  parts: null,
})
