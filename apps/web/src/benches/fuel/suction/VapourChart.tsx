import {
  designOf,
  formatQuantity,
  fromSi,
  hotSoakOf,
  suctionAt,
  toSi,
  vapourFuelOf,
  vapourPressure,
  type JobDocument,
  type SolvedPoint,
  type TankHeatAnswer,
} from '@lochmoor/core'
import { range } from 'd3-array'
import { scaleLinear } from 'd3-scale'
import { area, line } from 'd3-shape'
import { useUnit } from '../../../store/preferences.ts'
import { ChartAxes } from '../../bench/ChartAxes.tsx'
import { useWidth } from '../../bench/useWidth.ts'

const HEIGHT = 260
const MARGIN = { top: 30, right: 16, bottom: 40, left: 52 }
const FROM_K = 263.15
const TO_K = 363.15

interface Props {
  readonly job: JobDocument
  readonly solved: readonly SolvedPoint[]
  readonly heat: TankHeatAnswer | null
}

/** Pressure at which the fuel boils against its temperature, with the pump's inlet and the rail after a stop in it. */
export const VapourChart = ({ job, solved, heat }: Props) => {
  const [ref, width] = useWidth<HTMLElement>(620)
  const pressure = useUnit('pressure')
  const temperature = useUnit('temperature')
  const fuel = vapourFuelOf(designOf(job))
  const soak = hotSoakOf(designOf(job))
  const inlets = solved.map((s) => ({
    id: s.point.id,
    k: s.point.temperatureK,
    pa: suctionAt(designOf(job), s).inletPa,
  }))
  const temperatures = range(FROM_K, TO_K + 0.1, 2)
  const curve = temperatures.map((k) => ({ k, ...vapourPressure(fuel, k) }))
  const mostPa = 1.1 * Math.max(soak.railPa, soak.vapourPa, ...inlets.map((i) => i.pa))
  const x = scaleLinear([FROM_K, TO_K], [MARGIN.left, width - MARGIN.right])
  const y = scaleLinear([0, mostPa], [HEIGHT - MARGIN.bottom, MARGIN.top])
  type Point = (typeof curve)[number]
  const inside = (p: Point) => p.vapourPa <= mostPa
  const path = line<Point>(
    (p) => x(p.k),
    (p) => y(p.vapourPa),
  ).defined(inside)(curve)
  const band = area<Point>()
    .x((p) => x(p.k))
    .y0((p) => y(p.lowPa))
    .y1((p) => y(Math.min(mostPa, p.highPa)))
    .defined(inside)(curve)
  const yTicks = scaleLinear([0, fromSi(mostPa, pressure)], [0, 1]).ticks(5)
  const xTicks = scaleLinear([fromSi(FROM_K, temperature), fromSi(TO_K, temperature)], [0, 1]).ticks(
    width < 420 ? 4 : 8,
  )
  return (
    <figure ref={ref} className="border border-ink bg-sheet">
      <svg
        width={width}
        height={HEIGHT}
        role="img"
        className="block"
        aria-label={`This fuel boils at ${formatQuantity(vapourPressure(fuel, 313.15).vapourPa, pressure)} at ${formatQuantity(313.15, temperature)}; the rail after a hot stop is at ${formatQuantity(soak.railPa, pressure)}`}
      >
        <ChartAxes
          title={`Where this fuel boils, absolute ${pressure.label}`}
          across={`fuel, ${temperature.label}`}
          width={width}
          height={HEIGHT}
          margin={MARGIN}
          xTicks={xTicks.map((t) => ({ at: x(toSi(t, temperature)), says: t }))}
          yTicks={yTicks.map((t) => ({ at: y(toSi(t, pressure)), says: t }))}
        />
        <path d={band ?? ''} fill="var(--accent)" opacity="0.16" />
        <path d={path ?? ''} fill="none" stroke="var(--accent)" strokeWidth="2.4" />
        {inlets.map((i) => (
          <circle key={i.id} cx={x(i.k)} cy={y(i.pa)} r="4.5" fill="var(--sheet)" stroke="var(--ink)" strokeWidth="2" />
        ))}
        <rect x={x(348.15) - 5} y={y(soak.railPa) - 5} width="10" height="10" fill="var(--ink)" />
        {heat && heat.endK < TO_K && (
          <line
            x1={x(heat.endK)}
            x2={x(heat.endK)}
            y1={MARGIN.top}
            y2={HEIGHT - MARGIN.bottom}
            stroke="var(--ink-soft)"
            strokeDasharray="3 4"
          />
        )}
      </svg>
      <figcaption className="px-2.5 pb-2 text-sm leading-snug text-soft">
        Rings: pump inlet in each condition. Square: the rail after a hot stop. Dashed: the tank after an hour. Above
        the band the fuel stays liquid; inside it, it may not.
      </figcaption>
    </figure>
  )
}
