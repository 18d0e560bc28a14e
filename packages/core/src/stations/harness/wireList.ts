import { endOfWire, labelOf, type WireEndWork } from '../../harness/index.ts'
import { wireSizeOf } from '../../parts/index.ts'
import { wireOutsideOfSizeM } from '../../harness/index.ts'
import { lengthIsAssumed } from './assumedLength.ts'
import { ECU } from './circuitsOfJob.ts'
import type { HarnessCase } from './harnessCase.ts'
import { spliceShiftM, spliceSpots } from './spliceSpots.ts'
import { circuitEnds, type CircuitEnd, type CircuitEnds } from './wireEnds.ts'

/** A wire as it is cut, stripped, marked and put in. */
export interface ListedWire extends CircuitEnds {
  readonly size: string
  readonly sizeWords: string
  readonly colour: string
  /** With leads and slack, its splice where it lies. */
  readonly lengthM: number
  readonly lengthAssumed: boolean
  /** What is cut off a spool: the whole, or what a lead of a kit is short. */
  readonly cutM: number
  readonly kit: boolean
  readonly fromWork: WireEndWork
  readonly toWork: WireEndWork
  readonly fuseA: number | null
  /** Two lines for each end: what stands next to it, and where the other end goes. */
  readonly labels: { readonly from: readonly [string, string]; readonly to: readonly [string, string] }
}

/** The wires of the accepted loom, numbered; none before one is accepted. Those without a way are left out. */
export const wireListOf = (c: HarnessCase): readonly ListedWire[] => {
  const a = c.accepted
  if (!a) return []
  const laid = new Map(c.harness.loom!.wires.map((w) => [w.id, w]))
  const routes = new Map(a.route.routes.map((r) => [r.id, r]))
  const spots = spliceSpots(c)
  return circuitEnds(c).flatMap((ends): ListedWire[] => {
    const { circuit, from, number, to } = ends
    const route = routes.get(circuit.id)
    const own = laid.get(circuit.id)
    if (route?.wireM === undefined || route.wireM === null || !own) return []
    const size = own.size ?? circuit.size
    const outsideM = wireOutsideOfSizeM(size)
    const { sectionM2, words } = wireSizeOf(size)
    const work = (e: CircuitEnd): WireEndWork => endOfWire(e.termination, sectionM2, outsideM, sealedOf(c, e.device))
    const kit = a.input.circuits.find((x) => x.id === circuit.id)?.kit !== undefined
    const lengthM = route.wireM + spliceShiftM(c, spots, circuit.id, circuit.from)
    return [
      {
        ...ends,
        size,
        sizeWords: words,
        colour: circuit.colour,
        lengthM,
        lengthAssumed: lengthIsAssumed(c.plan, circuit, own.way),
        cutM: kit ? (route.shortfallM ?? 0) : lengthM,
        kit,
        fromWork: work(from),
        toWork: work(to),
        fuseA: circuit.role === null ? null : (c.fuseA[circuit.role] ?? null),
        labels: {
          from: labelOf(number, from, to),
          to: labelOf(number, to, from),
        },
      },
    ]
  })
}

const sealedOf = (c: HarnessCase, device: string): boolean | null =>
  device === ECU ? c.harness.unit.sealed : (c.harness.devices.find((d) => d.id === device)?.sealed ?? null)
