import { figureOf, deadCylinder, fig, RAW_FUEL_SHARES, TARGET_LAMBDA, type JobDocument } from '@lochmoor/core'
import { FigureText } from '../../../fields/FigureText.tsx'
import { ShownLambda } from './ShownLambda.tsx'
import { DataTable } from '../../bench/DataTable.tsx'

const CASES = [
  ['Injector dead: air only', RAW_FUEL_SHARES.injector],
  ['Plug dead, little oxidised', RAW_FUEL_SHARES.plugLow],
  ['Plug dead, half oxidised', RAW_FUEL_SHARES.plugHigh],
] as const

/** One cylinder that does not burn, as the sensor sees it and as the loop answers. */
export const DeadCylinderPanel = ({ job, cylinders }: { job: JobDocument; cylinders: number }) => {
  const rows = CASES.flatMap(([name, rawShare]) => {
    const answer = deadCylinder({
      cylinders,
      rawShare,
      lambda: figureOf(job, 'exhaust.openLoopLambda'),
      target: TARGET_LAMBDA,
      correctionLimit: figureOf(job, 'exhaust.correctionLimit'),
    })
    return answer ? [{ name, rawShare, answer }] : []
  })
  return (
    <section aria-label="One dead cylinder" className="mb-4">
      <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">
        One dead cylinder of the {cylinders} that feed this sensor
      </h2>
      <DataTable
        name="A dead cylinder by its kind"
        rows={rows}
        keyOf={(r) => r.name}
        columns={[
          { head: 'Fault', cell: (r) => r.name },
          { head: 'Raw fuel oxidised', right: true, cell: (r) => <FigureText figure={fig(r.rawShare, 'share')} /> },
          {
            head: 'Sensor reads, loop open',
            right: true,
            cell: (r) => <ShownLambda lambda={r.answer.reads} readsToLambda={job.exhaust.readsToLambda} />,
          },
          {
            head: 'Others run at, loop closed',
            right: true,
            cell: (r) => (
              <strong>
                <FigureText figure={fig(r.answer.livingRun, 'lambda')} />
              </strong>
            ),
          },
          { head: 'Loop', cell: (r) => (r.answer.atLimit ? 'at its limit' : 'follows') },
        ]}
      />
      <p className="mt-1 text-sm leading-snug text-soft">
        The sensor sees oxygen, not fuel: a cylinder that does not fire reads lean however rich it is. Find the misfire
        before you touch the mixture.
      </p>
    </section>
  )
}
