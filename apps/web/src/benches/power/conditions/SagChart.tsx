import { formatQuantity, fromSi, type CrankTrace } from '@lochmoor/core'
import { line } from 'd3-shape'
import { scaleLinear } from 'd3-scale'
import { useUnit } from '../../../store/preferences.ts'
import { ChartAxes } from '../../bench/ChartAxes.tsx'
import { useWidth } from '../../bench/useWidth.ts'

interface Props {
  readonly trace: CrankTrace
  readonly leastV: number
  readonly title: string
}

const HEIGHT = 260
const MARGIN = { top: 30, right: 108, bottom: 38, left: 52 }
const CURVES = [
  ['battery', 'battery', '2 4'],
  ['ecu', 'ECU', undefined],
  ['keyed', 'keyed input', '7 4'],
  ['pump', 'pump', '12 3 2 3'],
] as const

/** Volts over time from the moment the starter engages. */
export const SagChart = ({ trace, leastV, title }: Props) => {
  const [ref, width] = useWidth<HTMLElement>(560)
  const unit = useUnit('voltage')
  const end = trace.timeS.at(-1)!
  const x = scaleLinear([0, end * 1000], [MARGIN.left, width - MARGIN.right])
  const y = scaleLinear([0, 14], [HEIGHT - MARGIN.bottom, MARGIN.top])
  const curves = CURVES.flatMap(([id, words, dash]) => {
    const volts = id === 'battery' ? trace.batteryV : trace.watchedV[id]
    return volts ? [{ id, words, dash, volts }] : []
  })
  const pathOf = (volts: readonly number[]) =>
    line<number>()
      .x((_, i) => x(trace.timeS[i]! * 1000))
      .y((v) => y(Math.max(0, v)))([...volts]) ?? ''
  // Names at the end of the curves, kept apart.
  const names = [
    ...curves.map((c) => ({ words: c.words, at: y(Math.max(0, c.volts.at(-1)!)) })),
    { words: `minimum ${formatQuantity(leastV, unit, 1)}`, at: y(leastV) },
  ]
    .sort((a, b) => a.at - b.at)
    .reduce<{ words: string; at: number }[]>(
      (all, c) => [...all, { words: c.words, at: Math.max(c.at, (all.at(-1)?.at ?? -20) + 14) }],
      [],
    )
  const lowest = trace.least['ecu']
  return (
    <figure ref={ref} className="mb-3 border border-ink bg-sheet">
      <svg
        width={width}
        height={HEIGHT}
        role="img"
        aria-label={`${title}${lowest ? `: lowest at the ECU ${formatQuantity(lowest.volts, unit, 1)}` : ''}`}
        className="block"
      >
        <ChartAxes
          title={title}
          across="after the starter engages, ms"
          width={width}
          height={HEIGHT}
          margin={MARGIN}
          xTicks={x.ticks(6).map((t) => ({ at: x(t), says: t }))}
          yTicks={y.ticks(7).map((t) => ({ at: y(t), says: fromSi(t, unit) }))}
        />
        <line
          x1={MARGIN.left}
          x2={width - MARGIN.right}
          y1={y(leastV)}
          y2={y(leastV)}
          stroke="var(--stop)"
          strokeWidth="1.4"
          strokeDasharray="5 3"
        />
        {curves.map((c) => (
          <path
            key={c.id}
            d={pathOf(c.volts)}
            fill="none"
            stroke={c.id === 'ecu' ? 'var(--accent)' : 'var(--ink)'}
            strokeWidth={c.id === 'ecu' ? 2.4 : 1.5}
            strokeDasharray={c.dash}
          />
        ))}
        {names.map((n) => (
          <text key={n.words} x={width - MARGIN.right + 6} y={n.at + 4} fontSize="12">
            {n.words}
          </text>
        ))}
        {trace.resets.map((r) => (
          <g key={r.atS}>
            <line
              x1={x(r.atS * 1000)}
              x2={x(r.atS * 1000)}
              y1={MARGIN.top}
              y2={HEIGHT - MARGIN.bottom}
              stroke="var(--stop)"
              strokeWidth="2"
            />
            <text
              x={x(r.atS * 1000) + 5}
              y={MARGIN.top + 12}
              fontSize="12"
              fontWeight="700"
              fill="var(--stop)"
              stroke="var(--sheet)"
              strokeWidth="4"
              paintOrder="stroke"
            >
              ECU resets
            </text>
          </g>
        ))}
      </svg>
    </figure>
  )
}
