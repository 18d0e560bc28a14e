import { clearTicks } from './clearLabels.ts'

/** A tick where it stands on the picture, and what is written at it. */
export interface ChartTick {
  readonly at: number
  readonly says: string | number
}

interface Props {
  readonly title: string
  /** Across, with its unit. */
  readonly across: string
  readonly width: number
  readonly height: number
  readonly margin: { readonly top: number; readonly right: number; readonly bottom: number; readonly left: number }
  readonly xTicks: readonly ChartTick[]
  readonly yTicks: readonly ChartTick[]
}

/** Title, hairlines and figures of a chart; its curves are drawn upon them. */
export const ChartAxes = ({ title, across, width, height, margin, xTicks, yTicks }: Props) => (
  <>
    <text x={10} y={18} fontSize="12.5" fontWeight="700">
      {title}
    </text>
    {yTicks.map(({ at, says }) => (
      <g key={says} transform={`translate(0 ${at})`}>
        <line x1={margin.left} x2={width - margin.right} stroke="var(--hair)" strokeWidth="0.8" />
        <text x={margin.left - 6} y={4} fontSize="12" textAnchor="end">
          {says}
        </text>
      </g>
    ))}
    {clearTicks(
      xTicks,
      (t) => t.at,
      (t) => String(t.says),
      12,
    ).map(({ at, says }) => (
      <text key={says} x={at} y={height - margin.bottom + 16} fontSize="12" textAnchor="middle">
        {says}
      </text>
    ))}
    <text x={width - margin.right} y={height - 4} fontSize="12" textAnchor="end">
      {across}
    </text>
  </>
)
