import type { WalkEntry } from '@lochmoor/core'

export const entryElementId = (path: string): string => `entry-${path.replace(/\./g, '-')}`

/** Leads to an entry: opens what it stands in, brings it into sight and puts the cursor into it. */
export const goToEntry = (entry: Pick<WalkEntry, 'path'>): void => goTo(entryElementId(entry.path))

export const goTo = (elementId: string): void => {
  const element = document.getElementById(elementId)
  if (!element) return
  const fold = element.closest('details')
  if (fold) fold.open = true
  element.scrollIntoView({ block: 'center' })
  element.querySelector<HTMLElement>('[data-entry]')?.focus()
}
