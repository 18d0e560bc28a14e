import { deadTimeAt, type InjectorPart } from '@lochmoor/core'
import { range } from 'd3-array'
import { scaleLinear } from 'd3-scale'
import { line } from 'd3-shape'
import { ChartAxes } from '../../bench/ChartAxes.tsx'
import { useWidth } from '../../bench/useWidth.ts'

const HEIGHT = 190
const MARGIN = { top: 28, right: 16, bottom: 36, left: 46 }
const FROM_V = 8
const TO_V = 16
const RATED_V = 13.5

/** How much later an injector opens as the voltage falls: what a weak battery leans out. */
export const DeadTimeChart = ({ injector }: { injector: InjectorPart }) => {
  const [ref, width] = useWidth<HTMLElement>(480)
  const { deadTimes, deadTimeS } = injector
  const points = deadTimes.length > 0 ? deadTimes : [{ voltageV: RATED_V, deadTimeS }]
  const voltages = range(FROM_V, TO_V + 0.01, 0.25)
  const most = Math.max(...voltages.map((v) => deadTimeAt(points, v)))
  const x = scaleLinear([FROM_V, TO_V], [MARGIN.left, width - MARGIN.right])
  const y = scaleLinear([0, 1.1 * most * 1e3], [HEIGHT - MARGIN.bottom, MARGIN.top])
  const path = line<number>(
    (v) => x(v),
    (v) => y(deadTimeAt(points, v) * 1e3),
  )(voltages)
  return (
    <figure ref={ref} className="mt-4 border border-ink bg-sheet">
      <svg
        width={width}
        height={HEIGHT}
        role="img"
        className="block"
        aria-label={`Dead time of ${injector.name}: ${(deadTimeAt(points, 9) * 1e3).toFixed(2)} ms at 9 V, ${(deadTimeAt(points, 14) * 1e3).toFixed(2)} ms at 14 V`}
      >
        <ChartAxes
          title={`Dead time of ${injector.name}, ms`}
          across="at the injector, V"
          width={width}
          height={HEIGHT}
          margin={MARGIN}
          xTicks={x.ticks(8).map((t) => ({ at: x(t), says: t }))}
          yTicks={y.ticks(4).map((t) => ({ at: y(t), says: t }))}
        />
        <path d={path ?? ''} fill="none" stroke="var(--ink)" strokeWidth="2.2" />
        {points.map((p) => (
          <circle key={p.voltageV} cx={x(p.voltageV)} cy={y(p.deadTimeS * 1e3)} r="4" fill="var(--accent)" />
        ))}
      </svg>
      {deadTimes.length === 0 && (
        <p className="px-2.5 pb-2 text-sm text-soft">
          Its data sheet gives one figure; 0.12 ms more per volt less is a rule of thumb.
        </p>
      )}
    </figure>
  )
}
