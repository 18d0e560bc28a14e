import {
  explainQuantityError,
  figureAt,
  formatForEntry,
  formatQuantity,
  howAt,
  parseQuantity,
  type FigureNode,
  type Known,
  type Unit,
} from '@lochmoor/core'
import { useId, useRef, useState, type ReactNode } from 'react'
import { useJobStore } from '../store/jobStore.ts'
import { useUnit } from '../store/preferences.ts'
import { HowToMeasure } from './HowToMeasure.tsx'
import { standInAt } from './standIn.ts'

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

type Read =
  | { readonly si: Known; readonly note: string | null }
  | { readonly error: string; readonly choices?: readonly string[] }

const readEntry = (text: string, { family, range, whole }: FigureNode, unit: Unit): Read => {
  if (text.trim() === '') return { si: null, note: null }
  const parsed = parseQuantity(text, family, unit)
  if (!parsed.ok) {
    const { error } = parsed
    return { error: explainQuantityError(error), ...(error.code === 'ambiguous' && { choices: error.choices }) }
  }
  const { si, remark, unit: readIn } = parsed.value
  const { min, max } = range
  const slack = 1e-9 * Math.max(Math.abs(min), Math.abs(max))
  if (si < min - slack || si > max + slack)
    return {
      error: `${formatQuantity(si, unit)} is not allowed here: ${formatQuantity(min, unit)} to ${formatQuantity(max, unit)}.`,
    }
  if (whole && !Number.isInteger(si)) return { error: `${text.trim()} is not allowed here: whole numbers only.` }
  return {
    si: Math.min(max, Math.max(min, si)),
    note: remark ?? (readIn.id === unit.id ? null : `= ${formatQuantity(si, unit, unit.decimals + 1)}`),
  }
}

/**
 * A field for one figure with its unit. Takes any unit of its family, shows what it understood, stores as it is typed,
 * and keeps what it could not read, with the reason.
 */
export const QuantityField = (props: Props) => {
  const { emptyMeans, label, onChange, path, value } = props
  const how = props.how ?? howAt(path)
  const standIn = standInAt(
    useJobStore((s) => s.document),
    path,
  )
  const assumed = props.assumed ?? standIn?.si
  const assumedWord = props.assumedWord ?? standIn?.words ?? 'assumed'
  const figure = figureAt(path)
  if (!figure) throw new Error(`there is no figure at ${path}`)
  const unit = useUnit(figure.family)
  const id = useId()
  // What stands in the field while it is worked on; null shows the stored figure.
  const [draft, setDraft] = useState<string | null>(null)
  const read = draft === null ? null : readEntry(draft, figure, unit)
  const before = useRef(value)
  const error = read && 'error' in read ? read.error : null
  const choices = (read && 'choices' in read ? read.choices : null) ?? []
  const note = read && 'note' in read ? read.note : null
  const shown = draft ?? (value === null ? '' : formatForEntry(value, unit))

  const type = (text: string) => {
    setDraft(text)
    const next = readEntry(text, figure, unit)
    if ('error' in next) {
      // What was half typed before it became unreadable is no figure: the one that stood there before holds.
      if (value !== before.current) onChange(before.current)
      return
    }
    const si = next.si ?? emptyMeans ?? null
    if (si !== value) onChange(si)
  }
  /** One of the meanings of an ambiguous entry: it is an entry made and left. */
  const choose = (text: string) => {
    const next = readEntry(text, figure, unit)
    if ('error' in next || next.si === null) return setDraft(text)
    onChange(next.si)
    if (next.si !== before.current) props.onMeasured?.(next.si, text)
    before.current = next.si
    setDraft(null)
    document.getElementById(id)?.focus()
  }
  const leave = () => {
    if (error) return
    if (draft !== null && value !== null && value !== before.current) {
      const typed = draft.trim()
      props.onMeasured?.(value, /[^\d.,\s/+−-]/.test(typed) || !unit.label ? typed : `${typed} ${unit.label}`)
    }
    before.current = value
    setDraft(null)
  }

  return (
    <div className="border-b border-hair/70 py-1">
      <div className="flex items-center gap-2">
        <label htmlFor={id} className="min-w-0 flex-1 leading-tight">
          {label}
        </label>
        {how && <HowToMeasure label={label}>{how}</HowToMeasure>}
        <span
          className={`flex h-8 w-[9.3rem] shrink-0 items-center border bg-sheet ${error ? 'border-2 border-stop' : value === null ? 'border-dashed border-soft' : 'border-soft/60'}`}
        >
          <input
            id={id}
            data-entry
            value={shown}
            inputMode="text"
            autoComplete="off"
            spellCheck={false}
            placeholder={assumed === undefined ? 'not known' : formatForEntry(assumed, unit)}
            aria-invalid={error !== null}
            aria-describedby={`${id}-note`}
            onChange={(e) => type(e.target.value)}
            onFocus={(e) => {
              before.current = value
              e.target.select()
            }}
            onBlur={leave}
            onKeyDown={(e) => {
              if (e.key === 'Escape') setDraft(null)
            }}
            className="min-w-0 flex-1 bg-transparent px-1.5 text-right font-semibold placeholder:font-normal placeholder:text-soft placeholder:italic"
          />
          {unit.label && (
            <span className="min-w-9 shrink-0 pr-2 text-sm text-soft" aria-hidden>
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
                className="ml-2 border border-accent px-1.5 font-bold text-accent hover:bg-wash"
              >
                {choice}
              </button>
            ))}
          </>
        ) : note ? (
          <span className="text-soft">{note}</span>
        ) : value === null && assumed !== undefined ? (
          <span className="text-soft italic">{assumedWord}</span>
        ) : null}
      </div>
    </div>
  )
}
