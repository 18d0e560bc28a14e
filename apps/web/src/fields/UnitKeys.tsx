import { UNITS, type Family, type Range, type Unit } from '@lochmoor/core'

/** Units that a thumb wants beside the digits, by family: those of a tape, a gauge, a data sheet. */
const MOST_KEYS = 4

interface Props {
  readonly family: Family
  readonly shown: Unit
  readonly range: Range
  readonly value: string
  readonly onType: (text: string) => void
}

const KEY = 'min-h-[44px] min-w-[44px] border border-soft px-2 font-semibold hover:bg-wash'

/**
 * Keys for what the number pad of a phone lacks: the units of the figure, the stroke of a fraction, a minus. They are
 * there on touch screens only, under the field that is being written in.
 */
export const UnitKeys = ({ family, shown, range, value, onType }: Props) => {
  const units = [shown, ...UNITS[family].filter((u) => u.id !== shown.id)].filter((u) => u.label !== '')
  const fraction = family === 'bore' || family === 'distance'
  const digits = value.replace(/[^\d.,/ −-]+.*$/, '').trim()
  // The field keeps the focus, so that the number pad stays.
  const key = (words: string, name: string, text: string) => (
    <button
      key={name}
      type="button"
      tabIndex={-1}
      aria-label={name}
      className={KEY}
      onPointerDown={(e) => {
        e.preventDefault()
        onType(text)
      }}
    >
      {words}
    </button>
  )
  return (
    <div role="group" aria-label="Keys" className="hidden flex-wrap justify-end gap-1 py-1 pointer-coarse:flex">
      {range.min < 0 && key('−', 'minus', value.startsWith('-') ? value.slice(1) : `-${value}`)}
      {fraction && key('/', 'stroke of a fraction', `${value}/`)}
      {fraction && key('␣', 'space', `${value} `)}
      {units.length > 1 && units.slice(0, MOST_KEYS).map((u) => key(u.label, `in ${u.label}`, `${digits} ${u.label}`))}
    </div>
  )
}
