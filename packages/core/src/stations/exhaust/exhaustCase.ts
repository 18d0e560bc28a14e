import { figureOf, injectionPlaceOf, meetingOf } from '../../figures/index.ts'
import type { JobDocument } from '../../job/index.ts'
import { engineOfJob } from '../../moments/index.ts'
import type { Known } from '../../quantity/index.ts'
import type { ExhaustSection, SensorSpot, SystemSection, WalkAroundSection } from '../../sections/index.ts'
import type { Subject, Verdict } from '../../verdict/index.ts'
import { exhaustWater } from '../../exhaust/gas/exhaustGas.ts'
import { exhaustMoments, type ExhaustMoment, type ExhaustMomentId } from '../../exhaust/gas/moments.ts'
import { heatOfRuns, type RunHeat } from '../../exhaust/gas/runHeat.ts'
import { layOut, type Run } from '../../exhaust/pipe/layOut.ts'
import { spotContext, type SpotContext } from '../../exhaust/spots/spotContext.ts'

export type ExhaustVerdict = Verdict

/** Id and subject of what is judged at each sensor. */
export const atSensor = (kind: string, sensor: number): Pick<ExhaustVerdict, 'id'> & { subject: Subject } => ({
  id: `${kind}-${sensor === 0 ? 'a' : 'b'}`,
  subject: { kind, sensor },
})

/** Everything the judges of the station look at: they never go back to the document. */
export interface ExhaustCase {
  /** The exhaust as entered and decided. */
  readonly exhaust: ExhaustSection
  readonly runs: readonly Run[]
  readonly moments: readonly ExhaustMoment[]
  readonly heat: RunHeat
  readonly sensorCount: 0 | 1 | 2
  readonly dewPointK: number
  /** Most the loop may add or take away, share of the fuel. */
  readonly correctionLimit: number
  /** Mixture in open loop. */
  readonly openLoopLambda: number
  readonly ethanolShare: number
  /** Injectors in the ports let each bank be trimmed by its own sensor; a throttle body averages them. */
  readonly trimsBanks: boolean
  readonly welder: SystemSection['welder']
  /** From the sensor to the harness's connector, as a string laid there. */
  readonly cablePathM: number | null
  /** As entered for the car; null: nobody has counted. */
  readonly cylindersEntered: Known
  /** Below ambient, as the walk-around measured it. */
  readonly idleVacuumPa: Known
  /** What is known of leaks in the whole exhaust: joint by joint, else as the walk-around heard it. */
  readonly leaksFound: WalkAroundSection['tests']['exhaustLeak']
  readonly comesApart: WalkAroundSection['exhaust']['comesApart']
  readonly poisons: WalkAroundSection['exhaust']['poisons']
  /** As entered here, else as the walk-around found it among what poisons sensors. */
  readonly leadedFuel: boolean | null
  readonly steering: WalkAroundSection['body']['steering']
  /** Largest drill, step drill or hole saw there is. */
  readonly drillM: Known
  readonly engine: {
    readonly cylinders: number
    readonly displacementM3: number
    readonly idleSpeedRpm: number
    readonly powerSpeedRpm: number
  }
}

const leadFound = (poisons: WalkAroundSection['exhaust']['poisons']): boolean | null =>
  poisons.length === 0 ? null : poisons.includes('lead') || poisons.includes('metal-additive')

/** What closed loop steers to on the road. */
export const TARGET_LAMBDA = 1

const countOf = (sensors: number): 0 | 1 | 2 => (sensors >= 2 ? 2 : sensors >= 1 ? 1 : 0)

interface Laid {
  readonly runs: readonly Run[]
  readonly moments: string
  readonly heat: RunHeat
}
const laid = new WeakMap<ExhaustSection, Laid>()
/** Runs and heat of an exhaust: the same again while neither it nor the engine at its moments has changed. */
const laidOut = (exhaust: ExhaustSection, moments: readonly ExhaustMoment[]): Laid => {
  const known = laid.get(exhaust)
  const key = JSON.stringify(moments)
  if (known?.moments === key) return known
  const runs = known?.runs ?? layOut(exhaust)
  const own = { runs, moments: key, heat: heatOfRuns(runs, moments) }
  laid.set(exhaust, own)
  return own
}

export const exhaustCase = (job: JobDocument): ExhaustCase => {
  const { exhaust } = job
  const ports = injectionPlaceOf(job) === 'port'
  const boostPa = job.vehicle.aspiration === 'turbocharged' ? figureOf(job, 'vehicle.boostPa') : 0
  const moments = exhaustMoments({ engine: engineOfJob(job), boostPa, ports })
  const { runs, heat } = laidOut(exhaust, moments)
  const ethanolShare = figureOf(job, 'fuel.ethanolShare')
  return {
    exhaust,
    runs,
    moments,
    heat,
    sensorCount: countOf(meetingOf(job, 'exhaust.sensorCount')!),
    dewPointK: exhaustWater(ethanolShare, 1).dewPointK,
    correctionLimit: figureOf(job, 'exhaust.correctionLimit'),
    openLoopLambda: figureOf(job, 'exhaust.openLoopLambda'),
    ethanolShare,
    trimsBanks: ports,
    welder: meetingOf(job, 'system.welder'),
    cablePathM: meetingOf(job, 'exhaust.cablePathM'),
    cylindersEntered: job.vehicle.cylinders,
    idleVacuumPa: meetingOf(job, 'walkAround.tests.idleVacuumPa'),
    leaksFound: meetingOf(job, 'walkAround.tests.exhaustLeak'),
    comesApart: job.walkAround.exhaust.comesApart,
    poisons: job.walkAround.exhaust.poisons,
    leadedFuel: exhaust.leadedFuel ?? leadFound(job.walkAround.exhaust.poisons),
    steering: job.walkAround.body.steering,
    drillM: job.walkAround.means.drillM,
    engine: {
      cylinders: figureOf(job, 'vehicle.cylinders'),
      displacementM3: figureOf(job, 'vehicle.displacementM3'),
      idleSpeedRpm: figureOf(job, 'vehicle.idleSpeedRpm'),
      powerSpeedRpm: figureOf(job, 'vehicle.powerSpeedRpm'),
    },
  }
}

export const momentOf = (c: ExhaustCase, id: ExhaustMomentId): ExhaustMoment => c.moments.find((m) => m.id === id)!

const contexts = new WeakMap<ExhaustCase, Map<SensorSpot['run'], SpotContext | null>>()
/** What judging spots on a run needs, worked out once for a case. Null: the run is not there. */
export const contextOf = (c: ExhaustCase, run: SensorSpot['run']): SpotContext | null => {
  let own = contexts.get(c)
  if (!own) contexts.set(c, (own = new Map<SensorSpot['run'], SpotContext | null>()))
  let ctx = own.get(run)
  if (ctx === undefined) own.set(run, (ctx = spotContext(c, run)))
  return ctx
}

export const SENSOR_NAMES = ['Sensor A', 'Sensor B'] as const

/** Spots that are wanted and set, with the sensor's name. */
export const chosenSpots = (
  c: ExhaustCase,
): { readonly name: string; readonly spot: SensorSpot; readonly index: number }[] =>
  c.exhaust.spots
    .slice(0, c.sensorCount)
    .map((spot, index) => ({ name: c.sensorCount === 1 ? 'Sensor' : SENSOR_NAMES[index]!, spot, index }))
    .filter(({ spot }) => c.runs.some((r) => r.id === spot.run))
