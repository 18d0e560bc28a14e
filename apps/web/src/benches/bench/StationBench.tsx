import type { Catalogue, JobDocument, StationAssessment, StationOf, Working } from '@lochmoor/core'
import { useCallback, useEffect, useMemo, useState, type ComponentType, type ReactNode } from 'react'
import { useNavigate, useParams } from 'react-router'
import { useShownJob } from '../../jobs/ShownJob.tsx'
import { useCommands, type PaletteCommand } from '../../palette/paletteStore.ts'
import { ownDataIsThere } from '../../shell/arrived.ts'
import { NotFound } from '../../shell/Misses.tsx'
import { assessmentOf } from '../../store/assessments.ts'
import { useCatalogue } from '../../store/catalogueStore.ts'
import { useRemedies } from './background/useRemedies.ts'
import { benchCommands } from './benchCommands.ts'
import { BenchContext, type AskWorking } from './benchContext.ts'
import { BenchHeadline } from './BenchHeadline.tsx'
import { headlineOf, type Headline } from './headline.tsx'
import { WorkingDialog } from './judgement/WorkingDialog.tsx'
import { SheetTabs } from './SheetTabs.tsx'
import { useArrival } from './useArrival.ts'

/** What every sheet of a bench is given. */
export interface SheetOf<A extends StationAssessment> {
  readonly job: JobDocument
  readonly catalogue: Catalogue
  readonly assessment: A
  readonly ask: AskWorking
  /** Opens a working that only this station knows how to ask for. */
  readonly open: (asked: Asked<A>) => void
}

/** A working as its dialog shows it. */
export interface ShownWorking {
  readonly working: Working
  /** The moment it holds for. */
  readonly moment: string
}
/** Told anew from the job as it stands, for as long as the dialog is open. */
export type Asked<A> = (assessment: A, job: JobDocument) => ShownWorking | null

/** A bench: a station with its screens and what only they know. */
export interface BenchOf<A extends StationAssessment, Extra extends object> {
  readonly station: StationOf<A>
  /** A screen for each tab, by its address. */
  readonly screens: Readonly<Record<string, ComponentType<SheetOf<A> & Extra>>>
  /** State that its screens share. */
  readonly useExtra: (sheet: SheetOf<A>) => Extra
  readonly headline: (assessment: A, job: JobDocument) => Partial<Headline>
  /** How a figure came about. */
  readonly working?: (workingId: string, pointId: string | null, sensor: number) => Asked<A>
  /** Said in the dialog where a figure does not exist. */
  readonly noSteps?: string
  readonly commands?: (sheet: SheetOf<A> & Extra) => PaletteCommand[]
  /** Shows the moment a verdict was found at. */
  readonly showPoint?: (extra: Extra) => (pointId: string) => void
}

/** The screen of a station: headline, sheets, working dialog, remedies and commands, the same for every station. */
export const makeBench = <A extends StationAssessment, Extra extends object>(of: BenchOf<A, Extra>) => {
  const { station } = of
  const Bench = (): ReactNode => {
    const job = useShownJob()
    const catalogue = useCatalogue((s) => s.catalogue)!
    const { sheet = '' } = useParams()
    const navigate = useNavigate()
    const assessment = assessmentOf(station, job, catalogue)
    const remedies = useRemedies(station, job, catalogue, assessment)
    const [asked, setAsked] = useState<Asked<A> | null>(null)
    const open = useCallback((ask: Asked<A>) => setAsked(() => ask), [])
    const ask = useCallback<AskWorking>(
      (id, pointId, sensor = 0) => {
        if (of.working) open(of.working(id, pointId, sensor))
      },
      [open],
    )
    const base: SheetOf<A> = { job, catalogue, assessment, ask, open }
    const extra = of.useExtra(base)
    const props = { ...base, ...extra }
    useArrival(sheet)
    // Only now: what else is fetched shares the line with the script of this bench.
    useEffect(ownDataIsThere, [])
    const source = useCallback(
      () => [...benchCommands(station, assessment, remedies, ask, navigate), ...(of.commands?.(props) ?? [])],
      // The commands read what the last drawing gave.
      // eslint-disable-next-line react-hooks/exhaustive-deps
      [assessment, remedies, ask, navigate, ...Object.values(extra as Readonly<Record<string, unknown>>)],
    )
    useCommands(station.path, source)
    const showPoint = of.showPoint?.(extra) ?? null
    const bench = useMemo(
      () => ({ station, assessment, remedies, ask, showPoint }),
      [assessment, remedies, ask, showPoint],
    )
    const Screen = Object.hasOwn(of.screens, sheet) ? of.screens[sheet] : undefined
    if (!Screen) return <NotFound />
    const shown = asked?.(assessment, job)
    return (
      <BenchContext value={bench}>
        <div className="flex min-h-0 flex-1 flex-col">
          <BenchHeadline {...headlineOf(assessment, remedies)} {...of.headline(assessment, job)} />
          {station.tabs.length > 1 && <SheetTabs station={station} verdicts={assessment.verdicts} />}
          <Screen {...props} />
          {shown && (
            <WorkingDialog
              working={shown.working}
              moment={shown.moment}
              nothing={of.noSteps ?? 'This figure is not known yet.'}
              onClose={() => setAsked(null)}
            />
          )}
        </div>
      </BenchContext>
    )
  }
  return Object.assign(Bench, { screens: of.screens })
}
