import type { ComponentType } from 'react'
import { askFor, WALK_AROUND_STATION, type JobDocument, type WalkAroundAssessment } from '@lochmoor/core'
import { walkOnEnter } from '../../fields/walkOnEnter.ts'
import { Columns } from '../bench/Columns.tsx'
import { makeBench, type SheetOf } from '../bench/StationBench.tsx'
import { CarInputs } from './CarInputs.tsx'
import { CarPlan } from './CarPlan.tsx'
import { DerivedTable } from './DerivedTable.tsx'
import { FITNESS_WORDS } from './FitnessMark.tsx'
import { useWalkTo, type WalkTo } from './useWalkTo.ts'
import { walkCommands } from './walkCommands.ts'
import { TestsTab, WalkJudgement } from './WalkJudgement.tsx'

type Sheet = SheetOf<WalkAroundAssessment> & { readonly to: WalkTo }

const SAYS = {
  fit: 'The engine is fit to convert',
  watch: 'Fit to convert; keep an eye on what is listed',
  repair: 'Repair first: injection will not forgive it',
  'not-tested': 'Not known yet whether it is fit to convert',
} as const

/** Within a sentence; what begins with an abbreviation keeps its capitals. */
const lowered = (text: string): string => (/^[A-Z]{2}/.test(text) ? text : text[0]!.toLowerCase() + text.slice(1))

const nextOf = ({ fitness, fit, stillToMeasure }: WalkAroundAssessment, job: JobDocument): string => {
  const [worst] = fitness
  if (fit === 'repair' && worst) return `Next: ${lowered(worst.repair)}`
  const untested = fitness.find((f) => f.state === 'not-tested')
  const [missing] = stillToMeasure
  if (missing?.need === 3) return `Next: ${lowered(askFor(missing))}`
  if (untested) return `Next: test ${lowered(untested.test.title)}`
  if (missing) return `Next: ${lowered(askFor(missing))}`
  return job.system.chosen ? 'Next: the fuel system' : 'Next: choose the system'
}

/** A sheet with its own entries; plan, what follows and judgement are the same on both. */
const withEntries = (Entries: ComponentType<Sheet>) => (sheet: Sheet) => (
  <Columns
    measured={
      <div onKeyDown={walkOnEnter}>
        <Entries {...sheet} />
      </div>
    }
    picture={
      <>
        <CarPlan job={sheet.job} to={sheet.to} />
        <DerivedTable derived={sheet.assessment.derived} />
      </>
    }
    judgement={<WalkJudgement {...sheet} />}
  />
)
const CarSheet = withEntries(CarInputs)
const TestsSheet = withEntries(TestsTab)

/** The walk-around: what is there, and whether the engine is fit to convert. */
export const WalkAroundBench = makeBench<WalkAroundAssessment, { readonly to: WalkTo }>({
  station: WALK_AROUND_STATION,
  screens: { '': CarSheet, tests: TestsSheet },
  useExtra: () => ({ to: useWalkTo() }),
  headline: (assessment, job) => ({
    word: FITNESS_WORDS[assessment.fit],
    says: SAYS[assessment.fit],
    next: nextOf(assessment, job),
  }),
  commands: ({ job, to }) => walkCommands(job, to),
})
