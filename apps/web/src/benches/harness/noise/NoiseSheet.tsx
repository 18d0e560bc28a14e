import { CLASS_WORDS, fig, type Exposed } from '@lochmoor/core'
import { FigureText } from '../../../fields/FigureText.tsx'
import { PathChoice } from '../../../fields/PathChoice.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { Columns } from '../../bench/Columns.tsx'
import { DataTable } from '../../bench/DataTable.tsx'
import { Group } from '../../bench/Group.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import { StateShape } from '../../../marks/StateMark.tsx'
import { PlanDrawing } from '../drawing/PlanDrawing.tsx'
import { LoomNow } from '../LoomNow.tsx'
import type { HarnessSheetProps } from '../sheetProps.ts'
import { RunFields } from './RunFields.tsx'

/** What each clean wire picks up, worst first, with where it does; shields, HT leads, pick-up. */
export const NoiseSheet = ({ job, assessment, wire, setWire }: HarnessSheetProps) => {
  const { accepted, circuits, plan } = assessment.c
  const exposed = accepted?.exposed ?? []
  const shown = exposed.find((x) => x.circuit.id === wire) ?? exposed[0] ?? null
  const nameOf = (id: string | null) =>
    id === null ? 'measured run' : (plan.corridors.find((c) => c.id === id)?.name ?? id)
  const from = (x: Exposed['worst']) =>
    x === null ? '–' : x.from === null ? 'what is beside the corridor' : CLASS_WORDS[x.from]
  const way = new Set(accepted?.route.routes.find((r) => r.id === shown?.circuit.id)?.corridors?.map((id) => id.split('/')[0]!) ?? []) // prettier-ignore
  return (
    <Columns
      names={['Measured', 'Noise', 'Assessment']}
      measured={
        <>
          <Group title="Sources and shields">
            <PathChoice job={job} path="walkAround.ignition.suppressedLeads" label="HT leads suppressed" />
            <PathChoice job={job} path="harness.noise.shieldEarth" label="Shields earthed" />
            <PathChoice job={job} path="harness.design.separation" label="Practice for noise" />
          </Group>
          {circuits.list.some((c) => c.kind === 'pick-up') && (
            <Group title="Pick-up">
              <PathField job={job} path="harness.noise.pickUpCrankV" label="Signal while cranking" of="Pick-up" />
              <PathField job={job} path="harness.noise.pickUpNeedsV" label="Smallest that triggers" of="ECU" decided />
              <PathChoice job={job} path="harness.noise.pickUpPolarity" label="Polarity" />
            </Group>
          )}
          <RunFields job={job} circuits={circuits} />
        </>
      }
      picture={
        <>
          <LoomNow c={assessment.c} what="What each wire picks up" />
          {accepted && shown && (
            <>
              <h2 className="mb-1 font-extrabold">
                {shown.circuit.name}: most from {from(shown.worst)}
                {shown.worst && `, ${nameOf(shown.worst.corridor).toLowerCase()}`}
              </h2>
              <PlanDrawing plan={plan} name={`Way of ${shown.circuit.name}, its noisiest section marked`} route={accepted.route} way={way} loud={shown.worst?.corridor ?? null} ecuAt={accepted.input.unit?.candidates.find((x) => x.id === accepted.route.place)?.place ?? null} />
              <p className="mt-1 text-sm leading-snug text-soft">
                Wide band: the wire’s way. Double line: the section that adds most.
              </p>
              <section aria-label="Exposure of each wire" className="mt-4">
                <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Exposure of each wire, worst first</h2>
                <DataTable
                  name="Exposure against budget"
                  rows={exposed}
                  keyOf={(x) => x.circuit.id}
                  onRow={(x) => setWire(x.circuit.id)}
                  marked={(x) => x === shown}
                  columns={[
                    { head: 'Wire', wide: true, cell: (x) => <button type="button" className="text-left underline" onClick={() => setWire(x.circuit.id)}>{x.circuit.name}</button> },
                    { head: 'Exposure', right: true, cell: (x) => <FigureText figure={fig(x.total, 'count', 2)} /> },
                    { head: 'Budget', right: true, cell: (x) => <FigureText figure={fig(x.budget, 'count', 0)} /> },
                    { head: 'State', cell: (x) => <StateShape state={x.total > x.budget ? 'stop' : 'ok'} word={x.total > x.budget ? 'Over' : 'Within'} /> },
                    { head: 'Most from', cell: (x) => from(x.worst) },
                    { head: 'Where', cell: (x) => (x.worst === null ? '–' : nameOf(x.worst.corridor)) },
                  ]}
                />
              </section>
              <section aria-label="What adds up" className="mt-4">
                <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">What adds up: {shown.circuit.name}</h2>
                {shown.shares.length === 0 ? (
                  <p className="py-1">Nothing noisy lies along its way.</p>
                ) : (
                  <DataTable
                    name="Shares of the exposure"
                    rows={shown.shares}
                    keyOf={(x) => `${x.from} ${x.corridor}`}
                    columns={[
                      { head: 'From', cell: (x) => from(x) },
                      { head: 'Where', wide: true, cell: (x) => nameOf(x.corridor) },
                      { head: 'Exposure', right: true, cell: (x) => <FigureText figure={fig(x.amount, 'count', 2)} /> },
                      { head: 'Share', right: true, cell: (x) => <FigureText figure={fig(x.amount / shown.total, 'share')} /> },
                    ]}
                  />
                )}
              </section>
              <p className="py-2 text-sm leading-snug text-soft">
                Strength of the class, length over spacing, a tenth where twisted and shielded. Strengths and budgets are
                rules of thumb; crossing at right angles adds nothing.
              </p>
            </>
          )}
        </>
      }
      judgement={<SheetJudgement sheet="noise" />}
    />
  )
} // prettier-ignore
