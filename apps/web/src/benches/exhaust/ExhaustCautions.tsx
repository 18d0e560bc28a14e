import { exhaustCautionsAt, type ExhaustCaution, type JobDocument } from '@lochmoor/core'
import { Caution } from '../bench/Caution.tsx'

/** The cautions that belong to the work of a sheet. */
export const ExhaustCautions = ({ job, where }: { job: JobDocument; where: readonly ExhaustCaution['where'][] }) => (
  <>
    {exhaustCautionsAt(job, ...where).map((c) => (
      <Caution key={c.where}>{c.says}</Caution>
    ))}
  </>
)
