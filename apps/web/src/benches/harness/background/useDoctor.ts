import type { Diagnosis, LoomProof } from '@lochmoor/core'
import { useEffect, useMemo } from 'react'
import { useWork, type WorkState } from '../../bench/background/useWork.ts'
import type { DoctorTask } from './doctorWork.ts'

const makeWorker = () => new Worker(new URL('./doctorWorker.ts', import.meta.url), { type: 'module' })

/** What is wrong by what was read: worked out beside the page as soon as a reading is wrong. */
export const useDoctor = (proof: LoomProof | null): WorkState<Diagnosis> => {
  const { state, start, cancel } = useWork<DoctorTask, Diagnosis>(makeWorker)
  const seed = useMemo(
    () => (proof === null || proof.off === 0 ? '' : JSON.stringify(proof.taken.map((t) => [t.reading.id, t.rang]))),
    [proof],
  )
  useEffect(() => {
    if (proof === null || seed === '') cancel()
    else start({ loom: proof.loom, taken: proof.taken })
    // The proof as the seed says it.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [seed])
  return state
}
