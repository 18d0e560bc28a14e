import { useEffect, useRef, type RefObject } from 'react'
import { useLocation } from 'react-router'

/** A row of links that scrolls sideways where it is narrow: the one that one is at is always in sight. */
export const useActiveInSight = (): RefObject<HTMLElement | null> => {
  const row = useRef<HTMLElement>(null)
  const { pathname } = useLocation()
  useEffect(() => {
    const active = row.current?.querySelector('[aria-current="page"]')
    if (!row.current || !active) return
    const [all, one] = [row.current.getBoundingClientRect(), active.getBoundingClientRect()]
    row.current.scrollLeft += one.left - all.left - (all.width - one.width) / 2
  }, [pathname])
  return row
}
