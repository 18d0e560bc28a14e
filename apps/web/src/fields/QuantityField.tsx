import { figureAt, formatForEntry, howAt, type Known } from '@lochmoor/core'
import { useEffect, useId, useRef, useState, type ReactNode } from 'react'
import { useShownJob } from '../jobs/ShownJob.tsx'
import { useJobStore } from '../store/jobStore.ts'
import { useUnit } from '../store/preferences.ts'
import { asTyped, turnOf } from '../store/shownJob.ts'
import { HowToMeasure } from './HowToMeasure.tsx'
import { readEntry } from './readEntry.ts'
import { standInAt } from './standIn.ts'
import { hasOwnUnit, rememberTyped, typedAs } from './typedText.ts'
import { UnitKeys } from './UnitKeys.tsx'

interface Props {
  readonly label: string
  /** Its place in the document, which says what it measures and its range; "*" for any item of a list. */
  readonly path: string
  readonly value: Known
  /** Used while nothing is entered; left out, it is what the figures of the job say. */
  readonly assumed?: number | undefined
  /** What the assumed figure is, e.g. "of the hose". */
  readonly assumedWord?: string
  readonly onChange: (si: Known) => void
  /** On leaving, where the figure has changed since the field was entered: what stands there, and as it was typed. */
  readonly onMeasured?: (si: number, typed: string) => void
  /** Left out, it is what the document's own table tells. */
  readonly how?: ReactNode
  /** An empty field means this instead of "not known". */
  readonly emptyMeans?: number
}

/** So long a hand rests before it is asked what it meant: 3 may still become 38. */
const REST_MS = 700

/**
 * A field for one figure with its unit. Takes any unit of its family, shows what it understood, stores as it is typed,
 * and keeps what it could not read, with the reason.
 */
export const QuantityField = (props: Props) => {
  const { emptyMeans, label, onChange, path } = props
  const how = props.how ?? howAt(path)
  const job = useShownJob()
  const standIn = standInAt(job, path)
  // What was typed and is not shown yet: it holds until the job that is shown has it.
  const [sent, setSent] = useState<{ readonly si: Known; readonly turn: number } | null>(null)
  const value = sent !== null && turnOf(job) < sent.turn ? sent.si : props.value
  const send = (si: Known) => setSent({ si, turn: asTyped(() => onChange(si)) })
  const assumed = props.assumed ?? standIn?.si
  const assumedWord = props.assumedWord ?? standIn?.words ?? 'assumed'
  const figure = figureAt(path)
  if (!figure) throw new Error(`there is no figure at ${path}`)
  const unit = useUnit(figure.family)
  const id = useId()
  // What stands in the field while it is worked on; null shows the stored figure.
  const [draft, setDraft] = useState<string | null>(null)
  const [here, setHere] = useState(false)
  const jobId = useJobStore((s) => s.jobId)
  const before = useRef(value)
  const typed = value === null ? null : typedAs(jobId, path, value, unit)
  const shown = draft ?? (value === null ? '' : (typed?.text ?? formatForEntry(value, unit)))
  // As it was written here it is explained again: what "1/4 in" comes to.
  const read = draft !== null || typed?.withUnit ? readEntry(shown, figure, unit, path) : null
  const [rested, setRested] = useState(false)
  useEffect(() => {
    if (draft === null) return
    const timer = setTimeout(() => setRested(true), REST_MS)
    return () => {
      clearTimeout(timer)
      setRested(false)
    }
  }, [draft])
  const asked = read?.kind === 'asked' && (!read.unfinished || !here || rested) ? read : null
  const error = read?.kind === 'wrong' ? read.error : (asked?.question ?? null)
  const choices = asked?.choices ?? []
  const note = read?.kind === 'read' ? read.note : null
  const ownUnit = hasOwnUnit(shown, figure.family)

  const type = (text: string) => {
    setDraft(text)
    const next = readEntry(text, figure, unit, path)
    if (next.kind !== 'read') {
      // What was half typed before it became unreadable is no figure: the one that stood there before holds.
      if (value !== before.current) send(before.current)
      return
    }
    const si = next.si ?? emptyMeans ?? null
    if (si !== value) send(si)
  }
  /** One of the meanings of an entry that has several: it is an entry made and left. */
  const choose = (text: string) => {
    const bare = text === `${shown.trim()} ${unit.label}`
    const next = readEntry(text, figure, unit, path)
    if (next.kind !== 'read' || next.si === null) return setDraft(text)
    onChange(next.si)
    rememberTyped(jobId, path, next.si, bare ? shown : text, unit, figure.family)
    if (next.si !== before.current) props.onMeasured?.(next.si, text)
    before.current = next.si
    setDraft(null)
    document.getElementById(id)?.focus()
  }
  /** The entry is made: what was measured goes to the job log, once. */
  const commit = () => {
    if (read !== null && read.kind !== 'read') return
    if (draft !== null && value !== null) {
      const text = draft.trim()
      rememberTyped(jobId, path, value, text, unit, figure.family)
      if (value !== before.current)
        props.onMeasured?.(value, hasOwnUnit(text, figure.family) || !unit.label ? text : `${text} ${unit.label}`)
    }
    before.current = value
    setDraft(null)
  }
  const leave = () => {
    setHere(false)
    commit()
  }

  return (
    <div className="border-b border-hair/70 py-1">
      <div className="flex items-center gap-2">
        <label htmlFor={id} className="min-w-0 flex-1 leading-tight">
          {label}
        </label>
        {how && <HowToMeasure label={label}>{how}</HowToMeasure>}
        <span
          className={`flex h-8 w-[9.3rem] shrink-0 items-stretch border bg-sheet max-lg:h-[46px] ${error ? 'border-2 border-stop' : value === null ? 'border-dashed border-soft' : 'border-soft/60'}`}
        >
          <input
            id={id}
            data-entry
            value={shown}
            // Hardware keyboards do not mind; phones show digits, and what those lack stands below.
            inputMode="decimal"
            autoComplete="off"
            spellCheck={false}
            placeholder={assumed === undefined ? 'not known' : formatForEntry(assumed, unit)}
            aria-invalid={error !== null}
            aria-describedby={`${id}-note`}
            onChange={(e) => type(e.target.value)}
            onFocus={(e) => {
              setHere(true)
              before.current = value
              e.target.select()
            }}
            onBlur={leave}
            onKeyDown={(e) => {
              if (e.key === 'Escape') setDraft(null)
              // Where Enter leads nowhere the field is not left.
              if (e.key === 'Enter') commit()
            }}
            className="min-w-0 flex-1 bg-transparent px-1.5 text-right font-semibold placeholder:font-normal placeholder:text-soft placeholder:italic"
          />
          {unit.label && !ownUnit && (
            <span className="min-w-9 shrink-0 self-center pr-2 text-sm text-soft" aria-hidden>
              {unit.label}
            </span>
          )}
        </span>
      </div>
      <div id={`${id}-note`} className="text-right text-sm leading-tight" aria-live="polite">
        {error ? (
          <>
            <span className="font-semibold text-stop">{error}</span>
            {choices.map((choice) => (
              <button
                key={choice}
                type="button"
                onClick={() => choose(choice)}
                className="mt-1 ml-2 border border-accent px-2 font-bold text-accent hover:bg-wash"
              >
                {choice}?
              </button>
            ))}
          </>
        ) : note ? (
          <span className="text-soft">{note}</span>
        ) : value === null && assumed !== undefined ? (
          <span className="text-soft italic">{assumedWord}</span>
        ) : null}
      </div>
      {here && <UnitKeys family={figure.family} shown={unit} range={figure.range} value={shown} onType={type} />}
    </div>
  )
}
