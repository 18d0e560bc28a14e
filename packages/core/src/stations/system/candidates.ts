import { figureOf } from '../../figures/index.ts'
import { type JobDocument } from '../../job/index.ts'
import { type Architecture } from '../../sections/index.ts'
import type { ControllerPart } from '../../parts/index.ts'
import { architectureId, architectureTitle, architecturesFor, builtUpPorts, onOwnManifold } from './architectures.ts'
import { consequencesOf } from './consequences.ts'
import { risksOf } from './risks.ts'
import { WORK_SCOPES, type Consequence, type WorkScope } from './workScopes.ts'
import { counted } from '../../words/index.ts'
import { lacksOf, leastController, terminalsFor, type Terminals } from './terminals.ts'

/** A reason that speaks against a candidate; the points decide the order and are shown. */
export interface Against {
  readonly points: number
  readonly text: string
}

/** Hours and money of one scope of the work: rules of thumb. */
export interface ScopeOfWork {
  readonly scope: WorkScope
  readonly hours: readonly [number, number]
  /** Of the weights in cost of the whole way without its controller, 0 to 1. */
  readonly costShare: number
}

export interface Candidate {
  readonly id: string
  readonly architecture: Architecture
  readonly title: string
  /** Why it cannot be, on this car or with these wishes; empty where it can. */
  readonly objections: readonly string[]
  readonly against: readonly Against[]
  readonly points: number
  readonly consequences: readonly Consequence[]
  readonly risks: readonly string[]
  readonly hours: readonly [number, number]
  /** The same hours, and the money, by what they cover; only scopes with something to do. */
  readonly scopes: readonly ScopeOfWork[]
  /** 1 (cheap) to 5 (dear). */
  readonly costClass: number
  readonly terminals: Terminals
  /** The cheapest controller that takes everything. */
  readonly controller: ControllerPart | null
  /** By controller, what it lacks. */
  readonly lacks: readonly { readonly controller: ControllerPart; readonly lacks: readonly string[] }[]
}

/** Boost beyond which a 100 kPa throttle body is out of the question, gauge: rule of thumb. */
const MOST_BOOST_LOW_BODY_PA = 40e3

/** Stands for whichever there is, where none is looked for. */
const ANY_CONTROLLER = 'any'

const objectionsTo = (
  job: JobDocument,
  a: Architecture,
  controller: ControllerPart | null | typeof ANY_CONTROLLER,
): string[] => {
  const { intake, exhaust, ignition } = job.walkAround
  const { boostLaterPa, timingControl, welder } = job.system
  const boostPa = Math.max(figureOf(job, 'vehicle.boostPa'), boostLaterPa ?? 0)
  return [
    ...(onOwnManifold(a) && intake.manifold === 'separate-runners'
      ? ['One throttle body cannot feed separate runners.']
      : []),
    ...(onOwnManifold(a) && intake.pad === 'side-draught'
      ? ['There is no downdraught flange for a throttle body.']
      : []),
    ...(a.injection === 'throttle-body-low' && boostPa > MOST_BOOST_LOW_BODY_PA
      ? ['The planned boost leaves a 100 kPa rail no pressure to inject with.']
      : []),
    ...(timingControl === 'wanted' && a.timing === 'none' ? ['You want timing control by the ECU.'] : []),
    ...(a.timing === 'locked-distributor' && ignition.kind === 'crank-triggered'
      ? ['The ignition is crank triggered: there is no distributor to lock.']
      : []),
    ...(a.timing === 'controlled-distributor' && ignition.kind === 'crank-triggered'
      ? ['The ignition is crank triggered already.']
      : []),
    ...(builtUpPorts(a) && welder === 'none' && intake.manifold === 'log'
      ? ['A log manifold needs injector bungs welded in, and nobody welds.']
      : []),
    ...(a.oxygenSensors === 2 && exhaust.merge === 'one'
      ? ['All cylinders merge before there is room for a second sensor.']
      : []),
    ...(controller === null ? ['No ECU in the catalogue has enough inputs and outputs.'] : []),
  ]
}

const againstIt = (
  job: JobDocument,
  a: Architecture,
  hours: readonly [number, number],
  costClass: number,
  risks: readonly string[],
): Against[] => {
  const { budgetClass, originality, timingControl, welder, boostLaterPa } = job.system
  const { ignition, lines, tank } = job.walkAround
  const say = (when: boolean, points: number, text: string): Against[] => (when ? [{ points, text }] : [])
  return [
    ...say(budgetClass !== null && costClass > budgetClass, 4 * (costClass - (budgetClass ?? 0)), 'Over budget.'),
    ...say(originality === 'looks-stock' && a.injection === 'port', 5, 'The engine no longer looks original.'),
    ...say(originality === 'looks-stock' && a.timing === 'crank-trigger', 2, 'Trigger wheel, coils and leads show.'),
    ...say(originality === 'looks-stock' && a.build === 'other-manifold', 2, 'Another manifold shows.'),
    ...say(a.build === 'other-manifold', 2, 'A manifold with the right flange must exist for this engine.'),
    ...say(a.build === 'ready-kit', 2, 'A kit for this engine must exist.'),
    ...say(originality === 'can-be-undone' && builtUpPorts(a), 3, 'The manifold is altered permanently.'),
    ...say(originality === 'can-be-undone' && a.timing === 'locked-distributor', 1, 'The distributor is altered.'),
    ...say(timingControl === 'no' && a.timing !== 'none', 3, 'You do not want timing control by the ECU.'),
    ...say(
      timingControl === 'later' && a.timing === 'none',
      1,
      'Adding timing control later means doing the work twice.',
    ),
    ...say(
      a.timing !== 'none' && ignition.kind === 'points',
      1,
      'The points go, and the whole low-tension side with them.',
    ),
    ...say(
      a.timing === 'controlled-distributor' && ignition.kind !== 'controlled-distributor',
      1,
      'A controlled distributor must exist for this engine.',
    ),
    ...say(
      a.timing === 'locked-distributor' && ignition.kind === 'controlled-distributor',
      3,
      'The distributor is already of the controlled kind.',
    ),
    ...say(welder === 'none' && builtUpPorts(a), 4, 'Nobody welds injector bungs into the manifold.'),
    ...say(
      (boostLaterPa ?? 0) > 0 && a.injection === 'throttle-body-high',
      2,
      'Planned boost needs a rail that follows it.',
    ),
    ...say(
      (boostLaterPa ?? 0) > 0 && a.fuelLoop === 'single-line',
      2,
      'Planned boost needs a boost-referenced regulator.',
    ),
    ...say(a.fuelLoop === 'return' && lines.returnLine === false, 1, 'A return line must be run.'),
    ...say(
      a.fuelLoop === 'single-line' && a.pumpPlace === 'in-line',
      2,
      'The regulator needs space and a return port at the tank.',
    ),
    ...say(
      a.injection === 'throttle-body-low' && a.fuelLoop === 'single-line',
      2,
      'Low pressure, returnless: the feed drop is a large share of it.',
    ),
    ...say(
      a.pumpPlace === 'in-tank' && tank.baffle === false,
      1,
      'Without baffles an in-tank pump draws air when cornering.',
    ),
    { points: Math.round(hours[1] / 8), text: `Up to ${hours[1]} h of work.` },
    ...say(risks.length > 0, risks.length, `${counted(risks.length, 'risk')} of its own.`),
  ]
}

const sumHours = (list: readonly Consequence[]): readonly [number, number] => [
  list.reduce((s, c) => s + c.hours[0], 0),
  list.reduce((s, c) => s + c.hours[1], 0),
]

const scopesOf = (list: readonly Consequence[]): ScopeOfWork[] => {
  const weight = list.reduce((s, c) => s + c.cost, 0)
  return WORK_SCOPES.flatMap((scope) => {
    const own = list.filter((c) => c.scope === scope)
    const hours = sumHours(own)
    const cost = own.reduce((s, c) => s + c.cost, 0)
    return hours[1] > 0 || cost > 0 ? [{ scope, hours, costShare: weight > 0 ? cost / weight : 0 }] : []
  })
}

/** Cost class by the sum of weights: 1 to 14, 2 to 19, 3 to 24, 4 to 29, else 5. Rule of thumb. */
const costClassOf = (list: readonly Consequence[], controller: ControllerPart | null): number => {
  const weight = list.reduce((s, c) => s + c.cost, 0) + (controller?.priceClass ?? 5)
  return Math.min(5, Math.max(1, Math.floor((weight - 10) / 5) + 1))
}

const candidateOf = (job: JobDocument, a: Architecture, controllers: readonly ControllerPart[]): Candidate => {
  const controller = leastController(controllers, job, a)
  const consequences = consequencesOf(job, a)
  const risks = risksOf(job, a)
  const hours = sumHours(consequences)
  const costClass = costClassOf(consequences, controller)
  const against = againstIt(job, a, hours, costClass, risks)
  const terminals = terminalsFor(job, a)
  return {
    id: architectureId(a),
    architecture: a,
    title: architectureTitle(a),
    objections: objectionsTo(job, a, controller),
    against,
    points: against.reduce((s, r) => s + r.points, 0),
    consequences,
    risks,
    hours,
    scopes: scopesOf(consequences),
    costClass,
    terminals,
    controller,
    lacks: controllers.map((c) => ({ controller: c, lacks: lacksOf(c, terminals, job, a) })),
  }
}

/** One way of building it, judged on this car without looking for a controller. */
export const candidateFor = (job: JobDocument, a: Architecture): Pick<Candidate, 'objections'> => ({
  objections: objectionsTo(job, a, ANY_CONTROLLER),
})

/** Every way of building it: those that can be first, fewest points against first. */
export const candidatesFor = (job: JobDocument, controllers: readonly ControllerPart[]): Candidate[] =>
  architecturesFor(job)
    .map((a) => candidateOf(job, a, controllers))
    .sort(
      (a, b) =>
        Number(a.objections.length > 0) - Number(b.objections.length > 0) ||
        a.points - b.points ||
        a.costClass - b.costClass,
    )
