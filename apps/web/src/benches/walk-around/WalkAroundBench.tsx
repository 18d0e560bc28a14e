import { assumptionsOf, type FigureField, type JobDocument, type WalkAroundAssessment } from '@lochmoor/core'
import { Tabs } from 'radix-ui'
import { useCallback, useMemo, useState } from 'react'
import { flushSync } from 'react-dom'
import { walkOnEnter } from '../../fields/walkOnEnter.ts'
import { selectWalkAround } from '../../store/assessments.ts'
import { useCatalogue } from '../../store/catalogueStore.ts'
import { useJobStore } from '../../store/jobStore.ts'
import { BenchHeadline } from '../bench/BenchHeadline.tsx'
import { Columns } from '../bench/Columns.tsx'
import { CarInputs } from './CarInputs.tsx'
import { CarPlan } from './CarPlan.tsx'
import { DerivedTable } from './DerivedTable.tsx'
import { FITNESS_VERDICT, FITNESS_WORDS } from './FitnessMark.tsx'
import { useWalkCommands } from './walkCommands.ts'
import { TestsTab, WalkJudgement } from './WalkJudgement.tsx'

const SAYS = {
  fit: 'The engine is fit to convert',
  watch: 'Fit to convert, with an eye on what is named',
  repair: 'Injection will not forgive what the carburettor did',
  'not-tested': 'Nobody knows yet whether it is fit to convert',
} as const

const nextOf = ({ fitness, state, stillToMeasure }: WalkAroundAssessment, job: JobDocument): string => {
  const [worst] = fitness
  if (state === 'repair' && worst) return `Next: ${worst.test.repair}`
  const untested = fitness.find((f) => f.state === 'not-tested')
  const [missing] = stillToMeasure
  if (missing?.need === 3) return `Next: measure ${missing.label.toLowerCase()}`
  if (untested) return `Next: test ${untested.test.title.toLowerCase()}`
  if (missing) return `Next: measure ${missing.label.toLowerCase()}`
  return job.system.chosen ? 'Next: the fuel station' : 'Next: choose the system'
}

/** The walk-around: what is there, and whether the engine is fit to convert. */
export const WalkAroundBench = () => {
  const job = useJobStore((s) => s.document)!
  const assessment = selectWalkAround(
    job,
    useCatalogue((s) => s.catalogue)!,
  )
  const [tab, setTab] = useState('car')
  const toTests = useCallback(() => flushSync(() => setTab('tests')), [setTab])
  const toCar = useCallback(() => flushSync(() => setTab('car')), [setTab])
  useWalkCommands({ job, toTests, toCar })
  return (
    <div className="flex min-h-0 flex-1 flex-col">
      <BenchHeadline
        state={FITNESS_VERDICT[assessment.state]}
        word={FITNESS_WORDS[assessment.state]}
        says={SAYS[assessment.state]}
        next={nextOf(assessment, job)}
      />
      <Columns
        measured={<Measured job={job} assessment={assessment} tab={tab} onTab={setTab} />}
        picture={
          <>
            <CarPlan job={job} />
            <DerivedTable derived={assessment.derived} />
          </>
        }
        judgement={<WalkJudgement assessment={assessment} onTests={toTests} />}
      />
    </div>
  )
}

const tabLook =
  'flex-1 border-b-[3px] border-transparent py-1.5 font-bold hover:bg-wash data-[state=active]:border-accent data-[state=active]:bg-sheet'

const Measured = ({
  job,
  assessment,
  tab,
  onTab,
}: {
  job: JobDocument
  assessment: WalkAroundAssessment
  tab: string
  onTab: (tab: string) => void
}) => {
  const assumptions = useMemo(() => new Map(assumptionsOf(job).map((a) => [a.field, a.si])), [job])
  const assumed = useCallback((path: FigureField) => assumptions.get(path), [assumptions])
  const tested = assessment.fitness.filter((f) => f.state !== 'not-tested').length
  return (
    <Tabs.Root value={tab} onValueChange={onTab}>
      <Tabs.List aria-label="What is entered" className="mb-2 flex border-b border-ink">
        <Tabs.Trigger value="car" className={tabLook}>
          The car
        </Tabs.Trigger>
        <Tabs.Trigger value="tests" className={tabLook}>
          Tests {tested}/{assessment.fitness.length}
        </Tabs.Trigger>
      </Tabs.List>
      <Tabs.Content value="car" onKeyDown={walkOnEnter} tabIndex={-1}>
        <CarInputs job={job} assumed={assumed} />
      </Tabs.Content>
      <Tabs.Content value="tests" onKeyDown={walkOnEnter} tabIndex={-1}>
        <TestsTab job={job} assessment={assessment} />
      </Tabs.Content>
    </Tabs.Root>
  )
}
