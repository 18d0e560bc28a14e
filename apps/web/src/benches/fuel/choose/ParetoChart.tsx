import { partById, type Catalogue, type Combination } from '@lochmoor/core'
import { scaleLinear } from 'd3-scale'
import { extent } from 'd3-array'
import { useWidth } from '../../bench/useWidth.ts'
import { MOST_SHOWN_RESERVE } from './rankingView.ts'

const HEIGHT = 240
const MARGIN = { top: 14, right: 16, bottom: 38, left: 52 }
/** Marks nearer than this lie on one another, px. */
const MARK = 17

interface Props {
  /** Of those that pass, what is marked. */
  readonly marks: readonly Combination[]
  readonly best: readonly Combination[]
  readonly catalogue: Catalogue
}

/** Price against reserve of all that pass; the figure in a mark is its noise class, the best are filled. */
export const ParetoChart = ({ best, catalogue, marks }: Props) => {
  const [ref, width] = useWidth<HTMLElement>(620)
  const [least = 0, most = 0] = extent(marks, (c) => c.price)
  const [, mostReserve = 0] = extent(marks, (c) => Math.min(c.reserve, MOST_SHOWN_RESERVE))
  const x = scaleLinear([least - 1, most + 1], [MARGIN.left, width - MARGIN.right])
  const y = scaleLinear([0, 1.1 * mostReserve], [HEIGHT - MARGIN.bottom, MARGIN.top])
  const at = (c: Combination) => [x(c.price), y(Math.min(c.reserve, MOST_SHOWN_RESERVE))] as const
  // Many lie on one another: of those only the first is marked, the best ahead of the quieter ones.
  const shown: Combination[] = []
  for (const c of [...marks].sort((a, b) => Number(b.best) - Number(a.best) || a.noiseClass - b.noiseClass)) {
    const [cx, cy] = at(c)
    if (shown.every((s) => Math.abs(at(s)[0] - cx) > MARK || Math.abs(at(s)[1] - cy) > MARK)) shown.push(c)
  }
  return (
    <figure ref={ref} className="border border-ink bg-sheet">
      <p className="px-2.5 pt-1.5 text-sm font-bold">
        Combinations that pass: price and reserve, noise class in the mark
      </p>
      <svg
        width={width}
        height={HEIGHT}
        role="img"
        className="block"
        aria-label={`Price against reserve. Not beaten: ${best.map((c) => `${partById(catalogue.pumps, c.pumpId)?.name ?? ''} price ${c.price}, noise ${c.noiseClass}, reserve ${(c.reserve * 100).toFixed(0)} %`).join('; ')}`}
      >
        {y.ticks(5).map((t) => (
          <g key={t} transform={`translate(0 ${y(t)})`}>
            <line x1={MARGIN.left} x2={width - MARGIN.right} stroke="var(--hair)" strokeWidth="0.8" />
            <text x={MARGIN.left - 6} y={4} fontSize="12" textAnchor="end">
              {(t * 100).toFixed(0)} %
            </text>
          </g>
        ))}
        {x.ticks(Math.min(10, x.domain()[1]! - x.domain()[0]!)).map((t) => (
          <text key={t} x={x(t)} y={HEIGHT - MARGIN.bottom + 16} fontSize="12" textAnchor="middle">
            {t}
          </text>
        ))}
        <text x={width - MARGIN.right} y={HEIGHT - 6} fontSize="12" textAnchor="end">
          sum of price classes
        </text>
        {shown.map((c) => (
          <g key={`${c.price} ${c.noiseClass} ${c.reserve} ${c.pumpId}`} transform={`translate(${at(c).join(' ')})`}>
            <rect
              x={-8}
              y={-8}
              width={16}
              height={16}
              fill={c.best ? 'var(--accent)' : 'var(--sheet)'}
              stroke={c.best ? 'var(--accent)' : 'var(--ink-soft)'}
            />
            <text
              y={4}
              fontSize="11"
              textAnchor="middle"
              fontWeight={c.best ? 700 : 400}
              style={{ fill: c.best ? 'var(--on-accent)' : 'var(--ink-soft)' }}
            >
              {c.noiseClass}
            </text>
          </g>
        ))}
      </svg>
      <figcaption className="px-2.5 pb-2 text-sm text-soft">
        Filled: nothing else that passes is cheaper, quieter and has more reserve all at once. Where several lie on one
        another, one is marked.
      </figcaption>
    </figure>
  )
}
