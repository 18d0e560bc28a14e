import type { JobDocument } from '../../job/index.ts'
import type { Architecture, Build, Firing, Injection, Timing, Trigger } from '../../sections/index.ts'

export const INJECTION_WORDS: Readonly<Record<Injection, string>> = {
  'throttle-body-low': 'Throttle body, low pressure',
  'throttle-body-high': 'Throttle body, high pressure',
  port: 'Port injection',
}
/** Said in the title where it is not built from parts. */
export const BUILD_WORDS: Readonly<Record<Build, string | null>> = {
  'from-parts': null,
  'ready-kit': 'kit made for this engine',
  'other-manifold': 'on another manifold',
}
export const FIRING_WORDS: Readonly<Record<Firing, string>> = { batch: 'batch', sequential: 'sequential' }
export const TIMING_WORDS: Readonly<Record<Timing, string>> = {
  none: 'old ignition keeps its timing',
  'controlled-distributor': 'controlled distributor',
  'locked-distributor': 'old distributor locked out',
  'crank-trigger': 'crank trigger and coils',
}
export const TRIGGER_WORDS: Readonly<Record<Trigger, string>> = {
  coil: 'from the coil (tach lead)',
  distributor: 'from the distributor',
  'crank-wheel': 'from a crank wheel',
  'crank-and-cam': 'from crank wheel and cam',
}

const TIMINGS: readonly Timing[] = ['none', 'controlled-distributor', 'locked-distributor', 'crank-trigger']

/** Least depth of tank in which a short module keeps its pump covered, and least gap for hat, fittings and bend. */
export const LEAST_TANK_DEPTH_M = 0.13
export const LEAST_GAP_ABOVE_M = 0.035

/** In the tank where it fits or nothing is known yet; in line where depth or gap are too small. Rule of thumb. */
export const pumpPlaceFor = (job: JobDocument): Architecture['pumpPlace'] => {
  const { depthM, gapAboveM } = job.walkAround.tank
  return (depthM !== null && depthM < LEAST_TANK_DEPTH_M) || (gapAboveM !== null && gapAboveM < LEAST_GAP_ABOVE_M)
    ? 'in-line'
    : 'in-tank'
}

/** Throttle bodies average the banks: one. Ports with a pipe for each bank trim each bank: two. */
const sensorsFor = (job: JobDocument, injection: Injection): 1 | 2 => {
  const { merge } = job.walkAround.exhaust
  return injection === 'port' && (merge === 'per-bank' || merge === 'banks-joined') ? 2 : 1
}

const triggerFor = (timing: Timing, firing: Firing): Trigger =>
  firing === 'sequential'
    ? 'crank-and-cam'
    : timing === 'crank-trigger'
      ? 'crank-wheel'
      : timing === 'none'
        ? 'coil'
        : 'distributor'

/** A throttle body on the manifold that is there: what that one is like counts. */
export const onOwnManifold = (a: Architecture): boolean => a.injection !== 'port' && a.build === 'from-parts'

/** Ports built up from single parts: bosses are machined and welded into the manifold. */
export const builtUpPorts = (a: Architecture): boolean => a.injection === 'port' && a.build === 'from-parts'

/** Whether the manifold that is there speaks against a throttle body on it. */
const manifoldHinders = ({ walkAround: { intake } }: JobDocument): boolean =>
  intake.pad === 'side-draught' || (intake.manifold !== null && intake.manifold !== 'single-plane')

/**
 * Ports from parts or as a kit that is made for the engine. A throttle body on the manifold that is there; on another
 * with the right pad where that one hinders it.
 */
const buildsFor = (job: JobDocument, injection: Injection): readonly Build[] =>
  injection === 'port'
    ? ['from-parts', 'ready-kit']
    : // What was decided stays a way of building it, also once the other manifold stands on the engine.
      manifoldHinders(job) || job.system.chosen?.build === 'other-manifold'
      ? ['from-parts', 'other-manifold']
      : ['from-parts']

/**
 * Every way of building the system for this car, before anything is judged. Sequential firing needs to know the stroke,
 * hence a crank wheel: it goes with crank-triggered ignition, or with the old ignition left alone.
 */
export const architecturesFor = (job: JobDocument): Architecture[] => {
  const injections: readonly (readonly [Injection, Firing])[] = [
    ['throttle-body-low', 'batch'],
    ['throttle-body-high', 'batch'],
    ['port', 'batch'],
    ['port', 'sequential'],
  ]
  return injections.flatMap(([injection, firing]) =>
    TIMINGS.filter((t) => firing === 'batch' || t === 'none' || t === 'crank-trigger').flatMap((timing) =>
      (['return', 'single-line'] as const).flatMap((fuelLoop) =>
        buildsFor(job, injection).map((build) => ({
          injection,
          build,
          firing,
          timing,
          trigger: triggerFor(timing, firing),
          oxygenSensors: sensorsFor(job, injection),
          fuelLoop,
          pumpPlace: pumpPlaceFor(job),
        })),
      ),
    ),
  )
}

/** Names a candidate by what was decided; sensors, trigger and pump place follow from it and from the car. */
export const architectureId = (a: Architecture): string =>
  [a.injection, a.firing, a.timing, a.fuelLoop, ...(a.build === 'from-parts' ? [] : [a.build])].join('/')

export const architectureTitle = (a: Architecture): string =>
  `${INJECTION_WORDS[a.injection]}${BUILD_WORDS[a.build] ? `, ${BUILD_WORDS[a.build]}` : ''}${a.injection === 'port' ? `, ${FIRING_WORDS[a.firing]}` : ''}; ${TIMING_WORDS[a.timing]}; ${a.fuelLoop === 'return' ? 'return line' : 'returnless'}`
