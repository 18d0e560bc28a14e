import type { RangedField } from '@lochmoor/contract'
import { valueAt, type Family, type JobDocument, type Known } from '@lochmoor/core'
import { QuantityField } from '../../../fields/QuantityField.tsx'
import { measuredAt, run, setAt } from '../../../store/commands.ts'

interface Props {
  readonly job: JobDocument
  readonly assumed: (field: string) => number | undefined
  /** Its place in the document is the name of its range too. */
  readonly field: RangedField
  readonly label: string
  readonly family: Family
  readonly how?: string
  /** What is assumed where nothing is entered, in a word; "assumed" if not said. */
  readonly assumedWord?: string
  /** Decided, not measured: it does not go into the log book. */
  readonly decided?: boolean
}

/** A figure at its place in the document. */
export const FigureField = ({ job, assumed, field, label, family, how, assumedWord, decided = false }: Props) => (
  <QuantityField
    label={label}
    family={family}
    range={field}
    value={valueAt(job, field) as Known}
    assumed={assumed(field)}
    {...(assumedWord !== undefined && { assumedWord })}
    how={how}
    onChange={(si) => run(setAt(field, si, label.toLowerCase()))}
    onMeasured={decided ? undefined : measuredAt(field, label, family)}
  />
)
