import {
  checkCombinations,
  combinationCaseOf,
  explainInputError,
  partById,
  withHose,
  type Catalogue,
  type Combination,
  type CombinationChoice,
  type FuelSection,
  type JobDocument,
} from '@lochmoor/core'
import { useEffect, useMemo, useState } from 'react'
import { Link } from 'react-router'
import { SelectEntry } from '../../../fields/SelectEntry.tsx'
import { run, setFuel } from '../../../store/commands.ts'
import { Columns } from '../../bench/Columns.tsx'
import { PumpInputs } from '../inputs/PumpInputs.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import type { SheetProps } from '../sheetProps.ts'
import { choiceOfWish } from '../background/fuelWork.ts'
import { useFuelWork } from '../background/useFuelWork.ts'
import { WorkProgress } from '../../bench/background/WorkProgress.tsx'
import { CombinationTable } from './CombinationTable.tsx'
import { FilterNote } from './FilterNote.tsx'
import { LeftOutParts } from './LeftOutParts.tsx'
import { ParetoChart } from './ParetoChart.tsx'
import type { RankingView, Shown, Wish } from './rankingView.ts'

const SETTLE_MS = 350

const WISHES = [
  ['price', 'Cheapest first'],
  ['noise', 'Quietest first'],
  ['reserve', 'Most reserve first'],
] as const

/** The change of the design that puts a combination in, with the strainer that goes before its pump. */
const changeFor = (
  c: Combination,
  { fuel }: JobDocument,
  catalogue: Catalogue,
  choice: CombinationChoice,
): Partial<FuelSection> => {
  const feed = partById(catalogue.hoses, c.feedId)
  const back = c.returnId === null ? null : partById(catalogue.hoses, c.returnId)
  const pump = partById(catalogue.pumps, c.pumpId)
  return {
    pump,
    strainer: pump?.mount === 'in-line' ? choice.strainer : choice.sock,
    filter: partById(catalogue.filters, c.filterId),
    regulator: partById(catalogue.regulators, c.regulatorId),
    ...(feed && { feed: withHose(fuel.feed, feed) }),
    ...(back && { return: withHose(fuel.return, back) }),
  }
}

/** Every combination of the catalogue's parts for this car, ranked. */
export const ChooseSheet = (props: SheetProps) => {
  const { job, catalogue } = props
  const { state, start, cancel } = useFuelWork<'combinations'>()
  const [ownOnly, setOwnOnly] = useState(false)
  const choice = useMemo(() => choiceOfWish(job, catalogue, ownOnly), [job, catalogue, ownOnly])
  const refused = useMemo(() => checkCombinations(combinationCaseOf(job, choice))[0] ?? null, [job, choice])
  useEffect(() => {
    if (refused) return
    const timer = setTimeout(() => start({ kind: 'combinations', job, catalogue, ownOnly }), SETTLE_MS)
    return () => clearTimeout(timer)
  }, [job, catalogue, ownOnly, refused, start])
  const [kept, setKept] = useState<RankingView | null>(null)
  // While the next ranking is worked out the last one stays in view.
  if (state.kind === 'done' && state.answer !== kept) setKept(state.answer)
  const soFar = (state.kind === 'running' && state.soFar) || null
  const shown = soFar ?? kept
  return (
    <Columns
      names={['Chosen', 'Ranking', 'Assessment']}
      measured={
        <>
          <PumpInputs job={job} catalogue={catalogue} />
          <p className="leading-snug text-soft">
            To add a pump of your own, from its table or a spreadsheet:{' '}
            <Link to="/catalogue/pumps" className="text-accent underline">
              catalogue, pumps
            </Link>
            .
          </p>
          <FilterNote job={job} assessment={props.assessment} />
        </>
      }
      picture={
        <section aria-label="Ranking of combinations" aria-busy={state.kind === 'running'}>
          <WorkProgress state={state} name="Combinations" onCancel={cancel} />
          <label className="mb-2 flex items-center gap-2">
            <input
              type="checkbox"
              checked={ownOnly}
              onChange={(e) => setOwnOnly(e.target.checked)}
              className="size-5 accent-[var(--color-accent)]"
            />
            Only our own parts
          </label>
          {refused ? (
            <p role="alert" className="leading-snug font-semibold text-stop">
              {refused.field.endsWith('referencePa')
                ? 'The combinations cannot be ranked: with the reference hose on the manifold, vacuum cancels the whole set pressure. Leave the hose off, or raise the set pressure.'
                : `The combinations cannot be ranked: ${explainInputError(refused)}`}
            </p>
          ) : shown ? (
            <Ranking
              answer={shown}
              unfinished={soFar !== null}
              job={job}
              catalogue={catalogue}
              choice={choice}
              tookMs={state.kind === 'done' ? state.tookMs : null}
            />
          ) : (
            state.kind !== 'running' && <p className="text-soft">Working out the ranking…</p>
          )}
          <LeftOutParts choice={choice} />
        </section>
      }
      judgement={<SheetJudgement sheet="choose" />}
    />
  )
}

interface RankingProps {
  readonly answer: RankingView
  /** More combinations are still to be tried. */
  readonly unfinished: boolean
  readonly job: JobDocument
  readonly catalogue: Catalogue
  readonly choice: CombinationChoice
  readonly tookMs: number | null
}

const Ranking = ({ answer, unfinished, job, catalogue, choice, tookMs }: RankingProps) => {
  const [wish, setWish] = useState<Wish>('price')
  const [which, setWhich] = useState<Shown>('best')
  const take = (c: Combination) => run(setFuel(changeFor(c, job, catalogue, choice), 'combination taken', false))
  const shown = answer.lists[which][wish]
  return (
    <>
      <p className="mb-2 leading-snug">
        <strong>
          {answer.passing.toLocaleString('en')} of {answer.tried.toLocaleString('en')} combinations pass
          {unfinished && ' so far'}
        </strong>{' '}
        in every operating condition, with a 15 % reserve of flow and 10 % of return-line margin.{' '}
        <span className="text-soft">
          {answer.solved.toLocaleString('en')} circuits were solved
          {tookMs !== null && ` in ${(tookMs / 1000).toFixed(2)} s`}; the rest share one of those.
        </span>
      </p>
      {answer.passing > 0 && <ParetoChart marks={answer.marks} best={answer.lists.best.price} catalogue={catalogue} />}
      <div className="my-2 grid max-w-xl grid-cols-2 gap-3">
        <SelectEntry label="Order" value={wish} options={WISHES} onChange={setWish} />
        <SelectEntry
          label="Show"
          value={which}
          options={[
            ['best', 'Best of price, noise and reserve'],
            ['passing', 'All that pass'],
            ['all', 'Also those that fail'],
          ]}
          onChange={setWhich}
        />
      </div>
      <CombinationTable
        name="Combinations"
        rows={shown}
        count={answer.counts[which]}
        catalogue={catalogue}
        job={job}
        onTake={take}
      />
      <h2 className="mt-5 border-b-2 border-ink pb-0.5 font-extrabold">Pump by pump</h2>
      <p className="py-1 text-sm text-soft">Each pump with the parts that suit it best, or what rules it out.</p>
      <CombinationTable name="Pumps" rows={answer.perPump} catalogue={catalogue} job={job} onTake={take} />
    </>
  )
}
