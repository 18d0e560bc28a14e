import {
  formatQuantity,
  outwards,
  placeAt,
  type LaidPiece,
  type Point3,
  type Run,
  type RunId,
  type SensorSpot,
} from '@lochmoor/core'
import { useUnit } from '../../../store/preferences.ts'
import { useWidth } from '../../bench/useWidth.ts'

interface Props {
  readonly runs: readonly Run[]
  readonly spots: readonly SensorSpot[]
  readonly groundClearanceM: number | null
  readonly chosen: { readonly run: RunId; readonly index: number } | null
  readonly onPiece: (run: RunId, index: number) => void
}

type View = 'side' | 'plan'
const PAD = 26
const STEPS = 8
const SENSOR_M = 0.12

/** Middle of a piece as points in space. */
const pathOf = (run: Run, piece: LaidPiece): Point3[] => {
  const steps = piece.bendDeg > 0 ? STEPS : 1
  return Array.from({ length: steps + 1 }, (_, i) => {
    const along = piece.fromM + (piece.lengthM * i) / steps
    return placeAt(run, i === steps ? Math.max(piece.fromM, along - 1e-7) : along).at
  })
}

/** The exhaust in side view and in plan, all to one scale. */
export const ExhaustDrawing = ({ runs, spots, groundClearanceM, chosen, onPiece }: Props) => {
  const [ref, width] = useWidth<HTMLElement>(620)
  const bore = useUnit('bore')
  const points = runs.flatMap((r) => r.pieces.flatMap((p) => pathOf(r, p)))
  const spread = (k: 0 | 1 | 2) => {
    const all = points.map((p) => p[k])
    return [Math.min(...all), Math.max(...all)] as const
  }
  const [x0, x1] = spread(0)
  const [y0, y1] = spread(1)
  const [, z1] = spread(2)
  const topM = z1 + 0.1
  const wholeM = Math.max(0.4, x1 - x0 + 0.2)
  const px = Math.min((width - 2 * PAD) / wholeM, 260)
  const sideHeight = topM * px
  const planHeight = (y1 - y0 + 0.24) * px
  const height = 30 + sideHeight + 34 + planHeight + 22
  const groundY = 30 + sideHeight
  const planY = groundY + 34
  const project = (view: View, [x, y, z]: Point3): readonly [number, number] => [
    PAD + (x - x0 + 0.1) * px,
    view === 'side' ? groundY - z * px : planY + (y - y0 + 0.12) * px,
  ]
  const line = (view: View, pts: readonly Point3[]) =>
    pts
      .map(
        (p, i) =>
          `${i === 0 ? 'M' : 'L'}${project(view, p)
            .map((n) => n.toFixed(1))
            .join(' ')}`,
      )
      .join('')
  const views: readonly View[] = ['side', 'plan']
  return (
    <figure ref={ref} className="border border-ink bg-sheet">
      <svg
        width={width}
        height={height}
        className="block"
        role="group"
        aria-label="Exhaust to scale: side view and plan"
      >
        <text x={10} y={19} fontSize="12.5" fontWeight="700">
          Side view, front to the left
        </text>
        <text x={10} y={planY + 2} fontSize="12.5" fontWeight="700">
          Plan from above
        </text>
        <line x1={PAD} x2={width - 8} y1={groundY} y2={groundY} stroke="var(--ink)" strokeWidth="2.4" />
        <text x={width - 8} y={groundY + 14} fontSize="11.5" textAnchor="end">
          ground
        </text>
        {groundClearanceM !== null && (
          <line
            x1={PAD}
            x2={width - 8}
            y1={groundY - groundClearanceM * px}
            y2={groundY - groundClearanceM * px}
            stroke="var(--caution)"
            strokeWidth="1.4"
            strokeDasharray="7 4"
          />
        )}
        {views.flatMap((view) =>
          runs.flatMap((run) =>
            run.pieces.map((p) => {
              const isChosen = chosen?.run === run.id && chosen.index === p.index
              const pts = pathOf(run, p)
              const said = `${p.piece.name}, ${formatQuantity(p.lengthM, bore, 0)}${p.assumed.includes('length') ? ' assumed' : ''}`
              const thick = Math.max(3, p.outsideM * px)
              return (
                <g
                  key={`${view} ${run.id} ${p.index}`}
                  {...(view === 'side' && {
                    role: 'button',
                    tabIndex: 0,
                    'aria-pressed': isChosen,
                    'aria-label': `${run.id === 'common' ? 'common pipe' : `bank ${run.id.toUpperCase()}`}: ${said}`,
                  })}
                  className="cursor-pointer"
                  onClick={() => onPiece(run.id, p.index)}
                  onKeyDown={(e) => {
                    if (e.key === 'Enter' || e.key === ' ') {
                      e.preventDefault()
                      onPiece(run.id, p.index)
                    }
                  }}
                >
                  <title>{said}</title>
                  <path
                    d={line(view, pts)}
                    fill="none"
                    stroke={isChosen ? 'var(--accent)' : 'var(--ink)'}
                    strokeWidth={thick + 2}
                    strokeDasharray={p.assumed.includes('length') ? '5 4' : undefined}
                  />
                  <path
                    d={line(view, pts)}
                    fill="none"
                    stroke={p.piece.kind === 'pipe' ? 'var(--sheet)' : 'var(--wash)'}
                    strokeWidth={Math.max(1, thick - 1)}
                  />
                  {p.count > 1 && <path d={line(view, pts)} fill="none" stroke="var(--ink)" strokeWidth="1" />}
                  {p.piece.joint !== 'one-piece' && (
                    <JointMark at={project(view, pts[0]!)} next={project(view, pts[1]!)} half={thick / 2 + 4} />
                  )}
                </g>
              )
            }),
          ),
        )}
        {views.flatMap((view) =>
          spots.flatMap((spot, i) => {
            const run = runs.find((r) => r.id === spot.run)
            if (!run) return []
            const place = placeAt(run, spot.alongM)
            const out = outwards(place, spot.clockDeg)
            const tip: Point3 = [
              place.at[0] + out[0] * SENSOR_M,
              place.at[1] + out[1] * SENSOR_M,
              place.at[2] + out[2] * SENSOR_M,
            ]
            const [tx, ty] = project(view, tip)
            return [
              <g key={`${view} sensor ${i}`}>
                <path d={line(view, [place.at, tip])} stroke="var(--accent)" strokeWidth="5" />
                <circle cx={tx} cy={ty} r={5} fill="var(--accent)" />
                {view === 'side' && (
                  <text
                    x={tx + 8}
                    y={ty + 3}
                    fontSize="12"
                    fontWeight="700"
                    stroke="var(--sheet)"
                    strokeWidth="3"
                    paintOrder="stroke"
                  >
                    sensor{spots.length > 1 ? ` ${i === 0 ? 'A' : 'B'}` : ''}
                  </text>
                )}
              </g>,
            ]
          }),
        )}
        {groundClearanceM !== null && (
          <text
            x={PAD}
            y={groundY - groundClearanceM * px - 4}
            fontSize="11.5"
            stroke="var(--sheet)"
            strokeWidth="4"
            paintOrder="stroke"
            pointerEvents="none"
          >
            keep clear: {formatQuantity(groundClearanceM, bore, 0)}
          </text>
        )}
      </svg>
      <figcaption className="px-2.5 pb-2 text-sm leading-snug text-soft">
        To scale as measured; cross strokes are joints, dashed is assumed. Click a piece, or press Enter on it, to
        choose it.
      </figcaption>
    </figure>
  )
}

const JointMark = ({
  at: [x, y],
  next: [nx, ny],
  half,
}: {
  at: readonly [number, number]
  next: readonly [number, number]
  half: number
}) => {
  const length = Math.hypot(nx - x, ny - y) || 1
  const [ux, uy] = [-(ny - y) / length, (nx - x) / length]
  return (
    <path
      d={`M${x + ux * half} ${y + uy * half}L${x - ux * half} ${y - uy * half}`}
      stroke="var(--ink)"
      strokeWidth="2"
    />
  )
}
