import { useEffect } from 'react'
import { useLocation } from 'react-router'

/** Where a link wants to arrive on the sheet it leads to. */
export interface Arrival {
  /** Element that is brought into sight, opened and given the cursor. */
  readonly arriveAt: string
}

/** Opens what an element stands in, brings it into sight and puts the cursor into it. */
export const goTo = (elementId: string): void => {
  const element = document.getElementById(elementId)
  if (!element) return
  const fold = element.closest('details')
  if (fold) fold.open = true
  element.scrollIntoView({ block: 'center' })
  element.querySelector<HTMLElement>('[data-entry]')?.focus()
}

/** Goes where the link that led to this sheet wants to arrive. */
export const useArrival = (sheet: string): void => {
  const location = useLocation()
  const wanted = (location.state as Arrival | null)?.arriveAt
  useEffect(() => {
    if (wanted) goTo(wanted)
  }, [wanted, sheet, location.key])
}
