import type { JobDocument } from '@lochmoor/core'
import { useWidth } from '../../bench/useWidth.ts'

const HEIGHT = 232

/** Which sensor stands in which bank, and which injectors the ECU steers by it: straight, or crossed. */
export const BankDrawing = ({ job }: { job: JobDocument }) => {
  const [ref, width] = useWidth<HTMLElement>(620)
  const { banks, steers } = job.exhaust
  const half = Math.max(46, Math.min(78, width * 0.13))
  const x = { bank: 12 + half, sensor: width * 0.4, controller: width * 0.56, injectors: width - 12 - half }
  const narrow = width < 520
  const y = { a: 66, b: 166 }
  const crossed = steers.a === 'b' || steers.b === 'a'
  const words = (side: 'a' | 'b') => banks[side === 'a' ? 0 : 1]?.cylinders.join(', ') || 'not named'
  const sides = ['a', 'b'] as const
  return (
    <figure ref={ref} className="border border-ink bg-sheet">
      <svg
        width={width}
        height={HEIGHT}
        role="img"
        className="block"
        aria-label={`Bank A with cylinders ${words('a')}, bank B with cylinders ${words('b')}; the ECU trims bank ${steers.a?.toUpperCase() ?? 'unknown'} by sensor A and bank ${steers.b?.toUpperCase() ?? 'unknown'} by sensor B${crossed ? ': crossed' : ''}`}
      >
        <text x={10} y={19} fontSize="12.5" fontWeight="700">
          Banks, sensors and injector groups
        </text>
        {sides.map((side) => (
          <g key={side}>
            <rect
              x={x.bank - half}
              y={y[side] - 24}
              width={2 * half}
              height={48}
              fill="var(--wash)"
              stroke="var(--ink)"
              strokeWidth="1.6"
            />
            <text x={x.bank} y={y[side] - 5} fontSize="13" fontWeight="700" textAnchor="middle">
              Bank {side.toUpperCase()}
            </text>
            <text x={x.bank} y={y[side] + 13} fontSize="12" textAnchor="middle">
              {narrow ? '' : 'cylinders '}
              {words(side)}
            </text>
            <path d={`M${x.bank + half} ${y[side]}H${x.sensor}`} stroke="var(--ink)" strokeWidth="7" />
            <circle cx={x.sensor} cy={y[side]} r={15} fill="var(--sheet)" stroke="var(--accent)" strokeWidth="3" />
            <text x={x.sensor} y={y[side] + 5} fontSize="14" fontWeight="700" textAnchor="middle">
              {side.toUpperCase()}
            </text>
            <text x={x.sensor} y={y[side] + 32} fontSize="11.5" textAnchor="middle">
              sensor {side.toUpperCase()}
            </text>
            <path d={`M${x.sensor + 15} ${y[side]}H${x.controller - 30}`} stroke="var(--ink)" strokeWidth="1.6" />
            <rect
              x={x.injectors - half}
              y={y[side] - 24}
              width={2 * half}
              height={48}
              fill="none"
              stroke="var(--ink)"
              strokeWidth="1.6"
            />
            <text x={x.injectors} y={y[side] + 5} fontSize="13" textAnchor="middle">
              {narrow ? 'injectors' : 'injectors of bank'} {side.toUpperCase()}
            </text>
            {steers[side] !== null && (
              <path
                d={`M${x.controller + 30} ${y[side]}L${x.injectors - half} ${y[steers[side]]}`}
                stroke={steers[side] === side ? 'var(--ok)' : 'var(--stop)'}
                strokeWidth="3"
                strokeDasharray={steers[side] === side ? undefined : '7 4'}
              />
            )}
          </g>
        ))}
        <rect
          x={x.controller - 30}
          y={y.a - 34}
          width={60}
          height={y.b - y.a + 68}
          fill="var(--sheet)"
          stroke="var(--ink)"
          strokeWidth="2"
        />
        <text x={x.controller} y={(y.a + y.b) / 2 + 4} fontSize="11" textAnchor="middle">
          ECU
        </text>
        {crossed && (
          <text
            x={width - 10}
            y={HEIGHT - 8}
            fontSize="13"
            fontWeight="700"
            textAnchor="end"
            style={{ fill: 'var(--stop)' }}
          >
            crossed: one bank goes full rich, the other full lean
          </text>
        )}
      </svg>
    </figure>
  )
}
