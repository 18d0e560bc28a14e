import { camClassOf } from '../../engine/index.ts'
import type { JobDocument } from '../../job/index.ts'
import type { Architecture } from '../../sections/index.ts'
import { onOwnManifold } from './architectures.ts'

/** What can go wrong with it on this car. */
export const risksOf = (job: JobDocument, a: Architecture): string[] => {
  const { intake, tests, lines, engine, means } = job.walkAround
  const cam = tests.idleVacuumPa === null ? null : camClassOf(tests.idleVacuumPa)
  return [
    ...(a.build === 'ready-kit'
      ? ['First ask whether a kit is made for this engine; then check its scope, its ports and the bonnet clearance.']
      : []),
    ...(a.build === 'other-manifold'
      ? ['Another manifold sits differently: measure bonnet, linkage, coolant and vacuum ports before you buy it.']
      : []),
    ...(a.injection === 'throttle-body-low'
      ? ['Hot restart: volatile fuel boils in a 100 kPa throttle body after stopping.']
      : []),
    ...(onOwnManifold(a) && intake.manifold === 'two-plane'
      ? ['Fuel may favour one plane, and the sensor sits on one bank: divider and spacer decide.']
      : []),
    ...(onOwnManifold(a) && intake.manifold === 'log'
      ? ['A log manifold distributes fuel unevenly; port injectors would not care.']
      : []),
    ...(cam === 'wild' || cam === 'sporting'
      ? ['Valve overlap lets fresh air into the exhaust at idle: no closed loop there.']
      : []),
    ...(a.timing === 'locked-distributor'
      ? ['Rotor phase out by a few degrees: crossfire at one end of the range.']
      : []),
    ...(a.timing === 'none' && job.walkAround.ignition.kind === 'points'
      ? ['Points bounce and coil spikes reach the speed input.']
      : []),
    ...(a.fuelLoop === 'single-line'
      ? ['Fuel sits in the line and warms at idle; the feed drop comes off rail pressure at full load.']
      : []),
    ...(a.fuelLoop === 'return' && lines.returnLine === true
      ? ['An old small-bore return raises rail pressure at idle: the fuel system station checks it.']
      : []),
    ...(a.oxygenSensors === 2
      ? ['Two sensors: leads crossed between banks drive one full rich, the other full lean.']
      : []),
    ...(a.trigger === 'crank-wheel' || a.trigger === 'crank-and-cam'
      ? ['Wheel run-out and bracket flex: measure the air gap at several teeth.']
      : []),
    ...(engine.sensors.includes('coolant') || engine.sensors.includes('air')
      ? ['The engine’s own thermistors stay only if the ECU takes their table: measure points first.']
      : []),
    ...(job.system.uses.includes('towing')
      ? ['Towing: coolant, under-bonnet air and the sensor run hotter for longer than any short drive shows.']
      : []),
    ...(means.lift === 'none' ? ['Nothing to put the car up on: lines, tank and exhaust are a shop’s work.'] : []),
  ]
}
