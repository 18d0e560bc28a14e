import { useLayoutEffect, useRef, useState, type RefObject } from 'react'

/** As rows; with rows and columns exchanged; or each row as a block of its own. */
export type TableLayout = 'rows' | 'turned' | 'blocks'

/** Rows that go side by side. */
const MOST_TURNED = 5

/**
 * The layout in which a table can be read without pushing it sideways: the first that fits where it stands, tried anew
 * whenever its place gets another width.
 */
export const useTableLayout = (rows: number): readonly [RefObject<HTMLDivElement | null>, TableLayout] => {
  const place = useRef<HTMLDivElement>(null)
  // A new object each time it is tried: what fitted before may not fit now.
  const [{ layout }, setTried] = useState<{ readonly layout: TableLayout }>({ layout: 'rows' })
  // After every drawing: other figures may want other room. It ends, as each step leads on to the next layout only.
  // eslint-disable-next-line react-hooks/exhaustive-deps
  useLayoutEffect(() => {
    const box = place.current
    if (!box || layout === 'blocks' || box.scrollWidth <= box.clientWidth + 1) return
    setTried({ layout: layout === 'rows' && rows <= MOST_TURNED ? 'turned' : 'blocks' })
  })
  useLayoutEffect(() => {
    const box = place.current
    if (!box || typeof ResizeObserver === 'undefined') return
    let width = box.clientWidth
    const observer = new ResizeObserver(() => {
      if (box.clientWidth === width) return
      width = box.clientWidth
      setTried({ layout: 'rows' })
    })
    observer.observe(box)
    return () => observer.disconnect()
  }, [])
  return [place, layout]
}
