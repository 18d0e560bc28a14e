import type { PlacedPiece } from './profileLayout.ts'

const stroke = { fill: 'none', stroke: 'var(--ink)', strokeWidth: 1.6 } as const

/** A small drawing of each part on the ground line below the curve, with its name where there is room. */
export const PartGlyph = ({ piece, y }: { piece: PlacedPiece; y: number }) => {
  const { part, x0, x1 } = piece
  const x = (x0 + x1) / 2
  const wide = x1 - x0 >= part.length * 5.4
  return (
    <g>
      <path d={`M${x0} ${y}H${x1}`} {...stroke} strokeWidth={part === 'feed' || part === 'return' ? 2.6 : 1.2} />
      <Drawing part={part} x={x} y={y} />
      {wide && part !== 'feed' && part !== 'return' && (
        <text x={x} y={y + 24} textAnchor="middle" fontSize="11">
          {part}
        </text>
      )}
    </g>
  )
}

const Drawing = ({ part, x, y }: { part: PlacedPiece['part']; x: number; y: number }) => {
  switch (part) {
    case 'tank':
      return (
        <path
          d={`M${x - 10} ${y - 9}V${y + 9}H${x + 10}V${y - 9}M${x - 10} ${y - 3}H${x + 10}`}
          {...stroke}
          fill="var(--sheet)"
        />
      )
    case 'strainer':
      return (
        <path
          d={`M${x - 7} ${y - 8}H${x + 7}V${y + 8}H${x - 7}Z M${x - 7} ${y - 3}H${x + 7}M${x - 7} ${y + 3}H${x + 7}M${x} ${y - 8}V${y + 8}`}
          {...stroke}
          fill="var(--sheet)"
          strokeWidth={1.1}
        />
      )
    case 'pump':
      return (
        <>
          <circle cx={x} cy={y} r="11" {...stroke} fill="var(--sheet)" />
          <path d={`M${x - 5} ${y - 6}L${x + 7} ${y}L${x - 5} ${y + 6}Z`} fill="var(--ink)" />
        </>
      )
    case 'filter':
      return (
        <path
          d={`M${x} ${y - 11}L${x + 12} ${y}L${x} ${y + 11}L${x - 12} ${y}Z M${x} ${y - 11}V${y + 11}`}
          {...stroke}
          fill="var(--sheet)"
          strokeDasharray="3 0"
        />
      )
    case 'rail':
      return (
        <path
          d={`M${x - 14} ${y - 5}H${x + 14}V${y + 5}H${x - 14}Z M${x - 8} ${y + 5}v6M${x} ${y + 5}v6M${x + 8} ${y + 5}v6`}
          {...stroke}
          fill="var(--sheet)"
        />
      )
    case 'regulator':
      return (
        <path
          d={`M${x - 10} ${y - 7}L${x} ${y}L${x - 10} ${y + 7}Z M${x + 10} ${y - 7}L${x} ${y}L${x + 10} ${y + 7}Z M${x} ${y}V${y - 10}M${x - 6} ${y - 10}H${x + 6}`}
          {...stroke}
          fill="var(--sheet)"
        />
      )
    default:
      return null
  }
}
