import { earthedOff, fig, type JobDocument } from '@lochmoor/core'
import { FigureText } from '../../../fields/FigureText.tsx'
import { ExhaustCautions } from '../ExhaustCautions.tsx'

const WELD = [
  'Controller unplugged, sensor out; a plug in the boss keeps its thread.',
  'Boss tacked at four places, square to the pipe; then all round in short runs, letting it cool.',
  'No burn-through inside, no pin-hole outside: light inside, look from outside; soap when cold.',
] as const
const CLAMP = [
  'Saddle and gasket dry and clean on clean metal; the hole of the saddle over the hole in the pipe.',
  'Tighten both sides in turn, a little each, so that it comes down flat.',
  'After the first heat: tighten again cold, and soap it.',
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
      <li className="py-0.5">Every joint ahead of the sensor tested, sheet “Leaks and order”.</li>
      <li className="py-0.5">
        Sensor started by hand, anti-seize on the thread only and only if it comes dry, then{' '}
        {sensor ? <FigureText figure={fig(sensor.tightenNm, 'torque')} /> : '40 to 60 N m by its sheet'}.
      </li>
      <li className="py-0.5">
        Turn the tool once round with the sensor in: it must come off again. Cable sheathed, fixed on the body, 25 mm
        and more off the pipe; linkage over its whole travel, steering from lock to lock.
      </li>
      <li className="py-0.5">
        Type set, then plugged in. In free air the display stands at its lean end
        {readsToLambda === null ? ': write it down, readings pinned there say no more. ' : ', '}
        {readsToLambda !== null && (
          <>
            <FigureText figure={fig(readsToLambda, 'lambda')} />.{' '}
          </>
        )}
        The heater comes on only when the controller says the pipe is dry.
      </li>
    </ol>
  </section>
)
