import { designOf, openPointsOf, orderItems, WORK_STATE_WORDS, type WorkState } from '@lochmoor/core'
import { useMemo } from 'react'
import { Link } from 'react-router'
import { HoldGate, ORDER_WORDS } from '../benches/fuel/order/HoldGate.tsx'
import { holdsOf } from '../benches/fuel/order/holds.ts'
import { orderParts } from '../benches/fuel/order/orderParts.ts'
import { assessmentOf } from '../store/assessments.ts'
import { useCatalogue } from '../store/catalogueStore.ts'
import { useJobStore } from '../store/jobStore.ts'

/** Past the order only with what stands against it said, and a reason in the log book where something does. */
export const OrderFirst = ({ to, onDone }: { to: WorkState; onDone: () => void }) => {
  const job = useJobStore((s) => s.document!)
  const jobId = useJobStore((s) => s.jobId)
  const catalogue = useCatalogue((s) => s.catalogue)
  const found = useMemo(
    () => catalogue && { open: openPointsOf(job, catalogue, assessmentOf), items: orderItems(designOf(job)) },
    [job, catalogue],
  )
  if (!found) return <p className="text-soft">The catalogue is still loading.</p>
  return (
    <div className="border-b border-hair py-2">
      <HoldGate
        holds={holdsOf(found.open, found.items)}
        words={{ ...ORDER_WORDS, free: 'The parts are ordered', held: 'Move on anyway' }}
        onGo={(reason) => {
          orderParts(to, `Moved on to “${WORK_STATE_WORDS[to].toLowerCase()}”`, found, reason)
          onDone()
        }}
      />{' '}
      <Link to={`/jobs/${jobId ?? ''}/fuel/order`} className="text-accent underline">
        what is open
      </Link>
    </div>
  )
}
