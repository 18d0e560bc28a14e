import type { Family } from '../quantity/index.ts'
import type { Known } from '../quantity/index.ts'
import type { JobDocument } from './jobDocument.ts'

/** How a figure is read from a job and what is taken in its place. */
export interface Default {
  readonly label: string
  readonly family: Family
  readonly why: string
  read(job: JobDocument): Known
  assume(job: JobDocument): number
  /** Whether it is asked for with this design; always, where it is left out. */
  matters?(job: JobDocument): boolean
}
