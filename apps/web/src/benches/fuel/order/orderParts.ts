import { counted, type OpenPoints, type OrderItem, type WorkState } from '@lochmoor/core'
import { run, setWork } from '../../../store/commands.ts'
import { enterRecord } from '../../../store/records.ts'
import { holdsOf, listWithin, stoodOpen } from './holds.ts'

const MOST_LIST = 2900

/** Moves the job to a state in which its parts are bought, and writes down why and what stood open. */
export const orderParts = (
  to: WorkState,
  text: string,
  { open, items }: { readonly open: OpenPoints; readonly items: readonly OrderItem[] },
  reason: string,
): void => {
  if (!run(setWork({ state: to }, 'parts ordered'))) return
  const holds = holdsOf(open, items).length
  const points = stoodOpen(open, items)
  const kept = points.length === 0 ? 'Nothing was open.' : `Still open: ${listWithin(points, MOST_LIST)}.`
  enterRecord(
    {
      kind: 'decision',
      text: holds === 0 ? text : `${text}, in spite of ${counted(holds, 'point')} against it`,
      reason: reason === '' ? kept : `${reason}\n${kept}`,
    },
    { of: 'work.state' },
  )
}
