import { formatQuantity, type ModuleFitAnswer, type ModuleFitCase } from '@lochmoor/core'
import { useUnit } from '../../../store/preferences.ts'
import { useWidth } from '../../bench/useWidth.ts'

interface Props {
  readonly fit: ModuleFitAnswer
  readonly c: ModuleFitCase
  /** Fuel level at which it must still run, where it is known. */
  readonly lowM: number | null
}

const PAD = { top: 56, bottom: 26, side: 12 }
const DRAWN_HEIGHT = 300
const HAT_M = 0.13
const SOCK_M = 0.06

/** Section through the tank at the hole of the module: heights to scale from the measured figures, widths as usual. */
export const TankSection = ({ fit, c, lowM }: Props) => {
  const [ref, width] = useWidth<HTMLElement>(620)
  const bore = useUnit('bore')
  const mm = (m: number) => formatQuantity(m, bore)
  const highM = Math.max(c.gapAboveM, fit.stackAboveM) + 0.015
  const wholeM = c.tankDepthM + highM
  const px = DRAWN_HEIGHT / wholeM
  const height = DRAWN_HEIGHT + PAD.top + PAD.bottom
  const topY = PAD.top + highM * px
  const floorY = topY + c.tankDepthM * px
  const bodyY = topY - c.gapAboveM * px
  const stackY = topY - fit.stackAboveM * px
  const cx = width * 0.44
  const half = (m: number) => Math.min((m / 2) * px, width * 0.3)
  const hangs = Math.min(
    c.mostLengthM,
    Math.max(c.moduleLengthM - fit.cutOffM, Math.min(fit.wantedLengthM, c.mostLengthM)),
  )
  const sockY = topY + hangs * px
  const fouls = fit.foulsByM > 0
  // Where words would lie on lines they go under the picture.
  const narrow = width < 480
  const right = width - PAD.side
  const tankLeft = PAD.side + 92
  const tankRight = right - 96
  return (
    <figure ref={ref} className="border border-ink bg-sheet">
      <svg
        width={width}
        height={height}
        role="img"
        className="block"
        aria-label={`Section, heights to scale: tank ${mm(c.tankDepthM)} deep, gap above ${mm(c.gapAboveM)}, stack above the tank ${mm(fit.stackAboveM)}, ${fouls ? `over by ${mm(fit.foulsByM)}` : `clears by ${mm(-fit.foulsByM)} beyond ${mm(c.airGapM)} of air`}`}
      >
        <text x={10} y={20} fontSize="12.5" fontWeight="700">
          Section at the hole, heights to scale
        </text>
        {/* The floor of the car above. */}
        <rect x={tankLeft - 20} y={bodyY - 8} width={tankRight - tankLeft + 40} height={8} fill="var(--ink-soft)" />
        <text x={tankRight + 24} y={bodyY + 1} fontSize="12">
          floor above
        </text>
        {/* The tank. */}
        <rect
          x={tankLeft}
          y={topY}
          width={tankRight - tankLeft}
          height={floorY - topY}
          fill="none"
          stroke="var(--ink)"
          strokeWidth="2.4"
        />
        {lowM !== null && lowM < c.tankDepthM && (
          <>
            <rect
              x={tankLeft + 1}
              y={floorY - lowM * px}
              width={tankRight - tankLeft - 2}
              height={lowM * px}
              fill="var(--accent)"
              opacity="0.18"
            />
            {!narrow && (
              <text x={tankRight - 6} y={floorY - lowM * px - 5} fontSize="12" textAnchor="end">
                low fuel {mm(lowM)}
              </text>
            )}
          </>
        )}
        {/* The module: hat, ends and bend, hanger, sock. */}
        <rect
          x={cx - half(HAT_M)}
          y={topY - c.hatHeightM * px}
          width={2 * half(HAT_M)}
          height={c.hatHeightM * px}
          fill="var(--wash)"
          stroke="var(--ink)"
          strokeWidth="1.8"
        />
        <rect
          x={cx - half(0.03)}
          y={topY - (c.hatHeightM + c.fittingHeightM) * px}
          width={2 * half(0.03)}
          height={c.fittingHeightM * px}
          fill="var(--ink-soft)"
        />
        {c.bendRadiusM > 0 && (
          <path
            d={`M${cx} ${topY - (c.hatHeightM + c.fittingHeightM) * px}a${c.bendRadiusM * px} ${c.bendRadiusM * px} 0 0 1 ${c.bendRadiusM * px} ${-c.bendRadiusM * px}h30`}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={Math.max(2, c.hoseOutsideM * px)}
            opacity="0.75"
          />
        )}
        <rect
          x={cx - half(0.05)}
          y={topY}
          width={2 * half(0.05)}
          height={Math.max(0, sockY - topY - 8)}
          fill="var(--wash)"
          stroke="var(--ink)"
          strokeWidth="1.6"
        />
        <rect x={cx - half(SOCK_M)} y={sockY - 8} width={2 * half(SOCK_M)} height={8} fill="var(--ink)" />
        {/* What is too much, or to spare. */}
        {fouls ? (
          <>
            <rect
              x={cx - half(HAT_M) - 4}
              y={Math.min(stackY, bodyY)}
              width={2 * half(HAT_M) + 8}
              height={Math.max(2, Math.abs(bodyY - stackY))}
              fill="var(--stop)"
              opacity="0.5"
            />
            <text
              x={cx}
              y={PAD.top - 8}
              fontSize="13"
              fontWeight="700"
              textAnchor="middle"
              style={{ fill: 'var(--stop)' }}
            >
              over by {mm(fit.foulsByM)};{' '}
              {fit.hatThatFitsM > 0 ? `a hat of ${mm(fit.hatThatFitsM)} would fit` : 'no hat would fit'}
            </text>
          </>
        ) : (
          <text x={cx} y={PAD.top - 8} fontSize="13" fontWeight="700" textAnchor="middle" style={{ fill: 'var(--ok)' }}>
            clears by {mm(-fit.foulsByM)}, {mm(c.airGapM)} of air kept
          </text>
        )}
        <Dimension x={tankLeft - 34} y0={topY} y1={floorY} text={mm(c.tankDepthM)} />
        <Dimension x={tankRight + 14} y0={bodyY} y1={topY} text={`gap ${mm(c.gapAboveM)}`} toRight />
        <Dimension x={cx + half(HAT_M) + 16} y0={stackY} y1={topY} text={`stack ${mm(fit.stackAboveM)}`} toRight />
        {!narrow && <Dimension x={cx + half(0.05) + 22} y0={topY} y1={sockY} text={`module ${mm(hangs)}`} toRight />}
      </svg>
      <figcaption className="px-2.5 pb-2 text-sm leading-snug text-soft">
        {narrow && `Module ${mm(hangs)}. `}
        {narrow && lowM !== null && `Low fuel ${mm(lowM)} deep. `}
        {fit.cutOffM > 0 && `Cut ${mm(fit.cutOffM)} off the module. `}
        {fit.shortByM > 0 && `The module ends ${mm(fit.shortByM)} too high. `}
        Strainer {mm(Math.max(0, c.tankDepthM - hangs))} off the floor. Lifting the tank tilted by {Math.abs(c.tiltDeg)}
        ° swings the top {mm(fit.sweepM)} sideways
        {c.swingRoomM === null ? '; the room for it is not measured.' : `, and there is room for ${mm(c.swingRoomM)}.`}
      </figcaption>
    </figure>
  )
}

const Dimension = ({
  x,
  y0,
  y1,
  text,
  toRight = false,
}: {
  x: number
  y0: number
  y1: number
  text: string
  toRight?: boolean
}) => (
  <g stroke="var(--ink)" strokeWidth="1">
    <path d={`M${x - 4} ${y0}h8M${x - 4} ${y1}h8M${x} ${y0}V${y1}`} fill="none" />
    <text
      x={toRight ? x + 7 : x - 6}
      y={(y0 + y1) / 2 + 4}
      fontSize="12"
      stroke="var(--sheet)"
      strokeWidth="4"
      paintOrder="stroke"
      textAnchor={toRight ? 'start' : 'end'}
    >
      {text}
    </text>
  </g>
)
