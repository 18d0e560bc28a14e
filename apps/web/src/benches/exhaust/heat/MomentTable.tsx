import {
  EXHAUST_MOMENTS,
  fig,
  heatAtSpot,
  reversionAt,
  type Band,
  type ExhaustCase,
  type Family,
  type SensorSpot,
} from '@lochmoor/core'
import { FigureText } from '../../../fields/FigureText.tsx'
import { DataTable } from '../../bench/DataTable.tsx'

const Range = ({ band, family, decimals }: { band: Band; family: Family; decimals?: number }) => (
  <>
    <strong>
      <FigureText figure={fig(band.typical, family, decimals)} />
    </strong>
    <span className="block text-sm text-soft">
      <FigureText figure={fig(band.low, family, decimals)} /> to{' '}
      <FigureText figure={fig(band.high, family, decimals)} />
    </span>
  </>
)

/** Heat and delay at one spot, moment by moment. */
export const MomentTable = ({ c, spot, name }: { c: ExhaustCase; spot: SensorSpot; name: string }) => {
  const rows = EXHAUST_MOMENTS.flatMap((id) => {
    const h = heatAtSpot(c, spot, id)
    return h ? [{ id, h, back: id === 'idle' ? reversionAt(c, spot, id) : null }] : []
  })
  return (
    <section aria-label={`${name}, by operating condition`} className="mt-2">
      <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">{name}, by operating condition</h2>
      <DataTable
        name={`Heat and delay of ${name.toLowerCase()}`}
        rows={rows}
        keyOf={(r) => r.id}
        columns={[
          {
            head: 'Condition',
            cell: ({ h }) => (
              <>
                {h.moment.label}
                <span className="block text-sm text-soft">
                  <FigureText figure={fig(h.moment.speedRpm, 'engineSpeed')} />
                </span>
              </>
            ),
          },
          { head: 'Gas', right: true, cell: ({ h }) => <Range band={h.gasK} family="temperature" /> },
          { head: 'Wall and housing', right: true, cell: ({ h }) => <Range band={h.wallK} family="temperature" /> },
          {
            head: 'Cycle',
            right: true,
            cell: ({ h }) => <Range band={h.delay.cycleS} family="duration" decimals={0} />,
          },
          {
            head: 'Gas travel time',
            right: true,
            cell: ({ h }) => <FigureText figure={fig(h.delay.transportS, 'duration', 0)} />,
          },
          {
            head: 'Sensor and fuel film',
            right: true,
            cell: ({ h }) => <Range band={h.delay.lagS} family="duration" decimals={0} />,
          },
          {
            head: 'Total',
            right: true,
            cell: ({ h }) => <Range band={h.delay.totalS} family="duration" decimals={0} />,
          },
          {
            head: 'Minimum integral time',
            right: true,
            cell: ({ h }) => <Range band={h.delay.leastIntegralS} family="time" decimals={2} />,
          },
          {
            head: 'Reversion reach',
            right: true,
            cell: ({ back }) => (back ? <FigureText figure={fig(back.displacementM, 'bore', 0)} /> : 'not under load'),
          },
        ]}
      />
    </section>
  )
}
