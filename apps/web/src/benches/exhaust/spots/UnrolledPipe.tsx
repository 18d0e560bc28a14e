import {
  DATUM_WORDS,
  datumOf,
  DISTANCE_BANDS,
  formatQuantity,
  GRID_STEP_DEG,
  GRID_STEP_M,
  RUN_WORDS,
  sweptObstacles,
  type JobDocument,
  type Run,
  type SensorSpot,
  type SpotGrid,
} from '@lochmoor/core'
import { useEffect, useRef, type KeyboardEvent, type PointerEvent } from 'react'
import { usePreferences, useUnit } from '../../../store/preferences.ts'
import { useWidth } from '../../bench/useWidth.ts'
import { paintGrid } from './paintGrid.ts'
import { ruleLabels } from './ruleLabels.ts'
import { DRAWN_HEIGHT, MARGIN, signedClock, snapped, unrolledScale, type UnrolledScale } from './unrolledScale.ts'

interface Props {
  readonly job: JobDocument
  readonly run: Run
  readonly grid: SpotGrid
  /** Spots of this run with the name of their sensor; a bung as found among them. */
  readonly spots: readonly (SensorSpot & { readonly name: string; readonly mine: boolean })[]
  readonly cursor: { readonly alongM: number; readonly clockDeg: number }
  readonly onCursor: (alongM: number, clockDeg: number) => void
  /** Puts the sensor that is worked on there. */
  readonly onSet: (alongM: number, clockDeg: number) => void
}

const HEIGHT = MARGIN.top + DRAWN_HEIGHT + MARGIN.bottom
/** Between two distances along the axis, m; the first that leaves so many px for each label is taken. */
const TICK_STEPS_M = [0.1, 0.2, 0.5, 1] as const
const TICK_ROOM = 64
const CLOCK_TICKS = [
  [-180, 'under'],
  [-90, '270° left'],
  [0, 'top line'],
  [90, '90° right'],
  [180, 'under'],
] as const

/** The pipe unrolled: along it across, the clock angle down. Every point says why it is forbidden or what it loses. */
export const UnrolledPipe = ({ job, run, grid, spots, cursor, onCursor, onSet }: Props) => {
  const [ref, width] = useWidth<HTMLElement>(620)
  const bore = useUnit('bore')
  const scale = unrolledScale(grid, width)
  const svg = useRef<SVGSVGElement>(null)
  const pointAt = (e: PointerEvent<Element>) => {
    const box = svg.current!.getBoundingClientRect()
    return snapped(scale, scale.alongAt(e.clientX - box.left), scale.clockAt(e.clientY - box.top))
  }
  const look = (e: PointerEvent<Element>) => {
    const p = pointAt(e)
    onCursor(p.alongM, p.clockDeg)
  }
  const onKeyDown = (e: KeyboardEvent) => {
    const times = e.shiftKey ? 5 : 1
    const step: Readonly<Record<string, readonly [number, number]>> = {
      ArrowLeft: [-GRID_STEP_M * times, 0],
      ArrowRight: [GRID_STEP_M * times, 0],
      ArrowUp: [0, -GRID_STEP_DEG * times],
      ArrowDown: [0, GRID_STEP_DEG * times],
    }
    const by = step[e.key]
    if (by) {
      e.preventDefault()
      const next = snapped(scale, cursor.alongM + by[0], cursor.clockDeg + by[1])
      onCursor(next.alongM, next.clockDeg)
    } else if (e.key === 'Enter') {
      e.preventDefault()
      onSet(cursor.alongM, cursor.clockDeg)
    }
  }
  const band = DISTANCE_BANDS[job.exhaust.school]
  const [bandFrom, bandTo] = [Math.max(scale.fromM, band.leastM), Math.min(scale.toM, band.mostM)]
  // The least step whose labels do not touch.
  const step = TICK_STEPS_M.find((m) => scale.x(m) - scale.x(0) >= TICK_ROOM) ?? TICK_STEPS_M.at(-1)!
  const ticks = Array.from({ length: Math.floor(scale.toM / step) + 1 }, (_, i) => i * step).filter(
    (m) => scale.x(m) < width - TICK_ROOM / 2,
  )
  return (
    <figure ref={ref} className="border border-ink bg-sheet">
      <div className="relative" style={{ width, height: HEIGHT }}>
        <GridCanvas grid={grid} scale={scale} />
        <svg
          ref={svg}
          width={width}
          height={HEIGHT}
          role="application"
          aria-label={`${RUN_WORDS[run.id]} unrolled. Arrow keys move the point by ${formatQuantity(GRID_STEP_M, bore, 0)} and ${GRID_STEP_DEG}°, with shift five times as far; Enter puts the sensor there.`}
          aria-roledescription="unrolled pipe"
          tabIndex={0}
          className="absolute inset-0 block cursor-crosshair touch-pan-y"
          onKeyDown={onKeyDown}
          onPointerMove={look}
          onPointerDown={look}
        >
          <text x={10} y={19} fontSize="12.5" fontWeight="700">
            {RUN_WORDS[run.id]} unrolled
          </text>
          <rect
            x={MARGIN.left}
            y={MARGIN.top}
            width={width - MARGIN.left - MARGIN.right}
            height={DRAWN_HEIGHT}
            fill="none"
            stroke="var(--ink)"
          />
          {CLOCK_TICKS.map(([deg, says]) => (
            <g key={deg}>
              <line
                x1={MARGIN.left}
                x2={width - MARGIN.right}
                y1={MARGIN.top + ((deg + 180) / 360) * DRAWN_HEIGHT}
                y2={MARGIN.top + ((deg + 180) / 360) * DRAWN_HEIGHT}
                stroke="var(--ink)"
                strokeWidth={deg === 0 ? 1 : 0.5}
                strokeDasharray={deg === 0 ? undefined : '3 4'}
              />
              <text
                x={MARGIN.left - 5}
                y={MARGIN.top + ((deg + 180) / 360) * DRAWN_HEIGHT + (deg === -180 ? 10 : deg === 180 ? 0 : 4)}
                fontSize="11.5"
                textAnchor="end"
              >
                {says}
              </text>
            </g>
          ))}
          {run.pieces
            .filter((p) => p.piece.joint !== 'one-piece' && p.fromM > scale.fromM && p.fromM < scale.toM)
            .map((p) => (
              <line
                key={p.index}
                x1={scale.x(p.fromM)}
                x2={scale.x(p.fromM)}
                y1={MARGIN.top}
                y2={MARGIN.top + DRAWN_HEIGHT}
                stroke="var(--ink)"
                strokeWidth="1.6"
              />
            ))}
          {bandTo > bandFrom && (
            <g>
              <path
                d={`M${scale.x(bandFrom)} ${MARGIN.top - 5}H${scale.x(bandTo)}M${scale.x(bandFrom)} ${MARGIN.top - 9}v8M${scale.x(bandTo)} ${MARGIN.top - 9}v8`}
                stroke="var(--accent)"
                strokeWidth="2.4"
              />
              <text
                x={(scale.x(bandFrom) + scale.x(bandTo)) / 2}
                y={MARGIN.top - 12}
                fontSize="11.5"
                textAnchor="middle"
              >
                recommended
              </text>
            </g>
          )}
          <Obstacles job={job} run={run} scale={scale} what="outlines" />
          {ruleLabels(grid).map(({ says, alongM, clockDeg, lengthM }) => {
            const room = (lengthM / (scale.toM - scale.fromM)) * (width - MARGIN.left - MARGIN.right)
            return says.length * 6.2 > room ? null : (
              <text
                key={says}
                x={scale.x(alongM)}
                y={scale.y(clockDeg) + 4}
                fontSize="11.5"
                textAnchor="middle"
                stroke="var(--sheet)"
                strokeWidth="4"
                paintOrder="stroke"
                pointerEvents="none"
              >
                {says}
              </text>
            )
          })}
          {ticks.map((m) => (
            <text key={m} x={scale.x(m)} y={MARGIN.top + DRAWN_HEIGHT + 16} fontSize="11.5" textAnchor="middle">
              {formatQuantity(m, bore, 0)}
            </text>
          ))}
          <text x={width - MARGIN.right} y={HEIGHT - 6} fontSize="11.5" textAnchor="end">
            along from {DATUM_WORDS[datumOf(run)]}, flow to the right
          </text>
          <path
            d={`M${scale.x(cursor.alongM)} ${MARGIN.top}v${DRAWN_HEIGHT}M${MARGIN.left} ${scale.y(cursor.clockDeg)}H${width - MARGIN.right}`}
            stroke="var(--accent)"
            strokeWidth="1"
            strokeDasharray="2 3"
            pointerEvents="none"
          />
          <Obstacles job={job} run={run} scale={scale} what="numbers" />
          {spots.map((s) => (
            <Marker
              key={s.name}
              x={scale.x(s.alongM)}
              y={scale.y(s.clockDeg)}
              name={s.name}
              onDrag={
                s.mine
                  ? (e) => {
                      const p = pointAt(e)
                      onSet(p.alongM, p.clockDeg)
                    }
                  : null
              }
            />
          ))}
        </svg>
      </div>
      <figcaption className="flex flex-wrap gap-x-4 gap-y-1 px-2.5 pb-2 text-sm text-soft">
        <Key kind="good">80 and more</Key>
        <Key kind="fair">60 to 80</Key>
        <Key kind="poor">below 60</Key>
        <Key kind="forbidden">hatched: ruled out</Key>
        <span>Vertical lines: joints. Outlined: obstacles by number, dashed where they move.</span>
      </figcaption>
    </figure>
  )
}

const FILL = {
  good: 'color-mix(in srgb, var(--ok) 62%, var(--sheet))',
  fair: 'color-mix(in srgb, var(--ok) 34%, var(--sheet))',
  poor: 'color-mix(in srgb, var(--ok) 14%, var(--sheet))',
  forbidden: 'var(--wash)',
} as const

const Key = ({ kind, children }: { kind: keyof typeof FILL; children: string }) => (
  <span className="flex items-center gap-1.5">
    <span
      aria-hidden
      className="inline-block h-3.5 w-5 border border-soft"
      style={{
        background:
          kind === 'forbidden'
            ? 'repeating-linear-gradient(135deg, var(--wash) 0 3px, var(--ink-soft) 3px 4px)'
            : FILL[kind],
      }}
    />
    {children}
  </span>
)

/** The judged points as a picture; what it says is said in words by the point that is looked at. */
const GridCanvas = ({ grid, scale }: { grid: SpotGrid; scale: UnrolledScale }) => {
  const ref = useRef<HTMLCanvasElement>(null)
  const theme = usePreferences((s) => s.theme)
  const width = scale.width - MARGIN.left - MARGIN.right
  useEffect(() => {
    const canvas = ref.current
    const context = canvas?.getContext('2d')
    if (!canvas || !context) return
    // A canvas knows no CSS variables: the browser is asked what they are by now.
    const probe = document.createElement('span')
    canvas.parentElement?.append(probe)
    const resolved = (colour: string) => {
      probe.style.color = colour
      return getComputedStyle(probe).color
    }
    const ratio = window.devicePixelRatio || 1
    canvas.width = width * ratio
    canvas.height = DRAWN_HEIGHT * ratio
    context.scale(ratio, ratio)
    paintGrid(context, grid, width, DRAWN_HEIGHT, {
      forbidden: resolved(FILL.forbidden),
      hatch: resolved('var(--hair)'),
      poor: resolved(FILL.poor),
      fair: resolved(FILL.fair),
      good: resolved(FILL.good),
    })
    probe.remove()
  }, [grid, width, theme])
  return (
    <canvas
      ref={ref}
      aria-hidden
      className="absolute"
      style={{ left: MARGIN.left, top: MARGIN.top, width, height: DRAWN_HEIGHT }}
    />
  )
}

interface MarkerProps {
  readonly x: number
  readonly y: number
  readonly name: string
  /** Null: another sensor is worked on. */
  readonly onDrag: ((e: PointerEvent<Element>) => void) | null
}

/** Where a sensor sits; the one that is worked on can be dragged. */
const Marker = ({ x, y, name, onDrag }: MarkerProps) => {
  const dragging = useRef(false)
  // Another sensor, and a bung that is only there, in the colour of the drawing.
  const colour = onDrag ? 'var(--accent)' : 'var(--ink)'
  return (
    <g
      className={onDrag ? 'cursor-grab touch-none' : 'pointer-events-none'}
      onPointerDown={(e) => {
        e.stopPropagation()
        dragging.current = true
        e.currentTarget.setPointerCapture(e.pointerId)
      }}
      onPointerMove={(e) => {
        if (!dragging.current) return
        e.stopPropagation()
        onDrag?.(e)
      }}
      onPointerUp={() => {
        dragging.current = false
      }}
    >
      <circle cx={x} cy={y} r={18} fill="transparent" />
      <circle cx={x} cy={y} r={8} fill="var(--sheet)" stroke={colour} strokeWidth="3" />
      <circle cx={x} cy={y} r={2} fill={colour} />
      <text
        x={x + 12}
        y={y + 4}
        fontSize="12.5"
        fontWeight="700"
        stroke="var(--sheet)"
        strokeWidth="4"
        paintOrder="stroke"
      >
        {name}
      </text>
    </g>
  )
}

/** Patches of what is near, as measured; what moves with all it sweeps. Their numbers stand above all lines. */
const Obstacles = ({
  job,
  run,
  scale,
  what,
}: {
  job: JobDocument
  run: Run
  scale: UnrolledScale
  what: 'outlines' | 'numbers'
}) => (
  <>
    {sweptObstacles(job.exhaust.obstacles, run.id).flatMap((o, i) => {
      const from = Math.max(scale.fromM, o.fromM)
      const to = Math.min(scale.toM, o.toM)
      if (to <= from) return []
      const [low, high] = [signedClock(o.middleDeg) - o.halfDeg, signedClock(o.middleDeg) + o.halfDeg]
      // A patch that runs over the underside is drawn at both ends of the picture.
      const parts: readonly (readonly [number, number])[] =
        high - low >= 360
          ? [[-180, 180]]
          : low < -180
            ? [
                [-180, high],
                [low + 360, 180],
              ]
            : high > 180
              ? [
                  [low, 180],
                  [-180, high - 360],
                ]
              : [[low, high]]
      const number = job.exhaust.obstacles.findIndex((x) => x.name === o.name && x.run === run.id) + 1
      return parts.map(([a, b], k) =>
        what === 'outlines' ? (
          <rect
            key={`${i} ${k}`}
            x={scale.x(from)}
            y={MARGIN.top + ((a + 180) / 360) * DRAWN_HEIGHT}
            width={scale.x(to) - scale.x(from)}
            height={((b - a) / 360) * DRAWN_HEIGHT}
            fill="none"
            stroke="var(--ink)"
            strokeWidth="2"
            strokeDasharray={o.moves ? '6 4' : undefined}
          >
            <title>{o.name}</title>
          </rect>
        ) : (
          <text
            key={`${i} ${k}`}
            x={scale.x(from) + 4}
            y={MARGIN.top + ((a + 180) / 360) * DRAWN_HEIGHT + 14}
            fontSize="12"
            fontWeight="700"
            stroke="var(--sheet)"
            strokeWidth="3"
            paintOrder="stroke"
            pointerEvents="none"
          >
            {number}
          </text>
        ),
      )
    })}
  </>
)
