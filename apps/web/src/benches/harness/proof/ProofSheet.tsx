import { barsOf, faultWords, partsOfHarness, proofOfLoom, unprovedOf } from '@lochmoor/core'
import { useMemo } from 'react'
import { Button } from '../../../shell/Button.tsx'
import { run, setAt } from '../../../store/commands.ts'
import { enterRecord } from '../../../store/records.ts'
import { BuiltSwitch } from '../../bench/BuiltSwitch.tsx'
import { Columns } from '../../bench/Columns.tsx'
import { Group } from '../../bench/Group.tsx'
import { PaperLinks } from '../../bench/PaperLinks.tsx'
import { PartsTable } from '../../bench/PartsTable.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import { useDoctor } from '../background/useDoctor.ts'
import { LoomNow } from '../LoomNow.tsx'
import type { HarnessSheetProps } from '../sheetProps.ts'
import { Finding } from './Finding.tsx'
import { ProofSteps } from './ProofSteps.tsx'

const MOST_SAID = 180

/** The readings that prove the loom, what is wrong by them, and what to order. */
export const ProofSheet = ({ job, assessment }: HarnessSheetProps) => {
  const { c } = assessment
  const proof = useMemo(() => proofOfLoom(c), [c])
  const lines = useMemo(() => partsOfHarness(c), [c])
  const state = useDoctor(proof)
  const begun = proof !== null && proof.done > 0
  const record = () => {
    if (!proof) return
    const found = state.kind === 'done' && state.answer.state === 'found' ? state.answer.explanations[0]! : []
    const says = [
      `${proof.off === 0 ? 'passed' : 'failed'}: ${proof.done} of ${proof.steps.length} clip positions read, ${proof.off} readings wrong`,
      ...found.map((f) => faultWords(proof, f)),
    ].join('; ')
    enterRecord({
      kind: 'measurement',
      quantity: 'Loom proof',
      si: null,
      family: null,
      text: says.slice(0, MOST_SAID),
      field: null,
      place: '',
      condition: 'on the bench, every plug free',
      instrument: '',
    })
  }
  return (
    <Columns
      names={['Proof', 'Readings and parts', 'Assessment']}
      measured={
        proof ? (
          <>
            <Group title="Proof of the loom">
              <p className="py-1 text-2xl font-extrabold tabular-nums">
                {proof.done} of {proof.steps.length}
              </p>
              <p className="leading-snug">
                clip positions read, {proof.off === 0 ? 'all right so far' : `${proof.off} readings wrong`}. {proof.plan.readings.length} readings in all, about {Math.ceil(proof.plan.minutes)} minutes: rule of thumb. The clip moves {proof.plan.clips} times, once for each net: no fewer would do.
              </p>
              {proof.stale > 0 && (
                <p className="my-1 border-l-4 border-caution pl-2 leading-snug">
                  {proof.stale} entries belong to the loom as it was before it changed, and do not count.
                </p>
              )}
              <div className="flex flex-wrap gap-2 py-1">
                <Button kind="main" onClick={record} disabled={!begun}>Record in the job log</Button>
                <Button onClick={() => run(setAt('harness.proof', { done: [], off: [], asked: [] }, 'loom to be read again'))} disabled={job.harness.proof.done.length + job.harness.proof.asked.length === 0}>
                  Read it again
                </Button>
              </div>
            </Group>
            <Group title="What stays unproved">
              <ul className="list-disc pl-5 leading-snug">
                {unprovedOf(proof).map((says) => (
                  <li key={says}>{says}</li>
                ))}
              </ul>
            </Group>
          </>
        ) : (
          <p className="py-2 text-soft">Readings stand here once a loom is accepted.</p>
        )
      }
      picture={
        <>
          <LoomNow c={c} what="The list of readings" />
          {proof && (
            <>
              <PaperLinks
                papers={[
                  { file: 'loom/tests.pdf?paper=a4', words: 'Test sheet, A4' },
                  { file: 'loom/tests.pdf?paper=letter', words: 'Test sheet, Letter' },
                  { file: 'harness/sheet.pdf?paper=a4', words: 'Working sheet, A4' },
                  { file: 'harness/parts.csv', words: 'Parts as CSV' },
                ]}
              />
              <Finding job={job} proof={proof} state={state} />
              <section aria-label="Readings">
                <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Readings: on the bench, every plug free</h2>
                {barsOf(proof).map((bar) => (
                  <p key={bar.name} className="py-0.5 leading-snug text-soft">
                    Bar of {bar.name}, tied together first: {bar.pins}.
                  </p>
                ))}
                <ProofSteps job={job} proof={proof} />
              </section>
              <section aria-label="Parts" className="mt-5">
                <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Parts</h2>
                <PartsTable lines={lines} nothing="Nothing to order yet." />
              </section>
            </>
          )}
        </>
      }
      judgement={
        <SheetJudgement sheet="proof">
          <BuiltSwitch station="harness" />
        </SheetJudgement>
      }
    />
  )
} // prettier-ignore
