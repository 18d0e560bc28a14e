import { formatQuantity, marginWords, type Figure, type MarginWords, type Remedy, type Verdict } from '@lochmoor/core'
import { useState } from 'react'
import { FigureText, SentenceText, usePlainSentence } from '../../../fields/FigureText.tsx'
import { StateMark } from '../../../marks/StateMark.tsx'
import { unitOfFamily, usePreferences } from '../../../store/preferences.ts'
import { useMayWrite } from '../../../store/sessionStore.ts'
import { useBench } from '../benchContext.ts'
import { tryRemedy } from '../tryRemedy.ts'

/** One verdict: state, figure against limit with margin, reason, source, remedies to try. Sound ones fold up. */
export const VerdictCard = ({ verdict }: { verdict: Verdict }) => {
  const { ask, showPoint } = useBench()
  const { figure, figureName, limit, limitName, margin, pointId, reason, source, state, title, workings } = verdict
  const [open, setOpen] = useState<boolean | null>(null)
  const shown = open ?? state !== 'ok'
  return (
    <li
      className={`border-b border-hair py-2 ${verdict.effectOf === undefined ? '' : 'border-l-4 border-l-soft/40 pl-2.5'}`}
    >
      {verdict.effectOf !== undefined && <p className="text-sm text-soft">Effect of the above, cleared with it:</p>}
      <button
        type="button"
        aria-expanded={shown}
        onClick={() => setOpen(!shown)}
        className="flex w-full items-baseline gap-2 text-left"
      >
        <span className="w-[6.6rem] shrink-0 whitespace-nowrap">
          <StateMark state={state} />
        </span>
        <span className="min-w-0 flex-1 leading-snug font-semibold">{title}</span>
        {figure && !shown && (
          <span className="whitespace-nowrap text-soft">
            <FigureText figure={figure} />
          </span>
        )}
      </button>
      {shown && (
        <div className="mt-1.5">
          {figure && (
            <dl className="mb-1.5 grid grid-cols-[1fr_auto] gap-x-3 border-y border-hair/70 py-1">
              <Row name={figureName} figure={figure} strong />
              {limit && <Row name={limitName} figure={limit} />}
              {margin && <MarginRow margin={margin} words={marginWords(verdict)} />}
            </dl>
          )}
          <p className="leading-snug">
            <SentenceText sentence={reason} />
          </p>
          {state !== 'ok' && (
            <Remedies
              verdictId={verdict.id}
              figureName={figureName}
              wanted={state === 'stop' && figure !== null && verdict.next === undefined}
            />
          )}
          <p className="mt-1.5 flex flex-wrap gap-x-3 text-sm text-soft">
            <span>Source: {source}.</span>
            {pointId && showPoint && (
              <button type="button" className="text-accent underline" onClick={() => showPoint(pointId)}>
                Show this condition
              </button>
            )}
            {workings.map((id) => (
              <button
                key={id}
                type="button"
                className="text-accent underline"
                onClick={() => ask(id, pointId, verdict.subject?.sensor)}
              >
                Show working: {id.replaceAll('-', ' ')}
              </button>
            ))}
          </p>
        </div>
      )}
    </li>
  )
}

const Row = ({ name, figure, strong = false }: { name: string; figure: Figure; strong?: boolean }) => (
  <>
    <dt>{name}</dt>
    <dd className={`text-right whitespace-nowrap ${strong ? 'font-bold' : ''}`}>
      <FigureText figure={figure} />
    </dd>
  </>
)

const MarginRow = ({ margin, words }: { margin: Figure; words: MarginWords }) => {
  const units = usePreferences((s) => s.units)
  // A margin is a difference: no offset, as temperatures have.
  const unit = { ...unitOfFamily(units, margin.family), offset: 0 }
  const past = words === 'over by' || words === 'short by'
  return (
    <>
      <dt>{words}</dt>
      <dd className={`text-right font-bold whitespace-nowrap ${past ? 'text-stop' : ''}`}>
        {formatQuantity(Math.abs(margin.si), unit, margin.decimals)}
      </dd>
    </>
  )
}

/** Said where no kind of change cures a failure by itself. */
const NO_SINGLE_PART = 'No single change fixes this: combine two, or ask for less.'

interface RemediesProps {
  readonly verdictId: string
  readonly figureName: string
  /** Whether it is worth saying that there is none. */
  readonly wanted: boolean
}

const Remedies = ({ verdictId, figureName, wanted }: RemediesProps) => {
  const { remedies } = useBench()
  if (remedies.kind === 'failed')
    return (
      <p role="alert" className="mt-1.5 font-semibold text-stop">
        Could not look for remedies: {remedies.message}
      </p>
    )
  if (remedies.kind === 'looking') return wanted ? <p className="mt-1.5 text-soft">Looking for a remedy…</p> : null
  const own = remedies.remedies.get(verdictId) ?? []
  if (own.length === 0) return wanted ? <p className="mt-1.5 font-semibold">{NO_SINGLE_PART}</p> : null
  return (
    <ul className="mt-2">
      {own.map((r) => (
        <RemedyRow key={r.id} remedy={r} figureName={figureName} />
      ))}
    </ul>
  )
}

const RemedyRow = ({ remedy, figureName }: { remedy: Remedy; figureName: string }) => {
  const label = usePlainSentence(remedy.label)
  const mayWrite = useMayWrite()
  return (
    <li className="flex items-center gap-3 border-t border-hair/70 py-1.5">
      <span className="min-w-0 flex-1 leading-snug">
        {label}
        {remedy.becomes && (
          <span className="block text-sm text-soft">
            then {figureName} <FigureText figure={remedy.becomes} />
          </span>
        )}
      </span>
      <button
        type="button"
        disabled={!mayWrite}
        aria-label={`Try: ${label}`}
        onClick={() => tryRemedy(remedy.change)}
        className="min-h-9 shrink-0 border border-accent px-3 font-bold text-accent hover:bg-wash disabled:opacity-45"
      >
        Try
      </button>
    </li>
  )
}
