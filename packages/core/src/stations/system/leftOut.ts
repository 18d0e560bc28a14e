import type { JobDocument } from '../../job/index.ts'
import type { Architecture } from '../../sections/index.ts'
import { onOwnManifold } from './architectures.ts'

/** A part that kits usually leave out and this car wants. */
export interface LeftOut {
  readonly id: string
  readonly what: string
  readonly why: string
}

interface Rule extends LeftOut {
  when(job: JobDocument, a: Architecture): boolean
}

const always = () => true

const RULES: readonly Rule[] = [
  {
    id: 'blank',
    what: 'Blanking plate and gasket for the mechanical pump',
    why: 'The old pump comes off and leaves a hole to the sump.',
    when: always,
  },
  {
    id: 'hose',
    what: 'Injection hose by the metre, clamps for it',
    why: 'Kits bring a length for an average car. Measure yours; old low-pressure hose bursts.',
    when: (_, a) => a.injection !== 'throttle-body-low',
  },
  {
    id: 'return-fitting',
    what: 'Return fitting with a drop tube for the tank',
    why: 'The tank never had a return; it must enter below the level, away from the pick-up.',
    when: (j, a) => a.fuelLoop === 'return' && j.walkAround.lines.returnLine !== true,
  },
  {
    id: 'strainer',
    what: 'Strainer of 40 to 100 microns before the pump',
    why: 'An old tank sheds; the pump dies of it first.',
    when: (_, a) => a.pumpPlace === 'in-line',
  },
  {
    id: 'inertia',
    what: 'Inertia or roll-over switch',
    why: 'The pump must stop when the car has hit something.',
    when: always,
  },
  {
    id: 'gasket',
    what: 'Pad gasket, studs and nuts of the right length',
    why: 'The body is taller or lower than the carburettor: old studs strip or bottom.',
    when: (_, a) => a.injection !== 'port',
  },
  {
    id: 'manifold-bolts',
    what: 'Manifold bolts and gaskets',
    why: 'Lengths differ from the old manifold’s; too long bottoms, too short strips.',
    when: (_, a) => a.injection === 'port' || a.build === 'other-manifold',
  },
  {
    id: 'spacer',
    what: 'Open spacer of 25 mm and its longer studs',
    why: 'Two-plane manifold with a full divider: the planes must meet under the body.',
    when: (j, a) =>
      onOwnManifold(a) && j.walkAround.intake.manifold === 'two-plane' && j.walkAround.intake.divider === 'full',
  },
  {
    id: 'adapter',
    what: 'Adapter plate for the pad',
    why: 'The pad is not the square four-barrel one that bodies are made for.',
    when: (j, a) => onOwnManifold(a) && j.walkAround.intake.pad !== null && j.walkAround.intake.pad !== 'four-barrel',
  },
  {
    id: 'tv-bracket',
    what: 'Bracket and cam for the throttle-valve cable',
    why: 'It sets the pressure in the gearbox: wrong geometry costs it.',
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
    why: 'Measured: the gap to the bonnet is small.',
    when: (j) => j.walkAround.bonnet.gapM !== null && j.walkAround.bonnet.gapM < 0.03,
  },
  {
    id: 'caps',
    what: 'Vacuum caps and hose of each size, tees for none',
    why: 'The carburettor’s ports stay open or go elsewhere; one consumer a port.',
    when: always,
  },
  {
    id: 'second-sender',
    what: 'A port for the controller’s coolant sensor beside the gauge’s own',
    why: 'The gauge keeps its sender; a splice falsifies both.',
    when: (j) => j.walkAround.cooling.gauge === 'electric' || j.walkAround.cooling.sparePort !== 'flowing',
  },
  {
    id: 'thread-adapter',
    what: 'Thread adapter for the coolant sensor',
    why: 'Old ports have other threads, or only a dead end is free.',
    when: (j) => j.walkAround.cooling.sparePort === 'dead-end' || j.walkAround.cooling.sparePort === 'none',
  },
  {
    id: 'second-bung',
    what: 'Second oxygen sensor boss and plug',
    why: 'One for each bank.',
    when: (_, a) => a.oxygenSensors === 2,
  },
  {
    id: 'clamp-boss',
    what: 'Clamp-on boss for your pipe’s diameter, band of the right length',
    why: 'Nobody welds. Bands that are too short or far too long are a classic.',
    when: (j) => j.system.welder === 'none',
  },
  {
    id: 'keyed-relay',
    what: 'Relay with diodes for a keyed feed',
    why: 'The coil feed runs through a resistor: 6 to 9 V, and it must not feed a controller.',
    when: (j) => j.walkAround.ignition.coilResistor === true,
  },
  {
    id: 'box',
    what: 'Igniter that the controller can fire',
    why: 'Points cannot be driven.',
    when: (j, a) => a.timing === 'locked-distributor' && j.walkAround.ignition.kind === 'points',
  },
  {
    id: 'leads',
    what: 'Suppressed plug leads',
    why: 'Solid wire shouts into every sensor lead.',
    when: (j) => j.walkAround.ignition.suppressedLeads === false,
  },
  {
    id: 'straps',
    what: 'Ground straps engine to body, battery to body',
    why: 'Seen missing or green on the walk-around.',
    when: ({ walkAround: { earths } }) =>
      earths.engineToBody === false ||
      earths.batteryToBody === false ||
      earths.batteryToEngine === false ||
      earths.condition === 'corroded',
  },
  {
    id: 'power-leads',
    what: 'Long main leads or a long keyed lead, with fuse at the battery',
    why: 'The battery is not in the bay.',
    when: (j) => j.walkAround.battery.place === 'boot' || j.walkAround.battery.place === 'under-seat',
  },
  {
    id: 'fuse-panel',
    what: 'Small fuse panel with its own feed',
    why: 'No free position in the old box.',
    when: (j) => j.walkAround.wiring.freeFuses === 0,
  },
  {
    id: 'grommet',
    what: 'Grommet and hole saw for the bulkhead',
    why: 'No free hole that takes the loom.',
    when: (j) => j.walkAround.cabin.bulkheadHoleM !== null && j.walkAround.cabin.bulkheadHoleM < 0.025,
  },
  {
    id: 'fan',
    what: 'Fan relay, fuse and socket',
    why: 'Controllers switch a relay’s coil to ground, not the fan.',
    when: (j) => j.system.fanControl === true || j.walkAround.cooling.fan === 'electric',
  },
  {
    id: 'tank-lining',
    what: 'Another tank, or relining',
    why: 'Ethanol blends eat the lead-tin coat.',
    when: (j) => j.walkAround.tank.lining === 'terne' && (j.fuel.ethanolShare ?? 0) > 0.1,
  },
]

/** What the box will not contain, for this car and this way of building. Trade practice: rule of thumb. */
export const leftOutFor = (job: JobDocument, a: Architecture): LeftOut[] =>
  RULES.filter((r) => r.when(job, a)).map(({ id, what, why }) => ({ id, what, why }))
