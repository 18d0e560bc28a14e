import { counted } from '@lochmoor/core'
import { Button } from '../../../shell/Button.tsx'
import { WorkProgress } from '../../bench/background/WorkProgress.tsx'
import { useProof } from '../background/useLooms.ts'
import type { ShownLoom } from './shownLoom.ts'

const SECONDS = 60

const minutes = (x: number): string => `${x.toFixed(1)} min`

/** How near the loom is proven to be to the cheapest, and the exact run. */
export const ProofPanel = ({ loom }: { loom: ShownLoom }) => {
  const { state, start, cancel } = useProof()
  const { route, input } = loom
  const total = route.cost.total
  const bound = route.bound
  const gap = bound === null || bound <= 0 ? null : total / bound - 1
  const run = () => start({ input, minutes: total, feasible: route.feasible, seconds: SECONDS })
  const proof = state.kind === 'done' ? state.answer : null
  return (
    <section aria-label="How good it is" className="mt-4">
      <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">How good it is</h2>
      <p className="py-1 leading-snug">
        {loom.accepted
          ? 'The accepted loom as it stands; a proof looks for a cheaper one at the same place.'
          : gap === null
            ? route.feasible
              ? 'Nothing is proven yet.'
              : 'It breaks rules: only their number counts then.'
            : `With these splices and sizes no loom with the ECU there takes less than ${minutes(bound!)}: at most ${(100 * gap).toFixed(1)} % to gain.`}
      </p>
      {state.kind !== 'running' && <Button onClick={run}>Prove it, at most {SECONDS} s</Button>}
      <WorkProgress state={state} name="Proof" onCancel={cancel} />
      {proof && (
        <p role="status" className="mt-2 border border-ink bg-sheet p-2 leading-snug">
          {proof.found === null && proof.bound === null
            ? 'The run came to no answer in its time.'
            : proof.counts === 'rules'
              ? proof.proven
                ? `Proven: no loom can keep every rule; at least ${counted(proof.found ?? 0, 'rule')} must be broken.`
                : 'Not proven in its time how few rules must be broken.'
              : proof.proven
                ? total <= proof.found! * (1 + 1e-3)
                  ? `Proven: with these splices and sizes it is the cheapest loom, ${minutes(proof.found!)}.`
                  : `Proven: with these splices and sizes the cheapest takes ${minutes(proof.found!)}, ${(100 * (total / proof.found! - 1)).toFixed(1)} % less.`
                : `Not proven in its time: the cheapest takes between ${proof.bound === null ? 'an unknown figure' : minutes(proof.bound)} and ${minutes(Math.min(total, proof.found ?? total))}.`}
        </p>
      )}
    </section>
  )
}
