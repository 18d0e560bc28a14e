import { describePath, type JobDocument } from '@lochmoor/core'
import { cylindersOf, zonesOf, type Zone } from './carPlan.ts'
import type { WalkTo } from './useWalkTo.ts'

/** The car from above, with what is known of each part of it. Pressing a part leads to its entries. */
export const CarPlan = ({ job, to }: { job: JobDocument; to: WalkTo }) => {
  const { vehicle } = job
  const { style } = job.walkAround.body
  const { words } = describePath('walkAround.body.style', job)
  const zones = zonesOf(job)
  return (
    <figure className="border border-ink bg-sheet">
      <svg viewBox="0 0 680 300" role="group" aria-label={`Plan of ${vehicle.title}: what is known`} className="w-full">
        <g transform="translate(20 14)">
          <Body />
          {zones.map((z) => (
            <ZoneBox key={z.groupId} zone={z} to={to} />
          ))}
          <Cylinders job={job} zone={zones.find((z) => z.groupId === 'engine')!} />
        </g>
        <text x={20} y={286} fontSize={12}>
          {[vehicle.title, vehicle.year, style && words?.[style]?.toLowerCase()].filter(Boolean).join(', ')}
        </text>
        <text x={660} y={286} fontSize={12} textAnchor="end" style={{ fill: 'var(--ink-soft)' }}>
          front to the left; solid: all known, dashed: something missing
        </text>
      </svg>
    </figure>
  )
}

const Body = () => (
  <g fill="none" stroke="var(--hair)" strokeWidth={2}>
    <path d="M8 60 Q0 120 8 180 Q20 234 90 238 L560 238 Q632 232 638 180 Q644 120 638 60 Q632 8 560 2 L90 2 Q20 6 8 60 Z" />
    <path d="M266 10 Q252 120 266 230 M508 10 Q522 120 508 230" />
    {[110, 500].map((x) => (
      <g key={x} fill="var(--hair)" stroke="none">
        <rect x={x} y={-6} width={56} height={9} rx={3} />
        <rect x={x} y={237} width={56} height={9} rx={3} />
      </g>
    ))}
  </g>
)

const ZoneBox = ({ zone, to }: { zone: Zone; to: WalkTo }) => {
  const { groupId, known, of, title, h, w, x, y } = zone
  const done = known === of
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={`${title}: ${known} of ${of} known`}
      className="cursor-pointer"
      onClick={() => to.group(groupId)}
      onKeyDown={(e) => {
        if (e.key === 'Enter' || e.key === ' ') {
          e.preventDefault()
          to.group(groupId)
        }
      }}
    >
      <rect
        x={x}
        y={y}
        width={w}
        height={h}
        fill="var(--sheet)"
        stroke={done ? 'var(--ink)' : 'var(--ink-soft)'}
        strokeWidth={done ? 2 : 1.4}
        strokeDasharray={done ? undefined : '5 3'}
      />
      <rect x={x + 4} y={y + h - 8} width={w - 8} height={4} fill="var(--wash)" />
      <rect x={x + 4} y={y + h - 8} width={((w - 8) * known) / Math.max(1, of)} height={4} fill="var(--accent)" />
      <text x={x + 5} y={y + 14} fontSize={11.5} fontWeight={700}>
        {title}
      </text>
      {/* Under the name, which is long in some words; the engine has its cylinders there. */}
      <text
        x={x + w - 5}
        y={y + (groupId === 'engine' ? 14 : 27)}
        fontSize={10}
        textAnchor="end"
        style={{ fill: 'var(--ink-soft)' }}
      >
        {known}/{of}
      </text>
    </g>
  )
}

/** The cylinders by the numbers that the maker gave them. */
const Cylinders = ({ job, zone: { h, w, x, y } }: { job: JobDocument; zone: Zone }) => (
  <g aria-hidden pointerEvents="none">
    {cylindersOf(job).map((c) => {
      const [cx, cy] = [x + 4 + c.x * (w - 36), y + 17 + c.y * (h - 28)]
      return (
        <g key={c.number}>
          <circle cx={cx} cy={cy} r={9} fill="var(--paper)" stroke="var(--ink)" />
          <text x={cx} y={cy + 4} fontSize={11.5} textAnchor="middle" fontWeight={700}>
            {c.number}
          </text>
        </g>
      )
    })}
  </g>
)
