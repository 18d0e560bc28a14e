import type { SYSTEM } from '../sections/system.ts'
import type { VEHICLE } from '../sections/vehicle.ts'
import type { Hows } from './hows.ts'

export const VEHICLE_HOWS: Hows<typeof VEHICLE> = {
  year: 'From the papers or the chassis plate; engines are often younger or older than the car.',
  cylinders: 'Count the plug leads at the distributor.',
  displacementM3:
    'From the papers, or bore and stroke: bore² x 0.785 x stroke x cylinders. Ask whether it was bored out.',
  powerW:
    'What the engine shall make after the conversion, not what the brochure said. Add what is planned for later: a pump is bought once.',
  powerSpeedRpm: 'From the papers or a rolling road: where the power is made, not where the red begins.',
  boostPa:
    'On the manifold side of the throttle, above the air outside. The gauge of the blower shows it before the throttle: a little more.',
  idleSpeedRpm: 'Warm, with a tachometer on the coil or a stroboscope.',
  idleManifoldPa:
    'A vacuum gauge on a full-manifold port reads below the air outside: absolute is 101 kPa less that reading. 50 cm of mercury of vacuum are about 35 kPa absolute.',
  cruiseSpeedRpm: 'In top gear at the speed it is mostly driven.',
  cruiseManifoldPa: 'The same gauge, read by a passenger at a steady road speed on the flat.',
}

export const SYSTEM_HOWS: Hows<typeof SYSTEM> = {
  powerLaterW: 'A pump and lines are bought once: what the engine may make in a few years.',
  boostLaterPa: 'Above the air outside; leave it open where no blower is planned.',
  budgetClass: 'Of the whole conversion, from cheap to very dear.',
}
