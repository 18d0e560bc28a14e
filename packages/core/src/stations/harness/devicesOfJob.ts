import { figureOf } from '../../figures/index.ts'
import type { JobDocument } from '../../job/index.ts'
import type { Architecture, Signal, Station } from '../../sections/index.ts'

/** What the loom joins, and which station decided that it is there. */
export interface Device {
  readonly id: string
  readonly name: string
  readonly from: Station
  /** Until somebody has measured: from the loom to its pins, the plug's diagonal, its ways. Estimates. */
  readonly leadM: number
  readonly plugM: number
  readonly ways: number
}

/** Leads and plugs as they usually are, by the beginning of a device's id: m, m, ways. Estimates. */
const USUAL: readonly (readonly [id: string, leadM: number, plugM: number, ways: number])[] = [
  ['battery', 0.25, 0.02, 1],
  ['engine-earth', 0.15, 0.015, 1],
  ['body-earth', 0.15, 0.015, 1],
  ['key-switch', 0.2, 0.03, 4],
  ['fuse-box', 0.2, 0.02, 1],
  ['relay-box', 0.15, 0.045, 12],
  ['inertia-switch', 0.15, 0.026, 2],
  ['fuel-pump', 0.25, 0.03, 2],
  ['pump-earth', 0.1, 0.015, 1],
  ['cooling-fan', 0.2, 0.035, 2],
  ['fan-earth', 0.1, 0.015, 1],
  ['ignition-coil', 0.15, 0.03, 3],
  ['distributor', 0.2, 0.026, 3],
  ['crank-sensor', 0.25, 0.026, 3],
  ['cam-sensor', 0.2, 0.026, 3],
  ['injector', 0.12, 0.024, 2],
  ['coolant-sensor', 0.12, 0.022, 2],
  ['air-sensor', 0.15, 0.022, 2],
  ['manifold-sensor', 0.15, 0.026, 3],
  ['throttle-sensor', 0.12, 0.026, 3],
  ['idle-valve', 0.12, 0.03, 4],
  ['oxygen-sensor', 0.4, 0.034, 6],
  ['gearbox-plug', 0.3, 0.045, 10],
  ['tachometer', 0.2, 0.02, 1],
  ['warning-lamp', 0.15, 0.02, 2],
  ['display', 0.3, 0.03, 4],
  ['tuning-plug', 0.3, 0.03, 4],
  ['road-speed', 0.2, 0.026, 3],
  ['brake-switch', 0.2, 0.022, 2],
  ['cooling-switch', 0.2, 0.022, 2],
  ['knock-sensor', 0.3, 0.024, 2],
  ['oil-sender', 0.15, 0.022, 3],
  ['ambient-sensor', 0.15, 0.026, 3],
  ['speedometer', 0.2, 0.026, 2],
]
const usualOf = (id: string) => USUAL.find(([kind]) => id.startsWith(kind)) ?? ([id, 0.15, 0.025, 2] as const)

/** What further inputs and outputs of the ECU join; a second fan hangs on its relay, road speed is asked at the harness. */
const SIGNAL_DEVICES: Readonly<Partial<Record<Signal, readonly [id: string, name: string]>>> = {
  brake: ['brake-switch', 'Brake switch'],
  'cooling-request': ['cooling-switch', 'Cooling request switch'],
  knock: ['knock-sensor', 'Knock sensor'],
  'oil-pressure': ['oil-sender', 'Oil pressure sender'],
  'ambient-pressure': ['ambient-sensor', 'Ambient pressure sensor'],
  speedometer: ['speedometer', 'Speedometer'],
}

/** Injectors of the chosen system. */
export const injectorsOfJob = (job: JobDocument, a: Architecture): number =>
  a.injection === 'port' ? figureOf(job, 'vehicle.cylinders') : figureOf(job, 'fuel.injectorCount')

/** Whether an electric fan is fed by the conversion. */
export const hasFan = (job: JobDocument): boolean => job.power.design.fan === 'relay'

/** Devices that follow from what the earlier stations decided, and those of this car only. Empty without a system. */
export const devicesOfJob = (job: JobDocument): readonly Device[] => {
  const a = job.system.chosen
  if (a === null) return []
  const list: (readonly [id: string, name: string, from: Station])[] = [
    ['battery', 'Battery', 'power'],
    ['key-switch', 'Key switch', 'power'],
    ['relay-box', 'Relay and fuse box', 'power'],
    ...(job.power.design.ecuEarth === 'block' || job.power.design.ecuEarth === 'head'
      ? ([['engine-earth', job.power.design.ecuEarth === 'head' ? 'Earth at the head' : 'Earth at the block', 'power']] as const)
      : []),
    ...(job.power.design.ecuEarth === 'body' ? ([['body-earth', 'Body earth', 'power']] as const) : []),
    ...(job.fuel.safety.inertiaSwitch === true ? ([['inertia-switch', 'Inertia switch', 'fuel']] as const) : []),
    ['fuel-pump', 'Fuel pump', 'fuel'],
    ...(job.power.design.pumpEarth === 'battery' ? [] : ([['pump-earth', 'Pump earth point', 'power']] as const)),
    ...(hasFan(job) ? ([['cooling-fan', 'Radiator fan', 'power'], ['fan-earth', 'Fan earth point', 'power']] as const) : []),
    ['ignition-coil', 'Ignition coil', 'system'],
    ...(a.trigger === 'distributor' ? ([['distributor', 'Distributor pick-up', 'system']] as const) : []),
    ...(a.trigger === 'crank-wheel' || a.trigger === 'crank-and-cam' ? ([['crank-sensor', 'Crank sensor', 'system']] as const) : []),
    ...(a.trigger === 'crank-and-cam' ? ([['cam-sensor', 'Cam sensor', 'system']] as const) : []),
    ...Array.from({ length: injectorsOfJob(job, a) }, (_, n) => [`injector-${n + 1}`, `Injector ${n + 1}`, 'fuel'] as const),
    ['coolant-sensor', 'Coolant sensor', 'system'],
    ['air-sensor', 'Intake air sensor', 'system'],
    ['manifold-sensor', 'Manifold pressure sensor', 'system'],
    ['throttle-sensor', 'Throttle sensor', 'system'],
    ...(job.system.controller?.idleValve === false ? [] : ([['idle-valve', 'Idle valve', 'system']] as const)),
    ['oxygen-sensor-a', a.oxygenSensors === 2 ? 'Oxygen sensor A' : 'Oxygen sensor', 'exhaust'],
    ...(a.oxygenSensors === 2 ? ([['oxygen-sensor-b', 'Oxygen sensor B', 'exhaust']] as const) : []),
    ...(job.system.gearboxControl === true ? ([['gearbox-plug', 'Gearbox plug', 'system']] as const) : []),
    ...(a.timing === 'crank-trigger' ? ([['tachometer', 'Tachometer', 'system']] as const) : []),
    ['warning-lamp', 'Warning lamp', 'harness'],
    ...(job.harness.design.displayFitted === true ? ([['display-unit', 'Display', 'harness']] as const) : []),
    ...(job.harness.design.tuningCable === true ? ([['tuning-plug', 'Tuning cable', 'harness']] as const) : []),
    ...(job.harness.design.roadSpeed === 'sensor' ? ([['road-speed', 'Road-speed sensor', 'harness']] as const) : []),
    ...(job.harness.design.roadSpeed === 'adapter' ? ([['road-speed', 'Road-speed adapter', 'harness']] as const) : []),
    ...job.system.signals.flatMap((s) => (SIGNAL_DEVICES[s] ? [[SIGNAL_DEVICES[s][0], SIGNAL_DEVICES[s][1], 'system'] as const] : [])),
  ] // prettier-ignore
  const known = new Set(list.map(([id]) => id))
  const own = job.harness.devices.filter((d) => !known.has(d.id) && d.name !== '')
  return [...list, ...own.map((d) => [d.id, d.name, 'harness'] as const)].map(([id, name, from]) => {
    const [, leadM, plugM, ways] = usualOf(id)
    return { id, name, from, leadM, plugM, ways }
  })
}
