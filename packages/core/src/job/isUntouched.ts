import { sameValue } from '../shape/index.ts'
import type { JobDocument } from './jobDocument.ts'

/** Whether a section is as it was made: nothing entered. */
export const isUntouched = <S extends keyof JobDocument>(section: S, job: JobDocument, empty: JobDocument): boolean =>
  sameValue(job[section], empty[section])
