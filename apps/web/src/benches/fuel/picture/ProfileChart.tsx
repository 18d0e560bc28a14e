import { formatQuantity, fromSi, toSi, type OperatingPoint, type ProfilePiece, type SolvedPoint } from '@lochmoor/core'
import { scaleLinear } from 'd3-scale'
import { line } from 'd3-shape'
import { useUnit } from '../../../store/preferences.ts'
import { PartGlyph } from './PartGlyph.tsx'
import { placePieces, pressureDomain, type PlacedPiece } from './profileLayout.ts'
import { useWidth } from '../../bench/useWidth.ts'

const HEIGHT = 306
const MARGIN = { top: 26, right: 14, bottom: 88, left: 50 }

interface Props {
  readonly pieces: readonly ProfilePiece[]
  readonly solved: SolvedPoint | null
  readonly title: string
  readonly point: OperatingPoint
}

/** Pressure from the tank to the rail and back, lines drawn to length, in the manner of an engineering sheet. */
export const ProfileChart = ({ pieces, solved, title, point }: Props) => {
  const [ref, width] = useWidth<HTMLElement>(620)
  return (
    <figure ref={ref} className="border border-ink bg-sheet" aria-label="Pressure along the circuit">
      {pieces.length > 0 && solved ? (
        <Sheet pieces={pieces} solved={solved} width={width} title={title} point={point} />
      ) : (
        <p className="grid h-[306px] place-items-center p-6 text-center text-soft">
          {solved
            ? 'Starved: at this demand rail pressure would be at or below atmospheric. There is no pressure to draw; the flows beside show where it stops.'
            : 'No picture yet: the assessment says what is missing.'}
        </p>
      )}
    </figure>
  )
}

const Sheet = ({ pieces, solved, width, title, point }: Props & { solved: SolvedPoint; width: number }) => {
  const unit = useUnit('pressure')
  const distance = useUnit('distance')
  const { answer } = solved
  const { placed, pxPerM } = placePieces(pieces, MARGIN.left + 4, width - MARGIN.right)
  const setPa = answer.effectiveSetPa
  const [low, high] = pressureDomain([...pieces.flatMap((p) => [p.fromPa, p.toPa]), setPa])
  const baseY = HEIGHT - MARGIN.bottom
  const y = scaleLinear([low, high], [baseY, MARGIN.top])
  const shownAxis = scaleLinear([fromSi(low, unit), fromSi(high, unit)], [baseY, MARGIN.top])
  const path = line<readonly [number, number]>()(
    placed.flatMap((p) => [[p.x0, y(p.fromPa)] as const, [p.x1, y(p.toPa)] as const]),
  )
  const text = (pa: number) => formatQuantity(pa, unit)
  const regulated = placed.find((p) => p.part === (solved.circuit.regulator.type === 'return' ? 'rail' : 'regulator'))
  const lifted = answer.state === 'lifted'
  const troubled = lifted || answer.state === 'not-held'
  const summary = `${title}, ${point.label}: ${pieces.map((p) => `${p.part} ${text(p.toPa)}`).join(', ')}; set pressure ${text(setPa)}`

  return (
    <svg width={width} height={HEIGHT} role="img" aria-label={summary} className="block">
      {shownAxis.ticks(5).map((tick) => {
        const at = y(toSi(tick, unit))
        return (
          <g key={tick}>
            <line x1={MARGIN.left} x2={width - MARGIN.right} y1={at} y2={at} stroke="var(--hair)" strokeWidth="0.8" />
            <text x={MARGIN.left - 7} y={at + 4} textAnchor="end" fontSize="12">
              {tick}
            </text>
          </g>
        )
      })}
      <text x={MARGIN.left - 7} y={15} textAnchor="end" fontSize="12" fontWeight="700">
        {unit.label}
      </text>

      <line
        x1={MARGIN.left}
        x2={width - MARGIN.right}
        y1={y(setPa)}
        y2={y(setPa)}
        stroke="var(--accent)"
        strokeWidth="1.4"
        strokeDasharray="9 4"
      />
      <text x={MARGIN.left + 5} y={y(setPa) - 5} fontSize="12.5" fontWeight="600" style={{ fill: 'var(--accent)' }}>
        set {text(setPa)}
      </text>
      {regulated && troubled && answer.regulatedPa !== null && (
        <line
          x1={(regulated.x0 + regulated.x1) / 2}
          x2={(regulated.x0 + regulated.x1) / 2}
          y1={y(setPa)}
          y2={y(answer.regulatedPa)}
          stroke="var(--stop)"
          strokeWidth="7"
          opacity="0.55"
        />
      )}
      <path d={path ?? ''} fill="none" stroke="var(--ink)" strokeWidth="2.6" strokeLinejoin="round" />
      <Leaders placed={placed} y={y} text={text} setY={y(setPa)} rightX={width - MARGIN.right} />

      <line x1={MARGIN.left} x2={width - MARGIN.right} y1={y(0)} y2={y(0)} stroke="var(--ink)" strokeWidth="0.8" />
      {placed.map((p, i) => (
        <PartGlyph key={i} piece={p} y={baseY + 20} />
      ))}
      {placed
        .filter((p) => p.part === 'feed' || p.part === 'return')
        .map((p) => (
          <Dimension key={p.part} piece={p} y={baseY + 41} text={`${p.part} ${formatQuantity(p.lengthM, distance)}`} />
        ))}
      <TitleBlock
        width={width}
        lines={[title, `${point.label}, ${point.voltageV.toFixed(1)} V`, pxPerM > 0 ? 'lines to scale' : '']}
      />
    </svg>
  )
}

/** Pressures written at the points people ask about, kept off the curve. */
interface LeaderProps {
  readonly placed: readonly PlacedPiece[]
  readonly y: (pa: number) => number
  readonly text: (pa: number) => string
  readonly setY: number
  readonly rightX: number
}

const Leaders = ({ placed, y, text, setY, rightX }: LeaderProps) => {
  const pump = placed.find((p) => p.part === 'pump')
  const rail = placed.find((p) => p.part === 'rail')
  const regulator = placed.find((p) => p.part === 'regulator')
  const back = placed.some((p) => p.part === 'return') && regulator
  return (
    <g fontSize="13" fontWeight="650">
      {pump && <Note x={pump.x1} y={y(pump.toPa)} text={`pump ${text(pump.toPa)}`} setY={setY} rightX={rightX} />}
      {rail && <Note x={rail.x1} y={y(rail.toPa)} text={`rail ${text(rail.toPa)}`} setY={setY} rightX={rightX} />}
      {back && <Note x={back.x1} y={y(back.toPa)} text={`return ${text(back.toPa)}`} setY={setY} rightX={rightX} />}
    </g>
  )
}

interface NoteProps {
  readonly x: number
  readonly y: number
  readonly text: string
  readonly setY: number
  readonly rightX: number
}

const PX_PER_LETTER = 6.8

/** A pressure at a point: above it, or below where the dashed set line runs just above; kept on the sheet. */
const Note = ({ x, y, text, setY, rightX }: NoteProps) => {
  const underSetLine = y > setY + 1 && y - setY < 22
  const end = x + 8 + text.length * PX_PER_LETTER > rightX
  return (
    <>
      <circle cx={x} cy={y} r="3.4" fill="var(--sheet)" stroke="var(--ink)" strokeWidth="1.8" />
      <text
        x={end ? Math.min(rightX, x + 8) : x + (underSetLine ? 14 : 7)}
        y={underSetLine ? y + 19 : y - 9}
        textAnchor={end ? 'end' : 'start'}
        stroke="var(--sheet)"
        strokeWidth="4"
        paintOrder="stroke"
        strokeLinejoin="round"
      >
        {text}
      </text>
    </>
  )
}

/** A dimension line with ticks at both ends. */
const Dimension = ({ piece, y, text }: { piece: PlacedPiece; y: number; text: string }) => (
  <g stroke="var(--ink-soft)" strokeWidth="0.9">
    <path
      d={`M${piece.x0} ${y - 5}V${y + 5}M${piece.x1} ${y - 5}V${y + 5}M${piece.x0} ${y}H${piece.x1}M${piece.x0 - 3} ${y + 3}l6 -6M${piece.x1 - 3} ${y + 3}l6 -6`}
      fill="none"
    />
    <text x={(piece.x0 + piece.x1) / 2} y={y + 15} textAnchor="middle" fontSize="12" stroke="none">
      {text}
    </text>
  </g>
)

const TitleBlock = ({ width, lines }: { width: number; lines: readonly string[] }) => {
  const y = HEIGHT - 23
  return (
    <g fontSize="12">
      <line x1={0} x2={width} y1={y} y2={y} stroke="var(--ink)" strokeWidth="1" />
      <text x={10} y={y + 16} fontWeight="700">
        {lines[0]}
      </text>
      <text x={width / 2} y={y + 16} textAnchor="middle">
        {lines[1]}
      </text>
      <text x={width - 10} y={y + 16} textAnchor="end" style={{ fill: 'var(--ink-soft)' }}>
        {lines[2]}
      </text>
    </g>
  )
}
