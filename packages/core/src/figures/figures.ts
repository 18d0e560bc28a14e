import { figureAt, type JobDocument } from '../job/index.ts'
import { describePath } from '../meaning/index.ts'
import type { Family } from '../quantity/index.ts'
import type { FuelLoop, InjectionPlace, Station } from '../sections/index.ts'
import { ENGINE_FIGURES, sweptM3 } from './engineFigures.ts'
import { ENGINE_TOP_FIGURES } from './engineTopFigures.ts'
import { EXHAUST_FIGURES } from './exhaustFigures.ts'
import type { FigureRule } from './figureRule.ts'
import { figureTable, type Found } from './figureTable.ts'
import { FUEL_FIGURES } from './fuelFigures.ts'
import { MEETING_FIGURES } from './meetingFigures.ts'
import { POWER_FIGURES } from './powerFigures.ts'
import { supplyOfJob } from './supplyOfJob.ts'
import type { CarSupply } from '../power/index.ts'
import { TANK_FIGURES } from './tankFigures.ts'

/** Figures that are never without an answer: the last of their sources is an assumption. */
const SURE = {
  ...ENGINE_FIGURES,
  ...FUEL_FIGURES,
  ...TANK_FIGURES,
  ...EXHAUST_FIGURES,
  ...ENGINE_TOP_FIGURES,
  ...POWER_FIGURES,
}
/** Every figure that more than one place of the program computes with, and where each comes from. */
export const FIGURES: Readonly<Record<string, FigureRule>> = { ...SURE, ...MEETING_FIGURES }
export type FigureField = keyof typeof SURE
export type MeetingField = keyof typeof MEETING_FIGURES

const TABLE = figureTable(FIGURES)
/** In an order in which none comes before what it is made of. */
export const FIGURE_ORDER = TABLE.order

/** A figure with where it comes from. @throws where there is no such figure */
export const foundAt = (job: JobDocument, id: FigureField | MeetingField): Found => TABLE.find(job, id)

/** Whether a path is that of a figure with declared sources. */
export const isFigure = (path: string): path is FigureField | MeetingField => Object.hasOwn(FIGURES, path)

/** A figure, entered, found elsewhere or assumed. SI. */
export const figureOf = (job: JobDocument, field: FigureField): number => TABLE.find(job, field).value as number

type ValueOf<F extends MeetingField> = (typeof MEETING_FIGURES)[F]['sources'][number] extends infer S
  ? S extends { read(...args: never[]): infer V }
    ? V
    : never
  : never

/** What another station found or decided; null while nobody has. */
export const meetingOf = <F extends MeetingField>(job: JobDocument, field: F): ValueOf<F> | null =>
  TABLE.find(job, field).value as ValueOf<F> | null

/** How the fuel comes and goes: decided at the fuel station, else as the chosen system wants it, else with a return. */
export const fuelLoopOf = (job: JobDocument): FuelLoop => meetingOf(job, 'fuel.systemType')!
/** Where fuel enters: decided at the fuel station, else as the chosen system wants it, else above the plate. */
export const injectionPlaceOf = (job: JobDocument): InjectionPlace => meetingOf(job, 'fuel.injectionPlace')!
/** Whether the pump hangs in the tank: as chosen, else as the system wants it. */
export const pumpInTank = (job: JobDocument): boolean => meetingOf(job, 'pumpPlace') === 'in-tank'

const supplies = new WeakMap<JobDocument, CarSupply>()
/** The car's supply in figures, the same object for the same document. */
export const carSupplyOf = (job: JobDocument): CarSupply => {
  let own = supplies.get(job)
  if (!own) supplies.set(job, (own = supplyOfJob(job, (id) => TABLE.find(job, id).value as number)))
  return own
}

/** Swept volume, m³; null while bore, stroke or cylinders are not known. */
export const sweptVolumeM3 = (job: JobDocument): number | null => {
  const { boreM, strokeM } = job.walkAround.engine
  const cylinders = foundAt(job, 'vehicle.cylinders')
  return sweptM3(boreM, strokeM, cylinders.kind === 'assumed' ? null : (cylinders.value as number))
}

/** A figure not measured yet, with the one used in its place and why. */
export interface Assumption {
  /** Its place in the document, e.g. "fuel.feed.lengthM". */
  readonly field: string
  readonly label: string
  readonly si: number
  readonly family: Family
  readonly why: string
}

/** Whether a figure is asked for with this design. */
export const matters = (job: JobDocument, id: string): boolean =>
  FIGURES[id]?.matters?.(job, (other) => TABLE.find(job, other).value) ?? true

/** Figures that have no place of their own: where to go for them, what they are called and measure. */
const PLACES: Readonly<Record<string, string>> = { pumpA: 'fuel.pump' }
const LABELS_OF: Readonly<Record<string, string>> = { pumpA: 'Current of the fuel pump' }
const FAMILIES_OF: Readonly<Record<string, Family>> = { pumpA: 'current' }

/** Every figure a station computes with and nobody has measured, in measuring order. */
export const assumptionsOf = (job: JobDocument, station: Station): Assumption[] =>
  Object.entries(SURE as Readonly<Record<string, FigureRule>>).flatMap(([field, { usedBy }]): Assumption[] => {
    if (!usedBy.includes(station)) return []
    const { value, kind, why } = TABLE.find(job, field)
    if (kind !== 'assumed' || !matters(job, field)) return []
    const place = PLACES[field] ?? field
    return [
      {
        field: place,
        label: LABELS_OF[field] ?? describePath(field, job).label,
        si: value as number,
        family: FAMILIES_OF[field] ?? figureAt(field)!.family,
        why,
      },
    ]
  })
