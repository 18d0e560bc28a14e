import { fig, mostHeldDemandM3S, type FuelAssessment, type SolvedPoint } from '@lochmoor/core'
import { FigureText } from '../../../fields/FigureText.tsx'
import { StateMark } from '../../../marks/StateMark.tsx'
import { DataTable } from '../../bench/DataTable.tsx'
import { MomentsChart } from './MomentsChart.tsx'
import { stateOfMoment } from './stateOfMoment.ts'

interface Props {
  readonly assessment: FuelAssessment
  readonly shownId: string
  readonly onPoint: (pointId: string) => void
}

/** Beyond this the figure says nothing more. */
const PLENTY = 5

const reserveOf = ({ circuit, point }: SolvedPoint): number | null =>
  point.demandM3S > 0 ? mostHeldDemandM3S(circuit) / point.demandM3S - 1 : null

/** All moments the system must stand, in a chart and a table; the worst is marked. */
export const Moments = ({ assessment: { solved, verdicts }, shownId, onPoint }: Props) => {
  if (solved.length === 0) return null
  const worstId = verdicts.find((v) => v.pointId !== null && v.state !== 'ok')?.pointId ?? tightestId(solved)
  const pressure = (pa: number | null) => (pa === null ? 'none' : <FigureText figure={fig(pa, 'pressure')} />)
  return (
    <section aria-label="All operating conditions" className="mt-5">
      <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">All operating conditions</h2>
      <MomentsChart solved={solved} worstId={worstId} />
      <DataTable
        name="Operating conditions"
        rows={solved}
        keyOf={(s) => s.point.id}
        marked={(s) => s.point.id === worstId}
        columns={[
          {
            head: 'Condition',
            wide: true,
            cell: (s) => (
              <button
                type="button"
                aria-pressed={s.point.id === shownId}
                aria-label={`${s.point.label}${s.point.id === worstId ? ' (worst)' : ''}: show this condition`}
                className="text-left text-accent underline"
                onClick={() => onPoint(s.point.id)}
              >
                {s.point.label}
                {s.point.id === worstId && <span className="text-ink no-underline"> (worst)</span>}
              </button>
            ),
          },
          { head: 'At the pump', right: true, cell: (s) => <FigureText figure={fig(s.point.voltageV, 'voltage')} /> },
          {
            head: 'Engine uses',
            right: true,
            cell: (s) => <FigureText figure={fig(s.point.demandM3S, 'volumeFlow')} />,
          },
          {
            head: 'Returned',
            right: true,
            cell: (s) => <FigureText figure={fig(s.answer.returnFlowM3S, 'volumeFlow')} />,
          },
          { head: 'Set', right: true, cell: (s) => pressure(s.answer.effectiveSetPa) },
          { head: 'Rail', right: true, cell: (s) => pressure(s.answer.railPa) },
          {
            head: 'Reserve',
            right: true,
            cell: (s) => {
              const reserve = reserveOf(s)
              return reserve === null ? (
                ''
              ) : reserve > PLENTY ? (
                'plenty'
              ) : (
                <FigureText figure={fig(reserve, 'share', 0)} />
              )
            },
          },
          { head: 'State', unseenHead: true, cell: (s) => <StateMark state={stateOfMoment(s)} wordless /> },
        ]}
      />
    </section>
  )
}

const tightestId = (solved: readonly SolvedPoint[]): string | null =>
  solved.reduce<{ id: string; reserve: number } | null>((w, s) => {
    const reserve = reserveOf(s)
    return reserve !== null && (w === null || reserve < w.reserve) ? { id: s.point.id, reserve } : w
  }, null)?.id ?? null
