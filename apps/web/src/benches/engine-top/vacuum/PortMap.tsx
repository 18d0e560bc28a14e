import { counted, fig, figureText, portMapOf, type PortOnMap, type VacuumOfJob } from '@lochmoor/core'
import { usePreferences } from '../../../store/preferences.ts'
import { useWidth } from '../../bench/useWidth.ts'
import { wrapWords } from '../wrapWords.ts'

const LINE = 15
const TOP = 34
const RING_MOST = 13
const GAP = 14

const IS_WORDS: Readonly<Record<PortOnMap['is'], string>> = {
  used: '',
  capped: 'capped',
  kept: 'kept by the system',
  'not measured': 'not measured',
}
const ON_WORDS = { 'throttle-body': 'throttle body', manifold: 'manifold' } as const
const BY_WORDS = {
  own: '',
  tee: 'by a tee',
  drilled: 'port to be drilled',
  dropped: 'left off',
  nothing: 'no port',
} as const

/** Ports on the left with their bores to one scale, consumers on the right, a hose between them. */
export const PortMap = ({ vacuum }: { vacuum: VacuumOfJob }) => {
  const [ref, width] = useWidth<HTMLElement>(560)
  const units = usePreferences((s) => s.units)
  const bore = (m: number) => figureText(fig(m, 'bore', 1), units)
  const { consumers, ports } = portMapOf(vacuum)
  const letters = Math.max(12, Math.floor((width * 0.36) / 7.4))
  const widest = Math.max(...ports.map((p) => p.boreM ?? 0), 1e-3)
  const ringOf = (boreM: number | null) => (boreM === null ? 4 : Math.max(3, (boreM / widest) * RING_MOST))
  const linesOf = (name: string, ...notes: readonly string[]): Line[] => [
    ...wrapWords(name, letters).map((text) => ({ text, soft: false })),
    ...wrapWords(notes.filter(Boolean).join(', '), letters).flatMap((text) => (text === '' ? [] : [{ text, soft: true }])),
  ]
  const stacked = (rows: readonly Line[][]) => {
    let y = TOP
    return rows.map((lines) => {
      const at = { lines, y, middle: y + (Math.max(2, lines.length) * LINE) / 2 }
      y += Math.max(2, lines.length) * LINE + GAP
      return at
    })
  }
  const left = stacked(ports.map((p) => linesOf(p.name, p.boreM === null ? '' : bore(p.boreM), ON_WORDS[p.on], p.kind === 'ported' ? 'ported' : '', IS_WORDS[p.is])))
  const right = stacked(consumers.map((c) => linesOf(c.name, `${bore(c.boreM)}${c.assumed ? ' assumed' : ''}`, BY_WORDS[c.by])))
  const height = Math.max(...left.map((l) => l.y + l.lines.length * LINE), ...right.map((l) => l.y + l.lines.length * LINE), TOP) + 26
  const [x1, x2] = [width * 0.38 + RING_MOST, width * 0.62 - RING_MOST]
  const lost = consumers.filter((c) => c.port === null).length
  return (
    <figure ref={ref} className="mb-3 border border-ink bg-sheet">
      <svg
        width={width}
        height={height}
        role="img"
        aria-label={`Plan of the vacuum hoses: ${counted(ports.length, 'port')}, ${counted(consumers.length, 'consumer')}, ${lost} without a port`}
        className="block"
      >
        <text x={10} y={18} fontSize="12.5" fontWeight="700">
          Ports
        </text>
        <text x={width - 10} y={18} fontSize="12.5" fontWeight="700" textAnchor="end">
          Consumers
        </text>
        {consumers.map((c, i) => {
          if (c.port === null) return null
          const [from, to] = [left[c.port]!.middle, right[i]!.middle]
          const bend = (x2 - x1) / 2
          const ported = ports[c.port]!.kind === 'ported'
          return (
            <path
              key={c.id}
              data-hose={c.by}
              d={`M${x1} ${from}C${x1 + bend} ${from} ${x2 - bend} ${to} ${x2} ${to}`}
              fill="none"
              stroke="var(--ink)"
              strokeWidth={Math.max(1.6, ringOf(c.boreM) / 2.4)}
              strokeDasharray={ported ? '6 4' : undefined}
            />
          )
        })}
        {ports.map((p, i) => (
          <g key={p.id} data-port={p.is}>
            <Lines lines={left[i]!.lines} x={x1 - RING_MOST - 8} y={left[i]!.y} anchor="end" />
            <circle cx={x1} cy={left[i]!.middle} r={ringOf(p.boreM)} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={2} strokeDasharray={p.is === 'not measured' ? '3 3' : undefined} />
            {(p.is === 'capped' || p.is === 'kept') && <path d={`M${x1 + ringOf(p.boreM) + 4} ${left[i]!.middle - 8}v16`} stroke="var(--ink)" strokeWidth={p.is === 'capped' ? 5 : 2} />}
          </g>
        ))}
        {consumers.map((c, i) => (
          <g key={c.id} data-consumer={c.by}>
            <Lines lines={right[i]!.lines} x={x2 + RING_MOST + 8} y={right[i]!.y} anchor="start" />
            {c.port === null ? (
              <path d={`M${x2 - 7} ${right[i]!.middle - 7}l14 14m0 -14l-14 14`} stroke="var(--stop)" strokeWidth={3} />
            ) : (
              <circle cx={x2} cy={right[i]!.middle} r={ringOf(c.boreM)} fill="var(--ink)" />
            )}
          </g>
        ))}
      </svg>
      <figcaption className="px-2.5 pb-2 text-sm text-soft">
        Rings: bores of the ports, to one scale. Dots: bores that are needed. Dashed: ported. Bar: capped. Cross: no port.
      </figcaption>
    </figure>
  )
} // prettier-ignore

interface Line {
  readonly text: string
  readonly soft: boolean
}
interface LinesProps {
  readonly lines: readonly Line[]
  readonly x: number
  readonly y: number
  readonly anchor: 'start' | 'end'
}
const Lines = ({ lines, x, y, anchor }: LinesProps) => (
  <>
    {lines.map((line, i) => (
      <text
        key={i}
        x={x}
        y={y + (i + 1) * LINE - 3}
        fontSize="12.5"
        textAnchor={anchor}
        fontWeight={line.soft ? 400 : 700}
        fill={line.soft ? 'var(--ink-soft)' : 'var(--ink)'}
      >
        {line.text}
      </text>
    ))}
  </>
)
