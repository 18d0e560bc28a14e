import {
  FITNESS_TESTS,
  testsFor,
  WALK_GROUPS,
  type FitnessResult,
  type JobDocument,
  type WalkAroundAssessment,
  type WalkEntry,
} from '@lochmoor/core'
import { useState } from 'react'
import { SentenceText } from '../../fields/FigureText.tsx'
import { PaperLinks } from '../bench/PaperLinks.tsx'
import { VerdictCard } from '../bench/judgement/VerdictCard.tsx'
import { BuiltSwitch } from '../bench/BuiltSwitch.tsx'
import { FitnessMark } from './FitnessMark.tsx'
import { TestCards } from './TestCards.tsx'
import type { WalkTo } from './useWalkTo.ts'

interface Props {
  readonly assessment: WalkAroundAssessment
  readonly to: WalkTo
}

/** Fit to convert? Worst first, with why injection will not forgive it; then what is still to be measured. */
export const WalkJudgement = ({ assessment: { acceptance, fitness, stillToMeasure, survey }, to }: Props) => (
  <>
    <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">Fit to convert?</h2>
    <ol>
      {fitness.map((r) => (
        <ResultCard key={r.test.id} result={r} to={to} />
      ))}
    </ol>
    {survey.length > 0 && <Survey survey={survey} />}
    {acceptance.length > 0 && <Acceptance tests={acceptance} />}
    {stillToMeasure.length > 0 && <StillToMeasure entries={stillToMeasure} to={to} />}
    <BuiltSwitch station="walkAround" />
    <div className="mt-3">
      <PaperLinks
        papers={[
          { file: 'walk-around/sheet.pdf?paper=a4', words: 'Walk-around sheet, A4' },
          { file: 'walk-around/sheet.pdf?paper=letter', words: 'The same, Letter' },
          { file: 'survey.csv', words: 'Survey as CSV' },
        ]}
      />
    </div>
    <p className="mt-4 text-sm text-soft">
      Lochmoor calculates and records. Local law, makers’ instructions and licensed trades come first. Limits are trade
      rules of thumb unless a source is named.
    </p>
  </>
)

const ResultCard = ({ result: { reason, repair, state, test }, to }: { result: FitnessResult; to: WalkTo }) => {
  const [open, setOpen] = useState<boolean | null>(null)
  const shown = open ?? (state === 'repair' || state === 'watch')
  return (
    <li className="border-b border-hair py-1.5">
      <button
        type="button"
        aria-expanded={shown}
        onClick={() => setOpen(!shown)}
        className="flex w-full items-baseline gap-2 text-left"
      >
        <span className="min-w-0 flex-1 leading-snug font-semibold">{test.title}</span>
        <FitnessMark state={state} />
      </button>
      {shown && (
        <div className="mt-1 leading-snug">
          <p>
            <SentenceText sentence={reason} />
          </p>
          <p className="mt-1 text-soft">
            <span className="font-semibold">Why injection will not forgive it: </span>
            {test.because}
          </p>
          {state === 'repair' && <p className="mt-1 font-bold text-stop">First: {repair}.</p>}
          <button type="button" className="mt-1 text-accent underline" onClick={() => to.test(test.id)}>
            To the test
          </button>
        </div>
      )}
    </li>
  )
}

/** What of the survey bears on the work rather than on the engine. */
const Survey = ({ survey }: { survey: WalkAroundAssessment['survey'] }) => (
  <section aria-label="Before the work" className="mt-4">
    <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">Before the work</h2>
    <ol>
      {survey.map((v) => (
        <VerdictCard key={v.id} verdict={v} />
      ))}
    </ol>
  </section>
)

/** The owner's wishes, as what is tried at hand-over. */
const Acceptance = ({ tests }: { tests: WalkAroundAssessment['acceptance'] }) => (
  <section aria-label="Tried at hand-over" className="mt-4">
    <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">Tried at hand-over</h2>
    <ol className="list-decimal pl-6">
      {tests.map((t, i) => (
        <li key={i} className="border-b border-hair/70 py-1 leading-snug">
          <SentenceText sentence={t.tries} />
        </li>
      ))}
    </ol>
  </section>
)

const NEED_WORDS = { 3: 'Most needed', 2: 'Sharpens an assessment', 1: 'For planning' } as const
const placeOf = (entry: WalkEntry): string =>
  WALK_GROUPS.find((g) => g.entries.includes(entry))?.title ??
  FITNESS_TESTS.find((t) => t.entries.includes(entry))?.title ??
  ''
const FIRST = 12

const StillToMeasure = ({ entries, to }: { entries: readonly WalkEntry[]; to: WalkTo }) => {
  const [all, setAll] = useState(false)
  const shown = all ? entries : entries.slice(0, FIRST)
  return (
    <section aria-label="Still to measure" className="mt-4">
      <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">Still to measure ({entries.length})</h2>
      <ol>
        {shown.map((e, i) => (
          <li key={e.path} className="border-b border-hair/70 py-1">
            {e.need !== shown[i - 1]?.need && <p className="text-sm font-bold text-accent">{NEED_WORDS[e.need]}</p>}
            <button
              type="button"
              className="flex w-full items-baseline justify-between gap-3 text-left hover:underline"
              onClick={() => to.entry(e)}
            >
              <span className="leading-tight">
                {e.label}
                <span className="block text-sm text-soft">{placeOf(e)}</span>
              </span>
              <span className="max-w-[45%] text-right text-sm leading-tight text-soft">{e.neededFor}</span>
            </button>
          </li>
        ))}
      </ol>
      {entries.length > FIRST && (
        <button type="button" className="py-1 text-accent underline" onClick={() => setAll(!all)}>
          {all ? 'Only the first' : `All ${entries.length}`}
        </button>
      )}
    </section>
  )
}

export const TestsTab = ({ job, assessment }: { job: JobDocument; assessment: WalkAroundAssessment }) => (
  <TestCards job={job} results={testsFor(job).map((t) => assessment.fitness.find((r) => r.test === t)!)} />
)
