import { useEffect, type RefObject } from 'react'
import { useLocation } from 'react-router'
import { useJobStore } from '../store/jobStore.ts'
import { placesOf, rememberScrolled } from '../store/places.ts'
import { addressInJob } from './addressInJob.ts'

/** Scrolling is remembered once it rests so long, ms. */
const REST_MS = 200

/** Keeps how far something is scrolled under a name, once it rests and when the screen is left. */
const keepScroll = (source: EventTarget, px: () => number, keep: (px: number) => void): (() => void) => {
  let last: number | null = null
  let rest: ReturnType<typeof setTimeout> | undefined
  const put = () => {
    if (last !== null) keep(last)
    last = null
  }
  const onScroll = () => {
    last = px()
    clearTimeout(rest)
    rest = setTimeout(put, REST_MS)
  }
  source.addEventListener('scroll', onScroll, { passive: true })
  return () => {
    source.removeEventListener('scroll', onScroll)
    clearTimeout(rest)
    put()
  }
}

/**
 * Scrolls a part of a screen to where it was, and remembers where it is. A link that wants to arrive somewhere goes there.
 * @param part its name, other than any other's on the screen
 */
export const useKeptScroll = (ref: RefObject<HTMLElement | null>, part: string): void => {
  const { pathname, state } = useLocation() as { pathname: string; state: unknown }
  const arrives = state !== null
  useEffect(() => {
    const element = ref.current
    const { jobId } = useJobStore.getState()
    if (!element || jobId === null) return
    const name = `${addressInJob(pathname)} ${part}`
    const known = placesOf(jobId).scrolled[name]
    if (known && !arrives) element.scrollTo({ top: known })
    return keepScroll(
      element,
      () => element.scrollTop,
      (px) => rememberScrolled(jobId, name, px),
    )
  }, [ref, part, pathname, arrives])
}
