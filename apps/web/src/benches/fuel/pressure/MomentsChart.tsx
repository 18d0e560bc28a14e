import { formatQuantity, fromSi, toSi, type SolvedPoint } from '@lochmoor/core'
import { scaleLinear } from 'd3-scale'
import { Shape } from '../../../marks/StateMark.tsx'
import { useUnit } from '../../../store/preferences.ts'
import { useWidth } from '../../bench/useWidth.ts'
import { stateOfMoment } from './stateOfMoment.ts'

/** A row; where it is narrow the words stand on a line of their own. */
const ROW = 23
const NARROW_ROW = 40
const TOP = 26
const LEFT = 196
const RIGHT = 16

/** Rail against its set figure at every moment: where the mark leaves the tick, the regulator is not in control. */
export const MomentsChart = ({ solved, worstId }: { solved: readonly SolvedPoint[]; worstId: string | null }) => {
  const [ref, width] = useWidth<HTMLElement>(620)
  const unit = useUnit('pressure')
  const shown = solved.filter((s) => s.answer.railPa !== null)
  const mostPa = 1.08 * Math.max(...shown.flatMap((s) => [s.answer.railPa!, s.answer.effectiveSetPa]), 1)
  const narrow = width < 480
  const left = narrow ? 16 : LEFT
  const x = scaleLinear([0, mostPa], [left, width - RIGHT])
  const row = narrow ? NARROW_ROW : ROW
  const height = TOP + solved.length * row + 26
  const ticks = scaleLinear([0, fromSi(mostPa, unit)], [0, 1]).ticks(narrow ? 3 : 6)
  return (
    <figure ref={ref} className="my-2 border border-ink bg-sheet">
      <svg
        width={width}
        height={height}
        role="img"
        className="block"
        aria-label={`Rail against set pressure: ${solved.map((s) => `${s.point.label} ${s.answer.railPa === null ? 'starved' : formatQuantity(s.answer.railPa, unit)}`).join(', ')}`}
      >
        <text x={10} y={18} fontSize="12.5" fontWeight="700">
          Rail (mark) and set pressure (tick), {unit.label}
        </text>
        {ticks.map((t) => (
          <g key={t} transform={`translate(${x(toSi(t, unit))} 0)`}>
            <line y1={TOP} y2={height - 22} stroke="var(--hair)" strokeWidth="0.8" />
            <text y={height - 8} fontSize="12" textAnchor="middle">
              {t}
            </text>
          </g>
        ))}
        {solved.map((s, i) => {
          const y = TOP + (i + 1) * row - ROW / 2
          const { railPa, effectiveSetPa } = s.answer
          return (
            <g key={s.point.id}>
              {s.point.id === worstId && (
                <rect x={2} y={TOP + i * row} width={width - 4} height={row} fill="var(--wash)" />
              )}
              <text
                x={narrow ? 10 : left - 8}
                y={narrow ? TOP + i * row + 15 : y + 4}
                fontSize={12}
                textAnchor={narrow ? 'start' : 'end'}
                fontWeight={s.point.id === worstId ? 700 : 400}
                stroke={s.point.id === worstId ? 'var(--wash)' : 'var(--sheet)'}
                strokeWidth="3"
                paintOrder="stroke"
              >
                {s.point.label}
              </text>
              <line
                x1={x(effectiveSetPa)}
                x2={x(effectiveSetPa)}
                y1={y - 8}
                y2={y + 8}
                stroke="var(--ink)"
                strokeWidth="2"
              />
              {railPa === null ? (
                <text x={left + 6} y={y + 4} fontSize="12">
                  starved
                </text>
              ) : (
                <>
                  <line x1={x(effectiveSetPa)} x2={x(railPa)} y1={y} y2={y} stroke="var(--ink-soft)" strokeWidth="3" />
                  <svg x={x(railPa) - 7} y={y - 7} width={14} height={14} viewBox="0 0 20 20">
                    <rect width="20" height="20" fill={s.point.id === worstId ? 'var(--wash)' : 'var(--sheet)'} />
                    <Shape state={stateOfMoment(s)} />
                  </svg>
                </>
              )}
            </g>
          )
        })}
      </svg>
    </figure>
  )
}
