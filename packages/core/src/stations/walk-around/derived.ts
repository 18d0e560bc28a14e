import { airFlowKgS, camClassOf, type CamClass } from '../../engine/index.ts'
import { engineOfJob } from '../../moments/index.ts'
import { figureOf, sweptVolumeM3 } from '../../figures/index.ts'
import { type JobDocument } from '../../job/index.ts'
import { fig, type Figure } from '../../verdict/index.ts'
import { firingOfTexts } from '../../engine-top/index.ts'

export interface Derived {
  readonly id: string
  readonly label: string
  readonly figure: Figure | null
  /** Where it is not one figure. */
  readonly text?: string
  /** How it came about, in a line. */
  readonly from: string
  /** Whether an assumed figure stands behind it. */
  readonly assumed: boolean
}

/** Share of a tank that can be drawn before the pick-up sucks air in a bend: rule of thumb. */
const USABLE_TANK_SHARE = 0.9

const CAM_WORDS: Readonly<Record<CamClass, string>> = {
  mild: 'mild: idles clean, closed loop from idle up',
  sporting: 'sporting: reading at idle is doubtful',
  wild: 'wild: no closed loop at idle',
}

/** What follows at once from the walk-around. */
export const derivedOf = (job: JobDocument): Derived[] => {
  const { vehicle, walkAround } = job
  const engine = engineOfJob(job)
  const [idleAir, fullAir] = [airFlowKgS(engine.airAt(0)), airFlowKgS(engine.airAt(1))]
  const swept = sweptVolumeM3(job)
  const displacementKnown = vehicle.displacementM3 !== null || swept !== null
  const { volumeM3 } = walkAround.tank
  const cruise = engine.pointAt(0.5, 'running')
  const enduranceS = volumeM3 === null ? null : (volumeM3 * USABLE_TANK_SHARE) / cruise.demandM3S
  const vacuumPa = walkAround.tests.idleVacuumPa
  // The same pairs as at the ignition: where the engine fires unevenly there may be none.
  const firing = firingOfTexts(walkAround.engine.firingOrder, job.engineTop.ignition.intervals, vehicle.cylinders)
  return [
    {
      id: 'displacement',
      label: 'Displacement',
      figure: fig(figureOf(job, 'vehicle.displacementM3'), 'displacement'),
      from:
        vehicle.displacementM3 !== null
          ? swept === null
            ? 'as entered'
            : 'as entered; bore and stroke give the check'
          : swept !== null
            ? 'bore² × 0.785 × stroke × cylinders'
            : 'half a litre per cylinder',
      assumed: !displacementKnown,
    },
    ...(vehicle.displacementM3 !== null && swept !== null
      ? [
          {
            id: 'swept',
            label: 'by bore and stroke',
            figure: fig(swept, 'displacement'),
            from:
              Math.abs(swept / vehicle.displacementM3 - 1) > 0.03
                ? 'more than 3 % apart: one of these figures is wrong'
                : 'in agreement',
            assumed: false,
          } satisfies Derived,
        ]
      : []),
    {
      id: 'full-air',
      label: 'Air at full power',
      figure: fig(fullAir, 'massFlow'),
      from: 'volumetric efficiency × density × displacement × speed/120',
      assumed: !displacementKnown || vehicle.powerSpeedRpm === null,
    },
    {
      id: 'idle-air',
      label: 'Air at idle',
      figure: fig(idleAir, 'massFlow', 2),
      from: 'the same at idle speed and vacuum',
      assumed: !displacementKnown || vehicle.idleSpeedRpm === null,
    },
    {
      id: 'cam',
      label: 'Cam by idle vacuum',
      figure: null,
      text: vacuumPa === null ? 'measure the vacuum at idle' : CAM_WORDS[camClassOf(vacuumPa)],
      from: 'rule of thumb',
      assumed: vacuumPa === null,
    },
    {
      id: 'companions',
      label: 'Companion cylinders',
      figure: null,
      text:
        firing === null
          ? 'enter the firing order'
          : firing.companions === null
            ? 'none: no two rise together'
            : firing.companions.map((p) => p.join('+')).join(', '),
      from: '360° of the crank apart',
      assumed: firing === null,
    },
    {
      id: 'endurance',
      label: 'Range, cruising (time)',
      figure: enduranceS === null ? null : fig(enduranceS, 'work'),
      ...(enduranceS === null ? { text: 'enter the tank capacity' } : {}),
      from: 'nine tenths of it at cruise fuel flow: rule of thumb',
      assumed: vehicle.cruiseSpeedRpm === null || vehicle.cruiseManifoldPa === null,
    },
  ]
}
