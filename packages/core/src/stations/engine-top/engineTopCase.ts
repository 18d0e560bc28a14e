import { assumptionsOf, type Assumption } from '../../figures/index.ts'
import { emptyJob, type JobDocument } from '../../job/index.ts'
import { describePath } from '../../meaning/index.ts'
import type {
  BoltGroup,
  EngineTopSection,
  SystemSection,
  VehicleSection,
  WalkAroundSection,
} from '../../sections/index.ts'
import { sameValue } from '../../shape/index.ts'
import type { Verdict } from '../../verdict/index.ts'
import { boltsOf, USUAL_CLAMP, type BoltsOfGroup } from './boltsOfJob.ts'
import { comesOff, type OffPart } from './comesOff.ts'
import { ignitionOfJob, type IgnitionOfJob } from './ignitionOfJob.ts'
import { placeAssumptions } from './placeAssumptions.ts'
import { sensorsOfJob, type SensorsOfJob } from './sensorsOfJob.ts'
import { CLAY_SPREAD_M, stackOfJob, type StackOfJob } from './stackOfJob.ts'
import { throttleOfJob, type ThrottleOfJob } from './throttleOfJob.ts'
import { usualConsumers, vacuumOfJob, type VacuumOfJob } from './vacuumOfJob.ts'

export type EngineTopVerdict = Verdict

/** What all judges of the engine top look at: they never go back to the document. */
export interface EngineTopCase {
  /** Whether anything of the stack, bolts or throttle was entered. */
  readonly begun: boolean
  readonly top: EngineTopSection
  readonly system: SystemSection['chosen']
  readonly originality: SystemSection['originality']
  readonly intake: WalkAroundSection['intake']
  readonly gearboxCable: WalkAroundSection['gearbox']['kickdown']
  readonly linkagePlay: WalkAroundSection['tests']['linkagePlay']
  readonly stack: StackOfJob
  readonly off: readonly OffPart[]
  readonly bolts: readonly BoltsOfGroup[]
  readonly throttle: ThrottleOfJob
  readonly vacuum: VacuumOfJob
  readonly sensors: SensorsOfJob
  readonly ignition: IgnitionOfJob
  readonly controller: SystemSection['controller']
  readonly timingControl: SystemSection['timingControl']
  readonly usualConsumers: ReturnType<typeof usualConsumers>
  readonly layout: VehicleSection['layout']
  /** Cylinders of either bank as the exhaust has them. */
  readonly exhaustBanks: readonly (readonly number[])[]
  readonly numberedFrom: WalkAroundSection['engine']['numberedFrom']
  readonly oldAdvance: WalkAroundSection['ignition']['advance']
  readonly oldIgnition: WalkAroundSection['ignition']['kind']
  readonly coilResistor: boolean | null
  readonly assumptions: readonly Assumption[]
}

/** Groups are entered one at a time: what was worked out of the others holds. */
const remembered = new WeakMap<BoltGroup, BoltsOfGroup>()
const boltsOfGroup = (g: BoltGroup): BoltsOfGroup => {
  let own = remembered.get(g)
  if (!own) remembered.set(g, (own = boltsOf(g)))
  return own
}

/** An assignment is sought once for what it depends on. */
const assigned = new WeakMap<EngineTopSection['vacuum'], VacuumOfJob>()
const vacuumOf = (entry: EngineTopSection['vacuum']): VacuumOfJob => {
  let own = assigned.get(entry)
  if (!own) assigned.set(entry, (own = vacuumOfJob(entry)))
  return own
}

const { engineTop: EMPTY } = emptyJob('')
const hasPlaces = ({ ignition, sensors, vacuum }: EngineTopSection): boolean =>
  !sameValue(vacuum, EMPTY.vacuum) || !sameValue(sensors, EMPTY.sensors) || !sameValue(ignition, EMPTY.ignition)

export const engineTopCase = (job: JobDocument): EngineTopCase => {
  const { engineTop: top, system, walkAround } = job
  const begun =
    top.stack.pieces.length > 0 || top.stack.clay.length > 0 || top.bolts.length > 0 || top.throttle.links.length > 0 || hasPlaces(top) // prettier-ignore
  return {
    begun,
    top,
    system: system.chosen,
    originality: system.originality,
    intake: walkAround.intake,
    gearboxCable: walkAround.gearbox.kickdown,
    linkagePlay: walkAround.tests.linkagePlay,
    stack: stackOfJob(job),
    off: comesOff(job),
    bolts: top.bolts.map(boltsOfGroup),
    throttle: throttleOfJob(job),
    vacuum: vacuumOf(top.vacuum),
    sensors: sensorsOfJob(top.sensors, walkAround.tests.crankingRpm),
    ignition: ignitionOfJob(job),
    controller: system.controller,
    timingControl: system.timingControl,
    usualConsumers: usualConsumers(job),
    layout: job.vehicle.layout,
    exhaustBanks: job.exhaust.banks.map((b) => b.cylinders),
    numberedFrom: walkAround.engine.numberedFrom,
    oldAdvance: walkAround.ignition.advance,
    oldIgnition: walkAround.ignition.kind,
    coilResistor: walkAround.ignition.coilResistor,
    assumptions: begun
      ? [
          ...assumptionsOf(job, 'engineTop'),
          ...stackAssumptions(job),
          ...boltAssumptions(job, top.bolts.map(boltsOfGroup)),
          ...placeAssumptions(job),
        ]
      : [],
  }
}

/** What is taken of clay and points until somebody has measured it. */
const stackAssumptions = (job: JobDocument): Assumption[] => {
  const { clay, points } = job.engineTop.stack
  const of = (field: string, si: number, why: string): Assumption => ({
    field: `engineTop.stack.${field}`,
    label: describePath(`engineTop.stack.${field}`, job).label,
    si,
    family: 'bore',
    why,
  })
  return [
    ...clay.flatMap((l) =>
      l.spreadM === null && l.clayM !== null ? [of(`clay.${l.id}.spreadM`, CLAY_SPREAD_M, 'rule of thumb')] : [],
    ),
    ...points.flatMap((p) =>
      p.reachM === null && p.topM !== null ? [of(`points.${p.id}.reachM`, 0, 'nothing stands out')] : [],
    ),
  ]
}

/** What is taken of bolts until somebody says otherwise. */
const boltAssumptions = (job: JobDocument, groups: readonly BoltsOfGroup[]): Assumption[] =>
  groups.flatMap(({ answer, group, torqueCoefficient }): Assumption[] => {
    if (answer === null) return []
    const of = (
      name: 'clampShare' | 'frictionK' | 'washerM',
      si: number,
      family: 'share' | 'ratio' | 'bore',
      why: string,
    ): Assumption[] => {
      if (group[name] !== null) return []
      const field = `engineTop.bolts.${group.id}.${name}`
      return [{ field, label: describePath(field, job).label, si, family, why }]
    }
    return [
      ...of('washerM', 0, 'bore', 'no washer'),
      ...of('clampShare', USUAL_CLAMP, 'share', 'rule of thumb'),
      ...of('frictionK', torqueCoefficient!, 'ratio', `thread ${group.state!}: rule of thumb`),
    ]
  })
