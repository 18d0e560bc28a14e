import { fromSi, toSi, type SpreadAnswer } from '@lochmoor/core'
import { scaleLinear } from 'd3-scale'
import { useUnit } from '../../../store/preferences.ts'
import { useWidth } from '../../bench/useWidth.ts'

const HEIGHT = 138
const BASE = 100

/** How often the rail stood where; what lies outside the two lines did not hold. */
export const SpreadHistogram = ({
  band,
  histogram: { fromPa, stepPa, counts },
}: Pick<SpreadAnswer, 'band' | 'histogram'>) => {
  const [ref, width] = useWidth<HTMLElement>(620)
  const unit = useUnit('pressure')
  const toPa = fromPa + stepPa * counts.length
  const x = scaleLinear([Math.min(fromPa, band.lowPa), Math.max(toPa, band.highPa)], [14, width - 14])
  const isWithin = (pa: number) => pa >= band.lowPa && pa <= band.highPa
  const most = Math.max(...counts, 1)
  const [low, high] = x.domain() as [number, number]
  const ticks = scaleLinear([fromSi(low, unit), fromSi(high, unit)], [0, 1]).ticks(5)
  return (
    <figure ref={ref} className="my-2 border border-ink bg-sheet">
      <svg width={width} height={HEIGHT} role="img" aria-label="Spread of the rail’s pressure" className="block">
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
              fill={isWithin(at + stepPa / 2) ? 'var(--ink-soft)' : 'var(--stop)'}
            />
          )
        })}
        {[band.lowPa, band.highPa].map((edge) => (
          <line
            key={edge}
            x1={x(edge)}
            x2={x(edge)}
            y1={10}
            y2={BASE}
            stroke="var(--ink)"
            strokeWidth="1.6"
            strokeDasharray="5 3"
          />
        ))}
        {ticks.map((t) => (
          <text key={t} x={x(toSi(t, unit))} y={BASE + 15} fontSize="12" textAnchor="middle">
            {t}
          </text>
        ))}
        <text x={width - 14} y={HEIGHT - 6} fontSize="12" textAnchor="end">
          rail, {unit.label}
        </text>
      </svg>
    </figure>
  )
}
