import {
  checkFiring,
  banksOf,
  cylinderPlace,
  explainFiringOrderError,
  firingGroups,
  fromOtherEnd,
  MOST_CYLINDERS,
  parseFiringOrder,
  parseIntervals,
  rotorPhasing,
  type FiringAnswer,
  type Numbering,
  type RotorAnswer,
  type RotorCase,
} from '../../engine-top/index.ts'
import type { JobDocument } from '../../job/index.ts'
import type { EngineTopSection, SystemSection } from '../../sections/index.ts'

type Entry = EngineTopSection['ignition']
export type System = SystemSection['chosen']

/** A wire that is traced with a meter before anything is joined. */
export interface WireToProve {
  /** Also the id of its entry: "injector-3". */
  readonly id: string
  readonly kind: 'injector' | 'coil' | 'plug'
  readonly number: number
  /** Cylinders that it may lead to: both of a pair that one coil fires. */
  readonly leadsTo: readonly number[]
  readonly found: number | null
  readonly right: boolean | null
}

export interface IgnitionOfJob {
  readonly entry: Entry
  /** Cylinders in the order they fire; null while that is not known. */
  readonly order: readonly number[] | null
  /** Why there is no order, or none that can be. */
  readonly orderTrouble: string | null
  readonly intervalsDeg: readonly number[] | null
  readonly intervalsTrouble: string | null
  readonly numbering: Numbering | null
  readonly firing: FiringAnswer | null
  readonly wires: readonly WireToProve[]
  /** Every wire that was traced ends at the cylinder that bears its number from the other end. */
  readonly fromWrongEnd: boolean
  readonly placeOf: (cylinder: number) => string
  /** A rotor that the ECU's advance, or the vacuum can's, moves off its terminal. */
  readonly hasRotor: boolean
  readonly rotorMissing: readonly string[]
  readonly rotorCase: RotorCase | null
  readonly rotor: RotorAnswer | null
  /** Kind of the sensor that times the spark. */
  readonly sensor: 'variable-reluctance' | 'hall' | null
}

const numberingOf = (job: JobDocument): Numbering | null =>
  job.engineTop.ignition.numbering ?? (job.vehicle.layout === 'inline' ? 'one-row' : null)

/** Advance that does not turn the rotor's shaft: with the weights kept the can's alone; else all that the ECU commands. */
const rangeOf = (e: Entry, timing: NonNullable<System>['timing']): readonly [number, number] | null => {
  if (timing === 'none' || e.weights === 'free') {
    if (e.can !== null && e.can !== 'connected') return [0, 0]
    return e.canDeg === null ? null : [0, e.canDeg]
  }
  return e.leastDeg === null || e.mostDeg === null ? null : [Math.min(e.leastDeg, e.mostDeg), Math.max(e.leastDeg, e.mostDeg)] // prettier-ignore
}

const wiresOf = (e: Entry, system: NonNullable<System>, firing: FiringAnswer, order: readonly number[]) => {
  const cylinders = [...order].sort((a, b) => a - b)
  const foundAt = (id: string) => e.proved.find((p) => p.id === id)?.leadsTo ?? null
  const wire = (kind: WireToProve['kind'], number: number, leadsTo: readonly number[]): WireToProve => {
    const id = `${kind}-${number}`
    const found = foundAt(id)
    return { id, kind, number, leadsTo, found, right: found === null ? null : leadsTo.includes(found) }
  }
  const coils =
    system.timing !== 'crank-trigger'
      ? []
      : e.coils === 'one-each'
        ? cylinders.map((n) => wire('coil', n, [n]))
        : e.coils === 'pairs' && firing.companions
          ? firing.companions.map((pair, i) => wire('coil', i + 1, pair))
          : []
  return [
    ...(system.injection === 'port' ? cylinders.map((n) => wire('injector', n, [n])) : []),
    ...coils,
    // A coil on its plug has no lead of its own.
    ...(system.timing === 'crank-trigger' && e.coils === 'one-each' ? [] : cylinders.map((n) => wire('plug', n, [n]))),
  ]
}

export const ignitionOfJob = (job: JobDocument): IgnitionOfJob => {
  const e = job.engineTop.ignition
  const system = job.system.chosen
  const { firingOrder, numberedFrom } = job.walkAround.engine
  const read = firingOrder === null || firingOrder.trim() === '' ? null : parseFiringOrder(firingOrder, job.vehicle.cylinders)
  const order = read?.ok && read.value.length <= MOST_CYLINDERS ? read.value : null
  const orderTrouble = read === null ? 'Firing order not entered.' : !read.ok ? explainFiringOrderError(read.error) : order === null ? `firing order has ${read.value.length} cylinders; allowed: at most ${MOST_CYLINDERS}.` : null
  const typed = e.intervals !== null && e.intervals.trim() !== ''
  const intervalsDeg = typed && order ? parseIntervals(e.intervals!, order.length) : null
  const numbering = numberingOf(job)
  const rails = order && numbering && numbering !== 'one-row' ? banksOf(order.length, numbering) : []
  const firingCase = order && (!typed || intervalsDeg) ? { order, intervalsDeg, rails } : null
  const firing = firingCase && checkFiring(firingCase) === null ? firingGroups(firingCase) : null
  const wires = system && firing && order ? wiresOf(e, system, firing, order) : []
  const traced = wires.filter((w) => w.found !== null && w.leadsTo.length === 1)
  const mirrored = (n: number) => (numbering && order ? fromOtherEnd(n, order.length, numbering) : n)
  const hasRotor =
    system !== null &&
    (['controlled-distributor', 'locked-distributor'].includes(system.timing) ||
      (system.timing === 'crank-trigger' && e.coils === 'one') ||
      // As the old ignition stays, only where somebody looks into it.
      (system.timing === 'none' && e.tipDeg !== null))
  const range = system && hasRotor ? rangeOf(e, system.timing) : null
  const rotorMissing = !hasRotor
    ? []
    : [
        ...(range === null ? [system.timing === 'none' || e.weights === 'free' ? 'range of the vacuum advance' : 'advance range of the spark table'] : []),
        ...(e.tipDeg === null ? ['rotor tip width'] : []),
        ...(e.terminalDeg === null ? ['terminal width'] : []),
        ...(e.pastDeg === null || e.seenAtDeg === null ? ['where the rotor stands, and at which advance'] : []),
      ]
  const rotorCase: RotorCase | null =
    range === null || rotorMissing.length > 0
      ? null
      : {
          leastAdvanceDeg: range[0],
          mostAdvanceDeg: range[1],
          tipDeg: e.tipDeg!,
          terminalDeg: e.terminalDeg!,
          seen: { pastDeg: e.pastDeg!, atAdvanceDeg: e.seenAtDeg! },
          pickUp: system!.trigger === 'crank-wheel' || system!.trigger === 'crank-and-cam' ? 'on-crank' : 'in-housing',
          // With the old ignition the housing itself sets base timing: no ECU is told another angle.
          referenceFixed: system!.timing === 'none' || e.referenceFixed === true,
        }
  return {
    entry: e,
    order,
    orderTrouble,
    intervalsDeg,
    intervalsTrouble: typed && order && intervalsDeg === null ? `“${e.intervals}” is not allowed: ${order.length} angles above 0, together 720.` : null,
    numbering,
    firing,
    wires,
    // A middle cylinder bears the same number from either end: it says nothing.
    fromWrongEnd:
      // Two that are swapped may look like it; three cylinders do not.
      new Set(traced.map((w) => w.number)).size >= 3 &&
      traced.some((w) => w.right === false) &&
      traced.every((w) => w.found === mirrored(w.number)),
    placeOf: (n) => (order && numbering && numberedFrom ? cylinderPlace(n, order.length, numbering, numberedFrom, e.firstBank) : ''),
    hasRotor,
    rotorMissing,
    rotorCase,
    rotor: rotorCase && rotorPhasing(rotorCase),
    sensor: system?.trigger === 'distributor' ? e.pickUp : system?.trigger === 'crank-wheel' || system?.trigger === 'crank-and-cam' ? job.engineTop.sensors.wheel.pickUp : null,
  }
} // prettier-ignore
