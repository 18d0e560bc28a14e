import { cautionsAt, type FuelCaution } from '@lochmoor/core'
import { Caution } from '../bench/Caution.tsx'

/** The cautions that belong to the work of a sheet. */
export const FuelCautions = ({ where }: { where: readonly FuelCaution['where'][] }) => (
  <>
    {cautionsAt(...where).map((c) => (
      <Caution key={c.where}>{c.says}</Caution>
    ))}
  </>
)
