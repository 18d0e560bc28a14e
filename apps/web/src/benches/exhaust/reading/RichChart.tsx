import { formatFigure, fromSi, readingOfRich, richMisfireShare, shownReading } from '@lochmoor/core'
import { line } from 'd3-shape'
import { scaleLinear } from 'd3-scale'
import { useUnit } from '../../../store/preferences.ts'
import { ChartAxes } from '../../bench/ChartAxes.tsx'
import { useWidth } from '../../bench/useWidth.ts'

const HEIGHT = 220
const MARGIN = { top: 30, right: 96, bottom: 38, left: 52 }
/** Between a dead injector and a plug that oxidises half. House figure. */
const RAW_SHARE = 0.25
const MIXTURES = Array.from({ length: 81 }, (_, i) => 0.55 + i * 0.01)
const MOST = 1.6

/** What the display shows of a mixture, down to where it no longer burns; never leaner than its own lean end. */
export const RichChart = ({ readsToLambda }: { readsToLambda: number | null }) => {
  const read = (l: number) => shownReading(readingOfRich(l, RAW_SHARE), readsToLambda).lambda
  const [ref, width] = useWidth<HTMLElement>(620)
  const unit = useUnit('lambda')
  const x = scaleLinear()
    .domain([fromSi(0.55, unit), fromSi(1.35, unit)])
    .range([MARGIN.left, width - MARGIN.right])
  const y = scaleLinear()
    .domain([fromSi(0.5, unit), fromSi(MOST, unit)])
    .range([HEIGHT - MARGIN.bottom, MARGIN.top])
  const pathOf = line<number>()
    .defined((l) => read(l) <= MOST)
    .x((l) => x(fromSi(l, unit)))
    .y((l) => y(fromSi(read(l), unit)))
  const say = (v: number) => formatFigure(v * unit.factor + (unit.offset ?? 0), unit, unit.id === 'lambda' ? 1 : 0)
  return (
    <section aria-label="Too rich to burn" className="mb-4">
      <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Too rich to burn</h2>
      <figure ref={ref} className="border border-ink bg-sheet">
        <svg
          width={width}
          height={HEIGHT}
          role="img"
          className="block"
          aria-label="Reading against true mixture: right down to about 0.70 lambda; richer than that it turns lean because charges no longer burn"
        >
          <ChartAxes
            title={`Sensor reads, ${unit.label}`}
            across={`true mixture, ${unit.label}`}
            width={width}
            height={HEIGHT}
            margin={MARGIN}
            xTicks={x.ticks(6).map((v) => ({ at: x(v), says: say(v) }))}
            yTicks={y.ticks(5).map((v) => ({ at: y(v), says: say(v) }))}
          />
          <line
            x1={x(fromSi(0.55, unit))}
            x2={x(fromSi(1.35, unit))}
            y1={y(fromSi(0.55, unit))}
            y2={y(fromSi(1.35, unit))}
            stroke="var(--ink-soft)"
            strokeDasharray="4 4"
          />
          <text x={width - MARGIN.right + 6} y={y(fromSi(1.35, unit)) + 4} fontSize="12">
            if true
          </text>
          <path d={pathOf(MIXTURES) ?? ''} fill="none" stroke="var(--ink)" strokeWidth="2.4" />
          <text x={x(fromSi(0.6, unit)) + 8} y={MARGIN.top + 12} fontSize="12" fontWeight="700">
            reads lean, is rich
          </text>
        </svg>
        <figcaption className="px-2.5 pb-2 text-sm leading-snug text-soft">
          At 0.62 lambda about {(richMisfireShare(0.62) * 100).toFixed(0)} % of the charges no longer burn: oxygen is
          left over, the reading goes lean, and the loop adds still more fuel. A steady reading at the lean end of the
          display with black plugs means a fouled sensor, not a lean engine. A quarter of the raw fuel oxidised: rule of
          thumb.
        </figcaption>
      </figure>
    </section>
  )
}
