import { counted } from '@lochmoor/core'

/** How many figures of a station nobody has measured, and which tab lists them; nothing where there are none. */
export const StillAssumed = ({ count, tab }: { count: number; tab: string }) =>
  count > 0 && (
    <p className="mt-4 leading-snug text-soft">
      {counted(count, 'figure')} still assumed: tab “{tab}” lists {count === 1 ? 'it' : 'them'}.
    </p>
  )
