import { useSyncExternalStore, type ReactNode } from 'react'
import { createPortal } from 'react-dom'

const never = () => () => undefined

/** Puts what belongs to the open screen into the header. */
export const HeaderMiddle = ({ children }: { children: ReactNode }) => {
  const place = useSyncExternalStore(never, () => document.getElementById('header-middle'))
  return place && createPortal(children, place)
}
