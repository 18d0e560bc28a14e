import type { JobDocument, SectionName } from './jobDocument.ts'

/** A change of a job, by section: what stands in it replaces what stands in the document. */
export type JobChange = { readonly [S in SectionName]?: Partial<JobDocument[S]> }

/** The job with a change in it; sections that are not named stay the same objects. */
export const withChange = (job: JobDocument, change: JobChange): JobDocument =>
  Object.entries(change).reduce<JobDocument>(
    (j, [section, part]) => ({ ...j, [section]: { ...j[section as SectionName], ...part } }),
    job,
  )
