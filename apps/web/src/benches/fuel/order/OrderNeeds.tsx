import type { OrderItem } from '@lochmoor/core'
import { Link } from 'react-router'
import { SentenceText } from '../../../fields/FigureText.tsx'
import { StateShape } from '../../../marks/StateMark.tsx'

const WORDS = { ok: 'there', unknown: 'open', stop: 'missing' } as const

/** What the order cannot do without, each with where it is entered. */
export const OrderNeeds = ({ items }: { items: readonly OrderItem[] }) => (
  <section aria-label="What the order needs" className="mt-5">
    <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">What the order needs</h2>
    <ul>
      {items.map((item) => (
        <li
          key={item.id}
          className="grid grid-cols-[6.5rem_1fr] items-baseline gap-x-3 border-b border-hair/70 py-1 leading-snug"
        >
          <StateShape state={item.state} word={WORDS[item.state]} />
          <span>
            <Link
              to={item.tab === '' ? '../fuel' : `../fuel/${item.tab}`}
              className="font-semibold text-accent underline"
            >
              {item.what}
            </Link>
            : <SentenceText sentence={item.says} />
          </span>
        </li>
      ))}
    </ul>
  </section>
)
