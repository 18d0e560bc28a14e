import type { Catalogue, JobDocument } from '@lochmoor/core'

/** What every group of inputs is given. */
export interface InputsProps {
  readonly job: JobDocument
  readonly catalogue: Catalogue
}
