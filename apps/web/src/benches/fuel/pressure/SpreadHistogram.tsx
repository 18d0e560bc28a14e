import { fromSi, toSi, type SpreadAnswer } from '@lochmoor/core'
import { scaleLinear } from 'd3-scale'
import { useUnit } from '../../../store/preferences.ts'
import { useWidth } from '../../bench/useWidth.ts'

const HEIGHT = 138
const BASE = 100

/** How often which pressure was to spare; what lies left of nothing did not hold. */
export const SpreadHistogram = ({ histogram: { fromPa, stepPa, counts } }: Pick<SpreadAnswer, 'histogram'>) => {
  const [ref, width] = useWidth<HTMLElement>(620)
  const unit = useUnit('pressure')
  const toPa = fromPa + stepPa * counts.length
  const x = scaleLinear([Math.min(fromPa, 0), Math.max(toPa, 0)], [14, width - 14])
  const most = Math.max(...counts, 1)
  const [low, high] = x.domain() as [number, number]
  const ticks = scaleLinear([fromSi(low, unit), fromSi(high, unit)], [0, 1]).ticks(5)
  return (
    <figure ref={ref} className="my-2 border border-ink bg-sheet">
      <svg width={width} height={HEIGHT} role="img" aria-label="Spread of the pressure to spare" className="block">
        {counts.map((n, i) => {
          const at = fromPa + i * stepPa
          const h = (n / most) * 84
          return (
            <rect
              key={i}
              x={x(at)}
              y={BASE - h}
              width={Math.max(1, x(at + stepPa) - x(at) - 1)}
              height={h}
              fill={at + stepPa / 2 < 0 ? 'var(--stop)' : 'var(--ink-soft)'}
            />
          )
        })}
        <line x1={x(0)} x2={x(0)} y1={10} y2={BASE} stroke="var(--ink)" strokeWidth="1.6" strokeDasharray="5 3" />
        {ticks.map((t) => (
          <text key={t} x={x(toSi(t, unit))} y={BASE + 15} fontSize="12" textAnchor="middle">
            {t}
          </text>
        ))}
        <text x={width - 14} y={HEIGHT - 6} fontSize="12" textAnchor="end">
          pressure to spare, {unit.label}
        </text>
      </svg>
    </figure>
  )
}
