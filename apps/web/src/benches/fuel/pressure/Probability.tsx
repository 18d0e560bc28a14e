import {
  designOf,
  fig,
  FLOW_BAND,
  measureNext,
  spreadCasesOf,
  type JobDocument,
  type NamedSpread,
  type SolvedPoint,
  type SpreadOverMoments,
} from '@lochmoor/core'
import { useId, useMemo, useState } from 'react'
import { FigureText } from '../../../fields/FigureText.tsx'
import { Button } from '../../../shell/Button.tsx'
import { DataTable } from '../../bench/DataTable.tsx'
import { useFuelWork } from '../background/useFuelWork.ts'
import { WorkProgress } from '../../bench/background/WorkProgress.tsx'
import { SpreadHistogram } from './SpreadHistogram.tsx'

const DRAWS = 5_000
const MOST_SEED = 4_294_967_295

/** How likely the rail stays in its band at every moment, given how unsure each input is, and what to measure next. */
export const Probability = ({ job, solved }: { job: JobDocument; solved: readonly SolvedPoint[] }) => {
  const cases = useMemo(() => spreadCasesOf(designOf(job), solved), [job, solved])
  const { state, start, cancel } = useFuelWork<'spread'>()
  const [madeFor, setMadeFor] = useState<typeof cases | null>(null)
  const [seedText, setSeedText] = useState('1')
  const seedId = useId()
  if (cases.length === 0) return null
  const seed = Number(seedText)
  const badSeed = !/^\d+$/.test(seedText.trim()) || seed > MOST_SEED
  const compute = () => {
    setMadeFor(cases)
    start({
      kind: 'spread',
      cases: cases.map(({ inputs, solved: { circuit, point } }) => ({
        circuit,
        tipPa: point.tipPa,
        inputs: inputs.map(({ id, target, relativeSd }) => ({ id, target, relativeSd })),
      })),
      draws: DRAWS,
      seed,
    })
  }
  return (
    <section aria-label="Probability" className="mt-5">
      <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">Confidence</h2>
      <p className="py-1.5 leading-snug">
        Every input has its spread. The circuit is solved {DRAWS.toLocaleString('en')} times in every operating
        condition with injection, each time with the inputs varied by that much. A case passes where the rail stays
        close enough to set pressure for the injectors to flow within {FLOW_BAND * 100} % of the expected figure (rule
        of thumb).
      </p>
      <div className="flex flex-wrap items-end gap-3">
        <Button onClick={compute} disabled={state.kind === 'running' || badSeed}>
          Work out the probability
        </Button>
        <label htmlFor={seedId} className="flex items-center gap-2">
          Seed
          <input
            id={seedId}
            value={seedText}
            inputMode="numeric"
            aria-invalid={badSeed}
            onChange={(e) => setSeedText(e.target.value)}
            className={`h-9 w-28 border bg-sheet px-2 text-right ${badSeed ? 'border-2 border-stop' : 'border-soft/60'}`}
          />
        </label>
        <span className="pb-1.5 text-sm text-soft">The same seed gives the same answer.</span>
      </div>
      {badSeed && (
        <p className="text-sm font-semibold text-stop">
          Seed is “{seedText}”; allowed: a whole number, 0 to {MOST_SEED}.
        </p>
      )}
      <WorkProgress state={state} name="Probability" onCancel={cancel} />
      {state.kind === 'done' && state.answer && madeFor && (
        <Answer over={state.answer} cases={madeFor} outdated={madeFor !== cases} tookMs={state.tookMs} />
      )}
    </section>
  )
}

interface AnswerProps {
  readonly over: SpreadOverMoments
  readonly cases: readonly { readonly solved: SolvedPoint; readonly inputs: readonly NamedSpread[] }[]
  readonly outdated: boolean
  readonly tookMs: number
}

const Answer = ({ over, cases, outdated, tookMs }: AnswerProps) => {
  const { answer } = over
  const { inputs, solved } = cases[over.worst]!
  const next = measureNext(inputs, answer.inputs)
  const labelled = answer.inputs.flatMap(({ id, share }) => {
    const input = inputs.find((i) => i.id === id)
    return input ? [{ ...input, share }] : []
  })
  return (
    <div role="status" aria-label="Probability that the pressure holds" className="mt-2">
      {outdated && <p className="font-semibold text-caution">The design has changed since: work it out again.</p>}
      <p className="text-lg font-bold">
        Passes in every condition in <FigureText figure={fig(over.probability, 'share', 1)} /> of the cases
      </p>
      <p>
        Worst at {solved.point.label.toLowerCase()}: <FigureText figure={fig(answer.probability, 'share', 1)} />. There
        the rail is between <FigureText figure={fig(answer.lowPa, 'pressure')} /> and{' '}
        <FigureText figure={fig(answer.highPa, 'pressure')} /> in nine out of ten cases; it should be between{' '}
        <FigureText figure={fig(answer.band.lowPa, 'pressure')} /> and{' '}
        <FigureText figure={fig(answer.band.highPa, 'pressure')} />.
      </p>
      <p className="text-soft">
        Sampling error <FigureText figure={fig(over.standardError, 'share', 2)} />; {(tookMs / 1000).toFixed(2)} s.
      </p>
      {next && (
        <p className="py-1 font-semibold">
          Measure next: {next.label.toLowerCase()}; {next.measure}.
        </p>
      )}
      <SpreadHistogram histogram={answer.histogram} band={answer.band} />
      <DataTable
        name="What the spread comes from"
        rows={labelled}
        keyOf={(i) => i.id}
        columns={[
          { head: 'Input', cell: (i) => i.label },
          { head: 'Deviation', right: true, cell: (i) => <FigureText figure={fig(i.relativeSd, 'share', 1)} /> },
          {
            head: 'Share of the rail’s spread',
            right: true,
            cell: (i) => <FigureText figure={fig(i.share, 'share', 0)} />,
          },
          { head: 'How to narrow it', cell: (i) => i.measure },
        ]}
      />
      <p className="text-sm text-soft">
        Standard deviations are rules of thumb; smaller where the figure was measured.
      </p>
    </div>
  )
}
