import type { Catalogue, JobDocument } from '@lochmoor/core'

/**
 * What is computed of the open job, once for each version of document and catalogue: whoever asks for it in the same
 * version gets the same answer.
 */
export const oncePerVersion = <Answer>(compute: (job: JobDocument, catalogue: Catalogue) => Answer) => {
  let last: { readonly job: JobDocument; readonly catalogue: Catalogue; readonly answer: Answer } | null = null
  return (job: JobDocument, catalogue: Catalogue): Answer => {
    if (last?.job !== job || last.catalogue !== catalogue) last = { job, catalogue, answer: compute(job, catalogue) }
    return last.answer
  }
}
