import { figureOf, type ExhaustSection, type JobDocument, type SensorSpot } from '../../job/index.ts'
import type { Subject, Verdict } from '../../verdict/index.ts'
import { exhaustWater } from '../gas/exhaustGas.ts'
import { exhaustMoments, type ExhaustMoment, type ExhaustMomentId } from '../gas/moments.ts'
import { heatOfRuns, type RunHeat } from '../gas/runHeat.ts'
import { layOut, type Run } from '../pipe/layOut.ts'
import { spotContext, type SpotContext } from '../spots/spotContext.ts'

export type ExhaustChange = Partial<ExhaustSection>
export type ExhaustVerdict = Verdict<ExhaustChange>

/** Id and subject of what is judged at each sensor. */
export const atSensor = (kind: string, sensor: number): Pick<ExhaustVerdict, 'id'> & { subject: Subject } => ({
  id: `${kind}-${sensor === 0 ? 'a' : 'b'}`,
  subject: { kind, sensor },
})

/** Everything the judges of the station look at. */
export interface ExhaustCase {
  readonly job: JobDocument
  readonly runs: readonly Run[]
  readonly moments: readonly ExhaustMoment[]
  readonly heat: RunHeat
  readonly sensorCount: 0 | 1 | 2
  readonly dewPointK: number
}

/** Taken until the controller's own figures are known. House defaults. */
export const USUAL_CORRECTION_LIMIT = 0.25
export const USUAL_OPEN_LOOP_LAMBDA = 1
/** What closed loop steers to on the road. */
export const TARGET_LAMBDA = 1

export const correctionLimitOf = (job: JobDocument): number => job.exhaust.correctionLimit ?? USUAL_CORRECTION_LIMIT
export const openLoopLambdaOf = (job: JobDocument): number => job.exhaust.openLoopLambda ?? USUAL_OPEN_LOOP_LAMBDA

/** As decided at this station, else as the chosen system wants it, else one. */
export const sensorCountOf = (job: JobDocument): 0 | 1 | 2 => {
  const count = job.exhaust.sensorCount ?? job.system.chosen?.oxygenSensors ?? 1
  return count >= 2 ? 2 : count >= 1 ? 1 : 0
}

export const exhaustCase = (job: JobDocument): ExhaustCase => {
  const runs = layOut(job.exhaust)
  const moments = exhaustMoments(job)
  return {
    job,
    runs,
    moments,
    heat: heatOfRuns(runs, moments),
    sensorCount: sensorCountOf(job),
    dewPointK: exhaustWater(figureOf(job, 'fuel.ethanolShare'), 1).dewPointK,
  }
}

export const momentOf = (c: ExhaustCase, id: ExhaustMomentId): ExhaustMoment => c.moments.find((m) => m.id === id)!

export const contextOf = (c: ExhaustCase, run: SensorSpot['run']): SpotContext | null =>
  spotContext(
    { runs: c.runs, heat: c.heat, exhaust: c.job.exhaust, sensorCount: c.sensorCount, dewPointK: c.dewPointK },
    run,
  )

export const SENSOR_NAMES = ['Sensor A', 'Sensor B'] as const

/** Spots that are wanted and set, with the sensor's name. */
export const chosenSpots = (
  c: ExhaustCase,
): { readonly name: string; readonly spot: SensorSpot; readonly index: number }[] =>
  c.job.exhaust.spots
    .slice(0, c.sensorCount)
    .map((spot, index) => ({ name: c.sensorCount === 1 ? 'Sensor' : SENSOR_NAMES[index]!, spot, index }))
    .filter(({ spot }) => c.runs.some((r) => r.id === spot.run))
