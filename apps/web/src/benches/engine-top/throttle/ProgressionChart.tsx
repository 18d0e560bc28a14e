import { formatQuantity, fromSi, type ThrottleAnswer, type ThrottleOfJob } from '@lochmoor/core'
import { scaleLinear } from 'd3-scale'
import { line } from 'd3-shape'
import { useUnit } from '../../../store/preferences.ts'
import { ChartAxes } from '../../bench/ChartAxes.tsx'
import { useWidth } from '../../bench/useWidth.ts'

const HEIGHT = 230
const MARGIN = { top: 30, right: 16, bottom: 38, left: 52 }

interface Props {
  readonly throttle: ThrottleOfJob
  readonly answer: ThrottleAnswer
  /** Share of the pedal's travel that is looked at. */
  readonly pedal: number
}

/** Plate opening against pedal travel, with the plate's stop and the pedal's. */
export const ProgressionChart = ({ throttle, answer, pedal }: Props) => {
  const [ref, width] = useWidth<HTMLElement>(560)
  const bore = useUnit('bore')
  const { solved } = throttle
  if (solved === null) return null
  const padM = solved.padArmM * solved.pedalRad
  const x = scaleLinear().domain([0, padM]).range([MARGIN.left, width - MARGIN.right])
  const most = Math.max(1, answer.share)
  const y = scaleLinear().domain([0, most]).nice().range([HEIGHT - MARGIN.bottom, MARGIN.top])
  const path = line<(typeof answer.points)[number]>()
    .x((p) => x(p.padM))
    .y((p) => y(p.plateRad / solved.plateRad))
  const at = answer.points.findLast((p) => p.padM <= pedal * padM + 1e-9)
  const ticks = scaleLinear().domain([0, fromSi(padM, bore)]).ticks(6)
  return (
    <figure ref={ref} className="mb-3 border border-ink bg-sheet">
      <svg width={width} height={HEIGHT} role="img" aria-label={`Plate opening against pedal travel: ${Math.round(answer.share * 100)} % with the pedal on its stop`} className="block">
        <ChartAxes
          title="Plate opening, % of full"
          across={`pedal travel at the pad, ${bore.label}`}
          width={width}
          height={HEIGHT}
          margin={MARGIN}
          xTicks={ticks.map((t) => ({ at: x(t * bore.factor), says: formatQuantity(t * bore.factor, { ...bore, label: '' }, bore.id === 'in' ? 1 : 0).trim() }))}
          yTicks={y.ticks(5).map((t) => ({ at: y(t), says: Math.round(t * 100) }))}
        />
        <path d={`M${MARGIN.left} ${y(1)}H${width - MARGIN.right}`} stroke="var(--stop)" strokeWidth={1.4} strokeDasharray="5 3" />
        <path d={path([...answer.points]) ?? ''} fill="none" stroke="var(--ink)" strokeWidth={2.4} />
        {answer.binds && <path d={`M${x(answer.binds.padM)} ${MARGIN.top}V${HEIGHT - MARGIN.bottom}`} stroke="var(--stop)" strokeWidth={2.2} />}
        {at && <circle cx={x(at.padM)} cy={y(at.plateRad / solved.plateRad)} r={6} fill="var(--accent)" />}
      </svg>
      <figcaption className="px-2.5 pb-2 text-sm text-soft">
        Dashed: the plate’s stop. {answer.binds ? 'Upright line: here the linkage binds. ' : ''}Dot: the pedal as drawn above.
      </figcaption>
    </figure>
  )
} // prettier-ignore
