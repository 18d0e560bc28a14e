import { earthedOff, fig, type JobDocument } from '@lochmoor/core'
import { FigureText } from '../../../fields/FigureText.tsx'
import { ExhaustCautions } from '../ExhaustCautions.tsx'

const WELD = [
  'ECU unplugged, sensor out; a blanking plug in the bung protects its thread.',
  'Tack the bung in four places, square to the pipe; then weld all round in short runs, letting it cool.',
  'No burn-through inside, no pin-hole outside: light inside, look from outside; soap test when cold.',
] as const
const CLAMP = [
  'Saddle and gasket dry, on clean metal; the hole in the saddle over the hole in the pipe.',
  'Tighten both sides in turn, a little at a time, so that it pulls down flat.',
  'After the first heat cycle: retighten cold, and soap test it.',
] as const

/** The steps at the car, with what is checked after each. */
export const FittingSteps = ({
  job,
  job: {
    exhaust: { bung, sensor, readsToLambda },
  },
}: {
  job: JobDocument
}) => (
  <section aria-label="Steps at the car" className="mt-4">
    <h2 className="mb-2 border-b-2 border-ink pb-0.5 font-extrabold">Steps at the car</h2>
    <ExhaustCautions job={job} where={['sensor']} />
    <ol className="list-decimal pl-6 leading-snug">
      {(bung?.kind === 'clamp-on' ? CLAMP : [`Battery disconnected. ${earthedOff(job)}`, ...WELD]).map((step) => (
        <li key={step} className="py-0.5">
          {step}
        </li>
      ))}
      <li className="py-0.5">Every joint ahead of the sensor tested: tab “Leaks and order”.</li>
      <li className="py-0.5">
        Start the sensor by hand, anti-seize on the thread only and only if it comes dry, then torque it to{' '}
        {sensor ? <FigureText figure={fig(sensor.tightenNm, 'torque')} /> : '40 to 60 N m, by its data sheet'}.
      </li>
      <li className="py-0.5">
        Turn the tool once round with the sensor in: it must come off again. Cable sleeved, clipped to the body, at
        least 25 mm off the pipe; check linkage over its whole travel and steering from lock to lock.
      </li>
      <li className="py-0.5">
        Set the type, then plug in. In free air the display reads its lean end
        {readsToLambda === null ? ': write it down, a reading pinned there means “at least this lean”. ' : ', '}
        {readsToLambda !== null && (
          <>
            <FigureText figure={fig(readsToLambda, 'lambda')} />.{' '}
          </>
        )}
        The heater comes on only once the ECU considers the pipe dry.
      </li>
    </ol>
  </section>
)
