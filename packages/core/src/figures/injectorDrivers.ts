import { firingOfTexts } from '../engine-top/index.ts'
import type { JobDocument } from '../job/index.ts'
import type { Architecture } from '../sections/index.ts'
import { figureOf } from './figures.ts'

/** So many injectors hang on one driver at most: two of 12 ohm are what usual drivers carry. Rule of thumb. */
const MOST_ON_ONE = 2

const pairsOf = (list: readonly number[]): number[][] =>
  Array.from({ length: Math.ceil(list.length / MOST_ON_ONE) }, (_, i) => list.slice(i * MOST_ON_ONE, (i + 1) * MOST_ON_ONE)) // prettier-ignore

/** Where nobody said how many a throttle body has. */
const ON_THROTTLE_BODY = 4

/** Injectors of an architecture that need not be the chosen one. */
const injectorsOf = (job: JobDocument, a: Architecture): number =>
  a.injection === 'port' ? figureOf(job, 'vehicle.cylinders') : (job.fuel.injectorCount ?? ON_THROTTLE_BODY)

/**
 * Injectors on each driver of the ECU, by their numbers: one each where they fire in sequence; in batch two at most, in the
 * ports only of one group that opens together. While the firing order is not known they are grouped by number.
 */
export const injectorDrivers = (job: JobDocument, a: Architecture): number[][] => {
  const all = Array.from({ length: injectorsOf(job, a) }, (_, i) => i + 1)
  if (a.firing === 'sequential') return all.map((n) => [n])
  const everySecond = [0, 1].map((rest) => all.filter((_, i) => i % 2 === rest))
  if (a.injection !== 'port') {
    const drivers = Math.max(1, Math.ceil(all.length / MOST_ON_ONE))
    return Array.from({ length: drivers }, (_, d) => all.filter((_n, i) => i % drivers === d))
  }
  return (groupsOf(job, all.length) ?? everySecond).flatMap(pairsOf)
}

const groupsOf = (job: JobDocument, cylinders: number) =>
  firingOfTexts(job.walkAround.engine.firingOrder, job.engineTop.ignition.intervals, cylinders)?.groups ?? null

/** Whether the drivers of the chosen system hang on the firing order, and whether it can be read; null where they do not. */
export const driversByFiring = (job: JobDocument): 'read' | 'by-number' | null => {
  const a = job.system.chosen
  if (a?.injection !== 'port' || a.firing !== 'batch') return null
  return groupsOf(job, figureOf(job, 'vehicle.cylinders')) ? 'read' : 'by-number'
}
