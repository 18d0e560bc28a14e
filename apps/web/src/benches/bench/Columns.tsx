import { useRef, type ReactNode } from 'react'
import { useKeptScroll } from '../../jobs/useKeptScroll.ts'
import { useMayWrite } from '../../store/sessionStore.ts'

interface Props {
  readonly measured: ReactNode
  readonly picture: ReactNode
  readonly judgement: ReactNode
  readonly names?: readonly [measured: string, picture: string, judgement: string]
}

/**
 * The three parts that every bench has, in the same places; each scrolls by itself, with the keyboard too. For guests
 * what can be entered is switched off as one.
 */
export const Columns = ({ measured, picture, judgement, names = ['Measured', 'Picture', 'Assessment'] }: Props) => {
  const mayWrite = useMayWrite()
  const [measuredName, pictureName, judgementName] = names
  const measuredAt = useRef<HTMLElement>(null)
  const pictureAt = useRef<HTMLElement>(null)
  const judgementAt = useRef<HTMLElement>(null)
  useKeptScroll(measuredAt, 'measured')
  useKeptScroll(pictureAt, 'picture')
  useKeptScroll(judgementAt, 'judgement')
  return (
    <>
      <div className="grid min-h-0 flex-1 grid-cols-1 lg:grid-cols-[21rem_minmax(0,1fr)_21.5rem] lg:overflow-hidden">
        <section
          id="measured"
          ref={measuredAt}
          tabIndex={0}
          aria-label={measuredName}
          className="order-3 scroll-mt-24 border-hair p-3 lg:order-1 lg:min-h-0 lg:overflow-y-auto lg:border-r lg:p-4"
        >
          <fieldset disabled={!mayWrite} className="contents">
            {measured}
          </fieldset>
        </section>
        <section
          id="picture"
          ref={pictureAt}
          tabIndex={0}
          aria-label={pictureName}
          className="order-1 min-w-0 scroll-mt-24 p-3 lg:order-2 lg:min-h-0 lg:overflow-y-auto lg:p-4"
        >
          {picture}
        </section>
        <section
          id="judgement"
          ref={judgementAt}
          tabIndex={0}
          aria-label={judgementName}
          className="order-2 scroll-mt-24 border-hair p-3 lg:order-3 lg:min-h-0 lg:overflow-y-auto lg:border-l lg:p-4"
        >
          {judgement}
        </section>
      </div>
      <nav
        aria-label="Parts of this bench"
        className="sticky bottom-0 z-10 grid grid-cols-3 border-t-2 border-ink bg-sheet lg:hidden"
      >
        {(
          [
            [pictureName, 'picture'],
            [judgementName, 'judgement'],
            [measuredName, 'measured'],
          ] as const
        ).map(([name, id]) => (
          <a key={id} href={`#${id}`} className="grid h-12 place-items-center font-semibold">
            {name}
          </a>
        ))}
      </nav>
    </>
  )
}
