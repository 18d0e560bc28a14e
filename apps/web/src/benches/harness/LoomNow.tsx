import type { HarnessCase } from '@lochmoor/core'
import { Link } from 'react-router'

interface Props {
  readonly c: HarnessCase
  /** What stands here once there is a loom. */
  readonly what: string
}

/** Whether there is a loom to work from, and whether it still fits the car. Nothing where all is well. */
export const LoomNow = ({ c, what }: Props) => {
  const { accepted: a } = c
  if (a === null)
    return (
      <p role="status" className="max-w-prose py-2 leading-snug">
        {what} follows from the accepted loom, and none is accepted. Accept one on <Link to="../routes" relative="path" className="font-semibold text-accent underline">tab “Routes”</Link>.
      </p>
    )
  const off = a.placeGone || a.missing.length > 0 || a.torn.length > 0
  if (!off && a.lengths.length === 0) return null
  return (
    <p role="status" className={`mb-3 border-l-4 bg-sheet px-3 py-2 leading-snug ${off ? 'border-stop' : 'border-caution'}`}>
      {off
        ? 'The accepted loom no longer fits the car: cut nothing by it.'
        : `${a.lengths.length} cut lengths are other ones now than when the loom was accepted; those of now stand here.`}{' '}
      The next one is offered on <Link to="../routes" relative="path" className="font-semibold text-accent underline">tab “Routes”</Link>.
    </p>
  )
} // prettier-ignore
