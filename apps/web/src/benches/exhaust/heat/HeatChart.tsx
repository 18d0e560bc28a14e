import {
  DATUM_WORDS,
  datumOf,
  EXHAUST_MOMENTS,
  formatQuantity,
  fromSi,
  MOMENT_WORDS,
  toSi,
  type ExhaustCase,
  type ExhaustMomentId,
  type Run,
} from '@lochmoor/core'
import { line } from 'd3-shape'
import { scaleLinear } from 'd3-scale'
import { useUnit } from '../../../store/preferences.ts'
import { ChartAxes } from '../../bench/ChartAxes.tsx'
import { useWidth } from '../../bench/useWidth.ts'

interface Props {
  readonly c: ExhaustCase
  readonly run: Run
  readonly what: 'gasK' | 'wallK'
  readonly spotsM: readonly number[]
  readonly limits: readonly { readonly si: number; readonly says: string }[]
}

const HEIGHT = 260
const MARGIN = { top: 30, right: 120, bottom: 38, left: 68 }
const DASH: Readonly<Record<ExhaustMomentId, string | undefined>> = {
  idle: '2 4',
  cruise: '7 4',
  hard: '12 3 2 3',
  full: undefined,
}

/** Gas or wall along the pipe at each moment: the typical line, and the band at full load and at idle. */
export const HeatChart = ({ c, run, what, spotsM, limits }: Props) => {
  const [ref, width] = useWidth<HTMLElement>(620)
  const unit = useUnit('temperature')
  const bore = useUnit('bore')
  const heat = c.heat[run.id]!
  const slices = (id: ExhaustMomentId, end: 'low' | 'typical' | 'high') => heat[id][end].slices
  const all = EXHAUST_MOMENTS.flatMap((id) => [
    ...slices(id, 'low').map((s) => s[what]),
    ...slices(id, 'high').map((s) => s[what]),
  ])
  const highest = Math.max(...all, ...limits.map((l) => l.si))
  const x = scaleLinear()
    .domain([run.fromM, run.toM])
    .range([MARGIN.left, width - MARGIN.right])
  const y = scaleLinear()
    .domain([fromSi(Math.min(...all), unit), fromSi(highest, unit)])
    .nice()
    .range([HEIGHT - MARGIN.bottom, MARGIN.top])
  const pathOf = line<{ atM: number; gasK: number; wallK: number }>()
    .x((s) => x(run.fromM + s.atM))
    .y((s) => y(fromSi(s[what], unit)))
  const bandPath = (id: ExhaustMomentId) => {
    const up = pathOf([...slices(id, 'high')]) ?? ''
    const down = pathOf([...slices(id, 'low')].reverse()) ?? ''
    return `${up}${down.replace('M', 'L')}Z`
  }
  const name = what === 'gasK' ? 'Gas along the pipe' : 'Wall along the pipe'
  return (
    <figure ref={ref} className="mb-3 border border-ink bg-sheet">
      <svg
        width={width}
        height={HEIGHT}
        role="img"
        aria-label={`${name}, in each operating condition; the table gives the figures`}
        className="block"
      >
        <ChartAxes
          title={name}
          across={`after ${DATUM_WORDS[datumOf(run)]}, ${bore.label}`}
          width={width}
          height={HEIGHT}
          margin={MARGIN}
          xTicks={x.ticks(6).map((m) => ({ at: x(m), says: formatQuantity(m, { ...bore, label: '' }, 0) }))}
          yTicks={y.ticks(5).map((t) => ({ at: y(t), says: `${formatQuantity(toSi(t, unit), unit)}` }))}
        />
        {(['idle', 'full'] as const).map((id) => (
          <path key={id} d={bandPath(id)} fill="var(--ink-soft)" opacity="0.13" />
        ))}
        {EXHAUST_MOMENTS.map((id) => {
          const own = slices(id, 'typical')
          const last = own.at(-1)!
          return (
            <g key={id}>
              <path
                d={pathOf([...own]) ?? ''}
                fill="none"
                stroke="var(--ink)"
                strokeWidth="2"
                strokeDasharray={DASH[id]}
              />
              <text x={width - MARGIN.right + 6} y={y(fromSi(last[what], unit)) + 4} fontSize="12">
                {MOMENT_WORDS[id]}
              </text>
            </g>
          )
        })}
        {spotsM.map((m) => (
          <path
            key={m}
            d={`M${x(m)} ${MARGIN.top}V${HEIGHT - MARGIN.bottom}`}
            stroke="var(--accent)"
            strokeWidth="2.4"
          />
        ))}
        {limits.map((l) => (
          <g key={l.says}>
            <line
              x1={MARGIN.left}
              x2={width - MARGIN.right}
              y1={y(fromSi(l.si, unit))}
              y2={y(fromSi(l.si, unit))}
              stroke="var(--stop)"
              strokeWidth="1.4"
              strokeDasharray="5 3"
            />
            <text
              x={MARGIN.left + 4}
              y={y(fromSi(l.si, unit)) - 4}
              fontSize="11.5"
              stroke="var(--sheet)"
              strokeWidth="4"
              paintOrder="stroke"
            >
              {l.says}
            </text>
          </g>
        ))}
      </svg>
      <figcaption className="px-2.5 pb-2 text-sm text-soft">
        Grey: range at idle and at full load. Vertical line: the sensor. Port temperatures are rules of thumb.
      </figcaption>
    </figure>
  )
}
