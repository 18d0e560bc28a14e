import type { PowerCase } from '@lochmoor/core'
import { RefusedFirst } from './supply/RefusedFirst.tsx'

/** What stands where nothing can be worked out yet. */
export const NotComputed = ({ c }: { c: PowerCase }) =>
  c.refusedBy !== null ? (
    <RefusedFirst refusedBy={c.refusedBy} />
  ) : (
    <p className="py-2 leading-snug text-soft">
      Nothing is worked out until voltage and polarity are known: enter them on tab “Supply”.
    </p>
  )
