import {
  designOf,
  formatQuantity,
  hoseOfLeg,
  linesInUse,
  type JobDocument,
  type LineLeg,
  type LineName,
} from '@lochmoor/core'
import { useUnit } from '../../../store/preferences.ts'
import { useWidth } from '../../bench/useWidth.ts'

interface Props {
  readonly job: JobDocument
  readonly which: LineName
  readonly index: number
  readonly onLeg: (line: LineName, index: number) => void
}

const ROW = 62
const LEFT = 66
const UNKNOWN_M = 1

const marksOf = (leg: LineLeg): string[] => [
  ...(leg.moves === 'tank'
    ? ['tank']
    : leg.moves === 'engine'
      ? ['engine']
      : leg.moves === 'inside'
        ? ['in fuel']
        : []),
  ...(leg.sleeved ? ['sleeve'] : []),
  ...(leg.panels > 0 ? [`${leg.panels} × grommet`] : []),
]

/** Every line as a strip, its legs to length in the order of the flow. */
export const RouteStrip = ({ job, which, index, onLeg }: Props) => {
  const [ref, width] = useWidth<HTMLElement>(620)
  const distance = useUnit('distance')
  const used = linesInUse(designOf(job))
  const lengthOf = (line: LineName): number => {
    const { legs, lengthM } = job.fuel[line]
    return legs.length > 0 ? legs.reduce((sum, l) => sum + (l.lengthM ?? UNKNOWN_M), 0) : (lengthM ?? UNKNOWN_M)
  }
  const px = (width - LEFT - 14) / Math.max(...used.map(lengthOf), UNKNOWN_M)
  return (
    <figure ref={ref} className="border border-ink bg-sheet">
      <svg width={width} height={30 + used.length * ROW} className="block" role="group" aria-label="Lines, leg by leg">
        <text x={10} y={19} fontSize="12.5" fontWeight="700">
          Lines, legs to scale
        </text>
        {used.map((line, row) => {
          const y = 52 + row * ROW
          const { legs, lengthM } = job.fuel[line]
          let x = LEFT
          return (
            <g key={line}>
              <text x={10} y={y + 5} fontSize="13" fontWeight={line === which ? 700 : 400}>
                {line}
              </text>
              {legs.length === 0 && (
                <>
                  <line
                    x1={LEFT}
                    x2={LEFT + lengthOf(line) * px}
                    y1={y}
                    y2={y}
                    stroke="var(--ink-soft)"
                    strokeWidth="5"
                    strokeDasharray={lengthM === null ? '6 5' : undefined}
                  />
                  <text x={LEFT} y={y + 20} fontSize="11.5" style={{ fill: 'var(--ink-soft)' }}>
                    {lengthM === null ? 'not measured' : formatQuantity(lengthM, distance)}, as one figure
                  </text>
                </>
              )}
              {legs.map((leg, i) => {
                const from = x
                const w = (leg.lengthM ?? UNKNOWN_M) * px
                x += w
                const chosen = line === which && i === index
                const hard = hoseOfLeg(job.fuel[line], leg)?.kind === 'hard-tube'
                const said = `${leg.name}, ${leg.lengthM === null ? 'not measured' : formatQuantity(leg.lengthM, distance)}`
                return (
                  <g
                    key={i}
                    role="button"
                    tabIndex={0}
                    aria-pressed={chosen}
                    aria-label={`${line}: ${said}`}
                    className="cursor-pointer"
                    onClick={() => onLeg(line, i)}
                    onKeyDown={(e) => (e.key === 'Enter' || e.key === ' ') && onLeg(line, i)}
                  >
                    <rect
                      x={from}
                      y={y - 20}
                      width={Math.max(w, 8)}
                      height={46}
                      fill={chosen ? 'var(--wash)' : 'transparent'}
                    />
                    <line
                      x1={from + 3}
                      x2={from + w - 3}
                      y1={y}
                      y2={y}
                      stroke={chosen ? 'var(--accent)' : 'var(--ink)'}
                      strokeWidth={hard ? 3 : 7}
                      strokeDasharray={leg.lengthM === null ? '6 5' : undefined}
                    />
                    <path
                      d={`M${from + 1} ${y - 8}v16M${from + w - 1} ${y - 8}v16`}
                      stroke="var(--ink)"
                      strokeWidth="1.6"
                    />
                    <text x={from + 5} y={y - 9} fontSize="11.5" fontWeight={chosen ? 700 : 400}>
                      {leg.name.length * 6.4 + 16 < w ? `${i + 1} ${leg.name}` : i + 1}
                    </text>
                    {w > 46 && (
                      <text x={from + 5} y={y + 20} fontSize="11" style={{ fill: 'var(--ink-soft)' }}>
                        {[
                          leg.lengthM === null ? '' : formatQuantity(leg.lengthM, distance),
                          ...(w > 150 ? marksOf(leg) : []),
                        ]
                          .filter(Boolean)
                          .join(', ')}
                      </text>
                    )}
                  </g>
                )
              })}
            </g>
          )
        })}
      </svg>
      <figcaption className="px-2.5 pb-2 text-sm text-soft">
        Thick: hose. Thin: hard tube. Dashed: not measured.
      </figcaption>
    </figure>
  )
}
