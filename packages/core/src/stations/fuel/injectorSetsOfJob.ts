import type { JobDocument } from '../../job/index.ts'
import type { FuelDesign } from './fuelDesign.ts'
import type { Catalogue } from '../../parts/index.ts'
import {
  pressureForMixturePa,
  rankInjectorSets,
  RATED_VOLTAGE_V,
  type RatedInjectorSet,
} from '../../fuel/injectorSet.ts'
import type { InjectorPoint } from '../../fuel/injector.ts'
import { judgeAll } from './judgeAll.ts'
import { fuelCase, type FuelCase, type SolvedPoint } from './solvedPoint.ts'

const injectorPoint = (design: FuelDesign, s: SolvedPoint, railPa: number): InjectorPoint => ({
  railPa,
  tipPa: s.point.tipPa,
  fuelDensityKgM3: s.point.fuel.densityKgM3,
  demandKgS: s.point.demandKgS,
  speedRpm: s.point.speedRpm,
  openingsPerCycle: design.figure('fuel.openingsPerCycle'),
})

/** Sets of the catalogue for this engine, best first; empty while the circuit cannot be solved. */
export const injectorSetsOf = (
  { design, solved }: Pick<FuelCase, 'design' | 'solved'>,
  catalogue: Pick<Catalogue, 'injectors'>,
): RatedInjectorSet[] => {
  const idle = solved.find((s) => s.point.id === 'idle')
  const full = solved.find((s) => s.point.id === 'full-low') ?? solved.find((s) => s.point.id === 'full')
  if (!idle || !full || idle.answer.railPa === null || full.answer.railPa === null) return []
  const port = design.place === 'port'
  const count = design.figure('fuel.injectorCount')
  return rankInjectorSets({
    candidates: catalogue.injectors
      .filter((i) => (i.use === 'port') === port)
      .map((i) => ({
        id: i.id,
        count,
        ratedFlowM3S: i.ratedFlowM3S,
        ratedPressurePa: i.ratedPressurePa,
        deadTimes: i.deadTimes.length > 0 ? i.deadTimes : [{ voltageV: RATED_VOLTAGE_V, deadTimeS: i.deadTimeS }],
        mostPressurePa: i.mostPressurePa,
        ...(i.leastEffectiveS !== null && { leastEffectiveS: i.leastEffectiveS }),
      })),
    idle: injectorPoint(design, idle, idle.answer.railPa),
    full: injectorPoint(design, full, full.answer.railPa),
    idleVoltageV: idle.point.voltageV,
    fullVoltageV: full.point.voltageV,
  })
}

export interface PressureLever {
  readonly setPressurePa: number
  /** What stands against it; empty where it may be tried. */
  readonly against: readonly string[]
}

/**
 * Base pressure for a wanted shift of the mixture in open loop, and what would stand in its way: the regulator's range,
 * the injectors' limit, the pump. The pressure over the injector is scaled, the tip's pressure added again.
 */
export const pressureLever = (job: JobDocument, lambdaNow: number, lambdaWanted: number): PressureLever => {
  const before = fuelCase(job)
  const { design } = before
  const idle = before.engine.points.find((p) => p.id === 'idle')!
  // With a reference hose the difference is the set figure itself; without one it is taken at cruise.
  const cruise = before.engine.points.find((p) => p.id === 'cruise') ?? idle
  const tipPa = design.fuel.referenced ? 0 : cruise.tipPa
  const setPa = design.figure('fuel.setPressurePa')
  const setPressurePa = pressureForMixturePa(setPa - tipPa, lambdaNow, lambdaWanted) + tipPa
  const verdictsBefore = new Map(judgeAll(before).map((v) => [v.id, v.state]))
  const after = judgeAll(fuelCase({ ...job, fuel: { ...design.fuel, setPressurePa } }))
  const against = after.filter((v) => v.state === 'stop' && verdictsBefore.get(v.id) !== 'stop').map((v) => v.title)
  return { setPressurePa, against }
}
