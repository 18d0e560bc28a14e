import type { FoundLooms } from '../background/useLooms.ts'

/** How far the search for looms is. */
export const SearchState = ({ found }: { found: FoundLooms }) => (
  <p role="status" className="py-1 text-sm text-soft">
    {found.running
      ? found.looms?.first
        ? 'First answer; it is being improved.'
        : 'Being improved.'
      : found.looms?.cutShort
        ? 'Search stopped after 20 seconds: a longer one may find better.'
        : 'Search finished.'}
  </p>
)
