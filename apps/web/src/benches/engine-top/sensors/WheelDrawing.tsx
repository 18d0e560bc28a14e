import type { SensorsOfJob } from '@lochmoor/core'
import { useWidth } from '../../bench/useWidth.ts'

const HEIGHT = 300
const PAD = 40

/** The crank wheel from the front, its sensor on top: as it stands with number one at top dead centre. */
export const WheelDrawing = ({ sensors }: { sensors: SensorsOfJob }) => {
  const [ref, width] = useWidth<HTMLElement>(560)
  const { missing, teeth, toothAtTop } = sensors.entry.wheel
  if (teeth === null || toothAtTop === null) return null
  const gone = missing ?? 0
  const [cx, cy] = [width / 2, HEIGHT / 2 + 14]
  const outer = HEIGHT / 2 - PAD
  const depth = outer * 0.11
  const step = 360 / teeth
  // The wheel turns clockwise: teeth that pass later follow against it.
  const angleOf = (tooth: number) => ((toothAtTop - tooth) * step * Math.PI) / 180
  const at = (r: number, a: number) => `${(cx + r * Math.sin(a)).toFixed(1)} ${(cy - r * Math.cos(a)).toFixed(1)}`
  const half = (step * Math.PI) / 720
  const present = Array.from({ length: teeth - gone }, (_, i) => i + 1)
  const first = angleOf(1)
  return (
    <figure ref={ref} className="mb-3 border border-ink bg-sheet">
      <svg width={width} height={HEIGHT} role="img" aria-label={`Crank wheel, ${teeth} tooth positions with ${gone} missing: tooth ${toothAtTop} under the sensor at top dead centre`} className="block">
        <text x={10} y={18} fontSize="12.5" fontWeight="700">
          Crank wheel, number one at top dead centre
        </text>
        <circle cx={cx} cy={cy} r={outer - depth} fill="none" stroke="var(--ink)" strokeWidth={1.6} />
        {present.map((tooth) => {
          const a = angleOf(tooth)
          return (
            <path
              key={tooth}
              data-tooth={tooth}
              d={`M${at(outer - depth, a - half)}L${at(outer, a - half)}L${at(outer, a + half)}L${at(outer - depth, a + half)}`}
              fill={tooth === toothAtTop ? 'var(--accent)' : tooth === 1 ? 'var(--ink)' : 'var(--sheet)'}
              stroke="var(--ink)"
              strokeWidth={teeth > 60 ? 0.6 : 1.2}
            />
          )
        })}
        <rect x={cx - 9} y={cy - outer - 24} width={18} height={18} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={2} />
        <text x={cx + 16} y={cy - outer - 11} fontSize="12.5" fontWeight="700">
          sensor, tooth {toothAtTop}
        </text>
        <path d={`M${cx} ${cy}L${at(outer - depth - 4, first)}`} stroke="var(--ink)" strokeWidth={1.2} strokeDasharray="5 4" />
        <path d={`M${cx} ${cy}V${cy - outer + depth + 4}`} stroke="var(--accent)" strokeWidth={1.6} />
        <text x={cx} y={cy + 34} fontSize="15" fontWeight="800" textAnchor="middle">
          {(Math.round((toothAtTop - 1) * step * 10) / 10).toString()}°
        </text>
      </svg>
      <figcaption className="px-2.5 pb-2 text-sm text-soft">
        Seen so that it turns clockwise. Filled: the first tooth behind the gap, and the one under the sensor; the angle between them is what the ECU is told.
      </figcaption>
    </figure>
  )
} // prettier-ignore
