import { isClean, WIRE_CLASSES, wholeCorridor, type CarPlan, type RoutePlan, type WireClass } from '@lochmoor/core'
import { useRef, type PointerEvent } from 'react'
import { useWidth } from '../../bench/useWidth.ts'
import { bowsOf, numberPlaces, RING } from './numberPlaces.ts'
import { planScale, type Spot } from './planScale.ts'

/** Bundles are drawn so many times as thick as the car's scale would have them. */
export const THICKER = 4

interface Props {
  readonly plan: CarPlan
  readonly name: string
  /** Bundles to draw along the corridors. */
  readonly route?: RoutePlan | null
  /** Corridors of the wire that is looked at. */
  readonly way?: ReadonlySet<string>
  readonly spot?: string | null
  /** Corridor that is drawn double: where most is picked up. */
  readonly loud?: string | null
  readonly onSpot?: (id: string) => void
  /** A place was dragged. */
  readonly onMove?: (id: string, to: { readonly fromFrontM: number; readonly fromMiddleM: number }) => void
  /** Where the ECU is. */
  readonly ecuAt?: string | null
}

const GAP_PX = 1.5
const isKind = (kind: string): kind is WireClass => (WIRE_CLASSES as readonly string[]).includes(kind)

/** Bundles of a corridor side by side, thickest class order kept: offset and width of each, px. */
const lanesOf = (route: RoutePlan | null | undefined, corridor: string, pxPerM: number) => {
  const widest = new Map<string, number>()
  for (const b of route?.bundles ?? [])
    if (wholeCorridor(b.corridor) === corridor) widest.set(b.class, Math.max(widest.get(b.class) ?? 0, b.diameterM))
  const lanes = [...widest]
    .sort(([a], [b]) => WIRE_CLASSES.indexOf(a as WireClass) - WIRE_CLASSES.indexOf(b as WireClass))
    .map(([kind, diameterM]) => ({ kind, px: Math.max(1.4, diameterM * pxPerM * THICKER) }))
  const total = lanes.reduce((sum, l) => sum + l.px + GAP_PX, -GAP_PX)
  let from = -total / 2
  return lanes.map((l) => {
    const offset = from + l.px / 2
    from += l.px + GAP_PX
    return { ...l, offset }
  })
}

/** The car from above, to scale: corridors with their numbers, holes, devices, and the bundles of a loom. */
export const PlanDrawing = ({ plan, name, route, way, spot, loud, onSpot, onMove, ecuAt }: Props) => {
  const [ref, width] = useWidth<HTMLDivElement>(560)
  const svg = useRef<SVGSVGElement>(null)
  const dragged = useRef<string | null>(null)
  const scale = planScale(plan, Math.max(420, width))
  const places = new Map(plan.places.map((p) => [p.id, scale.at(p)]))
  const ecu = ecuAt ? places.get(ecuAt) : null
  const point = (e: PointerEvent): Spot => {
    const box = svg.current!.getBoundingClientRect()
    return { x: e.clientX - box.left, y: e.clientY - box.top }
  }
  const numbers = numberPlaces(plan, places, ecuAt ?? null)
  const bows = bowsOf(plan)
  return (
    <div ref={ref} className="overflow-x-auto">
      <svg
        ref={svg}
        role="img"
        aria-label={name}
        width={scale.width}
        height={scale.height}
        className="touch-pan-y bg-sheet select-none"
        onPointerMove={(e) => {
          if (dragged.current && onMove && e.buttons === 1) onMove(dragged.current, scale.back(point(e)))
        }}
        onPointerUp={() => (dragged.current = null)}
        onPointerLeave={() => (dragged.current = null)}
      >
        <rect {...scale.car} rx={scale.pxPerM * 0.25} fill="none" stroke="var(--hair)" strokeWidth={2} />
        <text x={4} y={scale.height / 2} fontSize={11} fill="var(--ink-soft)" transform={`rotate(-90 12 ${scale.height / 2})`} textAnchor="middle">
          front
        </text>
        <text x={scale.car.x + scale.car.width / 2} y={scale.height - 4} fontSize={11} fill="var(--ink-soft)" textAnchor="middle">
          left side of the car
        </text>
        {plan.corridors.map((c) => {
          const [a, b] = [places.get(c.from), places.get(c.to)]
          if (!a || !b) return null
          const length = Math.hypot(b.x - a.x, b.y - a.y) || 1
          const [nx, ny] = [-(b.y - a.y) / length, (b.x - a.x) / length]
          const bow = bows.get(c.id) ?? 0
          const shift = (offset: number) => `M${a.x + nx * offset},${a.y + ny * offset} Q${(a.x + b.x) / 2 + nx * (offset + 2 * bow)},${(a.y + b.y) / 2 + ny * (offset + 2 * bow)} ${b.x + nx * offset},${b.y + ny * offset}`
          const on = way?.has(c.id) === true
          const lanes = lanesOf(route, c.id, scale.pxPerM)
          return (
            <g key={c.id} data-corridor={c.id} onClick={onSpot && (() => onSpot(c.id))} className={onSpot ? 'cursor-pointer' : ''}>
              <path d={shift(0)} fill="none" stroke="transparent" strokeWidth={14} />
              {(on || spot === c.id) && (
                <path d={shift(0)} fill="none" stroke="var(--accent)" strokeOpacity={0.28} strokeWidth={14} />
              )}
              {lanes.length === 0 ? (
                <path d={shift(0)} fill="none" stroke="var(--ink-soft)" strokeWidth={1} strokeDasharray={c.assumed.includes('lengthM') ? '4 3' : undefined} />
              ) : (
                lanes.map((l) => (
                  <path key={l.kind} d={shift(l.offset)} fill="none" stroke={isKind(l.kind) && isClean(l.kind) ? 'var(--accent)' : 'var(--ink)'} strokeWidth={l.px} />
                ))
              )}
              {loud === c.id && [-9, 9].map((offset) => <path key={offset} data-loud={c.id} d={shift(offset)} fill="none" stroke="var(--stop)" strokeWidth={2.5} />)}
            </g>
          )
        })}
        {plan.corridors.map((c, n) => {
          const at = numbers.get(c.id)
          if (!at) return null
          return (
            <g key={c.id} className="pointer-events-none">
              {c.panel !== 'none' && <circle cx={at[0]} cy={at[1]} r={RING} fill="var(--sheet)" stroke={c.panel === 'bare-edge' ? 'var(--stop)' : 'var(--ink)'} strokeWidth={2} />}
              <text x={at[0]} y={at[1] + 3.5} fontSize={10} fontWeight={spot === c.id ? 800 : 500} textAnchor="middle" fill="var(--ink)" stroke="var(--sheet)" strokeWidth={3} paintOrder="stroke">
                {n + 1}
              </text>
            </g>
          )
        })}
        {plan.places.map((p) => {
          const at = places.get(p.id)
          if (!at) return null
          const here = plan.devices.filter((d) => d.node === p.id).length
          return (
            <g
              key={p.id}
              className={onMove ? 'cursor-move' : ''}
              onPointerDown={() => {
                onSpot?.(p.id)
                dragged.current = p.id
              }}
            >
              <circle cx={at.x} cy={at.y} r={9} fill="transparent" />
              <circle cx={at.x} cy={at.y} r={here > 0 ? 5 : 3} fill={spot === p.id ? 'var(--accent)' : 'var(--ink)'} />
            </g>
          )
        })}
        {plan.devices
          .filter((d) => d.along !== null)
          .map((d) => {
            const c = plan.corridors.find((x) => x.id === d.along!.corridor)
            const [a, b] = [c && places.get(c.from), c && places.get(c.to)]
            if (!a || !b || !c?.lengthM) return null
            const share = d.along!.atM / c.lengthM
            return <circle key={d.id} cx={a.x + share * (b.x - a.x)} cy={a.y + share * (b.y - a.y)} r={4} fill="var(--ink)" />
          })}
        {ecu && (
          <g className="pointer-events-none">
            <rect x={ecu.x - 16} y={ecu.y - 26} width={32} height={17} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={1.5} />
            <text x={ecu.x} y={ecu.y - 14} fontSize={10} fontWeight={800} textAnchor="middle" fill="var(--ink)">
              ECU
            </text>
          </g>
        )}
      </svg>
    </div>
  )
} // prettier-ignore

/** What the lines of the drawing mean. */
export const PlanLegend = ({ bundles }: { bundles: boolean }) => (
  <p className="mt-1 text-sm leading-snug text-soft">
    {bundles ? (
      <>
        Bundles {THICKER} times as thick as to scale: <strong className="text-accent">sensors, pick-ups, oxygen sensor</strong>
        ; <strong className="text-ink">all others</strong>.{' '}
      </>
    ) : (
      'Dashed: length not measured. '
    )}
    Large dots have devices; rings are holes, numbers those of the table. From above, front to the left.
  </p>
) // prettier-ignore
