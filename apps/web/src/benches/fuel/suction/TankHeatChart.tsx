import { formatQuantity, fromSi, toSi, type TankHeatAnswer } from '@lochmoor/core'
import { scaleLinear } from 'd3-scale'
import { line } from 'd3-shape'
import { useUnit } from '../../../store/preferences.ts'
import { ChartAxes } from '../../bench/ChartAxes.tsx'
import { useWidth } from '../../bench/useWidth.ts'

const HEIGHT = 190
const MARGIN = { top: 28, right: 16, bottom: 36, left: 52 }
const MINUTE_S = 60

/** The tank's temperature over an hour of driving with little fuel in it. */
export const TankHeatChart = ({ heat }: { heat: TankHeatAnswer }) => {
  const [ref, width] = useWidth<HTMLElement>(620)
  const unit = useUnit('temperature')
  const { curve } = heat
  const temperatures = curve.map((p) => p.temperatureK)
  const [low, high] = [Math.min(...temperatures) - 2, Math.max(...temperatures) + 3]
  const x = scaleLinear([0, curve.at(-1)!.timeS / MINUTE_S], [MARGIN.left, width - MARGIN.right])
  const y = scaleLinear([low, high], [HEIGHT - MARGIN.bottom, MARGIN.top])
  const path = line<(typeof curve)[number]>(
    (p) => x(p.timeS / MINUTE_S),
    (p) => y(p.temperatureK),
  )(curve)
  const ticks = scaleLinear([fromSi(low, unit), fromSi(high, unit)], [0, 1]).ticks(4)
  return (
    <figure ref={ref} className="mt-4 border border-ink bg-sheet">
      <svg
        width={width}
        height={HEIGHT}
        role="img"
        className="block"
        aria-label={`Tank over an hour at cruise: from ${formatQuantity(temperatures[0]!, unit)} to ${formatQuantity(heat.endK, unit)}`}
      >
        <ChartAxes
          title={`Tank over an hour at cruise, ${unit.label}`}
          across="minutes"
          width={width}
          height={HEIGHT}
          margin={MARGIN}
          xTicks={[0, 15, 30, 45, 60].map((t) => ({ at: x(t), says: t }))}
          yTicks={ticks.map((t) => ({ at: y(toSi(t, unit)), says: t }))}
        />
        <path d={path ?? ''} fill="none" stroke="var(--ink)" strokeWidth="2.4" />
        <text x={x(58)} y={y(heat.endK) - 8} fontSize="12.5" fontWeight="700" textAnchor="end">
          {formatQuantity(heat.endK, unit)}
        </text>
      </svg>
    </figure>
  )
}
