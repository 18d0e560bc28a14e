import { fig, type HarnessSection } from '@lochmoor/core'
import { FigureText } from '../../../fields/FigureText.tsx'

const MARGIN_MM = 12
const RULER_MM = 50

/** The ECU's case with its fixing holes and the room in front of its plug; on paper it is true to scale. */
export const FixingTemplate = ({ unit }: { unit: HarnessSection['unit'] }) => {
  const { lengthM, widthM, plugRoomM, holesLengthM, holesWidthM } = unit
  if (lengthM === null || widthM === null) return null
  const mm = (m: number): number => m * 1e3
  const [length, width, plug] = [mm(lengthM), mm(widthM), mm(plugRoomM ?? 0)]
  const [w, h] = [length + plug + 2 * MARGIN_MM, width + 2 * MARGIN_MM + 16]
  const middle = { x: MARGIN_MM + length / 2, y: MARGIN_MM + width / 2 }
  const holes =
    holesLengthM === null
      ? []
      : [-0.5, 0.5].flatMap((along) =>
          (holesWidthM ? [-0.5, 0.5] : [0]).map((across) => ({
            x: middle.x + along * mm(holesLengthM),
            y: middle.y + across * mm(holesWidthM ?? 0),
          })),
        )
  return (
    <section aria-label="Fixing template" className="mt-5">
      <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Fixing template</h2>
      <div className="overflow-x-auto">
        <svg
          role="img"
          aria-label="Case of the ECU with its fixing holes"
          width={`${w}mm`}
          height={`${h}mm`}
          viewBox={`0 0 ${w} ${h}`}
          className="h-auto max-w-full bg-sheet"
        >
          <rect
            x={MARGIN_MM}
            y={MARGIN_MM}
            width={length}
            height={width}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={0.5}
          />
          {plug > 0 && (
            <>
              <rect
                x={MARGIN_MM + length}
                y={MARGIN_MM}
                width={plug}
                height={width}
                fill="none"
                stroke="var(--ink)"
                strokeWidth={0.3}
                strokeDasharray="2 1.5"
              />
              <text x={MARGIN_MM + length + plug / 2} y={middle.y} fontSize={4} textAnchor="middle" fill="var(--ink)">
                plug, bend
              </text>
            </>
          )}
          {holes.map((at) => (
            <g key={`${at.x} ${at.y}`} stroke="var(--ink)" strokeWidth={0.3}>
              <circle cx={at.x} cy={at.y} r={2.5} fill="none" />
              <path d={`M${at.x - 4},${at.y}h8M${at.x},${at.y - 4}v8`} />
            </g>
          ))}
          <path
            d={`M${MARGIN_MM},${h - 8}h${RULER_MM}m0,-2v4m-${RULER_MM},0v-4`}
            stroke="var(--ink)"
            strokeWidth={0.4}
            fill="none"
          />
          <text x={MARGIN_MM + RULER_MM + 3} y={h - 6.5} fontSize={4} fill="var(--ink)">
            50 mm
          </text>
        </svg>
      </div>
      <p className="py-1 text-sm leading-snug text-soft">
        {holes.length === 0 ? (
          'Enter the distance of its fixing holes. '
        ) : (
          <>
            {holes.length} holes, <FigureText figure={fig(holesLengthM!, 'bore', 0)} />
            {holesWidthM ? (
              <>
                {' by '}
                <FigureText figure={fig(holesWidthM, 'bore', 0)} />
              </>
            ) : null}{' '}
            centre to centre.{' '}
          </>
        )}
        True to scale on the harness sheet (PDF); look behind the panel before you drill.
      </p>
    </section>
  )
}
