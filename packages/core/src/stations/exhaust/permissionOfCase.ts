import { camClassOf } from '../../engine/index.ts'
import { gasShare } from '../../exhaust/gas/runHeat.ts'
import { runOf, tailAfterM, tailOf } from '../../exhaust/pipe/layOut.ts'
import { permissionMap, type OverlapClass, type PermissionCell } from '../../exhaust/reading/permission.ts'
import { chosenSpots, momentOf, type ExhaustCase } from './exhaustCase.ts'
import { leakAt, leakHoleM } from './leaksOfCase.ts'

export interface SteeringMap {
  readonly speedsRpm: readonly number[]
  /** Absolute, low load first. */
  readonly manifoldsPa: readonly number[]
  readonly cells: readonly PermissionCell[]
}

/** By idle vacuum; null while nobody has measured it. */
export const idleOverlap = (c: ExhaustCase): OverlapClass | null => {
  const vacuumPa = c.idleVacuumPa
  return vacuumPa === null ? null : camClassOf(vacuumPa)
}

const MANIFOLDS_PA = [25e3, 35e3, 45e3, 55e3, 65e3, 75e3, 85e3, 95e3]
const STEPS = 9

/** The map of a job with the spot of its first sensor; null while there is none. */
export const permissionOf = (c: ExhaustCase): SteeringMap | null => {
  const [chosen] = chosenSpots(c)
  const run = chosen && runOf(c.runs, chosen.spot.run)
  if (!chosen || !run) return null
  const { idleSpeedRpm: idleRpm, powerSpeedRpm: topRpm } = c.engine
  const speedsRpm = Array.from(
    { length: STEPS },
    (_, i) => Math.round((idleRpm + ((topRpm - idleRpm) * i) / (STEPS - 1)) / 50) * 50,
  )
  const idle = momentOf(c, 'idle')
  const holeM = leakHoleM(c, chosen.spot, idle)
  const share = gasShare(c.runs, run)
  const cells = permissionMap(
    {
      overlap: idleOverlap(c) ?? 'mild',
      idleManifoldPa: idle.manifoldPa,
      cylinders: c.engine.cylinders,
      displacementM3: c.engine.displacementM3,
      leakKgS: leakAt(c, run.id, holeM, idle).share.typical * idle.airKgS * share,
      airShare: share,
      tailAfterM: tailAfterM(c.runs, run.id, chosen.spot.alongM),
      tail: tailOf(c.runs, run.id),
      kind: c.exhaust.sensor?.kind ?? 'wideband',
      never: c.exhaust.airInjection === 'ports' ? 'air is pumped into the ports' : null,
    },
    speedsRpm,
    MANIFOLDS_PA,
  )
  return { speedsRpm, manifoldsPa: MANIFOLDS_PA, cells }
}
