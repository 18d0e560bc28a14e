import type { PowerCase } from '@lochmoor/core'

const SIX = [
  'Battery, generator and regulator of 12 V; belt and pulleys as they need',
  'Starter: many turn on 12 V for a while, none is made for it; its solenoid burns',
  'Coil with its resistor, bulbs, flasher unit, horn relay',
  'Gauges through a voltage reducer; wiper and heater motors changed or reduced',
  'Wires may stay: they carry half the current for the same power',
]
const POSITIVE = [
  'Battery turned round, cable ends exchanged (the terminals differ in size)',
  'Dynamo repolarised, or an alternator fitted; an alternator for positive earth cannot stay',
  'Coil leads and ammeter leads exchanged',
  'Radio, clock, electronic tachometer and fuel pump checked one by one',
  'A label at the battery: NEGATIVE EARTH',
]

/** What must change before anything is worked out. */
export const RefusedFirst = ({ refusedBy }: { refusedBy: NonNullable<PowerCase['refusedBy']> }) => (
  <section aria-label="What must change first" className="border-2 border-stop bg-sheet p-4">
    <h2 className="mb-2 text-lg font-extrabold">What must change first</h2>
    <ul className="list-disc pl-5 leading-snug">
      {[...(refusedBy !== 'positive-earth' ? SIX : []), ...(refusedBy !== 'six-volts' ? POSITIVE : [])].map((says) => (
        <li key={says} className="py-0.5">
          {says}
        </li>
      ))}
    </ul>
    <p className="mt-2 text-soft">
      ECU, pump and injectors are made for 12 V and negative earth. Nothing else is worked out until the car has both;
      then enter it at the walk-around.
    </p>
  </section>
)
