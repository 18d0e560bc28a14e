import { describePath, howAt, valueAt, type JobDocument, type Known } from '@lochmoor/core'
import { QuantityField } from './QuantityField.tsx'
import { run, setAt } from '../store/commands.ts'
import { measuredAt } from '../store/records.ts'
import { PhotoAt } from '../records/PhotoAt.tsx'

interface Props {
  readonly job: JobDocument
  /** Dotted place in the document. */
  readonly path: string
  /** Shorter than its name, where the place on the screen says the rest. */
  readonly label?: string
  /** What the log book calls it, where the label alone would not say of what. */
  readonly of?: string
  readonly how?: string
  readonly assumed?: number | undefined
  readonly assumedWord?: string
  readonly decided?: boolean
  readonly emptyMeans?: number
}

/** A figure at its place in the document: shown, stored and entered in the log book from there. */
export const PathField = (props: Props) => {
  const { job, path, label = describePath(path, job).label, of, how, assumed, assumedWord, decided, emptyMeans } = props
  const name = of === undefined ? label : `${of}: ${label.toLowerCase()}`
  const told = how ?? howAt(path)
  return (
    <QuantityField
      label={label}
      path={path}
      value={valueAt(job, path) as Known}
      assumed={assumed}
      {...(assumedWord !== undefined && { assumedWord })}
      {...(emptyMeans !== undefined && { emptyMeans })}
      how={
        told && !decided ? (
          <>
            <p>{told}</p>
            <PhotoAt field={path} label={name} />
          </>
        ) : (
          told
        )
      }
      onChange={(si) => run(setAt(path, si, name.toLowerCase()))}
      onMeasured={decided ? undefined : measuredAt(path, name)}
    />
  )
}
