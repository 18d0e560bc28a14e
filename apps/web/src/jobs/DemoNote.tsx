import { X } from 'lucide-react'
import { rememberUnfolded, usePlaces } from '../store/places.ts'
import { useSession } from '../store/sessionStore.ts'

const PLACE = 'board'
const GROUP = 'what the demo is'

/** What a first visitor of the demo should know; put away it stays away in this browser. */
export const DemoNote = () => {
  const demo = useSession((s) => s.session?.state === 'signed-in' && s.session.demo)
  const shown = usePlaces((s) => s.jobs[PLACE]?.unfolded[GROUP] ?? true)
  if (!demo || !shown) return null
  return (
    <section
      aria-label="What this is"
      className="mb-3 flex items-start gap-3 border-l-4 border-accent bg-sheet py-2 pr-2 pl-3"
    >
      <div className="min-w-0 flex-1 leading-snug">
        <p>
          <strong>Lochmoor plans the conversion of a classic car from carburettors to fuel injection.</strong> Enter
          what was measured on the car: it works out fuel pressure, sensor position, bonnet clearance, volts and wiring,
          says what fails and the least that mends it, and keeps the log.
        </p>
        <p className="text-soft">
          This workshop and its cars are invented. They are at different stages of the work; the sentence under each
          says why it is here. Open one, change a figure, and watch picture and assessment follow.
        </p>
      </div>
      <button
        type="button"
        aria-label="Put this note away"
        onClick={() => rememberUnfolded(PLACE, GROUP, false)}
        className="grid size-8 shrink-0 place-items-center hover:bg-wash"
      >
        <X size={18} aria-hidden />
      </button>
    </section>
  )
}
