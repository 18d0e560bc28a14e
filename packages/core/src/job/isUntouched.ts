import type { JobDocument } from './jobDocument.ts'

/** Whether a section is as it was made: nothing entered. */
export const isUntouched = <S extends keyof JobDocument>(section: S, job: JobDocument, empty: JobDocument): boolean =>
  JSON.stringify(job[section]) === JSON.stringify(empty[section])
