import {
  EXHAUST_MOMENTS,
  fig,
  jointsOf,
  jointWords,
  leakAt,
  leakPlaceShare,
  momentOf,
  type ExhaustCase,
  type Joint,
  type RunId,
  type SensorSpot,
} from '@lochmoor/core'
import { useState } from 'react'
import { ChoiceField } from '../../../fields/ChoiceField.tsx'
import { FigureText } from '../../../fields/FigureText.tsx'
import { QuantityField } from '../../../fields/QuantityField.tsx'
import { DataTable } from '../../bench/DataTable.tsx'
import { ShownLambda } from './ShownLambda.tsx'
import { RUN_SHORT } from '../words.ts'

const SHOWN = EXHAUST_MOMENTS.filter((m) => m !== 'hard')

const AHEAD = 'ahead'
const keyOf = (j: Joint): string => `${j.run} ${j.pieceId}`

interface Props {
  readonly c: ExhaustCase
  readonly run: RunId
  readonly spot: SensorSpot | null
  /** Of the leaks found; 0 where none is. */
  readonly foundM: number
  readonly cylinders: number
}

/** What a hole ahead of the sensor does, at idle, cruise and full load. */
export const LeakPanel = ({ c, run, spot, foundM, cylinders }: Props) => {
  const [place, setPlace] = useState(AHEAD)
  const joints = spot ? jointsOf(c.runs) : []
  const joint = joints.find((j) => keyOf(j) === place) ?? null
  const [tried, setTried] = useState<number | null>(null)
  const holeM = tried ?? (foundM > 0 ? foundM : 0.003)
  const rows = SHOWN.map((id) => {
    const moment = momentOf(c, id)
    const share = spot && joint ? leakPlaceShare(c, spot, joint, moment) : 1
    return { id, moment, leak: leakAt(c, run, holeM, moment, undefined, share) }
  })
  return (
    <section aria-label="A leak ahead of the sensor" className="mb-4">
      <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">A leak ahead of the sensor</h2>
      <div className="max-w-md">
        <QuantityField
          label="Hole, as a round hole"
          path="exhaust.common.*.leakM"
          value={tried}
          assumed={holeM}
          assumedWord={foundM > 0 ? 'all leaks found, as one hole' : 'to try with'}
          onChange={setTried}
        />
        {joints.length > 0 && (
          <ChoiceField
            label="Location"
            value={joint ? place : AHEAD}
            options={[
              [AHEAD, 'Ahead of the sensor'],
              ...joints.map((j) => [keyOf(j), `${RUN_SHORT[j.run]}: ${jointWords(j)}`] as const),
            ]}
            onChange={setPlace}
          />
        )}
      </div>
      <DataTable
        name="False air by operating condition"
        rows={rows}
        keyOf={(r) => r.id}
        columns={[
          { head: 'Condition', cell: (r) => r.moment.label },
          {
            head: `False air, share of ${cylinders} cylinders’ air`,
            right: true,
            cell: (r) => (
              <>
                <FigureText figure={fig(r.leak.share.typical, 'share', 1)} />
                <span className="block text-sm text-soft">
                  <FigureText figure={fig(r.leak.share.low, 'share', 1)} /> to{' '}
                  <FigureText figure={fig(r.leak.share.high, 'share', 1)} />
                </span>
              </>
            ),
          },
          {
            head: 'Sensor reads, loop open',
            right: true,
            cell: (r) => <ShownLambda lambda={r.leak.reads.typical} readsToLambda={c.exhaust.readsToLambda} />,
          },
          {
            head: 'Engine runs at, loop closed',
            right: true,
            cell: (r) => (
              <strong>
                <FigureText figure={fig(r.leak.real.typical, 'lambda')} />
              </strong>
            ),
          },
          { head: 'Loop', cell: (r) => (r.leak.atLimit ? 'at its limit' : 'follows') },
        ]}
      />
      <p className="mt-1 text-sm leading-snug text-soft">
        Between pulses the pipe pulls 0.1 to 3 kPa of vacuum for about half the time: rule of thumb. It matters at idle
        and vanishes under load. A pin-hole close to the sensor matters more than this if its jet hits the tip: no
        formula covers that. Upstream of a turbo under boost it blows outward and does not read; downstream of the
        sensor it reads at idle only, and fades to nothing within half a metre.
      </p>
    </section>
  )
}
