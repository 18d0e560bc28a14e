import { counted, type BoltsOfGroup } from '@lochmoor/core'
import { useWidth } from '../../bench/useWidth.ts'

const HEIGHT = 330
const PAD = 26
const TITLE = 26

/** The pattern from above, each bolt with its place in the order; the front is up. */
export const OrderDrawing = ({ b }: { b: BoltsOfGroup }) => {
  const [ref, width] = useWidth<HTMLElement>(560)
  const { order, places } = b
  if (places === null || order === null) return null
  const xs = places.map((p) => p.xM)
  const ys = places.map((p) => p.yM)
  const [left, right, low, high] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)]
  const scale = Math.min((width - 2 * PAD) / Math.max(right - left, 1e-3), (HEIGHT - TITLE - 2 * PAD) / Math.max(high - low, 1e-3))
  const x = (m: number) => width / 2 + (m - (left + right) / 2) * scale
  const y = (m: number) => (HEIGHT + TITLE) / 2 - (m - (low + high) / 2) * scale
  return (
    <figure ref={ref} className="mt-4 border border-ink bg-sheet">
      <svg width={width} height={HEIGHT} role="img" aria-label={`Tightening order of ${b.group.name}: ${counted(order.order.length, 'bolt')}, numbered from the middle outwards`} className="block">
        <text x={10} y={18} fontSize="12.5" fontWeight="700">
          Tightening order: {b.group.name}
        </text>
        <text x={width - 10} y={18} fontSize="12" textAnchor="end" fill="var(--ink-soft)">
          front is up
        </text>
        <path d={`M${x(order.centre.xM) - 6} ${y(order.centre.yM)}h12m-6 -6v12`} stroke="var(--ink-soft)" strokeWidth={1.2} />
        <polyline points={order.order.map((i) => `${x(places[i]!.xM)},${y(places[i]!.yM)}`).join(' ')} fill="none" stroke="var(--ink-soft)" strokeWidth={0.8} strokeDasharray="3 4" />
        {order.order.map((i, n) => (
          <g key={i} data-bolt={n + 1}>
            <circle cx={x(places[i]!.xM)} cy={y(places[i]!.yM)} r={14} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={order.ringOf[i] === 0 ? 2.6 : 1.3} />
            <text x={x(places[i]!.xM)} y={y(places[i]!.yM) + 5} fontSize="14" fontWeight="800" textAnchor="middle">
              {n + 1}
            </text>
          </g>
        ))}
      </svg>
      <figcaption className="px-2.5 pb-2 text-sm text-soft">
        Cross: middle of the pattern. Heavy rings: the first round. Go through all of them three times, a third, two thirds, all of the torque.
      </figcaption>
    </figure>
  )
} // prettier-ignore
