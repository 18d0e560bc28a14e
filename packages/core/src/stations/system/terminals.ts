import { figureOf, injectorDrivers, signalsOf } from '../../figures/index.ts'
import { type JobDocument } from '../../job/index.ts'
import { type Architecture } from '../../sections/index.ts'
import type { Signal } from '../../sections/index.ts'
import type { ControllerPart } from '../../parts/index.ts'

/** What must be joined to the controller, counted. */
export interface Terminals {
  readonly injectorDrivers: number
  readonly ignitionOutputs: number
  readonly switchedOutputs: number
  readonly triggerInputs: number
  readonly analogueInputs: number
  readonly oxygenSensors: number
  readonly digitalInputs: number
  readonly knockInputs: number
}

const DIGITAL: readonly Signal[] = ['brake', 'cooling-request', 'road-speed']
const ANALOGUE: readonly Signal[] = ['oil-pressure', 'ambient-pressure']
const SWITCHED: readonly Signal[] = ['second-fan', 'speedometer']

/** Solenoids of a gearbox that is shifted by wire, or of one that only locks up by it. */
const solenoidsOf = (job: JobDocument): number => {
  if (job.system.gearboxControl !== true) return 0
  return locksUpOnly(job) ? 1 : 4
}

/** Shifts by itself; one wire engages its lock-up, and any switched output will do for it. */
export const locksUpOnly = ({ walkAround: { gearbox } }: JobDocument): boolean =>
  gearbox.lockUp === true && gearbox.electronic !== true

/** Drivers, outputs and inputs that this architecture asks of a controller on this car. */
export const terminalsFor = (job: JobDocument, a: Architecture): Terminals => {
  const cylinders = figureOf(job, 'vehicle.cylinders')
  const { fanControl } = job.system
  const signals = signalsOf(job)
  const wanted = (of: readonly Signal[]) => signals.filter((s) => of.includes(s)).length
  return {
    injectorDrivers: injectorDrivers(job, a).length,
    ignitionOutputs: a.timing === 'none' ? 0 : a.timing === 'crank-trigger' ? Math.ceil(cylinders / 2) : 1,
    // Pump relay always; fan relay unless it is left on its belt; solenoids of a gearbox; a second fan, a speedometer.
    switchedOutputs: 1 + (fanControl === false ? 0 : 1) + solenoidsOf(job) + wanted(SWITCHED),
    triggerInputs: a.trigger === 'crank-and-cam' ? 2 : 1,
    // Manifold pressure, throttle, coolant, intake air.
    analogueInputs: 4 + wanted(ANALOGUE),
    oxygenSensors: a.oxygenSensors,
    digitalInputs: wanted(DIGITAL),
    knockInputs: wanted(['knock']),
  }
}

/** What a controller lacks for this job, in words; empty where it fits. */
export const lacksOf = (c: ControllerPart, need: Terminals, job: JobDocument, a: Architecture): string[] => {
  const short = (what: string, has: number, wants: number) => (has < wants ? [`${what}: ${has} of ${wants}`] : [])
  return [
    ...short('injector drivers', c.injectorDrivers, need.injectorDrivers),
    ...short('ignition outputs', c.ignitionOutputs, need.ignitionOutputs),
    ...short('switched outputs', c.switchedOutputs, need.switchedOutputs),
    ...short('trigger inputs', c.triggerInputs, need.triggerInputs),
    ...short('analogue inputs', c.analogueInputs, need.analogueInputs),
    ...short('oxygen sensors', c.oxygenSensors, need.oxygenSensors),
    ...(c.idleValve ? [] : ['no idle valve']),
    // Off the coil the old tachometer has nothing to count.
    ...(a.timing === 'crank-trigger' && !c.tachOutput ? ['no tachometer output'] : []),
    ...(a.firing === 'sequential' && !c.sequential ? ['no sequential firing'] : []),
    ...(need.digitalInputs === 0
      ? []
      : c.digitalInputs === null
        ? ['digital inputs: not in its sheet']
        : short('digital inputs', c.digitalInputs, need.digitalInputs)),
    ...(need.knockInputs > 0 && c.knockInput !== true
      ? [c.knockInput === null ? 'knock input: not in its sheet' : 'no knock input']
      : []),
    ...(job.system.gearboxControl === true && !locksUpOnly(job) && !c.gearbox ? ['no gearbox control'] : []),
  ]
}

/** The cheapest controller that takes everything; null where none does. */
export const leastController = (
  controllers: readonly ControllerPart[],
  job: JobDocument,
  a: Architecture,
): ControllerPart | null => {
  const need = terminalsFor(job, a)
  const fitting = controllers.filter((c) => lacksOf(c, need, job, a).length === 0)
  return fitting.reduce<ControllerPart | null>((best, c) => (!best || c.priceClass < best.priceClass ? c : best), null)
}
