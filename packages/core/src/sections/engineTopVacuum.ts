import { always, entered, figure, group, listOf, name, newItem, seen, word, type ItemOf } from '../shape/index.ts'

/** What hangs on vacuum. */
export const VACUUM_USES = [
  'servo',
  'breather',
  'pressure-sensor',
  'regulator',
  'advance',
  'modulator',
  'heater',
  'gauge',
  'purge',
  'other',
] as const
export type VacuumUse = (typeof VACUUM_USES)[number]

/** A port of the new throttle body or of the manifold. */
const VACUUM_PORT = group({
  name: name(60),
  on: always(['throttle-body', 'manifold']),
  boreM: figure('bore', 0.001, 0.04, 'm'),
  kind: word('full', 'ported'),
  draws: word('plenum', 'runner'),
  /** What the system keeps it for; null: it is free. */
  keptFor: word(...VACUUM_USES),
})
export type VacuumPortEntry = ItemOf<typeof VACUUM_PORT>
export const emptyPort = (id: string, called: string): VacuumPortEntry => newItem(VACUUM_PORT, id, { name: called })

/** What needs vacuum, and of what kind. Null: as its use usually asks. */
const VACUUM_CONSUMER = group({
  name: name(60),
  use: always(VACUUM_USES, 'other'),
  boreM: figure('bore', 0.001, 0.04, 'm'),
  wants: word('full', 'ported', 'either'),
  plenumOnly: seen,
  mayShare: seen,
  mayDrop: seen,
  mostLengthM: figure('bore', 0.05, 5, 'm'),
  /** Id of the port that its hose is on; null: as the plan has it. */
  portId: entered(60),
})
export type VacuumConsumerEntry = ItemOf<typeof VACUUM_CONSUMER>
export const emptyConsumer = (id: string, called: string, use: VacuumUse): VacuumConsumerEntry =>
  newItem(VACUUM_CONSUMER, id, { name: called, use })

/** A hose as it would be laid. */
const VACUUM_HOSE = group({
  portId: entered(60),
  consumerId: entered(60),
  lengthM: figure('bore', 0.02, 5, 'm'),
})
export type VacuumHose = ItemOf<typeof VACUUM_HOSE>
export const vacuumHose = (id: string, portId: string, consumerId: string): VacuumHose =>
  newItem(VACUUM_HOSE, id, { portId, consumerId })

/** Who gets which port. */
export const ENGINE_TOP_VACUUM = group({
  ports: listOf(VACUUM_PORT, 16, 'port'),
  consumers: listOf(VACUUM_CONSUMER, 12, 'consumer'),
  hoses: listOf(VACUUM_HOSE, 60, 'hose'),
  /** Whether a port may be drilled and tapped into the manifold. */
  mayDrill: seen,
  pressureLine: always(['own-port', 'teed']),
  throughBulkhead: seen,
  grommet: seen,
  held: word('clip', 'tie-loose', 'tie-tight', 'nothing'),
  /** Manifold pressure by the ECU: engine stopped, and lowest and highest of a steady idle. Absolute. */
  stoppedPa: figure('pressure', 50e3, 110e3, 'Pa absolute'),
  idleLowPa: figure('pressure', 10e3, 110e3, 'Pa absolute'),
  idleHighPa: figure('pressure', 10e3, 110e3, 'Pa absolute'),
  /** By a gauge on a port of its own, at the same idle. */
  gaugePa: figure('vacuum', 0, 95e3, 'Pa below ambient'),
})
