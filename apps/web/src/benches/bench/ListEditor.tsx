import { ArrowDown, ArrowUp, Trash2 } from 'lucide-react'
import type { ReactNode } from 'react'

interface Props<T> {
  /** What the list is called for those who do not see it. */
  readonly name: string
  readonly items: readonly T[]
  readonly index: number
  readonly nameOf: (item: T) => string
  /** What stands at the right of its name. */
  readonly noteOf?: (item: T) => ReactNode
  readonly onIndex: (index: number) => void
  readonly onItems: (items: readonly T[], label: string, index: number) => void
  /** Buttons that add to it. */
  readonly add: ReactNode
  readonly fixedOrder?: boolean
}

/** A list in its order with one item chosen: move it, remove it, add to it. */
export const ListEditor = <T,>({
  name,
  items,
  index,
  nameOf,
  noteOf,
  onIndex,
  onItems,
  add,
  fixedOrder = false,
}: Props<T>) => {
  const item = items[index]
  const move = (by: -1 | 1) => {
    const next = [...items]
    const [moved] = next.splice(index, 1)
    next.splice(index + by, 0, moved!)
    onItems(next, `order of ${name.toLowerCase()}`, index + by)
  }
  const button = (label: string, icon: ReactNode, onClick: () => void, disabled = false) => (
    <button
      type="button"
      aria-label={label}
      disabled={disabled}
      onClick={onClick}
      className="grid size-9 place-items-center border border-soft/60 hover:bg-wash disabled:opacity-45"
    >
      {icon}
    </button>
  )
  return (
    <>
      {items.length > 0 && (
        <ol aria-label={name}>
          {items.map((it, i) => (
            <li key={i}>
              <button
                type="button"
                aria-pressed={i === index}
                onClick={() => onIndex(i)}
                className={`flex w-full justify-between gap-2 border-b border-hair/70 px-1 py-1 text-left leading-tight hover:bg-wash ${i === index ? 'bg-wash font-bold' : ''}`}
              >
                <span>
                  {i + 1} {nameOf(it)}
                </span>
                {noteOf && <span className="font-normal whitespace-nowrap text-soft">{noteOf(it)}</span>}
              </button>
            </li>
          ))}
        </ol>
      )}
      <div className="flex flex-wrap gap-1.5 py-2">
        {add}
        {item && (
          <>
            {!fixedOrder &&
              button(`Move ${nameOf(item)} up`, <ArrowUp size={16} aria-hidden />, () => move(-1), index === 0)}
            {!fixedOrder &&
              button(
                `Move ${nameOf(item)} down`,
                <ArrowDown size={16} aria-hidden />,
                () => move(1),
                index === items.length - 1,
              )}
            {button(`Remove ${nameOf(item)}`, <Trash2 size={16} aria-hidden />, () =>
              onItems(
                items.filter((_, i) => i !== index),
                `${nameOf(item)} removed`,
                Math.max(0, index - 1),
              ),
            )}
          </>
        )}
      </div>
    </>
  )
}
