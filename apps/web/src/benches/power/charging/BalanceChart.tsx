import { DRIVE_WORDS, formatQuantity, type DriveBalance } from '@lochmoor/core'
import { scaleLinear } from 'd3-scale'
import { useUnit } from '../../../store/preferences.ts'
import { clearTicks } from '../../bench/clearLabels.ts'
import { useWidth } from '../../bench/useWidth.ts'

const ROW = 34
const LEFT = 132
const RIGHT = 16

/** Generator against load, bar against bar; what is short is hatched. */
export const BalanceChart = ({ drives }: { drives: readonly DriveBalance[] }) => {
  const [ref, measured] = useWidth<HTMLDivElement>(420)
  const width = Math.max(360, measured)
  const amps = useUnit('current')
  const x = scaleLinear()
    .domain([0, Math.max(10, ...drives.flatMap((d) => [d.generatorA, d.loadA]))])
    .nice()
    .range([LEFT, width - RIGHT])
  const says = drives
    .map((d) => `${DRIVE_WORDS[d.drive]}: generator ${formatQuantity(d.generatorA, amps, 0)}, load ${formatQuantity(d.loadA, amps, 0)}`)
    .join('; ')
  return (
    <div ref={ref} role="region" aria-label="Generator against load" tabIndex={0} className="mb-2 overflow-x-auto border border-ink bg-sheet">
      <svg width={width} height={drives.length * ROW + 34} role="img" aria-label={says} className="block">
        <defs>
          <pattern id="short-of" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <line x1="0" y1="0" x2="0" y2="6" stroke="var(--stop)" strokeWidth="3" />
          </pattern>
        </defs>
        {clearTicks(x.ticks(5), x, (t) => formatQuantity(t, amps, 0), 11).map((t) => (
          <g key={t}>
            <line x1={x(t)} x2={x(t)} y1="8" y2={drives.length * ROW + 8} stroke="var(--hair)" />
            <text x={x(t)} y={drives.length * ROW + 24} fontSize="11" textAnchor="middle" fill="var(--ink-soft)">
              {formatQuantity(t, amps, 0)}
            </text>
          </g>
        ))}
        {drives.map((d, i) => {
          const y = 12 + i * ROW
          const covered = Math.min(d.loadA, d.generatorA)
          return (
            <g key={d.drive}>
              <text x={LEFT - 8} y={y + 17} fontSize="12" textAnchor="end">
                {DRIVE_WORDS[d.drive]}
              </text>
              <rect x={LEFT} y={y + 2} width={Math.max(0, x(d.generatorA) - LEFT)} height="7" fill="var(--ok)" />
              <rect x={LEFT} y={y + 13} width={Math.max(0, x(covered) - LEFT)} height="9" fill="var(--ink)" />
              {d.loadA > d.generatorA && (
                <rect x={x(covered)} y={y + 13} width={x(d.loadA) - x(covered)} height="9" fill="url(#short-of)" stroke="var(--stop)" />
              )}
            </g>
          )
        })}
      </svg>
      <p className="flex flex-wrap gap-x-4 px-2 pb-1 text-sm">
        <span><span aria-hidden className="mr-1 inline-block h-2 w-6 bg-ok" />generator</span>
        <span><span aria-hidden className="mr-1 inline-block h-2 w-6 bg-ink" />load it covers</span>
        <span><span aria-hidden className="mr-1 inline-block h-2 w-6 border border-stop" />load the battery gives</span>
      </p>
    </div>
  )
} // prettier-ignore
