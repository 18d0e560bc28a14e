import type { ReactNode } from 'react'
import { useId } from 'react'
import { HowToMeasure } from './HowToMeasure.tsx'

interface Props<W extends string> {
  readonly label: string
  readonly value: readonly W[]
  readonly options: readonly (readonly [value: W, words: string])[]
  readonly onChange: (value: readonly W[]) => void
  readonly how?: ReactNode
  /** The word that says there is none: it stands alone. */
  readonly none?: string | undefined
}

/** Several words at once. Nothing ticked: nobody has looked. */
export const SetField = <W extends string>({ label, value, options, onChange, how, none }: Props<W>) => {
  const id = useId()
  const turn = (word: W, on: boolean) => {
    if (!on) return onChange(value.filter((v) => v !== word))
    const others = word === none ? [] : value.filter((v) => v !== none)
    // In the order of the options, however they were ticked.
    onChange(options.map(([v]) => v).filter((v) => v === word || others.includes(v)))
  }
  return (
    <div role="group" aria-labelledby={id} className="border-b border-hair/70 py-1">
      <div className="flex items-center gap-2">
        <span id={id} className="min-w-0 flex-1 leading-tight">
          {label}
        </span>
        {value.length === 0 && <span className="text-soft italic">{none === undefined ? 'nothing ticked' : 'not looked at'}</span>}
        {how && <HowToMeasure label={label}>{how}</HowToMeasure>}
      </div>
      <div className="flex flex-wrap gap-x-3">
        {options.map(([word, words]) => (
          <label key={word} className="flex min-h-8 items-center gap-1.5 leading-tight">
            <input
              type="checkbox"
              checked={value.includes(word)}
              onChange={(e) => turn(word, e.target.checked)}
              className="size-4 shrink-0 accent-accent"
            />
            {words}
          </label>
        ))}
      </div>
    </div>
  )
} // prettier-ignore
