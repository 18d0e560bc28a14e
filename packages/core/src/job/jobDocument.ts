import { emptyOf, group, nodeAt, type FigureNode, type ValueOf } from '../shape/index.ts'
import { ENGINE_TOP } from '../sections/engineTop.ts'
import { EXHAUST } from '../sections/exhaust.ts'
import { FACTS } from '../sections/facts.ts'
import { FUEL } from '../sections/fuel.ts'
import { HARNESS } from '../sections/harness.ts'
import { ORDERS } from '../sections/orders.ts'
import { POWER } from '../sections/power.ts'
import { SYSTEM } from '../sections/system.ts'
import { VEHICLE } from '../sections/vehicle.ts'
import { WALK_AROUND } from '../sections/walkAround.ts'
import { WORK } from '../sections/work.ts'

/**
 * One job: its sections in the order of the work. Nothing derived is ever stored in it. Type, schema, paths, ranges and
 * the empty job follow from this tree.
 */
export const JOB = group({
  vehicle: VEHICLE,
  walkAround: WALK_AROUND,
  system: SYSTEM,
  fuel: FUEL,
  exhaust: EXHAUST,
  engineTop: ENGINE_TOP,
  power: POWER,
  harness: HARNESS,
  work: WORK,
  facts: FACTS,
  orders: ORDERS,
})
export type JobDocument = ValueOf<typeof JOB>
export type SectionName = keyof JobDocument
export const SECTION_NAMES = Object.keys(JOB.fields) as SectionName[]

/** A job of which nothing is known but its title. */
export const emptyJob = (title: string): JobDocument => {
  const job = emptyOf(JOB)
  return { ...job, vehicle: { ...job.vehicle, title } }
}

/** The figure at a path of the document, e.g. "fuel.feed.legs.{id}.lengthM"; null where the path is none of a figure. */
export const figureAt = (path: string): FigureNode | null => {
  const node = nodeAt(JOB, path)
  return node?.is === 'figure' ? node : null
}
