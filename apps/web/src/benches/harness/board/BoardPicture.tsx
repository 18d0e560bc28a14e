import { boardMarks, counted, fig, figureText, type LoomBoard } from '@lochmoor/core'
import { useMemo } from 'react'
import { usePreferences } from '../../../store/preferences.ts'
import { useWidth } from '../../bench/useWidth.ts'
import { clearWords } from './clearWords.ts'

/** On the screen a millimetre is so many pixels at true size: 96 to the inch. */
const PX_PER_MM = 96 / 25.4
const TEXT_PX = 11.5

interface Props {
  readonly board: LoomBoard
  readonly name: string
  /** 1 is true size; null: as wide as there is room. */
  readonly scale: number | null
  readonly branch: string | null
  readonly onBranch: (id: string) => void
}

/** A board as it lies on the bench, at a scale. */
export const BoardPicture = ({ board, name, scale, branch, onBranch }: Props) => {
  const [ref, width] = useWidth<HTMLDivElement>(600)
  const units = usePreferences((s) => s.units)
  const brief = scale === null
  // Beside the loom there is room for a key on both sides.
  const pxPerMm = scale === null ? Math.max(0.08, (width - 150) / (1e3 * board.flat.width)) : scale * PX_PER_MM
  const drawing = useMemo(
    () => boardMarks(board, { textMm: TEXT_PX / pxPerMm, lengthText: (m) => figureText(fig(m, 'bore', 0), units), faces: false, brief }),
    [board, brief, pxPerMm, units],
  )
  const words = useMemo(() => clearWords(drawing.marks), [drawing])
  return (
    <div ref={ref} className="overflow-auto border border-hair bg-sheet" style={{ maxHeight: '34rem' }} tabIndex={0} role="region" aria-label={`${name}, scrolls`}>
      <svg role="img" aria-label={name} width={drawing.widthMm * pxPerMm} height={drawing.heightMm * pxPerMm} viewBox={`0 0 ${drawing.widthMm} ${drawing.heightMm}`}>
        {drawing.marks.map((m, n) => {
          if (m.kind === 'line' && m.what === 'face') return <polyline key={n} points={m.points.map((p) => p.join(',')).join(' ')} fill="none" stroke="var(--ink-soft)" strokeWidth={0.7 / pxPerMm} />
          if (m.kind === 'line') {
            const points = m.points.map((p) => p.join(',')).join(' ')
            return (
              <g key={n} onClick={() => onBranch(m.id)} className="cursor-pointer">
                <polyline points={points} fill="none" stroke="transparent" strokeWidth={12 / pxPerMm} />
                {m.id === branch && <polyline points={points} fill="none" stroke="var(--accent)" strokeOpacity={0.35} strokeWidth={10 / pxPerMm} />}
                <polyline points={points} fill="none" stroke={m.what === 'lead' ? 'var(--ink-soft)' : 'var(--ink)'} strokeWidth={Math.max(m.widthMm, 1.2 / pxPerMm)} />
              </g>
            )
          }
          if (m.kind === 'circle')
            return <circle key={n} cx={m.x} cy={m.y} r={m.what === 'node' ? 2.4 / pxPerMm : m.r / 2} fill={m.what === 'node' ? 'var(--ink)' : 'var(--sheet)'} stroke={m.what === 'cut' ? 'var(--accent)' : 'var(--ink)'} strokeWidth={1.4 / pxPerMm} />
          return null
        })}
        {words.placed.map((m, n) => (
          <text key={n} x={m.x} y={m.y} fontSize={m.size} textAnchor="middle" fill={m.what === 'length' ? 'var(--ink-soft)' : 'var(--ink)'} fontWeight={m.what === 'end' ? 700 : 500} stroke="var(--sheet)" strokeWidth={2.5 / pxPerMm} paintOrder="stroke">
            {m.text}
          </text>
        ))}
      </svg>
      {words.leftOut > 0 && (
        <p className="sticky left-0 px-2 py-1 text-sm text-soft">
          {counted(words.leftOut, 'label')} left out where they would lie on others: choose a larger scale to see them.
        </p>
      )}
    </div>
  )
} // prettier-ignore
