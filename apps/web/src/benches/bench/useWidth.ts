import { useLayoutEffect, useRef, useState, type RefObject } from 'react'

/** Width of an element, followed as it changes. */
export const useWidth = <T extends HTMLElement>(first: number): [RefObject<T | null>, number] => {
  const ref = useRef<T>(null)
  const [width, setWidth] = useState(first)
  useLayoutEffect(() => {
    const element = ref.current
    if (!element) return
    const follow = () => setWidth(Math.max(280, Math.floor(element.clientWidth)))
    follow()
    if (typeof ResizeObserver === 'undefined') return
    const observer = new ResizeObserver(follow)
    observer.observe(element)
    return () => observer.disconnect()
  }, [])
  return [ref, width]
}
