import type { JobDocument } from '../../job/index.ts'
import type { Architecture, Reached } from '../../sections/index.ts'
import { hoursOfReach } from '../../figures/index.ts'
import { builtUpPorts, onOwnManifold } from './architectures.ts'
import { camClassOf } from '../../engine/index.ts'

/**
 * What hours and money are for: the work on the engine with controller, harness and sensor boss; the manifold where it is
 * altered, built up or changed; pump, lines and tank; spark and trigger.
 */
export const WORK_SCOPES = ['engine', 'manifold', 'fuel', 'ignition'] as const
export type WorkScope = (typeof WORK_SCOPES)[number]

export type ConsequenceKind = 'buy' | 'cut' | 'weld' | 'give-up' | 'rules-out'

/** Something that a way of building brings with it: to buy, to cut, to weld, to give up, or to rule out for later. */
export interface Consequence {
  readonly id: string
  readonly kind: ConsequenceKind
  readonly scope: WorkScope
  readonly text: string
  /** Hours of a practised installer, least and most: rule of thumb. */
  readonly hours: readonly [number, number]
  /** Weight in cost, 0 (nothing) to 6: rule of thumb. */
  readonly cost: number
}

interface Rule extends Omit<Consequence, 'text'> {
  readonly text: string | ((job: JobDocument, a: Architecture) => string)
  when(job: JobDocument, a: Architecture): boolean
}

const tbi = (_: JobDocument, a: Architecture) => a.injection !== 'port'
const port = (_: JobDocument, a: Architecture) => a.injection === 'port'
const onCrank = (a: Architecture) => a.trigger === 'crank-wheel' || a.trigger === 'crank-and-cam'
const builtUp = (_: JobDocument, a: Architecture) => builtUpPorts(a)

const RULES: readonly Rule[] = [
  {
    id: 'throttle-body',
    kind: 'buy',
    scope: 'engine',
    text: 'Throttle body with injectors, sensors and its flange gasket',
    hours: [1, 2],
    cost: 5,
    when: tbi,
  },
  {
    id: 'port-manifold',
    kind: 'buy',
    scope: 'manifold',
    text: 'Manifold with injector bungs, or the old one machined for them; rails',
    hours: [24, 32],
    cost: 6,
    when: builtUp,
  },
  {
    id: 'port-throttle',
    kind: 'buy',
    scope: 'engine',
    text: 'Air-only throttle body, with throttle sensor',
    hours: [1, 2],
    cost: 3,
    when: builtUp,
  },
  {
    id: 'injectors',
    kind: 'buy',
    scope: 'engine',
    text: (j) =>
      `${j.vehicle.cylinders ?? 'One injector a'} ${j.vehicle.cylinders ? 'injectors' : 'cylinder'} with connectors`,
    hours: [0.5, 1],
    cost: 2,
    when: builtUp,
  },
  {
    id: 'pump-low',
    kind: 'buy',
    scope: 'fuel',
    text: 'Pump and regulator for about 100 kPa',
    hours: [1, 2],
    cost: 2,
    when: (_, a) => a.injection === 'throttle-body-low',
  },
  {
    id: 'pump-high',
    kind: 'buy',
    scope: 'fuel',
    text: 'Pump and regulator for 300 to 400 kPa',
    hours: [1, 2],
    cost: 3,
    when: (_, a) => a.injection !== 'throttle-body-low',
  },
  {
    id: 'lined-hose',
    kind: 'buy',
    scope: 'fuel',
    text: 'Injection hose and fittings for the whole feed',
    hours: [2, 4],
    cost: 2,
    when: (_, a) => a.injection !== 'throttle-body-low',
  },
  {
    id: 'return-line',
    kind: 'buy',
    scope: 'fuel',
    text: (j) =>
      j.walkAround.lines.returnLine === true
        ? 'Return: old line checked for bore, new hose ends'
        : 'A return line along the car, and a drop tube in the tank',
    hours: [2, 5],
    cost: 2,
    when: (_, a) => a.fuelLoop === 'return',
  },
  {
    id: 'tank-regulator',
    kind: 'buy',
    scope: 'fuel',
    text: 'Module or regulator at the tank with its own return',
    hours: [1, 2],
    cost: 2,
    when: (_, a) => a.fuelLoop === 'single-line',
  },
  {
    id: 'tank-hole',
    kind: 'cut',
    scope: 'fuel',
    text: 'A hole in the tank top for the pump hat: tank out, cleaned and gas-free, or leave it to a specialist',
    hours: [4, 8],
    cost: 2,
    when: (_, a) => a.pumpPlace === 'in-tank',
  },
  {
    id: 'in-line',
    kind: 'buy',
    scope: 'fuel',
    text: 'In-line pump low beside the tank, with strainer and bracket',
    hours: [2, 4],
    cost: 1,
    when: (_, a) => a.pumpPlace === 'in-line',
  },
  {
    id: 'quiet',
    kind: 'give-up',
    scope: 'fuel',
    text: 'Quiet running: an in-line pump can be heard',
    hours: [0, 0],
    cost: 0,
    when: (_, a) => a.pumpPlace === 'in-line',
  },
  {
    id: 'divider',
    kind: 'cut',
    scope: 'manifold',
    text: 'Two-plane manifold: divider cut down about 25 mm, or an open spacer under the throttle body',
    hours: [1, 3],
    cost: 1,
    when: (j, a) =>
      onOwnManifold(a) && j.walkAround.intake.manifold === 'two-plane' && j.walkAround.intake.divider === 'full',
  },
  {
    id: 'bung',
    kind: 'weld',
    scope: 'engine',
    text: 'Oxygen sensor bung welded into the pipe (clamp-on bung if nobody welds)',
    hours: [0.5, 1],
    cost: 1,
    when: () => true,
  },
  {
    id: 'bung-two',
    kind: 'weld',
    scope: 'engine',
    text: 'A second bung in the other bank’s pipe',
    hours: [0.5, 1],
    cost: 2,
    when: (_, a) => a.oxygenSensors === 2,
  },
  {
    id: 'port-bosses',
    kind: 'weld',
    scope: 'manifold',
    text: 'Injector bungs into the manifold if none is sold ready-made',
    hours: [8, 16],
    cost: 3,
    when: builtUp,
  },
  {
    id: 'controlled',
    kind: 'buy',
    scope: 'ignition',
    text: 'Controlled distributor, or a controlled module for yours',
    hours: [2, 4],
    cost: 3,
    when: (_, a) => a.timing === 'controlled-distributor',
  },
  {
    id: 'lock-out',
    kind: 'cut',
    scope: 'ignition',
    text: 'Weights and vacuum plate locked, rotor phased to mid-range',
    hours: [2, 4],
    cost: 1,
    when: (_, a) => a.timing === 'locked-distributor',
  },
  {
    id: 'lock-out-box',
    kind: 'buy',
    scope: 'ignition',
    text: 'Igniter or ignition box the ECU can fire',
    hours: [1, 2],
    cost: 2,
    when: (_, a) => a.timing === 'locked-distributor',
  },
  {
    id: 'advance-gone',
    kind: 'give-up',
    scope: 'ignition',
    text: 'Driving home without the ECU: the weights no longer advance',
    hours: [0, 0],
    cost: 0,
    when: (_, a) => a.timing === 'locked-distributor' || a.timing === 'controlled-distributor',
  },
  {
    id: 'wheel',
    kind: 'buy',
    scope: 'ignition',
    text: 'Toothed wheel and sensor on the crank',
    hours: [3, 8],
    cost: 3,
    when: (j, a) => onCrank(a) && !j.walkAround.engine.sensors.includes('crank'),
  },
  {
    id: 'own-wheel',
    kind: 'cut',
    scope: 'ignition',
    text: 'Crank sensor and wheel that the engine has: count the teeth, measure gap and signal',
    hours: [0.5, 1],
    cost: 0,
    when: (j, a) => onCrank(a) && j.walkAround.engine.sensors.includes('crank'),
  },
  {
    id: 'distributor-size',
    kind: 'cut',
    scope: 'ignition',
    text: 'Controlled distributor of another size: shaft and body adapted, joined through its own plugs',
    hours: [2, 4],
    cost: 1,
    when: (j, a) => a.timing === 'controlled-distributor' && j.system.distributorSize === 'other-size',
  },
  {
    id: 'coils',
    kind: 'buy',
    scope: 'ignition',
    text: 'Coil pack and leads, igniters where the coils have none',
    hours: [2, 4],
    cost: 3,
    when: (_, a) => a.timing === 'crank-trigger',
  },
  {
    id: 'cam',
    kind: 'buy',
    scope: 'ignition',
    text: 'Cam sensor, for instance in the old distributor body',
    hours: [2, 5],
    cost: 2,
    when: (j, a) => a.trigger === 'crank-and-cam' && !j.walkAround.engine.sensors.includes('cam'),
  },
  {
    id: 'look',
    kind: 'give-up',
    scope: 'engine',
    text: 'The look of the old carburettor under its air cleaner',
    hours: [0, 0],
    cost: 0,
    when: port,
  },
  {
    id: 'table-timing',
    kind: 'rules-out',
    scope: 'ignition',
    text: 'Mapped timing: the old distributor still sets it',
    hours: [0, 0],
    cost: 0,
    when: (_, a) => a.timing === 'none',
  },
  {
    id: 'bank-trim',
    kind: 'rules-out',
    scope: 'engine',
    text: 'Trimming one bank against the other',
    hours: [0, 0],
    cost: 0,
    when: tbi,
  },
  {
    id: 'no-boost',
    kind: 'rules-out',
    scope: 'fuel',
    text: 'Planned boost: 100 kPa at the rail leaves nothing against it',
    hours: [0, 0],
    cost: 0,
    when: (_, a) => a.injection === 'throttle-body-low',
  },
  {
    id: 'no-reference',
    kind: 'rules-out',
    scope: 'fuel',
    text: 'A rail that follows boost: the regulator sits at the tank',
    hours: [0, 0],
    cost: 0,
    when: (_, a) => a.fuelLoop === 'single-line',
  },
  {
    id: 'no-sequential',
    kind: 'rules-out',
    scope: 'ignition',
    text: 'Sequential firing, without a crank wheel added',
    hours: [0, 0],
    cost: 0,
    when: (_, a) => a.firing === 'batch' && a.trigger !== 'crank-wheel' && a.injection === 'port',
  },
  {
    id: 'ready-kit',
    kind: 'buy',
    scope: 'engine',
    text: 'The kit for this engine: manifold or injector bungs, rails, injectors, throttle body. Check its scope and fit first',
    hours: [4, 5],
    cost: 9,
    when: (_, a) => a.build === 'ready-kit',
  },
  {
    id: 'other-manifold',
    kind: 'buy',
    scope: 'manifold',
    text: 'Another manifold with the right flange, gaskets; drain coolant, check studs',
    hours: [3, 6],
    cost: 4,
    when: (_, a) => a.build === 'other-manifold',
  },
  {
    id: 'harness',
    kind: 'buy',
    scope: 'engine',
    text: 'ECU with its harness, sensors, relays; main feeds straight to the battery terminals',
    hours: [1, 1.5],
    cost: 3,
    when: tbi,
  },
  {
    id: 'harness-port',
    kind: 'buy',
    scope: 'engine',
    text: 'ECU with its harness to every injector, sensors, relays; main feeds straight to the battery terminals',
    hours: [1.5, 3],
    cost: 3,
    when: port,
  },
]

/** Where each scope of the work reaches into the car. */
const REACHES: Readonly<Record<WorkScope, (a: Architecture) => readonly Reached[]>> = {
  engine: () => ['exhaust', 'bulkhead', 'ecu', 'battery', 'earths'],
  manifold: () => ['manifold'],
  fuel: (a) => (a.pumpPlace === 'in-tank' ? ['tank', 'fuel-lines'] : ['fuel-lines']),
  ignition: () => [],
}

/** What must come out before a scope of the work can be reached, as the walk-around found it. */
const reachOf = (job: JobDocument, a: Architecture): Consequence[] =>
  WORK_SCOPES.flatMap((scope) => {
    const hours = hoursOfReach(job, REACHES[scope](a))
    return hours === 0
      ? []
      : [{ id: `reach-${scope}`, kind: 'cut' as const, scope, text: REACH_WORDS[scope], hours: [hours, hours] as const, cost: 0 }] // prettier-ignore
  })
const REACH_WORDS: Readonly<Record<WorkScope, string>> = {
  engine: 'Parts out and in again to reach exhaust, bulkhead, ECU and battery',
  manifold: 'Parts out and in again to reach the manifold',
  fuel: 'Parts out and in again to reach the fuel system',
  ignition: 'Parts out and in again to reach the ignition',
}

const fromRules = (job: JobDocument, a: Architecture): Consequence[] =>
  RULES.filter((r) => r.when(job, a)).map(({ id, kind, scope, text, hours, cost }) => ({
    id,
    kind,
    scope,
    hours,
    cost,
    text: typeof text === 'function' ? text(job, a) : text,
  }))

export const consequencesOf = (job: JobDocument, a: Architecture): Consequence[] => [
  ...fromRules(job, a),
  ...reachOf(job, a),
]

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
