import { askedEntry, faultWords, readingWords, type Diagnosis, type JobDocument, type LoomProof } from '@lochmoor/core'
import type { WorkState } from '../../bench/background/useWork.ts'
import { Button } from '../../../shell/Button.tsx'
import { run, setAt } from '../../../store/commands.ts'
import { useMayWrite } from '../../../store/sessionStore.ts'

interface Props {
  readonly job: JobDocument
  readonly proof: LoomProof
  readonly state: WorkState<Diagnosis>
}

/** Fault sets that say the same in words are told once. */
const saidOnce = (proof: LoomProof, d: Diagnosis): string[] => [
  ...new Set(d.explanations.map((e) => e.map((f) => faultWords(proof, f)).join('; and '))),
]
const MOST_TOLD = 6

/** Which wire is wrong, by what was read; or the reading that decides it. */
export const Finding = ({ job, proof, state }: Props) => {
  const mayWrite = useMayWrite()
  if (proof.off === 0) return null
  const enter = (d: Diagnosis, rang: boolean) =>
    run(setAt('harness.proof.asked', [...job.harness.proof.asked, askedEntry(proof.loom, d.next!, rang)], 'reading that was asked for')) // prettier-ignore
  const d = state.kind === 'done' ? state.answer : null
  const told = d ? saidOnce(proof, d) : []
  return (
    <section aria-label="What is wrong" aria-live="polite" className="my-3 border-l-4 border-stop bg-sheet px-3 py-2 leading-snug">
      {state.kind === 'failed' ? (
        <p>The calculation failed: {state.message}</p>
      ) : d === null ? (
        <p>Looking which wire it is …</p>
      ) : d.state === 'beyond' ? (
        <>
          <h2 className="font-extrabold">More than two faults at once</h2>
          <p>Ring out by hand the wires at the readings that are wrong, mend them one by one, and read those clip positions again.</p>
        </>
      ) : d.state === 'ask' ? (
        <>
          <h2 className="font-extrabold">One more reading narrows it down</h2>
          <p className="py-1 font-semibold">{readingWords(proof, d.next!)}.</p>
          {mayWrite && (
            <div className="flex gap-2 py-1">
              <Button kind="main" onClick={() => enter(d, true)}>It rings</Button>
              <Button kind="main" onClick={() => enter(d, false)}>It is silent</Button>
            </div>
          )}
        </>
      ) : (
        <>
          <h2 className="font-extrabold">{told.length > 1 ? 'Found; a meter cannot tell these apart:' : 'Found'}</h2>
          <ul className={told.length > 1 ? 'list-disc pl-5' : ''}>
            {told.slice(0, MOST_TOLD).map((says) => (
              <li key={says}>{says.charAt(0).toUpperCase() + says.slice(1)}.</li>
            ))}
          </ul>
          {told.length > MOST_TOLD && <p>And {told.length - MOST_TOLD} more that read alike.</p>}
          <p className="text-soft">Mend it, and read those clip positions again: another fault can hide behind it.</p>
        </>
      )}
    </section>
  )
} // prettier-ignore
