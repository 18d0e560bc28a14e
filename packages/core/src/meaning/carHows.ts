import type { FACTS } from '../sections/facts.ts'
import type { ORDERS } from '../sections/orders.ts'
import type { SYSTEM } from '../sections/system.ts'
import type { VEHICLE } from '../sections/vehicle.ts'
import type { Hows } from './hows.ts'

export const VEHICLE_HOWS: Hows<typeof VEHICLE> = {
  year: 'From the papers or the chassis plate; the engine is often newer or older than the car.',
  cylinders: 'Count the HT leads at the distributor.',
  displacementM3:
    'From the papers, or bore and stroke: bore² x 0.785 x stroke x cylinders. Ask whether it has been bored out.',
  powerW:
    'What the engine should make after the conversion, not what the brochure said. Allow for later plans: you buy a pump once.',
  powerSpeedRpm: 'From the papers or a rolling road: where it makes peak power, not the red line.',
  boostPa: 'Gauge pressure on the manifold side of the throttle. A gauge at the blower reads a little more.',
  idleSpeedRpm: 'Warm, with a tachometer on the coil or a timing light.',
  idleManifoldPa:
    'A vacuum gauge on a full-manifold port reads below atmospheric: absolute is 101 kPa less that reading. 50 cm of mercury of vacuum is about 35 kPa absolute.',
  cruiseSpeedRpm: 'In top gear at the speed it is mostly driven.',
  cruiseManifoldPa: 'The same gauge, read by a passenger at a steady speed on the flat.',
}

export const SYSTEM_HOWS: Hows<typeof SYSTEM> = {
  powerLaterW: 'You buy pump and lines once: what the engine may make in a few years’ time.',
  boostLaterPa: 'Gauge pressure; leave it empty if no blower is planned.',
  budgetClass: 'For the whole conversion, from cheap to very expensive.',
}

export const FACTS_HOWS: Hows<typeof FACTS> = {
  odometerM: 'As it reads at the walk-around; the first re-check is counted from it.',
}

export const ORDERS_HOWS: Hows<typeof ORDERS> = {
  purchases: {
    item: {
      price: 'From the invoice, for the whole quantity, in the currency of this list.',
      sizeM: 'From its data sheet or with a rule: the dimension that decides whether it goes in.',
      roomM: 'A rule or a cardboard dummy at the place, with the bonnet shut and everything back in.',
    },
  },
}
