import { signalsOf } from '../../figures/index.ts'
import type { JobDocument } from '../../job/index.ts'
import type { ControllerPart } from '../../parts/index.ts'
import type { Architecture, Later } from '../../sections/index.ts'
import { candidateFor } from './candidates.ts'
import { lacksOf, terminalsFor, type Terminals } from './terminals.ts'

/** One stage of the work, which ends with a car that works. */
export interface Stage {
  readonly title: string
  readonly architecture: Architecture
  readonly terminals: Terminals
  /** What the car does without until the next stage. */
  readonly without: readonly string[]
  /** Why it would not work so; empty where it does. */
  readonly objections: readonly string[]
}

const WITHOUT: Readonly<Record<Later, string>> = {
  fan: 'fan control: the fan stays as it is',
  'second-sensor': 'the second oxygen sensor: one bank follows the other',
  gearbox: 'gearbox control',
  timing: 'timing control: the old ignition sets it',
  signals: 'further inputs and outputs',
}

/** What is left for later and is part of the choice: anything else cannot be done later either. */
export const laterOf = (job: JobDocument): Later[] => {
  const { system } = job
  const { chosen, fanControl, gearboxControl } = system
  if (!chosen) return []
  const part: Readonly<Record<Later, boolean>> = {
    fan: fanControl !== false,
    'second-sensor': chosen.oxygenSensors === 2,
    gearbox: gearboxControl === true,
    timing: chosen.timing !== 'none',
    signals: signalsOf(job).length > 0,
  }
  return system.later.filter((l) => part[l])
}

/** The job as its first stage leaves it. */
const firstStageOf = (job: JobDocument): JobDocument => {
  const later = laterOf(job)
  return {
    ...job,
    system: {
      ...job.system,
      ...(later.includes('fan') ? { fanControl: false } : {}),
      ...(later.includes('gearbox') ? { gearboxControl: false } : {}),
      ...(later.includes('signals') ? { signals: [] } : {}),
      // What is wanted at the end is not asked of the first stage.
      ...(later.includes('timing') ? { timingControl: 'later' as const } : {}),
    },
    ...(later.includes('signals')
      ? { harness: { ...job.harness, design: { ...job.harness.design, roadSpeed: null } } }
      : {}),
  }
}

const firstOf = (a: Architecture, later: readonly Later[]): Architecture => ({
  ...a,
  ...(later.includes('second-sensor') ? { oxygenSensors: 1 as const } : {}),
  ...(later.includes('timing') && a.timing !== 'none'
    ? { timing: 'none' as const, trigger: a.firing === 'sequential' ? a.trigger : ('coil' as const) }
    : {}),
})

const objectionsTo = (job: JobDocument, a: Architecture, controller: ControllerPart | null): string[] => {
  const later = laterOf(job)
  const { gearbox, cooling } = job.walkAround
  const first = firstStageOf(job)
  return [
    ...candidateFor(first, a).objections,
    ...(later.includes('gearbox') && gearbox.electronic === true && gearbox.computerPlace !== 'bay' && gearbox.computerPlace !== 'cabin' && gearbox.computerPlace !== 'under-floor'
      ? ['An electronic gearbox does not shift without a computer, and none of its own was found.']
      : []),
    ...(later.includes('fan') && cooling.fan === 'electric' && job.power.design.fan !== 'old-switch'
      ? ['Nothing would switch the electric fan: keep its old thermostat switch, or bring fan control forward.']
      : []),
    ...(later.includes('timing') && job.walkAround.ignition.kind === 'crank-triggered'
      ? ['The ignition is crank triggered: without its ECU there is no spark.']
      : []),
    ...(controller
      ? lacksOf(controller, terminalsFor(first, a), first, a).map((l) => `${controller.name} lacks ${l}.`)
      : []),
  ] // prettier-ignore
}

/**
 * The stages of the chosen system: run first, extras later. Each is a design of its own, judged as such on the same ECU,
 * so that it is bought once. Empty where nothing is left for later.
 */
export const stagesOf = (job: JobDocument): Stage[] => {
  const { chosen, controller } = job.system
  const later = laterOf(job)
  if (!chosen || later.length === 0) return []
  const first = firstOf(chosen, later)
  return [
    {
      title: 'Stage 1: run',
      architecture: first,
      terminals: terminalsFor(firstStageOf(job), first),
      without: later.map((l) => WITHOUT[l]),
      objections: objectionsTo(job, first, controller),
    },
    {
      title: 'Stage 2: extras',
      architecture: chosen,
      terminals: terminalsFor(job, chosen),
      without: [],
      objections: controller
        ? lacksOf(controller, terminalsFor(job, chosen), job, chosen).map((l) => `${controller.name} lacks ${l}.`)
        : [],
    },
  ]
}
