import { linkagePose, type LinkPose, type ThrottleOfJob } from '@lochmoor/core'
import { useId } from 'react'
import { useWidth } from '../../bench/useWidth.ts'

const HEIGHT = 270
const PAD = 36
type Point = readonly [number, number, number]

const pointsOf = (poses: readonly LinkPose[]): Point[] =>
  poses.flatMap((p) => [...p.driver, ...(p.driven ?? []), ...(p.sheath ? [p.sheath] : [])])

interface Props {
  readonly throttle: ThrottleOfJob
  /** Share of the pedal's travel. */
  readonly pedal: number
  readonly onPedal: (share: number) => void
}

/** Levers and rods as they stand with the pedal a share of the way down, in the plane in which most of it moves. */
export const LinkageDrawing = ({ throttle, pedal, onPedal }: Props) => {
  const [ref, width] = useWidth<HTMLElement>(560)
  const id = useId()
  const rest = linkagePose(throttle, 0)
  const now = linkagePose(throttle, pedal)
  if (!rest || !now) return null
  const all = [0, 0.25, 0.5, 0.75, 1].flatMap((s) => pointsOf(linkagePose(throttle, s) ?? []))
  // The plane in which the balls move most: from the left, from behind, or from above.
  const moves = [0, 1, 2].map((axis) => {
    const balls = [0, 0.25, 0.5, 0.75, 1].flatMap((s) => linkagePose(throttle, s)?.[0]?.driver[1][axis] ?? [])
    return Math.max(...balls) - Math.min(...balls)
  })
  const [view, across, up] =
    moves[2]! < Math.min(moves[0]!, moves[1]!)
      ? (['from above', (p: Point) => p[0], (p: Point) => p[1]] as const)
      : moves[0]! > moves[1]!
        ? (['from behind', (p: Point) => p[0], (p: Point) => p[2]] as const)
        : (['from the left, front to the left', (p: Point) => -p[1], (p: Point) => p[2]] as const)
  const xs = all.map(across)
  const ys = all.map(up)
  const [left, right, low, high] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)]
  const scale = Math.min((width - 2 * PAD) / Math.max(right - left, 0.02), (HEIGHT - 2 * PAD) / Math.max(high - low, 0.02))
  const x = (p: Point) => width / 2 + (across(p) - (left + right) / 2) * scale
  const y = (p: Point) => HEIGHT / 2 - (up(p) - (low + high) / 2) * scale
  const draw = (poses: readonly LinkPose[], ghost: boolean) =>
    poses.map((p) => {
      const end = p.driven?.[1] ?? p.sheath
      const lever = (a: Point, b: Point, key: string) => (
        <g key={key}>
          <path d={`M${x(a)} ${y(a)}L${x(b)} ${y(b)}`} stroke="var(--ink)" strokeWidth={ghost ? 1.2 : 5} strokeLinecap="round" strokeDasharray={ghost ? '4 4' : undefined} />
          {!ghost && <circle cx={x(a)} cy={y(a)} r={7} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={2.4} />}
          {!ghost && <circle cx={x(b)} cy={y(b)} r={4} fill="var(--accent)" />}
        </g>
      )
      return (
        <g key={`${p.name} ${ghost}`}>
          {end && <path d={`M${x(p.driver[1])} ${y(p.driver[1])}L${x(end)} ${y(end)}`} stroke="var(--accent)" strokeWidth={ghost ? 1 : 2.6} strokeDasharray={ghost ? '4 4' : undefined} />}
          {lever(p.driver[0], p.driver[1], 'driver')}
          {p.driven && lever(p.driven[0], p.driven[1], 'driven')}
        </g>
      )
    })
  const stuck = now.length < rest.length
  return (
    <figure ref={ref} className="mb-3 border border-ink bg-sheet">
      <svg width={width} height={HEIGHT} role="img" aria-label={`Throttle linkage ${view}, pedal ${Math.round(pedal * 100)} % down`} className="block">
        <text x={10} y={18} fontSize="12.5" fontWeight="700">
          Linkage {view}
        </text>
        {draw(rest, true)}
        {draw(now, false)}
        {stuck && (
          <text x={width / 2} y={HEIGHT - 14} fontSize="14" fontWeight="800" textAnchor="middle" fill="var(--stop)">
            The rod no longer reaches: the linkage has bound
          </text>
        )}
      </svg>
      <div className="flex items-center gap-3 px-2.5 pb-2">
        <label htmlFor={id} className="font-semibold whitespace-nowrap">
          Pedal
        </label>
        <input id={id} type="range" min={0} max={100} step={1} value={Math.round(pedal * 100)} onChange={(e) => onPedal(Number(e.target.value) / 100)} className="h-8 min-w-0 flex-1 accent-accent" />
        <output htmlFor={id} className="w-12 text-right font-bold">
          {Math.round(pedal * 100)} %
        </output>
      </div>
      <figcaption className="px-2.5 pb-2 text-sm text-soft">To scale. Dashed: at rest. Rings are shafts, dots are balls.</figcaption>
    </figure>
  )
} // prettier-ignore
