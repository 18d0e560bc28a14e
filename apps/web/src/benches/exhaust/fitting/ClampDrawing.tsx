import { clampFitOf, CLAMP_FAULT_WORDS, formatQuantity, type BungPart } from '@lochmoor/core'
import { useUnit } from '../../../store/preferences.ts'
import { useWidth } from '../../bench/useWidth.ts'

const HEIGHT = 230

/** Section through pipe, saddle and band, to scale: what touches, what gapes, and the thread that is left. */
export const ClampDrawing = ({ bung, pipeM }: { bung: BungPart; pipeM: number }) => {
  const [ref, width] = useWidth<HTMLElement>(620)
  const bore = useUnit('bore')
  const fit = clampFitOf(bung, pipeM)
  if (!fit) return null
  const mm = (m: number) => formatQuantity(m, bore)
  const px = 78 / (pipeM / 2)
  const cx = Math.min(150, width * 0.3)
  const cy = 134
  const r = (pipeM / 2) * px
  const saddleR = (bung.saddleRadiusM ?? pipeM / 2) * px
  const half = ((bung.saddleWidthM ?? 0.03) / 2) * px
  const lift = saddleR - Math.sqrt(Math.max(0, saddleR ** 2 - half ** 2))
  const ownLift = r - Math.sqrt(Math.max(0, r ** 2 - half ** 2))
  // A saddle more curved than the pipe stands on its edges, a flatter one on its middle.
  const crownY = cy - r - Math.max(0, lift - ownLift)
  const [fault] = fit.faults
  const tx = cx + r + 44
  const rows: readonly (readonly [string, string])[] = [
    ['Pipe outside diameter', mm(pipeM)],
    ['Circumference', mm(Math.PI * pipeM)],
    ['Band fits', `${mm(bung.leastPipeM)} to ${mm(bung.mostPipeM)}`],
    ['Drawn up by', fit.startsM < 0 ? `${mm(-fit.startsM)} short of the nut` : mm(fit.startsM)],
    ['Thread left over', fit.startsM < 0 || fit.toSpareM < 0 ? 'none' : mm(fit.toSpareM)],
    [
      'Saddle gap',
      Math.abs(fit.gapM) < 0.0001 ? 'touches' : `${mm(Math.abs(fit.gapM))} at its ${fit.gapM > 0 ? 'edges' : 'middle'}`,
    ],
  ]
  return (
    <figure ref={ref} className="mb-3 border border-ink bg-sheet">
      <svg
        width={width}
        height={HEIGHT}
        role="img"
        className="block"
        aria-label={`Clamp-on bung on a pipe of ${mm(pipeM)}: ${fault ? CLAMP_FAULT_WORDS[fault] : 'it fits'}`}
      >
        <text x={10} y={19} fontSize="12.5" fontWeight="700">
          Clamp-on bung on the measured pipe
        </text>
        <circle cx={cx} cy={cy} r={r} fill="var(--wash)" stroke="var(--ink)" strokeWidth="3" />
        <path
          d={`M${cx - half} ${crownY + lift}A${saddleR} ${saddleR} 0 0 1 ${cx + half} ${crownY + lift}`}
          fill="none"
          stroke={fit.faults.some((f) => f.startsWith('saddle')) ? 'var(--stop)' : 'var(--accent)'}
          strokeWidth="5"
        />
        <rect
          x={cx - 12}
          y={crownY - 30}
          width={24}
          height={30}
          fill="var(--sheet)"
          stroke="var(--ink)"
          strokeWidth="2"
        />
        <path
          d={`M${cx - half} ${crownY + lift}A${r + 5} ${r + 5} 0 1 0 ${cx + half} ${crownY + lift}`}
          fill="none"
          stroke={fault && !fault.startsWith('saddle') ? 'var(--stop)' : 'var(--ink-soft)'}
          strokeWidth="3"
          strokeDasharray={fault === 'band-too-short' ? '8 6' : undefined}
        />
        {rows.map(([name, value], i) => (
          <g key={name}>
            <text x={tx} y={52 + i * 24} fontSize="13">
              {name}
            </text>
            <text x={width - 12} y={52 + i * 24} fontSize="13" fontWeight="700" textAnchor="end">
              {value}
            </text>
          </g>
        ))}
        <text
          x={width - 12}
          y={HEIGHT - 14}
          fontSize="13"
          fontWeight="700"
          textAnchor="end"
          style={{ fill: fault ? 'var(--stop)' : 'var(--ok)' }}
        >
          {fault ? CLAMP_FAULT_WORDS[fault] : 'fits, with thread left over'}
        </text>
      </svg>
    </figure>
  )
}
