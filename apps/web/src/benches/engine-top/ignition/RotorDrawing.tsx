import { fig, figureText, rotorMarks, type IgnitionOfJob } from '@lochmoor/core'
import { usePreferences } from '../../../store/preferences.ts'
import { useWidth } from '../../bench/useWidth.ts'

const HEIGHT = 340
const NAMES = { least: 'minimum', middle: 'middle', most: 'maximum' } as const
const DASHES = { least: '2 3', middle: undefined, most: '7 4' } as const

/** The rotor under the cap as the spark of number one comes, at the least, the middle and the most advance. */
export const RotorDrawing = ({ ignition }: { ignition: IgnitionOfJob }) => {
  const [ref, width] = useWidth<HTMLElement>(560)
  const units = usePreferences((s) => s.units)
  const marks = rotorMarks(ignition)
  if (marks === null) return null
  const [cx, cy] = [width / 2, HEIGHT / 2 + 12]
  const r = Math.min(HEIGHT / 2 - 44, width / 2 - 44)
  const at = (radius: number, deg: number) => {
    const a = (deg * Math.PI) / 180
    return `${(cx + radius * Math.sin(a)).toFixed(1)} ${(cy - radius * Math.cos(a)).toFixed(1)}`
  }
  /** A ring's piece from one angle to another, between two radii. */
  const piece = (from: number, to: number, inner: number, outer: number) => {
    const large = to - from > 180 ? 1 : 0
    return `M${at(outer, from)}A${outer} ${outer} 0 ${large} 1 ${at(outer, to)}L${at(inner, to)}A${inner} ${inner} 0 ${large} 0 ${at(inner, from)}Z`
  }
  const degrees = (deg: number) => figureText(fig(deg, 'angle', 1), units)
  const worst = Math.min(...marks.rotor.map((m) => m.overlapDeg))
  const rings = { least: r * 0.62, middle: r * 0.73, most: r * 0.84 } as const
  return (
    <figure ref={ref} className="mb-3 border border-ink bg-sheet">
      <svg width={width} height={HEIGHT} role="img" aria-label={`Rotor under the cap from above: smallest overlap ${degrees(worst)}`} className="block">
        <text x={10} y={18} fontSize="12.5" fontWeight="700">
          Rotor under the cap, from above, as number one fires
        </text>
        <circle cx={cx} cy={cy} r={r + 8} fill="none" stroke="var(--ink-soft)" strokeWidth={1} />
        {marks.terminals.map((t, i) => {
          const middle = (t.fromDeg + t.toDeg) / 2
          const [tx, ty] = at(r + 24, middle).split(' ').map(Number) as [number, number]
          return (
            <g key={t.cylinder} data-terminal={t.cylinder}>
              <path d={piece(t.fromDeg, t.toDeg, r * 0.9, r + 4)} fill={i === 0 ? 'var(--ink)' : 'var(--sheet)'} stroke="var(--ink)" strokeWidth={1.4} />
              <text x={tx} y={ty + 5} fontSize="14" fontWeight="800" textAnchor="middle">
                {t.cylinder}
              </text>
            </g>
          )
        })}
        {marks.rotor.map((m) => (
          <g key={m.name} data-rotor={m.name} data-overlap={m.overlapDeg < 0 ? 'none' : 'some'}>
            <path d={piece(m.fromDeg, m.toDeg, rings[m.name] - 6, rings[m.name] + 4)} fill={m.overlapDeg < 0 ? 'var(--stop)' : 'var(--accent)'} stroke="var(--ink)" strokeWidth={1} />
            <path d={`M${cx} ${cy}L${at(rings[m.name] - 6, (m.fromDeg + m.toDeg) / 2)}`} stroke={m.overlapDeg < 0 ? 'var(--stop)' : 'var(--accent)'} strokeWidth={m.name === 'middle' ? 2.4 : 1.4} strokeDasharray={DASHES[m.name]} />
          </g>
        ))}
        <circle cx={cx} cy={cy} r={9} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={2} />
        <path
          d={`M${at(26, marks.sense * 150)}A26 26 0 0 ${marks.sense > 0 ? 1 : 0} ${at(26, marks.sense * 240)}`}
          fill="none"
          stroke="var(--ink-soft)"
          strokeWidth={2}
        />
        <path d={arrowAt(at, marks.sense)} fill="var(--ink-soft)" />
      </svg>
      <div className="px-2.5 pb-2 text-sm">
        <ul className="flex flex-wrap gap-x-4">
          {marks.rotor.map((m) => (
            <li key={m.name}>
              <b>{NAMES[m.name]} advance</b> {degrees(m.advanceDeg)}: {m.overlapDeg < 0 ? `misses by ${degrees(-m.overlapDeg)}` : `overlap ${degrees(m.overlapDeg)}`}
            </li>
          ))}
        </ul>
        <p className="text-soft">
          Widths to scale, in degrees of the distributor. Inner arc: minimum advance; middle arc: middle; outer arc: maximum. Number one’s terminal is filled.
        </p>
      </div>
    </figure>
  )
} // prettier-ignore

/** The head of the arrow that says which way the rotor turns. */
const arrowAt = (at: (radius: number, deg: number) => string, sense: 1 | -1): string =>
  `M${at(20, sense * 238)}L${at(32, sense * 238)}L${at(26, sense * 262)}Z`
