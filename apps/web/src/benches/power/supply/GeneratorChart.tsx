import { formatQuantity, fromSi, generatorLimitA, type PowerCase } from '@lochmoor/core'
import { line } from 'd3-shape'
import { scaleLinear } from 'd3-scale'
import { useUnit } from '../../../store/preferences.ts'
import { ChartAxes } from '../../bench/ChartAxes.tsx'
import { useWidth } from '../../bench/useWidth.ts'

const HEIGHT = 250
const MARGIN = { top: 30, right: 24, bottom: 38, left: 52 }
const STEPS = 60

const loadA = (c: PowerCase, condition: 'idle' | 'night-rain'): number => {
  const { parts } = c.solved.at[condition]
  const amps = (id: string) => (parts[id] as { currentA: number }).currentA
  return Math.max(0, amps('battery') + amps('generator'))
}

/** What the generator can give over engine speed, against what is drawn. */
export const GeneratorChart = ({ c }: { c: PowerCase }) => {
  const [ref, width] = useWidth<HTMLElement>(560)
  const unit = useUnit('current')
  const { pulleyRatio } = c.supply.generator
  const { idleRpm, fullRpm } = c.supply.speeds
  const points = Array.from({ length: STEPS + 1 }, (_, i) => {
    const rpm = (fullRpm * i) / STEPS
    return { rpm, amps: generatorLimitA(c.supply, rpm * pulleyRatio) }
  })
  const loads = [
    { says: 'by day, idling', amps: loadA(c, 'idle') },
    { says: 'night in rain, fan on', amps: loadA(c, 'night-rain') },
  ]
  const most = Math.max(...points.map((p) => p.amps), ...loads.map((l) => l.amps), 1)
  const x = scaleLinear([0, fullRpm], [MARGIN.left, width - MARGIN.right])
  const y = scaleLinear([0, fromSi(most * 1.1, unit)], [HEIGHT - MARGIN.bottom, MARGIN.top])
  const path = line<{ rpm: number; amps: number }>()
    .x((p) => x(p.rpm))
    .y((p) => y(fromSi(p.amps, unit)))(points)
  return (
    <figure ref={ref} className="mb-3 border border-ink bg-sheet">
      <svg
        width={width}
        height={HEIGHT}
        role="img"
        aria-label={`Generator output over engine speed: ${formatQuantity(generatorLimitA(c.supply, idleRpm * pulleyRatio), unit, 0)} at idle`}
        className="block"
      >
        <ChartAxes
          title={`${c.supply.generator.kind === 'dynamo' ? 'Dynamo' : 'Alternator'} output, ${unit.label}`}
          across="engine speed, rpm"
          width={width}
          height={HEIGHT}
          margin={MARGIN}
          xTicks={x.ticks(6).map((t) => ({ at: x(t), says: t }))}
          yTicks={y.ticks(5).map((t) => ({ at: y(t), says: t }))}
        />
        <path d={path ?? ''} fill="none" stroke="var(--ink)" strokeWidth="2.2" />
        {loads.map((l) => (
          <g key={l.says}>
            <line
              x1={MARGIN.left}
              x2={width - MARGIN.right}
              y1={y(fromSi(l.amps, unit))}
              y2={y(fromSi(l.amps, unit))}
              stroke="var(--stop)"
              strokeWidth="1.4"
              strokeDasharray="5 3"
            />
            <text
              x={width - MARGIN.right - 4}
              y={y(fromSi(l.amps, unit)) - 4}
              fontSize="11.5"
              textAnchor="end"
              stroke="var(--sheet)"
              strokeWidth="4"
              paintOrder="stroke"
            >
              {`drawn ${l.says}: ${formatQuantity(l.amps, unit, 0)}`}
            </text>
          </g>
        ))}
        <path d={`M${x(idleRpm)} ${MARGIN.top}V${HEIGHT - MARGIN.bottom}`} stroke="var(--accent)" strokeWidth="2.2" />
        <text
          x={x(idleRpm) + 4}
          y={MARGIN.top + 10}
          fontSize="11.5"
          stroke="var(--sheet)"
          strokeWidth="4"
          paintOrder="stroke"
        >
          idle
        </text>
      </svg>
      <figcaption className="px-2.5 pb-2 text-sm text-soft">
        {c.power.generator.output.length >= 2
          ? 'Output as entered, straight between its points.'
          : 'A typical curve from its rating and cut-in; enter measured points to replace it.'}
      </figcaption>
    </figure>
  )
}
