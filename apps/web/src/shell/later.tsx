import { lazy, Suspense, type ComponentType, type ReactNode } from 'react'

type Load = () => Promise<{ default: ComponentType }>
const loads: Load[] = []

/** A screen whose script is fetched after the first one stands. */
export const later = (load: Load): ReactNode => {
  const Screen = lazy(load)
  loads.push(load)
  return (
    <Suspense fallback={<p className="p-6 text-soft">Opening…</p>}>
      <Screen />
    </Suspense>
  )
}

const AFTER_MS = 300

/** Fetches every such script at once, so that no screen is out of reach when the connection goes later. */
export const fetchTheRest = (): void => {
  setTimeout(() => {
    for (const load of loads)
      load().catch((e: unknown) => console.warn('a screen could not be loaded ahead; it is loaded when opened', e))
  }, AFTER_MS)
}
