import type { HarnessCorridor } from '../../sections/index.ts'
import { counted } from '../../words/index.ts'
import type { HarnessCase } from './harnessCase.ts'
import { wholeCorridor } from './planOfJob.ts'

/**
 * What a verdict over the loom's corridors stands on, where nobody has looked at all of them: a sentence to add; empty
 * where everything was looked at.
 */
export const onEstimates = (c: HarnessCase, field: keyof HarnessCorridor, which: 'all' | 'holes' = 'all'): string => {
  const used = new Set(c.accepted?.route.bundles.map((b) => wholeCorridor(b.corridor)) ?? [])
  const open = c.plan.corridors.filter(
    (x) => used.has(x.id) && x.assumed.includes(field) && (which === 'all' || x.panel !== 'none'),
  )
  return open.length === 0 ? '' : ` Estimates of the plan, not looked at: ${counted(open.length, 'corridor')}.`
}
