import { formatQuantity, fromSi, pumpFlowAt, pumpRiseAt, requiredRisePa, toSi, type SolvedPoint } from '@lochmoor/core'
import { range } from 'd3-array'
import { scaleLinear } from 'd3-scale'
import { line } from 'd3-shape'
import { useUnit } from '../../../store/preferences.ts'
import { useWidth } from '../../bench/useWidth.ts'

const HEIGHT = 262
const MARGIN = { top: 30, right: 14, bottom: 40, left: 50 }
const SAMPLES = 90

/** Pump curve, the system's own curve, what the engine takes, and where they meet. */
export const PumpChart = ({ solved }: { solved: SolvedPoint | null }) => {
  const [ref, width] = useWidth<HTMLElement>(360)
  return (
    <figure ref={ref} className="border border-ink bg-sheet" aria-label="Pump against system">
      {solved ? (
        <Curves solved={solved} width={width} />
      ) : (
        <p className="grid h-[262px] place-items-center p-4 text-soft">No pump curve yet.</p>
      )}
    </figure>
  )
}

type Xy = readonly [flowM3S: number, pressurePa: number]

const Curves = ({ solved, width }: { solved: SolvedPoint; width: number }) => {
  const pressure = useUnit('pressure')
  const flow = useUnit('volumeFlow')
  const { answer, circuit, point } = solved
  const { curve } = circuit.pump
  const mostFlow = 1.08 * Math.max(pumpFlowAt(curve, 0), point.demandM3S, answer.pumpFlowM3S)
  const shutOffPa = pumpRiseAt(curve, 0)
  const mostPa = Math.max(1.06 * shutOffPa, 1.15 * answer.effectiveSetPa)
  const x = scaleLinear([0, mostFlow], [MARGIN.left, width - MARGIN.right])
  const y = scaleLinear([0, mostPa], [HEIGHT - MARGIN.bottom, MARGIN.top])
  const path = line<Xy>()
    .defined(([, p]) => p >= 0 && p <= mostPa)
    .x(([q]) => x(q))
    .y(([, p]) => y(p))
  const flows = range(SAMPLES + 1).map((i) => (i / SAMPLES) * mostFlow)
  const pump: Xy[] = [...flows, ...curve.map((c) => c.flowM3S)]
    .sort((a, b) => a - b)
    .map((q) => [q, pumpRiseAt(curve, q)])
  const system: Xy[] = flows.map((q) => [q, requiredRisePa(circuit, q)])
  const risePa =
    answer.pumpOutletPa === null || answer.pumpInletPa === null ? null : answer.pumpOutletPa - answer.pumpInletPa
  const short = answer.state === 'not-held' || answer.state === 'starved'
  const ticks = (unit: typeof pressure, most: number, count: number) =>
    scaleLinear([0, fromSi(most, unit)], [0, 1]).ticks(count)
  const labelled = (p: Xy[], share: number): Xy =>
    p.filter(([, pa]) => pa >= 0 && pa <= mostPa)[Math.floor(share * p.length)] ?? p[0]!
  const pumpLabel = labelled(pump, 0.12)

  return (
    <svg
      width={width}
      height={HEIGHT}
      role="img"
      className="block"
      aria-label={`Pump at ${point.voltageV.toFixed(1)} V against the system: ${formatQuantity(answer.pumpFlowM3S, flow)}${risePa === null ? '' : ` at ${formatQuantity(risePa, pressure)}`}, engine uses ${formatQuantity(point.demandM3S, flow)}`}
    >
      <text x={10} y={19} fontSize="12.5" fontWeight="700">
        Pump against system
      </text>
      {ticks(pressure, mostPa, 5).map((t) => (
        <g key={t} transform={`translate(0 ${y(toSi(t, pressure))})`}>
          <line x1={MARGIN.left} x2={width - MARGIN.right} stroke="var(--hair)" strokeWidth="0.8" />
          <text x={MARGIN.left - 7} y={4} textAnchor="end" fontSize="12">
            {t}
          </text>
        </g>
      ))}
      {ticks(flow, mostFlow, width < 340 ? 4 : 6).map((t) => (
        <text key={t} x={x(toSi(t, flow))} y={HEIGHT - MARGIN.bottom + 16} textAnchor="middle" fontSize="12">
          {t}
        </text>
      ))}
      <text x={width - MARGIN.right} y={HEIGHT - 8} textAnchor="end" fontSize="12">
        pump flow, {flow.label}
      </text>
      <text x={8} y={HEIGHT - 8} fontSize="12">
        rise, {pressure.label}
      </text>
      <path
        d={`M${MARGIN.left} ${MARGIN.top}V${HEIGHT - MARGIN.bottom}H${width - MARGIN.right}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="1"
      />

      <line
        x1={x(point.demandM3S)}
        x2={x(point.demandM3S)}
        y1={MARGIN.top}
        y2={HEIGHT - MARGIN.bottom}
        stroke="var(--ink-soft)"
        strokeWidth="1.3"
        strokeDasharray="2 4"
      />
      <text x={x(point.demandM3S) + 5} y={HEIGHT - MARGIN.bottom - 7} fontSize="12" style={{ fill: 'var(--ink-soft)' }}>
        engine uses
      </text>
      <path d={path(system) ?? ''} fill="none" stroke="var(--accent)" strokeWidth="2.2" strokeDasharray="9 4" />
      <path d={path(pump) ?? ''} fill="none" stroke="var(--ink)" strokeWidth="2.6" />
      <g
        fontSize="12.5"
        fontWeight="650"
        stroke="var(--sheet)"
        strokeWidth="4"
        paintOrder="stroke"
        strokeLinejoin="round"
      >
        <text x={x(pumpLabel[0]) + 8} y={y(pumpLabel[1]) - 4}>
          pump, {point.voltageV.toFixed(1)} V
        </text>
        <text
          x={width - MARGIN.right - 4}
          y={Math.min(
            HEIGHT - MARGIN.bottom - 26,
            Math.max(MARGIN.top + 14, y(Math.min(mostPa, requiredRisePa(circuit, mostFlow))) - 8),
          )}
          textAnchor="end"
          style={{ fill: 'var(--accent)' }}
        >
          system
        </text>
      </g>
      {risePa !== null && risePa >= 0 && (
        <g>
          {short && (
            <line
              x1={x(answer.pumpFlowM3S)}
              x2={x(answer.pumpFlowM3S)}
              y1={y(risePa)}
              y2={y(Math.min(mostPa, requiredRisePa(circuit, answer.pumpFlowM3S)))}
              stroke="var(--stop)"
              strokeWidth="6"
              opacity="0.55"
            />
          )}
          <circle
            cx={x(answer.pumpFlowM3S)}
            cy={y(risePa)}
            r="6.5"
            fill="var(--sheet)"
            stroke="var(--ink)"
            strokeWidth="2.4"
          />
          <circle cx={x(answer.pumpFlowM3S)} cy={y(risePa)} r="1.8" fill="var(--ink)" />
        </g>
      )}
    </svg>
  )
}
