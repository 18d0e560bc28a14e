import { earliestBlowS, formatQuantity, latestBlowS, type WireCheck } from '@lochmoor/core'
import { range } from 'd3-array'
import { scaleLog } from 'd3-scale'
import { area } from 'd3-shape'
import { useUnit } from '../../../store/preferences.ts'
import { clearTicks } from '../../bench/clearLabels.ts'
import { useWidth } from '../../bench/useWidth.ts'

const HEIGHT = 220
const [LEFT, RIGHT, TOP, BOTTOM] = [56, 22, 12, 22]
const [LEAST_SHARE, MOST_SHARE] = [0.15, 40]
const [SOONEST_S, LATEST_S] = [0.001, 1000]
const clampS = (s: number) => Math.min(LATEST_S, Math.max(SOONEST_S, s))

/** When the fuse opens by its current, the earliest and the latest; what flows, the inrush, and a short at the wire's end. */
export const FuseCurve = ({ name, fuse }: { name: string; fuse: NonNullable<WireCheck['fuse']> }) => {
  const [ref, measured] = useWidth<HTMLDivElement>(420)
  const width = Math.max(340, measured)
  const amps = useUnit('current')
  const { ratingA, continuousA, inrush, short } = fuse
  const x = scaleLog().domain([LEAST_SHARE, MOST_SHARE]).range([LEFT, width - RIGHT]).clamp(true)
  const y = scaleLog().domain([SOONEST_S, LATEST_S]).range([HEIGHT - BOTTOM, TOP]).clamp(true)
  const shares = range(0, 1.0001, 0.02).map((t) => 1.12 * (MOST_SHARE / 1.12) ** t)
  const band = area<number>()
    .x((s) => x(s))
    .y0((s) => y(clampS(earliestBlowS(s))))
    .y1((s) => y(clampS(latestBlowS(s))))
  // The inrush as it decays: how long each current lasts at least.
  const decay = inrush
    ? range(0.02, 1.0001, 0.02).map((t) => {
        const seconds = 6 * inrush.tauS * t
        return [inrush.settlesAtA + (inrush.peakA - inrush.settlesAtA) * Math.exp(-seconds / inrush.tauS), seconds] as const
      })
    : []
  const at = (a: number) => x(Math.max(LEAST_SHARE, a / ratingA))
  const shown = (a: number) => formatQuantity(a, amps, 0)
  return (
    <div ref={ref} role="region" aria-label={`${name}: its fuse in time`} tabIndex={0} className="my-2 overflow-x-auto">
      <svg
        width={width}
        height={HEIGHT}
        className="block"
        role="img"
        aria-label={`Fuse of ${shown(ratingA)} in time: continuous ${shown(continuousA)}${inrush ? `, inrush ${shown(inrush.peakA)}` : ''}, short at the far end ${shown(short.currentA)}`}
      >
        {clearTicks([0.2, 0.5, 1, 2, 5, 10, 20, 36], x, (s) => shown(s * ratingA), 11).map((s) => (
          <g key={s}>
            <line x1={x(s)} x2={x(s)} y1={TOP} y2={HEIGHT - BOTTOM} stroke="var(--hair)" />
            <text x={x(s)} y={HEIGHT - BOTTOM + 15} fontSize="11" textAnchor="middle" fill="var(--ink-soft)">
              {shown(s * ratingA)}
            </text>
          </g>
        ))}
        {[0.001, 0.01, 0.1, 1, 10, 100, 1000].map((s) => (
          <g key={s}>
            <line x1={LEFT} x2={width - RIGHT} y1={y(s)} y2={y(s)} stroke="var(--hair)" />
            <text x={LEFT - 6} y={y(s) + 4} fontSize="11" textAnchor="end" fill="var(--ink-soft)">
              {s < 1 ? `${s * 1000} ms` : `${s} s`}
            </text>
          </g>
        ))}
        <path d={band(shares) ?? ''} fill="var(--accent)" fillOpacity="0.22" stroke="var(--accent)" />
        <line x1={at(continuousA)} x2={at(continuousA)} y1={TOP} y2={HEIGHT - BOTTOM} stroke="var(--ink)" strokeWidth="2.2" />
        <text x={at(continuousA) + 5} y={TOP + 12} fontSize="11" fontWeight="600" stroke="var(--sheet)" strokeWidth="4" paintOrder="stroke" fill="var(--ink)">
          continuous
        </text>
        {decay.length > 0 && (
          <>
            <polyline points={decay.map(([a, s]) => `${at(a)},${y(clampS(s))}`).join(' ')} fill="none" stroke="var(--caution)" strokeWidth="2.4" strokeDasharray="6 3" />
            <text x={at(inrush!.peakA) + 5} y={HEIGHT - BOTTOM - 6} fontSize="11" fontWeight="600" stroke="var(--sheet)" strokeWidth="4" paintOrder="stroke" fill="var(--caution)">
              inrush
            </text>
          </>
        )}
        <line x1={at(short.currentA)} x2={at(short.currentA)} y1={TOP} y2={HEIGHT - BOTTOM} stroke="var(--stop)" strokeWidth="2.2" strokeDasharray="2 3" />
        <text x={at(short.currentA) - 5} y={TOP + 12} fontSize="11" fontWeight="600" textAnchor="end" stroke="var(--sheet)" strokeWidth="4" paintOrder="stroke" fill="var(--stop)">
          short
        </text>
      </svg>
      <p className="px-2 text-sm leading-snug text-soft">Across: current. The band: from the earliest to the latest that it opens.</p>
    </div>
  )
} // prettier-ignore
