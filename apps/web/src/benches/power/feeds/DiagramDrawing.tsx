import { ITEM_HALF, layOutDiagram, type Diagram, type DiagramItem } from '@lochmoor/core'
import { useWidth } from '../../bench/useWidth.ts'

const LEAST_WIDTH = 600
/** Room at either side for where a path begins and ends. */
const END_ROOM = 128

/** Feeds and relays as an electrician reads them: paths from left to right, terminals numbered. Made from the choices. */
export const DiagramDrawing = ({ diagram }: { diagram: Diagram }) => {
  const [ref, measured] = useWidth<HTMLDivElement>(LEAST_WIDTH)
  const laid = layOutDiagram(diagram, Math.max(LEAST_WIDTH, measured), END_ROOM)
  return (
    <div ref={ref} role="region" aria-label={`Drawing: ${diagram.title}`} tabIndex={0} className="overflow-x-auto border border-ink bg-sheet">
      <svg width={laid.width} height={laid.height} className="block" role="img" aria-label={inWords(diagram)}>
        {laid.links.map((l) => (
          <line key={l.relay} x1={l.x1} y1={l.y1} x2={l.x2} y2={l.y2} stroke="var(--ink-soft)" strokeDasharray="4 4" />
        ))}
        {laid.paths.map((p, i) => (
          <g key={i}>
            <line x1={laid.fromX} x2={laid.toX} y1={p.y} y2={p.y} stroke="var(--ink)" strokeWidth="1.5" />
            <circle cx={laid.fromX} cy={p.y} r="3" fill="var(--ink)" />
            <circle cx={laid.toX} cy={p.y} r="3" fill="var(--ink)" />
            <text x={laid.fromX - 8} y={p.y + 4} fontSize="12" fontWeight="600" textAnchor="end">
              {p.from}
            </text>
            <text x={laid.toX + 8} y={p.y + 4} fontSize="12" fontWeight="600">
              {p.to}
            </text>
            {p.placed.map((item, k) => (
              <g key={k} transform={`translate(${item.x} ${p.y})`}>
                <ItemSymbol kind={item.kind} />
                <text
                  y="-18"
                  fontSize="11"
                  fontWeight="600"
                  textAnchor="middle"
                  stroke="var(--sheet)"
                  strokeWidth="4"
                  paintOrder="stroke"
                  fill="var(--ink)"
                >
                  {item.label}
                </text>
                {item.left && (
                  <text x={-ITEM_HALF - 4} y="13" fontSize="11" textAnchor="end">
                    {item.left}
                  </text>
                )}
                {item.right && (
                  <text x={ITEM_HALF + 4} y="13" fontSize="11">
                    {item.right}
                  </text>
                )}
                {item.note && (
                  <text y="26" fontSize="10.5" fill="var(--ink-soft)" textAnchor="middle">
                    {item.note}
                  </text>
                )}
              </g>
            ))}
          </g>
        ))}
      </svg>
    </div>
  )
} // prettier-ignore

/** The same for those who do not see it. */
const inWords = ({ paths, title }: Diagram): string =>
  `${title}: ${paths.map((p) => [p.from, ...p.items.map((i) => `${i.label}${i.left ? ` from ${i.left}` : ''}${i.right ? ` to ${i.right}` : ''}${i.note ? `, ${i.note}` : ''}`), p.to].join(', ')).join('; ')}` // prettier-ignore

const box = { fill: 'var(--sheet)', stroke: 'var(--ink)', strokeWidth: 1.5 } as const

const ItemSymbol = ({ kind }: { kind: DiagramItem['kind'] }) => {
  switch (kind) {
    case 'fuse':
      return (
        <>
          <rect x="-13" y="-6" width="26" height="12" {...box} />
          <line x1="-13" x2="13" stroke="var(--ink)" strokeWidth="1.5" />
        </>
      )
    case 'switch':
    case 'contact':
      return (
        <>
          <rect x="-10" y="-6" width="20" height="12" fill="var(--sheet)" />
          <circle cx="-10" r="2.6" fill="var(--ink)" />
          <circle cx="10" r="2.6" fill="var(--ink)" />
          <line x1="-10" y1="0" x2="9" y2="-10" stroke="var(--ink)" strokeWidth="2" />
        </>
      )
    case 'coil':
      return (
        <>
          <rect x="-14" y="-9" width="28" height="18" {...box} />
          <line x1="-14" y1="9" x2="14" y2="-9" stroke="var(--ink)" strokeWidth="1.5" />
        </>
      )
    case 'diode':
      return (
        <>
          <path d="M-8 -8 L-8 8 L7 0 Z" {...box} />
          <line x1="7" x2="7" y1="-8" y2="8" stroke="var(--ink)" strokeWidth="2" />
        </>
      )
    case 'lamp':
      return (
        <>
          <circle r="10" {...box} />
          <path d="M-7 -7 L7 7 M-7 7 L7 -7" stroke="var(--ink)" strokeWidth="1.5" />
        </>
      )
    case 'motor':
      return (
        <>
          <circle r="12" {...box} />
          <text y="4.5" fontSize="12" fontWeight="700" textAnchor="middle">
            M
          </text>
        </>
      )
    case 'box':
      return <rect x={-ITEM_HALF} y="-12" width={2 * ITEM_HALF} height="24" {...box} />
  }
}
