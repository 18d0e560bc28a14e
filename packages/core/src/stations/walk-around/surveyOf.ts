import type { JobDocument } from '../../job/index.ts'
import { isRelevant, WALK_GROUPS, type WalkEntry } from '../../meaning/index.ts'
import { valueAt } from '../../shape/index.ts'
import { fig, figureText, type UnitChoice } from '../../verdict/index.ts'
import { testsFor } from './fitness/index.ts'
import { isKnown } from './stillToMeasure.ts'

/** One entry of the survey as it is printed. */
export interface SurveyRow {
  readonly path: string
  readonly label: string
  readonly text: string
  /** What a person wrote, not the program. */
  readonly own: boolean
  /** Of a figure, in SI. */
  readonly si: number | null
  readonly neededFor: string
}

export interface SurveyGroup {
  readonly title: string
  readonly rows: readonly SurveyRow[]
}

const textOf = (entry: WalkEntry, value: unknown, units: UnitChoice): string => {
  switch (entry.kind) {
    case 'figure':
      return entry.whole ? String(value) : figureText(fig(value as number, entry.family), units)
    case 'choice':
      return entry.options.find(([v]) => v === value)?.[1] ?? String(value)
    case 'seen':
      return value === true ? (entry.yes ?? 'Yes') : (entry.no ?? 'No')
    case 'set':
      return (value as readonly string[]).map((w) => entry.options.find(([v]) => v === w)?.[1] ?? w).join(', ')
    case 'list':
      return (value as readonly (number | null)[])
        .map((v) => (v === null ? 'not measured' : figureText(fig(v, entry.family), units)))
        .join(', ')
    case 'rows':
      return (value as readonly { readonly name: string }[]).map((r) => r.name).join(', ')
    case 'text':
    case 'fact':
      return String(value)
  }
}

/** Everything that is known from the walk-around, group by group; facts of the owner only where they are to be printed. */
export const surveyOf = (job: JobDocument, units: UnitChoice): SurveyGroup[] =>
  [
    ...WALK_GROUPS.filter((g) => g.id !== 'facts').map((g) => ({ title: g.title, entries: g.entries })),
    { title: 'Tests', entries: testsFor(job).flatMap((t) => t.entries) },
  ].flatMap(({ title, entries }) => {
    const rows = entries
      .filter((e) => isRelevant(e, job) && isKnown(e, job))
      .map((e): SurveyRow => {
        const value = valueAt(job, e.path)
        return {
          path: e.path,
          label: e.label,
          text: textOf(e, value, units),
          own: e.kind === 'text' || e.kind === 'fact' || e.kind === 'rows',
          si: e.kind === 'figure' ? (value as number) : null,
          neededFor: e.neededFor,
        }
      })
    return rows.length > 0 ? [{ title, rows }] : []
  })

/** The facts of the job that the workshop prints, in their order; what is empty is left out. */
export const factsOnPapers = (
  job: JobDocument,
  units: UnitChoice,
): readonly { readonly label: string; readonly text: string }[] => {
  const { facts } = job
  const texts = {
    owner: ['Owner', facts.owner],
    phone: ['Phone', facts.phone],
    address: ['Address', facts.address],
    registration: ['Registration', facts.registration],
    chassis: ['Chassis number', facts.chassis],
    engine: ['Engine number', facts.engine],
    odometer: [
      'Distance on the clock',
      facts.odometerM === null ? '' : figureText(fig(facts.odometerM, 'roadDistance', 0), units),
    ],
    keyNumber: ['Key number', facts.keyNumber],
  } as const
  return Object.entries(texts).flatMap(([name, [label, text]]) =>
    facts.onPapers.includes(name as keyof typeof texts) && text.trim() !== '' ? [{ label, text: text.trim() }] : [],
  )
}
