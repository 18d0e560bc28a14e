import { pinWords, readingWords, type JobDocument, type LoomProof, type ProofStep } from '@lochmoor/core'
import { StateShape } from '../../../marks/StateMark.tsx'
import { Button } from '../../../shell/Button.tsx'
import { run, setAt } from '../../../store/commands.ts'
import { useMayWrite } from '../../../store/sessionStore.ts'

interface Props {
  readonly job: JobDocument
  readonly proof: LoomProof
}

type Reading = ProofStep['readings'][number]

const probeWords = (proof: LoomProof, r: Reading): string =>
  r.probe.length === 1 ? pinWords(proof, r.probe[0]!) : `bar of all ${r.because === 'supply' ? 'supplies' : 'earths'}`

/** Readings clip by clip: one press where all are as they must be, else those that are not. */
export const ProofSteps = ({ job, proof }: Props) => {
  const mayWrite = useMayWrite()
  const { done, off } = job.harness.proof
  const enter = (step: ProofStep, wrong: readonly string[]) => {
    const own = new Set(step.readings.map((r) => r.id))
    run(
      setAt(
        'harness.proof',
        {
          ...job.harness.proof,
          done: [...done.filter((id) => id !== step.id), step.id],
          off: [...off.filter((id) => !own.has(id)), ...wrong],
        },
        'loom read',
      ),
    )
  }
  const undo = (step: ProofStep) => {
    const own = new Set(step.readings.map((r) => r.id))
    run(setAt('harness.proof', { ...job.harness.proof, done: done.filter((id) => id !== step.id), off: off.filter((id) => !own.has(id)) }, 'readings taken back')) // prettier-ignore
  }
  return (
    <ol>
      {proof.steps.map((step, n) => {
        const read = done.includes(step.id)
        const wrong = step.readings.filter((r) => off.includes(r.id)).map((r) => r.id)
        const group = step.readings[0]!.kind === 'group'
        const title = group ? `Group ${step.id.split(' ')[1]}` : `Clip on ${pinWords(proof, step.id)}`
        const part = (rings: boolean) => step.readings.filter((r) => r.rings === rings)
        return (
          <li key={step.id} className="border-b border-hair py-2">
            <div className="flex flex-wrap items-baseline gap-x-3">
              <span className="w-[7.6rem] shrink-0 whitespace-nowrap">
                <StateShape state={!read ? 'unknown' : wrong.length > 0 ? 'stop' : 'ok'} word={!read ? 'Not checked' : wrong.length > 0 ? 'Wrong' : 'Right'} />
              </span>
              <span className="min-w-0 flex-1 font-semibold">
                {n + 1}. {title}
              </span>
            </div>
            {group ? (
              <p className="leading-snug text-soft">{readingWords(proof, step.readings[0]!)}: silent.</p>
            ) : (
              ([true, false] as const).map((rings) =>
                part(rings).length === 0 ? null : (
                  <p key={String(rings)} className="leading-snug">
                    <span className="text-soft">{rings ? 'Rings at ' : 'Silent at '}</span>
                    {part(rings).map((r) => probeWords(proof, r)).join('; ')}
                  </p>
                ),
              )
            )}
            {mayWrite && (
              <div className="mt-1 flex flex-wrap items-center gap-1.5">
                {!(read && wrong.length === 0) && <Button label={`${title}: all right`} onClick={() => enter(step, [])}>All right</Button>}
                {(read && wrong.length === 0 ? [] : step.readings).map((r) => (
                  <label key={r.id} className="flex min-h-9 items-center gap-1.5 border border-soft/40 px-2">
                    <input
                      type="checkbox"
                      checked={wrong.includes(r.id)}
                      aria-label={`${title}: ${group ? 'rings' : `${probeWords(proof, r)} ${r.rings ? 'is silent' : 'rings'}`}`}
                      onChange={(e) => enter(step, e.target.checked ? [...wrong, r.id] : wrong.filter((id) => id !== r.id))}
                    />
                    {group ? 'it rings' : `${probeWords(proof, r)} ${r.rings ? 'silent' : 'rings'}`}
                  </label>
                ))}
                {read && <Button kind="quiet" label={`${title}: take back`} onClick={() => undo(step)}>Take back</Button>}
              </div>
            )}
          </li>
        )
      })}
    </ol>
  )
} // prettier-ignore
