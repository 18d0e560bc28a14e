import { FIGURES, foundAt, matters, type FigureField } from '../figures/index.ts'
import type { JobDocument } from '../job/index.ts'
import type { Catalogue } from '../parts/index.ts'
import { valueAt } from '../shape/index.ts'
import type { StationAssessment, StationOf, StationValue } from './station.ts'

/** Figures by the station that computes with them. */
const USED = (station: StationValue): readonly FigureField[] =>
  Object.entries(FIGURES).flatMap(([id, rule]) => (rule.usedBy.includes(station.id) ? [id as FigureField] : []))

const used = new Map<string, readonly FigureField[]>()
const figuresOf = (station: StationValue): readonly FigureField[] => {
  let own = used.get(station.id)
  if (!own) used.set(station.id, (own = USED(station)))
  return own
}

/** Everything that a station's assessment depends on. */
const inputsOf = (station: StationValue, job: JobDocument, catalogue: Catalogue): unknown[] => [
  ...station.reads.map((path) => valueAt(job, path)),
  ...figuresOf(station).flatMap((id) => {
    const { value, kind } = foundAt(job, id)
    return [value, kind, matters(job, id)]
  }),
  ...station.stock.map((kind) => catalogue[kind]),
]

const same = (a: readonly unknown[], b: readonly unknown[]): boolean =>
  a.length === b.length && a.every((x, i) => Object.is(x, b[i]))

/** Assesses a station of a job, or gives what it said before where nothing that it looks at has changed. */
export type Assess = <A extends StationAssessment>(station: StationOf<A>, job: JobDocument, catalogue: Catalogue) => A

/** What is remembered of a station: the job as it is shown, and the one that is shown next. */
const REMEMBERED = 2

/** One memory of the last assessments of every station: for one job at a time. */
export const assessor = (): Assess & {
  /** Whether nothing has changed that a station looks at. */
  readonly knows: (station: StationValue, job: JobDocument, catalogue: Catalogue) => boolean
} => {
  const last = new Map<string, readonly { readonly inputs: readonly unknown[]; readonly said: StationAssessment }[]>()
  const find = (station: StationValue, inputs: readonly unknown[]) =>
    last.get(station.id)?.find((k) => same(k.inputs, inputs))
  const assess = <A extends StationAssessment>(station: StationOf<A>, job: JobDocument, catalogue: Catalogue): A => {
    const inputs = inputsOf(station, job, catalogue)
    const known = find(station, inputs)
    if (known) return known.said as A
    const said = station.assess(job, catalogue)
    last.set(station.id, [{ inputs, said }, ...(last.get(station.id) ?? [])].slice(0, REMEMBERED))
    return said
  }
  return Object.assign(assess, {
    knows: (station: StationValue, job: JobDocument, catalogue: Catalogue) =>
      find(station, inputsOf(station, job, catalogue)) !== undefined,
  })
}
