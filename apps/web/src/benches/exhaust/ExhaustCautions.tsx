import { exhaustCautionsAt, type ExhaustCaution } from '@lochmoor/core'
import { Caution } from '../bench/Caution.tsx'

/** The cautions that belong to the work of a sheet. */
export const ExhaustCautions = ({ where }: { where: readonly ExhaustCaution['where'][] }) => (
  <>
    {exhaustCautionsAt(...where).map((c) => (
      <Caution key={c.where}>{c.says}</Caution>
    ))}
  </>
)
