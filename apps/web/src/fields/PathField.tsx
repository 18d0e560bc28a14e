import type { RangedField } from '@lochmoor/contract'
import { valueAt, type Family, type JobDocument, type Known } from '@lochmoor/core'
import { QuantityField } from './QuantityField.tsx'
import { measuredAt, run, setAt } from '../store/commands.ts'

interface Props {
  readonly job: JobDocument
  /** Dotted place in the document. */
  readonly path: string
  readonly range: RangedField
  readonly label: string
  readonly family: Family
  /** What the log book calls it, where the label alone would not say of what. */
  readonly of?: string
  readonly how?: string
  readonly assumed?: number | undefined
  readonly assumedWord?: string
  readonly decided?: boolean
  readonly whole?: boolean
  readonly emptyMeans?: number
}

/** A figure at a place of the document whose range goes by another name, as those of lists do. */
export const PathField = (props: Props) => {
  const { job, path, range, label, family, of, how, assumed, assumedWord, decided, whole, emptyMeans } = props
  const name = of === undefined ? label : `${of}: ${label.toLowerCase()}`
  return (
    <QuantityField
      label={label}
      family={family}
      range={range}
      value={valueAt(job, path) as Known}
      assumed={assumed}
      {...(assumedWord !== undefined && { assumedWord })}
      {...(whole !== undefined && { whole })}
      {...(emptyMeans !== undefined && { emptyMeans })}
      how={how}
      onChange={(si) => run(setAt(path, si, name.toLowerCase()))}
      onMeasured={decided ? undefined : measuredAt(path, name, family)}
    />
  )
}
