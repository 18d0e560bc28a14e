import {
  counted,
  WORK_STATE_WORDS,
  type JobDocument,
  type OpenPoints,
  type OrderItem,
  type PartLine,
} from '@lochmoor/core'
import { isOrdered } from '../../../jobs/isOrdered.ts'
import { orderParts } from './orderParts.ts'
import { HoldGate, ORDER_WORDS } from './HoldGate.tsx'
import { holdsOf } from './holds.ts'

interface Props {
  readonly job: JobDocument
  readonly lines: readonly PartLine[]
  readonly items: readonly OrderItem[]
  readonly open: OpenPoints
}

/** Marks the job as ordered, and writes down with what judgement it was. */
export const Ordering = ({ job, lines, items, open }: Props) => {
  if (lines.length === 0) return null
  const { state } = job.work
  if (isOrdered(state))
    return <p className="mt-3 font-semibold">This job is at “{WORK_STATE_WORDS[state].toLowerCase()}”.</p>
  return (
    <section aria-label="Ordering" className="mt-5">
      <HoldGate
        holds={holdsOf(open, items)}
        words={{ ...ORDER_WORDS, free: 'Mark these parts as ordered', held: 'Order anyway' }}
        onGo={(reason) =>
          orderParts('parts-ordered', `Fuel parts ordered, ${counted(lines.length, 'line')}`, { open, items }, reason)
        }
      />
    </section>
  )
}
