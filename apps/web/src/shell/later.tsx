import { lazy, Suspense, type ComponentType, type ReactNode } from 'react'
import { lineBearsMore, useArrived } from './arrived.ts'

type Load = () => Promise<{ default: ComponentType }>
const loads: Load[] = []

/** A part of a screen whose script is fetched when it is shown. */
export const laterPart = <P extends object>(load: () => Promise<{ default: ComponentType<P> }>): ComponentType<P> => {
  const Part = lazy(load) as unknown as ComponentType<P>
  return (props) => (
    <Suspense fallback={<p className="p-6 text-soft">Opening…</p>}>
      <Part {...props} />
    </Suspense>
  )
}

/** A screen whose script is fetched after the first one stands. */
export const later = (load: Load): ReactNode => {
  const Screen = laterPart(load)
  loads.push(load)
  return <Screen />
}

const fetchNow = (): void => {
  for (const load of loads)
    load().catch((e: unknown) => console.warn('a screen could not be loaded ahead; it is loaded when opened', e))
}

const AFTER_MS = 1500

/** Fetches every such script once the open page has all of its own, if the line can bear it. */
export const fetchTheRest = (): void => {
  const end = useArrived.subscribe(() => {
    end()
    // What is there is drawn first.
    setTimeout(() => {
      if (lineBearsMore()) fetchNow()
    }, AFTER_MS)
  })
}
