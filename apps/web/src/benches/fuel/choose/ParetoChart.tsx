import { partById, type Catalogue, type Combination } from '@lochmoor/core'
import { scaleLinear } from 'd3-scale'
import { useWidth } from '../../bench/useWidth.ts'

const HEIGHT = 240
const MARGIN = { top: 28, right: 16, bottom: 38, left: 52 }
const MOST_SHOWN_RESERVE = 3

/** Price against reserve of all that pass; the figure in a mark is its noise class, the best are filled. */
export const ParetoChart = ({ passing, catalogue }: { passing: readonly Combination[]; catalogue: Catalogue }) => {
  const [ref, width] = useWidth<HTMLElement>(620)
  // Many lie on one another: one mark for each price, noise and tenth of reserve.
  const marks = new Map<string, Combination>()
  for (const c of passing) {
    const key = `${c.price} ${c.noiseClass} ${Math.round(Math.min(c.reserve, MOST_SHOWN_RESERVE) * 10)}`
    if (!marks.has(key) || c.best) marks.set(key, c)
  }
  const shown = [...marks.values()].sort((a, b) => Number(a.best) - Number(b.best))
  const prices = shown.map((c) => c.price)
  const reserves = shown.map((c) => Math.min(c.reserve, MOST_SHOWN_RESERVE))
  const x = scaleLinear([Math.min(...prices) - 1, Math.max(...prices) + 1], [MARGIN.left, width - MARGIN.right])
  const y = scaleLinear([0, 1.1 * Math.max(...reserves)], [HEIGHT - MARGIN.bottom, MARGIN.top])
  const best = passing.filter((c) => c.best)
  return (
    <figure ref={ref} className="border border-ink bg-sheet">
      <svg
        width={width}
        height={HEIGHT}
        role="img"
        className="block"
        aria-label={`Price against reserve. Not beaten: ${best.map((c) => `${partById(catalogue.pumps, c.pumpId)?.name ?? ''} price ${c.price}, noise ${c.noiseClass}, reserve ${(c.reserve * 100).toFixed(0)} %`).join('; ')}`}
      >
        <text x={10} y={18} fontSize="12.5" fontWeight="700">
          Combinations that pass: price and reserve, noise class in the mark
        </text>
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
          <g
            key={`${c.price} ${c.noiseClass} ${c.reserve}`}
            transform={`translate(${x(c.price)} ${y(Math.min(c.reserve, MOST_SHOWN_RESERVE))})`}
          >
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
        Filled: nothing else that passes is cheaper, quieter and has more reserve all at once.
      </figcaption>
    </figure>
  )
}
