import { BEFORE_CUTTING, formatCut, outsideOf, type FittingPart, type HosePiece } from '@lochmoor/core'
import { useUnit } from '../../../store/preferences.ts'
import { useWidth } from '../../bench/useWidth.ts'

const HEIGHT = 190

/** One hose with its dimensions: what to cut, what the ends take up, and how long it is made up. */
export const HoseDrawing = ({ piece }: { piece: HosePiece }) => {
  const [ref, width] = useWidth<HTMLElement>(620)
  const bore = useUnit('bore')
  const mm = (m: number) => formatCut(m, bore)
  const { leg, hose } = piece
  const overM = piece.cutM + piece.takesUpM
  const cut = piece.assumed ? BEFORE_CUTTING[piece.assumed] : `cut ${mm(piece.cutM)}`
  const over = piece.assumed === 'length' ? 'length assumed' : `made up ${mm(overM)}`
  const [x0, x1] = [60, width - 60]
  const y = 98
  const end = 44
  const startTakesM = leg.start?.takesUpM ?? 0
  const endTakesM = leg.end?.takesUpM ?? 0
  return (
    <figure ref={ref} className="mt-3 border border-ink bg-sheet">
      <svg
        width={width}
        height={HEIGHT}
        role="img"
        className="block"
        aria-label={`${leg.name}: ${cut} of ${hose.name}, ${over}`}
      >
        <text x={10} y={19} fontSize="12.5" fontWeight="700">
          {leg.name}: {hose.name}, outside {mm(outsideOf(hose))}
        </text>
        <rect
          x={x0 + end}
          y={y - 9}
          width={x1 - x0 - 2 * end}
          height={18}
          fill="var(--wash)"
          stroke="var(--ink)"
          strokeWidth="1.8"
          strokeDasharray={piece.assumed ? '6 4' : undefined}
        />
        <End x={x0} y={y} fitting={leg.start} facing={-1} />
        <End x={x1} y={y} fitting={leg.end} facing={1} />
        <Dim x0={x0 + end} x1={x1 - end} y={y + 30} text={cut} strong={!piece.assumed} />
        <Dim x0={x0} x1={x1} y={y + 58} text={over} />
        <text x={x0} y={42} fontSize="11.5">
          {leg.start ? `${leg.start.angleDeg}°, takes up ${mm(startTakesM)}` : 'no end chosen'}
        </text>
        <text x={x1} y={42} fontSize="11.5" textAnchor="end">
          {leg.end ? `${leg.end.angleDeg}°, takes up ${mm(endTakesM)}` : 'no end chosen'}
        </text>
      </svg>
      <figcaption className="px-2.5 pb-2 text-sm leading-snug text-soft">
        {piece.assumed === 'length' ? (
          'Measure this leg: its length is assumed. '
        ) : piece.assumed === 'bends' ? (
          'Count the bends of this leg: every bend adds to the length to cut. '
        ) : (
          <Sum piece={piece} />
        )}{' '}
        {leg.start?.thread ? `Start: ${leg.start.name}, ${leg.start.thread}. ` : ''}
        {leg.end?.thread ? `End: ${leg.end.name}, ${leg.end.thread}.` : ''}
        {(leg.start?.angleDeg ?? 0) > 0 &&
          (leg.end?.angleDeg ?? 0) > 0 &&
          ' Both ends are angled: mark their angle to each other on the car before you tighten the second.'}
      </figcaption>
    </figure>
  )
}

/** How the length comes about, in words with figures. */
const Sum = ({ piece }: { piece: HosePiece }) => {
  const bore = useUnit('bore')
  const mm = (m: number) => formatCut(m, bore)
  const bendM = ((piece.bendsDeg * Math.PI) / 180) * (outsideOf(piece.hose) / 2)
  const drawnIn = piece.hose.kind === 'hard-tube' ? '' : ', 2 % extra because hose shortens under pressure'
  return `Path ${mm(piece.pathM)} + bends ${mm(bendM)} + slack ${mm(piece.slackM)}${drawnIn}, less ${mm(piece.takesUpM)} in the ends.`
}

const End = ({ x, y, fitting, facing }: { x: number; y: number; fitting: FittingPart | null; facing: -1 | 1 }) => {
  if (!fitting) return <path d={`M${x} ${y - 10}v20`} stroke="var(--unknown)" strokeWidth="2" strokeDasharray="3 3" />
  const turn = -facing * fitting.angleDeg
  return (
    <g transform={`translate(${x - facing * 44} ${y})`}>
      <rect x={facing < 0 ? -14 : 0} y={-11} width={14} height={22} fill="var(--ink-soft)" />
      <g transform={`translate(${facing * 14} 0) rotate(${turn})`}>
        <path d={`M0 0h${facing * 22}`} stroke="var(--ink)" strokeWidth="8" />
        <rect x={facing < 0 ? -30 : 22} y={-9} width={8} height={18} fill="var(--ink)" />
      </g>
    </g>
  )
}

const Dim = ({
  x0,
  x1,
  y,
  text,
  strong = false,
}: {
  x0: number
  x1: number
  y: number
  text: string
  strong?: boolean
}) => (
  <g stroke="var(--ink)" strokeWidth="1">
    <path d={`M${x0} ${y - 5}v10M${x1} ${y - 5}v10M${x0} ${y}H${x1}`} fill="none" />
    <text
      x={(x0 + x1) / 2}
      y={y + 4}
      fontSize="12.5"
      textAnchor="middle"
      fontWeight={strong ? 700 : 400}
      stroke="var(--sheet)"
      strokeWidth="5"
      paintOrder="stroke"
    >
      {text}
    </text>
  </g>
)
