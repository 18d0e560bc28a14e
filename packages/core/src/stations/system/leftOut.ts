import { signalsOf } from '../../figures/index.ts'
import type { JobDocument } from '../../job/index.ts'
import type { Architecture } from '../../sections/index.ts'
import { onOwnManifold } from './architectures.ts'

/** A part that kits usually leave out and this car wants. */
export interface LeftOut {
  readonly id: string
  readonly what: string
  readonly why: string
}

interface Rule extends Omit<LeftOut, 'what'> {
  readonly what: string | ((job: JobDocument) => string)
  when(job: JobDocument, a: Architecture): boolean
}

const always = () => true

const RULES: readonly Rule[] = [
  {
    id: 'blank',
    what: 'Blanking plate and gasket for the mechanical pump',
    why: 'The old pump comes off and leaves a hole into the sump.',
    when: ({ walkAround: { tank } }) => tank.oldPump === null || tank.oldPump === 'mechanical',
  },
  {
    id: 'hose',
    what: 'Injection hose by the metre, and clips for it',
    why: 'Kits come with hose for an average car. Measure yours; old low-pressure hose bursts.',
    when: (_, a) => a.injection !== 'throttle-body-low',
  },
  {
    id: 'return-fitting',
    what: 'Return fitting with drop tube for the tank',
    why: 'The tank never had a return; it must enter below fuel level, away from the pick-up.',
    when: (j, a) => a.fuelLoop === 'return' && j.walkAround.lines.returnLine !== true,
  },
  {
    id: 'strainer',
    what: 'Strainer of 40 to 100 microns before the pump',
    why: 'An old tank sheds rust; the pump dies of it first.',
    when: (_, a) => a.pumpPlace === 'in-line',
  },
  {
    id: 'old-pump-plug',
    what: 'Insulated caps for the wiring of the old electric pump',
    why: 'Its live end is found, and capped or reused as the trigger of the relay: never left hanging near fuel.',
    when: ({ walkAround: { tank } }) => tank.oldPump === 'electric-in-line' || tank.oldPump === 'electric-in-tank',
  },
  {
    id: 'fine-filter',
    what: 'Fine filter for between pump and injectors, with its clamp and two fittings',
    why: 'Kits come with the coarse one or none: injector holes are tenths of a millimetre.',
    when: (j) => j.fuel.filter === null,
  },
  {
    id: 'extras-plug',
    what: 'Mating plug of the extras socket, with its terminals and blanks',
    why: 'The socket is on the ECU, its plug in no box: fan, lock-up and further inputs go through it.',
    when: (j) => signalsOf(j).length > 0 || j.system.gearboxControl === true,
  },
  {
    id: 'distributor-hole',
    what: 'Plug or dummy shaft for the hole of the removed distributor',
    why: 'Oil comes out of it, and on many engines its shaft drives the oil pump: then the shaft stays.',
    when: (j, a) => a.timing === 'crank-trigger' && j.walkAround.ignition.kind !== 'crank-triggered',
  },
  {
    id: 'distributor-plugs',
    what: 'Mating plugs for the controlled distributor of another size',
    why: 'Its body is adapted; its plugs are of its own family and are cut off the donor or bought.',
    when: (j, a) => a.timing === 'controlled-distributor' && j.system.distributorSize === 'other-size',
  },
  {
    id: 'loom-plugs',
    what: (j) => `Plugs for the car’s own loom as of ${j.walkAround.wiring.loomYear}`,
    why: 'The loom is not of the car’s year: plugs are ordered by the loom, not by the car.',
    when: ({ walkAround: { wiring }, vehicle }) =>
      wiring.loomYear !== null && vehicle.year !== null && wiring.loomYear !== vehicle.year,
  },
  {
    id: 'speed-adapter',
    what: 'Road speed adapter for the speedometer cable',
    why: 'The ECU counts pulses; a cable gives none.',
    when: (j) => j.harness.design.roadSpeed === 'adapter',
  },
  {
    id: 'knock-sensor',
    what: 'Knock sensor, its bolt of the right length, and a flat on the block',
    why: 'It listens through the metal: no washer, no paint, the torque of its sheet.',
    when: (j) => j.system.signals.includes('knock') && !j.walkAround.engine.sensors.includes('knock'),
  },
  {
    id: 'oil-sender',
    what: 'Oil pressure sender and a tee that keeps the old one',
    why: 'Gauge and lamp keep their own.',
    when: (j) => j.system.signals.includes('oil-pressure'),
  },
  {
    id: 'laptop',
    what: 'A laptop for the car, or the loan of one',
    why: 'Settings and road log need one on the passenger’s knees.',
    when: (j) => j.walkAround.means.laptop === false && j.system.tuning === 'self',
  },
  {
    id: 'inertia',
    what: 'Inertia or roll-over switch',
    why: 'The pump must stop after a crash.',
    when: always,
  },
  {
    id: 'gasket',
    what: 'Flange gasket, studs and nuts of the right length',
    why: 'The throttle body is taller or lower than the carburettor: old studs strip or bottom out.',
    when: (_, a) => a.injection !== 'port',
  },
  {
    id: 'manifold-bolts',
    what: 'Manifold bolts and gaskets',
    why: 'Lengths differ from the old manifold: too long bottoms out, too short strips.',
    when: (_, a) => a.injection === 'port' || a.build === 'other-manifold',
  },
  {
    id: 'spacer',
    what: 'Open spacer of 25 mm and its longer studs',
    why: 'Two-plane manifold with a full divider: the planes must meet under the throttle body.',
    when: (j, a) =>
      onOwnManifold(a) && j.walkAround.intake.manifold === 'two-plane' && j.walkAround.intake.divider === 'full',
  },
  {
    id: 'adapter',
    what: 'Adapter plate for the flange',
    why: 'The flange is not the square four-barrel pattern throttle bodies are made for.',
    when: (j, a) => onOwnManifold(a) && j.walkAround.intake.pad !== null && j.walkAround.intake.pad !== 'four-barrel',
  },
  {
    id: 'tv-bracket',
    what: 'Bracket and cam for the throttle-valve cable',
    why: 'It sets the pressure in the gearbox: wrong geometry wrecks it.',
    when: (j) => j.walkAround.gearbox.kickdown === 'throttle-valve-cable',
  },
  {
    id: 'kickdown',
    what: 'Kickdown lever or cable end',
    why: 'The carburettor carried it.',
    when: (j) => j.walkAround.gearbox.kickdown === 'rod' || j.walkAround.gearbox.kickdown === 'cable',
  },
  {
    id: 'linkage',
    what: 'Throttle lever, ball joints or cable end, second return spring',
    why: 'Full travel, no slack, two springs.',
    when: always,
  },
  {
    id: 'air-cleaner',
    what: 'Air cleaner base or a lower element',
    why: 'Measured: bonnet clearance is small.',
    when: (j) => j.walkAround.bonnet.gapM !== null && j.walkAround.bonnet.gapM < 0.03,
  },
  {
    id: 'caps',
    what: 'Vacuum caps and hose of each size, no tees',
    why: 'The carburettor’s ports are left open or move; one consumer per port.',
    when: always,
  },
  {
    id: 'second-sender',
    what: 'A port for the ECU’s coolant sensor beside the gauge sender',
    why: 'The gauge keeps its own sender; a splice makes both read wrong.',
    when: (j) => j.walkAround.cooling.gauge === 'electric' || j.walkAround.cooling.sparePort !== 'flowing',
  },
  {
    id: 'thread-adapter',
    what: 'Thread adapter for the coolant sensor',
    why: 'Old ports have other threads, or only a dead end is spare.',
    when: (j) => j.walkAround.cooling.sparePort === 'dead-end' || j.walkAround.cooling.sparePort === 'none',
  },
  {
    id: 'second-bung',
    what: 'Second oxygen sensor bung and blanking plug',
    why: 'One for each bank.',
    when: (_, a) => a.oxygenSensors === 2,
  },
  {
    id: 'clamp-boss',
    what: 'Clamp-on bung for your pipe diameter, band of the right length',
    why: 'Nobody welds. Bands too short or far too long are a classic.',
    when: (j) => j.system.welder === 'none',
  },
  {
    id: 'keyed-relay',
    what: 'Relay with diodes for a keyed feed',
    why: 'The coil feed runs through a ballast resistor: 6 to 9 V, and it must never feed an ECU.',
    when: (j) => j.walkAround.ignition.coilResistor === true,
  },
  {
    id: 'box',
    what: 'Igniter the ECU can fire',
    why: 'An ECU cannot drive points.',
    when: (j, a) => a.timing === 'locked-distributor' && j.walkAround.ignition.kind === 'points',
  },
  {
    id: 'leads',
    what: 'HT leads, suppressed',
    why: 'Solid wire puts noise on every sensor wire.',
    when: (j) => j.walkAround.ignition.suppressedLeads === false,
  },
  {
    id: 'straps',
    what: 'Earth straps: engine to body, battery to body',
    why: 'Missing or corroded on the walk-around.',
    when: ({ walkAround: { earths } }) =>
      earths.engineToBody === false ||
      earths.batteryToBody === false ||
      earths.batteryToEngine === false ||
      earths.condition === 'corroded',
  },
  {
    id: 'power-leads',
    what: 'Long main leads or a long keyed lead, with fuse at the battery',
    why: 'The battery is not in the engine bay.',
    when: (j) => j.walkAround.battery.place === 'boot' || j.walkAround.battery.place === 'under-seat',
  },
  {
    id: 'fuse-panel',
    what: 'Small fuse panel with its own feed',
    why: 'No spare position in the old box.',
    when: (j) => j.walkAround.wiring.freeFuses === 0,
  },
  {
    id: 'grommet',
    what: 'Grommet and hole saw for the bulkhead',
    why: 'No spare hole that takes the loom.',
    when: (j) => j.walkAround.cabin.bulkheadHoleM !== null && j.walkAround.cabin.bulkheadHoleM < 0.025,
  },
  {
    id: 'fan',
    what: 'Fan relay, fuse and socket',
    why: 'ECUs switch a relay coil to earth, not the fan itself.',
    when: (j) => j.system.fanControl === true || j.walkAround.cooling.fan === 'electric',
  },
  {
    id: 'tank-lining',
    what: 'Another tank, or relining',
    why: 'Ethanol blends dissolve the lead-tin coating.',
    when: (j) => j.walkAround.tank.lining === 'terne' && (j.fuel.ethanolShare ?? 0) > 0.1,
  },
]

/** What the box will not contain, for this car and this way of building. Trade practice: rule of thumb. */
export const leftOutFor = (job: JobDocument, a: Architecture): LeftOut[] =>
  RULES.filter((r) => r.when(job, a)).map(({ id, what, why }) => ({
    id,
    what: typeof what === 'string' ? what : what(job),
    why,
  }))
